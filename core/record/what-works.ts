import type { Profile } from './profile'

/** How a dog likes to be worked on, at a place: a fact about this dog, worth keeping and worth telling. */
export const POSITIONS = ['standing', 'sitting', 'lying'] as const
export type Position = (typeof POSITIONS)[number]
export const FIRST_LEGS = ['left', 'right'] as const
export type FirstLeg = (typeof FIRST_LEGS)[number]
export type Works = NonNullable<Profile['works']>

/** What helps a dog through, whatever the place, and what does not. */
export const HELPS = ['breaks', 'treats', 'mouth', 'noises'] as const
export type HelpId = (typeof HELPS)[number]
/** "breaks: every five minutes; noises: the dryer from far". */
export const sayHelps = (helps: Profile['helps']): string =>
  HELPS.flatMap((of) => (helps?.[of]?.trim() ? [`${of}: ${helps[of].trim()}`] : [])).join('; ')
