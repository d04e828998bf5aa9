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
    /** Show of hands for each choice. */
    counts: (number | null)[]
    oncount: (choice: number, count: number | null) => void
    onnext: () => void
    onback: () => void
  }
  let { caption, ownLine, question, asking, first, last, counts, oncount, onnext, onback }: Props = $props()

  const hands = (text: string): number | null => {
    const count = Math.round(Number(text))
    return text.trim() === '' || !(count >= 0) ? null : Math.min(count, mostHands)
  }
</script>

<section class="band" aria-label={t('board.caption')}>
  <button type="button" class="step" aria-label={t('shared.back')} disabled={first} onclick={onback}
    ><ChevronLeft size={32} /></button
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
  <button type="button" class="step" aria-label={t('shared.next')} disabled={last} onclick={onnext}
    ><ChevronRight size={32} /></button
  >
</section>

<style>
  .band {
    display: flex;
    align-items: stretch;
    min-height: 148px;
    background: var(--panel, #fff);
    border-top: 1px solid var(--ink);
  }
  .words {
    flex: 1;
    display: flex;
    flex-direction: column;
    justify-content: center;
    gap: 6px;
    padding: 12px 16px;
  }
  .said {
    margin: 0;
    font: 400 clamp(28px, 2.3vw, 64px) / 1.25 var(--serif);
    max-width: 46em;
  }
  .own {
    margin: 0;
    font: italic 400 clamp(20px, 1.7vw, 44px) var(--serif);
    color: var(--brass);
  }
  label {
    display: flex;
    align-items: center;
    gap: 8px;
  }
  input {
    width: 60px;
    height: 44px;
    padding: 0 6px;
    border: 1px solid var(--ink-faint);
    background: none;
    color: inherit;
    font: 600 20px var(--sans);
    text-align: center;
  }
  .tally {
    font-weight: 600;
    color: var(--ink);
  }
  .ask {
    margin: 0;
    font: 600 16px var(--sans);
    color: var(--brass);
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 20px;
    margin: 0;
    padding: 0;
    list-style: none;
    font: 400 clamp(20px, 1.6vw, 40px) var(--sans);
  }
  li {
    border-bottom: 2px solid var(--ink-faint);
    padding: 0 4px 1px;
    color: var(--ink-soft);
  }
  li.right {
    border-bottom: 4px solid var(--brass-light);
    color: var(--ink);
    font-weight: 600;
  }
  .step {
    width: 76px;
    border: 0;
    background: none;
    color: var(--ink);
    cursor: pointer;
  }
  .step:hover:not(:disabled) {
    background: rgb(138 148 163 / 18%);
  }
  .step:disabled {
    color: #b8bfc8;
    cursor: default;
  }
</style>
