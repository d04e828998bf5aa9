/**
 * What a teacher has chosen at this device, for every lesson: the ink, the side of the tray, what is helped with, the demonstrations
 * that are dear. It is checked when it is read, since an older version may have written it.
 */
import { keepHere, readKept } from '../shared/kept'

export interface Choices {
  /** Light ink on a dark sheet, for a dark room. */
  dark: boolean
  /** The tray at the left, the steps at the right. */
  leftHanded: boolean
  /** Whether the last millimetre is helped. */
  snap: boolean
  /** Whether the lens is open. */
  lens: boolean
  /** The class in whose way the Board shows things, by its id; null for the usual way. */
  classId: string | null
  /** Keys of demonstrations: marked by the teacher, and opened last. */
  favourites: string[]
  recent: string[]
  /** Whether somebody has taken hold of something before. */
  met: boolean
}

const usual: Choices = {
  dark: false,
  leftHanded: false,
  snap: true,
  lens: true,
  classId: null,
  favourites: [],
  recent: [],
  met: false,
}

const key = 'jaunty-board-choices'
const mostRecent = 5
const mostFavourites = 100

const isKeys = (value: unknown): value is string[] =>
  Array.isArray(value) && value.length <= mostFavourites && value.every((each) => typeof each === 'string')

function read(): Choices {
  const value = (readKept(key) ?? {}) as Partial<Record<keyof Choices, unknown>>
  const flag = (name: 'dark' | 'leftHanded' | 'snap' | 'lens' | 'met'): boolean =>
    typeof value[name] === 'boolean' ? value[name] : usual[name]
  return {
    dark: flag('dark'),
    leftHanded: flag('leftHanded'),
    snap: flag('snap'),
    lens: flag('lens'),
    met: flag('met'),
    classId: typeof value.classId === 'string' ? value.classId : null,
    favourites: isKeys(value.favourites) ? value.favourites : [],
    recent: isKeys(value.recent) ? value.recent.slice(0, mostRecent) : [],
  }
}

class KeptChoices {
  #now: Choices = $state.raw(read())

  get now(): Choices {
    return this.#now
  }

  set(change: Partial<Choices>): void {
    this.#now = { ...this.#now, ...change }
    keepHere(key, this.#now)
  }

  /** A demonstration was opened. */
  opened(demonstration: string): void {
    const recent = [demonstration, ...this.#now.recent.filter((one) => one !== demonstration)]
    this.set({ recent: recent.slice(0, mostRecent) })
  }

  /** Marks a demonstration as a favourite, or no more. */
  toggleFavourite(demonstration: string): void {
    const { favourites } = this.#now
    this.set({
      favourites: favourites.includes(demonstration)
        ? favourites.filter((one) => one !== demonstration)
        : [...favourites, demonstration].slice(-mostFavourites),
    })
  }
}

export const choices = new KeptChoices()
