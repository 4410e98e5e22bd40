import type { Chosen, Instance } from './instance'
import { BOTH, FIRST, NEITHER, SECOND, TwoDays } from './two-days'
import { WANTS, WeighedPlan } from './weighed-plan'

/** Days apart at most that are filled together (by trial). */
const APART = 12
/** A gain too small to be one. */
const NO_GAIN = 1e-7

/**
 * A plan any two days of which, not far apart, are filled anew together as cheaply as the rest of it
 * lets: what several small changes at once gain and none of them alone. What wants others stays where
 * it is, as do units the dog refuses and, if there are any, the days on which there are sessions.
 */
export class RefilledPlan extends WeighedPlan {
  private readonly two: TwoDays
  /** Price of a minute of each day, where it was last sought. */
  private readonly price: Float64Array
  /** Each unit's days of the two, as they are and as was found to be best. */
  private readonly were: Uint8Array
  private readonly best: Uint8Array
  private readonly anySpaced: boolean

  constructor(instance: Instance, start: Chosen) {
    super(instance, start)
    const { units, days, spaced } = instance
    this.two = new TwoDays(units)
    this.price = new Float64Array(days)
    this.were = new Uint8Array(units)
    this.best = new Uint8Array(units)
    this.anySpaced = spaced.some(Boolean)
  }

  get chosen(): Chosen {
    return this.has
  }

  /** Goes once over all pairs of days, the nearest first; says of those so far apart whether any became cheaper. */
  *refill(): Generator<boolean> {
    const { days } = this.instance
    for (let by = 1; by <= APART; by++) {
      let any = false
      for (let k = 0; k + by < days; k++) if (this.refillTwo(k, k + by)) any = true
      yield any
    }
  }

  /** @param k the earlier day. @returns whether it became cheaper */
  private refillTwo(k: number, q: number): boolean {
    const { two, count, price, room, anySpaced, best } = this
    const { setup } = this.instance
    two.room[0] = room[k]!
    two.room[1] = room[q]!
    two.price[0] = price[k]!
    two.price[1] = price[q]!
    const open = (count[k] ? FIRST : NEITHER) | (count[q] ? SECOND : NEITHER)
    const laidOut = (days: number) => setup * ((days & FIRST) + (days >> 1))
    const was = laidOut(open) + this.weighBoth(k, q)
    let cost = was - NO_GAIN
    for (let days = BOTH; days >= NEITHER; days--) {
      if (anySpaced && days !== open) continue
      const here = laidOut(days) + two.fill(days, cost - laidOut(days))
      if (days === BOTH) {
        price[k] = two.price[0]
        price[q] = two.price[1]
      }
      if (here >= cost) continue
      // A session that is to stay has to have something in it.
      if (anySpaced && two.chosen.reduce((all, one) => all | one, NEITHER) !== open) continue
      cost = here
      best.set(two.chosen)
    }
    if (cost >= was - NO_GAIN) return false
    this.change(k, q)
    this.cost += cost - was
    return true
  }

  /** Makes the two days as was found to be best. */
  private change(k: number, q: number) {
    const { were, best } = this
    for (let u = 0; u < this.instance.units; u++) {
      const changed = were[u]! ^ best[u]!
      for (const [day, at] of [
        [FIRST, k],
        [SECOND, q],
      ] as const)
        if (changed & day) {
          if (best[u]! & day) this.put(u, at)
          else this.out(u, at)
        }
      if (changed) this.weigh(u, k, q)
    }
  }

  /** Works out what each unit costs by where it is done of the two days. @returns what they cost as they are */
  private weighBoth(k: number, q: number): number {
    const { units, days, minutes, spaced } = this.instance
    const { two, has, fixed, onward, nodes, were } = this
    let all = 0
    for (let u = 0; u < units; u++) {
      const [first, second] = [u * days + k, u * days + q]
      two.minutes[2 * u] = minutes[first]!
      two.minutes[2 * u + 1] = minutes[second]!
      const now = (has[first] ? FIRST : NEITHER) | (has[second] ? SECOND : NEITHER)
      were[u] = now
      // What others want on a day stays on it.
      const stays = now & ((fixed[first] ? FIRST : NEITHER) | (fixed[second] ? SECOND : NEITHER))
      const still = fixed[first]! >= WANTS || spaced[u] ? BOTH : stays
      const table = u * nodes * nodes
      const [prev, next] = [this.before(u, k), this.after(u, q)]
      const [afterFirst, beforeSecond] = [this.after(u, k), this.before(u, q)]
      for (let choice = NEITHER; choice <= BOTH; choice++) {
        let at = prev
        let cost = (choice ^ now) & still ? Infinity : 0
        if (choice & FIRST) {
          cost += onward[table + at * nodes + k + 1]!
          at = k + 1
        }
        // Stops between the two stay; what they cost among themselves is the same by every choice.
        if (afterFirst < q + 1) {
          cost += onward[table + at * nodes + afterFirst]!
          at = beforeSecond
        }
        if (choice & SECOND) {
          cost += onward[table + at * nodes + q + 1]!
          at = q + 1
        }
        two.cost[4 * u + choice] = cost + onward[table + at * nodes + next]!
      }
      all += two.cost[4 * u + now]!
    }
    return all
  }
}
