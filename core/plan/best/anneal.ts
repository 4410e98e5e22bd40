import type { Chosen, Instance } from './instance'
import { OVER_AT_LEAST, overOf, REACH, REACHED, WeighedPlan } from './weighed-plan'

// How often what is tried was set by trial, on stretches of 56 and 84 days with five sets of limits.

/** How often, of 256, a combing met goes alone rather than changes places, and one missing comes alone. */
const LOOSENED = 100
const ADDED = 80
/** Once in so many cells a whole session is opened, closed or moved; how often, of 256, it is closed. */
const SESSION_EVERY = 64
const CLOSED = 26
/**
 * How chance weighs a change, in times the heat: of several, each is taken as often as the Boltzmann
 * distribution has it if the least of cost and luck is (Gumbel 1954).
 */
const LUCK = Float64Array.from({ length: 4096 }, (_, i) => Math.log(-Math.log((i + 0.5) / 4096)))

/**
 * Small changes to a plan, a great many of them: one combing added, left out or moved, two swapped,
 * and now and then a whole session. For each cell met the changes round it are weighed against one
 * another and against none (heat bath). What each would cost is kept at hand and worked out again
 * only round what was changed, since of a hundred cells met hardly one is changed. Days may run over
 * for the while, at a price, as a full day is otherwise a wall that nothing passes (annealing;
 * Kirkpatrick and others 1983).
 */
export class Anneal extends WeighedPlan {
  /** The best plan met that keeps within every day, and its cost; Infinity if none did. */
  readonly best: Chosen
  bestCost = Infinity
  /** Price of a minute over, and how much worse a change is kept about one time in three. */
  overPrice = 1
  heat = 1

  private readonly live: Int32Array
  private state: number
  /** What a change of a whole session comes to so far: units, and days from and to. */
  private tried = 0
  private readonly triedUnit: Int32Array
  private readonly triedFrom: Int32Array
  private readonly triedTo: Int32Array
  private readonly heldUsed: Float64Array
  private readonly heldCount: Int32Array

  /**
   * @param live cells where a combing is worth trying; others are left as they are. Units the dog
   *   refuses are left to the search, which knows what a session between is.
   */
  constructor(instance: Instance, random: () => number, start: Chosen, live: readonly number[]) {
    super(instance, start)
    this.state = Math.floor(random() * 0x7fffffff) + 1
    this.best = start.slice()
    this.live = Int32Array.from(live.filter((c) => !instance.spaced[Math.floor(c / instance.days)]))
    this.triedUnit = new Int32Array(instance.units)
    this.triedFrom = new Int32Array(instance.units)
    this.triedTo = new Int32Array(instance.units)
    this.heldUsed = new Float64Array(instance.days)
    this.heldCount = new Int32Array(instance.days)
    this.keepBest()
  }

