import type { LongDays } from '#core/plan/long-day'
import { weekdayName } from '#core/record/say-day'
import { plural } from './numbers'

/** Less than this of either is the same, as it is said: mats on average, minutes a week (judgement). */
const SAME = { mats: 0.05, minutes: 3 }

const sayMats = (mats: number) => (mats < SAME.mats ? 'hardly a mat' : `${mats.toFixed(1)} mats on average`)

/**
 * The plan against combing it all on one day, whichever comes off better.
 * @param plan mats on average and minutes in all
 * @param days that both are forecast for
 * @param bears minutes the dog bears at one go, and what it is called for
 * @returns null where both come to the same
 */
export function sayAgainstLongDays(
  plan: { mats: number; minutes: number },
  all: LongDays,
  days: number,
  { bears, she }: { bears: number; she: boolean },
): string | null {
  const aWeek = (minutes: number) => (minutes / days) * 7
  const near = Math.abs(aWeek(plan.minutes) - aWeek(all.minutes)) < SAME.minutes
  if (near && Math.abs(plan.mats - all.mats) < SAME.mats) return null
  const tooLong = all.sitting > bears ? `, longer than ${she ? 'she' : 'he'} bears at one go` : ''
  return [
    `With your minutes: ${sayMats(plan.mats)} in ${plural(Math.round(aWeek(plan.minutes)), 'minute')} a week.`,
    `Combing it all on ${weekdayName(all.first)}s, ${plural(Math.round(all.sitting), 'minute')} at a sitting${tooLong}: ${sayMats(all.mats)}.`,
  ].join(' ')
}
