<!-- What went wrong with a request or an address, or what the teacher should know before the lesson does. -->
<script lang="ts">
  import { t } from '../said/said.svelte'
  interface Props {
    failure: string
    warnings: readonly string[]
    onread: () => void
  }
  let { failure, warnings, onread }: Props = $props()
</script>

{#if failure}
  <p class="failure" role="alert">
    {failure}
    <button type="button" class="as-link" onclick={onread}>{t('board.all-right')}</button>
  </p>
{:else if warnings.length > 0}
  <p class="warning" role="note">{warnings.join(' ')}</p>
{/if}

<style>
  p {
    max-width: 45rem;
    margin: auto 0 0;
    padding: 0.5rem 1rem;
    background: var(--panel);
    color: var(--ink);
    border-left: 0.25rem solid var(--marking);
    font-size: var(--type-3);
    line-height: 1.4;
  }
  .warning {
    border-left-color: var(--brass-light);
  }
</style>
