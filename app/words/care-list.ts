import { CARE } from '#core/due/due'
import { CARE_UNITS } from '#core/due/care-units'
import { partsHere } from '#core/record/care-parts'
import { daysBetween } from '#core/record/day'
import { nameDay, sayDay } from '#core/record/say-day'
import type { CareItem } from '#core/plan/today-care'
import type { CareId } from '#core/record/tidies'
import { plural } from './numbers'
import { sayTheParts } from '#core/record/care-words'

/** Of a kind of care with units of its own, the whole in a word. */
const WHOLE: Partial<Record<CareId, string>> = {
  sanitary: 'Belly and under the tail',
  'ear-look': 'Look in the ears',
}

/** What a row of the day's list is called: "Left feet", "Paws, all four". */
export function sayCareItem({ care, units, parts }: CareItem): string {
  const one = units.length === 1 ? CARE_UNITS[units[0]!] : null
  const feet = partsHere('paws', [])
  const some = care === 'paws' && parts.length < feet.filter((p) => one?.of?.test(p) ?? true).length
  if (some) return capitalFirst(sayTheParts(parts, feet))
  if (one?.of) return one.label
  return WHOLE[care] ?? CARE[care].label
}
const capitalFirst = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)

/** Why it is there. */
export function sayCareReason({ last, due, care }: CareItem, today: string): string {
  const over = daysBetween(due, today)
  const when = last === null ? 'not done yet' : `last ${sayDay(last, today)}`
  if (care === 'bath') return `${when}; drying included`
  return over > 2 && last !== null ? `${when}, ${plural(over, 'day')} late` : when
}

/** What does not fit today, when it comes, and what waiting costs. */
export function sayWaits(item: CareItem, until: string | null, today: string): string {
  if (!until)
    return item.care === 'bath'
      ? `wants ${plural(Math.round(item.minutes), 'minute')} and the comb in one go, more than any day has`
      : 'finds no day yet'
  const late = Math.max(0, daysBetween(item.due, until))
  const lost =
    item.last === null ? 'not done yet' : late > 2 ? `${plural(late, 'day')} late by then` : 'nothing lost'
  return `can wait till ${nameDay(until, today)}: ${lost}`
}
