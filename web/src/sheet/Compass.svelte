<!--
  A compass standing on the sheet. In the hand it is carried by its needle or its knob, opened by its pencil leg, and turned by its pencil
  point, which draws. Without the callbacks it is a picture.
-->
<script lang="ts">
  import type { Point } from '../api/client'
  import { nextPlace, type Place } from './aids'
  import {
    carried,
    leastOpening,
    mostOpening,
    openedBy,
    openedTo,
    openingOf,
    traced,
    turned,
    type CompassPose,
  } from './compass'
  import { directionOf, distanceOf, turnBetween } from './geometry'
  import { arrowOf, stepOf } from './handling'
  import { directionTold, placeNamed } from './told'
  import { useSheet } from './Sheet.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    pose: CompassPose
    /** Without it the compass cannot be moved. */
    onmove?: ((pose: CompassPose) => void) | undefined
    /** It was carried to another place, and stands there. */
    oncarried?: (() => void) | undefined
    /** It was opened with its leg, which is let go of. */
    onopened?: (() => void) | undefined
    /** An arc that is drawn: as it grows, and when the pencil is lifted. */
    onsweep?: ((points: Point[], isDone: boolean) => void) | undefined
    /** Where the one finger is that holds it, in mm; null once it is lifted. */
    onfinger?: ((at: Point | null) => void) | undefined
    /** Points to which a key, or a finger that comes near, may bring it. */
    places?: readonly Place[]
  }
  let { pose, onmove, oncarried, onopened, onsweep, onfinger, places = [] }: Props = $props()

  const sheet = useSheet()
  const leg = 74
  /** A finger this near to a point means it, in mm. */
  const fingerReach = 3
  const opening = $derived(openingOf(pose))
  /** It stands upright and is seen a little from the front: its hinge is above the middle between its points. */
  const hinge = $derived({
    x: (pose.needle.x + pose.pencil.x) / 2,
    y:
      (pose.needle.y + pose.pencil.y) / 2 +
      0.62 * Math.sqrt(Math.max(200, leg * leg - (opening * opening) / 4)),
  })
  const grip = $derived(Math.max(4.5, 22 * sheet.mmPerPixel))
  const share = (from: Point, to: Point, part: number): Point => ({
    x: from.x + part * (to.x - from.x),
    y: from.y + part * (to.y - from.y),
  })
  const onLeg = $derived(share(pose.pencil, hinge, 0.45))
  const lead = $derived(share(pose.pencil, hinge, 0.16))
  const steel = $derived(share(pose.needle, hinge, 0.14))

  let held: Held | null = $state(null)
  type Held = 'needle' | 'leg' | 'pencil' | 'knob'
  let from: Point = { x: 0, y: 0 }
  let line: Point[] = []
  /** Where the hand was at the last move, seen from the needle. */
  let before = 0
  let isDown = $state(false)

  function near(at: Point, pointerType: string): Point {
    if (pointerType !== 'touch') return at
    const place = places.find((each) => distanceOf(each.at, at) <= fingerReach)
    return place?.at ?? at
  }

  function down(event: PointerEvent, by: Held): void {
    if (!onmove || event.button !== 0) return
    event.stopPropagation()
    ;(event.currentTarget as Element).setPointerCapture(event.pointerId)
    held = by
    const at = sheet.toSheet(event)
    const point = by === 'needle' ? pose.needle : by === 'knob' ? at : pose.pencil
    before = directionOf(pose.needle, at)
    from = { x: at.x - point.x, y: at.y - point.y }
    line = [pose.pencil]
    tell(event)
  }

  function tell(event: PointerEvent): void {
    if (event.pointerType === 'touch')
      onfinger?.(held === 'pencil' ? pose.pencil : held ? aimed(event) : null)
  }

  const aimed = (event: PointerEvent): Point => {
    const at = sheet.toSheet(event)
    return { x: at.x - from.x, y: at.y - from.y }
  }

  function drag(event: PointerEvent): void {
    if (!held) return
    const at = aimed(event)
    if (held === 'needle') onmove?.(carried(pose, near(at, event.pointerType)))
    else if (held === 'leg') onmove?.(openedTo(pose, near(at, event.pointerType)))
    else if (held === 'knob') turnWith(directionOf(pose.needle, sheet.toSheet(event)))
    else sweep(turnBetween(directionOf(pose.needle, pose.pencil), directionOf(pose.needle, at)))
    tell(event)
  }

  /** The pencil lifted: nothing is drawn. */
  function turnWith(hand: number): void {
    onmove?.(turned(pose, turnBetween(before, hand)))
    before = hand
  }

  function sweep(degrees: number): void {
    if (Math.abs(degrees) < 0.05) return
    line = [...line, ...traced(pose, degrees)]
    onmove?.(turned(pose, degrees))
    onsweep?.(line, false)
  }

  function up(event: PointerEvent): void {
    if (held === 'pencil') finish()
    if (held === 'needle') oncarried?.()
    if (held === 'leg') onopened?.()
    held = null
    tell(event)
  }

  function finish(): void {
    onsweep?.(line, true)
    line = []
  }

  function handled(event: KeyboardEvent, next: CompassPose | null): void {
    if (!next) return
    event.preventDefault()
    event.stopPropagation()
    onmove?.(next)
  }

  function needleKey(event: KeyboardEvent): void {
    const by = arrowOf(event)
    const jump = event.code === 'KeyJ' ? nextPlace(places, pose.needle) : null
    const to = by ? { x: pose.needle.x + by.x, y: pose.needle.y + by.y } : jump
    handled(event, to && carried(pose, to))
    if (jump) oncarried?.()
  }

  function legKey(event: KeyboardEvent): void {
    const by = arrowOf(event)
    // Only where it can be opened to: it would come to stand before any other, and go no farther.
    const others = places.filter(({ at }) => {
      const away = distanceOf(at, pose.needle)
      return away >= leastOpening && away <= mostOpening
    })
    const jump = event.code === 'KeyJ' ? nextPlace(others, pose.pencil) : null
    if (jump) handled(event, openedTo(pose, jump))
    else if (by?.y) handled(event, openedBy(pose, opening + by.y))
    else if (by?.x) handled(event, turned(pose, -by.x * 5))
  }

  function pencilKey(event: KeyboardEvent): void {
    if (event.code === 'Enter') {
      event.preventDefault()
      event.stopPropagation()
      isDown = !isDown
      if (isDown) line = [pose.pencil]
      else finish()
      return
    }
    const by = arrowOf(event)
    if (!by?.x) return
    const degrees = -Math.sign(by.x) * 5 * (stepOf(event) === 10 ? 6 : stepOf(event) === 0.1 ? 0.2 : 1)
    event.preventDefault()
    event.stopPropagation()
    if (isDown) sweep(degrees)
    else onmove?.(turned(pose, degrees))
  }

  /** Who goes elsewhere has lifted the pencil. */
  function leave(): void {
    if (isDown) finish()
    isDown = false
  }
