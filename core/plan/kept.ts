import { addDays, dayOf, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { Planned } from '../record/entries'
import type { Coat } from '../record/coat'
import { chanceOfAnyMat } from '../record/odds'
import { planOn } from './today'
import type { TodayPlan } from './today'

export interface Ahead {
  /** The sessions to come. */
  sessions: TodayPlan[]
  /** Chance of a mat on each day, from the day begun at to `to`. */
  chances: number[]
  /** The coat on the day `to`. */
  coat: Coat
}

/**
 * The days to come if each day's plan is kept within the owner's minutes and the comb goes through:
 * from the morning after `from` to `to`. What a forecast rests on. `from` is left as it was.
 * @param planned the stretch's plan; without one each day takes what is worth most
 * @param combedToday regions taken as combed on the first day too
 */
export function playAhead(
  from: Coat,
  to: Day,
  combedToday: Parameters<Coat['combThrough']>[0] = [],
  planned?: readonly Planned[],
): Ahead {
  const byDay = planned && new Map(planned.map((s) => [s.day, s.places]))
  const coat = from.copy().combThrough(combedToday)
  const sessions: TodayPlan[] = []
  const chances = [chanceOfAnyMat(coat.places)]
  while (dayOf(coat.today) < to) {
    coat.passDay()
    const day = dayOf(coat.today)
    const wanted = byDay?.get(day)
    const minutes = byDay ? (wanted ? Infinity : 0) : (coat.profile.minutes[weekday(day)] ?? 0)
    if (minutes && day < to) {
      const plan = planOn(coat, minutes, { combed: true, goneOverOn: addDays(day, -1) }, wanted)
      if (plan.items.length) {
        sessions.push(plan)
        coat.combThrough(plan.items.flatMap((i) => i.regions))
      }
    }
    chances.push(chanceOfAnyMat(coat.places))
  }
  return { sessions, chances, coat }
}
