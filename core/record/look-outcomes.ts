import type { TidyId } from './tidies'

/** How a look came out; a bad one opens a concern. Common practice, no source. */
export const OUTCOMES = {
  eyes: ['clear', 'wiped', 'crust', 'red'],
  'ear-look': ['well', 'wiped', 'wax', 'smell', 'sore'],
  teeth: ['done', 'little', 'refused', 'bleeding'],
  nails: ['fine', 'trimmed', 'sliver', 'refused', 'bled'],
} as const satisfies Partial<Record<TidyId, readonly string[]>>
export type LookedAt = keyof typeof OUTCOMES
export type OutcomeId = (typeof OUTCOMES)[LookedAt][number]
export const OUTCOME_IDS = [...new Set(Object.values(OUTCOMES).flat())] as [OutcomeId, ...OutcomeId[]]
