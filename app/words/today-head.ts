import { placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import type { TodayPlan } from '#core/plan/today'
import type { Day } from '#core/record/day'
import type { Profile } from '#core/record/profile'
import { weekdayName } from '#core/record/say-day'
import { sayCareDone } from './care-done'
import { capital, inHalves, listed, plural, wholeMinutes } from './numbers'
import { sayGoingOver, sayWhy } from './reasons'

/** Where the comb begins: “at the beard”, “behind the ears”. */
export function sayAt(place: PlaceId): string {
  const places = placeRow(place).plural.toLowerCase()
  return /^(behind|under)/.test(places) ? places : `at the ${places}`
}

/**
 * What Today says first: the act, and how long the whole list takes.
 * @param there.minutes the day's
 * @param there.total of the list, laying out in it
 * @param there.goneOver the coat was today, whatever minutes the day has
 * @param there.pelted a hand felt so much that the groomer comes first
 */
export function sayToday(
  plan: TodayPlan,
  profile: Profile,
  there: { minutes: number; total: number; goneOver: boolean; pelted: boolean },
): { act: string; minutes: string } {
  if (plan.goingOver)
    return there.pelted
      ? { act: 'To the groomer first', minutes: '' }
      : { act: 'A first going-over,', minutes: `${plural(plan.goingOver.left, 'place')} to meet` }
  const after = plan.care.length ? sayCareDone(plan.care, profile) : ''
  const comb = plan.items.length
    ? `comb ${plural(plan.items.length, 'place')}`
    : plan.rubDown
      ? 'rub down the whole coat'
      : ''
  if (comb || after) {
    const minutes = plan.rubDown ? wholeMinutes(there.total + plan.rubDown.minutes) : inHalves(there.total)
    return { act: `${capital([comb, after].filter(Boolean).join(' and '))},`, minutes: `${minutes} minutes` }
  }
  const act =
    !there.minutes && !there.goneOver && profile.coat !== 'smooth'
      ? 'A day off the table'
      : plan.waiting.length
        ? 'Too short for a session'
        : 'Nothing to comb today'
  return { act, minutes: '' }
}

/** What a day in two sittings keeps for later. */
export function saySecond(
  { places, care, minutes }: NonNullable<TodayPlan['second']>,
  profile: Profile,
): string {
  const comb = places.length ? [`comb ${plural(places.length, 'place')}`] : []
  const work = listed([...comb, ...care.map((c) => sayCareDone([c], profile))])
  return `Later today, in a second sitting: ${work}. ${inHalves(minutes)} minutes with laying out.`
}

/**
 * Why that, and when next.
 * @param next the next session's day, if there is one
 * @param wants it has no minutes, and would be the better for some
 */
export function sayWhyToday(plan: TodayPlan, profile: Profile, next: Day | null, wants: boolean): string {
  if (plan.rubDown)
    return plan.rubDown.days === null
      ? 'A short coat does not knot. A mitt over it lifts what is loose.'
      : `Last ${plan.rubDown.days} days ago. A short coat does not knot; a mitt lifts what is loose.`
  if (plan.goingOver) return sayGoingOver(plan.goingOver.sittings.length, profile.sex === 'female')
  const why = sayWhy(plan, profile)
  if (plan.items.length) return why
  const when = next ? `Next on ${weekdayName(next)}. ` : ''
  if (!wants) return when + why
  const known = plan.guess ? '' : `${why} `
  return `${weekdayName(plan.day)}s have no minutes in your week. ${when}${known}Any you find today go where it knots soonest: say below how many.`
}
