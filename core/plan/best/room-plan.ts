import { cheapestPath, costOf, nodesOf, SLACK } from './instance'

/** Less than any path costs: what a stop that must be is worth. */
const MUST_STOP = -1e9
import type { Chosen, Instance } from './instance'

/**
 * A plan whose units can be taken out and put back by their own cheapest path through the room the
 * others leave, and all of it undone.
 */
export class RoomPlan {
  /** The plan as it stands, and the best met so far. */
  readonly chosen: Chosen
  readonly best: Chosen
  cost = 0
  bestCost = Infinity

  private readonly nodes: number
  /** Of each day: minutes taken by units, and how many of them. */
  protected readonly used: Float64Array
  protected readonly count: Int32Array
  /** Cost of each unit's path. */
  protected readonly own: Float64Array
  private readonly at: Float64Array
  private readonly price: Float64Array
  private readonly from: Int32Array
  private readonly held: { used: Float64Array; count: Int32Array; rows: Uint8Array; own: Float64Array }
  private readonly touched: number[] = []
  private readonly isTouched: Uint8Array
  private readonly spacedUnits: number[]
  /** Whether a unit alone may open a session. */
  protected mayOpen = true
  /** Days that are not to be combed on, and days whose laying out is given for the moment. */
  protected readonly barred: Uint8Array
  protected readonly given: Uint8Array
  /** Of each unit: those it needs the same day, and those that need it. */
  private readonly needs: (readonly number[])[]
  private readonly neededBy: number[][]
  /** Taken out, and not yet put back. */
  private readonly isOut: Uint8Array

  /**
   * @param random 0 to below 1
   * @param prices of each cell, from the bound: what its room is worth to the others
   */
  constructor(
    protected readonly instance: Instance,
    protected readonly random: () => number,
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
    this.isOut = new Uint8Array(units)
    this.needs = Array.from({ length: units }, () => [])
    this.neededBy = Array.from({ length: units }, () => [])
    for (const { unit, on } of instance.needs ?? []) {
      this.needs[unit] = on
      for (const u of on) this.neededBy[u]!.push(unit)
    }
    this.spacedUnits = [...instance.spaced.keys()].filter((u) => instance.spaced[u])
    this.recount()
    this.keepIfBest()
  }

  protected recount() {
    const { units, days, minutes } = this.instance
    this.used.fill(0)
    this.count.fill(0)
    for (let u = 0; u < units; u++) {
      for (let k = 0; k < days; k++) {
        if (!this.chosen[u * days + k]) continue
        this.used[k]! += minutes[u * days + k]!
        this.count[k]! += 1
      }
      this.own[u] = this.pathOf(u)
    }
    this.cost = costOf(this.instance, this.chosen)
  }

  protected keepIfBest() {
    if (this.cost >= this.bestCost - 1e-9) return
    this.bestCost = this.cost
    this.best.set(this.chosen)
  }

  protected hold() {
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

  protected settle(keep: boolean) {
    const { days } = this.instance
    for (const u of this.touched) {
      this.isTouched[u] = 0
      this.isOut[u] = 0
      if (keep) continue
      for (let c = u * days; c < (u + 1) * days; c++) this.chosen[c] = this.held.rows[c]!
      this.own[u] = this.held.own[u]!
    }
    this.touched.length = 0
    if (keep) return
    this.used.set(this.held.used)
    this.count.set(this.held.count)
  }

  protected takeOut(u: number) {
    this.touch(u)
    this.isOut[u] = 1
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
  protected putIn(u: number, heed = 0): boolean {
    const { days, limit, setup, minutes, cost, spaced } = this.instance
    const { nodes, price, at, from } = this
    const spread = spaced[u] !== 0
    this.isOut[u] = 0
    for (let k = 0; k < days; k++) {
      const c = u * days + k
      let more = 0
      for (const needed of this.needs[u]!)
        if (!this.chosen[needed * days + k]) more += minutes[needed * days + k]!
      const room = limit[k]! - setup - this.used[k]! - minutes[c]! - more
      if (room < -SLACK || this.barred[k]) price[k + 1] = Infinity
      else if (this.count[k] === 0 && !this.given[k]) price[k + 1] = this.mayOpen ? setup : Infinity
      else price[k + 1] = 0
      if (heed) price[k + 1]! += heed * this.prices[c]!
      if (more && price[k + 1]! < Infinity) price[k + 1]! += this.broughtAlong(u, k, heed)
      for (const v of this.neededBy[u]!) if (this.chosen[v * days + k]) price[k + 1]! += MUST_STOP
    }
    price[nodes - 1] = 0
    const end = spread ? this.spreadPath(u) : cheapestPath(cost[u]!, nodes, price, at, from)
    if (end === Infinity) return false
    for (const v of this.neededBy[u]!)
      for (let k = 0; k < days; k++) if (this.chosen[v * days + k] && !this.passes(k + 1)) return false
    let own = 0
    for (let j = nodes - 1; j > 0; j = from[j]!) {
      const i = from[j]!
      own += cost[u]![j * nodes + i]!
      if (j === nodes - 1) continue
      this.chosen[u * days + j - 1] = 1
      this.used[j - 1]! += minutes[u * days + j - 1]!
      this.count[j - 1]! += 1
      for (const needed of this.needs[u]!) this.bring(needed, j - 1)
    }
    this.own[u] = own
    return true
  }

  /** Whether the path last found stops at a node. */
  private passes(node: number): boolean {
    let j = this.from[this.nodes - 1]!
    while (j > node) j = this.from[j]!
    return j === node
  }

  /** What it costs that those a unit needs come to a day as well, for the sake of it. */
  private broughtAlong(u: number, k: number, heed: number): number {
    const { days } = this.instance
    let more = 0
    for (const needed of this.needs[u]!) {
      const c = needed * days + k
      // What is out finds its own way back, by this day.
      if (this.chosen[c] || this.isOut[needed]) continue
      more += this.detour(needed, k) + heed * this.prices[c]!
    }
    return more
  }
  /** What one more stop of a unit costs. */
  private detour(u: number, k: number): number {
    const { days, cost } = this.instance
    const { nodes, chosen } = this
    let before = k
    while (before > 0 && !chosen[u * days + before - 1]) before--
    let after = k + 2
    while (after < nodes - 1 && !chosen[u * days + after - 1]) after++
    const table = cost[u]!
    const straight = table[after * nodes + before]!
    // What may not pass this day by stops here for nothing.
    if (straight === Infinity) return 0
    return table[(k + 1) * nodes + before]! + table[after * nodes + k + 1]! - straight
  }
  /** Cost of a unit's path as it stands. */
  private pathOf(u: number): number {
    const { days, cost } = this.instance
    let [i, total] = [0, 0]
    for (let k = 0; k < days; k++) {
      if (!this.chosen[u * days + k]) continue
      total += cost[u]![(k + 1) * this.nodes + i]!
      i = k + 1
    }
    return total + cost[u]![(this.nodes - 1) * this.nodes + i]!
  }
  private bring(u: number, k: number) {
    const { days, minutes } = this.instance
    const c = u * days + k
    if (this.chosen[c] || this.isOut[u]) return
    this.touch(u)
    this.chosen[c] = 1
    this.own[u] = this.pathOf(u)
    this.used[k]! += minutes[c]!
    this.count[k]! += 1
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
  protected respace(): boolean {
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

  protected total(): number {
    const { units, days, setup } = this.instance
    let total = 0
    for (let u = 0; u < units; u++) total += this.own[u]!
    for (let k = 0; k < days; k++) if (this.count[k]) total += setup
    return total
  }
}
