<!-- The tray of instruments: each drawn as it is, to be laid on the sheet. -->
<script lang="ts">
  import type { Instrument } from '../api/client'
  import InstrumentPicture from '../sheet/InstrumentPicture.svelte'
  import { instrumentName } from '../sheet/instrumentName'
  import { t } from '../said/said.svelte'

  interface Props {
    instruments: Instrument[]
    blunt: boolean
    worn: boolean
    onpick: (id: string) => void
    onstraightedge: () => void
    oncompass: () => void
    ontrace: () => void
  }
  let {
    instruments,
    blunt = $bindable(),
    worn = $bindable(),
    onpick,
    onstraightedge,
    oncompass,
    ontrace,
  }: Props = $props()
</script>

<div class="instruments">
  <h2>{t('board.instruments.title')}</h2>
  <p class="quiet">{t('board.instruments.hint')}</p>
  <ul>
    {#each instruments as instrument (instrument.protractor.id)}
      <li>
        <button type="button" onclick={() => onpick(instrument.protractor.id)}>
          <InstrumentPicture {instrument} width={120} height={66} />
          <span>{instrumentName(instrument.protractor)}</span>
        </button>
      </li>
    {/each}
  </ul>
  <h2>{t('board.instruments.more')}</h2>
  <div class="beside">
    <button type="button" onclick={onstraightedge}>{t('board.instruments.straightedge')}</button>
    <button type="button" onclick={oncompass}>{t('board.instruments.compass')}</button>
    <button type="button" onclick={ontrace}>{t('board.instruments.tracing-paper')}</button>
    <label><input type="checkbox" bind:checked={blunt} />{t('board.instruments.blunt')}</label>
    <label><input type="checkbox" bind:checked={worn} />{t('board.instruments.worn')}</label>
  </div>
</div>

<style>
  .instruments {
    width: 27.5rem;
    padding: 1.25rem;
  }
  h2 {
    font-size: var(--type-4);
  }
  p {
    margin: 2px 0 0.75rem;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 0.5rem;
    list-style: none;
    margin: 0;
    padding: 0;
  }
  .beside {
    display: grid;
    gap: 0.25rem;
    margin-top: 0.5rem;
  }
  .beside button {
    min-height: 2.75rem;
    text-align: center;
  }
  label {
    display: flex;
    align-items: center;
    gap: 0.5rem;
    min-height: 2.75rem;
    font-size: var(--type-2);
  }
  input {
    width: 1.25rem;
    height: 1.25rem;
    accent-color: var(--ink);
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 0.25rem;
    width: 100%;
    min-height: 6.5rem;
    padding: 0.5rem 2px;
    border: 1px solid var(--line);
    background: none;
    color: inherit;
    font: 400 var(--type-1)/1.2 var(--sans);
    cursor: pointer;
  }
  button:hover {
    background: var(--hover);
  }
</style>
