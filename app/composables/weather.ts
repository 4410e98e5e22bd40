import { habitsOf } from '#core/record/habits'
import { inventedWeather } from '#core/season/weather'
import type { WeatherDay } from '#core/season/weather'

/** The feed once for each hemisphere, while the page is open. */
const fetched = new Map<string, Promise<WeatherDay[]>>()
/** The day's weather, if the owner wants it: from the feed, or invented here while there is no signal. */
export function useWeather() {
  const { file, today } = useDog()
  const feed = shallowRef<WeatherDay[]>([])
  const on = computed(() => habitsOf(file.value.profile).weather)
  onMounted(async () => {
    if (!on.value) return
    const { hemisphere } = file.value.profile
    const asked =
      fetched.get(hemisphere) ??
      api<{ days: WeatherDay[] }>(`/api/weather?hemisphere=${hemisphere}`).then((r) => r.days)
    fetched.set(hemisphere, asked)
    feed.value = await asked.catch(() => {
      fetched.delete(hemisphere)
      return []
    })
  })
  const weather = computed<WeatherDay | null>(() =>
    on.value
      ? (feed.value.find((d) => d.day === today.value) ??
        inventedWeather(today.value, file.value.profile.hemisphere))
      : null,
  )
  return { weather }
}
