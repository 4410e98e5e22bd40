import { TEASE_MINUTES } from '../../coat/minutes'
import { learnedOf, notice, unnoticed } from '../../learn/normal'
import type { Belief, Learned } from '../../learn/normal'
import type { Day } from '../../record/day'
import type { FactOf } from '../../record/entries'
import { knotsIn, matsIn } from '../../record/findings'
import type { DogRecord } from '../../record/fold'
import { timeline } from '../../record/timeline'
import { isVisit } from '../../record/visits'

/** Minutes for knots as logarithms of times the usual: hands and dogs differ by half either way; one visit tells a good deal (judgement). */
const PRIOR: Belief = { mean: 0, sd: 0.4 }
const SEEN_SD = 0.4
/** Fewer usual minutes than these tell nothing of a pace (judgement). */
const LEAST_USUAL = 2
/** No visit counts for more than so many times the usual, as a logarithm (judgement). */
const AT_MOST = 1.5

/** Minutes that what a visit found usually takes. */
const usualMinutes = ({ found }: Pick<FactOf<'visit'>, 'found'>): number =>
  found.reduce((sum, f) => {
    const [knots, mats] = [knotsIn(f), matsIn(f)]
    const each = f.finding === 'snag' ? TEASE_MINUTES.tangle : TEASE_MINUTES.knot
    return sum + mats * TEASE_MINUTES.mat + (mats ? 0 : knots * each)
  }, 0)

/** Times the usual minutes that knots take on this dog's visits, as told by whoever took them out. */
export function learnedKnotMinutes({ entries }: Pick<DogRecord, 'entries'>, at: Day): Learned {
  let noticed = unnoticed(PRIOR)
  for (const { day, what } of timeline(entries)) {
    if (day > at || !isVisit(what) || !what.knotMinutes) continue
    const usual = usualMinutes(what)
    if (usual < LEAST_USUAL) continue
    const times = Math.log(what.knotMinutes / usual)
    noticed = notice(noticed, Math.max(-AT_MOST, Math.min(AT_MOST, times)), SEEN_SD)
  }
  return learnedOf(noticed, Math.exp)
}
