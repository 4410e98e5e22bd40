import { Filling } from './filling'
import { cheapestPath, nodesOf, SLACK, withNeeds } from './instance'
import type { Chosen, Instance } from './instance'

/** Prices a minute tried to begin with, the same on every day. */
const FIRST_PRICES = [0, 0.25, 0.5, 1, 1.5, 2, 3, 4, 6, 8, 12, 16, 24]
/**
 * Steps of the prices (Adam; Kingma and Ba 2015): how long the slope and its square are remembered,
 * what keeps the quotient finite, and the share of the first step that the last one has. By trial on
 * stretches of 56 and 84 days: within 0.1 % of where it settles after 800 rounds.
 */
const SLOPE_KEPT = 0.9
const SQUARE_KEPT = 0.99
const SOFT = 0.05
const LAST_STEP = 0.003
/** Minutes by which a day every answer took is cheaper than one none did, for the leaning plan. */
const DRAWN_MINUTES = 2
/** How much of the last answers' average one round keeps. */
const LEAN_KEPT = 0.98
/** Of the steps, how large the first with whole units is, beside that with parts (by trial). */
const WHOLE_STEP = 0.1
/**
 * Minutes of a day up to which units are taken whole. In longer ones many fit, and a part of one more
 * gains next to nothing (by trial: less than 0.03 % of the bound from eight minutes on).
 */
const WHOLE_UP_TO = 5

/**
 * A lower bound on what any plan can cost, by pricing. Each choice "unit u on day k" is split in two:
 * a copy the unit owns and a copy the day owns, and a price is paid where the unit takes what the day
 * does not give. For given prices the units are shortest paths and the days knapsacks that must pay
 * for opening, so the sum of their best is a bound (Lagrangian decomposition, Guignard and Kim 1987).
 * Where a unit needs others the same day it pays each of them to be there (a price on the rule, likewise never
 * below nothing), and what it pays they save.
 * The prices climb by the slope of that sum, each by steps of its own size.
 */
export class Pricing {
  /** The best bound so far, and the prices that prove it. */
  bound = -Infinity
  readonly prices: Float64Array
  /** How often, of late, each unit took each day: 0 to 1. */
  readonly lean: Float64Array
  /** Rounds done. */
  round = 0

  /** What each needed unit is paid by the one that needs it, by day; and where in the cells both stand. */
  private readonly paid: Float64Array
  private readonly paidBest: Float64Array
  private readonly payers: Int32Array
  private readonly payees: Int32Array
  /** What of that comes to each cell: what it pays less what it is paid. */
  private readonly due: Float64Array
  private readonly dueBest: Float64Array
  private readonly paidSlope: Float64Array
  private readonly paidSquare: Float64Array
  /** Minutes of a unit with all it needs. */
  private readonly least: Float64Array

  private readonly trial: Float64Array
  private readonly taken: Float64Array
  private readonly offered: Float64Array
  private readonly slope: Float64Array
  private readonly square: Float64Array
  private readonly at: Float64Array
  private readonly from: Int32Array
  private readonly nodePrice: Float64Array
  private readonly filling: Filling
  /** Of the first round, in prices a minute. */
  private readonly step: number

  private isWhole = false

  /**
   * @param rounds how many there are to be; the steps shrink towards the last
   * @param whole how many of them take units whole, which is dearer and proves more
   */
  constructor(
    private readonly instance: Instance,
    readonly rounds: number,
    private readonly whole = 0,
  ) {
    const cells = instance.units * instance.days
    const nodes = nodesOf(instance)
    this.prices = new Float64Array(cells)
    this.lean = new Float64Array(cells)
    this.trial = new Float64Array(cells)
    this.taken = new Float64Array(cells)
    this.offered = new Float64Array(cells)
    this.slope = new Float64Array(cells)
    this.square = new Float64Array(cells)
    this.at = new Float64Array(nodes)
    this.nodePrice = new Float64Array(nodes)
    this.from = new Int32Array(nodes)
    this.filling = new Filling(instance.units)
    this.least = withNeeds(instance)
    const pairs = (instance.needs ?? []).flatMap(({ unit, on }) =>
      on.flatMap((u) =>
        Array.from({ length: instance.days }, (_, k) => [unit * instance.days + k, u * instance.days + k]),
      ),
    )
    this.payers = Int32Array.from(pairs, ([v]) => v!)
    this.payees = Int32Array.from(pairs, ([, u]) => u!)
    this.paid = new Float64Array(pairs.length)
    this.paidBest = new Float64Array(pairs.length)
    this.paidSlope = new Float64Array(pairs.length)
    this.paidSquare = new Float64Array(pairs.length)
    this.due = new Float64Array(pairs.length ? cells : 0)
    this.dueBest = new Float64Array(this.due.length)

    let first = 0
    for (const aMinute of FIRST_PRICES) {
      for (let c = 0; c < cells; c++) this.trial[c] = aMinute * instance.minutes[c]!
      if (this.tryOut()) first = aMinute
    }
    this.trial.set(this.prices)
    this.lean.set(this.taken)
    this.step = 0.7 + 0.3 * first
  }

