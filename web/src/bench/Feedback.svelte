<!-- What the student is told about a marked answer, and what can be done next. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import { onMount } from 'svelte'
  import type { Sent } from './keeping/outbox.svelte'
  import { sounds } from './sounds.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    marked: Sent
    onagain: () => void
    onnext: (() => void) | null
    nextIs: string
    /** A demonstration of what happened, and another item like it; left out where there is none. */
    onshow?: (() => void) | undefined
    ontwin?: (() => void) | undefined
    /** Whether it has just come: then it is brought into view and read out. */
    arrives: boolean
  }
  let { marked, onagain, onnext, nextIs, onshow, ontwin, arrives }: Props = $props()

  let told: HTMLDivElement | undefined = $state()
  onMount(() => {
    if (!arrives) return
    sounds.play(verdict === 'accepted' ? 'right' : 'notYet')
    told?.focus({ preventScroll: true })
    told?.scrollIntoView({ block: 'nearest' })
  })

  const verdict = $derived(marked.mark.verdict)
  const feedback = $derived(marked.mark.feedback)
  const again = $derived(verdict !== 'accepted' && marked.triesLeft > 0)
</script>

<div class="feedback {verdict}" role="status" tabindex="-1" bind:this={told} data-testid="feedback">
  <p class="verdict">
    <span aria-hidden="true">{verdict === 'accepted' ? '✓' : verdict === 'near' ? '≈' : '↻'}</span>
    {t('bench.verdict', { verdict })}
  </p>
  {#if feedback.praise}<p class="praise">{feedback.praise.text}</p>{/if}
  {#if feedback.happened}<p class="happened">{feedback.happened.text}</p>{/if}
  {#if feedback.next}<p class="next">{feedback.next.text}</p>{/if}
</div>
<div class="doing">
  <!-- The usual next step comes first and stands out. -->
  {#if again}
    <Button on:click={onagain}>{t('bench.try-again')}</Button>
  {:else if onnext}
    <Button on:click={onnext}>{nextIs}</Button>
  {/if}
  {#if onshow && verdict !== 'accepted'}
    <Button kind="tertiary" on:click={onshow}>{t('bench.show-me')}</Button>
  {/if}
  {#if ontwin}
    <Button kind="tertiary" on:click={ontwin}>{t('bench.another')}</Button>
  {/if}
  {#if again && onnext}
    <Button kind="tertiary" on:click={onnext}>{nextIs}</Button>
  {/if}
</div>
<p class="quiet small">
  {#if again}
    {t('bench.tries-left', { count: marked.triesLeft })}
  {/if}
  {marked.id ? t('bench.saved') : t('bench.not-kept')}
</p>

<style>
  .feedback {
    outline: none;
    border-left: 4px solid var(--marking);
    padding-left: 16px;
  }
  .feedback.accepted {
    border-color: var(--start-arm);
  }
  .feedback.near {
    border-color: var(--brass-light);
  }
  p {
    margin: 0 0 8px;
  }
  .verdict {
    font: 600 var(--type-2) var(--sans);
  }
  .praise,
  .happened {
    font: 400 var(--type-4)/1.4 var(--serif);
  }
  .next {
    font: 400 var(--type-2)/1.5 var(--sans);
  }
  .doing {
    display: flex;
    flex-direction: column;
    gap: 8px;
  }
  .doing :global(.bx--btn) {
    width: 100%;
    max-width: none;
  }
  .small {
    font-size: var(--type-1);
  }
</style>
