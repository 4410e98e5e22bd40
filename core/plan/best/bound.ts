import { cheapestPath, nodesOf } from './instance'
import type { Instance } from './instance'

/**
 * A lower bound on what any plan can cost, by pricing. Each choice "unit u on day k" is split in two:
 * a copy the unit owns and a copy the day owns, and a price is paid where the unit takes what the day
 * does not give. For given prices the units are shortest paths and the days knapsacks that must pay
 * for opening, so the sum of their best is a bound; the volume method (Barahona and Anbil, 2000) moves
 * the prices so that it rises, and leaves an average of the answers that leans on the best plan.
 */
export class Pricing {
  /** The best bound so far, and the prices that prove it. */
  bound = -Infinity
  readonly prices: Float64Array
  /** How often, of late, each unit took each day: 0 to 1. */
  readonly lean: Float64Array

  private readonly given: Float64Array
  private readonly trial: Float64Array
  private readonly taken: Float64Array
  private readonly offered: Float64Array
  private readonly at: Float64Array
  private readonly from: Int32Array
  private readonly nodePrice: Float64Array
  private readonly order: Int32Array
  private readonly rank: Float64Array
  private step = 0.3
  private red = 0
  private rounds = 0
  private target = 0

  constructor(private readonly instance: Instance) {
    const cells = instance.units * instance.days
    const nodes = nodesOf(instance)
    this.prices = new Float64Array(cells)
    this.lean = new Float64Array(cells)
    this.given = new Float64Array(cells)
    this.trial = new Float64Array(cells)
    this.taken = new Float64Array(cells)
    this.offered = new Float64Array(cells)
    this.at = new Float64Array(nodes)
    this.nodePrice = new Float64Array(nodes)
    this.from = new Int32Array(nodes)
    this.order = new Int32Array(instance.units)
    this.rank = new Float64Array(instance.units)
  }

  /** The bound these prices prove; fills `taken` and `offered` with the answers they draw. */
  private value(prices: Float64Array): number {
    const { units, days, setup, cost } = this.instance
    const nodes = days + 2
    const { taken, nodePrice, at, from } = this
    taken.fill(0)
    let total = 0
    for (let u = 0; u < units; u++) {
      const row = u * days
      for (let k = 0; k < days; k++) nodePrice[k + 1] = prices[row + k]!
      nodePrice[nodes - 1] = 0
      total += cheapestPath(cost[u]!, nodes, nodePrice, at, from)
      for (let j = from[nodes - 1]!; j > 0; j = from[j]!) taken[row + j - 1] = 1
    }
    for (let k = 0; k < days; k++) total += Math.min(0, setup - this.fill(k, prices))
    return total
  }

  /** Most that day `k` earns at these prices within its minutes, parts of a unit allowed. */
  private fill(k: number, prices: Float64Array): number {
    const { units, days, setup, limit, minutes } = this.instance
    const { order, rank, offered } = this
    let n = 0
    for (let u = 0; u < units; u++) {
      const cell = u * days + k
      offered[cell] = 0
      const price = prices[cell]!
      if (price <= 0) continue
      // Kept in order of price a minute, dearest first.
      const r = price / minutes[cell]!
      let i = n++
      while (i > 0 && rank[i - 1]! < r) {
        rank[i] = rank[i - 1]!
        order[i] = order[i - 1]!
        i--
      }
      rank[i] = r
      order[i] = u
    }
    let room = limit[k]! - setup
    let earned = 0
    let used = 0
    for (; used < n && room > 0; used++) {
      const cell = order[used]! * days + k
      const share = Math.min(1, room / minutes[cell]!)
      offered[cell] = share
      room -= share * minutes[cell]!
      earned += share * prices[cell]!
    }
    if (earned <= setup) for (let i = 0; i < used; i++) offered[order[i]! * days + k] = 0
    return earned
  }

  /** One step of the prices. @param upper cost of the best plan known, Infinity if none is. */
  improve(upper: number) {
    const { prices, given, trial, taken, offered, lean } = this
    if (this.rounds++ === 0) {
      this.bound = this.value(prices)
      lean.set(taken)
      given.set(offered)
      this.target = this.bound + 0.05 * Math.abs(this.bound) + 1
    }
    if (this.bound > this.target - 0.03 * Math.abs(this.target)) this.target += 0.05 * Math.abs(this.target)
    const target = Math.min(this.target, upper)
    let norm = 0
    for (let c = 0; c < lean.length; c++) {
      const v = lean[c]! - given[c]!
      if (v > 0 || prices[c]! > 0) norm += v * v
    }
    if (norm < 1e-12) return
    const s = (this.step * Math.max(target - this.bound, 1e-3 * Math.abs(this.bound))) / norm
    for (let c = 0; c < lean.length; c++)
      trial[c] = Math.max(0, prices[c]! + s * (lean[c]! - given[c]!))
    const value = this.value(trial)
    const a = Math.max(0.01, 0.1 * Math.pow(0.5, this.rounds / 300))
    for (let c = 0; c < lean.length; c++) {
      lean[c] = a * taken[c]! + (1 - a) * lean[c]!
      given[c] = a * offered[c]! + (1 - a) * given[c]!
    }
    if (value > this.bound) {
      prices.set(trial)
      this.bound = value
      this.red = 0
      this.step = Math.min(2, this.step * 1.1)
    } else if (++this.red >= 10) {
      this.step = Math.max(0.005, this.step * 0.7)
      this.red = 0
    }
  }
}
