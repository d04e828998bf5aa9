/** What is printed on instruments: the shipped ones are known, and what a view brings along is asked for. */
import { api, ask, type Instrument, type Protractor, type Schema } from '../api/client'

const brought = (views: Schema['ItemView'][]): Protractor[] =>
  views.flatMap((view) => [view.inHand, view.laid]).filter((p): p is Protractor => Boolean(p))

/** The shipped instruments together with those of the class's own that some items are worked with. */
export async function facesFor(views: Schema['ItemView'][]): Promise<Instrument[]> {
  const shipped = await ask(api.GET('/api/v1/instruments'))
  const known = new Set(shipped.map((i) => i.protractor.id))
  const own = new Map(brought(views).map((p) => [p.id, p]))
  const described = [...own.values()]
    .filter((p) => !known.has(p.id))
    .map((instrument) => ask(api.POST('/api/v1/instruments/described', { body: { instrument } })))
  return [...shipped, ...(await Promise.all(described))]
}
