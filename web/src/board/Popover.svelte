<!-- The frame of what opens beside the tray: in the ink of the sheet. -->
<script lang="ts">
  import { onMount, type Snippet } from 'svelte'
  import { choices } from './choices.svelte'
  import type { Insets } from './Frame.svelte'

  interface Props {
    label: string
    /** What lies beside the sheet, in pixels: the panel opens between. */
    insets: Insets
    /** Whether it opens low, under what is looked at meanwhile. */
    low?: boolean
    children: Snippet
  }
  let { label, insets, low = false, children }: Props = $props()

  // Who works with keys goes into the panel and, when it closes, back to what opened it; after a click the keys stay with the clicker.
  const opener = document.activeElement as HTMLElement | null
  const byKeys = opener?.matches(':focus-visible') ?? false
  let panel: HTMLElement
  onMount(() => {
    if (byKeys && !panel.contains(document.activeElement)) panel.focus()
    return () => {
      if (byKeys && opener?.isConnected) opener.focus()
    }
  })
</script>

<div
  class="popover"
  class:low
  role="dialog"
  tabindex="-1"
  bind:this={panel}
  aria-label={label}
  style:left={choices.now.leftHanded ? `${insets.left}px` : 'auto'}
  style:right={choices.now.leftHanded ? 'auto' : `${insets.right}px`}
  style:max-width="calc(100% - {choices.now.leftHanded ? insets.left : insets.right}px - 0.5rem)"
>
  {@render children()}
</div>

<style>
  .popover {
    position: absolute;
    z-index: 3;
    outline: none;
    top: 0.5rem;
    max-height: calc(100% - 1rem);
    overflow: auto;
    background: var(--panel);
    color: var(--ink);
    border: 1px solid var(--ink);
    box-shadow: 0 0.5rem 1.75rem rgb(15 35 64 / 18%);
  }
  .low {
    top: auto;
    bottom: 0.5rem;
  }
</style>
