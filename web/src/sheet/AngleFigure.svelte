<!-- An angle with its letters, its arc (a box for a right angle) and what is written beside it. -->
<script lang="ts">
  import type { Angle, Point, Schema } from '../api/client'
  import { arcPath, endDirection, signOf, towards } from './geometry'
  import Lettering from './Lettering.svelte'
  import OpeningMark from './OpeningMark.svelte'
  import Ray from './Ray.svelte'

  interface Props {
    angle: Angle
    names: Schema['AngleNames'] | null
    mark?: Schema['OpeningMark']
    /** Before the end arm is drawn only the base ray stands there. */
    hasEnd?: boolean
    /** Where lines of the sheet stand for its arms, it has none of its own. */
    hasArms?: boolean
    written?: string | null
    startExtendedTo?: number | null
    endExtendedTo?: number | null
    spotlight?: 'start' | 'end' | null
    vertexSpotlight?: boolean
    openingSpotlight?: boolean
  }
  let {
    angle,
    names,
    mark = angle.measure === 90 ? 'box' : 'arc',
    hasEnd = true,
    hasArms = true,
    written = null,
    startExtendedTo = null,
    endExtendedTo = null,
    spotlight = null,
    vertexSpotlight = false,
    openingSpotlight = false,
  }: Props = $props()

  const arcRadius = 13
  const end = $derived(endDirection(angle))
  const sweep = $derived(signOf(angle.opening) * angle.measure)
  const middle = $derived(angle.start + sweep / 2)
  const beyondTip = 5
  /** As far into the opening as the shorter arm reaches half way. */
  const wedge = $derived(
    `${arcPath(angle.vertex, Math.min(angle.startLength, angle.endLength) / 2, angle.start, sweep)}L${angle.vertex.x} ${angle.vertex.y}Z`,
  )
  /** The vertex's letter stands away from both arms: opposite the opening, or in the smaller one of a reflex angle. */
  const letterSide = $derived(middle + 180)
  /** An arm's letter stands beyond its tip; beside it, outside the opening, where the arm is extended. */
  const letterAt = (direction: number, length: number, outward: number, extended: boolean): Point =>
    extended
      ? towards(towards(angle.vertex, direction, length - 2), direction + outward, 6)
      : towards(angle.vertex, direction, length + beyondTip)
</script>

{#if openingSpotlight}
  <path class="spotlight" d={wedge} />
{/if}
<OpeningMark vertex={angle.vertex} start={angle.start} {sweep} {mark} />
{#if vertexSpotlight}
  <circle class="spotlight" cx={angle.vertex.x} cy={angle.vertex.y} r="6" />
{/if}
{#if hasArms}
  <Ray
    from={angle.vertex}
    direction={angle.start}
    length={angle.startLength}
    which="start"
    extendedTo={startExtendedTo}
    spotlight={spotlight === 'start'}
  />
{/if}
{#if hasArms && hasEnd}
  <Ray
    from={angle.vertex}
    direction={end}
    length={angle.endLength}
    which="end"
    extendedTo={endExtendedTo}
    spotlight={spotlight === 'end'}
  />
{/if}
<circle class="vertex" cx={angle.vertex.x} cy={angle.vertex.y} r="0.9" />
{#if names}
  <Lettering at={towards(angle.vertex, letterSide, 7)} text={names.vertex} size={6.5} />
  <Lettering
    at={letterAt(angle.start, angle.startLength, -90 * signOf(angle.opening), startExtendedTo !== null)}
    text={names.start}
    size={6.5}
  />
  {#if hasEnd}
    <Lettering
      at={letterAt(end, angle.endLength, 90 * signOf(angle.opening), endExtendedTo !== null)}
      text={names.end}
      size={6.5}
    />
  {/if}
{/if}
{#if written}
  <Lettering at={towards(angle.vertex, middle, arcRadius + 11)} text={written} size={5.6} kind="number" />
{/if}

<style>
  .vertex {
    fill: var(--ink);
  }
  .spotlight {
    fill: var(--brass-light);
    opacity: 0.4;
  }
</style>
