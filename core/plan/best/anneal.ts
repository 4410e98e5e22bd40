import type { Chosen, Instance } from './instance'
import { CarriedPlan } from './carried-plan'
import { LEAST_LUCK } from './heated-plan'
import { OVER_AT_LEAST, overOf, REACH, REACHED, WANTS } from './weighed-plan'

// How often what is tried was set by trial, on stretches of 56 and 84 days with five sets of limits.

/** How often, of 256, a combing met goes alone rather than changes places, and one missing comes alone. */
const LOOSENED = 100
const ADDED = 80
/** Once in so many cells a whole session is opened, closed or moved. */
const SESSION_EVERY = 64
/** Once in so many, one of those that want others comes, goes or moves with them, while they may (by trial). */
const CARRIED_EVERY = 60
/**
 * Small changes to a plan, a great many of them: one combing added, left out or moved, two swapped,
 * and now and then a whole session. For each cell met the changes round it are weighed against one
 * another and against none (heat bath). What each would cost is kept at hand and worked out again
 * only round what was changed, since of a hundred cells met hardly one is changed. Days may run over
 * for the while, at a price, as a full day is otherwise a wall that nothing passes (annealing;
 * Kirkpatrick and others 1983).
 */
export class Anneal extends CarriedPlan {
  /** The best plan met that keeps within every day, and its cost; Infinity if none did. */
  readonly best: Chosen
  bestCost = Infinity
  /** Whether those that want others may move: it is dear, and gains only while much is unsettled. */
  carries = true
  /** What luck may spare a change at most: one dearer by more than the cheapest so far need not be weighed. */
  private unlucky = 0
  private readonly live: Int32Array
  /**
   * @param live cells where a combing is worth trying; others are left as they are. Units the dog
   *   refuses are left to the search, which knows what a session between is.
   */
  constructor(instance: Instance, random: () => number, start: Chosen, live: readonly number[]) {
    super(instance, random, start)
    this.best = start.slice()
    this.live = Int32Array.from(live.filter((c) => !instance.spaced[Math.floor(c / instance.days)]))
    this.keepBest()
  }

  /** Weighs the changes round so many cells. */
  run(cells: number) {
    const { live, unitOf, has, instance } = this
    if (!live.length) return
    const carried = this.carries && Boolean(instance.needs?.length)
    this.countOver()
    this.unlucky = -this.heat * LEAST_LUCK
    for (; cells > 0; cells--) {
      if (cells % SESSION_EVERY === 0) this.session()
      if (carried && cells % CARRIED_EVERY === 0) this.carry()
      const c = live[this.pick(live.length)]!
      const u = unitOf[c]!
      const k = c - u * instance.days
      if (has[c]) {
        if (this.pick(256) < LOOSENED) this.loosen(u, k)
        else {
          const by = 1 + this.pick(REACH)
          const to = this.pick(2) ? k - by : k + by
          if (to >= 0 && to < instance.days) this.move(u, k, to)
        }
      } else if (this.pick(256) < ADDED) this.add(u, k)
      else {
        const from = this.pick(2) ? this.before(u, k) - 1 : this.after(u, k) - 1
        if (from >= k - REACH && from <= k + REACH && from >= 0 && from < instance.days) this.move(u, from, k)
      }
      if (this.cost < this.bestCost - 1e-7) this.keepBest()
    }
  }

  /** A combing met: left out, or by itself some days off. */
  private loosen(u: number, k: number) {
    const { days, minutes, setup } = this.instance
    const { heat, overPrice, moved, used, room, count, unlucky } = this
    const c = u * days + k
    if (this.fixed[c]) return
    const closes = count[k] === 1 ? setup : 0
    const relief = this.overIf(k, -minutes[c]!)
    let least = heat * this.luck()
    let to = -1
    const left = -this.detour[c]! - closes + overPrice * relief + heat * this.luck()
    if (left < least) {
      least = left
      to = k
    }
    const could = overPrice * relief - closes - unlucky
    const off = c * REACHED + REACH - k
    const last = k + REACH < days ? k + REACH : days - 1
    for (let q = k > REACH ? k - REACH : 0; q <= last; q++) {
      const by = moved[off + q]!
      if (by + could >= least) continue
      const over = used[q]! - room[q]!
      const into = overOf(over + minutes[c - k + q]!) - overOf(over)
      const weighed = by - closes + (count[q] ? 0 : setup) + overPrice * (relief + into) + heat * this.luck()
      if (weighed >= least) continue
      least = weighed
      to = q
    }
    if (to < 0) return
    this.over += relief
    if (to === k) {
      this.cost -= this.detour[c]! + closes
      this.out(u, k)
      this.weigh(u, k, k)
      return
    }
    this.over += this.overIf(to, minutes[c - k + to]!)
    this.cost += moved[off + to]! - closes + (count[to] ? 0 : setup)
    this.shift(u, k, to)
  }

