import { cheapestPath, costOf, nodesOf, SLACK } from './instance'
import type { Chosen, Instance } from './instance'

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
export class Search {
  /** The plan as it stands, and the best met so far. */
  readonly chosen: Chosen
  readonly best: Chosen
  cost = 0
  bestCost = Infinity

  private readonly nodes: number
  /** Of each day: minutes taken by units, and how many of them. */
  private readonly used: Float64Array
  private readonly count: Int32Array
  /** Cost of each unit's path. */
  private readonly own: Float64Array
  private readonly at: Float64Array
  private readonly price: Float64Array
  private readonly from: Int32Array
  private readonly held: { used: Float64Array; count: Int32Array; rows: Uint8Array; own: Float64Array }
  private readonly touched: number[] = []
  private readonly isTouched: Uint8Array
  private readonly spacedUnits: number[]
  /** Whether a unit alone may open a session. */
  private mayOpen = true
  /** Days that are not to be combed on, and days whose laying out is given for the moment. */
  private readonly barred: Uint8Array
  private readonly given: Uint8Array

  /**
   * @param random 0 to below 1
   * @param prices of each cell, from the bound: what its room is worth to the others
   */
  constructor(
    private readonly instance: Instance,
    private readonly random: () => number,
    private readonly prices: Float64Array,
  ) {
    const { units, days } = instance
    this.nodes = nodesOf(instance)
    this.chosen = new Uint8Array(units * days)
    this.best = this.chosen.slice()
    this.used = new Float64Array(days)
    this.count = new Int32Array(days)
    this.own = new Float64Array(units)
    this.at = new Float64Array(this.nodes)
    this.price = new Float64Array(this.nodes)
    this.from = new Int32Array(this.nodes)
    this.held = {
      used: new Float64Array(days),
      count: new Int32Array(days),
      rows: new Uint8Array(units * days),
      own: new Float64Array(units),
    }
    this.isTouched = new Uint8Array(units)
    this.barred = new Uint8Array(days)
    this.given = new Uint8Array(days)
    this.spacedUnits = [...instance.spaced.keys()].filter((u) => instance.spaced[u])
    this.recount()
    this.keepIfBest()
  }

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

  private recount() {
    const { units, days, minutes, cost } = this.instance
    const { nodes } = this
    this.used.fill(0)
    this.count.fill(0)
    for (let u = 0; u < units; u++) {
      let [i, total] = [0, 0]
      for (let k = 0; k < days; k++) {
        if (!this.chosen[u * days + k]) continue
        this.used[k]! += minutes[u * days + k]!
        this.count[k]! += 1
        total += cost[u]![(k + 1) * nodes + i]!
        i = k + 1
      }
      this.own[u] = total + cost[u]![(nodes - 1) * nodes + i]!
    }
    this.cost = costOf(this.instance, this.chosen)
  }

  private keepIfBest() {
    if (this.cost >= this.bestCost - 1e-9) return
    this.bestCost = this.cost
    this.best.set(this.chosen)
  }

  private hold() {
    this.held.used.set(this.used)
    this.held.count.set(this.count)
  }

  private touch(u: number) {
    if (this.isTouched[u]) return
    this.isTouched[u] = 1
    this.touched.push(u)
    const { days } = this.instance
    for (let c = u * days; c < (u + 1) * days; c++) this.held.rows[c] = this.chosen[c]!
    this.held.own[u] = this.own[u]!
  }

  private settle(keep: boolean) {
    const { days } = this.instance
    for (const u of this.touched) {
      this.isTouched[u] = 0
      if (keep) continue
      for (let c = u * days; c < (u + 1) * days; c++) this.chosen[c] = this.held.rows[c]!
      this.own[u] = this.held.own[u]!
    }
    this.touched.length = 0
    if (keep) return
    this.used.set(this.held.used)
    this.count.set(this.held.count)
  }

