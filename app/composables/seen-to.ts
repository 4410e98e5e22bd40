import { useLocalStorage } from '@vueuse/core'
import { SITTING_MINUTES } from '#core/care/led/before-cutting'

/** What was seen to before cutting holds for the sitting, on this device. */
export function useSeenTo() {
  const { file } = useDog()
  const kept = useLocalStorage('grumbo-seen-to', { dog: '', at: 0 })
  const seenTo = () =>
    kept.value.dog === file.value.id && currentMs() - kept.value.at < SITTING_MINUTES * 60_000
  const see = () => (kept.value = { dog: file.value.id, at: currentMs() })
  return { seenTo, see }
}
