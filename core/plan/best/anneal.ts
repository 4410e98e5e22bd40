import { nodesOf, SLACK } from './instance'
import type { Chosen, Instance } from './instance'

/** Shares of the moves tried: one combing added or left out, swapped within a day, or to another day. */
const TOGGLED = 0.1
const REPLACED = 0.4
const SHIFTED = 0.2
/** Days within which a combing moves at once. */
const REACH = 4
/** Minutes that a day is counted over beside those it is, so that a little over is not cheap. */
const OVER_AT_LEAST = 0.25
/** A change this many times worse than the heat is never kept: e⁻¹² is as good as never. */
const NEVER = 12

/**
 * Small changes to a plan, a great many of them: one combing added, left out or moved, two swapped.
 * Each is weighed in a few look-ups. Days may run over for the while, at a price, since a full day
 * is otherwise a wall that nothing passes (annealing; Kirkpatrick and others 1983).
 */
export class Anneal {
  /** The best plan met that keeps within every day, and its cost; Infinity if none did. */
  readonly best: Chosen
  bestCost = Infinity
  /** Price of a minute over, and how much worse a change is kept about one time in three. */
  overPrice = 1
  heat = 1

  private readonly has: Chosen
  private readonly nodes: number
  private readonly used: Float64Array
  private readonly count: Int32Array
  /** Units the dog refuses: left to the search, which knows what a session between is. */
  private readonly kept: Uint8Array
  private cost = 0
  private over = 0

  constructor(
    private readonly instance: Instance,
    private readonly random: () => number,
    start: Chosen,
  ) {
    const { days, units, minutes, cost, setup, spaced } = instance
    this.has = start.slice()
    this.best = start.slice()
    this.nodes = nodesOf(instance)
    this.used = new Float64Array(days)
    this.count = new Int32Array(days)
    this.kept = spaced
    for (let u = 0; u < units; u++) {
      let i = 0
      for (let k = 0; k < days; k++) {
        const c = u * days + k
        if (!this.has[c]) continue
        this.used[k]! += minutes[c]!
        this.count[k]! += 1
        this.cost += cost[u]![(k + 1) * this.nodes + i]!
        i = k + 1
      }
      this.cost += cost[u]![(this.nodes - 1) * this.nodes + i]!
    }
    for (let k = 0; k < days; k++) {
      if (this.count[k]) this.cost += setup
      this.over += this.overOf(k, this.used[k]!)
    }
    this.keepBest()
  }

  private overOf(k: number, used: number) {
    const over = used + this.instance.setup - this.instance.limit[k]!
    return over > SLACK ? over + OVER_AT_LEAST : 0
  }

  private keepBest() {
    if (this.over > SLACK || this.cost >= this.bestCost - 1e-7) return
    this.bestCost = this.cost
    this.best.set(this.has)
  }

  /** Nodes of the combings of `u` before and after day `k`. */
  private before(u: number, k: number) {
    const row = u * this.instance.days
    let i = k - 1
    while (i >= 0 && !this.has[row + i]) i--
    return i + 1
  }
  private after(u: number, k: number) {
    const { days } = this.instance
    const row = u * days
    let j = k + 1
    while (j < days && !this.has[row + j]) j++
    return j + 1
  }

  /** Keeps a change of so much cost and minutes over, or says no. */
  private accept(cost: number, over: number): boolean {
    const worse = (cost + this.overPrice * over) / this.heat
    if (worse > 0 && (worse > NEVER || this.random() >= Math.exp(-worse))) return false
    this.cost += cost
    this.over += over
    return true
  }

  private set(u: number, k: number, to: 0 | 1) {
    const c = u * this.instance.days + k
    this.has[c] = to
    if (to) {
      this.used[k]! += this.instance.minutes[c]!
      this.count[k]! += 1
    } else {
      this.used[k]! -= this.instance.minutes[c]!
      if (--this.count[k]! === 0) this.used[k] = 0
    }
  }

  /** What a stop of `u` at day `k` costs more than none, sessions apart. */
  private detour(u: number, k: number) {
    const t = this.instance.cost[u]!
    const n = this.nodes
    const i = this.before(u, k)
    const j = this.after(u, k)
    return t[(k + 1) * n + i]! + t[j * n + k + 1]! - t[j * n + i]!
  }

  /** What moving the stop of `u` from `k` to `q` costs, none of its others between. */
  private move(u: number, k: number, q: number) {
    const t = this.instance.cost[u]!
    const n = this.nodes
    const i = this.before(u, Math.min(k, q))
    const j = this.after(u, Math.max(k, q))
    return t[(q + 1) * n + i]! + t[j * n + q + 1]! - t[(k + 1) * n + i]! - t[j * n + k + 1]!
  }

