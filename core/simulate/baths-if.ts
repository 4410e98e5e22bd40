import { careTakes, dryingTakes } from '../due/care-minutes'
import type { Dryer } from '../coat/drying'
import { dayOf } from '../record/day'
import type { Coat } from '../record/coat'
import type { DogRecord } from '../record/fold'

/** Baths as they might be between two visits. */
export interface BathSettings {
  /** Weeks from one to the next. */
  every: number
  dryer: Dryer
}
export interface BathMinutes {
  /** How many fall between two visits, on average. */
  times: number
  /** Minutes of one, and how many of those are drying; the combing before it is the week's own. */
  each: number
  drying: number
  /** All of them, minutes a stretch. */
  minutes: number
}

/** What baths come to between two visits so many weeks apart, for this dog as it dries. */
export function bathMinutes(
  record: DogRecord,
  coat: Coat,
  { every, dryer }: BathSettings,
  weeks: number,
): BathMinutes {
  const drying = dryingTakes(coat, dryer)
  const each = careTakes(record, 'bath', dayOf(coat.today)).now + drying
  const times = weeks / every
  return { times, each, drying, minutes: times * each }
}
