/** What anybody may know of the school; asked for once a page. */
import { api, ask, type Schema } from '../api/client'

let asked: Promise<Schema['SchoolReply']> | null = null

export const school = (): Promise<Schema['SchoolReply']> =>
  (asked ??= ask(api.GET('/api/v1/school')).catch((error: unknown) => {
    asked = null
    throw error
  }))
