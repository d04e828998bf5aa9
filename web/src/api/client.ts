/**
 * The server as the browser sees it: typed by its own description, with the anti-forgery token of the session, and with
 * every failure as a Problem that can be shown as it is.
 */
import createClient, { type Middleware } from 'openapi-fetch'
import { sayIfKnown, spokenLanguage, t } from '../said/said.svelte'
import { patient } from './patience'
import type { components, paths } from './schema.generated'

export type Schema = components['schemas']
export type Point = Schema['Point']
export type Angle = Schema['Angle']
export type Placement = Schema['Placement']
export type Protractor = Schema['Protractor']
export type Instrument = Schema['InstrumentReply']
export type Script = Schema['Script']
export type SheetState = Schema['SheetState']
export type Thread = Schema['CountingThread']
export type HouseRules = Schema['HouseRules']
export type Demonstration = Schema['DemonstrationReply']
/** The sheet at one moment, with nothing left out. */
/** An arc, or the box of a right angle, that a hand has drawn in an opening. Directions and the sweep in degrees, the sweep anticlockwise. */
export interface DrawnArc {
  id: string
  vertex: Point
  start: number
  sweep: number
  box: boolean
}
/** Everything that lies on a sheet at one moment: what the server told, and the arcs that a hand has drawn. */
export type Scene = Required<SheetState> & { arcs: DrawnArc[] }
export type Item = Schema['Item']
export type Picture = Schema['MarkPicture']

/** Something the server refused, or could not be asked. */
export class Problem extends Error {
  constructor(
    readonly status: number,
    title: string,
    readonly detail: string,
    readonly errors: Record<string, string[]> = {},
    readonly type = '',
    /** Whether our server said so itself, and not something in between. */
    readonly isOurs = false,
  ) {
    super(title)
  }

  /** Whether the same request may well succeed later. */
  get passing(): boolean {
    return (
      this.status === 0 ||
      this.status === 408 ||
      this.status === 425 ||
      this.status === 429 ||
      this.status >= 500
    )
  }

  /** The whole story in one text. */
  get text(): string {
    const fields = Object.entries(this.errors).map(([field, messages]) => {
      const name = labelOf(field)
      const sentence = messages.join(' ')
      return name ? t('shared.field', { name, sentence }) : sentence
    })
    return fields.length > 0 ? fields.join(' ') : `${this.message} ${this.detail}`
  }
}

/** What a field is called on the page; null where it has no name there. */
const labelOf = (field: string): string | null =>
  sayIfKnown(
    `shared.fields.${field
      .split('.')
      .at(-1)!
      .replace(/\[\d+\]/g, '')
      .replace(/[A-Z]/g, (letter) => `-${letter.toLowerCase()}`)}`,
  )

type Room = 'teacher' | 'student'
const tokens: Record<Room, string | undefined> = { teacher: undefined, student: undefined }
const roomOf = (url: string): Room => (url.includes('/api/v1/bench') ? 'student' : 'teacher')

const withToken: Middleware = {
  onRequest({ request }) {
    const token = tokens[roomOf(request.url)]
    if (request.method !== 'GET' && token) request.headers.set('X-Jaunty-Token', token)
    request.headers.set('Accept-Language', spokenLanguage())
    return request
  },
}

/** How far this browser's clock is behind the server's, in ms: two devices agree only on the server's. */
let behind = 0
/** The time by the server's clock, to a second or so. */
export const serverNow = (): Date => new Date(Date.now() + behind)

const withClock: Middleware = {
  onResponse({ response }) {
    const said = Date.parse(response.headers.get('Date') ?? '')
    if (!Number.isNaN(said)) behind = said - Date.now()
  },
}

const client = createClient<paths>({ baseUrl: location.origin, fetch: (request) => patient(request) })
client.use(withToken, withClock)

const unreachable = (): Problem =>
  new Problem(0, t('shared.unreachable.title'), t('shared.unreachable.detail'))

/** Waits for a reply and returns its body, or throws a Problem. */
export async function ask<T>(
  request: Promise<{ data?: T; error?: unknown; response: Response }>,
): Promise<NonNullable<T>> {
  let reply: Awaited<typeof request>
  try {
    reply = await request
  } catch {
    // No connection, no answer in time, or an answer that is not ours.
    throw unreachable()
  }
  if (reply.response.ok) return reply.data as NonNullable<T>
  const isOurs = reply.response.headers.get('content-type')?.startsWith('application/problem+json') ?? false
  const problem = (isOurs ? reply.error : {}) as {
    type?: string
    title?: string
    detail?: string
    errors?: Record<string, string[]>
  }
  throw new Problem(
    reply.response.status,
    problem.title ?? t('shared.not-accepted'),
    problem.detail ?? '',
    problem.errors,
    problem.type,
    isOurs,
  )
}

/** Asks who is signed in, and remembers the token for what comes next. */
export async function session(room: Room): Promise<Schema['SessionReply']> {
  const reply =
    room === 'teacher'
      ? await ask(client.GET('/api/v1/session'))
      : await ask(client.GET('/api/v1/bench/session'))
  return entered(room, reply)
}

/** Remembers the token of a session that has just begun or ended. */
export function entered(room: Room, reply: Schema['SessionReply']): Schema['SessionReply'] {
  tokens[room] = reply.antiforgeryToken
  return reply
}

export const api = client

/** Any failure as a text to show. */
export const tell = (error: unknown): string => (error instanceof Problem ? error.text : String(error))
