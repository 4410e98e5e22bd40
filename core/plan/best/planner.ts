import { Anneal } from './anneal'
import { Pricing } from './bound'
import { Deadline } from './deadline'
import { broken } from './instance'
import type { Chosen, Instance } from './instance'
import { RefilledPlan } from './refilled-plan'
import { Search } from './search'

/** How much work a plan is given: by trial, about 0.2 s, and 2.5 s (with care 5.5), on 41 places and 56 or 84 days. */
export interface Effort {
  /** Rounds of pricing, and how many of them, the last, with units taken whole. */
  rounds: number
  whole: number
  /** Times small changes begin anew: what three come to is better than one of three times as many (by trial). */
  starts: number
  /** Cells round which small changes are weighed, in all starts, and session-wise changes. */
  cells: number
  steps: number
  /** Times over that days are filled anew in pairs, at most. */
  refills: number
  /** The time there is, ms, where a clock says that it is running out: less is done then. */
  within: number
}
export const AT_ONCE: Effort = {
  rounds: 80,
  whole: 0,
  starts: 1,
  cells: 75_000,
  steps: 30,
  refills: 0,
  within: 250,
}
export const REFINED: Effort = {
  rounds: 600,
  whole: 150,
  starts: 3,
  cells: 3_600_000,
  steps: 600,
  refills: 4,
  within: 5500,
}
/** A plan that stood and still keeps the limits, changed only where that gains: by path, and in pairs of days. */
export const MENDED: Effort = { ...AT_ONCE, starts: 0, cells: 0, steps: 0, refills: 2 }
/** The bound of a refined plan, for a plan that is not to be bettered. */
export const PROOF: Effort = { ...REFINED, starts: 0, cells: 0, steps: 0, refills: 0 }

/**
 * Cells of a stretch the effort is meant for. A smaller one is weighed that much less, but not below
 * a share, and given more steps, by this power of how much smaller it is, up to so many times.
 */
const USUAL_CELLS = 41 * 48
const LEAST_SHARE = 0.25
const MORE_STEPS = 40
const SMALLER = 1.5

/**
 * Shares of the time by which pricing, all starts and changes of whole sessions are over; of a
 * start's own time, small changes (by trial).
 */
const OVER_BY = { pricing: 0.5, starts: 0.92, sessions: 0.96 }
const SMALL_SHARE = 0.8

/** A share of the rounds, cells or steps done at a time, so that a caller can look up between. */
const SLICES = 40
const CELL_SLICES = 250
/**
 * Heat of the small changes, minutes, from first to last, where the limits press little; where they
 * press, so many times that by the price of a minute, more where some need others. And of the session-wise. These and those below
 * by trial, on stretches of 56 and 84 days with five sets of limits.
 */
const HEAT = [0.12, 0.025] as const
const WARMER = { usual: 0.5, needy: 1 }
/**
 * Where some need others: times as many small changes, and the share of them during which they move
 * together; after it only once days have been over for so many slices running, for then they must.
 */
const NEEDY_TIMES = 4
const CARRIED_UNTIL = 0.3
const STUCK_FOR = 10
const SESSION_HEAT = [2, 0.1] as const
/** Cells worth trying are those whose use costs at most so many minutes more, at the prices. */
const WORTH_WITHIN = 0.01
/**
 * Price of a minute over, in times one more than the limits press: at first, at least, and by how
 * much it changes from slice to slice, so that the minutes over stay near what is let.
 */
const OVER_PRICE = { first: 1, least: 0.3, by: 1.1 }
/** Minutes over that are let: so many a day at first, none from this share of the way on. */
const LET_OVER = { aDay: 0.02, until: 0.85, power: 1.5 }
/** Minutes over too few to be any. */
const NONE_OVER = 0.01

/**
 * Plans a stretch: prices it for a bound, takes the plan the prices lean to, and betters that by
 * many small changes and by filling days anew in pairs, some times over; then by whole sessions. It
 * goes in slices; the best plan so far and what is proven of it can be read between any two. The same
 * instance, effort and chance give the same plan, but where a clock cuts it short.
 */
export class Planner {
  /** The best plan so far: it keeps every limit. */
  chosen: Chosen
  cost: number
  /** No plan costs less. */
  bound = -Infinity
  /** Of the plan it was given, if that keeps the limits. */
  startCost = Infinity
  /** 0 to 1. */
  progress = 0

  private readonly work: Generator<number>
  private readonly deadline: Deadline

  /**
   * @param random 0 to below 1
   * @param start a plan to better, if one stands
   * @param clock ms, for who waits; without one the work is done to its end
   */
  constructor(
    private readonly instance: Instance,
    effort: Effort,
    private readonly random: () => number,
    start?: Chosen,
    clock?: () => number,
  ) {
    this.deadline = new Deadline(effort.within, clock)
    const fresh = () => new Search(instance, random, new Float64Array(instance.units * instance.days))
    let first = fresh()
    if (start && first.adopt(start) && !broken(instance, first.best).length) this.startCost = first.bestCost
    else {
      first = fresh()
      first.polish()
    }
    this.chosen = first.best
    this.cost = first.bestCost
    this.work = this.go(effort)
  }

