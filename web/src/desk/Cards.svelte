<!-- Cards that sign students in: shown once, to be printed, cut out and handed out. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Schema } from '../api/client'
  import { t } from '../said/said.svelte'

  let { cards, className }: { cards: Schema['CardReply'][]; className: string } = $props()
</script>

<section class="cards" aria-label={t('desk.cards.title')}>
  <p class="screen">{t('desk.cards.hint')}</p>
  <div class="screen"><Button size="field" on:click={() => print()}>{t('desk.cards.print')}</Button></div>
  <ul>
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
</section>

<style>
  .cards {
    margin-top: 20px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(auto-fill, minmax(150px, 1fr));
    gap: 0;
    margin: 16px 0 0;
    padding: 0;
    list-style: none;
    columns: auto;
  }
  li {
    display: grid;
    justify-items: center;
    gap: 4px;
    padding: 14px;
    border: 1px dashed #8b97a8;
    break-inside: avoid;
    text-align: center;
  }
  svg {
    width: 32mm;
    height: 32mm;
    background: #fff;
  }
  @media print {
    .screen {
      display: none;
    }
    :global(body > *),
    :global(#app > *) {
      visibility: hidden;
    }
    .cards,
    .cards :global(*) {
      visibility: visible;
    }
    .cards {
      position: absolute;
      inset: 0 0 auto 0;
      margin: 0;
    }
    ul {
      grid-template-columns: repeat(4, 1fr);
    }
  }
</style>
