import { dayAndMonth, sayDay } from '#core/record/say-day'
import { dayIn } from '#shared/day-in'

/** Where the days of a page are that the server drew: its reader may be elsewhere. */
interface DrawnIn {
  timeZone: string
  today: string
}
export const useDrawnIn = () => useState<DrawnIn | null>('drawn-in', () => null)

/**
 * Instants as their reader would say them. Until the page is there they are the household's, where it is said
 * which that is, or silent: a server that draws a page does not know where its reader is.
 */
export function useInstants() {
  const drawnIn = useDrawnIn()
  const said = (iso: string, say: (day: string, today: string) => string) => {
    if (here.value) return say(dayOfInstant(iso), today.value)
    const there = drawnIn.value
    return there ? say(dayIn(there.timeZone, new Date(iso)), there.today) : ''
  }
  const today = useToday()
  const here = ref(false)
  onMounted(() => (here.value = true))
  return {
    /** "yesterday", "on 14 October". */
    sayWhen: (iso: string) => said(iso, sayDay),
    /** "14 October", with its year where that is not near. */
    sayDate: (iso: string) => said(iso, dayAndMonth),
  }
}
