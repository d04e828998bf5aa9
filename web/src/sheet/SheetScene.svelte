<!-- Everything that lies on a sheet at one moment. Without the callbacks it is a picture; with them things can be moved. -->
<script lang="ts">
  import type { Instrument, Placement, Point, Scene, Schema } from '../api/client'
  import type { Place } from './aids'
  import AngleFigure from './AngleFigure.svelte'
  import ArmHandles from './ArmHandles.svelte'
  import Compass from './Compass.svelte'
  import type { CompassPose } from './compass'
  import CompassArcs from './CompassArcs.svelte'
  import Lettering from './Lettering.svelte'
  import OpeningMark from './OpeningMark.svelte'
  import PencilLine from './PencilLine.svelte'
  import Protractor from './Protractor.svelte'
  import Straightedge from './Straightedge.svelte'
  import Thing from './Thing.svelte'
  import ThreadView from './Thread.svelte'
  import { t } from '../said/said.svelte'

  interface Props {
    scene: Scene
    instruments: Instrument[]
    /** A count is drawn anew when this changes. */
    beat?: number
    /** How each instrument lies, in words, by its id on the sheet. */
    lying?: Record<string, string>
    onplace?: (id: string, placement: Placement) => void
    /** Where a key may bring an instrument at once. */
    places?: readonly Place[] | undefined
    /** Where keys, or a finger that comes near, may bring the compass. */
    points?: readonly Place[]
    /** Let go of: an instrument, by its id on the sheet, or without one the straightedge. */
    ondrop?: (id?: string) => void
    onstraightedge?: (laid: Schema['LaidStraightedge'] | null) => void
    /** The compass is carried, opened or turned, put down elsewhere, let go of once it is open, or draws: as its arc grows, and when the pencil is lifted. */
    oncompass?: (pose: CompassPose) => void
    oncarried?: () => void
    onopened?: () => void
    onsweep?: (points: Point[], isDone: boolean) => void
    onarm?: (id: string, which: 'start' | 'end', to: Point) => void
    onthing?: (id: string, by: Point) => void
    onremove?: (id: string) => void
  }
  let {
    scene,
    instruments,
    beat = 0,
    lying = {},
    onplace,
    places,
    points = [],
    ondrop,
    onstraightedge,
    oncompass,
    oncarried,
    onopened,
    onsweep,
    onarm,
    onthing,
    onremove,
  }: Props = $props()

  const find = (id: string): Instrument | undefined => instruments.find((i) => i.protractor.id === id)
</script>

<g data-name="lines">
  {#each scene.lines as line (line.id)}
    <Thing
      id={line.id}
      name={t('sheet.thing.line')}
      at={line.from}
      onmove={line.id.startsWith('own') ? onthing : undefined}
      {onremove}
    >
      <PencilLine {line} />
    </Thing>
  {/each}
</g>
<g data-name="compass arcs"><CompassArcs arcs={scene.compassArcs} /></g>
<g data-name="angles">
  {#each scene.figures as figure (figure.id)}
    <AngleFigure
      angle={figure.angle}
      names={figure.names ?? null}
      mark={figure.mark}
      hasEnd={figure.hasEnd}
      hasArms={figure.hasArms}
      written={figure.written?.text}
      startExtendedTo={figure.startExtendedTo}
      endExtendedTo={figure.endExtendedTo}
      spotlight={figure.spotlight}
      vertexSpotlight={figure.vertexSpotlight}
      openingSpotlight={figure.openingSpotlight}
    />
  {/each}
</g>
<g data-name="arcs">
  {#each scene.arcs as arc (arc.id)}
    <OpeningMark vertex={arc.vertex} start={arc.start} sweep={arc.sweep} mark={arc.box ? 'box' : 'arc'} />
  {/each}
</g>
{#if scene.tracing}
  {@const traced = scene.tracing.angle}
  <g data-name="tracing paper" class="tracing">
    <Thing id="tracing" name={t('sheet.thing.tracing-paper')} at={traced.vertex} onmove={onthing} {onremove}>
      <rect x={traced.vertex.x - 120} y={traced.vertex.y - 30} width="240" height="130" rx="1" />
      <AngleFigure angle={traced} names={null} mark="none" />
    </Thing>
  </g>
{/if}
<g data-name="dots">
  {#each scene.dots as dot (dot.id)}
    <Thing
      id={dot.id}
      name={t('sheet.thing.dot')}
      at={dot.at}
      onmove={dot.id.startsWith('own') ? onthing : undefined}
      {onremove}
    >
      <circle class="dot {dot.ink ?? 'pencil'}" cx={dot.at.x} cy={dot.at.y} r={dot.blunt ? 2 : 0.95} />
    </Thing>
  {/each}
</g>
<g data-name="instruments">
  {#each scene.instruments as laid (laid.id)}
    {@const instrument = find(laid.instrumentId)}
    {#if instrument}
      <g class="appearing">
        <Protractor
          {instrument}
          placement={laid.placement}
          inked={laid.inkedScale ?? null}
          armBearing={laid.armBearing ?? null}
          lying={lying[laid.id]}
          {places}
          onmove={onplace ? (placement) => onplace(laid.id, placement) : undefined}
          ondrop={() => ondrop?.(laid.id)}
        />
      </g>
    {/if}
  {/each}
</g>
{#if scene.compass}
  <g data-name="compass" class="appearing"
    ><Compass pose={scene.compass} onmove={oncompass} {oncarried} {onopened} {onsweep} places={points} /></g
  >
{/if}
{#if scene.straightedge}
  <g data-name="straightedge" class="appearing">
    <Straightedge
      laid={scene.straightedge}
      onmove={onstraightedge}
      ondrop={() => ondrop?.()}
      onremove={onstraightedge ? () => onstraightedge(null) : undefined}
    />
  </g>
{/if}
<g data-name="counts">
  {#each scene.threads as thread (`${thread.id}:${beat}`)}
    <ThreadView thread={thread.count} marking={thread.wrong} />
  {/each}
</g>
<g data-name="notes">
  {#each scene.notes as note (note.id)}
    <Thing
      id={note.id}
      name={note.text.text}
      at={note.at}
      onmove={note.id.startsWith('own') ? onthing : undefined}
      {onremove}
    >
      <Lettering
        at={note.at}
        text={note.text.text}
        size={7}
        kind={note.ink === 'marking' ? 'note' : 'name'}
      />
      {#if note.crossed}
        {@const half = note.text.text.length * 2.1}
        <path
          class="crossed"
          d="M{note.at.x - half} {note.at.y - 3}L{note.at.x + half} {note.at.y + 3}M{note.at.x - half} {note
            .at.y + 3}L{note.at.x + half} {note.at.y - 3}"
        />
      {/if}
    </Thing>
  {/each}
</g>
{#if onarm}
  {#each scene.figures as figure (figure.id)}
    <ArmHandles {figure} onarm={(which, to) => onarm(figure.id, which, to)} />
  {/each}
{/if}

<style>
  .dot {
    fill: var(--pencil);
  }
  .dot.marking {
    fill: var(--marking);
  }
  .crossed {
    stroke: var(--marking);
    stroke-width: 0.7;
    fill: none;
  }
  .tracing rect {
    fill: var(--tracing);
    fill-opacity: 0.72;
    stroke: #9fb0bd;
    stroke-width: 0.3;
  }
  .appearing {
    animation: appear 0.3s;
  }
  @keyframes appear {
    from {
      opacity: 0;
    }
  }
  @media (prefers-reduced-motion: reduce) {
    .appearing {
      animation: none;
    }
  }
</style>