  private takeOut(u: number) {
    this.touch(u)
    const { days, minutes } = this.instance
    for (let k = 0; k < days; k++) {
      const c = u * days + k
      if (!this.chosen[c]) continue
      this.chosen[c] = 0
      this.used[k]! -= minutes[c]!
      if (--this.count[k]! === 0) this.used[k] = 0
    }
  }

  /**
   * Puts a unit that was taken out back by its cheapest path.
   * @param heed how many times the prices of the bound are added
   * @returns false if there is no way through
   */
  private putIn(u: number, heed = 0): boolean {
    const { days, limit, setup, minutes, cost, spaced } = this.instance
    const { nodes, price, at, from } = this
    const spread = spaced[u] !== 0
    for (let k = 0; k < days; k++) {
      const c = u * days + k
      const room = limit[k]! - setup - this.used[k]! - minutes[c]!
      if (room < -SLACK || this.barred[k]) price[k + 1] = Infinity
      else if (this.count[k] === 0 && !this.given[k]) price[k + 1] = this.mayOpen ? setup : Infinity
      else price[k + 1] = 0
      if (heed) price[k + 1]! += heed * this.prices[c]!
    }
    price[nodes - 1] = 0
    const end = spread ? this.spreadPath(u) : cheapestPath(cost[u]!, nodes, price, at, from)
    if (end === Infinity) return false
    let own = 0
    for (let j = nodes - 1; j > 0; j = from[j]!) {
      const i = from[j]!
      own += cost[u]![j * nodes + i]!
      if (j === nodes - 1) continue
      this.chosen[u * days + j - 1] = 1
      this.used[j - 1]! += minutes[u * days + j - 1]!
      this.count[j - 1]! += 1
    }
    this.own[u] = own
    return true
  }

  /** The same for a unit that skips a session each time. `price` is filled in. */
  private spreadPath(u: number): number {
    const { nodes, price, at, from, instance } = this
    const table = instance.cost[u]!
    at[0] = 0
    for (let j = 1; j < nodes; j++) {
      at[j] = Infinity
      if (price[j] === Infinity) continue
      let between = 0
      for (let i = j - 1; i >= 0; i--) {
        const skipped = between > 0 || j === nodes - 1 || (i === 0 && instance.spaced[u] !== 2)
        const total = at[i]! + table[j * nodes + i]!
        if (skipped && total + price[j]! < at[j]!) {
          at[j] = total + price[j]!
          from[j] = i
        }
        if (i > 0 && this.count[i - 1]! > 0) between++
      }
    }
    return at[nodes - 1]!
  }

  /** Units whose skipped session has since gone are put in anew. False if one has no way through. */
  private respace(): boolean {
    for (let again = 0; again < 3; again++) {
      let well = true
      for (const u of this.spacedUnits) {
        if (this.isSpread(u)) continue
        well = false
        this.takeOut(u)
        if (!this.putIn(u)) return false
      }
      if (well) return true
    }
    return this.spacedUnits.every((u) => this.isSpread(u))
  }

  private isSpread(u: number): boolean {
    const { days, spaced } = this.instance
    let since = spaced[u] === 2 ? 0 : 1
    for (let k = 0; k < days; k++) {
      if (this.chosen[u * days + k]) {
        if (!since) return false
        since = 0
      } else if (this.count[k]) since += 1
    }
    return true
  }

  private total(): number {
    const { units, days, setup } = this.instance
    let total = 0
    for (let u = 0; u < units; u++) total += this.own[u]!
    for (let k = 0; k < days; k++) if (this.count[k]) total += setup
    return total
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

  /** Every unit once more by its own best path, until none gains. */
  polish(most = 20) {
    const order = Array.from({ length: this.instance.units }, (_, u) => u)
    for (let round = 0; round < most; round++) {
      const before = this.cost
      for (const u of this.shuffle(order)) {
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
    let through = this.shuffle(out).every((u) => this.putIn(u, heed))
    this.barred.fill(0)
    this.given.fill(0)
    if (heed && through)
      through = this.shuffle(out).every((u) => {
        this.takeOut(u)
        return this.putIn(u)
      })
    return through
  }
}