  private overIf(k: number, change: number) {
    const used = this.used[k]!
    return this.overOf(k, used + change) - this.overOf(k, used)
  }

  private toggle(u: number, k: number) {
    const { days, minutes, setup } = this.instance
    const c = u * days + k
    const m = minutes[c]!
    if (this.has[c]) {
      const closes = this.count[k] === 1
      const over = closes ? -this.overOf(k, this.used[k]!) : this.overIf(k, -m)
      if (this.accept(-this.detour(u, k) - (closes ? setup : 0), over)) this.set(u, k, 0)
    } else if (this.accept(this.detour(u, k) + (this.count[k] ? 0 : setup), this.overIf(k, m)))
      this.set(u, k, 1)
  }

  private shift(u: number, k: number, q: number) {
    const { days, minutes, setup } = this.instance
    const row = u * days
    const closes = this.count[k] === 1
    const cost = this.move(u, k, q) - (closes ? setup : 0) + (this.count[q] ? 0 : setup)
    const off = closes ? -this.overOf(k, this.used[k]!) : this.overIf(k, -minutes[row + k]!)
    if (!this.accept(cost, off + this.overIf(q, minutes[row + q]!))) return
    this.set(u, k, 0)
    this.set(u, q, 1)
  }

  /** On day `k`, `v` in place of `u`. */
  private replace(u: number, v: number, k: number) {
    const { days, minutes } = this.instance
    const over = this.overIf(k, minutes[v * days + k]! - minutes[u * days + k]!)
    if (!this.accept(this.detour(v, k) - this.detour(u, k), over)) return
    this.set(u, k, 0)
    this.set(v, k, 1)
  }

  /** `u` from `k` to `q`, and `v` the other way. */
  private exchange(u: number, k: number, v: number, q: number) {
    const { days, minutes } = this.instance
    const [ru, rv] = [u * days, v * days]
    const over =
      this.overIf(k, minutes[rv + k]! - minutes[ru + k]!) +
      this.overIf(q, minutes[ru + q]! - minutes[rv + q]!)
    if (!this.accept(this.move(u, k, q) + this.move(v, q, k), over)) return
    this.set(u, k, 0)
    this.set(v, q, 0)
    this.set(u, q, 1)
    this.set(v, k, 1)
  }

  /** Whether `u` stops nowhere from `lo` to `hi` but perhaps at `k`. */
  private clearBetween(u: number, lo: number, hi: number, k: number) {
    const row = u * this.instance.days
    for (let m = lo; m <= hi; m++) if (m !== k && this.has[row + m]) return false
    return true
  }

  /** A unit combed on day `k` from a chance one on, that may be moved; -1 if there is none. */
  private someOn(k: number): number {
    const { units, days } = this.instance
    if (!this.count[k]) return -1
    let v = Math.floor(this.random() * units)
    for (let tries = 0; tries < units; tries++) {
      if (this.has[v * days + k] && !this.kept[v]) return v
      v = v + 1 === units ? 0 : v + 1
    }
    return -1
  }

  /** Tries so many changes. */
  run(changes: number) {
    const { units, days } = this.instance
    const { random } = this
    for (; changes > 0; changes--) {
      const u = Math.floor(random() * units)
      const k = Math.floor(random() * days)
      if (this.kept[u]) continue
      const kind = random()
      if (kind < TOGGLED) this.toggle(u, k)
      else if (kind < TOGGLED + REPLACED) {
        if (this.has[u * days + k]) continue
        const v = this.someOn(k)
        if (v >= 0) this.replace(v, u, k)
      } else {
        // Its first stop from that day on, moved a few days either way.
        const at = this.after(u, k - 1) - 1
        if (at >= days) continue
        const by = 1 + Math.floor(random() * REACH)
        const to = random() < 0.5 ? at - by : at + by
        if (to < 0 || to >= days) continue
        const [lo, hi] = at < to ? [at, to] : [to, at]
        if (!this.clearBetween(u, lo, hi, at)) continue
        if (kind < TOGGLED + REPLACED + SHIFTED) this.shift(u, at, to)
        else {
          const v = this.someOn(to)
          if (v >= 0 && v !== u && this.clearBetween(v, lo, hi, to)) this.exchange(u, at, v, to)
        }
      }
      this.keepBest()
    }
  }
}
