import { CARE_UNITS, lateMinutes } from '../due/care-units'
import type { CareUnit } from '../due/care-units'
import { leftToVisit } from '../due/due'
import type { CarePartId } from '../record/care-parts'
import type { Day } from '../record/day'
import { CARE_IDS } from '../record/tidies'
import type { CareId, CareUnitId } from '../record/tidies'

/** One kind of care on a day's list, of one or more of its units. */
export interface CareItem {
  care: CareId
  units: CareUnitId[]
  parts: CarePartId[]
  minutes: number
  last: Day | null
  due: Day
  /** What each further day costs, minutes, were it left. */
  lateADay: number
}

/** What of a unit is done when it is its turn: the parts that are due, else all of it. */
export const partsNow = ({ waiting, parts }: CareUnit): readonly CarePartId[] =>
  waiting.length ? waiting : parts

/** Units as they stand in a list: each kind of care once, in the order of work. */
export function careItems(units: readonly CareUnit[], finding: (u: CareUnit) => number): CareItem[] {
  return CARE_IDS.flatMap((care): CareItem[] => {
    const ours = units.filter((u) => u.care === care)
    if (!ours.length) return []
    const lasts = ours.map((u) => u.last)
    return [
      {
        care,
        units: ours.map((u) => u.unit),
        parts: ours.flatMap(partsNow),
        minutes: ours.reduce((sum, u) => sum + finding(u), 0),
        // One that was never done has no last time for all of it.
        last: lasts.includes(null) ? null : earliest(lasts as Day[]),
        due: earliest(ours.map((u) => u.due)),
        lateADay: ours.reduce((sum, u) => sum + lateADay(u), 0),
      },
    ]
  })
}
const earliest = (days: readonly Day[]) => days.reduce((a, b) => (a < b ? a : b))
const lateADay = ({ since, every, unit }: CareUnit) =>
  lateMinutes(since + 1, every, CARE_UNITS[unit].hurts) - lateMinutes(since, every, CARE_UNITS[unit].hurts)

/** Done on the coat's day already. */
export const isDoneToday = (u: CareUnit, at: Day): boolean => u.last === at && u.since === 0
/** Falls due by a day and is not left to a visit just ahead. */
export const isDue = (u: CareUnit, at: Day, visit: Day | undefined): boolean =>
  u.due <= at && !isDoneToday(u, at) && !leftToVisit(u.care, visit, at)

/** What doing it now rather than in so many days saves for each of its minutes: above 1, for it is due. */
export const worthOf = (u: CareUnit, days: number): number => {
  const { hurts } = CARE_UNITS[u.unit]
  return (
    1 + (lateMinutes(u.since + days, u.every, hurts) - lateMinutes(u.since, u.every, hurts)) / u.firstMinutes
  )
}
