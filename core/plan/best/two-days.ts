/** Rounds in which the two prices of a minute are sought, and the longest step, cost a minute (by trial). */
const ROUNDS = 20
const SHORTER = 0.8
const LONGEST_STEP = 5
/** Choices tried before a filling is left as it is; nearly all need some tens (by trial). */
const MOST_TRIED = 2000

/** Which of two days a unit is done on, as bits. */
export const NEITHER = 0
export const FIRST = 1
export const SECOND = 2
export const BOTH = 3
const CHOICES = 4

/**
 * Two days filled together as cheaply as may be: each unit on neither, on one or on both, within the
 * minutes of either. A price a minute of each day gives a cost that none goes below (Lagrange), and
 * with it what alone can be cheaper; among that all is tried, the surest first (branch and bound,
 * Land and Doig 1960).
 */
export class TwoDays {
  /** What each unit costs by each choice, `cost[4 * u + choice]`; Infinity where that may not be. To be filled in. */
  readonly cost: Float64Array
  /** Minutes each unit takes, `minutes[2 * u]` on the first day, `+ 1` on the second; and what there are. */
  readonly minutes: Float64Array
  readonly room = new Float64Array(2)
  /** Where the search for the prices of a minute begins, and what was found. */
  readonly price = new Float64Array(2)
  /** Each unit's choice in what was found last. */
  readonly chosen: Uint8Array

  private readonly priced: Float64Array
  /** Choices worth trying of each unit, the cheapest first; how many; and the cheapest's cost. */
  private readonly worth: Uint8Array
  private readonly many: Uint8Array
  private readonly cheapest: Float64Array
  /** Units with more than one, by how sure the first is, and how much dearer the second. */
  private readonly unsure: Int32Array
  private readonly dearer: Float64Array
  private unsureMany = 0
  private readonly trial: Uint8Array
  private readonly left = new Float64Array(2)
  /** How much dearer than the bound a filling may be, and what was found to be. */
  private within = 0
  private tries = 0

  constructor(private readonly units: number) {
    this.cost = new Float64Array(CHOICES * units)
    this.minutes = new Float64Array(2 * units)
    this.chosen = new Uint8Array(units)
    this.priced = new Float64Array(CHOICES * units)
    this.worth = new Uint8Array(CHOICES * units)
    this.many = new Uint8Array(units)
    this.cheapest = new Float64Array(units)
    this.unsure = new Int32Array(units)
    this.dearer = new Float64Array(units)
    this.trial = new Uint8Array(units)
  }

  /**
   * @param open the days there may be anything on, as bits
   * @param under a cost
   * @returns the least cost found below it, `chosen` telling how; Infinity if none was
   */
  fill(open: number, under: number): number {
    const bound = this.bound(open, under)
    if (bound === Infinity) return Infinity
    this.within = under - bound
    this.left.set(this.room)
    if (!this.sort(open)) return Infinity
    this.tries = 0
    const most = this.within
    this.branch(0, 0)
    return this.within < most ? bound + this.within : Infinity
  }

  /** The most that is proven by two prices of a minute, which are kept; Infinity where nothing is below `under`. */
  private bound(open: number, under: number): number {
    const { price, room } = this
    if (!(open & FIRST)) price[0] = 0
    if (!(open & SECOND)) price[1] = 0
    let [bestFirst, bestSecond, best] = [price[0]!, price[1]!, -Infinity]
    for (let n = 0; n < ROUNDS; n++) {
      let overFirst = -room[0]!
      let overSecond = -room[1]!
      let bound = 0
      for (let u = 0; u < this.units; u++) {
        const choice = this.weigh(u, open)
        if (choice < 0) return Infinity
        bound += this.priced[CHOICES * u + choice]!
        if (choice & FIRST) overFirst += this.minutes[2 * u]!
        if (choice & SECOND) overSecond += this.minutes[2 * u + 1]!
      }
      bound -= price[0]! * room[0]! + price[1]! * room[1]!
      if (bound >= under) return Infinity
      if (bound > best) [bestFirst, bestSecond, best] = [price[0]!, price[1]!, bound]
      if (!(open & FIRST) || (overFirst < 0 && !price[0])) overFirst = 0
      if (!(open & SECOND) || (overSecond < 0 && !price[1])) overSecond = 0
      const square = overFirst * overFirst + overSecond * overSecond
      if (!square) break
      const step = Math.min((SHORTER * (under - bound)) / square, LONGEST_STEP)
      price[0] = Math.max(0, price[0]! + step * overFirst)
      price[1] = Math.max(0, price[1]! + step * overSecond)
    }
    price[0] = bestFirst
    price[1] = bestSecond
    return best
  }

