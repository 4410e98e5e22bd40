import { withNeeds } from './instance'
import type { Chosen, Instance } from './instance'
import { HeatedPlan } from './heated-plan'
import { REACH, REACHED } from './weighed-plan'

/** How often, of 256, one that is there is left out rather than moved. */
const LEFT_OUT = 64

/**
 * A plan in which what wants others comes, goes and moves together with them, other units making room for it and
 * filling the room it leaves: a bath from one Saturday to the next, with the combing that belongs to it.
 */
export class CarriedPlan extends HeatedPlan {
  /** Cells of those that want others into which they fit with all they want. */
  private readonly carriers: readonly number[]
  /** Of each unit: the last change it had its turn in, which is once. */
  private readonly seen: Int32Array
  private change = 0
  /** The best met for one unit so far: weighed, its cost alone, and the days it leaves and comes to. */
  private least = Infinity
  private leastCost = 0
  private leaves = -1
  private comes = -1

  constructor(instance: Instance, random: () => number, start: Chosen) {
    super(instance, random, start)
    const { needs = [], days, spaced } = instance
    const least = withNeeds(instance)
    this.carriers = needs
      .filter((n) => !spaced[n.unit])
      .flatMap((n) => Array.from({ length: days }, (_, k) => n.unit * days + k))
      .filter((c) => least[c]! <= this.room[c % days]!)
    this.seen = new Int32Array(instance.units)
  }

  /** One of those that want others, on a day, tried out with all that belongs to it. */
  protected carry() {
    const { days } = this.instance
    if (!this.carriers.length) return
    const c = this.carriers[this.pick(this.carriers.length)]!
    const v = this.unitOf[c]!
    const q = c - v * days
    if (this.has[c]) {
      if (this.pick(256) < LEFT_OUT) this.letChance(() => this.carried(v, q, -1))
      return
    }
    const side = this.pick(3)
    const from = side === 2 ? -1 : (side ? this.after(v, q) : this.before(v, q)) - 1
    if (from >= days || (side < 2 && from < 0)) return
    this.letChance(() => this.carried(v, from, q))
  }

  /** `v` from one day to another, either of which may be none (-1), and those it wants as is cheapest. */
  private carried(v: number, from: number, to: number) {
    const { days } = this.instance
    this.change += 1
    this.tryOnce(v, from, to, this.changed(v, from, to))
    for (const u of this.wants[v]!) this.comesAlong(u, from, to)
    if (to >= 0) this.makeRoom(to, days)
    if (from >= 0) this.fillRoom(from)
  }

  private tryOnce(u: number, from: number, to: number, cost: number) {
    this.seen[u] = this.change
    this.tryOut(u, from, to, cost)
  }

  /** What a unit costs more with a stop at `to` for that at `from`, either of which may be none (-1). */
  private changed(u: number, from: number, to: number): number {
    const { days } = this.instance
    const { nodes, detour, onward } = this
    if (to < 0) return -detour[u * days + from]!
    if (from < 0) return detour[u * days + to]!
    const prev = this.before(u, from)
    const next = this.after(u, from)
    // A stop between the two stays: what lies on either side of it is apart.
    if (to + 1 <= prev || to + 1 >= next) return detour[u * days + to]! - detour[u * days + from]!
    const first = u * nodes * nodes
    const by = (node: number) => onward[first + prev * nodes + node]! + onward[first + node * nodes + next]!
    return by(to + 1) - by(from + 1)
  }

  /** What unit `u`, wanted on day `to` and no longer on `from`, does for it. */
  private comesAlong(u: number, from: number, to: number) {
    const { days } = this.instance
    const row = u * days
    const freed = from >= 0 && this.fixed[row + from] === 1
    this.seen[u] = this.change
    this.least = Infinity
    if (to < 0 || this.has[row + to]) {
      this.weighOne(u, -1, -1, 0)
      if (freed) this.weighOne(u, from, -1, this.changed(u, from, -1))
    } else {
      this.weighOne(u, -1, to, this.changed(u, -1, to))
      if (freed) this.weighOne(u, from, to, this.changed(u, from, to))
      for (let side = 0; side < 2; side++) {
        const d = (side ? this.after(u, to) : this.before(u, to)) - 1
        if (d >= 0 && d < days && d !== from && !this.fixed[row + d])
          this.weighOne(u, d, to, this.changed(u, d, to))
      }
    }
    if (this.least === Infinity) this.cost = Infinity
    else if (this.leaves >= 0 || this.comes >= 0) this.tryOut(u, this.leaves, this.comes, this.leastCost)
  }

  private weighOne(u: number, from: number, to: number, cost: number) {
    const weighed = cost + this.overPrice * this.overBy(u, from, to)
    if (weighed >= this.least) return
    this.least = weighed
    this.leastCost = cost
    this.leaves = from
    this.comes = to
  }

  private overBy(u: number, from: number, to: number): number {
    const { days, minutes } = this.instance
    return (
      (from < 0 ? 0 : this.overIf(from, -minutes[u * days + from]!)) +
      (to < 0 ? 0 : this.overIf(to, minutes[u * days + to]!))
    )
  }

  /** While a day is over, its other units leave it for another open one, or are left out, if that gains. */
  private makeRoom(k: number, days: number) {
    const { units, spaced } = this.instance
    // Those tried out so far are in the day's list still, or not yet.
    const n = this.heldCount[k]!
    const first = n ? this.pick(n) : 0
    for (let i = 0; i < n; i++) {
      if (this.used[k]! <= this.room[k]!) return
      const u = this.on[k * units + ((first + i) % n)]!
      const c = u * days + k
      if (this.seen[u] === this.change || this.fixed[c] || spaced[u]) continue
      const relief = this.overBy(u, k, -1)
      let best = -this.detour[c]!
      let least = best + this.overPrice * relief
      let to = -1
      const off = c * REACHED + REACH - k
      const last = Math.min(k + REACH, days - 1)
      for (let d = Math.max(0, k - REACH); d <= last; d++) {
        const cost = this.moved[off + d]!
        if (cost + this.overPrice * relief >= least || !this.count[d]) continue
        const weighed = cost + this.overPrice * (relief + this.overBy(u, -1, d))
        if (weighed >= least) continue
        least = weighed
        best = cost
        to = d
      }
      if (least < 0) this.tryOnce(u, k, to, best)
    }
  }

  /** Into the room that is left come those that gain by it, from the combings next to it or besides. */
  private fillRoom(k: number) {
    const { units, days, minutes, spaced } = this.instance
    if (!this.count[k]) return
    const first = this.pick(units)
    for (let n = 0; n < units; n++) {
      const u = (first + n) % units
      const c = u * days + k
      if (this.has[c] || this.seen[u] === this.change || spaced[u] || this.wants[u]!.length) continue
      if (this.used[k]! + minutes[c]! > this.room[k]!) continue
      let best = this.detour[c]!
      let least = best
      let from = -1
      for (let side = 0; side < 2; side++) {
        const d = (side ? this.after(u, k) : this.before(u, k)) - 1
        if (d < 0 || d >= days || this.fixed[u * days + d]) continue
        const cost = this.changed(u, d, k)
        const weighed = cost + this.overPrice * this.overBy(u, d, -1)
        if (weighed >= least) continue
        least = weighed
        best = cost
        from = d
      }
      if (least < 0) this.tryOnce(u, from, k, best)
    }
  }
}
