<!-- Say the kind first. -->
<script lang="ts">
  import type { Schema } from '../api/client'

  type Kind = Schema['AngleKind']
  let { chosen = $bindable(null) }: { chosen: Kind | null } = $props()
  const kinds: Kind[] = ['acute', 'right', 'obtuse', 'straight']
</script>

<fieldset>
  <legend>First look: which kind is it?</legend>
  <div class="choices">
    {#each kinds as kind (kind)}
      <label class:chosen={chosen === kind}>
        <input type="radio" name="kind" value={kind} bind:group={chosen} />{kind}
      </label>
    {/each}
  </div>
</fieldset>

<style>
  fieldset {
    margin: 0;
    padding: 0;
    border: 0;
  }
  legend {
    margin-bottom: 8px;
    font-size: 16px;
  }
  .choices {
    display: grid;
    grid-template-columns: repeat(2, 1fr);
    gap: 8px;
  }
  label {
    display: flex;
    align-items: center;
    gap: 8px;
    min-height: 44px;
    padding: 0 12px;
    border: 1px solid var(--ink-faint);
    cursor: pointer;
  }
  label.chosen {
    border: 2px solid var(--ink);
    padding: 0 11px;
    font-weight: 600;
  }
  input {
    accent-color: var(--ink);
    width: 18px;
    height: 18px;
  }
</style>
