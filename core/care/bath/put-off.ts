import { regionOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { RegionState } from '../../record/coat-state'
import { isDangerPlace, TEASE_LIMIT } from '../knots/knot'

/** What was put off to this wash: where, how many, and what it was. */
export interface PutOff {
  region: RegionId
  count: number
  kind: 'snag' | 'knot'
}
/** Longest it is teased under the conditioner, minutes. */
export const slipMinutes = ({ region }: PutOff): number =>
  isDangerPlace(region) ? TEASE_LIMIT.danger : TEASE_LIMIT.usual
/** Knots that were put off to the next wash and are there still. @param washed only of these; null is all of the dog */
export const putOffs = (
  states: readonly Pick<RegionState, 'id' | 'last' | 'left'>[],
  washed: readonly PlaceId[] | null,
): PutOff[] =>
  states.flatMap(({ id, last, left }) =>
    last?.decided?.answer === 'condition' && left.length && (!washed || washed.includes(regionOf(id).place))
      ? [
          {
            region: id,
            count: left.reduce((sum, l) => sum + l.count, 0),
            kind: last.finding === 'snag' ? 'snag' : 'knot',
          },
        ]
      : [],
  )
