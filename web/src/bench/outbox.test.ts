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
    expect(outbox.waiting).toBe(true)
    expect(localStorage.length).toBe(1)
    await vi.advanceTimersByTimeAsync(10_000)
    expect(await done).toEqual(stored)
    expect(new Set(sent.map((s) => s.id)).size).toBe(1)
    expect(sent).toHaveLength(3)
    expect(localStorage.length).toBe(0)
  })

  it('gives up on a refusal and says so', async () => {
    answers = [() => reply(409, { title: 'No tries are left.' })]
    await expect(new Outbox('wren').handIn('a', 0, response)).rejects.toThrow('No tries are left.')
    expect(localStorage.length).toBe(0)
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
    await new Outbox('kit').resume()
    expect(sent).toHaveLength(1)
    await new Outbox('wren').resume()
    expect(sent).toHaveLength(2)
    expect(sent[1]!.id).toBe(sent[0]!.id)
  })
})
