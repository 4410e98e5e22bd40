import { addDays, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Entry } from '../record/entries'
import type { DogRecord } from '../record/fold'
import { planToday } from './today'
import type { TodayPlan } from './today'

/** Ids for sessions that have not happened: after every real one, in the order of their days. */
const madeUpId = (n: number) => `ffffffff-fffe-7000-8000-${n.toString(16).padStart(12, '0')}`

/**
 * The sessions to come if each day's plan is kept within the owner's minutes and the comb goes
 * through: from the day after `at` to the day before `to`, at most `most` of them.
 * @returns the plans, and the record as it would then stand
 */
export function playAhead(record: DogRecord, at: Day, to: Day, most = Infinity) {
  const entries: Entry[] = [...record.entries]
  const sessions: TodayPlan[] = []
  for (let day = addDays(at, 1); day < to && sessions.length < most; day = addDays(day, 1)) {
    const minutes = record.profile.minutes[weekday(day)] ?? 0
    if (!minutes) continue
    const plan = planToday({ ...record, entries }, day, minutes)
    if (!plan.items.length) continue
    sessions.push(plan)
    for (const region of plan.items.flatMap((i) => i.regions))
      entries.push({
        id: madeUpId(entries.length),
        day,
        what: { kind: 'check', region, finding: 'glides' },
      })
  }
  return { sessions, record: { ...record, entries } }
}

/** The record as it would stand on `to` with the plan kept from `at` on. What a forecast rests on. */
export const asPlanned = (record: DogRecord, at: Day, to: Day): DogRecord => playAhead(record, at, to).record
