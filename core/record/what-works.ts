import type { Profile } from './profile'

/** How a dog likes to be worked on, at a place: a fact about this dog, worth keeping and worth telling. */
export const POSITIONS = ['standing', 'sitting', 'lying'] as const
export type Position = (typeof POSITIONS)[number]
export const FIRST_LEGS = ['left', 'right'] as const
export type FirstLeg = (typeof FIRST_LEGS)[number]
export type Works = NonNullable<Profile['works']>
