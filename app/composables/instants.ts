import { dayAndMonth, sayDay } from '#core/record/say-day'

/** The day an instant falls on where its reader is; an instant has no day of its own. */
export const dayOfInstant = (iso: string): string => localDay(new Date(iso))

/**
 * Instants as their reader would say them. Silent until the page is there: a server that draws it does
 * not know where the reader is.
 */
export function useInstants() {
  const today = useToday()
  const here = ref(false)
  onMounted(() => (here.value = true))
  return {
    /** "yesterday", "on 14 October". */
    sayWhen: (iso: string) => (here.value ? sayDay(dayOfInstant(iso), today.value) : ''),
    /** "14 October", with its year where that is not near. */
    sayDate: (iso: string) => (here.value ? dayAndMonth(dayOfInstant(iso), today.value) : ''),
  }
}
