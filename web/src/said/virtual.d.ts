declare module 'virtual:said/*' {
  import type { Catalogue } from './said.svelte'

  /** Fetches what a room says, by language. */
  const languages: Record<string, () => Promise<{ default: Catalogue }>>
  export default languages
}
