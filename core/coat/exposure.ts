import type { CoatType } from './coat-types'
import type { Region } from './regions'

/** What makes a place knot faster on a day. Each factor is judgement. */
export interface DayExposure {
  /** Hours the harness was on that day. */
  harnessHours: number
  /** Collar on all day. */
  collar: boolean
  /** Hours a coat or jumper was worn that day. */
  coatHours: number
  /** The place is wet, or was yesterday, and was not combed dry. */
  wet: boolean
  /** The coat is shedding by season. */
  shedding: boolean
  /** The puppy coat is changing to the adult one. */
  puppyChange: boolean
}

const HARNESS_PER_HOUR = 0.25
const HARNESS_MOST = 3
export const COLLAR_FACTOR = 1.5
const GARMENT_FACTOR = 2
/** Hours from which a garment rubs as one worn all day does (judgement). */
const GARMENT_FULL_HOURS = 8
export const WET_FACTOR = 3
export const SHED_FACTOR = 1.8
export const PUPPY_FACTOR = 2
/** Days a wetting counts: that day and the next. */
export const WET_DAYS = 2

/** What a coat or jumper does to what it covers, by the hours it is on: two hours are not a day. */
export const garmentFactor = (hours: number) =>
  1 + (GARMENT_FACTOR - 1) * Math.min(1, hours / GARMENT_FULL_HOURS)
export const harnessFactor = (hours: number) => Math.min(HARNESS_MOST, 1 + HARNESS_PER_HOUR * hours)

/** Product of the day's factors for one place; 1 when nothing rubbed or wetted it. */
export function exposureOf(region: Pick<Region, 'covers'>, day: DayExposure): number {
  let product = 1
  if (region.covers.includes('harness')) product *= harnessFactor(day.harnessHours)
  if (day.collar && region.covers.includes('collar')) product *= COLLAR_FACTOR
  if (region.covers.includes('coat')) product *= garmentFactor(day.coatHours)
  if (day.wet) product *= WET_FACTOR
  if (day.shedding) product *= SHED_FACTOR
  if (day.puppyChange) product *= PUPPY_FACTOR
  return product
}

export type Hemisphere = 'north' | 'south' | 'none'
const NORTHERN_SHED_MONTHS = [3, 4, 5, 9, 10, 11]

/**
 * Whether a coat that sheds by season sheds in this month (1 to 12): spring and autumn. The same six
 * months serve both halves of the world, spring there being autumn here; `none` is near the equator,
 * or where the owner says there is no season.
 */
export function shedsIn(coat: CoatType, month: number, hemisphere: Hemisphere): boolean {
  return coat.sheds && hemisphere !== 'none' && NORTHERN_SHED_MONTHS.includes(month)
}

/** Puppy-to-adult coat change, months of age (memory). */
const PUPPY_CHANGE_MONTHS = [6, 14] as const
export function changesCoat(coat: CoatType, ageMonths: number | null): boolean {
  if (!coat.puppyChange || ageMonths === null) return false
  return ageMonths >= PUPPY_CHANGE_MONTHS[0] && ageMonths <= PUPPY_CHANGE_MONTHS[1]
}
