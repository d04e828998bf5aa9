/** The files that each room speaks from. */
export const rooms: Record<'board' | 'bench' | 'desk' | 'door', string[]>
/** Tags of all languages. */
export const languages: string[]
/** All that a room has to know of a language. */
export function catalogueOf(tag: string, room: keyof typeof rooms): unknown
/** The types of all messages, as a source file. */
export function types(): string
