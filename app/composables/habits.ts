import { habitsOf } from '#core/record/habits'
import type { Habits } from '#core/record/profile'

/** How the owner of the dog in view works, and changing it; what is given as undefined falls back to the default. */
export function useHabits() {
  const { file } = useDog()
  const record = useRecord()
  const habits = computed(() => habitsOf(file.value.profile))
  const problem = ref('')
  /** @returns whether it was kept */
  async function changeHabits(more: { [K in keyof Habits]?: Habits[K] | undefined }): Promise<boolean> {
    const { profile } = file.value
    const next = { ...profile.habits, ...more }
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
