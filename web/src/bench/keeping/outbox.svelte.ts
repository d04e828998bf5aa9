/**
 * Answers on their way to the server. Each has an id of its own from the start, belongs to one student, and is kept on this device
 * until the server has it, or has refused it for a reason that is final for this answer; then it stays and is shown with the
 * reason. Of all tabs of a browser one sends. Any number may wait; work goes on.
 */
import { api, ask, Problem, session, type Schema } from '../../api/client'
import { randomId } from '../../shared/uuid'
import { shelf as theShelf, type KeptAnswer, type Shelf } from './shelf'
import { t } from '../../said/said.svelte'

export type Sent = Schema['BenchAnswerReply']

/** A tab that still shows another student must not hold up this one's answers: each student has a sender of their own. */
const lockOf = (studentId: string): string => `jaunty-bench-sender-${studentId}`
const channelName = 'jaunty-bench'
/** Pauses between tries, in s; the last one again and again. */
const pauses = [1, 2, 4, 8, 15]
const oldToken = 'urn:jaunty-compass:old-token'
const otherStudent = 'urn:jaunty-compass:other-student'

/** What tabs tell each other. */
type News =
  | { is: 'made'; answer: KeptAnswer }
  | { is: 'sent'; answer: KeptAnswer; sent: Sent }
  | { is: 'refused'; answer: KeptAnswer }
  | { is: 'dismissed'; id: string }

export class Outbox {
  /** Answers that the server does not have yet, oldest first. */
  waiting: KeptAnswer[] = $state.raw([])
  /** Answers that it will not take; each says why. */
  refused: KeptAnswer[] = $state.raw([])
  /** Whether the last attempt did not reach the server. */
  unreachable = $state(false)
  /** Whether this student has to sign in again before anything can be sent. */
  mustSignIn = $state(false)
  /** Whether this device cannot keep answers: they go out at once, and the page must stay open until they have arrived. */
  cannotKeep = $state(false)
  /** Told of every answer that has arrived, also of an earlier visit's and of another tab's. */
  onsent: (assignmentId: string, sent: Sent) => void = () => undefined

  readonly #channel = typeof BroadcastChannel === 'undefined' ? null : new BroadcastChannel(channelName)
  readonly #stop = new AbortController()
  readonly #ended: Promise<void>
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- looked up, never shown
  readonly #pausing = new Set<() => void>()
  /** Answers that only this tab knows of: it sends them itself. */
  // eslint-disable-next-line svelte/prefer-svelte-reactivity -- looked up, never shown
  readonly #onlyHere = new Set<string>()

