/** What a dog cannot do, or not for long. */
export const CONDITIONS = [
  'tires-soon',
  'sore-to-lift',
  'not-on-its-side',
  'weak-behind',
  'does-not-see',
  'does-not-hear',
] as const
export type ConditionId = (typeof CONDITIONS)[number]

interface Change {
  /** Longest session it is asked for, minutes (judgement: old, sore and disabled dogs, shorter). */
  longest?: number
  /** How it is worked on (common practice, no source). */
  asks: string
  /** A second person lifts and holds with you. */
  second?: true
  /** Not stood on its hind feet, nor any leg lifted: you go low instead. */
  low?: true
}
/** What each changes: shorter sessions, support, a second person, holds that are not offered. */
export const CONDITION_CHANGES: Record<ConditionId, Change> = {
  'tires-soon': { longest: 10, asks: 'ten minutes, then a rest, lying if it likes' },
  'sore-to-lift': {
    longest: 15,
    asks: 'a second person lifts it on and off; no leg is lifted',
    second: true,
    low: true,
  },
  'not-on-its-side': { asks: 'standing or sitting; it is not turned on its side' },
  'weak-behind': {
    longest: 15,
    asks: 'held up behind by a second person; never on its hind feet',
    second: true,
    low: true,
  },
  'does-not-see': { asks: 'speak before each touch, and keep a hand on it' },
  'does-not-hear': { asks: 'let it see or feel your hand before each touch' },
}

/** Longest session a dog with these is asked for, minutes; without end where nothing says. */
export const longestFor = (condition: readonly ConditionId[] = []): number =>
  Math.min(Infinity, ...condition.map((c) => CONDITION_CHANGES[c].longest ?? Infinity))
/** Whether holds that lift a leg or stand it up are kept from it. */
export const goLow = (condition: readonly ConditionId[] = []): boolean =>
  condition.some((c) => CONDITION_CHANGES[c].low)
