/**
 * Answers on their way to the server. Each has an id of its own from the start, is kept in the browser until it has arrived,
 * and is sent again as it is while the server cannot be reached: the server stores it once. Any number may wait; work goes on.
 */
import { api, ask, Problem, type Schema } from '../api/client'
import { randomId } from '../shared/uuid'

export type Sent = Schema['BenchAnswerReply']
export interface Waiting {
  assignmentId: string
  body: Schema['AnswerRequest']
}

const secondsBetweenTries = 3

export class Outbox {
  /** Answers that the server does not have yet, oldest first. */
  waiting: Waiting[] = $state.raw([])
  /** Whether the last attempt did not reach the server. */
  unreachable = $state(false)
  /** Told of every answer that has arrived, also of an earlier visit's. */
  onsent: (assignmentId: string, sent: Sent) => void = () => undefined

  readonly #key: string
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- looked up, never shown
  readonly #done = new Map<string, { resolve: (sent: Sent) => void; reject: (error: unknown) => void }>()
  #sending = false

  /** @param owner whose answers these are: two students on one device must not hand in for each other */
  constructor(owner: string) {
    this.#key = `jaunty.outbox.${owner}`
    this.waiting = read(this.#key)
  }

  /** Hands in; settled when the server has it or refuses it for good. Meanwhile it waits here. */
  handIn(assignmentId: string, itemIndex: number, response: Schema['Response']): Promise<Sent> {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- read once, never shown
    const now = new Date().toISOString()
    const body = { id: randomId(), itemIndex, response, answeredAt: now }
    this.#keep([...this.waiting, { assignmentId, body }])
    const done = new Promise<Sent>((resolve, reject) => this.#done.set(body.id, { resolve, reject }))
    void this.flush()
    return done
  }

  /** Whether an answer to an item waits here. */
  holds(assignmentId: string, itemIndex: number): boolean {
    return this.waiting.some((w) => w.assignmentId === assignmentId && w.body.itemIndex === itemIndex)
  }

  /** Sends what waits, one after the other, until nothing is left. */
  async flush(): Promise<void> {
    if (this.#sending) return
    this.#sending = true
    try {
      while (this.waiting.length > 0) await this.#sendFirst()
    } finally {
      this.#sending = false
    }
  }

  async #sendFirst(): Promise<void> {
    const first = this.waiting[0]!
    const done = this.#done.get(first.body.id)
    try {
      const sent = await this.#post(first)
      this.unreachable = false
      this.#drop(first)
      this.onsent(first.assignmentId, sent)
      done?.resolve(sent)
    } catch (error) {
      if (error instanceof Problem && error.passing) {
        this.unreachable = true
        await new Promise((resolve) => setTimeout(resolve, secondsBetweenTries * 1000))
        return
      }
      // Refused for good, for example because the set was closed meanwhile.
      this.unreachable = false
      this.#drop(first)
      done?.reject(error)
    }
  }

  #drop(answer: Waiting): void {
    this.#done.delete(answer.body.id)
    this.#keep(this.waiting.filter((w) => w.body.id !== answer.body.id))
  }

  #keep(waiting: Waiting[]): void {
    this.waiting = waiting
    if (waiting.length === 0) localStorage.removeItem(this.#key)
    else localStorage.setItem(this.#key, JSON.stringify(waiting))
  }

  async #post({ assignmentId, body }: Waiting): Promise<Sent> {
    const post = async (request: Schema['AnswerRequest']): Promise<Sent> => ({
      ...(await ask(
        api.POST('/api/v1/bench/assignments/{assignmentId}/answers', {
          params: { path: { assignmentId } },
          body: request,
        }),
      )),
      response: request.response,
    })
    try {
      return await post(body)
    } catch (error) {
      // A device with a wrong clock must not cost the answer.
      if (error instanceof Problem && error.errors.answeredAt) return post({ ...body, answeredAt: null })
      throw error
    }
  }
}

/** What an earlier visit left; an older version kept a single answer. */
function read(key: string): Waiting[] {
  try {
    const left: unknown = JSON.parse(localStorage.getItem(key) ?? '[]')
    const all = Array.isArray(left) ? left : [left]
    return all.filter((w): w is Waiting => typeof (w as Waiting | null)?.body?.id === 'string')
  } catch {
    return []
  }
}
