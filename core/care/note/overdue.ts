import { CARE, careDue, isPlanned } from '../../due/due'
import { addDays, daysBetween } from '../../record/day'
import type { Day } from '../../record/day'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'

/** Later than this a groomer hears of it, days past its day (judgement). */
const WORTH_A_WORD = 2

/** Care that has its days and is past them, the latest first: "ears 12 days, nails 5 days"; empty where none is. */
export function overdueCare(record: DogRecord, at: Day): string {
  return careDue(record, at, coatOn(record, at).perDay)
    .filter((d) => isPlanned(d.care, record.profile.coat))
    .map(({ care, last, interval }) => ({
      label: CARE[care].label.toLowerCase(),
      late: daysBetween(addDays(last ?? record.profile.since, Math.round(interval.now)), at),
    }))
    .filter((d) => d.late > WORTH_A_WORD)
    .sort((a, b) => b.late - a.late)
    .map((d) => `${d.label} ${d.late} days`)
    .join(', ')
}
