import type { Day } from './day'
import type { DogRecord } from './fold'
import { timeline } from './timeline'
import { endsStretch } from './visits'

/** The day the running stretch began: the last visit's, or the record's first. Of the entries the visits, and what puts them right, will do. */
export function stretchStart(record: DogRecord, at: Day): Day {
  let last: Day | null = null
  for (const { day, what } of timeline(record.entries)) {
    if (day > at) break
    if (endsStretch(what)) last = day
  }
  return last ?? record.profile.since
}
