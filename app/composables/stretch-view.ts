import { isPlanned } from '#core/due/due'
import { careUnits } from '#core/due/care-units'
import { SETUP_MINUTES } from '#core/coat/minutes'
import type { CareId } from '#core/record/tidies'
import { careMinutesByDay } from '#core/plan/care-costs'
import { forecastOf } from '#core/plan/forecast'
import { playAhead } from '#core/plan/kept'
import { planOn } from '#core/plan/today'
import type { TodayPlan } from '#core/plan/today'
import { careDays, minutesFor, secondLayingOut } from '#core/plan/standing'
import type { StretchPlan } from '#core/plan/standing'
import { addDays, daysBetween, weekday } from '#core/record/day'
import type { Planned } from '#core/record/entries'
import { between, timeline } from '#core/record/timeline'
import { regionOf } from '#core/coat/regions'
import { FULL_FROM } from '~/components/lead/lead'

export interface Hung {
  day: string
  minutes: number
  full: boolean
  pinned: boolean
  past: boolean
}

/** A stretch laid out for its screen: what was, what is to come, week by week. */
export function useStretchView(plan: Ref<StretchPlan | null>, from: Ref<string>) {
  const { file, today, coat } = useDog()
  const forecast = computed(() =>
    plan.value ? forecastOf(coat.value, plan.value.sessions, plan.value.to) : null,
  )
  /** Minutes of care on each day of the plan; laying out is there with the combing, or for it alone. */
  const careMinutes = computed(() => {
    const combed = new Map(forecast.value?.sessions.map((s) => [s.day, s.minutes - SETUP_MINUTES]))
    const units = careUnits(file.value, coat.value)
    return careMinutesByDay(plan.value?.care ?? [], units, today.value, (day) => combed.get(day) ?? 0)
  })

  const setupAgain = (minutes: number) =>
    plan.value ? secondLayingOut(coat.value, plan.value.choices, minutes) : 0
  /** Minutes had on a day to come, of both its sittings. */
  const hadOn = (day: string) => {
    const minutes = plan.value ? minutesFor(coat.value, plan.value.choices, day) : 0
    return minutes + setupAgain(minutes)
  }

  const past = computed<Hung[]>(() => {
    const places = new Map<string, Set<string>>()
    const minutes = new Map<string, number>()
    for (const { day, what } of between(timeline(file.value.entries), from.value, today.value)) {
      if (what.kind === 'session') minutes.set(day, (minutes.get(day) ?? 0) + what.minutes)
      if (what.kind !== 'check' || what.finding === 'refused') continue
      const there = places.get(day) ?? new Set()
      places.set(day, there.add(regionOf(what.region).place))
    }
    return [...places].map(([day, there]) => ({
      day,
      minutes: Math.round(minutes.get(day) ?? there.size * 1.2),
      full: there.size >= FULL_FROM,
      pinned: false,
      past: true,
    }))
  })

  const hang = (
    sessions: readonly Planned[],
    f: { sessions: { day: string; minutes: number }[] },
  ): Hung[] => {
    const combed = f.sessions.map((s) => {
      const planned = sessions.find((p) => p.day === s.day)!
      const minutes = s.minutes + (careMinutes.value.get(s.day) ?? 0)
      return {
        day: s.day,
        minutes: Math.round(minutes + setupAgain(minutes)),
        full: planned.places.length >= FULL_FROM,
        pinned: planned.pinned,
        past: false,
      }
    })
    const alone = [...careMinutes.value]
      .filter(([day]) => !combed.some((c) => c.day === day))
      .map(([day, minutes]) => ({
        day,
        minutes: Math.round(minutes + SETUP_MINUTES + setupAgain(minutes + SETUP_MINUTES)),
        full: false,
        pinned: false,
        past: false,
      }))
    return [...combed, ...alone].sort((a, b) => (a.day < b.day ? -1 : 1))
  }
  const ahead = computed<Hung[]>(() =>
    plan.value && forecast.value ? hang(plan.value.sessions, forecast.value) : [],
  )

  /** Minutes had, and spent or planned, of each week of the stretch. */
  function weeks(to: string, sessions: readonly Hung[]) {
    const list: { from: string; spent: number; planned: number; had: number }[] = []
    for (let day = from.value; day < to; day = addDays(day, 7)) {
      const end = addDays(day, 7)
      const within = (h: Hung) => h.day >= day && h.day < end
      let had = 0
      for (let d = day; d < end && d < to; d = addDays(d, 1))
        had += d >= today.value && plan.value ? hadOn(d) : (file.value.profile.minutes[weekday(d)] ?? 0)
      list.push({
        from: day,
        spent: past.value.filter(within).reduce((s, h) => s + h.minutes, 0),
        planned: sessions.filter(within).reduce((s, h) => s + h.minutes, 0),
        had,
      })
    }
    return list
  }

  /** What a session is made of, and why each place is there. */
  const reasons = computed(() => {
    const all = new Map<string, TodayPlan>()
    if (!plan.value) return all
    const todays = plan.value.sessions.find((s) => s.day === today.value)
    const now =
      todays && planOn(coat.value, Infinity, { combed: true, goneOverOn: today.value }, todays.places)
    if (now) all.set(today.value, now)
    const done = now?.items.flatMap((i) => i.regions) ?? []
    for (const s of playAhead(coat.value, plan.value.to, done, plan.value.sessions).sessions)
      all.set(s.day, s)
    return all
  })
  /** Care done in this stretch, and what falls due, hung on the plan's days. */
  const care = computed(() => {
    const done = between(timeline(file.value.entries), from.value, today.value).flatMap(({ day, what }) =>
      what.kind === 'wash'
        ? [{ day, care: 'bath' as CareId, past: true }]
        : what.kind === 'undercoat'
          ? [{ day, care: 'undercoat' as CareId, past: true }]
          : what.kind === 'tidy' && what.tidy !== 'neatening' && isPlanned(what.tidy, file.value.profile.coat)
            ? [{ day, care: what.tidy as CareId, past: true }]
            : [],
    )
    if (!plan.value) return done
    return [
      ...done,
      ...careDays(plan.value)
        .filter((d) => d.day >= today.value)
        .map((d) => ({ ...d, past: false })),
    ]
  })
  const daysLeft = computed(() => (plan.value ? daysBetween(today.value, plan.value.to) : 0))

  return { care, careMinutes, setupAgain, hadOn, forecast, past, ahead, hang, weeks, reasons, daysLeft }
}
