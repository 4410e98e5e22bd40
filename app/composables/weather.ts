import { habitsOf } from '#core/record/habits'
import { inventedWeather, mayMove } from '#core/season/weather'
import type { FeedDay } from '#core/season/weather'

/** The feed once for each hemisphere, while the page is open. */
const fetched = new Map<string, Promise<FeedDay[]>>()
/**
 * The day's weather, if the owner wants it: from the feed, or invented here while there is no signal;
 * and whether it may move anything.
 */
export function useWeather() {
  const { file, today } = useDog()
  const feed = shallowRef<FeedDay[]>([])
  const said = computed(() => habitsOf(file.value.profile).weather)
  const on = computed(() => said.value !== false)
  onMounted(async () => {
    if (!on.value) return
    const { hemisphere } = file.value.profile
    const asked =
      fetched.get(hemisphere) ??
      ask('weatherAnswer', `/api/weather?hemisphere=${hemisphere}`).then((r) => r.days)
    fetched.set(hemisphere, asked)
    feed.value = await asked.catch(() => {
      fetched.delete(hemisphere)
      return []
    })
  })
  const weather = computed<FeedDay | null>(() =>
    on.value
      ? (feed.value.find((d) => d.day === today.value) ??
        inventedWeather(today.value, file.value.profile.hemisphere))
      : null,
  )
  const invented = computed(() => weather.value?.invented ?? false)
  const moves = computed(() => !!weather.value && mayMove(said.value, weather.value))
  return { weather, invented, moves }
}