  /** Does the next slice. @returns whether there is more to do */
  advance(): boolean {
    const next = this.work.next()
    this.progress = next.done ? 1 : next.value
    return !next.done
  }

  /** Share of its cost that the plan is at most above the best there is. */
  get gap(): number {
    return this.cost > 0 ? Math.max(0, 1 - this.bound / this.cost) : 0
  }

  private take(chosen: Chosen, cost: number) {
    if (cost >= this.cost) return
    this.chosen = chosen.slice()
    this.cost = cost
  }

  /** Small changes, cooling; says how far it has gone. */
  private *cool(anneal: Anneal, pressure: number, cells: number, by: number): Generator<number> {
    const { instance } = this
    const needy = Boolean(instance.needs?.length)
    const warmth = Math.max(1, (needy ? WARMER.needy : WARMER.usual) * pressure)
    const size = (instance.units * instance.days) / USUAL_CELLS
    const share = (needy ? NEEDY_TIMES : 1) * Math.min(1, Math.max(LEAST_SHARE, size))
    const settled = this.deadline.part(by)
    let dearer = OVER_PRICE.first
    let slicesOver = 0
    for (let n = 1, gone = 0; gone < 1; n++) {
      anneal.heat = HEAT[0] * Math.pow(HEAT[1] / HEAT[0], gone) * warmth
      anneal.carries = gone < CARRIED_UNTIL || slicesOver >= STUCK_FOR
      anneal.overPrice = dearer * (1 + pressure)
      anneal.run(Math.ceil((share * cells) / CELL_SLICES))
      const left = Math.max(0, 1 - gone / LET_OVER.until)
      const over = LET_OVER.aDay * instance.days * Math.pow(left, LET_OVER.power)
      slicesOver = anneal.over > Math.max(over, NONE_OVER) ? slicesOver + 1 : 0
      dearer = slicesOver ? dearer * OVER_PRICE.by : Math.max(OVER_PRICE.least, dearer / OVER_PRICE.by)
      gone = settled(n / CELL_SLICES)
      yield gone
    }
  }

  /** A plan made better: every unit by its own best path, and days filled anew in pairs, until none gains. */
  private *better(search: Search, start: Chosen, most: number, by: number): Generator<number> {
    if (!this.adopt(search, start)) return
    const plan = new RefilledPlan(this.instance, search.chosen)
    const gone = this.deadline.part(by)
    for (let n = 0, any = true; any && n < most && gone(0) < 1; n++) {
      any = false
      for (const cheaper of plan.refill()) {
        any ||= cheaper
        yield this.progress
        if (gone(0) === 1) break
      }
    }
    this.adopt(search, plan.chosen)
  }

  private adopt(search: Search, plan: Chosen): boolean {
    if (!search.adopt(plan)) return false
    search.polish()
    this.take(search.best, search.bestCost)
    return true
  }

  private *go({ rounds, whole, starts, cells, steps, refills }: Effort): Generator<number> {
    const { instance, random, deadline } = this
    if (!instance.days || !instance.units) {
      this.bound = this.cost
      return
    }
    const pricing = new Pricing(instance, rounds, whole)
    const priced = deadline.part(OVER_BY.pricing)
    for (let gone = 0; gone < 1;) {
      pricing.improve(Math.ceil(rounds / SLICES))
      gone = priced(pricing.gone)
      pricing.skipTo(gone)
      this.bound = Math.min(pricing.bound, this.cost)
      yield 0.3 * gone
    }
    const search = new Search(instance, random, pricing.prices)
    search.adopt(this.chosen)
    const live = pricing.worthTrying(WORTH_WITHIN)
    for (let n = 1; n <= starts; n++) {
      const by = (share: number) =>
        OVER_BY.pricing + ((OVER_BY.starts - OVER_BY.pricing) * (n - 1 + share)) / starts
      const anneal = new Anneal(instance, random, pricing.leaning(), live)
      for (const gone of this.cool(anneal, pricing.pressure, cells / starts, by(SMALL_SHARE)))
        yield 0.3 + (0.6 * (n - 1 + gone)) / starts
      if (anneal.bestCost < Infinity) yield* this.better(search, anneal.best, refills, by(1))
    }

    const size = (instance.units * instance.days) / USUAL_CELLS
    const more = Math.min(MORE_STEPS, Math.max(1, size ** -SMALLER))
    /** Steps with whole sessions, so many of them, cooling. */
    const sessionSteps = (count: number, gone: number) => {
      const heat = SESSION_HEAT[0] * Math.pow(SESSION_HEAT[1] / SESSION_HEAT[0], gone)
      for (let i = 0; i < more * count; i++) search.step(heat)
      this.take(search.best, search.bestCost)
    }
    search.adopt(this.chosen.slice())
    const bettered = deadline.part(OVER_BY.sessions)
    for (let n = 1, over = 0; over < 1; n++) {
      sessionSteps(steps / SLICES, over)
      over = bettered(n / SLICES)
      yield 0.9 + 0.1 * over
    }
    yield* this.better(search, search.best.slice(), refills, 1)
    this.bound = Math.min(this.bound, this.cost)
  }
}