</script>

<g class="compass" class:movable={onmove} class:held data-testid="compass">
  <path
    class="shadow"
    d="M{pose.needle.x} {pose.needle.y}L{hinge.x + 3} {hinge.y - 2}L{pose.pencil.x} {pose.pencil.y}"
  />
  <path class="point" d="M{pose.needle.x} {pose.needle.y}L{steel.x} {steel.y}" />
  <path class="leg" d="M{steel.x} {steel.y}L{hinge.x} {hinge.y}" />
  <path class="leg" d="M{lead.x} {lead.y}L{hinge.x} {hinge.y}" />
  <path class="lead" d="M{pose.pencil.x} {pose.pencil.y}L{lead.x} {lead.y}" />
  <circle class="hinge" cx={hinge.x} cy={hinge.y} r="4.2" />
  <circle class="screw" cx={hinge.x} cy={hinge.y} r="1.3" />
  <rect class="knob" x={hinge.x - 1.6} y={hinge.y + 4} width="3.2" height="9" rx="1" />
  {#if onmove}
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
    <g
      role="group"
      aria-roledescription={t('sheet.compass.name')}
      aria-label={t('sheet.compass.needle', { at: placeNamed(pose.needle, places) })}
      tabindex="0"
      data-testid="compass-needle"
      onkeydown={needleKey}
      onpointerdown={(event) => down(event, 'needle')}
      onpointermove={drag}
      onpointerup={up}
      onpointercancel={up}
    >
      <circle class="grip" cx={pose.needle.x} cy={pose.needle.y} r={grip} />
    </g>
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
    <g
      role="group"
      aria-roledescription={t('sheet.compass.name')}
      aria-label={t('sheet.compass.leg', { distance: Math.round(opening * 10) / 10 })}
      tabindex="0"
      data-testid="compass-leg"
      onkeydown={legKey}
      onpointerdown={(event) => down(event, 'leg')}
      onpointermove={drag}
      onpointerup={up}
      onpointercancel={up}
    >
      <circle class="grip" cx={onLeg.x} cy={onLeg.y} r={grip} />
    </g>
    <!-- Keys turn it with the leg. -->
    <circle
      class="grip knob-grip"
      role="presentation"
      data-testid="compass-knob"
      cx={hinge.x}
      cy={hinge.y + 7}
      r={grip}
      onpointerdown={(event) => down(event, 'knob')}
      onpointermove={drag}
      onpointerup={up}
      onpointercancel={up}
    />
    <!-- svelte-ignore a11y_no_noninteractive_tabindex, a11y_no_noninteractive_element_interactions -->
    <g
      role="group"
      aria-roledescription={t('sheet.compass.name')}
      aria-label={t('sheet.compass.pencil', {
        at: placeNamed(pose.pencil, places),
        turned: directionTold(directionOf(pose.needle, pose.pencil)),
        does: isDown ? t('sheet.compass.down') : t('sheet.compass.up'),
      })}
      tabindex="0"
      data-testid="compass-pencil"
      onkeydown={pencilKey}
      onblur={leave}
      onpointerdown={(event) => down(event, 'pencil')}
      onpointermove={drag}
      onpointerup={up}
      onpointercancel={up}
    >
      <circle class="grip" class:inked={isDown} cx={pose.pencil.x} cy={pose.pencil.y} r={grip} />
    </g>
  {/if}
</g>

<style>
  .compass {
    pointer-events: none;
  }
  path {
    fill: none;
    stroke-linecap: round;
    stroke-linejoin: round;
  }
  .shadow {
    stroke: rgb(15 35 64 / 14%);
    stroke-width: 2.6;
  }
  .leg {
    stroke: var(--brass);
    stroke-width: 2.8;
  }
  .point {
    stroke: #6d7683;
    stroke-width: 0.9;
  }
  .lead {
    stroke: var(--pencil);
    stroke-width: 1.3;
  }
  .hinge {
    fill: var(--brass-light);
    stroke: var(--brass);
    stroke-width: 0.6;
  }
  .screw,
  .knob {
    fill: var(--brass);
  }
  g[tabindex] {
    outline: none;
    pointer-events: all;
    cursor: grab;
  }
  .knob-grip {
    pointer-events: all;
    cursor: grab;
  }
  .knob-grip:hover {
    fill: var(--brass-light);
    fill-opacity: 0.22;
  }
  .held g[tabindex],
  .held .knob-grip {
    cursor: grabbing;
  }
  .grip {
    fill: transparent;
  }
  g[tabindex]:hover .grip,
  g[tabindex]:focus-visible .grip {
    fill: var(--brass-light);
    fill-opacity: 0.22;
  }
  g[tabindex]:focus-visible .grip {
    stroke: var(--cds-focus);
    stroke-width: 0.7;
  }
  .grip.inked {
    fill: var(--pencil);
    fill-opacity: 0.18;
  }
</style>
