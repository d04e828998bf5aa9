<!-- Cards that sign students in: shown once, to be printed, cut out and handed out. -->
<script lang="ts">
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'
  import Printable from './Printable.svelte'

  let { cards, className }: { cards: Schema['CardReply'][]; className: string } = $props()
</script>

<Printable title={t('desk.cards.title')} hint={t('desk.cards.hint')} print={t('desk.cards.print')}>
  <ul class="slips">
    {#each cards as card (card.studentId)}
      <li>
        <svg
          viewBox="0 0 {card.size} {card.size}"
          role="img"
          aria-label={t('desk.cards.code', { name: card.givenName })}
          shape-rendering="crispEdges"><path d={card.path} /></svg
        >
        <strong>{card.givenName}</strong>
        <span>{className}</span>
      </li>
    {/each}
  </ul>
</Printable>

<style>
  svg {
    width: 32mm;
    height: 32mm;
    background: #fff;
  }
</style>
