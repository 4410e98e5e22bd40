import { habitsOf } from '#core/record/habits'
import type { Habits } from '#core/record/profile'

export type HabitsChange = { [K in keyof Habits]?: Habits[K] | undefined }
/** One change after another. */
let before: Promise<unknown> = Promise.resolve()

/** How the owner of the dog in view works, and changing it; what is given as undefined falls back to the default. */
export function useHabits() {
  const { file } = useDog()
  const record = useRecord()
  const habits = computed(() => habitsOf(file.value.profile))
  const problem = ref('')
  /**
   * @param more what changes, or what it becomes from how it is by then: two quick presses both count
   * @returns whether it was kept
   */
  function changeHabits(more: HabitsChange | ((now: Habits) => HabitsChange)): Promise<boolean> {
    const kept = before.then(() => keep(more))
    before = kept
    return kept
  }
  async function keep(more: HabitsChange | ((now: Habits) => HabitsChange)): Promise<boolean> {
    const { profile } = file.value
    const next = { ...profile.habits, ...(typeof more === 'function' ? more(profile.habits ?? {}) : more) }
    for (const key of Object.keys(next) as (keyof Habits)[]) if (next[key] === undefined) delete next[key]
    try {
      await record.changeProfile({ ...profile, habits: next as Habits })
      problem.value = ''
      return true
    } catch (error) {
      problem.value = inWords(error, 'Nothing was changed.')
      return false
    }
  }
  return { habits, changeHabits, problem }
}
