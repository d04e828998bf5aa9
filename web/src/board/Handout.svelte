<!-- The steps of a demonstration on paper: one small picture a step, and the finished sheet true to size. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Instrument, Script } from '../api/client'
  import { sceneOf } from '../sheet/scene'
  import Sheet from '../sheet/Sheet.svelte'
  import SheetScene from '../sheet/SheetScene.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    script: Script
    instruments: Instrument[]
    onclose: () => void
  }
  let { script, instruments, onclose }: Props = $props()

  const last = $derived(script.steps.at(-1)!)
  /** What a sheet of A4 leaves between margins of 12 mm, in mm. */
  const paper = { width: 186, height: 250 }
  /** 1 where the sheet fits as it is; else the whole number by which it is made smaller. */
  const smaller = $derived(
    Math.ceil(Math.max(1, script.window.width / paper.width, script.window.height / paper.height)),
  )
</script>

<section class="handout" aria-label={t('board.handout.title')}>
  <div class="tools">
    <Button size="small" on:click={() => window.print()}>{t('board.handout.print')}</Button>
    <Button size="small" kind="secondary" on:click={onclose}>{t('board.handout.back')}</Button>
    <p>
      {t('board.handout.hint', { scaleOf: smaller })}
    </p>
  </div>
  <h1>{script.title.text}</h1>
  <ol>
    {#each script.steps as step (step.key)}
      <li>
        <div class="picture">
          <Sheet label={t('board.handout.step', { name: step.label.text })} {...script.window}>
            <SheetScene scene={sceneOf(step.state)} {instruments} />
          </Sheet>
        </div>
        <div>
          <h2>{step.label.text}</h2>
          <p>{step.caption.text}</p>
          {#if step.ownLine}<p class="own">{step.ownLine}</p>{/if}
        </div>
      </li>
    {/each}
  </ol>
  <div class="finished">
    <h2>{t('board.handout.size', { scaleOf: smaller })}</h2>
    <div
      class="true"
      style:width="{script.window.width / smaller}mm"
      style:height="{script.window.height / smaller}mm"
    >
      <Sheet label={t('board.handout.finished', { scaleOf: smaller })} {...script.window}>
        <SheetScene scene={sceneOf(last.state)} {instruments} />
      </Sheet>
    </div>
    <p class="check">{t('board.handout.check')} <span class="measure"></span></p>
  </div>
</section>

<style>
  .handout {
    position: fixed;
    inset: 0;
    z-index: 10;
    overflow: auto;
    padding: 24px 40px;
    background: #fff;
  }
  .tools {
    display: flex;
    align-items: center;
    gap: 8px;
    margin-bottom: 16px;
  }
  h1 {
    font-size: var(--type-6);
    margin-bottom: 12px;
  }
  h2 {
    font-size: var(--type-3);
  }
  ol {
    list-style: none;
    margin: 0 0 20px;
    padding: 0;
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 16px 24px;
  }
  li {
    display: grid;
    grid-template-columns: 190px 1fr;
    gap: 12px;
    break-inside: avoid;
  }
  .picture {
    height: 124px;
    border: 1px solid #d8dde2;
  }
  p {
    margin: 2px 0;
    font-size: var(--type-1);
    line-height: 1.35;
  }
  .own {
    font-style: italic;
  }
  .finished {
    break-inside: avoid;
  }
  .check {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  .measure {
    width: 100mm;
    border-top: 1px solid #000;
  }
  @page {
    margin: 12mm;
  }
  @media print {
    .handout {
      position: static;
      padding: 0;
    }
    .tools {
      display: none;
    }
  }
</style>