  /** Weighs the changes round so many cells. */
  run(cells: number) {
    const { live, unitOf, has, instance } = this
    if (!live.length) return
    this.countOver()
    for (; cells > 0; cells--) {
      if (cells % SESSION_EVERY === 0) this.session()
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
    const { heat, overPrice, moved, used, room, count } = this
    const c = u * days + k
    const closes = count[k] === 1 ? setup : 0
    const relief = this.overIf(k, -minutes[c]!)
    let least = heat * this.luck()
    let to = -1
    const left = -this.detour[c]! - closes + overPrice * relief + heat * this.luck()
    if (left < least) {
      least = left
      to = k
    }
    const off = c * REACHED + REACH - k
    const last = k + REACH < days ? k + REACH : days - 1
    for (let q = k > REACH ? k - REACH : 0; q <= last; q++) {
      const by = moved[off + q]!
      if (by === Infinity) continue
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
    const { heat, overPrice, detour, on, used, room } = this
    const c = u * days + k
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
    for (let i = k * units; i < k * units + n; i++) {
      const d = on[i]! * days + k
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
    const { heat, overPrice, moved, on, used, room } = this
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
    const off = REACH + k - q
    for (let i = q * units; i < q * units + n; i++) {
      const d = on[i]! * days
      const also = moved[(d + q) * REACHED + off]!
      if (also === Infinity) continue
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

  /** A whole session opened, closed, or moved by a day. */
  private session() {
    const { cost, over } = this
    const k = this.pick(this.instance.days)
    this.heldUsed.set(this.used)
    this.heldCount.set(this.count)
    this.tried = 0
    if (!this.count[k]) this.open(k)
    else if (this.pick(256) < CLOSED) this.close(k)
    else this.close(k, this.pick(2) ? k - 1 : k + 1)
    if (!this.tried) return
    this.used.set(this.heldUsed)
    this.count.set(this.heldCount)
    if (!this.mayCost(this.cost - cost + this.overPrice * (this.over - over))) {
      this.cost = cost
      this.over = over
      return
    }
    for (let n = 0; n < this.tried; n++) {
      const u = this.triedUnit[n]!
      const from = this.triedFrom[n]!
      const to = this.triedTo[n]!
      if (from >= 0 && to >= 0) this.shift(u, from, to)
      else {
        if (to >= 0) this.put(u, to)
        else this.out(u, from)
        this.weigh(u, to >= 0 ? to : from, to >= 0 ? to : from)
      }
    }
  }

  /** Counts a change of a session in, without making it yet. A day of -1 is none. */
  private tryOut(u: number, from: number, to: number, cost: number) {
    const { days, minutes, setup } = this.instance
    this.triedUnit[this.tried] = u
    this.triedFrom[this.tried] = from
    this.triedTo[this.tried++] = to
    this.cost += cost
    if (from >= 0) {
      this.over += this.overIf(from, -minutes[u * days + from]!)
      this.used[from]! -= minutes[u * days + from]!
      if (--this.count[from]! === 0) this.cost -= setup
    }
    if (to >= 0) {
      if (this.count[to]!++ === 0) this.cost += setup
      this.over += this.overIf(to, minutes[u * days + to]!)
      this.used[to]! += minutes[u * days + to]!
    }
  }

  /** Every unit that gains by it comes to a closed day, as far as there is room. */
  private open(q: number) {
    const { units, days, minutes, spaced } = this.instance
    const first = this.pick(units)
    for (let n = 0; n < units; n++) {
      const u = first + n < units ? first + n : first + n - units
      const c = u * days + q
      if (spaced[u] || this.used[q]! + minutes[c]! > this.room[q]!) continue
      let best = this.detour[c]!
      let least = best
      let from = -1
      for (let side = 0; side < 2; side++) {
        const k = (side ? this.after(u, q) : this.before(u, q)) - 1
        if (k < 0 || k >= days || k < q - REACH || k > q + REACH) continue
        const cost = this.movedBy(u, k, q)
        const weighed = cost + this.overPrice * this.overIf(k, -minutes[u * days + k]!)
        if (weighed >= least) continue
        least = weighed
        best = cost
        from = k
      }
      if (least < 0) this.tryOut(u, from, q, best)
    }
  }

  /**
   * Every unit of a session goes to the open day before or after, as is cheaper, or is left out.
   * @param only a closed day to which they go instead
   */
  private close(k: number, only?: number) {
    const { units, days, minutes, spaced } = this.instance
    if (only !== undefined && (only < 0 || only >= days || this.count[only])) return
    const first = k * units
    const last = first + this.count[k]!
    for (let n = first; n < last; n++) if (spaced[this.on[n]!]) return
    const before = only ?? this.openFrom(k, -1)
    const after = only ?? this.openFrom(k, 1)
    for (let n = first; n < last; n++) {
      const u = this.on[n]!
      let best = -this.detour[u * days + k]!
      let least = best
      let to = -1
      for (let side = 0; side < 2; side++) {
        const d = side ? after : before
        if (d < 0) continue
        const cost = this.movedBy(u, k, d)
        const weighed = cost + this.overPrice * this.overIf(d, minutes[u * days + d]!)
        if (weighed >= least) continue
        least = weighed
        best = cost
        to = d
      }
      this.tryOut(u, k, to, best)
    }
  }

  /** The nearest open day from `k`, within reach; -1 if there is none. */
  private openFrom(k: number, step: 1 | -1): number {
    for (let n = 1, d = k + step; n <= REACH && d >= 0 && d < this.instance.days; n++, d += step)
      if (this.count[d]) return d
    return -1
  }

  private keepBest() {
    // A day that is over counts for more than any rounding.
    if (this.over > OVER_AT_LEAST / 2 || this.cost >= this.bestCost) return
    this.bestCost = this.cost
    this.best.set(this.has)
  }

  private mayCost(worse: number) {
    return worse <= 0 || worse < -this.heat * Math.log((this.draw() + 1) / 0x100000000)
  }

  /** Chance by shifts and exclusive ors (Marsaglia 2003): it is asked for some millions of times. */
  private draw(): number {
    let s = this.state
    s ^= s << 13
    s ^= s >>> 17
    s ^= s << 5
    this.state = s
    return s >>> 0
  }
  /** A whole number from 0 to below `n`, itself below 2 to the 15th. */
  private pick(n: number) {
    return Math.imul(this.draw() >>> 16, n) >>> 16
  }
  private luck() {
    return LUCK[this.draw() >>> 20]!
  }
}
