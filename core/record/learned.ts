import type { PartId, PlaceId } from '../coat/regions'
import { FINDS_PRIOR, shareAt } from '../learn/finds'
import type { Finds } from '../learn/finds'
import { likelyOn } from '../learn/grid-interval'
import type { Learned } from '../learn/normal'
import { learnedPart, learnedWhole } from '../learn/parted'
import { tauAt } from '../learn/tightening'
import type { Tightening } from '../learn/tightening'
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
/** Where they lie four times in five. */
export const likelyFinds = ({ logs }: Pick<Finds, 'logs'>) => likelyOn(logs).map(shareAt) as [number, number]
export const likelyTau = ({ logs }: Pick<Tightening, 'logs'>) => likelyOn(logs).map(tauAt) as [number, number]
const learned = (prior: number, now: number, interval: [number, number], seen: Learned['seen']): Learned => ({
  prior,
  seen,
  now,
  interval,
  telling: interval[0] > prior || interval[1] < prior,
})
/** Share of what is there that the owner's comb finds. */
export function learnedFinding({ taught }: Taught): Learned {
  const { times, through, missed } = taught.finding
  const seen = times ? { mean: through / (through + Math.max(0, missed)), times } : null
  return learned(FINDS_PRIOR, taught.finds, likelyFinds(taught.finding), seen)
}
/** Days from a tangle to a tight knot. */
export function learnedTightening({ taught, coat }: Pick<LivingCoat, 'taught' | 'coat'>): Learned {
  const usual = 1 / coat.tighteningPerDay
  const [slow, fast] = likelyTau(taught.tight)
  const now = usual / taught.tightens
  const { times } = taught.tight
  return learned(usual, now, [usual / fast, usual / slow], times ? { mean: now, times } : null)
}
