<!-- What was answered, ask by ask. -->
<script lang="ts">
  import { toldAnswer, type Ask, type Filled } from '../shared/response'

  let { asks, filled }: { asks: readonly Ask[]; filled: Filled } = $props()
</script>

<dl>
  {#each asks as ask (ask.field)}
    {@const told = toldAnswer(ask, filled)}
    {#if told}
      <dt>{ask.label.text}</dt>
      <dd>{told}</dd>
    {/if}
  {/each}
</dl>

<style>
  dl {
    display: grid;
    grid-template-columns: 1fr auto;
    margin: 0;
  }
  dt,
  dd {
    margin: 0;
    padding: 8px 0;
    border-bottom: 1px solid #d5dbe0;
    font-size: var(--type-2);
    line-height: 1.3;
  }
  dd {
    padding-left: 12px;
    font-weight: 600;
    text-align: right;
  }
</style>
