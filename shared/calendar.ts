import { DAY_MINUTES } from './busy'
import type { Span } from './busy'
import ICAL from 'ical.js'
import icalendar, { ICalCalendarMethod } from 'ical-generator'
import { addDays, isDay } from '../core/record/day'
import type { Day } from '../core/record/day'
import { CARE } from '../core/due/due'
import type { CareId } from '../core/record/tidies'
import { placeRow } from '../core/coat/regions'
import type { PlaceId } from '../core/coat/regions'

export interface Happening {
  /** The same for the same thing, so that a calendar read anew replaces it. */
  id: string
  day: Day
  title: string
  says: string
}

/** What of a dog's plan goes into a calendar: sessions, care hung on their days, the visit. */
export function happeningsOf(
  dog: { id: string; name: string; groomer: string | undefined; nextVisit: Day | undefined },
  sessions: readonly { day: Day; places: readonly PlaceId[] }[],
  care: readonly { care: CareId; day: Day }[],
): Happening[] {
  const list: Happening[] = sessions
    .filter((s) => s.places.length)
    .map((s) => ({
      id: `${dog.id}-comb-${s.day}`,
      day: s.day,
      title: `Comb ${dog.name}, ${s.places.length} ${s.places.length === 1 ? 'place' : 'places'}`,
      says: s.places.map((p) => placeRow(p).plural.toLowerCase()).join(', '),
    }))
  for (const c of care)
    list.push({
      id: `${dog.id}-${c.care}-${c.day}`,
      day: c.day,
      title: `${dog.name}: ${CARE[c.care].label.toLowerCase()}`,
      says: '',
    })
  if (dog.nextVisit)
    list.push({
      id: `${dog.id}-visit-${dog.nextVisit}`,
      day: dog.nextVisit,
      title: `${dog.name}: the visit${dog.groomer ? `, ${dog.groomer}` : ''}`,
      says: '',
    })
  return list.sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : a.id < b.id ? -1 : 1))
}

/** A day as the calendar library wants one: its own midnight, whatever the machine's time zone. */
const midnight = (day: Day) => new Date(`${day}T00:00:00Z`)

/** iCalendar (RFC 5545) of whole days: a day is a day on both sides of a clock change. */
export function writeCalendar(name: string, happenings: readonly Happening[], stamp: Date): string {
  const calendar = icalendar({
    name,
    prodId: { company: 'Grumbo', product: 'Grumbo', language: 'EN' },
    method: ICalCalendarMethod.PUBLISH,
  })
  for (const h of happenings)
    calendar.createEvent({
      id: `${h.id}@grumbo`,
      stamp,
      start: midnight(h.day),
      end: midnight(addDays(h.day, 1)),
      allDay: true,
      timezone: 'UTC',
      summary: h.title,
      ...(h.says ? { description: h.says } : {}),
    })
  return calendar.toString()
}

export interface ReadVisit {
  day: Day
  title: string
  /** From when to when, minutes of its day by the wall's clock; none where it has no hour. */
  span?: Span
}
/** Largest calendar read, characters, and most of its events (judgement). */
const MOST_LETTERS = 5_000_000
const MOST_EVENTS = 5_000

/** An event's hours; one without an end or a length takes none, and one past midnight ends with its day. */
function spanOf(component: ICAL.Component, start: ICAL.Time): Span | null {
  if (start.isDate) return null
  // Given in universal time it is read by the clock of whoever reads it.
  const wall = start.zone === ICAL.Timezone.utcTimezone ? start.toJSDate() : null
  const from = wall ? wall.getHours() * 60 + wall.getMinutes() : start.hour * 60 + start.minute
  const end = component.getFirstPropertyValue('dtend')
  const length = component.getFirstPropertyValue('duration')
  const seconds =
    end instanceof ICAL.Time
      ? end.subtractDateTz(start).toSeconds()
      : length instanceof ICAL.Duration
        ? length.toSeconds()
        : 0
  const minutes = Math.round(seconds / 60)
  return minutes > 0 ? [from, Math.min(DAY_MINUTES, from + minutes)] : null
}

/**
 * The events of a calendar, by the day they begin where they are held: what a groomer's file says of
 * visits. An event that cannot be read is told, not guessed at.
 * @throws Error in words for what is no calendar
 */
export function readCalendar(text: string): { visits: ReadVisit[]; wrong: { line: number; why: string }[] } {
  if (text.length > MOST_LETTERS) throw new Error('That calendar is too long to read here.')
  let events: ICAL.Component[]
  try {
    const calendar = new ICAL.Component(ICAL.parse(text) as ConstructorParameters<typeof ICAL.Component>[0])
    if (calendar.name !== 'vcalendar') throw new Error('not a calendar')
    events = calendar.getAllSubcomponents('vevent').slice(0, MOST_EVENTS)
  } catch {
    throw new Error('That file is not a calendar.')
  }
  const visits: ReadVisit[] = []
  const wrong: { line: number; why: string }[] = []
  events.forEach((component, i) => {
    const told = (why: string) => wrong.push({ line: i + 1, why })
    const start = component.getFirstPropertyValue('dtstart')
    if (!(start instanceof ICAL.Time)) return told('An event without a day it begins on.')
    // The wall's own date: a time zone that is broken or unknown does not move the day.
    const day = `${String(start.year).padStart(4, '0')}-${String(start.month).padStart(2, '0')}-${String(start.day).padStart(2, '0')}`
    if (!isDay(day)) return told(`There is no day ${day}.`)
    const summary = component.getFirstPropertyValue('summary')
    const span = spanOf(component, start)
    visits.push({
      day,
      title: typeof summary === 'string' ? summary.slice(0, 120) : '',
      ...(span ? { span } : {}),
    })
    return undefined
  })
  return { visits, wrong }
}
