import { heldOf, likelyCount, likelyShare, withinLikely } from '../learn/counts'
import type { Held } from '../learn/counts'
import { drifted, EVEN, oddsAfter } from '../learn/drift'
import { chanceOfNone, PRIOR_RATE } from '../learn/rate'
import type { Rate } from '../learn/rate'
import { regionOf } from '../coat/regions'
import type { PlaceId, RegionId } from '../coat/regions'
import type { Coat } from './coat'
import type { Day } from './day'
import type { DatedFact, FactOf } from './entries'
import { knotsIn, matsIn } from './findings'
import { beforeEach, coatOn } from './fold'
import type { DogRecord } from './fold'
import { scoreFrom } from './score-sums'
import type { Score, ScoreSums } from './score-sums'
import { isUnmet } from './unmet'
import { endsStretch } from './visits'

/** What was said of a place just before a comb went through it, and what the comb met. */
export interface Said {
  day: Day
  region: RegionId
  /** Chance of anything, of a mat, and how many on average: as this dog was known, and as coats like it alone would have it. */
  any: number
  mat: number
  mean: number
  like: { any: number; mat: number; mean: number }
  /** Knots of any stage, and mats among them. */
  found: number
  mats: number
}
/** The places of one day together: what was held of their count, and what it came to. */
export interface Sitting {
  day: Day
  held: Held
  found: number
}
export interface Scored {
  checks: Said[]
  sittings: Sitting[]
  /** Days a stretch began. */
  began: Day[]
}

/** Less than this is nothing said. */
const LEAST_EXPECTED = 1e-3

/** Checks that count what they met, all of it. */
const counts = (c: FactOf<'check'>) =>
  c.finding !== 'refused' && c.finding !== 'rasps' && !c.open && c.comfort !== 'stopped'

/**
 * Every check of a record with what was said of its place before it. Left out are places nobody has met, those
 * where something was left in, which is known and not foretold, and a second comb on the same day.
 */
export function scored(record: DogRecord, from: Day, to: Day): Scored {
  const checks: Said[] = []
  const began: Day[] = []
  const byDay = new Map<Day, { places: { rate: Rate; expected: number }[]; found: number }>()
  beforeEach(record, from, to, (coat: Coat, { day, what }: DatedFact) => {
    if (endsStretch(what)) began.push(day)
    if (what.kind !== 'check' || !counts(what)) return
    const p = coat.places.find((x) => x.id === what.region)
    if (!p || p.left.length || isUnmet(p) || p.clearOn === day) return
    const expected = p.unseen[0] + p.unseen[1] + p.unseen[2]
    if (expected < LEAST_EXPECTED) return
    const found = knotsIn(what)
    const usual = p.base[0] + p.base[1] + p.base[2]
    checks.push({
      day,
      region: p.id,
      any: 1 - chanceOfNone(p.rate, expected),
      mat: 1 - chanceOfNone(p.rate, p.unseen[2]),
      mean: p.rate.mean * expected,
      like: {
        any: 1 - chanceOfNone(PRIOR_RATE, usual),
        mat: 1 - chanceOfNone(PRIOR_RATE, p.base[2]),
        mean: PRIOR_RATE.mean * usual,
      },
      found,
      mats: matsIn(what),
    })
    const here = byDay.get(day) ?? { places: [], found: 0 }
    here.places.push({ rate: p.rate, expected })
    byDay.set(day, { ...here, found: here.found + found })
  })
  return {
    checks,
    began,
    sittings: [...byDay].map(([day, { places, found }]) => ({ day, held: heldOf(places), found })),
  }
}

/** Chances said, by which checks are grouped: from the first edge up to the next, as 1 in so many. */
const EDGES = [0, 1 / 35, 1 / 14, 1 / 8, 1 / 5, 1 / 3, 1] as const
/** Fewer checks than these are no group to speak of (judgement). */
const LEAST_IN_GROUP = 8

/** Checks of which about the same was said. */
export interface Group {
  many: number
  said: number
  like: number
  /** How many of them met anything, and where that share lies four times in five. */
  found: number
  share: number
  likely: [number, number]
}
const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length

/** Said against found, from the least likely to the likeliest. */
export function groupsOf(checks: readonly Said[]): Group[] {
  return EDGES.slice(0, -1).flatMap((edge, i): Group[] => {
    const here = checks.filter((c) => c.any >= edge && c.any < EDGES[i + 1]! + Number(i === EDGES.length - 2))
    if (here.length < LEAST_IN_GROUP) return []
    const found = here.filter((c) => c.found > 0).length
    return [
      {
        many: here.length,
        said: mean(here.map((c) => c.any)),
        like: mean(here.map((c) => c.like.any)),
        found,
        share: found / here.length,
        likely: likelyShare(found, here.length),
      },
    ]
  })
}

