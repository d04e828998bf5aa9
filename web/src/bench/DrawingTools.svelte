<!-- What is in the hand while a drawing is made. -->
<script lang="ts">
  import Button from 'carbon-components-svelte/src/Button/Button.svelte'
  import type { Tool } from '../sheet/drawing'

  interface Props {
    tool: Tool
    /** Without the protractor, and so without dots at its rim. */
    byEye?: boolean
    /** Whether the base ray is to be drawn, too. */
    ownBase?: boolean
    /** Whether an angle stands there to be measured: the straightedge only extends its arms. */
    forArms?: boolean
    canUndo: boolean
    onpick: (tool: Tool) => void
    onundo: () => void
  }
  let { tool, byEye = false, ownBase = false, forArms = false, canUndo, onpick, onundo }: Props = $props()

  const all: { key: Tool; label: string; hint: string }[] = [
    { key: 'protractor', label: 'Protractor', hint: 'Slide it by its body, turn it by its rim.' },
    { key: 'dot', label: 'Dot', hint: 'Tap at the rim, at your measure.' },
    {
      key: 'ray',
      label: 'Straightedge',
      hint: 'The protractor is lifted. Draw from the vertex through your dot.',
    },
    {
      key: 'freehand',
      label: 'Freehand',
      hint: 'Whatever your hand draws. For rays the straightedge is better.',
    },
    { key: 'arc', label: 'Arc', hint: 'Tap inside the opening you mean.' },
  ]
  const tools = $derived(
    forArms
      ? all.filter(({ key }) => key === 'protractor' || key === 'ray')
      : byEye
        ? all.filter(({ key }) => key !== 'protractor' && key !== 'dot')
        : all,
  )
  const hints: Partial<Record<Tool, string>> = { ray: 'Draw from the vertex, as wide as it looks right.' }
  const own: Partial<Record<Tool, string>> = {
    ray: 'The base ray first, long enough to pass the rim; then from its end through your dot.',
    protractor: 'Lay it on your own base ray: slide it by its body, turn it by its rim.',
  }
  const extending: Partial<Record<Tool, string>> = {
    ray: 'An arm too short? Draw on along it, past the rim. Its length changes nothing about the angle.',
  }
  const hint = $derived(
    (forArms ? extending[tool] : byEye ? hints[tool] : ownBase ? own[tool] : undefined) ??
      all.find((t) => t.key === tool)!.hint,
  )
</script>

<div class="tools" role="radiogroup" aria-label="In your hand">
  {#each tools as each (each.key)}
    <button type="button" role="radio" aria-checked={tool === each.key} onclick={() => onpick(each.key)}
      >{each.label}</button
    >
  {/each}
</div>
<p class="hint" aria-live="polite">{hint}</p>
<Button kind="tertiary" disabled={!canUndo} on:click={onundo}>Undo</Button>

<style>
  .tools {
    display: grid;
    grid-template-columns: 1fr 1fr;
    gap: 8px;
  }
  .tools button {
    min-height: 48px;
    border: 1px solid var(--ink-faint);
    background: #fff;
    font: 400 16px var(--sans);
    color: var(--ink);
    cursor: pointer;
  }
  .tools button[aria-checked='true'] {
    border: 2px solid var(--brass);
    background: #fbf3df;
    font-weight: 600;
  }
  .hint {
    margin: 0;
    min-height: 3em;
    font: 400 17px/1.4 var(--serif);
  }
</style>
