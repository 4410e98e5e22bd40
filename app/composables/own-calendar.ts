import { addDays, daysBetween, weekday } from '#core/record/day'
import type { Span } from '#shared/busy'
import { daysBusy } from '#shared/drafts'
import type { DaysBusy } from '#shared/drafts'
import { roomDrafts } from '~/offline/drafts'

/** What a groomer's own calendar holds on each day, from a file of theirs; it stays on this device. */
const KEPT = 'calendar'
/** How far to either side of the day that is wanted is looked for a better one, days (judgement). */
const AROUND = 9
const FREE_SHOWN = 3
const SATURDAY = 5

export function useOwnCalendar() {
  const busy = ref<DaysBusy>(null)
  const problem = ref('')
  onMounted(() => {
    try {
      busy.value = daysBusy.parse(JSON.parse(roomDrafts.kept(KEPT) ?? 'null'))
    } catch {
      roomDrafts.keep(KEPT, null)
    }
  })
  async function read(file: File) {
    problem.value = ''
    try {
      const { readCalendar } = await import('#shared/calendar')
      const days: NonNullable<DaysBusy> = {}
      for (const { day, span } of readCalendar(await file.text()).visits) {
        const { things, spans } = days[day] ?? { things: 0, spans: [] }
        days[day] = { things: things + 1, spans: span ? [...spans, span] : spans }
      }
      busy.value = days
      roomDrafts.keep(KEPT, JSON.stringify(days))
    } catch (error) {
      problem.value = inWords(error)
    }
  }
  const on = (day: string) => busy.value?.[day]?.things ?? 0
  const spansOn = (day: string): Span[] => busy.value?.[day]?.spans ?? []
  function fromPicked(event: Event) {
    const file = (event.target as HTMLInputElement).files?.[0]
    if (file) void read(file)
  }
  /** The emptiest weekdays about a day, those nearest to it first. */
  const freest = (about: string, from: string): string[] =>
    busy.value === null
      ? []
      : Array.from({ length: 2 * AROUND + 1 }, (_, i) => addDays(about, i - AROUND))
          .filter((d) => d > from && weekday(d) < SATURDAY)
          .sort(
            (a, b) =>
              on(a) - on(b) ||
              Math.abs(daysBetween(about, a)) - Math.abs(daysBetween(about, b)) ||
              (a < b ? -1 : 1),
          )
          .slice(0, FREE_SHOWN)
          .sort()
  return { known: computed(() => busy.value !== null), problem, fromPicked, on, spansOn, freest }
}
