/** What can be renamed, put away, brought back, deleted and restored, each by its own address, all in the same way. */
import { api, ask, type Schema } from '../api/client'
import { listed, t } from '../said/said.svelte'

export type Thing =
  | { kind: 'class'; id: string; name: string; archived: boolean }
  | { kind: 'set'; id: string; name: string; archived: boolean }
  | { kind: 'assignment'; id: string; name: string; archived: boolean }
  | { kind: 'student'; id: string; classId: string; name: string; archived: boolean }

export type Contents = Schema['Contents']

const of = {
  class: '/api/v1/classes/{classId}',
  set: '/api/v1/sets/{setId}',
  assignment: '/api/v1/assignments/{assignmentId}',
  student: '/api/v1/classes/{classId}/students/{studentId}',
} as const

const pathOf = (thing: Thing): never =>
  (thing.kind === 'class'
    ? { classId: thing.id }
    : thing.kind === 'set'
      ? { setId: thing.id }
      : thing.kind === 'assignment'
        ? { assignmentId: thing.id }
        : { classId: thing.classId, studentId: thing.id }) as never

async function change(thing: Thing, name: string | null, archived: boolean | null): Promise<void> {
  const body = thing.kind === 'assignment' ? { title: name, archived, closed: null } : { name, archived }
  await ask(api.PATCH(of[thing.kind], { params: { path: pathOf(thing) }, body: body as never }))
}

export const rename = (thing: Thing, name: string): Promise<void> => change(thing, name, null)
export const archive = (thing: Thing, archived: boolean): Promise<void> => change(thing, null, archived)
export const contentsOf = (thing: Thing): Promise<Contents> =>
  ask(api.GET(`${of[thing.kind]}/contents`, { params: { path: pathOf(thing) } }))
export async function remove(thing: Thing): Promise<void> {
  await ask(api.DELETE(of[thing.kind], { params: { path: pathOf(thing) } }))
}
export async function restore(thing: Thing): Promise<void> {
  await ask(api.POST(`${of[thing.kind]}/restore`, { params: { path: pathOf(thing) } }))
}

/** What goes with a thing, in words; empty when nothing does. */
export function named(thing: Thing, contents: Contents): string {
  const isWork = thing.kind === 'class' || thing.kind === 'set'
  return listed(
    [
      thing.kind === 'class' &&
        contents.students > 0 &&
        t('desk.thing.students', { count: contents.students }),
      isWork && contents.assignments > 0 && t('desk.thing.assignments', { count: contents.assignments }),
      contents.answers > 0 && t('desk.thing.answers', { count: contents.answers }),
    ].filter((part) => part !== false),
  )
}
