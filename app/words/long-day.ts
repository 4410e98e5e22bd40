import type { Forecast } from '#core/plan/forecast'
import type { Day } from '#core/record/day'
import { weekdayName } from '#core/record/say-day'
import { plural } from './numbers'

type Came = Pick<Forecast, 'mats' | 'minutes'>
/** Less than this of either is the same, as it is said: mats on average, minutes a week (judgement). */
const SAME = { mats: 0.05, minutes: 3 }

/**
 * The plan against combing it all on one day, with the week's same minutes, as it is and whichever comes off better.
 * @param first day of those it would all be combed on
 * @param days that both are forecast for
 * @returns null where they come to the same
 */
export function sayAgainstLongDays(plan: Came, all: Came, first: Day, days: number): string | null {
  const aWeek = (c: Came) => (c.minutes / days) * 7
  if (Math.abs(plan.mats - all.mats) < SAME.mats && Math.abs(aWeek(plan) - aWeek(all)) < SAME.minutes)
    return null
  const came = (c: Came) =>
    `${c.mats < SAME.mats ? 'hardly a mat' : `${c.mats.toFixed(1)} mats on average`} in ${plural(Math.round(aWeek(c)), 'minute')} a week`
  return `With your minutes: ${came(plan)}. Combing it all on ${weekdayName(first)}s instead: ${came(all)}.`
}
