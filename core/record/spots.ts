import type { PlaceId } from '../coat/regions'

/** Places looked at that are not on the coat map. */
export const SPOTS = {
  eyes: 'Eyes',
  'ear-openings': 'Ear openings',
  mouth: 'Mouth and teeth',
  pads: 'Pads and between the toes',
  nails: 'Nails',
} as const
export type SpotId = keyof typeof SPOTS
/** Where something is seen: a place of the coat map, or one of the spots beside it. */
export type Spot = PlaceId | SpotId
export const isSpot = (spot: Spot): spot is SpotId => spot in SPOTS
export const SPOT_IDS = Object.keys(SPOTS) as [SpotId, ...SpotId[]]
