import { CLEAR, stepStages } from '../coat/knots'
import type { Stages } from '../coat/knots'
import { careCost, careMinutesOn, onCleanCoat } from './care-costs'
import type { CareTerm } from './care-costs'
import { SETUP_MINUTES, TEASE_MINUTES, teaseMinutes } from '../coat/minutes'
import { regionOf } from '../coat/regions'
import type { Instance } from './best/instance'
import type { Outlook, PlaceOutlook } from './outlook'

/** A mat in a tender place is worth this many times one elsewhere (judgement). */
export const TENDER_TIMES = 1.25
/** Minutes set aside for teasing, and what a comb misses, are of a place this long uncombed, days (judgement). */
const USUAL_GAP_DAYS = 7

/**
 * Each day past the ceiling costs this share of the minutes that combing the place would take: enough
 * that it is kept where there is time, and not so much that calm places are combed to keep it while
 * hot ones mat. At twice the price a plan of six minutes a day comes dearer than the day's list; at this
 * one it keeps to the ceiling oftener than the list does (judgement, by trial).
 */
const PAST_CEILING = 0.05

/** What is combed together: a pair, or one place. */
export interface Unit {
  /** Which of the outlook's places, by index. */
  places: number[]
  /** How many times as many knots as the coat type's this dog gets there, for each of them: θ. */
  rates: number[]
  /** Days since the comb last went through, at the start. */
  uncombed: number
  /** The dog refuses it: not in two sessions running. 2: it was in the last one. */
  spaced: 0 | 1 | 2
}

/** What owner and dog allow. */
export interface Terms {
  /** Minutes of each day from the outlook's first, laying out included; 0 where there is no session. */
  limits: readonly number[]
  /** Minutes at one go, laying out left out: nothing is done on a day that takes longer. */
  sitting: number
  /** Minutes a mat is worth, beside its own. */
  matWorth: number
  /** Days a place may go without the comb while the minutes allow it. */
  ceilingDays: number
  /** Units that are combed on a day whatever it costs, by day. */
  must?: ReadonlyMap<number, readonly number[]>
  /** Days on which just the units of `must` are combed and no other. */
  held?: ReadonlySet<number>
  /** Care that is planned along; `must` counts it on from the units. */
  care?: readonly CareTerm[]
  /** Days on which the coat is clean. */
  clean?: ReadonlySet<number>
  /** The visit ends the stretch: a mat then is the groomer's to find, and nothing is combed at home. */
  endsInVisit: boolean
}

export interface Problem {
  instance: Instance
  /** Day of each node, counted from the outlook's first: `dayAt[k]` is that of day `k`. */
  dayAt: number[]
}

/**
 * The minutes set aside for a place on a day: combing it, and teasing what a usual gap leaves. On the
 * outlook's own day what is there is known, and stands in its place.
 */
function setAside(p: PlaceOutlook, rate: number, day: number, mu: number): number {
  const there = day === 0 ? atStart(p, rate) : stepStages(CLEAR, rate * p.bornDry[day]!, mu, USUAL_GAP_DAYS)
  return p.comb[day]! + teasing(there)
}
/**
 * What a combing leaves, for the comb does not find all: of what a usual gap brings. What the one before left would tie
 * each combing to the one before the last. A mat was there before.
 */
function missed(p: PlaceOutlook, rate: number, day: number, { mu, leaves }: Outlook): Stages {
  const [tangles, knots] = stepStages(CLEAR, rate * p.bornDry[day]!, mu, USUAL_GAP_DAYS)
  return [leaves * tangles, leaves * knots, 0]
}
/** What is expected in a place on the outlook's own day. */
const atStart = (p: PlaceOutlook, rate: number): Stages => [
  rate * p.unseen[0] + p.left[0],
  rate * p.unseen[1] + p.left[1],
  0,
]
const teasing = ([tangles, knots]: Stages) => teaseMinutes({ tangles, knots })

