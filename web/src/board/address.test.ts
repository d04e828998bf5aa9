import { Lesson } from './lesson.svelte'
import { describe, expect, it } from 'vitest'
import { addressOf, readAddress, requestOf, usual } from '../shared/boardAddress'
import { emptyOrder, hashOf, parseOrder, readOrder, shifted, writeOrder } from './order'

describe('the address of a demonstration', () => {
  it('leads back to the same demonstration', () => {
    const wanted = {
      ...usual,
      show: 'wrong-other-scale',
      measure: 128.5,
      opens: 'left' as const,
      tilt: -25,
      baseGiven: false,
      rules: { scale: 'openingSide' as const, ownLines: { count: 'Zero the hero & more' } },
      placement: { centre: { x: 1.5, y: -3 }, turn: 12, turnedOver: true },
      answer: 51.5,
    }
    expect(readAddress(addressOf(wanted))).toEqual({ wanted, fault: null })
  })

  it('is as usual where nothing is said', () => expect(readAddress('').wanted).toEqual(usual))

  it.each([
    ['?measure=', 'measure'],
    ['?measure=forty', 'measure'],
    ['?measure=-5', 'measure'],
    ['?measure=361', 'measure'],
    ['?measure=Infinity', 'measure'],
    ['?opens=up', 'opens'],
    ['?show=<b>', 'show'],
    ['?rules={"scale"', 'house rules'],
    ['?rules=[]', 'house rules'],
    ['?lay=1,2', 'lay'],
    ['?measure=64&x=' + 'y'.repeat(1_000_000), 'too long'],
  ])('of %s.40 says what is wrong and guesses nothing', (search, words) => {
    const read = readAddress(search)
    expect(read.wanted).toBeNull()
    expect(read.fault).toContain(words)
  })

  it('opens to the left with the start arm pointing left', () => {
    expect(requestOf({ ...usual, opens: 'left' }, null).angle).toMatchObject({
      start: 180,
      opening: 'clockwise',
    })
  })
})

describe('a running order', () => {
  const order = {
    name: 'Both scales · ∠',
    items: [
      { title: 'Measure ∠LKM', query: '?measure=64' },
      {
        title: 'Draw',
        query: '?show=draw&measure=128',
        hands: [{ step: 'scale', counts: [15, null, 9] }],
      },
    ],
  }

  it('survives the address and the file', () => {
    expect(readOrder(hashOf(order, null))).toEqual({ order, fault: null })
    expect(parseOrder(writeOrder(order))).toEqual({ order, fault: null })
    expect(hashOf(emptyOrder, null)).toBe('')
  })

  it.each([
    [writeOrder(order).slice(0, 90), /line \d/],
    [writeOrder(order).replace('"version": 1', '"version": 2'), /another version \(2\)/],
    [writeOrder(order).replace('jaunty-running-order', 'other'), /format/],
    [writeOrder(order).replace('?show=draw', 'javascript:'), /Demonstration 2/],
    [writeOrder(order).replace('15', '"many"'), /hands counted for demonstration 2/],
    [writeOrder(order).replace('15', '1e9'), /hands counted for demonstration 2/],
    [JSON.stringify({ format: 'jaunty-running-order', version: 1, name: 'x', items: 'none' }), /up to 40/],
    ['x'.repeat(1_000_000), /too long/],
  ])('that was cut, edited or made later is refused with the reason', (text, reason) => {
    const read = parseOrder(text)
    expect(read.order).toEqual(emptyOrder)
    expect(read.fault).toMatch(reason)
  })

  it('in an address that was cut opens empty, and says so', () => {
    const read = readOrder(hashOf(order, null).slice(0, -9))
    expect(read.order).toEqual(emptyOrder)
    expect(read.fault).not.toBeNull()
  })

  it('is rearranged within its ends', () => {
    expect(shifted(order, 1, -1).items.map((item) => item.title)).toEqual(['Draw', 'Measure ∠LKM'])
    expect(shifted(order, 0, -1)).toBe(order)
  })
})

describe('a lesson', () => {
  it('keeps shows of hands with its running order, wherever they were counted', () => {
    const lesson = new Lesson()
    lesson.count('?measure=64', 'scale', 1, 9)
    lesson.take({ name: 'x', items: [{ title: 'Measure', query: '?measure=64' }] })
    lesson.count('?measure=64', 'scale', 0, 15)
    lesson.count('?measure=70', 'kind', 0, 3)
    expect(lesson.order.items).toEqual([
      { title: 'Measure', query: '?measure=64', hands: [{ step: 'scale', counts: [15, 9] }] },
    ])
    const later = new Lesson()
    later.take(parseOrder(writeOrder(lesson.order)).order)
    expect(later.counts('?measure=64', 'scale')).toEqual([15, 9])
    later.count('?measure=64', 'scale', 0, null)
    later.count('?measure=64', 'scale', 1, null)
    expect(later.order.items[0]).not.toHaveProperty('hands')
  })
})