  /** A combing brought to a day without: as one more, or in another's place. */
  private add(u: number, k: number) {
    const { units, days, minutes, setup, spaced } = this.instance
    const { heat, overPrice, detour, on, used, room, fixed, unlucky } = this
    const c = u * days + k
    if (fixed[c]! >= WANTS) return
    const n = this.count[k]!
    const was = overOf(used[k]! - room[k]!)
    const over = used[k]! - room[k]! + minutes[c]!
    let least = heat * this.luck() - detour[c]!
    let gone = -2
    const more = (n ? 0 : setup) + overPrice * (overOf(over) - was) + heat * this.luck()
    if (more < least) {
      least = more
      gone = -1
    }
    const could = -overPrice * was - unlucky
    for (let i = k * units; i < k * units + n; i++) {
      const d = on[i]! * days + k
      if (could - detour[d]! >= least || fixed[d]) continue
      const weighed = overPrice * (overOf(over - minutes[d]!) - was) - detour[d]! + heat * this.luck()
      if (weighed >= least) continue
      least = weighed
      gone = on[i]!
    }
    if (gone === -2 || (gone >= 0 && spaced[gone])) return
    const d = gone * days + k
    this.cost += gone < 0 ? detour[c]! + (n ? 0 : setup) : detour[c]! - detour[d]!
    this.over += this.overIf(k, gone < 0 ? minutes[c]! : minutes[c]! - minutes[d]!)
    if (gone >= 0) {
      this.out(gone, k)
      this.weigh(gone, k, k)
    }
    this.put(u, k)
    this.weigh(u, k, k)
  }

  /** `u` from `k` to `q`, within reach; perhaps one on `q` goes the other way. */
  private move(u: number, k: number, q: number) {
    const { units, days, minutes, setup, spaced } = this.instance
    const { heat, overPrice, moved, on, used, room, fixed, unlucky } = this
    if (fixed[u * days + k]) return
    const by = this.movedBy(u, k, q)
    // Another of its combings lies between.
    if (by === Infinity) return
    const wasOut = overOf(used[k]! - room[k]!)
    const wasInto = overOf(used[q]! - room[q]!)
    const out = used[k]! - room[k]! - minutes[u * days + k]!
    const into = used[q]! - room[q]! + minutes[u * days + q]!
    const n = this.count[q]!
    const opens = (n ? 0 : setup) - (this.count[k] === 1 ? setup : 0)
    const was = wasOut + wasInto
    let least = heat * this.luck() - by
    let back = -2
    const alone = opens + overPrice * (overOf(out) + overOf(into) - was) + heat * this.luck()
    if (alone < least) {
      least = alone
      back = -1
    }
    const could = -overPrice * was - unlucky
    const off = REACH + k - q
    for (let i = q * units; i < q * units + n; i++) {
      const d = on[i]! * days
      const also = moved[(d + q) * REACHED + off]!
      if (also + could >= least || fixed[d + q]) continue
      const over = overOf(out + minutes[d + k]!) + overOf(into - minutes[d + q]!) - was
      const weighed = also + overPrice * over + heat * this.luck()
      if (weighed >= least) continue
      least = weighed
      back = on[i]!
    }
    if (back === -2 || (back >= 0 && spaced[back])) return
    if (back < 0) {
      this.cost += by + opens
      this.over += overOf(out) + overOf(into) - was
      this.shift(u, k, q)
      return
    }
    const d = back * days
    this.cost += by + this.movedBy(back, q, k)
    this.over += overOf(out + minutes[d + k]!) + overOf(into - minutes[d + q]!) - was
    this.shift(u, k, q)
    this.shift(back, q, k)
  }

  private keepBest() {
    // A day that is over counts for more than any rounding.
    if (this.over > OVER_AT_LEAST / 2 || this.cost >= this.bestCost) return
    this.bestCost = this.cost
    this.best.set(this.has)
  }
}
