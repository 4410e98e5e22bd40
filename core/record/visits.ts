import type { PlaceId, Region } from '../coat/regions'
import type { Fact, FactOf } from './entries'
import type { VisitDid } from './visit-did'

/** A visit to a professional; a body clip at home is none. */
export const isVisit = (what: Fact): what is FactOf<'visit'> => what.kind === 'visit' && !what.home

/** The length a visit says it left at a single place, mm; a side said apart comes before its pair. */
export const lengthAt = (
  { except = [] }: Pick<FactOf<'visit'>, 'except'>,
  { place, side }: Pick<Region, 'place' | 'side'>,
): number | undefined => {
  const here = except.filter((e) => e.place === place && (!e.side || e.side === side))
  return (here.find((e) => e.side) ?? here[0])?.mm
}

/** Whether a visit did a thing. One that does not say it did only some did everything, as it then meant. */
export const visitDid = (what: FactOf<'visit'>, did: VisitDid): boolean =>
  !what.only || (what.did ?? []).includes(did)
/** What combs or cuts a whole coat. */
const THE_COAT: readonly VisitDid[] = ['comb-out', 'clip', 'scissor', 'strip']
/** A visit that combed or cut the coat ends a stretch; feet and a bath do not. */
export const endsStretch = (what: Fact): what is FactOf<'visit'> =>
  isVisit(what) && THE_COAT.some((did) => visitDid(what, did))

/** A visit that took hair off. */
export const cuts = (what: Fact): boolean =>
  isVisit(what) && (['clip', 'scissor', 'strip'] as const).some((did) => visitDid(what, did))

/**
 * Places a body clip at home leaves as they are: no clipper at elbow web, hock tendon and flank fold, nor
 * near the anus; feet, head and under the tail are tidies. Common practice, no source.
 */
export const LEFT_AT_HOME: readonly PlaceId[] = [
  'armpit',
  'hock',
  'tuck-up',
  'forefoot',
  'hindfoot',
  'under-tail',
]
