/** What became of a part: done, refused by the dog, or left for another day. */
export const PART_DID = ['done', 'refused', 'left'] as const
/** How it was done. Nothing is cut unless it says cut. */
export const PART_HOW = ['looked', 'cleaned', 'combed', 'cut'] as const
/** What was met at a part beside what is cut there; what is sore is a concern, and a knot a check. */
export const FOUND_IDS = [
  'seed',
  'crust',
  'caked',
  'soiled',
  'wont-pass',
  'other-lie',
  'in-season',
  'pulls-away',
] as const
export type FoundId = (typeof FOUND_IDS)[number]
/** Where a length comes from. */
export const LENGTH_BY = ['measure', 'guard', 'fingers'] as const
