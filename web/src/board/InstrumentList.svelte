<!-- The tray of instruments: each drawn as it is, to be laid on the sheet. -->
<script lang="ts">
  import type { Instrument } from '../api/client'
  import InstrumentPicture from '../sheet/InstrumentPicture.svelte'

  interface Props {
    instruments: Instrument[]
    onpick: (id: string) => void
  }
  let { instruments, onpick }: Props = $props()
</script>

<div class="instruments">
  <h2>Instruments</h2>
  <p class="quiet">Take one and lay it on.</p>
  <ul>
    {#each instruments as instrument (instrument.protractor.id)}
      <li>
        <button type="button" onclick={() => onpick(instrument.protractor.id)}>
          <InstrumentPicture {instrument} width={120} height={66} />
          <span>{instrument.protractor.name}</span>
        </button>
      </li>
    {/each}
  </ul>
</div>

<style>
  .instruments {
    width: 440px;
    padding: 20px;
  }
  h2 {
    font-size: 20px;
  }
  p {
    margin: 2px 0 12px;
  }
  ul {
    display: grid;
    grid-template-columns: repeat(3, 1fr);
    gap: 6px;
    list-style: none;
    margin: 0;
    padding: 0;
  }
  button {
    display: flex;
    flex-direction: column;
    align-items: center;
    gap: 4px;
    width: 100%;
    min-height: 104px;
    padding: 6px 2px;
    border: 1px solid #dde2e6;
    background: none;
    color: inherit;
    font: 400 14px/1.2 var(--sans);
    cursor: pointer;
  }
  button:hover {
    background: #eef1f3;
  }
</style>
