/** What a standing mark on a dog's skin is; it is covered or gone round wherever a tool comes near. */
export const MARKS = ['nipples', 'hernia', 'lump', 'scar', 'mole', 'thin-skin'] as const
export type MarkId = (typeof MARKS)[number]
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
