import { assessEach } from '#core/record/fold'
import type { Coat } from '#core/record/coat'
import { addDays, daysBetween, weekday } from '#core/record/day'
import { chanceOfAnyMat, chanceOfMat, placesOf } from '#core/record/odds'
import { between, timeline } from '#core/record/timeline'
import { shadeHere } from '#core/record/unmet'
import { forecastOf } from '#core/plan/forecast'
import { playAhead } from '#core/plan/kept'
import { ROLLING_DAYS } from '#core/plan/standing'
import type { StretchPlan } from '#core/plan/standing'
import { lookAhead } from '#core/plan/look-ahead'
import type * as Handling from '#core/care/handling/handling'
import { careUnits } from '#core/due/care-units'
import { pastOf, planOn } from '#core/plan/today'
import { stretchStart } from '#core/record/stretch-start'
import type { PlaceId, RegionId } from '#core/coat/regions'
import type { DogFile } from '#shared/answers'

/** Weeks a stretch is drawn for when no visit is booked. */
const ROLLING_WEEKS = ROLLING_DAYS / 7

export interface Stretch {
  from: string
  to: string
  booked: boolean
  /** A groomer has had it in hand: the stretch is counted from that. */
  visited: boolean
  chances: number[]
  sessions: { day: string; places: number }[]
}

/** The running stretch of a dog, as the lead draws it: as recorded, then with the plan kept. */
export function stretchOf(file: DogFile, coat: Coat, today: string, plan: StretchPlan | null): Stretch {
  const from = stretchStart(file, today)
  const visit = file.profile.nextVisit
  const booked = !!visit && visit >= today
  const to =
    booked && visit ? visit : addDays(today, Math.max(7, ROLLING_WEEKS * 7 - daysBetween(from, today)))
  const places = new Map<string, number>()
  for (const f of between(timeline(file.entries), from, today)) {
    if (f.what.kind === 'check' && f.what.finding !== 'refused')
      places.set(f.day, (places.get(f.day) ?? 0) + 1)
  }
  return {
    from,
    to,
    booked,
    visited: coat.visitOn !== null,
    chances: [
      ...assessEach(file, from, today).map((s) => chanceOfAnyMat(placesOf(s))),
      // Each day at its worst, before that day's session.
      ...(plan ? forecastOf(coat, plan.sessions, to).before : playAhead(coat, to).chances).slice(1),
    ],
    sessions: [...places].map(([day, n]) => ({ day, places: n })),
  }
}

/**
 * How a dog stands today: its coat now, the odds ahead, and what is on the table.
 * @param chosen minutes the owner says there are; null leaves today to the stretch's plan
 * @param also places the day itself asks for beside the plan's: feet in seed time
 */
export function useStanding(
  minutes: Ref<number>,
  chosen: Ref<number | null>,
  also: Ref<readonly PlaceId[]> = ref([]),
) {
  const { file, today, coat, planning } = useDog()
  const now = computed(() => coat.value.state())
  const ahead = computed(() => coat.value.copy().passTo(lookAhead(file.value.profile, today.value)))
  const chances = computed(
    () =>
      Object.fromEntries(ahead.value.places.map((s) => [s.id, chanceOfMat(s)])) as Record<RegionId, number>,
  )
  const shades = computed(
    () =>
      Object.fromEntries(ahead.value.places.map((s) => [s.id, shadeHere(s, file.value.profile)])) as Record<
        RegionId,
        number
      >,
  )
  const past = computed(() => pastOf(file.value, today.value))
  const units = computed(() => careUnits(file.value, coat.value))
  const wanted = computed(() => (chosen.value === null ? planning.plan.value?.sessions : undefined))
  // What is still to be brought along today takes its minutes first. It weighs nothing till it is asked for: where a
  // plan stands, the plan has counted it.
  const handling = shallowRef<typeof Handling>()
  void import('#core/care/handling/handling').then((loaded) => (handling.value = loaded))
  const brought = computed(() => {
    const h = handling.value
    return h ? h.HANDLING_MINUTES * h.handlingToday(h.hardPlaces(file.value, today.value)).length : 0
  })
  const plan = computed(() =>
    planOn(
      coat.value,
      Math.max(0, minutes.value - brought.value),
      past.value,
      wanted.value && [...(wanted.value.find((s) => s.day === today.value)?.places ?? []), ...also.value],
      planning.plan.value?.choices,
      {
        units: units.value,
        planned:
          wanted.value && planning.plan.value?.care?.filter((c) => c.day === today.value).map((c) => c.unit),
      },
    ),
  )
  return { now, past, chances, shades, plan }
}

/** The owner's own minutes for a day of the week. */
export const minutesOn = (file: DogFile, day: string) => file.profile.minutes[weekday(day)] ?? 0

/** What a page inside a dog's frame is given. */
export const dogKey = Symbol('dog') as InjectionKey<{
  file: Ref<DogFile>
  today: Ref<string>
  /** The coat this morning, to carry ahead from a copy. */
  coat: Ref<Coat>
  planning: ReturnType<typeof usePlan>
  /** The running stretch as the lead draws it. */
  stretch: Ref<Stretch>
}>
export function useDog() {
  const dog = inject(dogKey)
  if (!dog) throw new Error('Outside a dog’s pages.')
  return dog
}
