/** What the questions about a knot come to, as an entry says it. */
export const KNOT_ANSWERS = ['tease', 'condition', 'groomer', 'vet'] as const
export type KnotAnswer = (typeof KNOT_ANSWERS)[number]

/** Why the answer is what it is, in the order the questions are asked. */
export const KNOT_REASONS = [
  'sore',
  'fouled',
  'privates',
  'felt',
  'many-mats',
  'mat',
  'mat-shown',
  'not-allowed',
  'danger',
  'danger-tried',
  'moves',
  'wash-first',
  'tried-wash',
  'tried',
  'owner',
] as const
export type KnotReason = (typeof KNOT_REASONS)[number]
