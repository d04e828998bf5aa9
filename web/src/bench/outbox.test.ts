import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Outbox } from './outbox.svelte'

const stored = { id: 'x', itemIndex: 0, try: 1, triesLeft: 2 }
const reply = (status: number, body: unknown): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': 'application/json' } })

describe('the outbox', () => {
  const sent: { id: string; answeredAt?: string | null }[] = []
  let answers: (() => Response)[]

  beforeEach(() => {
    vi.useFakeTimers()
    localStorage.clear()
    sent.length = 0
    vi.stubGlobal('fetch', async (request: Request) => {
      sent.push(await request.json())
      return answers.shift()!()
    })
  })
  afterEach(() => {
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  const unreachable = (): Response => {
    throw new TypeError('no connection')
  }
  const ok = (): Response => reply(200, stored)
  const response = { kind: 'measure', reading: 64 } as const

  it('sends the same id again until the server has it', async () => {
    answers = [unreachable, () => reply(503, { title: 'away' }), ok]
    const outbox = new Outbox('wren')
    const done = outbox.handIn('a', 0, response)
    await vi.advanceTimersByTimeAsync(100)
    expect(outbox.unreachable).toBe(true)
    expect(outbox.holds('a', 0)).toBe(true)
    expect(localStorage.length).toBe(1)
    await vi.advanceTimersByTimeAsync(10_000)
    // What was handed in is not sent back: it is still here.
    expect(await done).toEqual({ ...stored, response })
    expect(new Set(sent.map((s) => s.id)).size).toBe(1)
    expect(sent).toHaveLength(3)
    expect(localStorage.length).toBe(0)
  })

  it('gives up on a refusal and says so', async () => {
    answers = [() => reply(409, { title: 'No tries are left.' })]
    await expect(new Outbox('wren').handIn('a', 0, response)).rejects.toThrow('No tries are left.')
    expect(localStorage.length).toBe(0)
  })

  it('keeps any number of answers, in their order, while the server is away', async () => {
    answers = [unreachable, unreachable, ok, ok, ok]
    const outbox = new Outbox('wren')
    const arrived: string[] = []
    outbox.onsent = (assignment) => arrived.push(assignment)
    const all = [0, 1, 2].map((item) => outbox.handIn('a', item, response))
    await vi.advanceTimersByTimeAsync(100)
    expect(outbox.waiting.map((w) => w.body.itemIndex)).toEqual([0, 1, 2])
    expect(JSON.parse(localStorage.getItem('jaunty.outbox.wren')!)).toHaveLength(3)
    await vi.advanceTimersByTimeAsync(20_000)
    await Promise.all(all)
    expect(outbox.waiting).toEqual([])
    expect(arrived).toHaveLength(3)
    expect(sent.map((s) => s.id).slice(2)).toHaveLength(3)
    expect(new Set(sent.map((s) => s.id)).size).toBe(3)
  })

  it('goes on with the next answer when one is refused', async () => {
    answers = [() => reply(409, { title: 'closed' }), ok]
    const outbox = new Outbox('wren')
    const first = outbox.handIn('a', 0, response)
    const second = outbox.handIn('b', 0, response)
    await expect(first).rejects.toThrow('closed')
    expect(await second).toEqual({ ...stored, response })
  })

  it('does not lose an answer to a wrong clock', async () => {
    answers = [() => reply(400, { title: 'x', errors: { answeredAt: ['must be'] } }), ok]
    await new Outbox('wren').handIn('a', 0, response)
    expect(sent[1]!.answeredAt).toBeNull()
    expect(sent[1]!.id).toBe(sent[0]!.id)
  })

  it('resumes what an earlier visit left, for the same student only', async () => {
    answers = [unreachable, ok]
    void new Outbox('wren').handIn('a', 0, response)
    await vi.advanceTimersByTimeAsync(10)
    await new Outbox('kit').flush()
    expect(sent).toHaveLength(1)
    await new Outbox('wren').flush()
    expect(sent).toHaveLength(2)
    expect(sent[1]!.id).toBe(sent[0]!.id)
  })
})
