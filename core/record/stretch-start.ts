import type { Day } from './day'
import { assess } from './fold'
import type { DogRecord } from './fold'

/** First day of the running stretch: the last visit on or before `at`, else the record's first day. */
export function stretchStart(record: DogRecord, at: Day): Day {
  return assess(record, at).visitOn ?? record.profile.since
}
