import { timesLike } from '../learn/coats-like'
import { COATS } from '../coat/coat-types'
import {
  changesCoat,
  COLLAR_FACTOR,
  garmentFactor,
  harnessFactor,
  PUPPY_FACTOR,
  SHED_FACTOR,
  shedsIn,
  WET_FACTOR,
} from '../coat/exposure'
import { knotRate, lengthFactor } from '../coat/knots'
import { regionOf } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { sizeFactor } from '../coat/size'
import { rateInterval } from '../learn/rate'
import { dayOf, monthOf, monthsOld } from './day'
import type { Day } from './day'
import type { Comfort, Finding } from './findings'
import type { Coat } from './coat'
import { garmentHours } from './garments'
import type { DogRecord } from './fold'
import { asCauses, timesUnder, UNDER } from '../learn/causes'
import type { Cause } from '../learn/causes'
import { timeline } from './timeline'

/** One of the things that make a place knot as fast as it does today: how many times it multiplies. */
export interface Factor {
  what: 'length' | 'harness' | 'collar' | 'garment' | 'wet' | 'shedding' | 'puppy' | 'learned'
  times: number
}

/** What a place's odds are made of. */
export interface Story {
  /** Knots begun a day here on a dog of this coat and size at 25 mm, nothing rubbing. */
  base: number
  /** In the order they are multiplied; those that change nothing are left out. */
  factors: Factor[]
  /** Knots begun a day here now: the base times all of them. */
  now: number
  learned: {
    /** Knots counted at the checks, and how many a coat like this would have had. */
    count: number
    expected: number
    /** θ lies within these four times in five. */
    interval: [number, number]
    /** Whether that is yet more than what every such coat is held to be. */
    telling: boolean
  }
  /** Its checks, newest first. */
  checks: { day: Day; finding: Finding; comfort: Comfort | undefined }[]
}

/** The story of a place on the coat's day; null for one the dog has not got. */
export function storyOf(record: DogRecord, coat: Coat, id: RegionId): Story | null {
  const place = coat.places.find((p) => p.id === id)
  if (!place) return null
  const { profile } = coat
  const region = regionOf(id)
  const type = COATS[profile.coat]
  const day = dayOf(coat.today)
  const base = timesLike(profile, region.class) * knotRate(type, sizeFactor(profile.weightKg), region, 25)
  /** What a cause is for this dog, where it acts. */
  const as = (cause: Cause, times: number) =>
    times === 1 ? 1 : times * timesUnder(coat.causes, UNDER[cause])
  const all: Factor[] = [
    { what: 'length', times: lengthFactor(place.mm) },
    {
      what: 'harness',
      times: region.covers.includes('harness') ? as('harness', harnessFactor(profile.harnessHours)) : 1,
    },
    {
      what: 'collar',
      times: profile.collarAllDay && region.covers.includes('collar') ? as('collar', COLLAR_FACTOR) : 1,
    },
    {
      what: 'garment',
      times: region.covers.includes('coat')
        ? as('coat', garmentFactor(garmentHours(profile, monthOf(day))))
        : 1,
    },
    {
      what: 'wet',
      times: place.wetTo !== null && place.wetTo >= day && place.wetBy ? as(place.wetBy, WET_FACTOR) : 1,
    },
    {
      what: 'shedding',
      times: shedsIn(type, monthOf(day), profile.hemisphere) ? as('shed', SHED_FACTOR) : 1,
    },
    { what: 'puppy', times: changesCoat(type, monthsOld(profile.born, day)) ? as('puppy', PUPPY_FACTOR) : 1 },
    { what: 'learned', times: place.rate.mean },
  ]
  const interval = rateInterval(place.rate)
  return {
    base,
    factors: all.filter((f) => f.what === 'length' || f.what === 'learned' || f.times !== 1),
    now: all.reduce((product, f) => product * f.times, base),
    learned: {
      count: place.seen.count,
      expected: asCauses(place.seen, coat.causes).exposure,
      interval,
      telling: interval[0] > 1 || interval[1] < 1,
    },
    checks: timeline(record.entries)
      .flatMap(({ day: on, what }) =>
        what.kind === 'check' && what.region === id && on <= day
          ? [{ day: on, finding: what.finding, comfort: what.comfort }]
          : [],
      )
      .reverse(),
  }
}
