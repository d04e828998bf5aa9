<!-- Where an address leads nowhere: said plainly, with the ways on. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
</script>

<svelte:head><title>{t('door.lost.page')}</title></svelte:head>
<header><a href="/">{t('shared.product')}</a></header>
<main>
  <h1>{t('door.lost.title')}</h1>
  <p>{t('door.lost.why')}</p>
  <nav aria-label={t('door.rooms')}>
    <a href="/board">{t('door.board.name')}</a>
    <a href="/bench">{t('door.bench.name')}</a>
    <a href="/desk">{t('door.desk.name')}</a>
  </nav>
</main>

<style>
  header {
    display: flex;
    align-items: center;
    min-height: 56px;
    padding: 0 24px;
    background: var(--ink);
  }
  header a {
    font: 600 var(--type-4) var(--serif);
    color: #fff;
    text-decoration: none;
  }
  main {
    max-width: 640px;
    margin: 0 auto;
    padding: 48px 24px;
  }
  p {
    margin: 12px 0 24px;
    font-size: var(--type-3);
    line-height: 1.5;
  }
  nav {
    display: flex;
    flex-wrap: wrap;
    gap: 12px;
  }
  nav a {
    display: inline-flex;
    align-items: center;
    min-height: 44px;
    padding: 0 20px;
    border: 1px solid var(--ink);
    color: var(--ink);
    font-weight: 600;
    text-decoration: none;
  }
</style>
