/** What the comb says, and the brush where it rasps. */
export const FINDING_IDS = ['glides', 'rasps', 'snag', 'knot', 'mat', 'felt', 'refused'] as const
export type Finding = (typeof FINDING_IDS)[number]
/** Those with a key, 1 to 6; a rasp is heard, and has R. */
export const KEYED_FINDINGS = FINDING_IDS.filter((f): f is Exclude<Finding, 'rasps'> => f !== 'rasps')

/** How the dog bore it, in the order of the keys E, F, X. */
export const COMFORT_IDS = ['easy', 'fidgety', 'stopped'] as const
export type Comfort = (typeof COMFORT_IDS)[number]

/** Knots of one kind in one place; past this a place is felted, not counted (judgement). */
export const MOST_KNOTS = 40

/** Felt counts as five mats: a sheet that cannot be counted (judgement). */
const FELT_AS_MATS = 5
interface Found {
  finding: Finding
  count?: number | undefined
}
/** Knots a finding stands for, of whatever stage. */
export function knotsIn({ finding, count }: Found): number {
  if (finding === 'glides' || finding === 'rasps' || finding === 'refused') return 0
  return finding === 'felt' ? FELT_AS_MATS : (count ?? 1)
}
/** Mats a finding stands for. */
export const matsIn = (found: Found): number =>
  found.finding === 'mat' || found.finding === 'felt' ? knotsIn(found) : 0

/** What a rake or carding knife meets: recorded as a comb's findings are. */
export const UNDERCOAT_IDS = ['clear', 'some', 'packed'] as const
export type Undercoat = (typeof UNDERCOAT_IDS)[number]
