import type { Suggestion } from '#core/care/note/next-visit'
import type { VisitDid } from '#core/record/visit-did'
import { isWhere, regionOf } from '#core/coat/regions'
import type { Arrival } from '#core/care/note/arrival'
import type { NextVisit } from '#core/record/next-visit'
import { dayAndMonth, sayDay } from '#core/record/say-day'
import { capital, countWord, inOdds, plural } from './numbers'

export const DID_WORDS: Record<VisitDid, string> = {
  bath: 'Bath and dry',
  'comb-out': 'Combed out',
  undercoat: 'Undercoat out',
  clip: 'Clipped',
  scissor: 'Scissored',
  strip: 'Hand-stripped',
  face: 'Face',
  feet: 'Feet',
  sanitary: 'Sanitary',
  ears: 'Ears',
  nails: 'Nails',
  glands: 'Glands',
}

/** Mats as a count a person would say. */
const mats = (n: number) => (n < 0.5 ? 'no mat' : plural(Math.round(n), 'mat'))

/** Why the next visit is suggested for then: how the coat did against the forecast, and what that makes likely. */
export function saySuggestion({ weeks, forecast, found }: Suggestion): string {
  const did = `${capital(mats(found))} where ${mats(forecast)} ${forecast >= 1.5 ? 'were' : 'was'} forecast.`
  return `${did} Combed as planned, a mat stays less likely than not for ${countWord(weeks)} weeks.`
}

/** What a groomer is about to find, in a line and what goes with it. */
export function sayArrival(a: Arrival, today: string): { lead: string; rest: string } {
  const likely = a.likely && regionOf(a.likely)
  const at = likely ? `${isWhere(likely.place) ? '' : 'at the '}${likely.label.toLowerCase()}` : ''
  const combed = a.days
    ? `combed on ${plural(a.days, 'day')}, last ${sayDay(a.last!, today)}`
    : 'not combed since the last visit'
  if (!a.known)
    return {
      lead: 'Not known: nothing written since the last visit',
      rest: 'the figures are what coats like it have',
    }
  if (a.short)
    return { lead: `About ${plural(Math.round(a.mats), 'mat')}: it will need to go short`, rest: combed }
  if (a.mats >= 1.5)
    return { lead: `About ${plural(Math.round(a.mats), 'mat')}, likeliest ${at}`, rest: combed }
  if (a.any >= 0.5) return { lead: `A mat likely, ${inOdds(a.any)}, likeliest ${at}`, rest: combed }
  return { lead: 'Should comb through', rest: `a mat anywhere ${inOdds(a.any)}; ${combed}` }
}

/** A visit that was moved or called off, for whoever counted on it; empty where it was not. */
export function sayMoved(next: NextVisit | undefined, today: string): string {
  if (!next?.moved) return ''
  const { on, from, to } = next.moved
  const was = dayAndMonth(from, today)
  return to
    ? `Moved ${sayDay(on, today)}, from ${was} to ${dayAndMonth(to, today)}.`
    : `Called off ${sayDay(on, today)}: it was to be ${was}.`
}
const fives = (minutes: number) => 5 * Math.round(minutes / 5)
/** Minutes to allow for knots and mats, in fives, beside the bath and the cut. */
export function sayAllowed({ minutes }: Pick<Arrival, 'minutes'>): string {
  const [low, high] = [fives(minutes.low), Math.max(5, fives(minutes.high))]
  return low === high || low === 0 ? `up to ${high} min` : `${low} to ${high} min`
}
/** The same as one number, for a day's sum; a coat that goes short is not teased. */
export const allowed = ({ minutes, short }: Pick<Arrival, 'minutes' | 'short'>) =>
  short ? 0 : Math.max(0, fives(minutes.usual))