  /** Prices the choices of a unit. @returns the cheapest; -1 if it has none */
  private weigh(u: number, open: number): number {
    const { cost, minutes, price, priced } = this
    let least = Infinity
    let by = -1
    for (let choice = open; choice >= 0; choice = choice ? (choice - 1) & open : -1) {
      let here = cost[CHOICES * u + choice]!
      if (choice & FIRST) here += price[0]! * minutes[2 * u]!
      if (choice & SECOND) here += price[1]! * minutes[2 * u + 1]!
      priced[CHOICES * u + choice] = here
      if (here >= least) continue
      least = here
      by = choice
    }
    return by
  }

  /** What is worth trying of each unit; what has one choice only takes its minutes. @returns whether they fit */
  private sort(open: number): boolean {
    const { priced, worth, unsure, dearer } = this
    this.unsureMany = 0
    for (let u = 0; u < this.units; u++) {
      const least = priced[CHOICES * u + this.weigh(u, open)]!
      this.cheapest[u] = least
      let many = 0
      for (let choice = open; choice >= 0; choice = choice ? (choice - 1) & open : -1) {
        const here = priced[CHOICES * u + choice]!
        if (here - least >= this.within) continue
        let at = CHOICES * u + many++
        for (; at > CHOICES * u && priced[CHOICES * u + worth[at - 1]!]! > here; at--)
          worth[at] = worth[at - 1]!
        worth[at] = choice
      }
      this.many[u] = many
      if (many === 1) {
        this.trial[u] = worth[CHOICES * u]!
        if (!this.take(u, this.trial[u]!)) return false
        continue
      }
      const by = priced[CHOICES * u + worth[CHOICES * u + 1]!]! - least
      let at = this.unsureMany++
      for (; at > 0 && dearer[at - 1]! < by; at--) {
        unsure[at] = unsure[at - 1]!
        dearer[at] = dearer[at - 1]!
      }
      unsure[at] = u
      dearer[at] = by
    }
    return true
  }

  private branch(n: number, dearer: number) {
    if (++this.tries > MOST_TRIED) return
    if (n === this.unsureMany) {
      const all = dearer + this.price[0]! * this.left[0]! + this.price[1]! * this.left[1]!
      if (all >= this.within) return
      this.within = all
      this.chosen.set(this.trial)
      return
    }
    const u = this.unsure[n]!
    for (let i = CHOICES * u; i < CHOICES * u + this.many[u]!; i++) {
      const choice = this.worth[i]!
      const here = dearer + this.priced[CHOICES * u + choice]! - this.cheapest[u]!
      if (here >= this.within) return
      const [first, second] = [this.left[0]!, this.left[1]!]
      if (this.take(u, choice)) {
        this.trial[u] = choice
        this.branch(n + 1, here)
      }
      this.left[0] = first
      this.left[1] = second
    }
  }

  private take(u: number, choice: number): boolean {
    if (choice & FIRST) this.left[0]! -= this.minutes[2 * u]!
    if (choice & SECOND) this.left[1]! -= this.minutes[2 * u + 1]!
    return this.left[0]! >= 0 && this.left[1]! >= 0
  }
}
