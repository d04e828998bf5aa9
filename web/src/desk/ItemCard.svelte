<!-- An item with the strip of what each mistake would answer at it. -->
<script lang="ts">
  import type { Instrument, Schema } from '../api/client'
  import ItemPicture from './ItemPicture.svelte'
  import { eitherOf, listed, t } from '../said/said.svelte'

  interface Props {
    generated: Schema['GeneratedItem']
    number: number
    kinds: Schema['KindReply'][]
    instruments: Instrument[]
  }
  let { generated, number, kinds, instruments }: Props = $props()
  const showing = $derived(generated.predictions.filter((entry) => entry.shows))
  /** Answers that are sentences stand in quotation marks beside others. */
  const written = (answers: Schema['PredictedAnswer'][]): string =>
    eitherOf(
      answers.map(({ text: { text } }) => (text.endsWith('.') ? t('desk.item.quoted', { own: text }) : text)),
    )
  const hidden = $derived(generated.predictions.length - showing.length)
</script>

<article>
  <ItemPicture view={generated.view} {instruments} />
  <div>
    <h3>
      {t('desk.item.title', {
        place: number,
        name: kinds.find((k) => k.key === generated.item.kind)?.title.text ?? '',
      })}
      <strong>{generated.answer.text}</strong>
    </h3>
    <p class="quiet">{generated.view.prompt.text}</p>
    <ul aria-label={t('desk.item.would')}>
      {#each showing as entry (entry.mistake)}
        <li><b>{written(entry.answers)}</b> {entry.name.text}</li>
      {/each}
    </ul>
    {#if generated.seen.length > 0}
      <details>
        <summary>{t('desk.item.seen', { count: generated.seen.length })}</summary>
        <p class="quiet small">{listed(generated.seen.map(({ name }) => name.text))}</p>
      </details>
    {/if}
    {#if hidden > 0}
      <p class="quiet small">{t('desk.item.hidden', { count: hidden })}</p>
    {/if}
  </div>
</article>

<style>
  article {
    display: grid;
    grid-template-columns: 168px 1fr;
    gap: 16px;
    padding: 16px;
    background: #fff;
  }
  h3 {
    font-size: var(--type-3);
  }
  p {
    margin: 2px 0 8px;
    font-size: var(--type-2);
  }
  .small {
    margin: 8px 0 0;
    font-size: var(--type-1);
  }
  ul {
    display: flex;
    flex-wrap: wrap;
    gap: 4px 8px;
    margin: 0;
    padding: 0;
    list-style: none;
  }
  li {
    padding: 2px 8px;
    background: #f4efe0;
    font-size: var(--type-1);
  }
  summary {
    min-height: 44px;
    font-size: var(--type-1);
    line-height: 44px;
    cursor: pointer;
  }
  b {
    font-weight: 600;
    font-variant-numeric: tabular-nums;
  }
  @media (max-width: 500px) {
    article {
      grid-template-columns: minmax(0, 1fr);
      padding: 12px;
    }
  }
</style>
