/** The instruments that there are: those of the catalogue, and those that a teacher has described, if one is signed in. */
import { api, ask, session, type Instrument } from '../api/client'

/** Those that a teacher has described; none where nobody is signed in. */
export async function ownInstruments(): Promise<Instrument[]> {
  try {
    if (!(await session('teacher')).signedIn) return []
    return (await ask(api.GET('/api/v1/cabinet'))).map((one) => one.instrument)
  } catch {
    // The catalogue is there without an account.
    return []
  }
}

/** All of them, and the names of the teacher's own. */
export async function loadInstruments(): Promise<{ all: Instrument[]; own: string[] }> {
  const [usual, own] = await Promise.all([ask(api.GET('/api/v1/instruments')), ownInstruments()])
  return { all: [...usual, ...own], own: own.map((i) => i.protractor.id) }
}
