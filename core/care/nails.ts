import type { Day } from '../record/day'
import { addDays } from '../record/day'
import type { DogRecord } from '../record/fold'
import { timeline } from '../record/timeline'
import type { NailsDid } from './nails-did'

/** Looked at, and a sliver off long ones so that the quick draws back, days (common practice). */
const LOOK_DAYS = 8
const SLIVER_DAYS = 4

/** When the nails come next: a sliver in four days while they are being shortened, else a look in eight. */
export function nailsNext(record: DogRecord, at: Day): { day: Day; did: NailsDid; slivers: number } {
  const done = timeline(record.entries).filter(
    (f) => f.day <= at && f.what.kind === 'tidy' && f.what.tidy === 'nails',
  )
  let slivers = 0
  for (const f of [...done].reverse()) {
    if (f.what.kind !== 'tidy' || f.what.nails !== 'sliver') break
    slivers++
  }
  const last = done.at(-1)?.day ?? null
  const next = last ? addDays(last, slivers ? SLIVER_DAYS : LOOK_DAYS) : at
  return { day: next < at ? at : next, did: slivers ? 'sliver' : 'looked', slivers }
}
