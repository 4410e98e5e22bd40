import { nodesOf, SLACK } from './instance'
import type { Chosen, Instance } from './instance'

/** Days within which a combing moves at once (by trial). */
export const REACH = 6
/** How many days that is, its own with them. */
export const REACHED = 2 * REACH + 1
/** Minutes that a day is counted over beside those it is, so that a little over is not cheap (by trial). */
export const OVER_AT_LEAST = 0.2

/** Marks a cell of a unit that wants others: more than ever want one. */
export const WANTS = 128

/**
 * A plan, and at hand what every small change to it would cost: worked out again only round what is
 * changed. Days may run over.
 */
export class WeighedPlan {
  protected cost = 0
  /** Minutes over, as counted, in all days. */
  over = 0

  protected readonly has: Chosen
  protected readonly nodes: number
  /** A unit's combings as bits, so many words a unit. */
  protected readonly bits: Int32Array
  protected readonly words: number
  /** Of each day: minutes there are and are taken; how many units, and which, in no order. */
  protected readonly room: Float64Array
  protected readonly used: Float64Array
  protected readonly count: Int32Array
  protected readonly on: Int32Array
  /** Where in its day's list a cell's unit stands. */
  protected readonly place: Int32Array
  protected readonly unitOf: Int32Array
  /** All units' costs in one, by node of arrival and by node of departure. */
  protected readonly into: Float64Array
  protected readonly onward: Float64Array
  /** What a stop at a cell costs more than none, sessions apart, whether there is one or not. */
  protected readonly detour: Float64Array
  /**
   * What a stop costs more some days off: `moved[c * REACHED + REACH + days]`; Infinity where that may
   * not be. Of cells with a stop only.
   */
  protected readonly moved: Float64Array
  /** Of each unit: those it wants done the same day. */
  protected readonly wants: readonly (readonly number[])[]
  /**
   * Cells that no small change may empty: how many units of that day want this one; and all of those that want
   * others, which come and go with them only.
   */
  protected readonly fixed: Uint8Array

  constructor(
    protected readonly instance: Instance,
    start: Chosen,
  ) {
    const { days, units, cost, setup, limit } = instance
    const nodes = nodesOf(instance)
    const cells = units * days
    this.nodes = nodes
    this.has = new Uint8Array(cells)
    this.words = (nodes + 31) >> 5
    this.bits = new Int32Array(units * this.words)
    this.room = Float64Array.from(limit, (l) => l - setup + SLACK)
    this.used = new Float64Array(days)
    this.count = new Int32Array(days)
    this.on = new Int32Array(cells)
    this.place = new Int32Array(cells)
    this.unitOf = Int32Array.from({ length: cells }, (_, c) => Math.floor(c / days))
    this.detour = new Float64Array(cells)
    this.moved = new Float64Array(cells * REACHED)
    const wants: (readonly number[])[] = Array.from({ length: units }, () => [])
    this.fixed = new Uint8Array(cells)
    for (const { unit, on } of instance.needs ?? []) {
      wants[unit] = on
      this.fixed.fill(WANTS, unit * days, (unit + 1) * days)
    }
    this.wants = wants
    this.into = new Float64Array(units * nodes * nodes)
    this.onward = new Float64Array(units * nodes * nodes)
    for (let u = 0; u < units; u++) {
      const table = cost[u]!
      const first = u * nodes * nodes
      this.into.set(table, first)
      for (let i = 0; i < nodes; i++)
        for (let j = 0; j < nodes; j++) this.onward[first + i * nodes + j] = table[j * nodes + i]!
      let at = 0
      for (let k = 0; k < days; k++) {
        if (!start[u * days + k]) continue
        this.put(u, k)
        this.cost += table[(k + 1) * nodes + at]!
        at = k + 1
      }
      this.cost += table[(nodes - 1) * nodes + at]!
      this.weigh(u, 0, days - 1)
    }
    for (let k = 0; k < days; k++) if (this.count[k]) this.cost += setup
    this.countOver()
  }

