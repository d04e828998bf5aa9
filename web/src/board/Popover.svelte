<!-- The frame of what opens beside the tray: always in daylight ink, whatever the sheet wears. -->
<script lang="ts">
  import type { Snippet } from 'svelte'

  let { label, children }: { label: string; children: Snippet } = $props()
</script>

<div class="popover" role="dialog" aria-label={label}>{@render children()}</div>

<style>
  .popover {
    position: absolute;
    right: 112px;
    top: 24px;
    max-height: calc(100% - 36px);
    overflow: auto;
    background: #fff;
    color: #0f2340;
    --ink: #0f2340;
    --ink-soft: #4d5b70;
    --ink-faint: #8a94a3;
    --paper: #fdfcf8;
    --brass: #8a5f0e;
    border: 1px solid var(--ink);
    box-shadow: 0 8px 28px rgb(15 35 64 / 18%);
  }
</style>
