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
