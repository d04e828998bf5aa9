import { describe, expect, it } from 'vitest'
import {
  arcOf,
  carried,
  distanceToCompassArc,
  leastOpening,
  mostOpening,
  openedBy,
  openedTo,
  openingOf,
  traced,
  turned,
} from './compass'
import { drawnIn } from './crossings.svelte'
import { directionOf, distanceOf } from './geometry'

const pose = { needle: { x: 10, y: -5 }, pencil: { x: 40, y: -5 } }

it('keeps its opening when it is carried and when it is turned', () => {
  expect(openingOf(carried(pose, { x: -30, y: 12 }))).toBeCloseTo(30)
  expect(carried(pose, { x: -30, y: 12 }).needle).toEqual({ x: -30, y: 12 })
  const round = turned(pose, 100)
  expect(openingOf(round)).toBeCloseTo(30)
  expect(directionOf(round.needle, round.pencil)).toBeCloseTo(100)
})

it('takes a distance between two points, as far as it opens', () => {
  expect(distanceOf(openedTo(pose, { x: 10, y: 37 }).pencil, { x: 10, y: 37 })).toBeCloseTo(0)
  expect(openingOf(openedTo(pose, { x: 10.1, y: -5 }))).toBeCloseTo(leastOpening)
  expect(openingOf(openedBy(pose, 400))).toBeCloseTo(mostOpening)
  expect(openedBy(pose, 42).pencil.x).toBeCloseTo(52)
})

it('leaves an arc from where it began to where it ended, either way round, and once round at most', () => {
  for (const degrees of [120, -120, 350]) {
    const arc = arcOf(pose.needle, [pose.pencil, ...traced(pose, degrees)])
    expect(arc.radius).toBeCloseTo(30)
    expect(arc.from).toBeCloseTo(0)
    expect(arc.sweep).toBeCloseTo(degrees)
  }
  expect(arcOf(pose.needle, [pose.pencil, ...traced(pose, 800)]).sweep).toBeLessThan(360)
})

it('knows how far a point lies from an arc', () => {
  const arc = { id: 'a', centre: { x: 0, y: 0 }, radius: 10, from: 90, sweep: -90 }
  expect(distanceToCompassArc(arc, { x: 8, y: 8 })).toBeCloseTo(Math.hypot(8, 8) - 10)
  expect(distanceToCompassArc(arc, { x: 10, y: -3 })).toBeCloseTo(3)
  expect(distanceToCompassArc(arc, { x: -10, y: 0 })).toBeCloseTo(Math.hypot(10, 10))
})

it('passes points on its circle, close enough to make an arc, either way round', () => {
  for (const degrees of [90, -90, 3]) {
    const way = traced(pose, degrees)
    for (const point of way) expect(distanceOf(pose.needle, point)).toBeCloseTo(30)
    expect(way.at(-1)).toEqual(turned(pose, degrees).pencil)
    expect(way.length).toBe(Math.ceil(Math.abs(degrees) / 2))
  }
})

describe('what is drawn in a scene', () => {
  it('is given with its rays, lines and arcs as a pencil drew them', () => {
    const angle = {
      vertex: { x: 0, y: 0 },
      start: 0,
      measure: 60,
      opening: 'anticlockwise' as const,
      startLength: 50,
      endLength: 40,
    }
    const arc = { id: 'a', centre: { x: 0, y: 0 }, radius: 30, from: 350, sweep: 45 }
    const drawn = drawnIn({
      figures: [{ id: 'angle', angle, names: { vertex: 'L', start: 'K', end: 'M' } }],
      lines: Array.from({ length: 60 }, (_, i) => ({ id: `${i}`, from: { x: i, y: 0 }, to: { x: i, y: 9 } })),
      compassArcs: [arc],
    })
    expect(drawn.rays.map(({ name, ray }) => [name, ray.direction, ray.length])).toEqual([
      ['LK', 0, 50],
      ['LM', 60, 40],
    ])
    expect(drawn.strokes).toHaveLength(50)
    expect(drawn.strokes.at(-1)!.points[1]).toEqual({ x: 59, y: 9 })
    const { needle, points } = drawn.arcs[0]!
    expect(arcOf(needle, points)).toMatchObject({
      radius: expect.closeTo(30),
      from: expect.closeTo(350),
      sweep: expect.closeTo(45),
    })
  })
})
