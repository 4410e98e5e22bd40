import { changesCoat, exposureOf, shedsIn } from '../coat/exposure'
import type { CoatType } from '../coat/coat-types'
import type { DayExposure } from '../coat/exposure'
import { REGIONS } from '../coat/regions'
import type { Cover, Region } from '../coat/regions'
import { UNDER } from '../learn/causes'
import type { Under } from '../learn/causes'
import { monthOf, monthsOld } from './day'
import type { Day } from './day'
import type { FactOf } from './entries'
import { garmentHours } from './garments'
import type { Profile } from './profile'

/** A collar counts once it is on for most of the waking and sleeping day (judgement). */
const ALL_DAY_HOURS = 12
/** Worn less than this on a day, gear tells nothing of what it does (judgement). */
const LEAST_WORN_HOURS = 1

/** What covers places, each list once; places of one list are exposed alike. */
const COVER_LISTS: readonly (readonly Cover[])[] = [...new Set(REGIONS.map((r) => r.covers))]
/** Which list of covers a place has. */
export const coverListOf = (region: Region): number => COVER_LISTS.indexOf(region.covers)

/** How much more than at rest places knot on a day, in the order of those lists, and by what. */
export interface Exposures {
  general: Omit<DayExposure, 'wet'>
  dry: readonly number[]
  wet: readonly number[]
  under: readonly Under[]
}

/** What places are under on a day, wetting apart, as the dog usually lives but for the gear given. */
function underOn(covers: readonly Cover[], day: Omit<DayExposure, 'wet'>): Under {
  const worn = (cover: Cover, hours: number) => covers.includes(cover) && hours >= LEAST_WORN_HOURS
  return (
    (worn('harness', day.harnessHours) ? UNDER.harness : 0) |
    (day.collar && covers.includes('collar') ? UNDER.collar : 0) |
    (worn('coat', day.coatHours) ? UNDER.coat : 0) |
    (day.shedding ? UNDER.shed : 0) |
    (day.puppyChange ? UNDER.puppy : 0)
  )
}

const alike = (a: Exposures['general'], b: Exposures['general']) =>
  a.harnessHours === b.harnessHours &&
  a.collar === b.collar &&
  a.coatHours === b.coatHours &&
  a.shedding === b.shedding &&
  a.puppyChange === b.puppyChange
/** Worked out lately: a jumper on some days, and none on others. */
const KEPT = 8
const lately: Exposures[] = []

/** @param before the day before's: most days are like it, and it is given back as it was */
export function exposuresOn(
  profile: Profile,
  coat: CoatType,
  gear: readonly FactOf<'gear'>[],
  day: Day,
  before: Exposures | null,
): Exposures {
  const worn = (g: string, usual: number) => gear.find((x) => x.gear === g)?.hours ?? usual
  const general: Omit<DayExposure, 'wet'> = {
    harnessHours: worn('harness', profile.harnessHours),
    collar: worn('collar', profile.collarAllDay ? 24 : 0) >= ALL_DAY_HOURS,
    coatHours: worn('coat', garmentHours(profile, monthOf(day))),
    shedding: shedsIn(coat, monthOf(day), profile.hemisphere),
    puppyChange: changesCoat(coat, monthsOld(profile.born, day)),
  }
  if (before && alike(before.general, general)) return before
  const known = lately.find((e) => alike(e.general, general))
  if (known) return known
  const times = (wet: boolean) => COVER_LISTS.map((covers) => exposureOf({ covers }, { ...general, wet }))
  const now = {
    general,
    dry: times(false),
    wet: times(true),
    under: COVER_LISTS.map((covers) => underOn(covers, general)),
  }
  lately.unshift(now)
  lately.length = Math.min(lately.length, KEPT)
  return now
}
