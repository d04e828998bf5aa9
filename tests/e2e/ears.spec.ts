/* Every kind of exercise worked by somebody who only listens: from the accessibility tree alone. */
import { expect, test } from './application'
import { bisect, build, copy } from './constructing-by-ear'
import { kindOf, Listener, openings } from './listener'
import { addStudent, give, join, signIn, type Made } from './people'

type Work = (student: Listener, made: Made) => Promise<void>

const count: Record<string, number> = { no: 0, one: 1, two: 2, three: 3, four: 4, five: 5, six: 6 }
const numberIn = (text: string): number => Number(/\d+/.exec(text)![0])

const escaped = (text: string): string => text.replace(/[+()/]/g, '\\$&')

/** An expression in x as it is told: how many x, and the number with its sign, both as they are written. */
function linear(text: string): { text: string; times: string; number: string } {
  const [, ahead, below, sign, number] = /^([^x]*)x(?:\/(\d+))?(?: ([+−]) (.+))?$/.exec(text)!
  const times = `${ahead || '1'}${below ? `/${below}` : ''}`
  return { text, times: `(${times})`, number: number ? `(${sign === '−' ? '−' : ''}${number})` : '0' }
}

/** What each kind asks, worked from what is told. Short questions and causes of mistakes are known from the lesson. */
const works: Record<string, Work> = {
  'instrument-question': async (student, made) => {
    expect(await student.sheet()).toContain('two rings of numbers')
    await student.choose('Choose one', made.key[0]!.answer.text)
  },
  'which-kind': async (student) => student.choose('It is', kindOf(openings(await student.sheet())[0]!)),
  name: async (student) => {
    const told = await student.sheet()
    const [, vertex, rays] = /from the vertex (\w)[^:]*: ([^.]*)\./.exec(told)!
    const [, start, end] = /arc goes from \w(\w) to \w(\w)/.exec(told)!
    const proposed = /call it ∠(\w+)\?/.exec(await student.prompt())![1]!
    const onlyOne = rays!.match(/\w\w/g)!.filter((ray) => ray.startsWith(vertex!)).length === 2
    const allowed =
      [`${start}${vertex}${end}`, `${end}${vertex}${start}`].includes(proposed) ||
      (onlyOne && proposed === vertex)
    await student.choose(/allowed/, allowed ? 'yes' : 'no')
    await student.write(/Write a name/, `${start}${vertex}${end}`)
  },
  outline: async (student) => {
    const told = await student.sheet()
    const prompt = await student.prompt()
    const outlines = [
      ...told.matchAll(/(\w), [\w ]+ has (?:one corner|\d+ corners)\. ([^.]*(?:\.5[^.]*)*)\./g),
    ].map(([, letter, list]) => ({ letter: letter!, kinds: openings(list!).map(kindOf) }))
    const has = (kinds: string[], kind: string): number => kinds.filter((each) => each === kind).length
    const riddle = [
      ...prompt.split('?')[0]!.matchAll(/(no|one|two|three|four|five|six) (acute|right|obtuse) angle/g),
    ]
    const equal = /equal acute|acute angles that are equal/.test(prompt)
    const fits = outlines.filter(
      ({ letter, kinds }) =>
        riddle.every(([, number, kind]) => has(kinds, kind!) === count[number!]) &&
        (!equal || told.split(/(?<=\.) /).some((line) => line.startsWith(`In ${letter},`))),
    )
    expect(fits.map(({ letter }) => letter)).toHaveLength(1)
    await student.choose('It is outline', new RegExp(`^${fits[0]!.letter},`))
    const counted = /how many (\w+) angles does/.exec(prompt)![1]!
    await student.write(/How many/, has(fits[0]!.kinds, counted))
  },
  compare: async (student) => {
    const [, verdict] = /of A lies (inside|outside|exactly)/.exec(await student.sheet())!
    await student.choose(
      'The larger angle is',
      verdict === 'inside' ? 'B' : verdict === 'outside' ? 'A' : 'they are equal',
    )
  },
  estimate: async (student) => {
    const [opens] = openings(await student.sheet())
    const middle = (opens!.from + opens!.to) / 2
    const nearest = [45, 90, 135, 180].reduce((a, b) => (Math.abs(b - middle) < Math.abs(a - middle) ? b : a))
    await student.choose('Which benchmark is nearest?', `${nearest}°`)
    await student.fan(middle)
    await student.button('Save and carry on')
    await student.write('Your reading in degrees', await student.measure(opens))
  },
  'draw-by-eye': async (student) => {
    await student.draw(numberIn(await student.prompt()), true)
    await student.button('Save and carry on')
    const laid = await student.laid()
    await student.write('My drawing measures', student.reading(laid, 'line'))
  },
  exactly: async (student) => {
    const asked = numberIn(await student.prompt())
    const opens = openings(await student.sheet())
    const letters = ['A', 'B', 'C', 'D'].slice(0, opens.length)
    const off = (i: number): number => Math.abs((opens[i]!.from + opens[i]!.to) / 2 - asked)
    const byEye = letters.toSorted((a, b) => off(letters.indexOf(a)) - off(letters.indexOf(b)))[0]!
    await student.choose('By eye I pick', byEye)
    await student.button('Save and carry on')
    for (let tries = 0; tries < letters.length; tries++) {
      const laid = await student.laid()
      const letter = /Angle (\w)/.exec(laid.zero)![1]!
      const reading = student.reading(laid, null, opens[letters.indexOf(letter)])
      if (Math.abs(reading - asked) > 0.5) continue
      await student.choose('Measured, it is', letter)
      return
    }
    throw new Error('None of them measures as asked.')
  },
  'read-laid': async (student) => {
    const told = await student.sheet()
    const stands = [...told.matchAll(/Arm \w\w: outer (\d+) and inner (\d+)\./g)]
    const zero = stands.find(([, outer, inner]) => outer === '0' || inner === '0')
    const scale = zero![1] === '0' ? 1 : 2
    await student.write('It reads, in degrees', stands.find((other) => other !== zero)![scale]!)
  },
  measure: async (student) => {
    await student.write('Your reading in degrees', await student.measure(openings(await student.sheet())[0]))
  },
  'both-arms': async (student) => {
    const [, one, other] = /zero on (\w\w), then once more with zero on (\w\w)/.exec(await student.prompt())!
    const opens = openings(await student.sheet())[0]
    const first = student.reading(await student.laid(true, one), other!, opens)
    await student.write(`Zero on ${one}: it reads`, first)
    const second = student.reading(await student.laid(false, other), one!, opens)
    await student.write(`Zero on ${other}: it reads`, second)
    await student.choose('Do both agree?', 'yes')
  },
  reflex: async (student) => {
    const smaller = await student.measure()
    await student.write('Beyond the straight line I read', 180 - smaller)
    await student.write('So the reflex angle is', 360 - smaller)
  },
  'full-turn': async (student) => {
    await student.write('The turn in degrees', await student.measure(openings(await student.sheet())[0]))
  },
  range: async (student) => {
    const told = await student.sheet()
    const [, base, first, second] = /From (\w\w) \w+ to (\w\w) .* to (\w\w) it opens/.exec(told)!
    const laid = await student.laid(true, base)
    const opens = openings(told)
    const readings = [first!, second!].map((ray, i) => student.reading(laid, ray, opens[i]))
    await student.write(`${first} is at`, readings[0]!)
    await student.write(`${second} is at`, readings[1]!)
    await student.write('So it moves by', readings[1]! - readings[0]!)
  },
  'figure-angles': async (student) => {
    const told = await student.sheet()
    const opens = openings(told)
    const corners = [...told.matchAll(/Corner (\w) is/g)].map(([, letter]) => letter!)
    let sum = 0
    const seen = new Set<string>()
    while (seen.size < corners.length) {
      const laid = await student.laid()
      const corner = /(\w)\w$/.exec(laid.zero)![1]!
      const reading = student.reading(laid, null, opens[corners.indexOf(corner)])
      if (!seen.has(corner)) sum += reading
      seen.add(corner)
      await student.write(`Angle at ${corner}`, reading)
    }
    await student.write('All together', 180 * (corners.length - 2))
    expect(Math.abs(sum - 180 * (corners.length - 2))).toBeLessThan(corners.length)
  },
  clock: async (student) => {
    const prompt = await student.prompt()
    const time = /shows (\d+):(\d+)/.exec(prompt)
    if (time) {
      expect(await student.sheet()).toContain(`minute ${Number(time[2])}.`)
      const apart = Math.abs(30 * (Number(time[1]) % 12) + 0.5 * Number(time[2]) - 6 * Number(time[2]))
      await student.write('Answer in degrees', Math.min(apart, 360 - apart))
    } else {
      await student.write('Answer in degrees', numberIn(prompt) * (/hour hand/.test(prompt) ? 0.5 : 6))
    }
  },
  parts: async (student) => {
    const told = await student.sheet()
    const prompt = await student.prompt()
    const parts = /written in them, in degrees: (.*)\.$/.exec(told.trim())![1]!.split(', ').map(linear)
    const [whole, reason] = /box/.test(told)
      ? [90, 'The box shows a right angle.']
      : /straight line/.test(told)
        ? [180, 'The outer arms make a straight line.']
        : /all the way round|reflex/.test(told)
          ? [360, 'They go all the way round.']
          : /same mark/.test(told)
            ? [0, 'They have the same mark.']
            : /bisects/.test(prompt)
              ? [0, 'A bisector makes two equal angles.']
              : [0, 'They are opposite each other where two lines cross.']
    await student.choose(
      'What do we know about these angles?',
      whole ? `They make ${whole}° together.` : 'They are equal.',
    )
    await student.choose('How do we know?', reason)
    const written = parts.map(({ text }) => text)
    await student.write('Your equation', whole ? `${written.join(' + ')} = ${whole}` : written.join(' = '))
    // So many x make so much: the rest is left as a sum for the reader.
    const times = parts.map((part) => part.times)
    const numbers = parts.map((part) => part.number)
    const x = whole
      ? `(${whole} − (${numbers.join(' + ')})) / (${times.join(' + ')})`
      : `(${numbers[1]} − (${numbers[0]})) / (${times[0]} − ${times[1]})`
    await student.write('x =', x)
    for (const { text, times, number } of parts)
      await student.write(new RegExp(`^The angle ${escaped(text)}$`), `${times}·(${x}) + ${number}`)
    if (whole) await student.write('All the parts added up', whole)
  },
  similar: async (student) => {
    const told = await student.sheet()
    const angles = new Map(
      [...told.matchAll(/angle at (\w) is (\d+)°/g)].map(([, corner, n]) => [corner!, Number(n)]),
    )
    const shown = [...angles]
    for (const corners of ['ABC', 'PQR']) {
      const hidden = [...corners].find((c) => !angles.has(c))!
      const third = 180 - [...corners].reduce((sum, c) => sum + (angles.get(c) ?? 0), 0)
      angles.set(hidden, third)
      await student.write(`Angle at ${hidden}`, third)
    }
    const of = (corners: string): number[] => [...corners].map((c) => angles.get(c)!)
    const equal = of('ABC').filter((n) => of('PQR').includes(n)).length
    const given = shown.filter(
      ([c, n]) => 'ABC'.includes(c) && shown.some(([d, m]) => 'PQR'.includes(d) && m === n),
    )
    await student.choose('Are the triangles similar?', equal === 3 ? 'yes' : 'no')
    await student.choose(
      'How do we know?',
      given.length === 2 ? /are given/ : equal === 3 ? /third angles/ : equal === 1 ? /Only one/ : /No angle/,
    )
    const [, side] = /Which side goes with (\w\w)/.exec(await student.panel.innerText())!
    const opposite = angles.get([...'ABC'].find((c) => !side!.includes(c))!)
    const corner = [...'PQR'].find((c) => angles.get(c) === opposite)
    const match = ['PQ', 'QR', 'RP'].find((name) => !name.includes(corner!))
    await student.choose(/Which side goes with/, equal === 3 ? match! : /none/)
  },
  'side-ratios': async (student) => {
    const lengths: number[][] = []
    for (const sides of [
      ['AB', 'BC', 'CA'],
      ['PQ', 'QR', 'RP'],
    ]) {
      const read: number[] = []
      for (const side of sides) {
        read.push(Math.round(await student.side(side)))
        await student.write(`${side} in mm`, read.at(-1)!)
      }
      lengths.push(read)
    }
    const [first, second] = lengths as [number[], number[]]
    const bySize = (read: number[]): number[] => read.toSorted((a, b) => a - b)
    const ranges: [number, number][] = []
    for (const [i, side] of ['AB', 'BC', 'CA'].entries()) {
      const other = bySize(second)[bySize(first).indexOf(first[i]!)]!
      await student.write(new RegExp(`divided by ${side}`), (other / first[i]!).toFixed(2))
      ranges.push([(other - 0.5) / (first[i]! + 0.5), (other + 0.5) / (first[i]! - 0.5)])
    }
    const agree = Math.max(...ranges.map(([low]) => low)) <= Math.min(...ranges.map(([, high]) => high))
    await student.choose('Are the triangles similar?', agree ? 'yes' : 'no')
    await student.choose('How do we know?', agree ? /as close as/ : /too far apart/)
  },
  'find-mistake': async (student, made) => {
    expect(await student.sheet()).toMatch(/centre mark .* zero line .*\. Arm \w\w: /)
    await student.choose('What went wrong?', made.key[0]!.answer.text)
    await student.button('Save and carry on')
    const opens = openings(await student.sheet())[0]
    await student.write('Put it right: how many degrees is it?', await student.measure(opens))
  },
  draw: async (student) => {
    const wanted = numberIn(await student.prompt())
    await student.laid()
    // The dot stands at the number that is asked, on one of the scales.
    expect([...(await student.draw(wanted)).values()]).toContain(wanted)
  },
  'draw-triangles': async (student) => {
    const told = await student.sheet()
    const [left, right] = [...(await student.prompt()).matchAll(/(\d+)°/g)].map(([, n]) => Number(n))
    const at = (corner: string): { x: number; y: number } => {
      const [place] = new RegExp(`Corner ${corner} is [^:]*?(?:up|down)`).exec(told)!
      const part = (plus: string, minus: string): number => {
        const found = new RegExp(`([\\d.]+) mm (${plus}|${minus})`).exec(place)
        return found ? Number(found[1]) * (found[2] === plus ? 1 : -1) : 0
      }
      return { x: part('right', 'left'), y: part('up', 'down') }
    }
    for (const [base, angle] of [
      ['AB', left],
      ['BA', right],
      ['PQ', left],
      ['QP', right],
    ] as const)
      await student.arm(base, at(base[0]!), at(base[1]!), angle!)
    await student.button('Save and carry on')
    const of = (side: string): number => Number(new RegExp(`${side} is a side, ([\\d.]+) mm`).exec(told)![1])
    const factor = of('PQ') / of('AB')
    // Where the lines cross is a place of its own; both triangles were drawn as they should be.
    const third = Math.sin(((180 - left! - right!) * Math.PI) / 180)
    const along = (base: number, opposite: number): number =>
      Math.round((base * Math.sin((opposite * Math.PI) / 180)) / third)
    await student.write('BC in mm', along(of('AB'), left!))
    await student.write('CA in mm', along(of('AB'), right!))
    await student.write('QR in mm', along(of('PQ'), left!))
    await student.write('RP in mm', along(of('PQ'), right!))
    for (const side of ['AB', 'BC', 'CA'])
      await student.write(new RegExp(`divided by ${side}`), factor.toFixed(2))
    await student.choose('Are the triangles similar?', 'yes')
    await student.choose('How do we know?', /as close as/)
  },
  bisect,
  copy,
  build,
  'draw-special': async (student) => {
    const prompt = await student.prompt()
    const number = /= (\d+)°|of (\d+)°|(\d+)°/.exec(prompt)
    const degrees = /straight/.test(prompt)
      ? 180
      : /right/.test(prompt)
        ? 90
        : /supplement/.test(prompt)
          ? 180 - numberIn(prompt)
          : Number(number![1] ?? number![2] ?? number![3])
    await student.laid()
    await student.draw(degrees)
  },
}

test('every kind is worked from what is told, by keys, without looking', async ({
  page,
  browser,
  baseURL,
}) => {
  test.setTimeout(300_000)
  await signIn(page)
  const pin = await addStudent(page, 'Hark')
  const { id, items } = await give(page, Object.keys(works), { theme: 'plain' }, { tries: 1 })
  const bench = await (
    await browser.newContext({ baseURL, viewport: { width: 1280, height: 900 } })
  ).newPage()
  await join(bench, 'Hark', pin, id)
  const student = new Listener(bench)
  for (const [i, made] of items.entries()) {
    await bench.getByRole('button', { name: `Question ${i + 1}`, exact: true }).press('Enter')
    await expect(student.panel.getByRole('heading').first()).toHaveText(made.view.prompt.text)
    const told = await student.sheet()
    expect(told, made.view.kind).not.toMatch(/-\d|\b0 mm|360°|undefined|\{/)
    await works[made.view.kind]!(student, made)
    await student.button('Hand in')
    await expect(bench.getByTestId('feedback'), made.view.kind).toHaveClass(/accepted/)
  }
  await bench.context().close()
})
