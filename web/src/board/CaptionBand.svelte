<!-- What is said, in letters that can be read from ten metres; a question comes before its answer. -->
<script lang="ts">
  import ChevronLeft from 'carbon-icons-svelte/lib/ChevronLeft.svelte'
  import ChevronRight from 'carbon-icons-svelte/lib/ChevronRight.svelte'
  import type { Schema } from '../api/client'
  import { mostHands } from './order'
  import { t } from '../said/said.svelte'

  interface Props {
    caption: string
    /** The teacher's own line at this step. */
    ownLine: string | null
    question: Schema['Question'] | null
    asking: boolean
    first: boolean
    last: boolean
    /** What comes before the first step and after the last, in the lesson's order. */
    before: string | undefined
    after: string | undefined
    /** Show of hands for each choice. */
    counts: (number | null)[]
    oncount: (choice: number, count: number | null) => void
    onnext: () => void
    onback: () => void
  }
  let {
    caption,
    ownLine,
    question,
    asking,
    first,
    last,
    before,
    after,
    counts,
    oncount,
    onnext,
    onback,
  }: Props = $props()

  const hands = (text: string): number | null => {
    const count = Math.round(Number(text))
    return text.trim() === '' || !(count >= 0) ? null : Math.min(count, mostHands)
  }
</script>

<section class="band" aria-label={t('board.caption')}>
  <button
    type="button"
    class="step"
    aria-label={before ? t('board.back-to', { name: before }) : t('shared.back')}
    title={before}
    disabled={first}
    onclick={onback}><ChevronLeft size={32} /></button
  >
  <div class="words" aria-live="polite" data-testid="caption">
    {#if asking && question}
      <p class="ask">{t('board.ask-first')}</p>
      <p class="said">{question.text.text}</p>
      {#if question.choices.length > 0}
        <ul>
          {#each question.choices as { text: choice }, i (choice)}
            <li>
              <label>
                {choice}
                <input
                  type="number"
                  inputmode="numeric"
                  min="0"
                  max={mostHands}
                  aria-label={t('board.hands', { name: choice })}
                  value={counts[i] ?? ''}
                  oninput={(event) => oncount(i, hands(event.currentTarget.value))}
                  onkeydown={(event) => event.code.endsWith('Enter') && event.currentTarget.blur()}
                />
              </label>
            </li>
          {/each}
        </ul>
      {/if}
    {:else}
      <p class="said">{caption}</p>
      {#if ownLine}<p class="own">{ownLine}</p>{/if}
      {#if question && question.choices.length > 0}
        <ul>
          {#each question.choices as { text: choice }, i (choice)}
            <li class:right={i === question.answer}>
              {choice}{#if counts[i] != null}&nbsp;<span class="tally">{counts[i]}</span
                >{/if}{#if i === question.answer}<span class="visually-hidden">{t('board.the-answer')}</span
                >{/if}
            </li>
          {/each}
        </ul>
      {/if}
    {/if}
  </div>
  <button
    type="button"
    class="step"
    aria-label={after ? t('board.on-to', { name: after }) : t('shared.next')}
    title={after}
    disabled={last}
    onclick={onnext}><ChevronRight size={32} /></button
  >
</section>

<style>
  .band {
    display: flex;
    align-items: stretch;
    min-height: min(9.25rem, 24vh);
    max-height: 60vh;
    background: var(--panel);
    border-top: 1px solid var(--ink);
  }
  .words {
    flex: 1;
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 0.5rem;
    padding: 0.5rem 0.5rem;
    min-width: 0;
    overflow-y: auto;
  }
  .said {
    margin: 0;
    font: 400 clamp(var(--type-3), min(2.3vw, 4.4vh), 6rem) / 1.25 var(--serif);
    max-width: 46em;
  }
  .own {
    margin: 0;
    font: italic 400 clamp(var(--type-2), min(1.7vw, 3.2vh), 4.5rem) var(--serif);
    color: var(--brass-text);
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
  }
  input {
    width: 3.75rem;
    height: 2.75rem;
    padding: 0 0.5rem;
    border: 1px solid var(--ink-faint);
    background: none;
    color: inherit;
    font: 600 var(--type-4) var(--sans);
    text-align: center;
  }
  .tally {
    font-weight: 600;
    color: var(--ink);
  }
  .ask {
    margin: 0;
    font: 600 var(--type-2) var(--sans);
    color: var(--brass-text);
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 1.25rem;
    margin: 0;
    padding: 0;
    list-style: none;
    font: 400 clamp(var(--type-2), min(1.6vw, 3vh), 4.25rem) var(--sans);
  }
  li {
    border-bottom: 2px solid var(--ink-faint);
    padding: 0 0.25rem 1px;
    color: var(--ink-soft);
  }
  li.right {
    border-bottom: 0.25rem solid var(--brass-light);
    color: var(--ink);
    font-weight: 600;
  }
  .step {
    flex: none;
    width: clamp(2.75rem, 6vw, 6rem);
    border: 0;
    background: none;
    color: var(--ink);
    cursor: pointer;
  }
  .step:hover:not(:disabled) {
    background: rgb(138 148 163 / 18%);
  }
  .step:disabled {
    color: var(--ink-faint);
    cursor: default;
  }
</style>
