/**
 * What the Bench keeps on this device: answers on their way, drafts, and what was opened last. Everything belongs to a student by
 * id: two who share a tablet never get at each other's things.
 */
import { openDB, type DBSchema, type IDBPDatabase } from 'idb'
import type { Instrument, Schema } from '../../api/client'
import type { Draft } from './drafts'

/** An answer that was made here. */
export interface KeptAnswer {
  id: string
  studentId: string
  assignmentId: string
  body: Schema['AnswerRequest']
  /** Which was made first; ms of this device's clock. */
  madeAt: number
  /** Why the server does not take it, for good; null while it waits. */
  refused: { title: string; detail: string } | null
}

/** A draft of an item. */
export interface KeptDraft {
  studentId: string
  assignmentId: string
  index: number
  draft: Draft
  /** When it was kept, by the server's clock. */
  at: string
}

/** A set with all that is needed to work on it: what is printed on its instruments comes along. */
export interface OpenSet {
  set: Schema['BenchReply']
  instruments: Instrument[]
}

/** Who sat here last, and what they saw. */
export interface Visit {
  studentId: string
  name: string
  list: Schema['BenchListReply'][]
  /** Tag of the language of their class. */
  language?: string | null
  /** Whether the student has left while the server could not be told. */
  left?: boolean
}

interface Shelves extends DBSchema {
  answers: { key: string; value: KeptAnswer; indexes: { student: string } }
  drafts: { key: [string, string, number]; value: KeptDraft; indexes: { set: [string, string] } }
  opened: {
    key: [string, string]
    value: OpenSet & { studentId: string; assignmentId: string; at: number }
  }
  visit: { key: 'now'; value: Visit }
}

const name = 'jaunty-bench'
const version = 2
/** Older drafts are nobody's work any more. */
const draftsKept = 60 * 24 * 3600 * 1000

const isHere = (studentId: string, visit: Visit | undefined): visit is Visit =>
  visit?.studentId === studentId && !visit.left

/** A device that cannot keep anything: full, or not allowed to. */
export class CannotKeep extends Error {}

export class Shelf {
  #db: Promise<IDBPDatabase<Shelves>> | null = null

  /** Runs something on the database; anything that goes wrong there is told in one way. */
  async #on<T>(work: (db: IDBPDatabase<Shelves>) => Promise<T>): Promise<T> {
    try {
      this.#db ??= openDB<Shelves>(name, version, {
        upgrade(db, before) {
          if (before < 1) {
            db.createObjectStore('answers', { keyPath: 'id' }).createIndex('student', 'studentId')
            db.createObjectStore('drafts', {
              keyPath: ['studentId', 'assignmentId', 'index'],
            }).createIndex('set', ['studentId', 'assignmentId'])
            db.createObjectStore('visit')
          } else db.deleteObjectStore('opened')
          db.createObjectStore('opened', { keyPath: ['studentId', 'assignmentId'] })
        },
        // A later version in another tab must not wait for this one.
        blocking: (_old, _new, event) => (event.target as IDBDatabase).close(),
      })
      return await work(await this.#db)
    } catch (error) {
      this.#db = null
      throw new CannotKeep(String(error))
    }
  }

  keepAnswer = (answer: KeptAnswer): Promise<unknown> => this.#on((db) => db.put('answers', answer))
  dropAnswer = (id: string): Promise<void> => this.#on((db) => db.delete('answers', id))

  /** A student's answers, the oldest first. */
  async answersOf(studentId: string): Promise<KeptAnswer[]> {
    const all = await this.#on((db) => db.getAllFromIndex('answers', 'student', studentId))
    return all.sort((a, b) => a.madeAt - b.madeAt)
  }

  keepDraft = (draft: KeptDraft): Promise<unknown> => this.#on((db) => db.put('drafts', draft))
  draftsOf = (studentId: string, assignmentId: string): Promise<KeptDraft[]> =>
    this.#on((db) => db.getAllFromIndex('drafts', 'set', [studentId, assignmentId]))

  /** Drops the draft of an item that has been stored, unless it is of a later try. */
  dropDraft(studentId: string, assignmentId: string, index: number, upTo: string): Promise<void> {
    return this.#on(async (db) => {
      const there = await db.get('drafts', [studentId, assignmentId, index])
      if (there && there.at <= upTo) await db.delete('drafts', [studentId, assignmentId, index])
    })
  }

  /** Drops drafts that are too old to be anybody's work. */
  purge(now: Date): Promise<void> {
    const oldest = new Date(now.getTime() - draftsKept).toISOString()
    return this.#on(async (db) => {
      for (const old of (await db.getAll('drafts')).filter((draft) => draft.at < oldest))
        await db.delete('drafts', [old.studentId, old.assignmentId, old.index])
      for (const { studentId, assignmentId, at } of await db.getAll('opened'))
        if (at < now.getTime() - draftsKept) await db.delete('opened', [studentId, assignmentId])
    })
  }

  visit = (): Promise<Visit | undefined> => this.#on((db) => db.get('visit', 'now'))
  /** A student sits down. */
  come = (visit: Visit): Promise<unknown> => this.#on((db) => db.put('visit', visit, 'now'))

  /**
   * The student leaves: nothing of what they saw stays to be opened; what waits to be sent does.
   * @param told whether the server knows
   */
  leave(studentId: string, told: boolean): Promise<void> {
    return this.#on(async (db) => {
      const change = db.transaction(['visit', 'opened'], 'readwrite')
      const visits = change.objectStore('visit')
      if (told) await visits.delete('now')
      else await visits.put({ studentId, name: '', list: [], left: true }, 'now')
      await change.objectStore('opened').delete(IDBKeyRange.bound([studentId, ''], [studentId, '\uffff']))
      await change.done
    })
  }

  /** Keeps the list of the sets; a list that comes after its student has left is nobody's. */
  keepList(studentId: string, list: Visit['list']): Promise<void> {
    return this.#on(async (db) => {
      const change = db.transaction('visit', 'readwrite')
      const now = await change.store.get('now')
      if (isHere(studentId, now)) await change.store.put({ ...now, list }, 'now')
      await change.done
    })
  }

  /** Keeps a set for when there is no connection; one that comes after its student has left is nobody's. */
  keepOpened(studentId: string, open: OpenSet): Promise<void> {
    return this.#on(async (db) => {
      const change = db.transaction(['visit', 'opened'], 'readwrite')
      if (isHere(studentId, await change.objectStore('visit').get('now')))
        await change
          .objectStore('opened')
          .put({ ...open, studentId, assignmentId: open.set.id, at: Date.now() })
      await change.done
    })
  }

  opened = (studentId: string, assignmentId: string): Promise<OpenSet | undefined> =>
    this.#on((db) => db.get('opened', [studentId, assignmentId]))
}

export const shelf = new Shelf()
