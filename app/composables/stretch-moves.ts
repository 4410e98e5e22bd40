import { onKeyStroke } from '@vueuse/core'
import { SETUP_MINUTES } from '#core/coat/minutes'
import { CARE } from '#core/due/due'
import { daysLate } from '#core/due/care-units'
import type { CareUnit } from '#core/due/care-units'
import { careMovedTo, forecastOf, movedTo } from '#core/plan/forecast'
import { minutesFor } from '#core/plan/standing'
import { daysBetween } from '#core/record/day'
import type { PlannedCare } from '#core/record/entries'
import { dayAndMonth, weekdayName } from '#core/record/say-day'
import type { CareId } from '#core/record/tidies'
import { sayCost } from '~/words/hundred'
import { plural } from '~/words/numbers'

/**
 * A session drawn along the lead: what it would cost there, kept or put back.
 * @param view the stretch as it stands
 * @param picked the day that is looked at: it goes along with what moves
 * @param units of care this dog has
 * @param frame the lead is in, to find the session again that was moved
 */
export function useStretchMoves(
  { forecast, careMinutes }: Pick<ReturnType<typeof useStretchView>, 'forecast' | 'careMinutes'>,
  picked: Ref<string>,
  units: Ref<readonly CareUnit[]>,
  frame: Ref<HTMLElement | null>,
) {
  const { today, coat, planning } = useDog()
  const { plan } = planning
  /** A session being moved, before it is kept. */
  const move = ref<{ from: string; to: string } | null>(null)
  const tried = computed(() => {
    if (!move.value || !plan.value || move.value.from === move.value.to) return null
    performance.mark('drag')
    const sessions = movedTo(plan.value.sessions, move.value.from, move.value.to)
    return {
      sessions,
      care: careMovedTo(plan.value.care ?? [], move.value.from, move.value.to),
      forecast: forecastOf(coat.value, sessions, plan.value.to),
    }
  })
  // How long an answer takes from the hand to the screen, for the bench.
  watch(tried, async (now) => {
    if (!now) return
    await nextTick()
    requestAnimationFrame(() => performance.measure('grumbo drag', 'drag'))
  })
  /** What of a day's care would come late there, in words: of each kind what is latest. */
  function lateAt(day: string, planned: readonly PlannedCare[]): string[] {
    const late = new Map<CareId, number>()
    for (const u of units.value) {
      const days = planned.filter((c) => c.unit === u.unit).map((c) => c.day)
      if (!days.includes(day)) continue
      late.set(u.care, Math.max(late.get(u.care) ?? 0, daysLate(u, today.value, day, days)))
    }
    return [...late].flatMap(([care, by]) =>
      by ? [`${CARE[care].label.toLowerCase()} ${plural(by, 'day')} late`] : [],
    )
  }
  const answer = computed(() => {
    if (!tried.value || !forecast.value || !move.value) return null
    const mats = tried.value.forecast.mats - forecast.value.mats
    const minutes = tried.value.forecast.minutes - forecast.value.minutes
    const near = daysBetween(move.value.from, move.value.to)
    const day = (d: string) => (Math.abs(near) < 7 ? weekdayName(d) : dayAndMonth(d))
    const said = [sayCost(mats, minutes), ...lateAt(move.value.to, tried.value.care)].join(', ')
    return {
      said: `Moving ${day(move.value.from)} to ${day(move.value.to)}: ${said}`,
      keep: `Keep ${day(move.value.to)}`,
      over: Math.round(
        (tried.value.forecast.sessions.find((s) => s.day === move.value!.to)?.minutes ?? SETUP_MINUTES) +
          (careMinutes.value.get(move.value.from) ?? 0) +
          (careMinutes.value.get(move.value.to) ?? 0) -
          minutesFor(coat.value, plan.value!.choices, move.value.to),
      ),
    }
  })
  function moving(day: string, target: string) {
    picked.value = day
    move.value = day === target ? null : { from: day, to: target }
  }
  async function refocus(day: string) {
    await nextTick()
    frame.value?.querySelector<SVGElement>(`[data-session="${day}"]`)?.focus()
  }
  async function keep() {
    if (!move.value || !tried.value) return
    const target = move.value.to
    const { sessions, care: moved } = tried.value
    move.value = null
    picked.value = target
    await planning.set(sessions, moved)
    await refocus(target)
  }
  const putBack = () => (move.value = null)
  onKeyStroke('Escape', putBack)

  async function undo() {
    move.value = null
    await planning.undo()
  }
  return { move, tried, answer, moving, keep, putBack, undo }
}