  /** @param studentId whose answers these are: they go out only while this student is signed in */
  constructor(
    readonly studentId: string,
    private readonly shelf: Shelf = theShelf,
  ) {
    this.#channel?.addEventListener('message', ({ data }: MessageEvent<News>) => this.#hear(data))
    globalThis.addEventListener?.('online', this.#soon)
    this.#ended = this.#begin()
  }

  /** Hands in; it waits here until the server has it. */
  async handIn(assignmentId: string, itemIndex: number, response: Schema['Response']): Promise<void> {
    // eslint-disable-next-line svelte/prefer-svelte-reactivity -- read once, never shown
    const now = new Date()
    const answer: KeptAnswer = {
      id: randomId(),
      studentId: this.studentId,
      assignmentId,
      body: { id: '', itemIndex, response, answeredAt: now.toISOString(), studentId: this.studentId },
      madeAt: now.getTime(),
      refused: null,
    }
    answer.body.id = answer.id
    this.waiting = [...this.waiting, answer]
    // A device that is slow to keep things must not hold up what the server could have already; sent twice, it is stored once.
    this.#tell({ is: 'made', answer })
    this.#soon()
    try {
      await this.shelf.keepAnswer(answer)
    } catch {
      this.cannotKeep = true
      this.#onlyHere.add(answer.id)
      this.#soon()
    }
  }

  /** Whether an answer to an item waits here. */
  holds(assignmentId: string, itemIndex: number): boolean {
    return this.waiting.some((w) => w.assignmentId === assignmentId && w.body.itemIndex === itemIndex)
  }

  /** The student has seen why an answer was not taken. */
  async dismiss(id: string): Promise<void> {
    // First where it is kept: what is gone from the page must not be back after a reload.
    await this.shelf.dropAnswer(id).catch(() => undefined)
    this.refused = this.refused.filter((r) => r.id !== id)
    this.#tell({ is: 'dismissed', id })
  }

  /** The student has signed in again. */
  signedIn(): void {
    this.mustSignIn = false
    this.#soon()
  }

  /** Stops sending; settled when nothing is on its way any more. What waits stays for this student's next visit. */
  async stop(): Promise<void> {
    this.#stop.abort()
    this.#soon()
    await this.#ended
    this.#channel?.close()
    globalThis.removeEventListener?.('online', this.#soon)
  }

  async #begin(): Promise<void> {
    try {
      const kept = await this.shelf.answersOf(this.studentId)
      const here = (list: KeptAnswer[]): KeptAnswer[] => list.filter((a) => !kept.some((k) => k.id === a.id))
      this.waiting = [...kept.filter((a) => !a.refused), ...here(this.waiting)]
      this.refused = [...kept.filter((a) => a.refused), ...here(this.refused)]
    } catch {
      this.cannotKeep = true
    }
    // What this tab alone knows goes out from here, whoever else is sending.
    const own = this.#sendAll((answer) => this.#onlyHere.has(answer.id))
    await Promise.all([own, this.#sendShared()])
  }

  /** What all tabs know goes out from one of them: from whichever has the lock. */
  async #sendShared(): Promise<void> {
    const work = (): Promise<void> => this.#sendAll((answer) => !this.#onlyHere.has(answer.id))
    if (!globalThis.navigator?.locks) return work()
    try {
      await navigator.locks.request(lockOf(this.studentId), { signal: this.#stop.signal }, work)
    } catch {
      // Stopped while another tab was sending.
    }
  }

  async #sendAll(mine: (answer: KeptAnswer) => boolean): Promise<void> {
    let failures = 0
    while (!this.#stop.signal.aborted) {
      const next = this.mustSignIn ? undefined : this.waiting.find(mine)
      if (!next) {
        failures = 0
        await this.#pause(30)
      } else if (await this.#send(next)) failures = 0
      else await this.#pause(pauses[Math.min(failures++, pauses.length - 1)]!)
    }
  }

  /** Whoever pauses looks again at once. */
  readonly #soon = (): void => {
    for (const wake of this.#pausing) wake()
  }

  #pause(seconds: number): Promise<void> {
    return new Promise((resolve) => {
      const wake = (): void => {
        clearTimeout(timer)
        this.#pausing.delete(wake)
        resolve()
      }
      const timer = setTimeout(wake, seconds * 1000)
      this.#pausing.add(wake)
    })
  }

  /** Tries once; whether it is settled. */
  async #send(answer: KeptAnswer): Promise<boolean> {
    try {
      const sent = await this.#post(answer)
      this.unreachable = false
      await this.#arrived(answer, sent)
      return true
    } catch (error) {
      if (this.#stop.signal.aborted) return false
      const problem = error instanceof Problem ? error : new Problem(0, String(error), '')
      this.unreachable = problem.passing
      if (problem.type === oldToken) return this.#renewToken()
      if (problem.status === 401 || problem.type === otherStudent) {
        this.mustSignIn = true
        return false
      }
      if (problem.passing || !problem.isOurs) return false
      await this.#refuse(answer, problem)
      return true
    }
  }

  /** The token belongs to another session: asks for this one's, if it is still this student's. */
  async #renewToken(): Promise<false> {
    const now = await session('student').catch(() => null)
    if (now && now.id !== this.studentId) this.mustSignIn = true
    return false
  }

  async #post({ assignmentId, body }: KeptAnswer): Promise<Sent> {
    const post = async (request: Schema['AnswerRequest']): Promise<Sent> => {
      const reply = await ask(
        api.POST('/api/v1/bench/assignments/{assignmentId}/answers', {
          params: { path: { assignmentId } },
          body: request,
          signal: this.#stop.signal,
        }),
      )
      // Something in between may answer in the server's place, and nicely.
      if (reply.id !== request.id)
        throw new Problem(0, t('shared.unreachable.title'), t('shared.unreachable.detail'))
      return { ...reply, response: request.response }
    }
    try {
      return await post(body)
    } catch (error) {
      // A device with a wrong clock must not cost the answer.
      if (error instanceof Problem && error.errors.answeredAt) return post({ ...body, answeredAt: null })
      throw error
    }
  }

  async #arrived(answer: KeptAnswer, sent: Sent): Promise<void> {
    this.#onlyHere.delete(answer.id)
    this.waiting = this.waiting.filter((w) => w.id !== answer.id)
    this.onsent(answer.assignmentId, sent)
    this.#tell({ is: 'sent', answer, sent })
    await this.shelf.dropAnswer(answer.id).catch(() => undefined)
    await this.shelf
      .dropDraft(
        this.studentId,
        answer.assignmentId,
        answer.body.itemIndex,
        // eslint-disable-next-line svelte/prefer-svelte-reactivity -- read once, never shown
        new Date(answer.madeAt).toISOString(),
      )
      .catch(() => undefined)
  }

  async #refuse(answer: KeptAnswer, problem: Problem): Promise<void> {
    const kept = { ...answer, refused: { title: problem.message, detail: problem.text } }
    this.#onlyHere.delete(answer.id)
    this.waiting = this.waiting.filter((w) => w.id !== answer.id)
    this.refused = [...this.refused, kept]
    this.#tell({ is: 'refused', answer: kept })
    await this.shelf.keepAnswer(kept).catch(() => (this.cannotKeep = true))
  }

  #tell(news: News): void {
    // $state.raw holds plain objects, which may be sent as they are.
    this.#channel?.postMessage(news)
  }

  #hear(news: News): void {
    if (news.is !== 'dismissed' && news.answer.studentId !== this.studentId) return
    if (news.is === 'made') {
      if (!this.waiting.some((w) => w.id === news.answer.id)) this.waiting = [...this.waiting, news.answer]
      this.#soon()
    } else if (news.is === 'dismissed') this.refused = this.refused.filter((r) => r.id !== news.id)
    else {
      this.waiting = this.waiting.filter((w) => w.id !== news.answer.id)
      if (news.is === 'sent') this.onsent(news.answer.assignmentId, news.sent)
      else this.refused = [...this.refused, news.answer]
    }
  }
}
