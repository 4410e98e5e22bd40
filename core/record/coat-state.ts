import type { Stages } from '../coat/knots'
import type { RegionId } from '../coat/regions'
import type { SeenUnder } from '../learn/causes'
import { NOTHING_SEEN } from '../learn/rate'
import type { Rate, Seen } from '../learn/rate'
import type { Day } from './day'
import type { FactOf } from './entries'
import type { Comfort, Finding } from './findings'
import type { HandFeels } from './hand'

/** Knots known to be there and left in: how many, and the chances of each being at each stage now. */
interface LeftIn {
  count: number
  stages: Stages
}

/** What a place's checks have come to, in all and by cause. */
export type SeenHere = Seen & SeenUnder
export const NOTHING_MET: SeenHere = { ...NOTHING_SEEN, born: [], met: [] }

/** A place as it stands on the morning of a day, after what was done that day. */
export interface RegionState {
  id: RegionId
  /** Length of hair, mm. */
  mm: number
  /** Expected unseen knots in each stage at θ = 1, by the type's factors as far as this dog's were not learned. */
  unseen: Stages
  /** Knots seen and not taken out. */
  left: readonly LeftIn[]
  /** What its checks have come to, and what they teach of how readily it knots. */
  seen: SeenHere
  rate: Rate
  /** Last day the comb went through, or a visit emptied it; null while nothing has met it. */
  clearOn: Day | null
  /** Until it is met: the day the comb is taken to have gone through, from what was told; null if nobody said. */
  combedAbout: Day | null
  /** Of the unseen knots, how many rest on what was told and not on a comb. */
  guessed: number
  /** The last check, whatever it said. */
  last: {
    day: Day
    finding: Finding
    comfort?: Comfort | undefined
    decided?: FactOf<'check'>['decided']
  } | null
  /** Refused checks since the last that was allowed. */
  refusals: number
  /** Last day on which wetting still counts. */
  wetTo: Day | null
  wetBy: 'swim' | 'rain' | 'grass' | 'bath' | null
  /** The open concern of a look-over here, by its entry. */
  concern: string | null
}

export interface CoatState {
  day: Day
  regions: Record<string, RegionState>
  /** Day of the last visit, or null if none is on record. */
  visitOn: Day | null
  /** What a hand felt over the whole dog, until the comb has been everywhere. */
  felt: HandFeels | null
}
