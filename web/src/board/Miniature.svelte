<!-- A sheet as small as a thumb: arms, lines and the outlines of what lies there, and nothing to be read. -->
<script lang="ts">
  import type { Instrument, Schema, SheetState } from '../api/client'
  import OpeningMark from '../sheet/OpeningMark.svelte'
  import { arcPath, endDirection, signOf, tipsOf, towards, transformOf } from '../sheet/geometry'
  import { sceneOf } from '../sheet/scene'

  interface Props {
    picture: SheetState
    window: Schema['SheetWindow']
    instruments: readonly Instrument[]
  }
  let { picture, window, instruments }: Props = $props()

  const scene = $derived(sceneOf(picture))

  /** The body of an instrument, the place where the arms show through left open. */
  function outline(id: string): string {
    const p = instruments.find((i) => i.protractor.id === id)?.protractor
    if (!p) return ''
    const [far, near] = [p.edgeRadius, p.edgeRadius * 0.5]
    return p.shape === 'halfCircle'
      ? `M${far} 0A${far} ${far} 0 0 1 ${-far} 0V${-p.inset}H${far}ZM${near} 4A${near} ${near} 0 0 1 ${-near} 4Z`
      : `M${far} 0A${far} ${far} 0 0 1 ${-far} 0A${far} ${far} 0 0 1 ${far} 0ZM${near} 0A${near} ${near} 0 0 1 ${-near} 0A${near} ${near} 0 0 1 ${near} 0Z`
  }
</script>

<svg
  viewBox="{window.left} {-window.bottom - window.height} {window.width} {window.height}"
  aria-hidden="true"
>
  <g transform="scale(1 -1)">
    {#each scene.instruments as laid (laid.id)}
      <path
        class="instrument"
        fill-rule="evenodd"
        d={outline(laid.instrumentId)}
        transform={transformOf(laid.placement)}
      />
    {/each}
    {#if scene.straightedge}
      {@const { from, direction, length } = scene.straightedge}
      <rect
        class="instrument"
        x="-8"
        y="-17"
        width={(length ?? 160) + 16}
        height="17"
        transform="translate({from.x} {from.y}) rotate({direction})"
      />
    {/if}
    {#each scene.lines as line (line.id)}
      <path class="line {line.ink ?? 'pencil'}" d="M{line.from.x} {line.from.y}L{line.to.x} {line.to.y}" />
    {/each}
    {#each scene.figures as { id, angle, mark, hasEnd, hasArms } (id)}
      {@const [start, end] = tipsOf(angle)}
      <OpeningMark
        vertex={angle.vertex}
        start={angle.start}
        sweep={signOf(angle.opening) * angle.measure}
        {mark}
      />
      {#if hasArms !== false}<path
          class="start"
          d="M{angle.vertex.x} {angle.vertex.y}L{start!.x} {start!.y}"
        />{/if}
      {#if hasArms !== false && hasEnd !== false}<path
          class="end"
          d="M{angle.vertex.x} {angle.vertex.y}L{end!.x} {end!.y}"
        />{/if}
    {/each}
    {#if scene.tracing}
      {@const { vertex, start, ...rest } = scene.tracing.angle}
      {@const one = towards(vertex, start, 80)}
      {@const other = towards(vertex, endDirection({ vertex, start, ...rest }), 80)}
      <path class="line" d="M{one.x} {one.y}L{vertex.x} {vertex.y}L{other.x} {other.y}" />
    {/if}
    {#each scene.dots as dot (dot.id)}
      <circle class="dot" cx={dot.at.x} cy={dot.at.y} r={dot.blunt ? 4 : 2.5} />
    {/each}
    {#each scene.threads as thread (thread.id)}
      <path
        class="thread"
        class:wrong={thread.wrong}
        d={arcPath(thread.count.centre, thread.count.radius, thread.count.from, thread.count.sweep)}
      />
    {/each}
  </g>
</svg>

<style>
  svg {
    display: block;
    width: 100%;
    height: 100%;
    background: var(--paper);
  }
  svg :global(path) {
    fill: none;
    stroke-linecap: round;
  }
  .instrument {
    fill: var(--brass-clear);
    fill-opacity: 0.7;
    stroke: var(--brass);
    stroke-width: 1.2;
  }
  svg path.instrument {
    fill: var(--brass-clear);
  }
  .line {
    stroke: var(--pencil);
    stroke-width: 1.6;
  }
  .marking {
    stroke: var(--marking);
  }
  .extension {
    stroke-dasharray: 4 4;
  }
  .start {
    stroke: var(--start-arm);
    stroke-width: 2.6;
  }
  .end {
    stroke: var(--end-arm);
    stroke-width: 2.6;
    stroke-dasharray: 12 3;
  }
  .dot {
    fill: var(--pencil);
  }
  .thread {
    stroke: var(--brass);
    stroke-width: 2.4;
  }
  .thread.wrong {
    stroke: var(--marking);
  }
</style>