/** What a stretch costs by when each unit is combed, ready for the search. */
export function problemOf(outlook: Outlook, units: readonly Unit[], terms: Terms): Problem {
  const { days, mu } = outlook
  const dayAt: number[] = []
  for (let d = 0; d < days; d++)
    if ((terms.limits[d] ?? 0) > SETUP_MINUTES || terms.must?.has(d)) dayAt.push(d)
  const K = dayAt.length
  const nodes = K + 2
  const { care = [] } = terms
  const all = units.length + care.length
  const minutes = new Float64Array(all * K)
  const cost = units.map(() => new Float64Array(nodes * nodes).fill(Infinity))
  units.forEach((unit, u) => {
    const table = cost[u]!
    const rows: boolean[] = dayAt.map((d) => terms.must?.get(d)?.includes(u) ?? false)
    unit.places.forEach((at, n) => {
      const p = outlook.places[at]!
      const rate = unit.rates[n]!
      const worth = terms.matWorth * (regionOf(p.id).tender ? TENDER_TIMES : 1) + TEASE_MINUTES.mat
      for (let k = 0; k < K; k++) minutes[u * K + k]! += setAside(p, rate, dayAt[k]!, mu)
      for (let i = 0; i < nodes - 1; i++) {
        const start = i === 0 ? 0 : dayAt[i - 1]!
        let there = i === 0 ? atStart(p, rate) : missed(p, rate, start, outlook)
        const born = i === 0 ? p.bornLeft : p.bornDry
        let d = start
        for (let j = i + 1; j < nodes; j++) {
          const to = j === nodes - 1 ? days : dayAt[j - 1]!
          for (; d < to; d++) there = stepStages(there, rate * born[d]!, mu)
          const cell = j * nodes + i
          const before = n === 0 ? 0 : table[cell]!
          table[cell] =
            before +
            worth * there[2] +
            (j === nodes - 1 ? (terms.endsInVisit ? 0 : teasing(there)) : p.comb[to]! + teasing(there))
        }
      }
    })
    for (let i = 0; i < nodes - 1; i++) {
      const since = i === 0 ? -unit.uncombed : dayAt[i - 1]!
      for (let j = i + 1; j < nodes; j++) {
        const to = j === nodes - 1 ? days : dayAt[j - 1]!
        const over = Math.max(0, to - since - terms.ceilingDays)
        if (over) table[j * nodes + i]! += PAST_CEILING * over * combOn(outlook, unit, to)
        // What must be combed is not stepped over.
        for (let m = i + 1; m < j; m++) if (rows[m - 1]) table[j * nodes + i] = Infinity
      }
    }
  })

  care.forEach((term, n) => {
    const u = units.length + n
    const combed = (k: number) => term.needs.reduce((sum, i) => sum + minutes[i * K + k]!, 0)
    const own = careMinutesOn(term, dayAt, combed)
    minutes.set(own, u * K)
    const must = dayAt.map((d) => terms.must?.get(d)?.includes(u) ?? false)
    const spared = onCleanCoat(term, dayAt, own, terms.clean ?? new Set())
    cost.push(careCost(term, dayAt, days, spared, must))
  })

  const limit = Float64Array.from(dayAt, (d, k) => {
    const must = terms.must?.get(d) ?? []
    const forced = must.reduce((sum, u) => sum + minutes[u * K + k]!, must.length ? SETUP_MINUTES : 0)
    return Math.max(terms.limits[d] ?? 0, forced)
  })
  dayAt.forEach((d, k) => {
    for (let u = 0; u < all; u++)
      if (!terms.must?.get(d)?.includes(u) && (terms.held?.has(d) || minutes[u * K + k]! > terms.sitting))
        minutes[u * K + k] = NOT_THAT_DAY
  })
  // What is refused comes when it is let: nothing waits for it.
  const needs = care.flatMap(({ needs: on }, n) => {
    const some = on.filter((u) => !units[u]!.spaced)
    return some.length ? [{ unit: units.length + n, on: some }] : []
  })
  return {
    instance: {
      units: all,
      days: K,
      limit,
      setup: SETUP_MINUTES,
      minutes,
      cost,
      spaced: Uint8Array.from([...units.map((u) => u.spaced), ...care.map((c) => Number(c.refused))]),
      ...(needs.length ? { needs } : {}),
    },
    dayAt,
  }
}

/** Minutes of a unit on a day that is not for it: more than any day has. */
const NOT_THAT_DAY = 1e6

const combOn = (outlook: Outlook, unit: Unit, day: number) =>
  unit.places.reduce((sum, at) => sum + outlook.places[at]!.comb[day]!, 0)
