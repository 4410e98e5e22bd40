import { careDue, doneOn, RUNS_OUT_MM } from '#core/care/due'
import type { Due } from '#core/care/due'
import type { CareId } from '#core/record/tidies'
import { openConcerns } from '#core/care/look/look-over'
import { daysBetween } from '#core/record/day'

/** What care is due when, how far it has grown since, and what stands against it. */
export function useCare() {
  const { file, today, coat } = useDog()
  const { habits, changeHabits, problem } = useHabits()
  const growth = computed(() => coat.value.learnedGrowth.now)
  const due = computed(() => careDue(file.value, today.value, growth.value))
  const dueOf = (care: CareId): Due | null => due.value.find((d) => d.care === care) ?? null
  const concerns = computed(() => openConcerns(file.value, today.value))
  const she = computed(() => file.value.profile.sex === 'female')
  const her = computed(() => (she.value ? 'her' : 'his'))
  const groomer = computed(() => file.value.profile.groomer ?? 'the groomer')

  /** Grown since it was last done, and what is let grow, mm. */
  function grown(d: Due): { mm: number; of: number; days: number } {
    const days = daysBetween(d.last ?? file.value.profile.since, today.value)
    const of =
      d.care in RUNS_OUT_MM ? RUNS_OUT_MM[d.care as keyof typeof RUNS_OUT_MM] : d.interval.now * growth.value
    // What was told of its times counts: the limit moves with the interval.
    return { mm: days * growth.value, of: Math.min(of, d.interval.now * growth.value), days }
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
    lastOf,
    changeHabits,
    problem,
  }
}
