import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { Outbox, type Sent } from './outbox.svelte'
import { Shelf } from './shelf'

const response = { kind: 'measure', reading: 64 } as const
const problem = 'application/problem+json'

/** A server of the tests: what it answers is told by the test; what it stores it stores once. */
class Server {
  signedIn = 'wren'
  stored: { id: string; studentId: string; itemIndex: number }[] = []
  seen: string[] = []
  /** What is answered instead, oldest first. */
  instead: (() => Response | Promise<Response>)[] = []

  answer = async (request: Request): Promise<Response> => {
    if (request.method === 'GET')
      return json(200, { signedIn: true, id: this.signedIn, antiforgeryToken: 'token' })
    const body = (await request.json()) as { id: string; studentId: string; itemIndex: number }
    this.seen.push(body.id)
    const other = this.instead.shift()
    if (other) return other()
    if (body.studentId !== this.signedIn)
      return json(403, { type: 'urn:jaunty-compass:other-student', title: 'x' }, problem)
    if (!this.stored.some((s) => s.id === body.id)) this.stored.push(body)
    return json(200, { id: body.id, itemIndex: body.itemIndex, try: 1, triesLeft: 2 })
  }
}
const json = (status: number, body: unknown, type = 'application/json', headers = {}): Response =>
  new Response(JSON.stringify(body), { status, headers: { 'content-type': type, ...headers } })
const unreachable = (): Response => {
  throw new TypeError('no connection')
}
const page = (status: number) => (): Response =>
  new Response('<h1>Bad gateway</h1>', { status, headers: { 'content-type': 'text/html' } })

