/** Brings the catalogues into the pages: of each room and each language one file, fetched when somebody speaks that language. */
import { existsSync, readFileSync, writeFileSync } from 'node:fs'
import { join } from 'node:path'
import type { Plugin } from 'vite'
import { catalogueOf, languages, named, offered, rooms, types } from './scripts/catalogues.mjs'

const all = 'virtual:said/'
const one = '\0said/'

export function said(): Plugin {
  return {
    name: 'said',
    enforce: 'pre',
    buildStart() {
      const file = join(import.meta.dirname, 'src/said/messages.generated.ts')
      const now = types()
      if (!existsSync(file) || readFileSync(file, 'utf8') !== now) writeFileSync(file, now)
    },
    resolveId(id) {
      // What a pattern is made of is known when the pages are built: they need nothing that takes patterns apart.
      if (id === '@formatjs/icu-messageformat-parser')
        return join(import.meta.dirname, 'node_modules/@formatjs/icu-messageformat-parser/no-parser.js')
      return id.startsWith(all) ? `\0${id}` : id.startsWith('/said/') ? `\0${id.slice(1)}` : undefined
    },
    load(id) {
      if (id === `\0${all}names`) return `export default ${JSON.stringify(named())}`
      if (id === `\0${all}words`) return `export default ${JSON.stringify(offered())}`
      if (id.startsWith(`\0${all}`)) {
        const room = id.slice(all.length + 1) as keyof typeof rooms
        const each = languages.map((tag) => `${JSON.stringify(tag)}: () => import('/said/${tag}/${room}')`)
        return `export default { ${each.join(', ')} }`
      }
      if (id.startsWith(one)) {
        const [tag, room] = id.slice(one.length).split('/')
        return `export default ${JSON.stringify(catalogueOf(tag!, room as keyof typeof rooms))}`
      }
      return undefined
    },
  }
}

/** The name of a file of the built pages: those of a language are told from others. */
export const fileNameOf = (module: string | null): string => {
  const found = /^\0said\/([^/]+)\/(\w+)$/.exec(module ?? '')
  if (found) return `assets/said-${found[2]}-${found[1]}-[hash].js`
  // A part of a room that comes when it is wanted is named after its room, too: the Bench keeps its own for work without a connection.
  const room = /\/src\/(board|desk)\/\w+\.(?:svelte|ts)$/.exec(module ?? '')
  return room ? `assets/${room[1]}-[name]-[hash].js` : 'assets/[name]-[hash].js'
}
