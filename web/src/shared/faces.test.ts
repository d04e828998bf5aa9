import { afterEach, beforeEach, expect, it, vi } from 'vitest'
import type { Schema } from '../api/client'
import { facesFor } from './faces'

const asked: string[] = []
const reply = (id: string): object => ({ protractor: { id }, face: { graduations: [], labels: [] } })

beforeEach(() => {
  asked.length = 0
  vi.stubGlobal('fetch', async (request: Request) => {
    const path = new URL(request.url).pathname
    asked.push(path)
    const body = path.endsWith('/described')
      ? reply(((await request.json()) as { instrument: { id: string } }).instrument.id)
      : [reply('desk-half-circle'), reply('full-circle')]
    return new Response(JSON.stringify(body), { headers: { 'Content-Type': 'application/json' } })
  })
})
afterEach(() => vi.unstubAllGlobals())

const view = (inHand: string | null, laid: string | null = null): Schema['ItemView'] =>
  ({ inHand: inHand && { id: inHand }, laid: laid && { id: laid } }) as unknown as Schema['ItemView']

it('knows the shipped instruments without asking for each', async () => {
  const faces = await facesFor([view('desk-half-circle'), view(null)])
  expect(faces.map((f) => f.protractor.id)).toEqual(['desk-half-circle', 'full-circle'])
  expect(asked).toHaveLength(1)
})

it('asks once for each instrument that the items bring along, in hand or laid', async () => {
  const faces = await facesFor([view('own'), view('own', 'other'), view(null, 'own')])
  expect(faces.map((f) => f.protractor.id)).toEqual(['desk-half-circle', 'full-circle', 'own', 'other'])
  expect(asked.filter((path) => path.endsWith('/described'))).toHaveLength(2)
})