/** No chance is so sure that one surprise undoes all. */
const LEAST_CHANCE = 1e-6
const logLoss = (p: number, met: boolean) => -Math.log(Math.max(LEAST_CHANCE, met ? p : 1 - p))

/** How right checks and days were, in sums. */
function sumsOf({ checks, sittings }: Pick<Scored, 'checks' | 'sittings'>): ScoreSums {
  const sum = (of: (c: Said) => number) => checks.reduce((s, c) => s + of(c), 0)
  const err = (p: number, c: Said) => (p - Number(c.found > 0)) ** 2
  return {
    checks: checks.length,
    found: sum((c) => c.found),
    said: sum((c) => c.mean),
    like: sum((c) => c.like.mean),
    brierSaid: sum((c) => err(c.any, c)),
    brierLike: sum((c) => err(c.like.any, c)),
    logSaid: sum((c) => logLoss(c.any, c.found > 0)),
    logLike: sum((c) => logLoss(c.like.any, c.found > 0)),
    held: sittings.reduce((s, d) => s + withinLikely(d.found, d.held), 0),
    sittings: sittings.length,
  }
}
/** @returns null where nothing was scored yet */
export const scoreOf = (scored: Pick<Scored, 'checks' | 'sittings'>): Score | null =>
  scoreFrom([sumsOf(scored)])

/** A forecast that has drifted: since when it was tried, and whether more or fewer come than it says. */
export interface Drift {
  since: Day
  on: Day
  more: boolean
}
/** Whether what is found has left what is said since a stretch's beginning. */
export function driftOf(sittings: readonly Sitting[], since: Day): Drift | null {
  let odds = EVEN
  for (const { day, held, found } of sittings) {
    if (day < since) continue
    odds = oddsAfter(odds, found, held)
    const by = drifted(odds)
    if (by) return { since, on: day, more: by === 'more' }
  }
  return null
}

/** Of one kind of place, left and right together, what was said in all and what was found. */
export interface PlaceScore {
  place: PlaceId
  checks: number
  said: number
  found: number
  /** Where what is found lies four times in five, were it as said. */
  likely: readonly [number, number]
}
/** The places it was held to often enough, those it was furthest out at first. */
export function scoreByPlace(checks: readonly Said[]): PlaceScore[] {
  const by = new Map<PlaceId, Said[]>()
  for (const c of checks) {
    const { place } = regionOf(c.region)
    by.set(place, [...(by.get(place) ?? []), c])
  }
  const out = ({ said, found }: PlaceScore) => Math.abs(found - said) / Math.sqrt(said + LEAST_EXPECTED)
  return [...by]
    .filter(([, here]) => here.length >= LEAST_IN_GROUP)
    .map(([place, here]): PlaceScore => {
      const said = here.reduce((s, c) => s + c.mean, 0)
      return {
        place,
        checks: here.length,
        said,
        found: here.reduce((s, c) => s + c.found, 0),
        // Given what was held of the place each time, the counts stray by chance alone.
        likely: likelyCount({ mean: said, variance: said }),
      }
    })
    .sort((a, b) => out(b) - out(a))
}

/**
 * How right it was of a dog: all told, by what was said, stretch by stretch (the running one last), whether it drifted in
 * this one, and whether the dog was taken in it to have become another.
 */
export function howRight(record: DogRecord, at: Day) {
  const since = (record.began ?? record.profile).since
  const all = scored(record, since, at)
  const { changed } = coatOn(record, at)
  return {
    changed: changed && changed.on >= (all.began.at(-1) ?? since) ? changed : null,
    score: scoreOf(all),
    groups: groupsOf(all.checks),
    places: scoreByPlace(all.checks),
    drift: driftOf(all.sittings, all.began.at(-1) ?? since),
    stretches: all.began.flatMap((from, i) => {
      const to = all.began[i + 1]
      const within = ({ day }: { day: Day }) => day >= from && (!to || day < to)
      const score = scoreOf({ checks: all.checks.filter(within), sittings: all.sittings.filter(within) })
      return score ? [{ from, score }] : []
    }),
  }
}
export type HowRight = ReturnType<typeof howRight>

const wholeOf = (record: DogRecord, at: Day) => scored(record, (record.began ?? record.profile).since, at)
/** How right it was of one dog, to a hundredth, to be kept and added to others'. */
export function rightOf(record: DogRecord, at: Day): ScoreSums {
  const sums = sumsOf(wholeOf(record, at))
  for (const of of Object.keys(sums) as (keyof ScoreSums)[]) sums[of] = Math.round(100 * sums[of]) / 100
  return sums
}
/** How right it was of several dogs together, each day of each dog a sitting of its own. */
export const howRightTogether = (records: readonly DogRecord[], at: Day): Score | null =>
  scoreFrom(records.map((r) => sumsOf(wholeOf(r, at))))
