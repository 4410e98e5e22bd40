import type { Happening } from '#shared/calendar'
import type { RoomDog } from '#shared/answers'
import { sayHandled } from './diary'
import { plural } from './numbers'
import { allowed, sayAllowed, sayArrival, sayMoved } from './visit'

/** The room's visits for a calendar: who comes, what will be found, and what to allow. */
export const roomHappenings = (dogs: readonly RoomDog[], today: string): Happening[] =>
  dogs.flatMap((d): Happening[] => {
    if (!d.visit || d.visit < today) return []
    const says = d.arrival && sayArrival(d.arrival, today)
    return [
      {
        id: `${d.share}-${d.visit}`,
        day: d.visit,
        title: `${d.name}, ${d.owner}`,
        says: says ? `${says.lead}; ${says.rest}. Allow ${sayAllowed(d.arrival!)} for knots.` : '',
      },
    ]
  })

/** What stands on a dog's line of the day sheet. */
export function sheetLine(d: RoomDog, today: string) {
  const a = d.arrival
  const says = a && sayArrival(a, today)
  return {
    lead: says?.lead ?? 'Shared: the notes alone',
    rest: says?.rest ?? '',
    allow: a ? (a.short ? 'go short' : sayAllowed(a)) : '',
    care: [
      ...(a?.refuses.length
        ? [
            `hard: ${a.refuses.map((r) => `${sayHandled(r.place).toLowerCase()}${r.snapped ? ', snapped' : ''}`).join('; ')}`,
          ]
        : []),
      ...(a?.overdue ? [`overdue: ${a.overdue}`] : []),
    ],
    concerns: a?.concerns ?? [],
    moved: a ? sayMoved(a.next, today) : '',
  }
}

/** What knots take of a day, minutes: usually, and at most four times in five. What goes short is not teased. */
export function dayKnots(dogs: readonly RoomDog[]): { usual: number; most: number; short: number } {
  const told = dogs.flatMap((d) => (d.arrival ? [d.arrival] : []))
  const usual = told.reduce((sum, a) => sum + allowed(a), 0)
  // Dogs are apart from one another, so their spreads add as squares do.
  const high = told
    .filter((a) => !a.short)
    .reduce((sum, a) => sum + (a.minutes.high - a.minutes.usual) ** 2, 0)
  return {
    usual,
    most: 5 * Math.ceil((usual + Math.sqrt(high)) / 5),
    short: told.filter((a) => a.short).length,
  }
}

/** The day in one sentence: how many, what knots usually take, and between what four in five come to. */
export function sayDaySum(dogs: readonly RoomDog[]): string {
  const { usual, most, short } = dayKnots(dogs)
  if (short === dogs.length) return `${plural(short, 'dog')}, to go short.`
  const goes = short ? `; ${plural(short, 'dog')} to go short` : ''
  return `${plural(dogs.length, 'dog')}, knots about ${usual} minutes, ${most} at most four times in five${goes}.`
}