  /** Values the trial prices and keeps them if they prove more. */
  private tryOut(): boolean {
    const value = this.value(this.trial)
    if (value <= this.bound) return false
    this.bound = value
    this.prices.set(this.trial)
    this.dueBest.set(this.due)
    this.paidBest.set(this.paid)
    return true
  }

  /** The bound these prices prove; fills `taken` and `offered` with the answers they draw. */
  private value(prices: Float64Array): number {
    const { units, days, setup, cost } = this.instance
    const nodes = days + 2
    const { taken, nodePrice, at, from, due, paid, payers, payees } = this
    taken.fill(0)
    due.fill(0)
    for (let p = 0; p < paid.length; p++) {
      due[payers[p]!]! += paid[p]!
      due[payees[p]!]! -= paid[p]!
    }
    let total = 0
    for (let u = 0; u < units; u++) {
      const row = u * days
      this.priceNodes(row, prices, due)
      total += cheapestPath(cost[u]!, nodes, nodePrice, at, from)
      for (let j = from[nodes - 1]!; j > 0; j = from[j]!) taken[row + j - 1] = 1
    }
    for (let k = 0; k < days; k++) total += Math.min(0, setup - this.fill(k, prices))
    return total
  }

  /** What it costs a unit to stop at each node. */
  private priceNodes(row: number, prices: Float64Array, due: Float64Array) {
    const { nodePrice, instance } = this
    const { days } = instance
    for (let k = 0; k < days; k++)
      nodePrice[k + 1] = this.fits(row + k, k)
        ? prices[row + k]! + (due.length ? due[row + k]! : 0)
        : Infinity
    nodePrice[days + 1] = 0
  }

  /** Whether a unit, with what it needs, fits into a day at all. */
  private fits(cell: number, k: number) {
    const { limit, setup } = this.instance
    return this.least[cell]! <= limit[k]! - setup + SLACK
  }

  /** Most that day `k` earns at these prices within its minutes; fills `offered` if it pays to open. */
  private fill(k: number, prices: Float64Array): number {
    const { units, days, setup, limit, minutes } = this.instance
    const { filling, offered } = this
    filling.clear()
    for (let u = 0; u < units; u++) {
      const cell = u * days + k
      offered[cell] = 0
      if (prices[cell]! > 0 && this.fits(cell, k)) filling.offer(u, prices[cell]!, minutes[cell]!)
    }
    const room = limit[k]! - setup
    const earned = this.isWhole && room <= WHOLE_UP_TO ? filling.whole(room) : filling.parts(room)
    if (earned > setup)
      for (let i = 0; i < filling.count; i++) offered[filling.unit[i]! * days + k] = filling.share[i]!
    return earned
  }

  /**
   * The plan the answers lean to: each unit by the path that keeps closest to what it was of late
   * drawn to, and with it all it needs. It may overfill a day, and opens whatever it likes; a start for
   * the search, no more.
   */
  leaning(): Chosen {
    const { units, days, cost } = this.instance
    const nodes = days + 2
    const { prices, lean, nodePrice, at, from, dueBest } = this
    const chosen = new Uint8Array(units * days)
    for (let u = 0; u < units; u++) {
      const row = u * days
      this.priceNodes(row, prices, dueBest)
      for (let k = 0; k < days; k++) nodePrice[k + 1]! += DRAWN_MINUTES * (0.5 - lean[row + k]!)
      cheapestPath(cost[u]!, nodes, nodePrice, at, from)
      for (let j = from[nodes - 1]!; j > 0; j = from[j]!) chosen[row + j - 1] = 1
    }
    // None of those that are needed needs any itself, so one look is enough.
    this.payers.forEach((v, p) => chosen[v] && (chosen[this.payees[p]!] = 1))
    return chosen
  }

