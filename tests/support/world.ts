import { randomGamma, randomLcg, randomNormal } from 'd3-random'
import { COATS } from '../../core/coat/coat-types'
import { garmentFactor, harnessFactor, WET_FACTOR } from '../../core/coat/exposure'
import { knotRate } from '../../core/coat/knots'
import { REGIONS } from '../../core/coat/regions'
import type { Region, RegionId } from '../../core/coat/regions'
import { sizeFactor } from '../../core/coat/size'
import type { Cause } from '../../core/learn/causes'
import { addDays, weekday } from '../../core/record/day'
import type { Entry, FactOf } from '../../core/record/entries'
import type { DogRecord } from '../../core/record/fold'
import { entry, profile, visit } from './dogs'

/**
 * A world richer than the model: knots that tighten by a Gamma clock and not an exponential one, dogs and places that
 * differ more than the priors say, rain in spells, a comb that misses, and causes that differ from dog to dog. What
 * is asked of forecasts is asked in it.
 */
export interface WorldTerms {
  seed: number
  weeks: number
  /** Spread of ln η of every cause between dogs. */
  causes: number
}

/** How widely dogs and their places differ, sd of ln (judgement; the model has 0.41 and 0.58). */
const DOGS_DIFFER = 0.5
const PLACES_DIFFER = 0.7
/** Shape of the time a knot takes from stage to stage: less spread than an exponential. */
const CLOCK_SHAPE = 2
/** A knot in so many is missed by the comb. */
const MISSED = 1 / 12
/** Chance that a dry day is followed by a wet one, and a wet one by another. */
const RAIN = { begins: 0.1, goesOn: 0.6 }
const SWIMS = 1 / 9
const START = '2026-02-02'
const BODY_MM = 22
const GROWS = 0.35
const HARNESS_HOURS = 3
const COAT_HOURS = 4

interface Knot {
  born: number
  /** Days from its birth at which it is a tight knot, and a mat. */
  tight: number
  mat: number
}
export interface WorldDog {
  record: DogRecord
  /** The day after the last: a full session is to come. */
  to: string
  /** What is in each place that morning, and what is expected of it by one who knows the dog exactly. */
  there: Map<RegionId, { found: number; mats: number; exact: number }>
  /** How many times the type's own factor each cause is. */
  times: Record<Cause, number>
}

export function worldDog({ seed, weeks, causes }: WorldTerms): WorldDog {
  const random = randomLcg((seed * 0.6180339887498949) % 1)
  const normal = randomNormal.source(random)(0, 1)
  const gamma = randomGamma.source(random)(CLOCK_SHAPE, 1 / CLOCK_SHAPE)
  const mean1 = (sd: number) => Math.exp(sd * normal() - (sd * sd) / 2)
  const phi = mean1(DOGS_DIFFER)
  const theta = new Map(REGIONS.map((r) => [r.id, phi * mean1(PLACES_DIFFER)]))
  const usual = { harness: 1, collar: 1, coat: 1, rain: 1, swim: 1, grass: 1, bath: 1, shed: 1, puppy: 1 }
  const times = Object.fromEntries(Object.keys(usual).map((c) => [c, mean1(causes)])) as Record<Cause, number>
  const harness = seed % 2 === 0
  const dog = profile({
    name: `Dog ${String(seed)}`,
    since: START,
    harnessHours: harness ? HARNESS_HOURS : 0,
    collarAllDay: seed % 3 === 0,
    minutes: [15, 15, 15, 15, 15, 60, 0],
  })
  const coat = COATS[dog.coat]
  const mu = coat.tighteningPerDay
  const entries: Entry[] = [visit(START, dog.coat, BODY_MM)]
  const inside = new Map<RegionId, Knot[]>(REGIONS.map((r) => [r.id, []]))
  /** Expected in each place by one who knows the dog: what the comb misses is expected too. */
  const exact = new Map<RegionId, number>(REGIONS.map((r) => [r.id, 0]))
  const wet = new Map<RegionId, { to: number; by: 'rain' | 'swim' }>()
  const lengths = entries[0]!.what as FactOf<'visit'>
  let rains = false
  const days = weeks * 7

  const poisson = (mean: number) => {
    let [n, p] = [0, Math.exp(-mean)]
    let u = random()
    while (u > p && n < 60) {
      u -= p
      n += 1
      p *= mean / n
    }
    return n
  }
  const comb = (day: number, region: Region): FactOf<'check'> => {
    const here = inside.get(region.id)!
    const met = here.filter(() => random() >= MISSED)
    inside.set(
      region.id,
      here.filter((k) => !met.includes(k)),
    )
    exact.set(region.id, exact.get(region.id)! * MISSED)
    if (!met.length) return { kind: 'check', region: region.id, finding: 'glides' }
    const worst = Math.max(...met.map((k) => (day - k.born >= k.mat ? 2 : day - k.born >= k.tight ? 1 : 0)))
    return {
      kind: 'check',
      region: region.id,
      finding: (['snag', 'knot', 'mat'] as const)[worst]!,
      count: met.length,
      out: met.length,
    }
  }

  for (let d = 0; d < days; d++) {
    const on = addDays(START, d)
    const w = weekday(on)
    // Everything on Saturdays; the hot places on Tuesdays.
    for (const r of REGIONS) {
      const hot = r.class === 'hot'
      if (d > 0 && (w === 5 || (w === 1 && hot))) {
        entries.push(entry(on, comb(d, r), { time: '18:00' }))
        wet.delete(r.id)
      }
    }
    rains = random() < (rains ? RAIN.goesOn : RAIN.begins)
    const soaks = rains && random() < 0.7 ? 'rain' : random() < SWIMS ? 'swim' : null
    if (soaks) {
      entries.push(entry(on, { kind: 'wet', how: soaks, combedDry: false }, { time: '19:00' }))
      for (const r of REGIONS) if (r.covers.includes(soaks)) wet.set(r.id, { to: d + 1, by: soaks })
    }
    const jumper = random() < 0.25
    if (jumper) entries.push(entry(on, { kind: 'gear', gear: 'coat', hours: COAT_HOURS }, { time: '08:00' }))
    for (const r of REGIONS) {
      const mm = (lengths.lengths[r.part] ?? BODY_MM) + GROWS * d
      let rate = theta.get(r.id)! * knotRate(coat, sizeFactor(dog.weightKg), r, mm)
      if (harness && r.covers.includes('harness')) rate *= harnessFactor(HARNESS_HOURS) * times.harness
      if (dog.collarAllDay && r.covers.includes('collar')) rate *= 1.5 * times.collar
      if (jumper && r.covers.includes('coat')) rate *= garmentFactor(COAT_HOURS) * times.coat
      const soaked = wet.get(r.id)
      if (soaked && soaked.to >= d) rate *= WET_FACTOR * times[soaked.by]
      exact.set(r.id, exact.get(r.id)! + rate)
      for (let n = poisson(rate); n > 0; n--) {
        const tight = gamma() / mu
        inside.get(r.id)!.push({ born: d + random(), tight, mat: tight + gamma() / mu })
      }
    }
  }
  return {
    record: { profile: dog, entries },
    to: addDays(START, days),
    times,
    there: new Map(
      REGIONS.map((r) => {
        const met = inside.get(r.id)!.filter(() => random() >= MISSED)
        return [
          r.id,
          {
            found: met.length,
            mats: met.filter((k) => days - k.born >= k.mat).length,
            exact: exact.get(r.id)! * (1 - MISSED),
          },
        ]
      }),
    ),
  }
}
