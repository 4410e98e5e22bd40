/** What is done at a professional visit, in the order it usually goes. Common practice, no source. */
export const VISIT_DID = [
  'bath',
  'comb-out',
  'undercoat',
  'clip',
  'scissor',
  'strip',
  'face',
  'feet',
  'sanitary',
  'ears',
  'nails',
  'glands',
] as const
export type VisitDid = (typeof VISIT_DID)[number]
