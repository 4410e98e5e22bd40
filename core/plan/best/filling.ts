import { SLACK } from './instance'

/**
 * What is left unproven of a day's best filling, in the unit of the prices; and trials before it is
 * left (by trial: hardly a day runs out of them).
 */
const UNPROVEN = 0.003
const MOST_TRIALS = 4000

/**
 * The most that one day can earn: units of so many minutes each at so much apiece, within its room
 * (the knapsack problem; Martello and Toth 1990).
 */
export class Filling {
  /** What was offered, dearest a minute first: units, and how much of each is taken, 0 to 1. */
  count = 0
  readonly unit: Int32Array
  readonly share: Float64Array

  private readonly price: Float64Array
  private readonly minutes: Float64Array
  private readonly rate: Float64Array
  private readonly picked: Uint8Array
  private most = 0
  private trials = 0

  /** @param units most that can be offered */
  constructor(units: number) {
    this.unit = new Int32Array(units)
    this.share = new Float64Array(units)
    this.price = new Float64Array(units)
    this.minutes = new Float64Array(units)
    this.rate = new Float64Array(units)
    this.picked = new Uint8Array(units)
  }

  /** Begins a day anew. */
  clear() {
    this.count = 0
  }

  /** Offers a unit at a price above nothing. */
  offer(unit: number, price: number, minutes: number) {
    const rate = price / minutes
    let i = this.count++
    for (; i > 0 && this.rate[i - 1]! < rate; i--) {
      this.rate[i] = this.rate[i - 1]!
      this.unit[i] = this.unit[i - 1]!
      this.price[i] = this.price[i - 1]!
      this.minutes[i] = this.minutes[i - 1]!
    }
    this.rate[i] = rate
    this.unit[i] = unit
    this.price[i] = price
    this.minutes[i] = minutes
  }

  /** @returns the most there is to earn if a part of a unit may be taken */
  parts(room: number): number {
    this.share.fill(0, 0, this.count)
    let [left, earned] = [room, 0]
    for (let i = 0; i < this.count && left > 0; i++) {
      const share = Math.min(1, left / this.minutes[i]!)
      this.share[i] = share
      left -= share * this.minutes[i]!
      earned += share * this.price[i]!
    }
    return earned
  }

  /**
   * @returns what can be earned with whole units at most; what is taken earns that to within
   * `UNPROVEN`, or as much as was found before the trials ran out
   */
  whole(room: number): number {
    const atMost = this.reach(0, room + SLACK, 0)
    this.share.fill(0, 0, this.count)
    this.picked.fill(0, 0, this.count)
    this.most = 0
    this.trials = 0
    this.branch(0, room + SLACK, 0)
    return this.trials > MOST_TRIALS ? atMost : Math.min(atMost, this.most + UNPROVEN)
  }

  private branch(i: number, left: number, earned: number) {
    const { count, minutes, picked } = this
    if (++this.trials > MOST_TRIALS) return
    while (i < count && minutes[i]! > left) i++
    if (i === count) {
      if (earned <= this.most) return
      this.most = earned
      for (let n = 0; n < count; n++) this.share[n] = picked[n]!
      return
    }
    if (this.reach(i, left, earned) <= this.most + UNPROVEN) return
    picked[i] = 1
    this.branch(i + 1, left - minutes[i]!, earned + this.price[i]!)
    picked[i] = 0
    this.branch(i + 1, left, earned)
  }

  /**
   * No filling that goes on from unit `i` earns more: all that fit in order, and then either without
   * the first that does not, or with it in place of the dearest part before (Martello and Toth 1977).
   */
  private reach(i: number, left: number, earned: number): number {
    const { count, minutes, price, rate } = this
    let j = i
    for (; j < count && minutes[j]! <= left; j++) {
      left -= minutes[j]!
      earned += price[j]!
    }
    if (j === count) return earned
    const without = j + 1 < count ? earned + left * rate[j + 1]! : earned
    const within = j > i ? earned + price[j]! - (minutes[j]! - left) * rate[j - 1]! : 0
    return Math.max(without, within)
  }
}
