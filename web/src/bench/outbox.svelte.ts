/**
 * Answers on their way to the server. Each has an id of its own from the start, is kept in the browser until it has arrived,
 * and is sent again as it is while the server cannot be reached: the server stores it once.
 */
import { api, ask, Problem, type Schema } from '../api/client'
import { randomId } from '../shared/uuid'

export type Sent = Schema['BenchAnswerReply']
type Waiting = { assignmentId: string; body: Schema['AnswerRequest'] }

const secondsBetweenTries = 3

export class Outbox {
  /** Whether the last answer waits for the server to come back. */
  waiting = $state(false)
  readonly #key: string

  /** @param owner whose answers these are: two students on one device must not hand in for each other */
  constructor(owner: string) {
    this.#key = `jaunty.outbox.${owner}`
  }

  /** Hands in and waits until the server has it. Refusals are thrown; an unreachable server is waited for. */
  async handIn(assignmentId: string, itemIndex: number, response: Schema['Response']): Promise<Sent> {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- read once, never shown
    const now = new Date().toISOString()
    const body = { id: randomId(), itemIndex, response, answeredAt: now }
    return this.#send({ assignmentId, body })
  }

  /** Sends what was left over from an earlier visit. */
  async resume(): Promise<void> {
    const left = localStorage.getItem(this.#key)
    if (!left) return
    try {
      await this.#send(JSON.parse(left) as Waiting)
    } catch {
      // It was refused for good, for example because the set was closed meanwhile.
      localStorage.removeItem(this.#key)
    }
  }

  async #send(answer: Waiting): Promise<Sent> {
    localStorage.setItem(this.#key, JSON.stringify(answer))
    for (;;) {
      try {
        const sent = await this.#post(answer)
        localStorage.removeItem(this.#key)
        this.waiting = false
        return sent
      } catch (error) {
        if (!(error instanceof Problem) || !error.passing) {
          localStorage.removeItem(this.#key)
          this.waiting = false
          throw error
        }
        this.waiting = true
        await new Promise((resolve) => setTimeout(resolve, secondsBetweenTries * 1000))
      }
    }
  }

  async #post({ assignmentId, body }: Waiting): Promise<Sent> {
    const post = (request: Schema['AnswerRequest']): Promise<Sent> =>
      ask(
        api.POST('/api/v1/bench/assignments/{assignmentId}/answers', {
          params: { path: { assignmentId } },
          body: request,
        }),
      )
    try {
      return await post(body)
    } catch (error) {
      // A device with a wrong clock must not cost the answer.
      if (error instanceof Problem && error.errors.answeredAt) return post({ ...body, answeredAt: null })
      throw error
    }
  }
}
