<!--
  The sheet: paper measured in millimetres. Children draw in mm with y up; the one flip is here.
  It fills its place and shows at least the asked window, more where there is room.
-->
<script lang="ts" module>
  import { getContext, setContext } from 'svelte'
  import type { Point } from '../api/client'

  /** What things on the sheet need of it: where a pointer is, in mm. */
  export interface SheetFrame {
    toSheet(event: { clientX: number; clientY: number }): Point
    /** The part of the sheet that is seen and not covered, in mm. */
    readonly clear: { left: number; bottom: number; width: number; height: number }
    /** How many mm a pixel of the screen shows: what must be held or read there has a least size in pixels. */
    readonly mmPerPixel: number
  }

  const key = Symbol('sheet')
  export const useSheet = (): SheetFrame => getContext(key)
</script>

<script lang="ts">
  import type { Snippet } from 'svelte'

  interface Props {
    /** Window that must be seen, in mm. */
    left: number
    bottom: number
    width: number
    height: number
    label: string
    /** Whether millimetre rules run along the edges. */
    rules?: boolean
    /** Pixels at the sides that are covered by other things: the window stays clear of them. */
    insets?: { left: number; right: number; top: number; bottom: number }
    children: Snippet
    onpointerdown?: (event: PointerEvent) => void
    onpointermove?: (event: PointerEvent) => void
    onpointerup?: (event: PointerEvent) => void
    /** The bare paper: where a pointer comes down on it, in mm, how it goes on, and the wheel. */
    onpaperdown?: (event: PointerEvent, at: Point) => void
    onpapermove?: (event: PointerEvent, at: Point, mmPerPixel: number) => void
    onpaperup?: (event: PointerEvent) => void
    onpaperwheel?: (factor: number, at: Point) => void
  }
  let {
    left,
    bottom,
    width,
    height,
    label,
    rules = false,
    insets = { left: 0, right: 0, top: 0, bottom: 0 },
    children,
    onpaperdown,
    onpapermove,
    onpaperup,
    onpaperwheel,
    ...handlers
  }: Props = $props()

  let svg: SVGSVGElement
  let flipped: SVGGElement
  let pixels = $state({ width: 1, height: 1 })

  // The inverse matrix is asked for at every move: the sheet may have scrolled or been zoomed in between.
  const toSheet: SheetFrame['toSheet'] = (event) => {
    const at = new DOMPoint(event.clientX, event.clientY).matrixTransform(flipped.getScreenCTM()!.inverse())
    return { x: at.x, y: at.y }
  }
  setContext<SheetFrame>(key, {
    toSheet,
    get clear() {
      return {
        left: shown.left + insets.left / scale,
        bottom: -(shown.top + shown.height) + insets.bottom / scale,
        width: clear.width / scale,
        height: clear.height / scale,
      }
    },
    get mmPerPixel() {
      return 1 / scale
    },
  })

  const clear = $derived({
    width: Math.max(50, pixels.width - insets.left - insets.right),
    height: Math.max(50, pixels.height - insets.top - insets.bottom),
  })
  const scale = $derived(Math.min(clear.width / width, clear.height / height) || 1)
  const shown = $derived({
    width: pixels.width / scale,
    height: pixels.height / scale,
    left: left - (clear.width / scale - width) / 2 - insets.left / scale,
    top: -(bottom + height) - (clear.height / scale - height) / 2 - insets.top / scale,
  })
  const ruleTop = $derived(
    Array.from({ length: Math.ceil(shown.width) + 1 }, (_, i) => Math.floor(shown.left) + i),
  )
  const ruleSide = $derived(
    Array.from({ length: Math.ceil(shown.height) + 1 }, (_, i) => Math.floor(shown.top) + i),
  )
  const rank = (mm: number): number => (mm % 10 === 0 ? 3.2 : mm % 5 === 0 ? 2.2 : 1.3)
</script>

<svg
  bind:this={svg}
  bind:clientWidth={pixels.width}
  bind:clientHeight={pixels.height}
  class="sheet"
  role="group"
  aria-label={label}
  viewBox="{shown.left} {shown.top} {shown.width} {shown.height}"
  preserveAspectRatio="xMidYMid meet"
  onwheel={onpaperwheel && ((event) => onpaperwheel(Math.exp(-event.deltaY / 600), toSheet(event)))}
  {...handlers}
>
  {#if onpaperdown}
    <rect
      class="paper"
      role="presentation"
      x={shown.left}
      y={shown.top}
      width={shown.width}
      height={shown.height}
      onpointerdown={(event) => onpaperdown(event, toSheet(event))}
      onpointermove={(event) => onpapermove?.(event, toSheet(event), 1 / scale)}
      onpointerup={onpaperup}
      onpointercancel={onpaperup}
    />
  {/if}
  {#if rules}
    <path
      class="rule"
      d={ruleTop.map((mm) => `M${mm} ${shown.top}v${rank(mm)}`).join('') +
        ruleSide.map((mm) => `M${shown.left} ${mm}h${rank(mm)}`).join('')}
    />
  {/if}
  <g transform="scale(1 -1)" bind:this={flipped}>
    {@render children()}
  </g>
</svg>

<style>
  .sheet {
    display: block;
    width: 100%;
    height: 100%;
    background: var(--paper);
    touch-action: none;
    user-select: none;
  }
  .paper {
    fill: transparent;
  }
  .rule {
    stroke: #c9c6ba;
    pointer-events: none;
    stroke-width: 0.18;
    fill: none;
  }
</style>
