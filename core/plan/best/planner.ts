import { Anneal } from './anneal'
import { Pricing } from './bound'
import { broken } from './instance'
import type { Chosen, Instance } from './instance'
import { Search } from './search'

/** How much work a plan is given: by trial, about 0.2 s, and 2 to 3 s, on 41 places and 56 or 84 days. */
export interface Effort {
  /** Rounds of pricing. */
  rounds: number
  /** Small changes tried, and session-wise ones. */
  changes: number
  steps: number
}
export const AT_ONCE: Effort = { rounds: 150, changes: 150_000, steps: 100 }
export const REFINED: Effort = { rounds: 600, changes: 4_500_000, steps: 5_000 }

/** Cells of a stretch the effort is meant for, and how many times the steps a small one is given at most. */
const USUAL_CELLS = 41 * 48
const MORE_STEPS = 6

/** A share of the rounds, changes or steps done at a time, so that a caller can look up between. */
const SLICES = 40
/** Heat of the small changes, minutes, from first to last; of the session-wise, by share of the cost. */
const HEAT = [0.15, 0.03] as const
const SESSION_HEAT = [2, 0.1] as const
/** How often the small changes begin anew from the leaning plan: luck is worth more than length. */
const STARTS = 2
/** Price of a minute over at first, besides the pressure, and how many times that at the end. */
const OVER_PRICE = 2
const OVER_DEARER = 10

/**
 * Plans a stretch: prices it for a bound, takes the plan the prices lean to, and betters that by
 * many small changes and then by whole sessions. It goes in slices; the best plan so far and what is
 * proven of it can be read between any two. The same instance, effort and chance give the same plan.
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

  /**
   * @param random 0 to below 1
   * @param start a plan to better, if one stands
   */
  constructor(
    private readonly instance: Instance,
    effort: Effort,
    private readonly random: () => number,
    start?: Chosen,
  ) {
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

  private *go({ rounds, changes, steps }: Effort): Generator<number> {
    const { instance, random } = this
    if (!instance.days || !instance.units) {
      this.bound = this.cost
      return
    }
    const pricing = new Pricing(instance, rounds)
    for (let n = 0; n < SLICES; n++) {
      pricing.improve(Math.ceil(rounds / SLICES))
      this.bound = Math.min(pricing.bound, this.cost)
      yield (0.3 * (n + 1)) / SLICES
    }
    const search = new Search(instance, random, pricing.prices)
    search.adopt(this.chosen)

    const { pressure } = pricing
    const warmth = Math.max(1, pressure / 2)
    for (let start = 0; start < STARTS; start++) {
      const anneal = new Anneal(instance, random, pricing.leaning())
      for (let n = 0; n < SLICES; n++) {
        const gone = n / SLICES
        anneal.heat = HEAT[0] * Math.pow(HEAT[1] / HEAT[0], gone) * warmth
        anneal.overPrice = OVER_PRICE * (1 + pressure) * (1 + (OVER_DEARER - 1) * gone * gone)
        anneal.run(changes / SLICES / STARTS)
        yield 0.3 + (0.4 * (start + (n + 1) / SLICES)) / STARTS
      }
      if (anneal.bestCost < Infinity && search.adopt(anneal.best)) search.polish()
    }
    this.take(search.best, search.bestCost)

    search.adopt(search.best.slice())
    const more = Math.min(MORE_STEPS, Math.max(1, USUAL_CELLS / (instance.units * instance.days)))
    for (let n = 0; n < SLICES; n++) {
      const heat = SESSION_HEAT[0] * Math.pow(SESSION_HEAT[1] / SESSION_HEAT[0], n / SLICES)
      for (let i = 0; i < (more * steps) / SLICES; i++) search.step(heat)
      this.take(search.best, search.bestCost)
      yield 0.7 + (0.3 * (n + 1)) / SLICES
    }
    search.adopt(search.best.slice())
    search.polish()
    this.take(search.best, search.bestCost)
    this.bound = Math.min(this.bound, this.cost)
  }
}
