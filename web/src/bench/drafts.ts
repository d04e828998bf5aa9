/** What is filled in and not handed in yet, kept in this browser so that a reload or a flat battery costs nothing. */
import type { Placement } from '../api/client'
import type { Filled } from './response'

export interface Draft {
  filled: Filled
  placement: Placement
  laid: boolean
  part: number
}

const keyOf = (owner: string, assignmentId: string, index: number): string =>
  `jaunty.draft.${owner}.${assignmentId}.${index}`

export function keepDraft(owner: string, assignmentId: string, index: number, draft: Draft): void {
  try {
    localStorage.setItem(keyOf(owner, assignmentId, index), JSON.stringify(draft))
  } catch {
    // A full storage only costs the convenience.
  }
}

export function draftOf(owner: string, assignmentId: string, index: number): Draft | null {
  try {
    const draft = JSON.parse(
      localStorage.getItem(keyOf(owner, assignmentId, index)) ?? 'null',
    ) as Draft | null
    const whole =
      draft !== null &&
      typeof draft.filled?.values === 'object' &&
      typeof draft.filled.placements === 'object' &&
      Array.isArray(draft.filled.drawing?.strokes) &&
      Array.isArray(draft.filled.drawing.dots) &&
      typeof draft.placement?.centre?.x === 'number' &&
      Number.isInteger(draft.part)
    return whole ? draft : null
  } catch {
    return null
  }
}

export const dropDraft = (owner: string, assignmentId: string, index: number): void =>
  localStorage.removeItem(keyOf(owner, assignmentId, index))
