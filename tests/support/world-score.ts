import { heldOf, lnChanceOf, withinLikely } from '../../core/learn/counts'
import { asCauses, timesUnder } from '../../core/learn/causes'
import type { Cause } from '../../core/learn/causes'
import { learnRates, PRIOR_RATE } from '../../core/learn/rate'
import type { Rate } from '../../core/learn/rate'
import { coatOn } from '../../core/record/fold'
import { combedWeekly } from './world'

/** Of dogs of the richer world, how well their next full session is forecast. */
export interface WorldScore {
  /** Share of the gain that knowing the dog exactly would give over coats like it alone, by log score. */
  gain: { learned: number; withoutCauses: number }
  /** Share of what is lost by not knowing the causes that learning them wins back. */
  wonBack: number
  /** What learning them is worth a dog, in nats of log score. */
  nats: number
  /** How often the eight in ten of a session's count held. */
  held: number
  /** How often each cause's eight in ten held what it is, and of how many dogs. */
  causes: Partial<Record<Cause, { held: number; dogs: number }>>
}

/** Counts beyond which a place's next session has no weight. */
const MOST = 9
const lnPoisson = (n: number, mean: number) => {
  let ln = -mean + n * Math.log(mean)
  for (let k = 2; k <= n; k++) ln -= Math.log(k)
  return ln
}

export function worldScore(dogs: number, weeks: number, causes: number): WorldScore {
  const sum = { prior: 0, without: 0, learned: 0, told: 0, exact: 0, held: 0 }
  const intervals = new Map<Cause, { in: number; of: number }>()
  for (let seed = 1; seed <= dogs; seed++) {
    const world = combedWeekly({ seed, causes }, weeks)
    const { times } = world
    const there = world.there()
    const coat = coatOn(world.record, world.on)
    const known = Object.entries(times).map(([cause, t]) => ({ cause: cause as Cause, times: t }))
    const without = learnRates(coat.places.map((p) => asCauses(p.seen, [])))
    const told = learnRates(coat.places.map((p) => asCauses(p.seen, known)))
    const expected = coat.places.map((p) => {
      const born = p.born()
      const under = (list: typeof known) => born.reduce((s, b) => s + b.amount * timesUnder(list, b.under), 0)
      return { usual: under([]), learned: under([...coat.causes]), told: under(known) }
    })
    coat.places.forEach((p, i) => {
      const { exact } = there.get(p.id)!
      const e = expected[i]!
      const says = (rate: Rate, of: number) => {
        const held = heldOf([{ rate, expected: of }])
        return (n: number) => lnChanceOf(n, held)
      }
      const [prior, off, on, by] = [
        says(PRIOR_RATE, e.usual),
        says(without[i]!, e.usual),
        says(p.rate, e.learned),
        says(told[i]!, e.told),
      ]
      // Over what one who knows the dog expects, not over one draw of it: fewer dogs tell as much.
      for (let n = 0; n < MOST; n++) {
        const ln = lnPoisson(n, Math.max(1e-9, exact))
        const weight = Math.exp(ln)
        sum.prior += weight * prior(n)
        sum.without += weight * off(n)
        sum.learned += weight * on(n)
        sum.told += weight * by(n)
        sum.exact += weight * ln
      }
    })
    const session = heldOf(coat.places.map((p, i) => ({ rate: p.rate, expected: expected[i]!.learned })))
    const found = [...there.values()].reduce((s, t) => s + t.found, 0)
    sum.held += withinLikely(found, session) / dogs
    for (const c of coat.causes) {
      const so = intervals.get(c.cause) ?? { in: 0, of: 0 }
      const within = times[c.cause] >= c.likely[0] && times[c.cause] <= c.likely[1]
      intervals.set(c.cause, { in: so.in + Number(within), of: so.of + 1 })
    }
  }
  const share = (of: number) => (of - sum.prior) / (sum.exact - sum.prior)
  return {
    gain: { learned: share(sum.learned), withoutCauses: share(sum.without) },
    wonBack: (sum.learned - sum.without) / (sum.told - sum.without),
    nats: (sum.learned - sum.without) / dogs,
    held: sum.held,
    causes: Object.fromEntries([...intervals].map(([c, s]) => [c, { held: s.in / s.of, dogs: s.of }])),
  }
}
