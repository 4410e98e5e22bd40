import type { PlaceId } from '../../coat/regions'

/** What is washed by itself between baths. Common practice, no source. */
export const PART_WASHES = [
  { id: 'rear', words: 'a soiled rear', places: ['under-tail', 'thigh', 'inner-thigh', 'tail-base'] },
  {
    id: 'legs',
    words: 'feet and legs',
    places: ['forefoot', 'hindfoot', 'foreleg', 'hock'],
  },
  { id: 'beard', words: 'the beard', places: ['beard', 'muzzle'] },
] as const satisfies readonly { id: string; words: string; places: readonly PlaceId[] }[]
export type PartWash = (typeof PART_WASHES)[number]['id']