  /**
   * Cells worth trying: those by which, at the prices, a unit's best way costs at most so many minutes
   * more than its best of all. In the best plans nearly every combing is one of them.
   */
  worthTrying(within: number): number[] {
    const { units, days, cost } = this.instance
    const nodes = days + 2
    const { prices, nodePrice, at, from, dueBest } = this
    const onward = new Float64Array(nodes)
    const cells: number[] = []
    for (let u = 0; u < units; u++) {
      const row = u * days
      const table = cost[u]!
      this.priceNodes(row, prices, dueBest)
      const best = cheapestPath(table, nodes, nodePrice, at, from)
      for (let i = nodes - 2; i > 0; i--) {
        let least = Infinity
        for (let j = i + 1; j < nodes; j++)
          least = Math.min(least, table[j * nodes + i]! + nodePrice[j]! + onward[j]!)
        onward[i] = least
        if (at[i]! + least <= best + within) cells.push(row + i - 1)
      }
    }
    return cells
  }

  /** Minutes' worth of a minute at the prices, on average: how hard the limits press. */
  get pressure(): number {
    let [price, minutes] = [0, 0]
    const { days } = this.instance
    for (let c = 0; c < this.prices.length; c++) {
      if (!this.fits(c, c % days)) continue
      price += this.prices[c]!
      minutes += this.instance.minutes[c]!
    }
    return minutes ? price / minutes : 0
  }

  /** Another `rounds` rounds, or what is left of them: first with parts of units, then with whole ones. */
  improve(rounds = this.rounds) {
    for (const end = Math.min(this.rounds, this.round + rounds); this.round < end; this.round++) {
      if (this.whole && !this.isWhole && this.round >= this.rounds - this.whole) this.takeWhole()
      this.tryOut()
      const gone = this.isWhole
        ? 1 - (this.rounds - this.round) / this.whole
        : this.round / (this.rounds - this.whole)
      this.climb(this.step * (this.isWhole ? WHOLE_STEP : 1) * Math.pow(LAST_STEP, gone))
    }
  }

  /** Share of the rounds gone. */
  get gone(): number {
    return this.rounds ? this.round / this.rounds : 1
  }
  /** Leaves rounds out, up to a share of them: the steps shrink the faster. */
  skipTo(share: number) {
    this.round = Math.max(this.round, Math.floor(share * this.rounds))
  }

  private takeWhole() {
    this.isWhole = true
    this.trial.set(this.prices)
    this.slope.fill(0)
    this.square.fill(0)
    this.paid.set(this.paidBest)
    this.paidSlope.fill(0)
    this.paidSquare.fill(0)
  }

  /** One step of the prices, so many a minute long. */
  private climb(step: number) {
    const { trial, taken, offered, slope, square, lean, instance } = this
    for (let c = 0; c < trial.length; c++) {
      const up = taken[c]! - offered[c]!
      slope[c] = SLOPE_KEPT * slope[c]! + (1 - SLOPE_KEPT) * up
      square[c] = SQUARE_KEPT * square[c]! + (1 - SQUARE_KEPT) * up * up
      const move = (step * instance.minutes[c]! * slope[c]!) / (Math.sqrt(square[c]!) + SOFT)
      trial[c] = Math.max(0, trial[c]! + move)
      lean[c] = LEAN_KEPT * lean[c]! + (1 - LEAN_KEPT) * taken[c]!
    }
    const { paid, payers, payees, paidSlope, paidSquare } = this
    for (let p = 0; p < paid.length; p++) {
      const up = taken[payers[p]!]! - taken[payees[p]!]!
      paidSlope[p] = SLOPE_KEPT * paidSlope[p]! + (1 - SLOPE_KEPT) * up
      paidSquare[p] = SQUARE_KEPT * paidSquare[p]! + (1 - SQUARE_KEPT) * up * up
      const by = instance.minutes[payees[p]!]!
      paid[p] = Math.max(0, paid[p]! + (step * by * paidSlope[p]!) / (Math.sqrt(paidSquare[p]!) + SOFT))
    }
  }
}
