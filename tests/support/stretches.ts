import { randomGamma, randomLcg } from 'd3-random'
import fc from 'fast-check'
import { COATS } from '../../core/coat/coat-types'
import type { CoatId } from '../../core/coat/coat-types'
import { addDays, weekday } from '../../core/record/day'
import { coatOn } from '../../core/record/fold'
import { CARE_UNITS, careUnits } from '../../core/due/care-units'
import { combedFirst } from '../../core/record/care-parts'
import { regionOf } from '../../core/coat/regions'
import { outlookOf } from '../../core/plan/outlook'
import { problemOf } from '../../core/plan/problem'
import type { Instance } from '../../core/plan/best/instance'
import { dog } from './dogs'

export interface Asked {
  days: number
  /** Minutes on weekdays and on Saturday; none on Sunday. */
  weekday: number
  saturday: number
  seed: number
  /** How many of the forty-one regions, all by default. */
  regions?: number
  coat?: CoatId
  matWorth?: number
  /** Share of the regions that are refused; a tenth by default. */
  refused?: number
  /** Care has its minutes in it, and at least ten kinds of it fall due. */
  care?: boolean
}

/** Any small stretch, for properties. */
export const ANY_STRETCH = fc.record({
  days: fc.integer({ min: 1, max: 30 }),
  weekday: fc.integer({ min: 0, max: 40 }),
  saturday: fc.integer({ min: 0, max: 90 }),
  seed: fc.integer({ min: 1, max: 90 }),
  regions: fc.integer({ min: 1, max: 14 }),
  care: fc.boolean(),
})

/**
 * A stretch to be planned, made up from a seed: a dog whose places knot as readily as the priors say
 * places may, each region by itself, a tenth of them refused, clipped to 20 mm on the first day.
 */
export function stretchOf(asked: Asked): Instance {
  const random = randomLcg(asked.seed / 97)
  const theta = randomGamma.source(random)(6, 1 / 6)
  const { coat = 'wool-cross' } = asked
  const from = '2026-05-04'
  const record = dog({ coat, since: from, harnessHours: random() < 0.5 ? 2 : 0 }, 20)
  const outlook = outlookOf(coatOn(record, from), addDays(from, asked.days))
  const shuffled = outlook.places
    .map((_, i) => ({ i, at: random() }))
    .sort((a, b) => a.at - b.at)
    .slice(0, asked.regions ?? outlook.places.length)
  const units = shuffled.map(({ i }) => ({
    places: [i],
    rates: [theta()],
    uncombed: 0,
    spaced: (random() < (asked.refused ?? 0.1) ? 1 : 0) as 0 | 1,
  }))
  const share = (asked.regions ?? outlook.places.length) / outlook.places.length
  const limits = Array.from({ length: asked.days }, (_, d) => {
    const w = weekday(addDays(from, d))
    const minutes = w === 5 ? asked.saturday : w === 6 ? 0 : asked.weekday
    // Fewer places, fewer minutes, so that they press as hard.
    return minutes && 4 + (minutes - 4) * share
  })
  const now = coatOn(record, from)
  // Groomed on the first day; looks were last taken at other times.
  const care = asked.care
    ? careUnits(
        { ...record, profile: { ...record.profile, habits: { setting: 'scissors', dryer: 'forced' } } },
        now,
      ).map((c) => ({
        ...c,
        since: Math.floor(random() * 0.8 * c.every),
        hurts: CARE_UNITS[c.unit].hurts,
        refused: false,
        needs: units.flatMap((unit, i) =>
          c.unit === 'bath' ||
          combedFirst(c.parts).some((p) => p === regionOf(outlook.places[unit.places[0]!]!.id).place)
            ? [i]
            : [],
        ),
        minutes: c.minutes * share,
        firstMinutes: c.minutes * share,
        drying: c.drying * share,
        wantsClean: false,
      }))
    : []
  return problemOf(outlook, units, {
    care,
    limits,
    sitting: Infinity,
    matWorth: asked.matWorth ?? 150,
    ceilingDays: COATS[coat].ceilingDays,
    endsInVisit: true,
  }).instance
}

/** The five weeks and three seeds the planner is held to. */
export const WEEKS = [
  [12, 40],
  [6, 40],
  [30, 90],
  [12, 12],
  [6, 12],
] as const
export const SEEDS = [1, 2, 3] as const
