import type { Chosen, Instance } from './instance'
import { REACH, WANTS, WeighedPlan } from './weighed-plan'

/** How often, of 256, a whole session is closed rather than moved (by trial). */
const CLOSED = 26
/**
 * How chance weighs a change, in times the heat: of several, each is taken as often as the Boltzmann
 * distribution has it if the least of cost and luck is (Gumbel 1954).
 */
const LUCK = Float64Array.from({ length: 4096 }, (_, i) => Math.log(-Math.log((i + 0.5) / 4096)))
export const LEAST_LUCK = LUCK.at(-1)!

/** A weighed plan with a heat: what chance lets pass, and whole sessions opened, closed or moved by it. */
export class HeatedPlan extends WeighedPlan {
  /** Price of a minute over, and how much worse a change is kept about one time in three. */
  overPrice = 1
  heat = 1

  private state: number
  /** What a change of a whole session comes to so far: units, and days from and to. */
  protected tried = 0
  private readonly triedUnit: Int32Array
  private readonly triedFrom: Int32Array
  private readonly triedTo: Int32Array
  private readonly heldUsed: Float64Array
  protected readonly heldCount: Int32Array

  constructor(instance: Instance, random: () => number, start: Chosen) {
    super(instance, start)
    this.state = Math.floor(random() * 0x7fffffff) + 1
    this.triedUnit = new Int32Array(instance.units)
    this.triedFrom = new Int32Array(instance.units)
    this.triedTo = new Int32Array(instance.units)
    this.heldUsed = new Float64Array(instance.days)
    this.heldCount = new Int32Array(instance.days)
  }

  /** A whole session opened, closed, or moved by a day. */
  protected session() {
    const k = this.pick(this.instance.days)
    this.letChance(() => {
      if (!this.count[k]) this.open(k)
      else if (this.pick(256) < CLOSED) this.close(k)
      else this.close(k, this.pick(2) ? k - 1 : k + 1)
    })
  }

  /** Makes a change of many units, tried out one after another, if it gains or chance has it so. */
  protected letChance(change: () => void) {
    const { cost, over } = this
    // By hand: `set` takes several times as long for so few numbers.
    const { used, count, heldUsed, heldCount } = this
    for (let k = 0; k < used.length; k++) {
      heldUsed[k] = used[k]!
      heldCount[k] = count[k]!
    }
    this.tried = 0
    change()
    if (!this.tried) return
    for (let k = 0; k < used.length; k++) {
      used[k] = heldUsed[k]!
      count[k] = heldCount[k]!
    }
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
  protected tryOut(u: number, from: number, to: number, cost: number) {
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
      if (spaced[u] || this.fixed[c]! >= WANTS || this.used[q]! + minutes[c]! > this.room[q]!) continue
      let best = this.detour[c]!
      let least = best
      let from = -1
      for (let side = 0; side < 2; side++) {
        const k = (side ? this.after(u, q) : this.before(u, q)) - 1
        if (k < 0 || k >= days || k < q - REACH || k > q + REACH || this.fixed[u * days + k]) continue
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
   * Every unit of a session goes to the open day before or after, as is cheaper, or is left out. What wants others
   * goes with them to a closed day, or is left out.
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
      const fixed = this.fixed[u * days + k]!
      const stays = only !== undefined && fixed > 0
      let best = stays ? Infinity : -this.detour[u * days + k]!
      let least = best
      let to = stays ? only : -1
      for (let side = 0; side < 2; side++) {
        const d = side ? after : before
        if (d < 0 || (fixed >= WANTS && only === undefined)) continue
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
  protected pick(n: number) {
    return Math.imul(this.draw() >>> 16, n) >>> 16
  }
  protected luck() {
    return LUCK[this.draw() >>> 20]!
  }
}
