import { dayIn } from '../../shared/day-in'
import { currentInstant } from '../clock'

/** What day it is in a time zone now. */
export const todayIn = (timeZone: string, at = currentInstant()): string => dayIn(timeZone, at)
