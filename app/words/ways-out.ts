import type { WaysOut } from '#core/plan/ways-out'
import { capital, plural } from './numbers'

/** What the minutes are short of, in a line. */
export function sayShort({ short, mats }: WaysOut): string {
  const missing = short ? `${plural(short, 'minute')} a week short` : ''
  const likely = mats === null ? '' : `about ${Math.round(mats)} mats are likely`
  if (!missing && !likely) return 'Not all that is due finds a day.'
  return `${capital([missing, likely].filter(Boolean).join('; '))}.`
}

/** What would do instead, each by itself. */
export function sayWaysOut({ minutes, short, mm, days, mats }: WaysOut): string {
  const ways = [
    ...(short ? [`with ${minutes} minutes a week`] : []),
    ...(mm ? [`at ${mm} mm`] : []),
    ...(days ? [`with a visit in ${plural(days, 'day')}`] : mats === null ? [] : ['with a visit now']),
  ]
  if (!ways.length) return 'A longer day would hold it.'
  const last = ways.pop()!
  return `It fits ${ways.length ? `${ways.join(', ')} or ${last}` : last}.`
}
