import { afterEach, describe, expect, it } from 'vitest'
import type { Protractor } from '../api/client'
import { unusual } from '../shared/houseRules'
import { fileOf, likeAnother, withScale, withShape } from './describing'
import { teachAgain } from './teach'
import { assumed, calibrate, pixelsPerMillimetre } from './trueSize'

const desk: Protractor = {
  id: 'desk-half-circle',
  name: 'Desk protractor',
  shape: 'halfCircle',
  edgeRadius: 75,
  halfLength: 76,
  inset: 7,
  smallestGraduation: 1,
  scales: [
    { id: 'outer', radius: 65, zeroAt: 180, growth: 'clockwise', extent: 180 },
    { id: 'inner', radius: 54, zeroAt: 0, growth: 'anticlockwise', extent: 180 },
  ],
}

describe('describing an instrument', () => {
  it('begins with a copy that has a name of its own', () => {
    const own = likeAnother(desk)
    expect(own.id).toBe('own-our-desk-protractor')
    own.scales[0]!.radius = 1
    expect(desk.scales[0]!.radius).toBe(65)
  })

  it('lets a scale on a half circle grow only into the body', () => {
    expect(withScale(desk, 0, { zeroAt: 0 }).scales[0]).toMatchObject({ zeroAt: 0, growth: 'anticlockwise' })
    const one = { ...desk, scales: [desk.scales[1]!] }
    expect(withScale(one, 1, {}).scales[1]).toMatchObject({ id: 'outer', zeroAt: 180, growth: 'clockwise' })
  })

  it('makes a full circle whose scales go all the way round, and back', () => {
    const full = withShape(desk, 'fullCircle')
    expect(full).toMatchObject({
      inset: 0,
      scales: [
        { extent: 360, zeroAt: 0 },
        { extent: 360, zeroAt: 0 },
      ],
    })
    expect(withShape(full, 'halfCircle').scales[0]).toMatchObject({ extent: 180, growth: 'anticlockwise' })
  })

  it('is written as a file that names its format and version', () => {
    expect(JSON.parse(fileOf(desk))).toEqual({ format: 'jaunty-instrument', version: 1, instrument: desk })
  })
})

describe('true size', () => {
  afterEach(() => localStorage.clear())

  it('is kept for this screen, and what makes no sense is not believed', () => {
    expect(pixelsPerMillimetre()).toBe(assumed)
    calibrate(5.2)
    expect(pixelsPerMillimetre()).toBe(5.2)
    localStorage.setItem('jaunty-pixels-per-millimetre', '-3')
    expect(pixelsPerMillimetre()).toBe(assumed)
  })
})

describe('teaching an answer again', () => {
  const place = {
    instrumentId: desk.id,
    angle: {
      vertex: { x: 0, y: -32 },
      start: 180,
      measure: 64,
      opening: 'clockwise' as const,
      startLength: 82,
      endLength: 50,
    },
  }
  const placement = { centre: { x: 1, y: -30 }, turn: 3, turnedOver: false }

  it('replays the mistake as it was made, on a sheet whose middle is the vertex', () => {
    const example = {
      itemIndex: 0,
      asked: 64,
      answered: 116,
      demonstration: 'wrong-other-scale',
      placement,
      ...place,
    }
    const query = new URLSearchParams(
      teachAgain(example, null, 'results/7').replace('/board?', '').split('#')[0],
    )
    expect(Object.fromEntries(query)).toMatchObject({
      show: 'wrong-other-scale',
      measure: '64',
      opens: 'left',
      end: '50',
      lay: '1,2,3,0',
      answer: '116',
    })
  })

  it('keeps to the plain demonstration where there is no replay', () => {
    const example = { itemIndex: 0, asked: 64, answered: 70, demonstration: 'measure', placement, ...place }
    expect(teachAgain(example, null, 'results/7')).not.toMatch(/lay=|answer=|show=/)
  })

  it('takes along only what the class does otherwise than usual', () => {
    const rules = {
      language: 'en',
      scale: 'sizeFirst',
      confirming: null,
      turning: 'instrument',
      estimateFirst: true,
      tolerance: 2,
      words: { arm: 'ray', centreMark: 'centre mark' },
      ownLines: null,
    } as unknown as Parameters<typeof unusual>[0]
    expect(unusual(rules)).toEqual({
      language: 'en',
      scale: 'sizeFirst',
      estimateFirst: true,
      words: { arm: 'ray' },
    })
    expect(unusual(null)).toEqual({})
  })
})
