import { randomGamma, randomLcg, randomNormal } from 'd3-random'
import { COATS } from '../../core/coat/coat-types'
import { COLLAR_FACTOR, garmentFactor, harnessFactor, WET_DAYS, WET_FACTOR } from '../../core/coat/exposure'
import { knotRate } from '../../core/coat/knots'
import { REGIONS } from '../../core/coat/regions'
import type { KnotClass, Region, RegionId } from '../../core/coat/regions'
import { sizeFactor } from '../../core/coat/size'
import { CAUSES } from '../../core/learn/causes'
import type { Cause } from '../../core/learn/causes'
import { TENDER_TIMES } from '../../core/plan/problem'
import { addDays, weekday } from '../../core/record/day'
import type { Entry, FactOf } from '../../core/record/entries'
import type { DogRecord } from '../../core/record/fold'
import { entry, profile, visit } from './dogs'
import { aDayOn, CLOCK_SHAPE, mattedOf, NO_STEPS } from './world-clock'
import type { Steps } from './world-clock'

/**
 * A world richer than the model: knots that tighten by a Gamma clock and not an exponential one, dogs and places that
 * differ more than the priors say, rain in spells, a comb that misses, and causes that differ from dog to dog. What
 * is asked of forecasts and of plans is asked in it. The luck of a dog is the same whatever is done with it.
 */
export interface WorldTerms {
  seed: number
  /** Spread of ln η of every cause between dogs. */
  causes: number
  /** From a day on the dog knots so many times as readily: a coat that changes, another brush, another harness. */
  becomes?: { from: number; times: number }
  /** Times what is taken of coats like it that such coats knot, by class of place. */
  classes?: Partial<Record<KnotClass, number>>
  /** A knot in so many is missed by the comb; one in twelve unless told. */
  misses?: number
  /** Minutes the owner has from Monday to Sunday. */
  minutes?: readonly number[]
}

/** How widely dogs and their places differ, sd of ln (judgement; the model has 0.41 and 0.58). */
const DOGS_DIFFER = 0.5
const PLACES_DIFFER = 0.7
/** Share of knots that the comb misses, where a world says nothing of it. */
const MISSED = 1 / 12
/** Chance that a dry day is followed by a wet one, and a wet one by another; that it soaks; of a swim else. */
const RAIN = { begins: 0.1, goesOn: 0.6, soaks: 0.7 }
const SWIMS = 1 / 9
const JUMPERS = 1 / 4
const BODY_MM = 22
const GROWS = 0.35
const HARNESS_HOURS = 3
const COAT_HOURS = 4
/** Minutes from Monday to Sunday, where a world says nothing of them. */
const MINUTES = [15, 15, 15, 15, 15, 60, 0]
export const WORLD_BEGINS = '2026-02-02'

interface Knot {
  born: number
  /** Days after its birth at which it is a tight knot, and a mat. */
  tight: number
  mat: number
  /** Its luck under the comb. */
  random: () => number
}
const seeded = (...of: number[]) =>
  randomLcg(of.reduce((h, n) => (h * 0.6180339887498949 + n * 0.7548776662466927) % 1, 0.31))

/** A dog of that world, lived a day at a time: `comb` what is combed of the day, then `passDay`. */
export class World {
  readonly record: DogRecord & { entries: Entry[] }
  readonly times: Record<Cause, number>
  /** Mats that were to form, by when a comb was where: as one who knows the dog expects, and not the luck of one draw. */
  mats = 0
  /** The same, one in a tender place counted for as much more as it is worth. */
  matsByWorth = 0
  private day = 0
  private rains = false
  private readonly weather: () => number
  /** Times the type's own that each place knots. */
  readonly theta: Map<RegionId, number>
  private readonly missed: number
  private readonly inside = new Map<RegionId, Knot[]>(REGIONS.map((r) => [r.id, []]))
  /** Expected in each place by one who knows the dog: what the comb misses is expected too. */
  private readonly expected = new Map<RegionId, number>(REGIONS.map((r) => [r.id, 0]))
  private readonly steps = new Map<RegionId, Steps>(REGIONS.map((r) => [r.id, NO_STEPS]))
  private readonly wet = new Map<RegionId, { to: number; by: 'rain' | 'swim' }>()

  constructor(private readonly terms: WorldTerms) {
    const { seed, causes } = terms
    this.missed = terms.misses ?? MISSED
    const random = seeded(seed)
    const normal = randomNormal.source(random)(0, 1)
    const mean1 = (sd: number) => Math.exp(sd * normal() - (sd * sd) / 2)
    const phi = mean1(DOGS_DIFFER)
    this.theta = new Map(REGIONS.map((r) => [r.id, phi * mean1(PLACES_DIFFER)]))
    this.times = Object.fromEntries(CAUSES.map((c) => [c, mean1(causes)])) as Record<Cause, number>
    this.weather = seeded(seed, 1)
    const dog = profile({
      name: `Dog ${String(seed)}`,
      since: WORLD_BEGINS,
      harnessHours: seed % 2 ? 0 : HARNESS_HOURS,
      collarAllDay: seed % 3 === 0,
      minutes: [...(terms.minutes ?? MINUTES)],
    })
    this.record = { profile: dog, entries: [visit(WORLD_BEGINS, dog.coat, BODY_MM)] }
  }
  get on() {
    return addDays(WORLD_BEGINS, this.day)
  }
  private write(what: Entry['what'], time: string) {
    this.record.entries.push(entry(this.on, what, { time }))
  }

