/** Describing an instrument: the small steps of a form. Whether it can exist is the server's to say. */
import type { Protractor } from '../api/client'
import { instrumentName } from '../sheet/instrumentName'
import { t } from '../said/said.svelte'

/** A short name made from what the class calls it. */
const idOf = (name: string): string =>
  `own-${name
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')}`.slice(0, 60)

/** A description to begin with, like another instrument. */
export const likeAnother = (like: Protractor): Protractor => {
  const name = t('desk.describe.ours', { own: instrumentName(like).toLowerCase() })
  return {
    ...like,
    title: undefined,
    id: idOf(name),
    name,
    scales: like.scales.map((scale) => ({ ...scale })),
  }
}

export function withShape(draft: Protractor, shape: Protractor['shape']): Protractor {
  const full = shape === 'fullCircle'
  return {
    ...draft,
    shape,
    inset: full ? 0 : draft.inset,
    scales: draft.scales.map((scale) => ({
      ...scale,
      extent: full ? 360 : 180,
      zeroAt: full ? 0 : scale.zeroAt,
      growth: full ? scale.growth : scale.zeroAt === 0 ? 'anticlockwise' : 'clockwise',
    })),
  }
}

/** Changes one scale, or adds one. On a half circle a scale can only grow into the body. */
export function withScale(
  draft: Protractor,
  index: number,
  change: Partial<Protractor['scales'][number]>,
): Protractor {
  const full = draft.shape === 'fullCircle'
  const other = draft.scales[1 - index]
  const before = draft.scales[index] ?? {
    id: other?.id === 'inner' ? 'outer' : 'inner',
    radius: Math.round(draft.edgeRadius * 0.72),
    zeroAt: full ? 0 : other?.zeroAt === 0 ? 180 : 0,
    growth: other?.growth === 'anticlockwise' ? ('clockwise' as const) : ('anticlockwise' as const),
    extent: full ? 360 : 180,
  }
  const scale = { ...before, ...change }
  if (!full) scale.growth = scale.zeroAt === 0 ? 'anticlockwise' : 'clockwise'
  const scales = [...draft.scales]
  scales[index] = scale
  return { ...draft, scales }
}

/** The instrument as a file. */
export const fileOf = (instrument: Protractor): string =>
  JSON.stringify(
    { format: 'jaunty-instrument', version: 1, instrument: { ...instrument, title: undefined } },
    null,
    2,
  ) + '\n'
