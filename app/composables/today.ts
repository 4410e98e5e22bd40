import { useEventListener, useIntervalFn } from '@vueuse/core'

/** What day it is where the device is, and the time as an entry gives it. */
export const localDay = (at = currentInstant()) =>
  `${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}-${String(at.getDate()).padStart(2, '0')}`
export const localTime = (at = currentInstant()) =>
  `${String(at.getHours()).padStart(2, '0')}:${String(at.getMinutes()).padStart(2, '0')}`

/** The day an instant falls on where its reader is; an instant has no day of its own. */
export const dayOfInstant = (iso: string): string => localDay(new Date(iso))

/** Today, kept true past midnight: looked at again when the page is shown and every minute. */
export function useToday() {
  const day = ref(localDay())
  const look = () => (day.value = localDay())
  useIntervalFn(look, 60_000)
  if (import.meta.client) useEventListener(document, 'visibilitychange', look)
  return day
}

/** Minutes after midnight where the device is, kept true. */
export function useMinuteOfDay() {
  const look = () => {
    const at = currentInstant()
    return at.getHours() * 60 + at.getMinutes()
  }
  const minute = ref(look())
  useIntervalFn(() => (minute.value = look()), 10_000)
  return minute
}
