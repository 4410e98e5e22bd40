import type { PartId, PlaceId } from '../coat/regions'
import { learnedFinds } from '../learn/finds'
import type { Learned } from '../learn/normal'
import { learnedPart, learnedWhole } from '../learn/parted'
import { tauOf } from '../learn/tightening'
import type { LivingCoat } from './living-coat'

/** What was learned of a dog and its owner, to be shown: what most are like, what was seen, what is held. */
type Taught = Pick<LivingCoat, 'taught'>

/** How fast the coat grows, mm a day. */
export const learnedGrowth = ({ taught }: Taught): Learned => learnedWhole(taught.growth)
export const learnedGrowthOf = ({ taught }: Taught, part: PartId): Learned => learnedPart(taught.growth, part)
/** The owner's pace, times the usual minutes. */
export const learnedPace = ({ taught }: Taught): Learned => learnedWhole(taught.speed, Math.exp)
export const learnedPaceAt = ({ taught }: Taught, place: PlaceId): Learned =>
  learnedPart(taught.speed, place, Math.exp)
/** Share of what is there that the owner's comb finds. */
export const learnedFinding = ({ taught }: Taught): Learned => learnedFinds(taught.finding)
/** Days from a tangle to a tight knot. */
export function learnedTightening({ taught, coat }: Pick<LivingCoat, 'taught' | 'coat'>): Learned {
  const usual = 1 / coat.tighteningPerDay
  const { likely } = tauOf(taught.tight)
  const interval: [number, number] = [usual / likely[1], usual / likely[0]]
  const now = usual / taught.tightens
  const { times } = taught.tight
  return {
    prior: usual,
    seen: times ? { mean: now, times } : null,
    now,
    interval,
    telling: interval[0] > usual || interval[1] < usual,
  }
}
