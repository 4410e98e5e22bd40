import type { PlaceId } from '../coat/regions'
import type { Fact, FactOf } from './entries'

/** A visit to a professional, which ends a stretch; a body clip at home does not. */
export const isVisit = (what: Fact): what is FactOf<'visit'> => what.kind === 'visit' && !what.home

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
