/** Care beside the comb that can be written down by itself; a bath is a wash, and has its own entry. */
export const TIDY_IDS = [
  'look-over',
  'eyes',
  'teeth',
  'nails',
  'paws',
  'sanitary',
  'face',
  'ears',
  'ear-look',
  'neatening',
] as const
export type TidyId = (typeof TIDY_IDS)[number]
/** The tidies that take hair off. */
export const TRIM_IDS = ['face', 'paws', 'sanitary', 'ears', 'neatening'] as const satisfies readonly TidyId[]
export type TrimId = (typeof TRIM_IDS)[number]
export const isTrim = (care: TidyId | CareId): care is TrimId =>
  (TRIM_IDS as readonly string[]).includes(care)
/** All that cuts: what an owner may do is said of each. */
export const CUT_IDS = [...TRIM_IDS, 'nails', 'clip'] as const
export type CutId = (typeof CUT_IDS)[number]
/** Tidies that are led step by step: those that cut, and the looks between. */
export const WORK_IDS = [
  ...TRIM_IDS,
  'nails',
  'eyes',
  'ear-look',
  'teeth',
] as const satisfies readonly TidyId[]
export type WorkId = (typeof WORK_IDS)[number]
/** What is rehearsed on paper before it is first cut. */
export const REHEARSED_IDS = [
  'face',
  'paws',
  'sanitary',
  'ears',
  'nails',
] as const satisfies readonly WorkId[]
export type RehearsedId = (typeof REHEARSED_IDS)[number]

/**
 * Care that comes round: every tidy but the neatening, which looks alone want; and what has an entry of its own. In the
 * order of work once the coat is combed: undercoat before the bath, tidies on a clean coat, nails before feet, and a look
 * over all of it last.
 */
export const CARE_IDS = [
  'undercoat',
  'bath',
  'nails',
  'paws',
  'sanitary',
  'face',
  'ears',
  'ear-look',
  'eyes',
  'teeth',
  'look-over',
] as const satisfies readonly (TidyId | 'bath' | 'undercoat')[]
export type CareId = (typeof CARE_IDS)[number]

/** What of it a plan puts on its days, each by itself. */
export const CARE_UNIT_IDS = [
  'bath',
  'undercoat',
  'nails.left',
  'nails.right',
  'paws.left',
  'paws.right',
  'belly',
  'rear',
  'face',
  'ears',
  'ear-look',
  'look-over',
] as const
export type CareUnitId = (typeof CARE_UNIT_IDS)[number]