describe('the outbox', () => {
  let server: Server
  let open: Outbox[] = []
  const outboxOf = (student: string): Outbox => {
    const outbox = new Outbox(student, new Shelf())
    open.push(outbox)
    return outbox
  }
  /** Lets everything happen that happens within so many seconds. */
  const within = async (seconds: number): Promise<void> => {
    const step = Math.max(0.05, seconds / 40)
    for (let passed = 0; passed < seconds; passed += step) {
      await vi.advanceTimersByTimeAsync(step * 1000)
      // The database of the tests works between two turns of the real event loop.
      for (let turn = 0; turn < 6; turn++) await new Promise((resolve) => setImmediate(resolve))
    }
  }

  beforeEach(() => {
    vi.useFakeTimers({ toFake: ['setTimeout', 'clearTimeout', 'Date'] })
    globalThis.indexedDB = new IDBFactory()
    server = new Server()
    vi.stubGlobal('fetch', server.answer)
    // jsdom has no locks and real channels: tabs of one browser are tried in the browser's own tests.
    vi.stubGlobal('BroadcastChannel', undefined)
  })
  afterEach(async () => {
    for (const outbox of open) await Promise.race([outbox.stop(), within(1)])
    open = []
    vi.useRealTimers()
    vi.unstubAllGlobals()
  })

  it.each([
    ['no connection', unreachable],
    ['a proxy without a server', page(502)],
    ['a proxy that waited too long', page(504)],
    ['too much at once', () => json(429, { title: 'x' }, problem, { 'Retry-After': '30' })],
    ['a database that is away', () => json(503, { title: 'x' }, problem)],
    ['a server that is being replaced', page(404)],
    ['somebody in between who answers nicely', () => json(200, { welcome: 'to the network' })],
    ['a refusal that is not ours', page(403)],
  ])('sends the same answer again after %s', async (_name, fault) => {
    server.instead = [fault, fault]
    const outbox = outboxOf('wren')
    const sent: Sent[] = []
    outbox.onsent = (_, answer) => sent.push(answer)
    await outbox.handIn('a', 0, response)
    await within(0.2)
    expect(outbox.holds('a', 0)).toBe(true)
    await within(20)
    expect(outbox.waiting).toEqual([])
    expect(server.stored).toHaveLength(1)
    expect(new Set(server.seen).size).toBe(1)
    expect(sent[0]).toMatchObject({ try: 1, response })
    expect(await new Shelf().answersOf('wren')).toEqual([])
  })

  it('keeps any number of answers, in their order, over a closed page', async () => {
    server.instead = Array.from({ length: 3 }, () => unreachable)
    const before = outboxOf('wren')
    for (const item of [0, 1, 2]) {
      await before.handIn('a', item, response)
      await within(0.01)
    }
    await before.stop()
    server.instead = []
    const after = outboxOf('wren')
    await within(1)
    expect(server.stored.map((s) => s.itemIndex)).toEqual([0, 1, 2])
    expect(after.waiting).toEqual([])
  })

  it('keeps and shows an answer that is refused for good, and goes on with the next', async () => {
    server.instead = [() => json(409, { title: 'This set is closed.', detail: 'No more.' }, problem)]
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await outbox.handIn('b', 0, response)
    await within(1)
    expect(outbox.refused.map((r) => r.refused?.title)).toEqual(['This set is closed.'])
    expect(server.stored).toHaveLength(1)
    await outbox.stop()
    const later = outboxOf('wren')
    await within(0.1)
    expect(later.refused).toHaveLength(1)
    await later.dismiss(later.refused[0]!.id)
    expect(await new Shelf().answersOf('wren')).toEqual([])
  })

  it('waits for the student to sign in again when the session has ended', async () => {
    server.instead = [() => json(401, { title: 'x' }, problem)]
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await within(1)
    expect(outbox.mustSignIn).toBe(true)
    await outbox.handIn('a', 1, response)
    await within(60)
    expect(server.stored).toEqual([])
    outbox.signedIn()
    await within(1)
    expect(server.stored.map((s) => s.itemIndex)).toEqual([0, 1])
  })

  it('never hands in for the next student on the same tablet', async () => {
    server.instead = [unreachable, unreachable, unreachable]
    const wren = outboxOf('wren')
    await wren.handIn('a', 0, response)
    await within(0.1)
    // Kit signs in, in this tab or in another one, while Wren's answer still waits.
    server.signedIn = 'kit'
    await within(20)
    expect(server.stored).toEqual([])
    expect(wren.mustSignIn).toBe(true)
    await wren.stop()
    const kit = outboxOf('kit')
    await kit.handIn('a', 0, response)
    await within(5)
    expect(server.stored.map((s) => s.studentId)).toEqual(['kit'])
    await kit.stop()
    server.signedIn = 'wren'
    outboxOf('wren')
    await within(1)
    expect(server.stored.map((s) => s.studentId)).toEqual(['kit', 'wren'])
  })

  it('has nothing on its way any more once it has stopped', async () => {
    let arrived: (reply: Response) => void = () => undefined
    server.instead = [() => new Promise<Response>((resolve) => (arrived = resolve))]
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await within(0.1)
    vi.stubGlobal('fetch', async (request: Request) => {
      if (request.signal.aborted) throw new DOMException('aborted', 'AbortError')
      return server.answer(request)
    })
    const stopped = outbox.stop()
    arrived(json(200, {}))
    await within(1)
    await stopped
    server.signedIn = 'kit'
    await within(60)
    expect(server.seen).toHaveLength(1)
    expect(await new Shelf().answersOf('wren')).toHaveLength(1)
  })

  it('asks for a new token when the one it has belongs to another session', async () => {
    server.instead = [() => json(400, { type: 'urn:jaunty-compass:old-token', title: 'x' }, problem)]
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await within(3)
    expect(server.stored).toHaveLength(1)
    expect(outbox.refused).toEqual([])
  })

  it('does not lose an answer to a wrong clock', async () => {
    server.instead = [() => json(400, { title: 'x', errors: { answeredAt: ['must be'] } }, problem)]
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await within(1)
    expect(server.stored).toHaveLength(1)
  })

  it('says at once that a device cannot keep answers, and sends them all the same', async () => {
    const full = new Shelf()
    full.keepAnswer = () => Promise.reject(new Error('QuotaExceededError'))
    const outbox = new Outbox('wren', full)
    open.push(outbox)
    server.instead = [unreachable]
    await outbox.handIn('a', 0, response)
    expect(outbox.cannotKeep).toBe(true)
    await within(3)
    expect(server.stored).toHaveLength(1)
    expect(outbox.waiting).toEqual([])
  })

  it('does not wait for a device that is slow to keep answers', async () => {
    const slow = new Shelf()
    slow.keepAnswer = () => new Promise(() => undefined)
    const outbox = new Outbox('wren', slow)
    open.push(outbox)
    await within(0.1)
    void outbox.handIn('a', 0, response)
    await within(1)
    expect(server.stored).toHaveLength(1)
    expect(outbox.waiting).toEqual([])
  })

  it('works where storage is forbidden altogether', async () => {
    vi.stubGlobal('indexedDB', {
      open: () => {
        throw new DOMException('denied', 'SecurityError')
      },
    })
    const outbox = outboxOf('wren')
    await within(0.1)
    expect(outbox.cannotKeep).toBe(true)
    await outbox.handIn('a', 0, response)
    await within(1)
    expect(server.stored).toHaveLength(1)
  })

  it('drops the draft of an answer that is stored, and not one of a later try', async () => {
    const shelf = new Shelf()
    const draftOf = (index: number, at: string) =>
      shelf.keepDraft({ studentId: 'wren', assignmentId: 'a', index, draft: {} as never, at })
    await draftOf(0, '2000-01-01T00:00:00Z')
    await draftOf(1, '2999-01-01T00:00:00Z')
    const outbox = outboxOf('wren')
    await outbox.handIn('a', 0, response)
    await outbox.handIn('a', 1, response)
    await within(1)
    expect((await shelf.draftsOf('wren', 'a')).map((d) => d.index)).toEqual([1])
  })
})
