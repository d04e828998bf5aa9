/**
 * Says things in the language of whoever reads, and in the words of their class. Every text that stands in the pages themselves is a
 * message of the catalogues; what the server says comes with its text.
 */
import { IntlMessageFormat } from 'intl-messageformat'
import type { Messages } from './messages.generated'

type Pattern = ConstructorParameters<typeof IntlMessageFormat>[0]

/** All that a room knows of a language. */
export interface Catalogue {
  tag: string
  /** How dates, numbers and lists are written, as a locale of the browser. */
  locale: string
  /** What its speakers call it. */
  name: string
  messages: Record<string, Pattern>
  /** The words of which a class chooses: by what they are for, by choice, form by form. */
  words: Record<string, Record<string, Record<string, string>>>
  /** The arguments that are measures: degrees or millimetres. */
  measured: Record<string, 'degrees' | 'millimetres'>
}

/** How a class says things. */
export interface Manner {
  language?: string
  words?: Partial<Record<string, string | null>> | null
  degrees?: 'sign' | 'words'
}

/** A message that takes no arguments. */
export type PlainMessage = {
  [K in keyof Messages]: Messages[K] extends null ? K : never
}[keyof Messages]

type Value = string | number
const baseOf = (tag: string): string => tag.split('-')[0]!
const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1)

function formsOf(catalogue: Catalogue, chosen: Manner['words']): Record<string, string> {
  const forms: Record<string, string> = { audience: 'student' }
  for (const [use, choices] of Object.entries(catalogue.words)) {
    const own = choices[chosen?.[use] ?? ''] ?? Object.values(choices)[0]!
    for (const [form, text] of Object.entries(own)) {
      forms[form] = text
      forms[capital(form)] = capital(text)
    }
  }
  return forms
}

class Saying {
  #catalogue: Catalogue | null = $state.raw(null)
  #manner: Manner = $state.raw({})
  #patterns = new Map<string, IntlMessageFormat>()
  /** A class has words of its own in its own language only; elsewhere the usual ones stand. */
  readonly #words = $derived(
    baseOf(this.#manner.language ?? 'en') === baseOf(this.language) ? this.#manner.words : null,
  )
  readonly #forms = $derived(this.#catalogue ? formsOf(this.#catalogue, this.#words) : {})

  /** Tag of the language. */
  get language(): string {
    return this.#catalogue?.tag ?? 'en'
  }

  get locale(): string {
    return this.#catalogue?.locale ?? 'en-GB'
  }

  speak(catalogue: Catalogue): void {
    if (catalogue === this.#catalogue) return
    this.#patterns = new Map()
    this.#catalogue = catalogue
    document.documentElement.lang = catalogue.tag
  }

  as(manner: Manner): void {
    this.#manner = manner
  }

  knows(key: string): boolean {
    return this.#catalogue?.messages[key] !== undefined
  }

  say(key: string, values: Record<string, Value>): string {
    const catalogue = this.#catalogue
    const pattern = catalogue?.messages[key]
    if (pattern === undefined || !catalogue) return key
    if (typeof pattern === 'string') return pattern
    let format = this.#patterns.get(key)
    if (!format) this.#patterns.set(key, (format = new IntlMessageFormat(pattern, catalogue.locale)))
    const all: Record<string, Value> = { ...this.#forms }
    for (const [name, value] of Object.entries(values)) all[name] = this.#written(name, value)
    return String(format.format(all))
  }

  #written(name: string, value: Value): Value {
    const measure = this.#catalogue!.measured[name]
    if (!measure || typeof value !== 'number') return value
    return measure === 'millimetres' ? this.length(value) : this.degrees(value)
  }

  degrees(value: number): string {
    const rounded = Math.round(value * 10) / 10 + 0
    return this.say(this.#manner.degrees === 'words' ? 'units.degree-words' : 'units.degree-sign', {
      value: rounded,
    })
  }

  length(value: number): string {
    return this.say('units.millimetres', { value: Math.round(value * 10) / 10 + 0 })
  }
}

const saying = new Saying()

/** Says a message. */
export const t = <K extends keyof Messages>(
  key: K,
  ...values: Messages[K] extends null ? [] : [Messages[K]]
): string => saying.say(key, (values[0] ?? {}) as Record<string, Value>)

/** Says a message whose key is put together at run time; null where there is none. */
export const sayIfKnown = (key: string): string | null => (saying.knows(key) ? saying.say(key, {}) : null)

/** A part of a sentence: text, or the place of something else. */
interface Part {
  text: string
  slot: string | null
}

/** A message taken apart at the arguments that are no text but something that stands there. */
export function slotted(
  key: keyof Messages,
  slots: readonly string[],
  values: Record<string, Value> = {},
): Part[] {
  // Characters for private use, which no catalogue has.
  const marked = Object.fromEntries(slots.map((slot) => [slot, `\uE000${slot}\uE000`]))
  return saying
    .say(key, { ...values, ...marked })
    .split('\uE000')
    .map((text, i) => (i % 2 === 0 ? { text, slot: null } : { text: '', slot: text }))
}

/** What stands between the whole part of a number and its decimals. */
export const decimalSign = (): string => new Intl.NumberFormat(saying.locale).format(0.5).charAt(1)

/** A list of things, as the language says it. */
export const listed = (items: readonly string[]): string =>
  new Intl.ListFormat(saying.locale, { type: 'conjunction' }).format(items)

/** Things of which one is meant, as the language says it. */
export const eitherOf = (items: readonly string[]): string =>
  new Intl.ListFormat(saying.locale, { type: 'disjunction' }).format(items)

/** A number of degrees, as the class writes them. */
export const degrees = (value: number): string => saying.degrees(value)

/** Tag of the language that is spoken. */
export const spokenLanguage = (): string => saying.language

/** A date as the language writes it. */
export const dated = (date: Date, options: Intl.DateTimeFormatOptions): string =>
  new Intl.DateTimeFormat(saying.locale, options).format(date)

/** Says things as a class does. */
export const sayAs = (manner: Manner): void => saying.as(manner)

type Languages = Record<string, () => Promise<{ default: Catalogue }>>

/** The language of all those there are that comes nearest to one of some wishes; the first one where none does. */
export function nearestOf(wishes: readonly (string | null | undefined)[], languages: string[]): string {
  for (const wish of wishes) {
    const found =
      languages.find((tag) => tag === wish) ?? languages.find((tag) => tag === wish?.split('-')[0])
    if (found) return found
  }
  return languages[0]!
}

/** Speaks a language from now on. */
export async function speak(
  wishes: readonly (string | null | undefined)[],
  languages: Languages,
): Promise<void> {
  const tag = nearestOf(wishes, Object.keys(languages))
  // A browser looks up its languages when they are first wanted, which takes it tens of milliseconds: here, while the messages are on their way.
  setTimeout(() => Intl.NumberFormat.supportedLocalesOf(tag))
  saying.speak((await languages[tag]!()).default)
}
