import { keepWays, keptWays } from '~/offline/device'
import type { Ways } from '~/offline/device'

/** How the table is laid on this device: what was seen to before, and whether it speaks. Kept here, not sent. */
export function useWays() {
  const ways = ref<Ways>({ ready: [], spoken: false })
  onMounted(async () => {
    const kept = await keptWays().catch(() => undefined)
    if (kept) ways.value = kept
  })
  const change = async (more: Partial<Ways>) => {
    ways.value = { ...ways.value, ...more }
    await keepWays(ways.value).catch(() => undefined)
  }
  return { ways, change }
}
