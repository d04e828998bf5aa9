<!-- The pencil for those who work with keys: arrows move it, Enter does what its tool does. -->
<script lang="ts">
  import type { Point } from '../api/client'
  import { placeTold } from './told'
  import { t } from '../said/said.svelte'

  interface Props {
    at: Point
    /** What Enter does, as a sentence. */
    does: string
    onmove: (at: Point) => void
    onpress: () => void
  }
  let { at, does, onmove, onpress }: Props = $props()

  const steps: Record<string, [number, number]> = {
    ArrowLeft: [-1, 0],
    ArrowRight: [1, 0],
    ArrowUp: [0, 1],
    ArrowDown: [0, -1],
  }

  function key(event: KeyboardEvent): void {
    const step = steps[event.code]
    if (step) {
      const size = event.shiftKey ? 0.1 : 1
      onmove({ x: at.x + step[0] * size, y: at.y + step[1] * size })
    } else if (event.code === 'Enter') {
      onpress()
    } else {
      return
    }
    event.preventDefault()
    event.stopPropagation()
  }
</script>

<!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
<g
  role="group"
  aria-roledescription={t('sheet.pencil.name')}
  aria-label={t('sheet.pencil.lies', { at: placeTold(at), does })}
  tabindex="0"
  data-testid="pencil"
  transform="translate({at.x} {at.y})"
  onkeydown={key}
>
  <path d="M0 0L2 5.5L17 20.500L20.500 17L5.500 2Z" />
  <circle r="2.500" />
</g>

<style>
  g {
    outline: none;
    pointer-events: none;
  }
  path {
    fill: #f3dfb0;
    stroke: var(--ink);
    stroke-width: 0.4;
    opacity: 0;
  }
  circle {
    fill: none;
    stroke: var(--cds-focus);
    stroke-width: 0.5;
    opacity: 0;
  }
  g:focus-visible path,
  g:focus-visible circle {
    opacity: 1;
  }
</style>
