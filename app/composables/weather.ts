import { habitsOf } from '#core/record/habits'
import { inventedWeather } from '#core/season/weather'
import type { WeatherDay } from '#core/season/weather'

let fetched: Promise<WeatherDay[]> | undefined
/** The day's weather, if the owner wants it: from the feed, or invented here while there is no signal. */
export function useWeather() {
  const { file, today } = useDog()
  const feed = shallowRef<WeatherDay[]>([])
  const on = computed(() => habitsOf(file.value.profile).weather)
  onMounted(async () => {
    if (!on.value) return
    fetched ??= api<{ days: WeatherDay[] }>(`/api/weather?hemisphere=${file.value.profile.hemisphere}`).then(
      (r) => r.days,
    )
    feed.value = await fetched.catch(() => {
      fetched = undefined
      return []
    })
  })
  const weather = computed<WeatherDay | null>(() =>
    on.value
      ? (feed.value.find((d) => d.day === today.value) ??
        inventedWeather(today.value, file.value.profile.hemisphere))
      : null,
  )
  return { weather, on }
}
