declare module 'virtual:said/names' {
  /** All languages, by tag, with what their speakers call them. */
  const names: { tag: string; name: string }[]
  export default names
}

declare module 'virtual:said/words' {
  /** The words of which a class chooses: by language and by what they are for, the usual one first. */
  const offered: Record<string, Record<string, string[]>>
  export default offered
}

declare module 'virtual:said/*' {
  import type { Catalogue } from './said.svelte'

  /** Fetches what a room says, by language. */
  const languages: Record<string, () => Promise<{ default: Catalogue }>>
  export default languages
}
