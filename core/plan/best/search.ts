import type { Chosen } from './instance'
import { RoomPlan } from './room-plan'

/** Most units taken out at once, besides a whole session (by trial: more were slower for the same plan). */
const MOST_OUT = 8
/** How often prices are heeded on putting units back, and by how much at most. */
const HEEDED = 0.8
const HEEDED_AT_MOST = 1.3
/** How often some units are taken out rather than a session, and up to where a session is closed. */
const SOME_UNITS = 0.5
const SESSION_CLOSED = 0.7
/** How often a unit alone may open a session. */
const OPENED_ALONE = 0.1
/** Fewer units than this move along with a session; at least so many are taken out for one that opens. */
const MOST_MOVED_ALONG = 4
const LEAST_OPENED_FOR = 3
/** Days to either side within which a session is moved. */
const MOVED_WITHIN = 4

/**
 * A plan made better while it is let: take some units out, or close, open or move a session, and put
 * what was taken out back in by its own cheapest path through the room the others leave. A change
 * for the worse is sometimes kept, less and less, so as not to stay in a hollow (large-neighbourhood
 * search, Shaw 1998; annealed acceptance, Kirkpatrick and others 1983).
 */
export class Search extends RoomPlan {
  /**
   * Takes another plan in place of the one that stands. Units that must skip a session are put in
   * anew if the plan does not let them.
   * @returns whether it could
   */
  adopt(plan: Chosen): boolean {
    this.chosen.set(plan)
    this.recount()
    this.hold()
    const through = this.respace()
    this.settle(true)
    this.recount()
    if (through) this.keepIfBest()
    return through
  }

  private pick(n: number) {
    return Math.floor(this.random() * n)
  }

  private shuffle(list: number[]): number[] {
    for (let i = list.length - 1; i > 0; i--) {
      const j = this.pick(i + 1)
      const held = list[i]!
      list[i] = list[j]!
      list[j] = held
    }
    return list
  }

  private on(k: number): number[] {
    const { units, days } = this.instance
    const list: number[] = []
    for (let u = 0; u < units; u++) if (this.chosen[u * days + k]) list.push(u)
    return list
  }

  private mustStop(u: number): boolean {
    const nodes = this.instance.days + 2
    return this.instance.cost[u]![(nodes - 1) * nodes] === Infinity
  }

  /** Every unit once more by its own best path, until none gains. */
  polish(most = 20) {
    const order = Array.from({ length: this.instance.units }, (_, u) => u)
    for (let round = 0; round < most; round++) {
      const before = this.cost
      this.shuffle(order)
      // What must be on some day finds its room before the rest takes it.
      if (before === Infinity) order.sort((a, b) => Number(this.mustStop(b)) - Number(this.mustStop(a)))
      for (const u of order) {
        this.hold()
        this.takeOut(u)
        const through = this.putIn(u) && this.respace()
        const cost = through ? this.total() : Infinity
        const better = cost <= this.cost + 1e-12
        this.settle(better)
        if (better) this.cost = cost
      }
      this.keepIfBest()
      if (this.cost > before - 1e-6) break
    }
  }

  /**
   * One change, kept if it is better, or by chance if it is worse.
   * @param heat how much worse is kept about one time in three
   */
  step(heat: number) {
    this.hold()
    this.mayOpen = this.random() < OPENED_ALONE
    const kind = this.random()
    const out = kind < SOME_UNITS ? this.unitsOut() : this.sessionOut(kind > SESSION_CLOSED)
    const through = this.putAllIn(out) && this.respace()
    const cost = through ? this.total() : Infinity
    const keep = cost < this.cost || this.random() < Math.exp((this.cost - cost) / heat)
    this.settle(keep)
    this.mayOpen = true
    if (!keep) return
    this.cost = cost
    this.keepIfBest()
  }

  private anyUnits = () => this.shuffle(Array.from({ length: this.instance.units }, (_, u) => u))
  private takeAllOut(units: number[]): number[] {
    const out = [...new Set(units)]
    for (const u of out) this.takeOut(u)
    return out
  }

  /** Takes out some units that share a day, and some that do not. */
  private unitsOut(): number[] {
    const n = 1 + this.pick(MOST_OUT)
    const near = this.shuffle(this.on(this.pick(this.instance.days)))
    const far = this.anyUnits()
    return this.takeAllOut([...near.slice(0, Math.ceil(n / 2)), ...far.slice(0, Math.floor(n / 2) + 1)])
  }

  /**
   * Takes a whole session out, or opens one where there is none; units taken out with it find the
   * opened day laid out already.
   * @param moved the session goes to another day near by, rather than closing
   */
  private sessionOut(moved: boolean): number[] {
    const { units, days } = this.instance
    const day = this.pick(days)
    const other = Math.min(days - 1, Math.max(0, day + this.pick(2 * MOVED_WITHIN + 1) - MOVED_WITHIN))
    const open = this.count[day]! > 0
    const session = open ? this.on(day) : []
    if (open) this.barred[day] = 1
    if (open && (!moved || other === day)) return this.takeAllOut(session)
    this.given[open ? other : day] = 1
    const more = this.anyUnits()
    const n = open
      ? this.pick(MOST_MOVED_ALONG)
      : LEAST_OPENED_FOR + this.pick(Math.max(1, units - LEAST_OPENED_FOR))
    return this.takeAllOut([...session, ...more.slice(0, n)])
  }

  /**
   * Puts back what was taken out: mostly with the prices first, so that none takes the room another
   * needs more, then once more as cheap as may be.
   */
  private putAllIn(out: number[]): boolean {
    const heed = this.random() < HEEDED ? this.random() * HEEDED_AT_MOST : 0
    const through = this.shuffle(out).every((u) => this.putIn(u, heed))
    this.barred.fill(0)
    this.given.fill(0)
    return through && this.again(out, heed)
  }

  /** Those that heeded the prices once more, as cheap as may be. */
  private again(out: number[], heed: number): boolean {
    if (!heed) return true
    return this.shuffle(out).every((u) => {
      this.takeOut(u)
      return this.putIn(u)
    })
  }
}