  /** Counts the minutes over afresh, lest roundings gather. */
  protected countOver() {
    this.over = 0
    for (let k = 0; k < this.instance.days; k++) this.over += overOf(this.used[k]! - this.room[k]!)
  }

  protected shift(u: number, k: number, q: number) {
    this.out(u, k)
    this.put(u, q)
    this.weigh(u, k < q ? k : q, k < q ? q : k)
  }

  protected put(u: number, k: number) {
    const { days, units, minutes } = this.instance
    const c = u * days + k
    this.has[c] = 1
    this.bits[u * this.words + (k >> 5)]! |= 1 << (k & 31)
    this.used[k]! += minutes[c]!
    const n = this.count[k]!++
    this.on[k * units + n] = u
    this.place[c] = n
    if (this.fixed[c]! >= WANTS) for (const w of this.wants[u]!) this.fixed[w * days + k]!++
  }

  protected out(u: number, k: number) {
    const { days, units, minutes } = this.instance
    const c = u * days + k
    this.has[c] = 0
    this.bits[u * this.words + (k >> 5)]! &= ~(1 << (k & 31))
    const n = --this.count[k]!
    if (n === 0) this.used[k] = 0
    else this.used[k]! -= minutes[c]!
    const last = this.on[k * units + n]!
    this.on[k * units + this.place[c]!] = last
    this.place[last * days + k] = this.place[c]!
    if (this.fixed[c]! >= WANTS) for (const w of this.wants[u]!) this.fixed[w * days + k]!--
  }

  /** Nodes of the combings of `u` before and after day `k`, which may be −1. */
  protected before(u: number, k: number): number {
    let w = k >> 5
    const first = u * this.words
    let some = this.bits[first + w]! & ((1 << (k & 31)) - 1)
    while (!some) {
      if (w === 0) return 0
      some = this.bits[first + --w]!
    }
    return w * 32 + 32 - Math.clz32(some)
  }
  protected after(u: number, k: number): number {
    let w = (k + 1) >> 5
    const first = u * this.words
    let some = this.bits[first + w]! & (-1 << ((k + 1) & 31))
    while (!some) {
      if (++w === this.words) return this.nodes - 1
      some = this.bits[first + w]!
    }
    return w * 32 + 32 - Math.clz32(some & -some)
  }

  /** Works out anew what changes of `u` cost, after combings changed from day `lo` to `hi`. */
  protected weigh(u: number, lo: number, hi: number) {
    const { nodes, detour, moved, onward, into, instance } = this
    const end = this.after(u, hi)
    const row = u * instance.days - 1
    const first = u * nodes * nodes
    let at = this.before(u, lo)
    let prev = at > 0 ? this.before(u, at - 1) : -1
    for (;;) {
      const next = at === nodes - 1 ? at : this.after(u, at - 1)
      if (prev >= 0 && at < nodes - 1) {
        const here = onward[first + prev * nodes + at]! + onward[first + at * nodes + next]!
        detour[row + at] = here - onward[first + prev * nodes + next]!
        const off = (row + at) * REACHED + REACH - at
        const from = first + prev * nodes
        const to = first + next * nodes
        for (let n = at - REACH; n <= at + REACH; n++)
          moved[off + n] = n > prev && n < next ? onward[from + n]! + into[to + n]! - here : Infinity
        moved[off + at] = Infinity
      }
      if (at === end) return
      const from = first + at * nodes
      const to = first + next * nodes
      const straight = onward[from + next]!
      for (let n = at + 1; n < next; n++) detour[row + n] = onward[from + n]! + into[to + n]! - straight
      prev = at
      at = next
    }
  }

  protected movedBy(u: number, k: number, q: number): number {
    return this.moved[(u * this.instance.days + k) * REACHED + REACH + q - k]!
  }

  protected overIf(k: number, change: number): number {
    const over = this.used[k]! - this.room[k]!
    return overOf(over + change) - overOf(over)
  }
}

export const overOf = (minutes: number) => (minutes > 0 ? minutes + OVER_AT_LEAST : 0)
