import { CLEAR, keep } from '../coat/knots'
import type { Stages } from '../coat/knots'
import type { Region, RegionId } from '../coat/regions'
import { plus, timesUnder } from '../learn/causes'
import type { Born, CauseHeld, Met, Under } from '../learn/causes'
import { PRIOR_RATE } from '../learn/rate'
import type { Rate } from '../learn/rate'
import type { RegionState } from './coat-state'
import { NOTHING_MET } from './coat-state'
import type { SeenHere } from './coat-state'

/** What a place's length grows from. */
export interface Growing {
  from: number
  sinceDay: number
  /** Nobody measured it then: it teaches nothing of how fast it grows. */
  guessed: boolean
}

const totalOf = (n: Stages) => n[0] + n[1] + n[2]
/** Less of a cause than this share of what came tells nothing of it (judgement). */
const LEAST_SHARE = 1 / 20
/** What a comb left of an earlier cause is lost from sight below this share. */
const FORGOTTEN = 1 / 200
const NONE: readonly Born[] = []
/** Fewer expected than these are none. */
const LEAST = 1e-9

/**
 * A place carried forward: its state, what its length grows from, and under which causes what is in it was born. What
 * is there is kept by the type's own factors; as this dog's are, it is told.
 */
export class WorkingPlace implements RegionState {
  readonly id: RegionId
  left: RegionState['left'] = []
  seen: SeenHere = NOTHING_MET
  rate: Rate = PRIOR_RATE
  clearOn: RegionState['clearOn'] = null
  combedAbout: RegionState['combedAbout'] = null
  guessed = 0
  last: RegionState['last'] = null
  refusals = 0
  wetTo: RegionState['wetTo'] = null
  wetBy: RegionState['wetBy'] = null
  concern: RegionState['concern'] = null
  /** The last comb check that went through: its day, and how many it was to find there at θ = 1. */
  through: { on: number; expected: number } | null = null
  /** What is there at θ = 1, by the type's own factors. */
  base: Stages = CLEAR
  /** Nothing but days has made what is there what it is, since a comb was there. */
  steady = true
  /** How many times each cause is for this dog; none while nothing was learned. */
  causes: readonly CauseHeld[] = []
  /** What it is under these days, how much was there when that began, and under what that was born. */
  private under: Under = 0
  private from = 0
  private before: readonly Born[] = NONE

  constructor(
    readonly region: Region,
    public growing: Growing,
    public mm: number,
  ) {
    this.id = region.id
  }
  copy(): WorkingPlace {
    return Object.assign(new WorkingPlace(this.region, this.growing, this.mm), this)
  }

  /** What is there, told apart by what it was born under. */
  born(): readonly Born[] {
    const since = totalOf(this.base) - this.from
    return since <= LEAST ? this.before : plus(this.before, this.under, since)
  }
  /** How many times as many are there as by the type's own factors. */
  private get times(): number {
    if (!this.causes.length) return 1
    let [all, weighed] = [0, 0]
    for (const { under, amount } of this.born()) {
      all += amount
      weighed += amount * timesUnder(this.causes, under)
    }
    return all ? weighed / all : 1
  }
  /** Expected unseen knots in each stage at θ = 1, as this dog's causes are. */
  get unseen(): Stages {
    const times = this.times
    const [tangles, knots, mats] = this.base
    return times === 1 ? this.base : [tangles * times, knots * times, mats * times]
  }

  /** As everyone but its coat sees it. */
  shown(): RegionState {
    const { id, mm, unseen, left, seen, rate, clearOn, combedAbout, guessed, last, refusals, wetTo, wetBy } =
      this
    return {
      ...{ id, mm, unseen, left, seen, rate, clearOn, combedAbout, guessed, last, refusals, wetTo, wetBy },
      concern: this.concern,
    }
  }

  /** From today it is under these causes. */
  comesUnder(under: Under) {
    if (under === this.under) return
    this.before = this.born()
    this.from = totalOf(this.base)
    this.under = under
  }
  /** An act leaves these shares of each stage: of what came under each cause alike. */
  keep(share: Stages) {
    const born = this.born()
    const all = totalOf(this.base)
    this.base = keep(this.base, share)
    this.from = totalOf(this.base)
    const kept = this.from / all
    this.before =
      this.from <= LEAST
        ? NONE
        : born.length === 1
          ? [{ under: born[0]!.under, amount: this.from }]
          : born
              .filter((b) => b.amount >= FORGOTTEN * all)
              .map(({ under, amount }) => ({ under, amount: kept * amount }))
  }
  /** The comb was not there: what is left of each stage is another mixture than days alone make. */
  brushed(share: Stages) {
    this.keep(share)
    this.steady = false
  }
  /** What is there is this, whatever it came from. */
  holds(stages: Stages) {
    this.steady = true
    this.base = stages
    this.from = 0
    this.before = NONE
  }
  /** As tight as it is now: nothing came and nothing went. */
  tightened(by: (n: Stages) => Stages) {
    this.base = by(this.base)
    this.steady = false
  }

  /**
   * Knots counted, of those that came since.
   * @param share how much of it teaches
   */
  met(count: number, share: number) {
    const born = this.born()
    const { seen } = this
    const counted = share * count
    this.seen = {
      count: seen.count + counted,
      exposure: seen.exposure + share * totalOf(this.base),
      born: born.reduce((sum, b) => plus(sum, b.under, share * b.amount), seen.born),
      met: counted ? withMet(seen.met, { count: counted, born }) : seen.met,
    }
  }
}

/** What is told of a dog as it was, by what it has become, counts so much of what it did (judgement). */
const KEEPS = 0.7
/**
 * As it would have been seen, were it as it is now: so many times as many over the same time, and known by less.
 */
export const asNow = ({ count, exposure, born, met }: SeenHere, times: number): SeenHere => ({
  count: count * KEEPS,
  exposure: (exposure * KEEPS) / times,
  born: born.map((b) => ({ ...b, amount: (b.amount * KEEPS) / times })),
  met: met.map((m) => ({ ...m, count: m.count * KEEPS })),
})

/** Those met under one set of causes are counted together; of a mixture each is kept. */
function withMet(met: readonly Met[], { count, born }: Met): readonly Met[] {
  const all = born.reduce((s, b) => s + b.amount, 0)
  const telling = born.filter((b) => b.amount >= LEAST_SHARE * all)
  if (telling.length !== 1) return [...met, { count, born: telling }]
  const { under } = telling[0]!
  if (!under) return met
  const alike = (m: Met) => m.born.length === 1 && m.born[0]!.under === under
  const before = met.find(alike)
  const now = { count: count + (before?.count ?? 0), born: [{ under, amount: 1 }] }
  return [...met.filter((m) => m !== before), now]
}
