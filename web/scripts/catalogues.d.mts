/** The files that each room speaks from. */
export const rooms: Record<'board' | 'bench' | 'desk' | 'door', string[]>
/** Tags of all languages. */
export const languages: string[]
/** All languages with what their speakers call them. */
export function named(): { tag: string; name: string }[]
/** The words of which a class chooses: by language and by what they are for, the usual one first. */
export function offered(): Record<string, Record<string, string[]>>
/** All that a room has to know of a language. */
export function catalogueOf(tag: string, room: keyof typeof rooms): unknown
/** The types of all messages, as a source file. */
export function types(): string
