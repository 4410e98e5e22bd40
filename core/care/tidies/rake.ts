import type { CoatId } from '../../coat/coat-types'
import type { PlaceId } from '../../coat/regions'
import { UNDERCOAT_IDS } from '../../record/findings'
import type { Undercoat } from '../../record/findings'

/** Where dead undercoat packs, in the order it is raked: a double coat from the rear forward, a jacket along its back. */
const DOUBLE: readonly PlaceId[] = ['thigh', 'tail', 'rump', 'side', 'back', 'shoulders', 'chest', 'nape']
const JACKET: readonly PlaceId[] = ['rump', 'side', 'back', 'shoulders', 'nape']

/** The places a coat is raked or carded at. Common practice, no source. */
export const rakedAt = (coat: CoatId, gone: readonly string[] = []): PlaceId[] =>
  (coat === 'wire' ? JACKET : DOUBLE).filter((place) => !gone.includes(place))

/** What it was on the whole: as packed as the most packed of its places. */
export const mostPacked = (found: readonly Undercoat[]): Undercoat =>
  found.reduce<Undercoat>(
    (worst, f) => (UNDERCOAT_IDS.indexOf(f) > UNDERCOAT_IDS.indexOf(worst) ? f : worst),
    'clear',
  )
