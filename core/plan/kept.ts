import { addDays, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Entry } from '../record/entries'
import type { DogRecord } from '../record/fold'
import { planToday } from './today'

/** Ids for sessions that have not happened: after every real one, in the order of their days. */
const madeUpId = (n: number) => `ffffffff-fffe-7000-8000-${n.toString(16).padStart(12, '0')}`

/**
 * The record as it would stand if, from the day after `at` to the day before `to`, each day's plan
 * were kept within the owner's minutes and the comb went through. What a forecast rests on.
 */
export function asPlanned(record: DogRecord, at: Day, to: Day): DogRecord {
  const entries: Entry[] = [...record.entries]
  let n = 0
  for (let day = addDays(at, 1); day < to; day = addDays(day, 1)) {
    const minutes = record.profile.minutes[weekday(day)] ?? 0
    if (!minutes) continue
    const { items } = planToday({ ...record, entries }, day, minutes)
    for (const region of items.flatMap((i) => i.regions))
      entries.push({ id: madeUpId(n++), day, what: { kind: 'check', region, finding: 'glides' } })
  }
  return { ...record, entries }
}
