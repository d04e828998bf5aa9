<!-- Which angle to demonstrate. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import NumberInput from 'carbon-components-svelte/src/NumberInput/NumberInput.svelte'
  import Select from 'carbon-components-svelte/src/Select/Select.svelte'
  import SelectItem from 'carbon-components-svelte/src/Select/SelectItem.svelte'
  import type { Wanted } from './address'

  interface Props {
    wanted: Wanted
    onchoose: (wanted: Wanted) => void
    onclose: () => void
  }
  let { wanted, onchoose, onclose }: Props = $props()

  // The form starts from what is shown and is its own from then on.
  // svelte-ignore state_referenced_locally
  let draft = $state({ ...wanted })
  const short = $derived(draft.startLength < 60 || draft.endLength < 60 ? 'yes' : 'no')

  function choose(event: SubmitEvent): void {
    event.preventDefault()
    onchoose({ ...draft, measure: Number(draft.measure), tilt: Number(draft.tilt) })
  }

  function setArms(value: string): void {
    draft.startLength = 88
    draft.endLength = value === 'yes' ? 44 : 88
  }
</script>

<form aria-label="Another angle" onsubmit={choose}>
  <h2>Another angle</h2>
  <NumberInput
    id="measure"
    labelText="Measure in degrees"
    helperText="More than 0, less than 360"
    min={0.5}
    max={359.5}
    step={1}
    allowDecimal
    bind:value={draft.measure}
    invalidText="Type a number from 0.5 to 359.5."
  />
  <Select id="opens" labelText="It opens" bind:selected={draft.opens}>
    <SelectItem value="right" text="to the right" />
    <SelectItem value="left" text="to the left" />
  </Select>
  <NumberInput
    id="tilt"
    labelText="Tilt in degrees"
    helperText="0 is level"
    min={-180}
    max={180}
    step={5}
    bind:value={draft.tilt}
    invalidText="Type a number from −180 to 180."
  />
  <Select id="short" labelText="Arms" selected={short} on:update={(e) => setArms(String(e.detail))}>
    <SelectItem value="yes" text="one too short to reach" />
    <SelectItem value="no" text="past the rim" />
  </Select>
  <Select id="turning" labelText="When it is not level, turn" bind:selected={draft.turning}>
    <SelectItem value="instrument" text="the protractor" />
    <SelectItem value="page" text="the page" />
  </Select>
  <div class="buttons">
    <Button kind="secondary" on:click={onclose}>Leave it</Button>
    <Button type="submit">Show it</Button>
  </div>
</form>

<style>
  form {
    display: flex;
    flex-direction: column;
    gap: 14px;
    width: 300px;
    padding: 20px;
    background: #fff;
    border: 1px solid var(--ink);
    box-shadow: 0 8px 28px rgb(15 35 64 / 18%);
  }
  h2 {
    font-size: 20px;
  }
  .buttons {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 2px;
  }
</style>
