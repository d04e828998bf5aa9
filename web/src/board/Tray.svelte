<!-- The instruments in their tray, and what else the teacher reaches for. -->
<script lang="ts">
  import type { Instrument } from '../api/client'

  interface Props {
    instruments: Instrument[]
    chosen: string
    readings: boolean
    oninstrument: (id: string) => void
    onangle: () => void
    onreadings: () => void
  }
  let { instruments, chosen, readings, oninstrument, onangle, onreadings }: Props = $props()
  const largest = $derived(Math.max(...instruments.map((i) => i.protractor.edgeRadius)))
</script>

<nav aria-label="Tray">
  {#each instruments as { protractor } (protractor.id)}
    <button
      type="button"
      aria-pressed={protractor.id === chosen}
      title={protractor.name}
      onclick={() => oninstrument(protractor.id)}
    >
      <svg viewBox="-26 -27 52 34" width="48" height="32" aria-hidden="true">
        <g transform="scale({(24 * (0.45 + (0.55 * protractor.edgeRadius) / largest)) / 24})">
          <path
            d="M24 0A24 24 0 0 0 -24 0V3H24ZM-11 0A11 11 0 0 1 11 0Z"
            fill="var(--brass-clear)"
            fill-rule="evenodd"
            stroke="var(--brass)"
            stroke-width="2"
          />
        </g>
      </svg>
      <span>{protractor.name.split(' ')[0]}</span>
    </button>
  {/each}
  <button type="button" onclick={onangle}>
    <svg viewBox="0 0 48 32" width="48" height="32" aria-hidden="true">
      <path d="M6 28H44" stroke="var(--start-arm)" stroke-width="3" fill="none" />
      <path d="M6 28 34 4" stroke="var(--end-arm)" stroke-width="3" stroke-dasharray="8 2" fill="none" />
      <path d="M22 28A16 16 0 0 0 18 18" stroke="var(--ink)" stroke-width="1.5" fill="none" />
    </svg>
    <span>Angle</span>
  </button>
  <button type="button" aria-pressed={readings} onclick={onreadings}>
    <svg viewBox="0 0 48 32" width="48" height="32" aria-hidden="true">
      <rect x="7" y="4" width="34" height="24" fill="#fff" stroke="var(--ink)" stroke-width="2" />
      <path d="M13 11H25M13 16H35M13 21H30" stroke="var(--ink)" stroke-width="2" />
    </svg>
    <span>Readings</span>
  </button>
</nav>

<style>
  nav {
    display: flex;
    flex-direction: column;
    gap: 4px;
    padding: 6px;
    background: rgb(255 255 255 / 88%);
    border: 1px solid var(--ink);
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 2px;
    width: 76px;
    min-height: 62px;
    padding: 6px 2px;
    border: 2px solid transparent;
    background: none;
    font: 400 14px var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  button:hover {
    background: #eef1f3;
  }
  button[aria-pressed='true'] {
    border-color: var(--brass);
    background: #fbf3df;
  }
</style>
