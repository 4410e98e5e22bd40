import { millisecondsInDay } from 'date-fns/constants'

/**
 * The server's one clock. Tests set it away from the machine's by `GRUMBO_CLOCK_AHEAD_MS`; nothing else
 * here asks what time it is.
 */
const AHEAD_MS = Number(process.env.GRUMBO_CLOCK_AHEAD_MS ?? 0)

export const currentInstant = (): Date => new Date(Date.now() + AHEAD_MS)
/** The instant so many days from now. */
export const inDays = (days: number): Date => new Date(currentInstant().getTime() + days * millisecondsInDay)
