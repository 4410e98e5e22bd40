import { CARE, careDue, doneOn, RUNS_OUT_MM } from '#core/due/due'
import type { Due } from '#core/due/due'
import type { CareId } from '#core/record/tidies'
import { openConcerns } from '#core/care/look/look-over'
import { daysBetween } from '#core/record/day'
import { sayTheParts } from '#core/record/care-words'

/** What care is due when, how far it has grown since, and what stands against it. */
export function useCare() {
  const { file, today, coat } = useDog()
  const { habits, changeHabits, problem } = useHabits()
  const growth = computed(() => coat.value.perDay.body)
  const due = computed(() => careDue(file.value, today.value, coat.value.perDay))
  const dueOf = (care: CareId): Due | null => due.value.find((d) => d.care === care) ?? null
  const concerns = computed(() => openConcerns(file.value, today.value))
  const she = computed(() => file.value.profile.sex === 'female')
  const her = computed(() => (she.value ? 'her' : 'his'))
  const groomer = computed(() => file.value.profile.groomer ?? 'the groomer')

  /** The day the part that waits longest was last done; the record's first where none was. */
  const sinceOf = (d: Due) =>
    d.parts.length
      ? d.parts.map((p) => p.last ?? file.value.profile.since).reduce((a, b) => (a < b ? a : b))
      : (d.last ?? file.value.profile.since)
  /** Which parts are due, where not all of them are; empty where all or none is. */
  function partsWaiting(d: Due): string {
    const now = d.parts.filter((p) => p.day <= today.value)
    return now.length && now.length < d.parts.length
      ? sayTheParts(
          now.map((p) => p.part),
          d.parts.map((p) => p.part),
        )
      : ''
  }
  /** Grown since it was last done, and what is let grow, mm. */
  function grown(d: Due): { mm: number; of: number; days: number } {
    const days = daysBetween(sinceOf(d), today.value)
    const perDay = coat.value.perDay[CARE[d.care].grows ?? 'body']
    const of =
      d.care in RUNS_OUT_MM ? RUNS_OUT_MM[d.care as keyof typeof RUNS_OUT_MM] : d.interval.now * perDay
    // What was told of its times counts: the limit moves with the interval.
    return { mm: days * perDay, of: Math.min(of, d.interval.now * perDay), days }
  }
  const lastOf = (care: CareId) =>
    doneOn(file.value, care)
      .filter((d) => d.day <= today.value)
      .at(-1) ?? null

  return {
    growth,
    due,
    dueOf,
    concerns,
    habits,
    she,
    her,
    groomer,
    grown,
    sinceOf,
    partsWaiting,
    lastOf,
    changeHabits,
    problem,
  }
}
