<!-- A short demonstration on the student's own sheet, stepped through at one's own pace. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import type { Instrument, Script } from '../api/client'
  import { Stage } from '../sheet/stage.svelte'
  import { pressOf } from '../sheet/player'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    script: Script
    instruments: Instrument[]
    onclose: () => void
  }
  let { script, instruments, onclose }: Props = $props()

  const stage = new Stage()
  // svelte-ignore state_referenced_locally
  stage.play(script)
  const asking = $derived(stage.beat?.asking === true)
  const said = $derived(asking ? (stage.step?.question?.text.text ?? '') : (stage.step?.caption.text ?? ''))
  const last = $derived(stage.at === stage.beats.length - 1)
  let dialog: HTMLDialogElement | undefined = $state()
  onMount(() => dialog?.showModal())

  function key(event: KeyboardEvent): void {
    const wish = pressOf(event)
    if (!wish || (event.code === 'Space' && (event.target as Element).closest('button'))) return
    event.preventDefault()
    stage.press(wish)
  }
</script>

<!-- The browser's own: it keeps the focus, closes by Escape, and gives the focus back. -->
<dialog
  class="show"
  aria-label={t('bench.show.title', { name: script.title.text })}
  bind:this={dialog}
  onkeydown={key}
  {onclose}
>
  <div class="sheet">
    <Sheet label={t('bench.show.sheet')} {...script.window}>
      <SheetScene scene={stage.scene} {instruments} beat={stage.at} />
    </Sheet>
  </div>
  <div class="band">
    <p aria-live="polite" data-testid="shown">{said}</p>
    <div class="buttons">
      <Button kind="tertiary" disabled={stage.at === 0} on:click={() => stage.press('back')}
        >{t('shared.back')}</Button
      >
      {#if last}
        <Button on:click={() => dialog?.close()}>{t('shared.close')}</Button>
      {:else}
        <Button on:click={() => stage.press('next')}>{t('shared.next')}</Button>
        <Button kind="ghost" on:click={() => dialog?.close()}>{t('shared.close')}</Button>
      {/if}
    </div>
  </div>
</dialog>

<style>
  .show {
    display: flex;
    width: 100vw;
    max-width: none;
    height: 100dvh;
    max-height: none;
    padding: 0;
    border: 0;
    flex-direction: column;
    background: var(--paper);
    color: var(--ink);
    outline: none;
  }
  .sheet {
    flex: 1;
    min-height: 0;
  }
  .band {
    display: flex;
    align-items: center;
    gap: 24px;
    min-height: 120px;
    padding: 12px 32px;
    background: #fff;
    border-top: 1px solid var(--ink);
  }
  p {
    flex: 1;
    margin: 0;
    font: 400 var(--type-5)/1.35 var(--serif);
  }
  .buttons {
    display: flex;
    gap: 8px;
  }
  @media (max-width: 900px) {
    .band {
      flex-direction: column;
      align-items: stretch;
      padding: 12px;
    }
    p {
      font-size: var(--type-4);
    }
  }
</style>
