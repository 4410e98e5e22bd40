import type { Day } from '../record/day'
import { addDays, daysBetween } from '../record/day'
import type { DogRecord } from '../record/fold'
import { habitsOf } from '../record/habits'
import type { Ground } from '../record/habits'
import { timeline } from '../record/timeline'
import { isVisit, visitDid } from '../record/visits'
import type { NailsDid } from '../record/nails-did'
import { nailsDid } from '../record/tidied'

/** Looked at, and a sliver off long ones so that the quick draws back, days (common practice). */
const LOOK_DAYS = 8
const SLIVER_DAYS = 4
/** Days between trims: where hard ground wears them three to four weeks (memory), else at every look. */
const TRIM_DAYS: Record<Ground, number> = { hard: 24, soft: LOOK_DAYS }

/** The days of the next slivers, once a sliver was taken: one every few days until they are short. */
export const sliverDays = (first: Day, count: number): Day[] =>
  Array.from({ length: count }, (_, i) => addDays(first, i * SLIVER_DAYS))

/**
 * When the nails come next, and for what: a sliver in four days while they are being shortened, else a
 * look in eight, with a trim once it has been long enough since the last.
 */
export function nailsNext(record: DogRecord, at: Day): { day: Day; did: NailsDid; slivers: number } {
  const done = timeline(record.entries).filter(
    (f) => f.day <= at && f.what.kind === 'tidy' && f.what.tidy === 'nails',
  )
  let slivers = 0
  for (const f of [...done].reverse()) {
    if (f.what.kind !== 'tidy' || nailsDid(f.what) !== 'sliver') break
    slivers++
  }
  const last = done.at(-1)?.day ?? null
  const trimmed =
    timeline(record.entries)
      .filter(
        (f) =>
          f.day <= at &&
          ((f.what.kind === 'tidy' && f.what.tidy === 'nails' && nailsDid(f.what) === 'trimmed') ||
            (isVisit(f.what) && visitDid(f.what, 'nails'))),
      )
      .at(-1)?.day ?? record.profile.since
  const next = last ? addDays(last, slivers ? SLIVER_DAYS : LOOK_DAYS) : at
  const day = next < at ? at : next
  const every = TRIM_DAYS[habitsOf(record.profile).ground]
  const did = slivers ? 'sliver' : daysBetween(trimmed, day) >= every ? 'trimmed' : 'looked'
  return { day, did, slivers }
}
