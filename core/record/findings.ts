/** What the comb says, in the order of the keys 1 to 6. */
export const FINDING_IDS = ['glides', 'snag', 'knot', 'mat', 'felt', 'refused'] as const
export type Finding = (typeof FINDING_IDS)[number]

/** How the dog bore it, in the order of the keys E, F, X. */
export const COMFORT_IDS = ['easy', 'fidgety', 'stopped'] as const
export type Comfort = (typeof COMFORT_IDS)[number]

/** Knots of one kind in one place; past this a place is felted, not counted (judgement). */
export const MOST_KNOTS = 40

/** What a rake or carding knife meets: recorded as a comb's findings are. */
export const UNDERCOAT_IDS = ['clear', 'some', 'packed'] as const
export type Undercoat = (typeof UNDERCOAT_IDS)[number]
