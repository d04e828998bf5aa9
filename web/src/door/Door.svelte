<!-- The front door: three rooms. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  import DemoNote from '../shared/DemoNote.svelte'

  const rooms = [
    { href: '/board', name: 'door.board.name', text: 'door.board.text' },
    { href: '/bench', name: 'door.bench.name', text: 'door.bench.text' },
    { href: '/desk', name: 'door.desk.name', text: 'door.desk.text' },
  ] as const
  const ticks = Array.from({ length: 181 }, (_, i) => i)
  const tens = Array.from({ length: 19 }, (_, i) => i * 10)
  const length = (i: number): number => (i % 10 === 0 ? 15 : i % 5 === 0 ? 11 : 7)
</script>

<svelte:head><title>{t('shared.product')}</title></svelte:head>
<DemoNote />
<main>
  <div class="words">
    <h1>{t('shared.product')}</h1>
    <p class="claim">{t('door.claim')}</p>
    <nav aria-label={t('door.rooms')}>
      {#each rooms as room (room.name)}
        <a href={room.href}>
          <span class="name">{t(room.name)}</span>
          <span>{t(room.text)}</span>
        </a>
      {/each}
    </nav>
    <p class="quiet">{t('door.caution')}</p>
    <p class="quiet"><a class="plain" href="/privacy">{t('door.kept')}</a></p>
  </div>
  <svg viewBox="-210 -250 420 330" aria-hidden="true">
    <path d="M-300 26H300" class="waterline" />
    <g class="protractor" font-size="11">
      <path
        class="plastic"
        fill-rule="evenodd"
        d="M192 0A192 192 0 0 0 -192 0V24H192ZM-92 -12A92 92 0 0 1 92 -12Z"
      />
      {#each ticks as i (i)}
        <path class="tick" transform="rotate({-i})" d="M188 0H{188 - length(i)}" />
      {/each}
      {#each tens as number (number)}
        <g transform="rotate({-number})">
          <text class="outer" transform="translate(160 0) rotate(90)">{180 - number}</text>
          <text class="inner" transform="translate(132 0) rotate(90)">{number}</text>
        </g>
      {/each}
      <path d="M-188 0H188" class="brass" />
      <circle r="6" class="centre" />
    </g>
    <path d="M0 0 196 -38" class="start" />
    <path d="M0 0 72 -226" class="end" />
    <path d="M47 -9A48 48 0 0 0 15 -46" class="arc" />
    <text class="measure" font-size="22" x="54" y="-38">61°</text>
  </svg>
</main>

<style>
  /* Laid on once, slowly, as by a hand; then the measure is written. */
  .protractor {
    transform: rotate(-11deg);
    animation: lay 3.4s 0.4s cubic-bezier(0.45, 0, 0.2, 1) backwards;
  }
  @keyframes lay {
    from {
      transform: translate(46px, 58px) rotate(-37deg);
    }
    55% {
      transform: translate(0, 0) rotate(-29deg);
    }
  }
  .measure {
    font-family: var(--serif);
    font-weight: 600;
    text-anchor: middle;
    fill: var(--ink);
    animation: write 0.6s 3.9s backwards;
  }
  @keyframes write {
    from {
      opacity: 0;
    }
  }
  .outer,
  .inner {
    fill: var(--ink-soft);
    text-anchor: middle;
    dominant-baseline: central;
  }
  .inner {
    fill: var(--ink);
    font-weight: 600;
  }
  @media (prefers-reduced-motion: reduce) {
    .protractor,
    .measure {
      animation: none;
    }
  }
  main {
    display: grid;
    grid-template-columns: minmax(420px, 560px) minmax(0, 1fr);
    align-items: center;
    gap: 48px;
    min-height: 100dvh;
    padding: 40px 56px;
    background: var(--paper);
    overflow: hidden;
  }
  h1 {
    font-size: var(--type-8);
    line-height: 1.1;
  }
  .claim {
    margin: 12px 0 28px;
    font: 400 var(--type-4)/1.4 var(--serif);
  }
  nav {
    display: grid;
    gap: 12px;
    margin-bottom: 24px;
  }
  nav a {
    display: grid;
    grid-template-columns: 110px 1fr;
    align-items: center;
    min-height: 84px;
    padding: 16px 24px;
    border: 1px solid var(--ink);
    border-left: 6px solid var(--brass-light);
    background: #fff;
    color: var(--ink);
    text-decoration: none;
    font-size: var(--type-2);
    line-height: 1.4;
  }
  nav a:hover {
    background: var(--ink);
    color: #fff;
  }
  .name {
    font: 600 var(--type-6) var(--serif);
  }
  .plain {
    color: #1d4f91;
  }
  .quiet {
    font-size: var(--type-1);
    line-height: 1.5;
  }
  svg {
    width: 100%;
    max-height: 86vh;
  }
  .plastic {
    fill: var(--brass-clear);
    fill-opacity: 0.5;
    stroke: var(--brass);
    stroke-width: 2;
  }
  .tick {
    stroke: var(--ink);
    stroke-width: 0.9;
  }
  .brass {
    stroke: var(--brass);
    stroke-width: 1.2;
  }
  .centre {
    fill: var(--paper);
    stroke: var(--brass);
    stroke-width: 1.5;
  }
  .waterline {
    stroke: #d9d6ca;
    stroke-width: 1;
  }
  .start,
  .end {
    fill: none;
    stroke-width: 4;
    stroke-linecap: round;
  }
  .start {
    stroke: var(--start-arm);
  }
  .end {
    stroke: var(--end-arm);
    stroke-dasharray: 26 7;
  }
  .arc {
    fill: none;
    stroke: var(--ink);
    stroke-width: 2;
  }
  @media (max-width: 900px) {
    main {
      grid-template-columns: minmax(0, 1fr);
      padding: 24px;
    }
    h1 {
      font-size: var(--type-7);
    }
    nav a {
      grid-template-columns: minmax(0, 1fr);
    }
  }
</style>
