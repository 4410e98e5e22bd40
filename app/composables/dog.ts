import { assess } from '#core/record/fold'
import { addDays, daysBetween, weekday } from '#core/record/day'
import { chanceOfMat, shadeOf } from '#core/record/odds'
import { timeline } from '#core/record/timeline'
import { asPlanned } from '#core/plan/kept'
import { chanceEachDay, lookAhead, planToday } from '#core/plan/today'
import { stretchStart } from '#core/care/note'
import type { RegionId } from '#core/coat/regions'
import type { DogFile } from '#shared/api'

/** Weeks a stretch is drawn for when no visit is booked. */
const ROLLING_WEEKS = 8

export interface Stretch {
  from: string
  to: string
  booked: boolean
  chances: number[]
  sessions: { day: string; places: number }[]
}

/** The running stretch of a dog, as the lead draws it: as recorded, then with the plan kept. */
export function stretchOf(file: DogFile, today: string): Stretch {
  const from = stretchStart(file, today)
  const visit = file.profile.nextVisit
  const booked = !!visit && visit >= today
  const to =
    booked && visit ? visit : addDays(today, Math.max(7, ROLLING_WEEKS * 7 - daysBetween(from, today)))
  const places = new Map<string, number>()
  for (const f of timeline(file.entries)) {
    if (f.day < from || f.day > today) continue
    if (f.what.kind === 'check' && f.what.finding !== 'refused')
      places.set(f.day, (places.get(f.day) ?? 0) + 1)
  }
  return {
    from,
    to,
    booked,
    chances: chanceEachDay(asPlanned(file, today, to), from, to),
    sessions: [...places].map(([day, n]) => ({ day, places: n })),
  }
}

/** How a dog stands today: its coat now, the odds ahead, and what is on the table. */
export function useStanding(file: Ref<DogFile>, today: Ref<string>, minutes: Ref<number>) {
  const now = computed(() => assess(file.value, today.value))
  const ahead = computed(() => assess(file.value, lookAhead(file.value, today.value)))
  const chances = computed(
    () =>
      Object.fromEntries(Object.values(ahead.value.regions).map((s) => [s.id, chanceOfMat(s)])) as Record<
        RegionId,
        number
      >,
  )
  const shades = computed(
    () =>
      Object.fromEntries(Object.entries(chances.value).map(([id, c]) => [id, shadeOf(c)])) as Record<
        RegionId,
        number
      >,
  )
  const plan = computed(() => planToday(file.value, today.value, minutes.value))
  return { now, ahead, chances, shades, plan }
}

/** The owner's own minutes for a day of the week. */
export const minutesOn = (file: DogFile, day: string) => file.profile.minutes[weekday(day)] ?? 0

/** What a page inside a dog's frame is given. */
export const dogKey = Symbol('dog') as InjectionKey<{ file: Ref<DogFile>; today: Ref<string> }>
export function useDog() {
  const dog = inject(dogKey)
  if (!dog) throw new Error('Outside a dog’s pages.')
  return dog
}
