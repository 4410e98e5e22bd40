import { useTimeoutFn } from '@vueuse/core'

/** What has waited longer than this is told, ms (judgement). */
const LINGERS_MS = 2_000

/** Something has waited a while. What goes up at once is not told: a line that comes and goes moves the page. */
export function useLingers(waits: () => boolean) {
  const lingers = ref(false)
  const { start, stop } = useTimeoutFn(() => (lingers.value = true), LINGERS_MS, { immediate: false })
  watch(waits, (now) => {
    stop()
    if (now) start()
    else lingers.value = false
  })
  return lingers
}
