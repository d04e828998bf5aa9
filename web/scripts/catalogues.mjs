// The catalogues in ../locales as the pages use them: read once when they are built, each pattern taken apart, so that no page has to.
// Run by itself it writes the types by which a message with a missing or an extra argument does not compile.
import { readdirSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import { isArgumentElement, parse, TYPE } from '@formatjs/icu-messageformat-parser'

const folder = join(import.meta.dirname, '../../locales')
const json = (file) => JSON.parse(readFileSync(join(folder, file), 'utf8'))

/** The files that each room speaks from. */
export const rooms = {
  board: ['shared', 'sheet', 'board', 'units'],
  bench: ['shared', 'sheet', 'bench', 'units'],
  desk: ['shared', 'sheet', 'desk', 'units'],
  door: ['shared', 'door', 'units'],
}

const files = [...new Set(Object.values(rooms).flat())]

/** Tags of all languages, the one in which messages are first written first. */
export const languages = readdirSync(folder, { withFileTypes: true })
  .filter((entry) => entry.isDirectory())
  .map((entry) => entry.name)
  .sort((a, b) => (a === 'en' ? -1 : b === 'en' ? 1 : a < b ? -1 : 1))

const about = (tag) => json(`${tag}/language.json`)

function messagesOf(tag, file) {
  const { from } = about(tag)
  const inherited = from ? messagesOf(from, file) : {}
  const own = readdirSync(join(folder, tag)).includes(`${file}.json`) ? json(`${tag}/${file}.json`) : {}
  return { ...inherited, ...own }
}

const read = (text) => parse(text, { ignoreTag: true, shouldParseSkeletons: false, captureLocation: false })

/** A pattern as it is sent: plain text as it is, anything else taken apart. */
function sent(text) {
  const parts = read(text)
  return parts.length === 0
    ? ''
    : parts.length === 1 && parts[0].type === TYPE.literal
      ? parts[0].value
      : parts
}

/** All languages with what their speakers call them. */
export const named = () => languages.map((tag) => ({ tag, name: about(tag).name }))

/** The words of which a class chooses: by language and by what they are for, the usual one first. */
export const offered = () =>
  Object.fromEntries(
    languages.map((tag) => [
      tag,
      Object.fromEntries(
        Object.entries(json(`${tag}/words.json`)).map(([use, choices]) => [use, Object.keys(choices)]),
      ),
    ]),
  )

/** All that a room has to know of a language. */
export function catalogueOf(tag, room) {
  const messages = {}
  for (const file of rooms[room]) {
    for (const [key, text] of Object.entries(messagesOf(tag, file))) messages[`${file}.${key}`] = sent(text)
  }
  const { name, locale = tag } = about(tag)
  return { tag, name, locale, messages, words: json(`${tag}/words.json`), measured: measured() }
}

/** The arguments that are written as the class writes degrees, or as a length. */
const measured = () =>
  Object.fromEntries(
    Object.entries(json('arguments.json')).filter(([, type]) => type === 'degrees' || type === 'millimetres'),
  )

const typeOf = { number: 'number', degrees: 'number', millimetres: 'number' }

/** The names that the words of a class fill in. */
function formsOf(tag) {
  const forms = Object.values(json(`${tag}/words.json`)).flatMap((choices) =>
    Object.values(choices).flatMap((own) => Object.keys(own)),
  )
  return new Set([...forms, ...forms.map((f) => f[0].toUpperCase() + f.slice(1)), 'audience'])
}

function argumentsIn(parts, found = new Set()) {
  for (const part of parts) {
    if (isArgumentElement(part) || [TYPE.number, TYPE.select, TYPE.plural].includes(part.type))
      found.add(part.value)
    for (const option of Object.values(part.options ?? {})) argumentsIn(option.value, found)
  }
  return found
}

/** One property for each message that the pages may say, with the arguments that it takes. */
export function types() {
  const kinds = json('arguments.json')
  const forms = formsOf('en')
  const lines = []
  for (const file of files) {
    for (const [key, text] of Object.entries(messagesOf('en', file))) {
      const names = [...argumentsIn(read(text))].filter((name) => !forms.has(name))
      const fields = names.map((name) => `${name}: ${typeOf[kinds[name]] ?? 'string'}`)
      lines.push(`  '${file}.${key}': ${fields.length ? `{ ${fields.join('; ')} }` : 'null'}`)
    }
  }
  return [
    '// Written from the catalogues in locales/ when this is built.',
    `export interface Messages {\n${lines.join('\n')}\n}`,
    '',
  ].join('\n')
}

if (process.argv[1] === import.meta.filename)
  writeFileSync(join(import.meta.dirname, '../src/said/messages.generated.ts'), types())
