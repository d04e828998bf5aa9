/* Constructing with compass and straightedge by somebody who only listens: every point is found by where it is told to be. */
import { openings, placeIn, type Band, type Listener, type Sought } from './listener'
import { polar, type Spot } from './people'

/** A point heard to the tenth of a millimetre, and a needle that came to stand nearly there. */
const near =
  (to: Spot): Sought =>
  (at) =>
    Math.hypot(at.x - to.x, at.y - to.y) < 1.2

const vertexOf = (told: string, letter: string): Spot =>
  placeIn(new RegExp(`The vertex ${letter} is [^:]*?(?=\\. |$)`).exec(told)![0])
const turnedOf = (told: string, arm: string): number =>
  Number(new RegExp(`Arm ${arm} is [\\d.]+ mm long, turned ([\\d.]+)°`).exec(told)![1])
const senseOf = (text: string): number => (/anticlockwise/.test(text) ? 1 : -1)
const directionOf = (from: Spot, to: Spot): number =>
  (Math.atan2(to.y - from.y, to.x - from.x) * 180) / Math.PI
const reduced = (degrees: number): number => ((degrees % 360) + 360) % 360

/** A point that is seen from a vertex so far round from a direction, and away as asked. */
const round =
  (corner: Spot, along: number, sense: number, opens: Band, isAway: (distance: number) => boolean): Sought =>
  (at) => {
    const turn = reduced(sense * (directionOf(corner, at) - along))
    return (
      isAway(Math.hypot(at.x - corner.x, at.y - corner.y)) && turn > opens.from - 5 && turn < opens.to + 5
    )
  }
const on =
  (opening: number) =>
  (distance: number): boolean =>
    Math.abs(distance - opening) < 0.5

/** Lays the protractor where a ray begins, and reads how far round the line lies that was drawn last. */
async function check(student: Listener, arm: string, opens: Band): Promise<void> {
  await student.button('Save and carry on')
  for (let tries = 0; tries < 3; tries++) {
    // At the other vertex of the sheet not every ray has a number.
    const laid = await student.laid().catch(() => null)
    if (!laid?.rays.some(([ray]) => ray.endsWith(arm))) continue
    const drawn = laid.rays.findLast(([ray]) => ray.startsWith('Your line'))![0]
    await student.write('My angle measures', student.reading(laid, drawn, opens))
    return
  }
  throw new Error(`The protractor could not be laid on ${arm}.`)
}

export async function bisect(student: Listener): Promise<void> {
  const told = await student.sheet()
  const [, start, vertex, end] = /∠(\w)(\w)(\w)/.exec(await student.prompt())!
  const corner = vertexOf(told, vertex!)
  const first = 21
  const sense = senseOf(/From \w\w ((?:anti)?clockwise) to/.exec(told)![1]!)
  const from = turnedOf(told, vertex! + start!)
  await student.circle(near(corner), first)
  // Where it crosses the arms is told with their names; how far the other arm is turned is not told.
  const crossed = await student.circle(near(polar(corner, from, first)), 36)
  if (!crossed.includes(`${vertex}${start}`)) throw new Error(crossed)
  const opens = openings(told)[0]!
  await student.circle(round(corner, from, sense, opens, on(first)), 36)
  // The two arcs meet twice, and the line through both halves the angle.
  const half = { from: opens.from / 2, to: opens.to / 2 }
  await student.join(
    near(corner),
    round(corner, from, sense, half, (distance) => distance > first + 1),
  )
  await check(student, vertex! + start!, half)
}

export async function copy(student: Listener): Promise<void> {
  const told = await student.sheet()
  const [, start, vertex, , ray, copied] =
    /∠(\w)(\w)(\w) onto ray ((\w)\w)/.exec(await student.prompt()) ?? []
  const corner = vertexOf(told, vertex!)
  const other = vertexOf(told, copied!)
  const from = turnedOf(told, vertex! + start!)
  const opening = 30
  const opens = openings(told)[0]!
  const sense = senseOf(/From \w\w ((?:anti)?clockwise) to/.exec(told)![1]!)
  await student.circle(near(corner), opening)
  const onStart = near(polar(corner, from, opening))
  const onEnd = round(corner, from, sense, opens, on(opening))
  await student.circle(near(other), opening)
  const distance = await student.distance(onStart, onEnd)
  const along = turnedOf(told, ray!)
  await student.circle(near(polar(other, along, opening)), distance)
  // They meet on either side of the ray: one is on the side to which the copy shall open.
  const asked = senseOf(/should open ((?:anti)?clockwise)/.exec(told)![1]!)
  await student.join(near(other), round(other, along, asked, opens, on(opening)))
  await check(student, ray!, opens)
}

/** Between which two directions another is found by halving. */
const between: Record<number, [number, number]> = {
  15: [0, 30],
  30: [0, 60],
  45: [0, 90],
  90: [60, 120],
  150: [120, 180],
}

export async function build(student: Listener): Promise<void> {
  const told = await student.sheet()
  const prompt = await student.prompt()
  const [, vertex, end] = /∠\w(\w)(\w)/.exec(prompt)!
  const arm = new RegExp(`on ray (${vertex}\\w)`).exec(prompt)![1]!
  const degrees = Number(/= (\d+)°/.exec(prompt)![1])
  const corner = vertexOf(told, vertex!)
  const along = turnedOf(told, arm)
  const sense = senseOf(/should open ((?:anti)?clockwise)/.exec(told)![1]!)
  const opening = 30
  const at = (turn: number, away = opening): Spot => polar(corner, along + sense * turn, away)
  if (end === arm[1]) throw new Error(prompt)

  /** Makes a point of the first arc some way round; every needle stands on a point that is told. */
  const made = new Set([0])
  async function make(turn: number): Promise<void> {
    if (made.has(turn)) return
    made.add(turn)
    if (turn % 60 === 0) {
      await make(turn - 60)
      await student.circle(near(at(turn - 60)), opening)
      return
    }
    await student.join(near(corner), await meeting(turn))
  }
  /** Where two arcs meet that halve the angle between two such points. */
  async function meeting(turn: number): Promise<Sought> {
    const [one, other] = between[turn]!
    await make(one)
    await make(other)
    const arcs = 25
    for (const point of [one, other]) await student.circle(near(at(point)), arcs)
    const half = ((other - one) / 2 / 180) * Math.PI
    const away = opening * Math.cos(half) + Math.sqrt(arcs ** 2 - (opening * Math.sin(half)) ** 2)
    return near(at(turn, away))
  }

  await student.circle(near(corner), opening)
  if (degrees % 60 === 0) {
    await make(degrees)
    await student.join(near(corner), near(at(degrees)))
  } else await student.join(near(corner), await meeting(degrees))
  await check(student, arm, { from: degrees, to: degrees })
}
