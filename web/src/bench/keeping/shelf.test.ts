import 'fake-indexeddb/auto'
import { IDBFactory } from 'fake-indexeddb'
import { beforeEach, expect, it } from 'vitest'
import { Shelf, type OpenSet, type Visit } from './shelf'

const list = [{ id: 'set-1' }] as Visit['list']
const open = { set: { id: 'set-1' }, instruments: [] } as unknown as OpenSet

let shelf: Shelf
beforeEach(() => {
  globalThis.indexedDB = new IDBFactory()
  shelf = new Shelf()
})

it('keeps what a student saw while they are here', async () => {
  await shelf.come({ studentId: 'mara', name: 'Mara', list: [] })
  await shelf.keepList('mara', list)
  await shelf.keepOpened('mara', open)
  expect(await shelf.visit()).toEqual({ studentId: 'mara', name: 'Mara', list })
  expect(await shelf.opened('mara', 'set-1')).toMatchObject(open)
})

it.each([
  ['who has left while the server was away', false],
  ['who has left', true],
])('keeps nothing that comes later for a student %s', async (_, told) => {
  await shelf.come({ studentId: 'mara', name: 'Mara', list: [] })
  await shelf.keepOpened('mara', open)
  await shelf.leave('mara', told)
  const left = await shelf.visit()
  // What was asked for before they left is answered now.
  await shelf.keepList('mara', list)
  await shelf.keepOpened('mara', open)
  expect(await shelf.visit()).toEqual(left)
  expect(left?.list ?? []).toEqual([])
  expect(await shelf.opened('mara', 'set-1')).toBeUndefined()
})

it('keeps nothing of one student for the next one', async () => {
  await shelf.come({ studentId: 'mara', name: 'Mara', list: [] })
  await shelf.leave('mara', true)
  await shelf.come({ studentId: 'pip', name: 'Pip', list: [] })
  await shelf.keepList('mara', list)
  await shelf.keepOpened('mara', open)
  expect(await shelf.visit()).toEqual({ studentId: 'pip', name: 'Pip', list: [] })
  expect(await shelf.opened('mara', 'set-1')).toBeUndefined()
})