  /** The comb goes through a place. @returns what it met by stage: tangles, knots, mats */
  comb(id: RegionId): [number, number, number] {
    const here = this.inside.get(id)!
    const met = here.filter((k) => k.random() >= this.missed)
    this.inside.set(
      id,
      here.filter((k) => !met.includes(k)),
    )
    this.expected.set(id, this.expected.get(id)! * this.missed)
    this.steps.set(
      id,
      this.steps.get(id)!.map((n) => n * this.missed),
    )
    this.wet.delete(id)
    const by: [number, number, number] = [0, 0, 0]
    for (const k of met) by[this.stageOf(k)] += 1
    const worst = by[2] ? 'mat' : by[1] ? 'knot' : 'snag'
    const count = met.length
    this.write(
      count
        ? { kind: 'check', region: id, finding: worst, count, out: count }
        : { kind: 'check', region: id, finding: 'glides' },
      '18:00',
    )
    return by
  }
  private stageOf = ({ born, tight, mat }: Knot) =>
    this.day - born >= mat ? 2 : this.day - born >= tight ? 1 : 0

  /** The day's weather, what is worn, and the knots of the day. */
  passDay() {
    const { record, weather, terms } = this
    const { profile: dog } = record
    const [goesOn, soaks, swims, dressed] = [weather(), weather(), weather(), weather()]
    this.rains = goesOn < (this.rains ? RAIN.goesOn : RAIN.begins)
    const by = this.rains && soaks < RAIN.soaks ? 'rain' : swims < SWIMS ? 'swim' : null
    if (by) {
      this.write({ kind: 'wet', how: by, combedDry: false }, '19:00')
      for (const r of REGIONS)
        if (r.covers.includes(by)) this.wet.set(r.id, { to: this.day + WET_DAYS - 1, by })
    }
    const jumper = dressed < JUMPERS
    if (jumper) this.write({ kind: 'gear', gear: 'coat', hours: COAT_HOURS }, '08:00')
    REGIONS.forEach((r, n) => {
      const rate = this.rateOf(r, dog, jumper)
      this.expected.set(r.id, this.expected.get(r.id)! + rate)
      const random = seeded(terms.seed, 2 + n, this.day + 1)
      const { tighteningPerDay } = COATS[dog.coat]
      const before = this.steps.get(r.id)!
      const steps = aDayOn(before, rate, tighteningPerDay)
      this.steps.set(r.id, steps)
      const mats = mattedOf(steps) - mattedOf(before)
      this.mats += mats
      this.matsByWorth += mats * (r.tender ? TENDER_TIMES : 1)
      const clock = randomGamma.source(random)(CLOCK_SHAPE, 1 / CLOCK_SHAPE / tighteningPerDay)
      // By the same luck more are born where more are to be expected.
      let [left, p, born] = [random(), Math.exp(-rate), 0]
      while (left > p && born < 60) {
        left -= p
        born += 1
        p *= rate / born
      }
      for (; born > 0; born--) {
        const tight = clock()
        this.inside.get(r.id)!.push({
          born: this.day + random(),
          tight,
          mat: tight + clock(),
          random: seeded(terms.seed, 2 + n, this.day + 1, born),
        })
      }
    })
    this.day += 1
  }
  private rateOf(r: Region, dog: DogRecord['profile'], jumper: boolean): number {
    const { times } = this
    const first = this.record.entries[0]!.what as FactOf<'visit'>
    const mm = (first.lengths[r.part] ?? BODY_MM) + GROWS * this.day
    const { becomes } = this.terms
    const now = becomes && this.day >= becomes.from ? becomes.times : 1
    const truly = now * (this.terms.classes?.[r.class] ?? 1)
    let rate = truly * this.theta.get(r.id)! * knotRate(COATS[dog.coat], sizeFactor(dog.weightKg), r, mm)
    if (dog.harnessHours && r.covers.includes('harness'))
      rate *= harnessFactor(dog.harnessHours) * times.harness
    if (dog.collarAllDay && r.covers.includes('collar')) rate *= COLLAR_FACTOR * times.collar
    if (jumper && r.covers.includes('coat')) rate *= garmentFactor(COAT_HOURS) * times.coat
    const soaked = this.wet.get(r.id)
    return soaked && soaked.to >= this.day ? rate * WET_FACTOR * times[soaked.by] : rate
  }

  /** A groomer goes through all of it, finds all there is, and cuts nothing. */
  groomed() {
    const found = [...this.inside].flatMap(([region, knots]): FactOf<'visit'>['found'] =>
      knots.length
        ? [
            {
              region,
              finding: knots.some((k) => this.stageOf(k) === 2) ? 'mat' : 'snag',
              count: knots.length,
            },
          ]
        : [],
    )
    for (const { id } of REGIONS) {
      this.inside.set(id, [])
      this.expected.set(id, 0)
      this.steps.set(id, NO_STEPS)
      this.wet.delete(id)
    }
    this.write({ kind: 'visit', lengths: {}, found }, '10:00')
  }

  /** What a comb would meet in each place, and what one who knows the dog exactly expects of it. */
  there(): Map<RegionId, { found: number; exact: number }> {
    return new Map(
      REGIONS.map((r) => [
        r.id,
        {
          found: this.inside.get(r.id)!.filter((k) => k.random() >= this.missed).length,
          exact: this.expected.get(r.id)! * (1 - this.missed),
        },
      ]),
    )
  }
}

/** A dog combed all over on Saturdays and at its hot places on Tuesdays, for so many weeks; a full session is to come. */
export function combedWeekly(terms: WorldTerms, weeks: number): World {
  const world = new World(terms)
  for (let d = 0; d < weeks * 7; d++) {
    const w = weekday(world.on)
    if (d > 0) for (const r of REGIONS) if (w === 5 || (w === 1 && r.class === 'hot')) world.comb(r.id)
    world.passDay()
  }
  return world
}
