import { useLocalStorage } from '@vueuse/core'
import { careUnits } from '#core/due/care-units'
import { careItems, isDoneToday } from '#core/plan/today-care'
import type { CareUnitId } from '#core/record/tidies'
import { LIST_BEGUN } from './list-begun'
import type { ListBegun } from './list-begun'

/** What of the day's list is left beside the comb: of the one that was started, else of the plan's; what was done has left it. */
export function useLedList() {
  const { file, today, coat, planning } = useDog()
  const kept = useLocalStorage<ListBegun>(LIST_BEGUN, {
    dog: '',
    day: '',
    units: [],
  })
  /** A list was started today for this dog. */
  const begun = computed(() => kept.value.dog === file.value.id && kept.value.day === today.value)
  const asked = computed<readonly CareUnitId[]>(() =>
    begun.value
      ? kept.value.units
      : (planning.plan.value?.care ?? []).filter((c) => c.day === today.value).map((c) => c.unit),
  )
  /** What is left of it, in the order of work. */
  const left = computed(() =>
    careItems(
      careUnits(file.value, coat.value).filter(
        (u) => asked.value.includes(u.unit) && !isDoneToday(u, today.value),
      ),
      (u) => u.firstMinutes,
    ),
  )
  return { left, begun }
}
