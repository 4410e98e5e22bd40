import { SETUP_MINUTES } from '../coat/minutes'
import type { PlaceId } from '../coat/regions'
import type { CareUnit } from '../due/care-units'
import { combedFirst } from '../record/care-parts'
import type { CareUnitId } from '../record/tidies'
import { dayOf, daysBetween } from '../record/day'
import type { Day } from '../record/day'
import { habitsOf } from '../record/habits'
import { coatOn } from '../record/fold'
import type { Coat } from '../record/coat'
import type { DogRecord } from '../record/fold'
import type { Choices, Fact } from '../record/entries'
import { chanceOfAnyMat } from '../record/odds'
import { timeline } from '../record/timeline'
import { goingOver } from './going-over'
import type { GoingOver } from './going-over'
import { judgedAt, lookAhead } from './look-ahead'
import { daysSince } from './reason'
import { COMBED_WHILE_DRYING } from './care-costs'
import { careItems, isDoneToday, isDue, partsNow, worthOf } from './today-care'
import type { CareItem } from './today-care'
import { LITTLE_MORE, longestSitting, NO_CHOICES } from './standing'
import { inWorkingOrder } from './working-order'
import { byPlace, candidate, doneToday, refusedJustNow } from './today-places'
import type { ByPlace, Candidate, Outlook, PlanItem } from './today-places'

export interface TodayPlan {
  day: Day
  /** In working order. */
  items: PlanItem[]
  /** Care beside the comb, in the order of work, and what is due and does not fit. */
  care: CareItem[]
  careWaits: CareItem[]
  /** Of the items, of care, and to lay out and put away once; 0 when nothing is on the table. */
  minutes: number
  careMinutes: number
  setupMinutes: number
  /** The day the chances look ahead to: the next session, or the visit if that is sooner. */
  until: Day
  chanceIfLeft: number
  chanceIfDone: number
  /** Places worth combing that did not fit into the minutes. */
  waiting: PlaceId[]
  /** Of a day planned for two sittings, what is left for the second: minutes, laying out included. */
  second: { places: PlaceId[]; care: CareItem[]; minutes: number } | null
  /** For a coat that does not knot: days since it was last brushed over, once a rub-down is due. */
  rubDown: { minutes: number; days: number | null } | null
  /** Nothing has been combed or found yet: the plan rests on what coats like this one do. */
  guess: boolean
  /** Places nobody has met yet: all of them are gone over once before anything else. */
  goingOver: GoingOver | null
  /** Days nobody has written of the coat, once they are more than it bears; null while they are not. */
  silent: number | null
}

/** A smooth coat is rubbed down about this often, days (judgement). */
const RUB_DOWN_DAYS = 14
/** Care as a day's plan is asked for it. */
export interface CareAsked {
  units: readonly CareUnit[]
  /** Those the stretch's plan has for the day: these then, whatever the minutes. With them it is the day's own list. */
  planned?: readonly CareUnitId[] | undefined
}

/** What today's plan needs of the past, beside the coat itself. */
export interface Past {
  /** Whether anything was ever combed or brushed. */
  combed: boolean
  /** When the coat was last gone over in any way. */
  goneOverOn: Day | null
}
const GONE_OVER: readonly Fact['kind'][] = ['brush', 'check', 'visit', 'wash', 'hand']
export function pastOf(record: DogRecord, at: Day): Past {
  const facts = timeline(record.entries).filter((f) => f.day <= at)
  return {
    combed: facts.some((f) => f.what.kind === 'check' || f.what.kind === 'brush'),
    goneOverOn: facts.filter((f) => GONE_OVER.includes(f.what.kind)).at(-1)?.day ?? null,
  }
}

/**
 * What to comb today: the places that save most mats for each minute, as many as the minutes hold,
 * whole pairs together, in working order. A place is worth combing when waiting for the next session
 * would cost more than its own minutes, or once it has gone uncombed past the coat's ceiling; a
 * session is worth opening when its places together also pay for the laying out.
 * @param minutes the owner's minutes today, laying out and putting away included
 */
export const planToday = (record: DogRecord, at: Day, minutes: number): TodayPlan =>
  planOn(coatOn(record, at), minutes, pastOf(record, at))

/**
 * The same, for a coat already carried to its day. The coat is left as it was.
 * @param wanted the places the stretch's plan has for the day: these then, whatever the minutes
 * @param choices what the owner decided about the days to come, for a first going-over
 * @param care what comes round for this dog, and what of it the stretch's plan has for the day
 */
export function planOn(
  coat: Coat,
  minutes: number,
  past: Past,
  wanted?: readonly PlaceId[],
  choices: Choices = NO_CHOICES,
  care: CareAsked = { units: [] },
): TodayPlan {
  const { profile } = coat
  const at = dayOf(coat.today)
  const until = lookAhead(profile, at)
  const judged = judgedAt(profile, at)
  const left = coat.copy()
  const done = coat.copy().combThrough()
  const outlookOn = (day: Day): Outlook => ({
    left: byPlace(left.copy().passTo(day)),
    done: byPlace(done.copy().passTo(day)),
  })
  const ahead = outlookOn(until)
  const next = judged === until ? ahead : outlookOn(judged)
  // Where the plan speaks for the day, so does it for the day's minutes.
  const meeting = goingOver(coat, choices, wanted ? undefined : minutes)
  const sitting = meeting && !wanted ? meeting.sittings.find((s) => s.day === at) : undefined
  // A sitting meets what nobody has; a session that was planned does what it says.
  const asked = meeting && !wanted ? (sitting?.places ?? []) : wanted
  const only = sitting && new Set(sitting.regions)

  const places = byPlace(coat)
  const could = [...places]
    .filter(([, states]) => !refusedJustNow(states, at) && !doneToday(states, at))
    .flatMap(([place, states]) => candidate(coat, place, states, next, ahead, only) ?? [])
  const candidates = could.filter((c) => (asked ? asked.includes(c.place) : c.worth > 1 || c.due))
  const wait = daysBetween(at, judged)
  const dueNow = meeting ? [] : care.units.filter((u) => isDue(u, at, profile.nextVisit))
  const planned = meeting
    ? []
    : care.units.filter((u) => care.planned?.includes(u.unit) && !isDoneToday(u, at))

  const inTwo = Boolean(wanted && care.planned) && habitsOf(profile).sittings === 'twice'
  let room = asked
    ? inTwo
      ? longestSitting(coat, choices) - SETUP_MINUTES + LITTLE_MORE
      : Infinity
    : Math.min(minutes - SETUP_MINUTES, coat.bears)
  const taken = new Set<Candidate>()
  const waited: Candidate[] = []
  const careTaken: CareUnit[] = []
  const cost = (u: CareUnit, combed: readonly Candidate[]) =>
    u.firstMinutes - COMBED_WHILE_DRYING * Math.min(u.drying, sumOf([...combed, ...(u.drying ? taken : [])]))
  const takeCare = (u: CareUnit) => {
    // Hair is cut clean, dry and combed: what is not yet combed today is put first.
    const first = combedFirst(partsNow(u))
    const combs = could.filter((c) => !taken.has(c) && (u.unit === 'bath' || first.includes(c.place)))
    const all = cost(u, combs) + sumOf(combs)
    if (all > room) return
    for (const c of combs) taken.add(c)
    careTaken.push(u)
    room -= all
  }
  const take = (c: Candidate) => {
    if (taken.has(c)) return
    if (c.minutes <= room) {
      taken.add(c)
      room -= c.minutes
    } else waited.push(c)
  }
  const inTurnOfWorth = [
    ...candidates.map((c) => ({ worth: c.worth, go: () => take(c) })),
    ...(care.planned ? planned : dueNow).map((u) => ({ worth: worthOf(u, wait), go: () => takeCare(u) })),
  ].sort((a, b) => b.worth - a.worth)
  for (const { go } of inTurnOfWorth) go()
  // A session must also pay for being laid out and put away.
  const gained = [...taken].reduce((sum, c) => sum + (c.worth - 1) * c.minutes, 0)
  if (!asked && gained < SETUP_MINUTES && !careTaken.length && ![...taken].some((c) => c.due)) taken.clear()

  const items: PlanItem[] = inWorkingOrder([...taken], habitsOf(profile).lines).map(
    ({ worth: _worth, due: _due, ...item }) => item,
  )
  const doneIds = new Set(items.flatMap((i) => i.regions))
  const every = (outlook: ByPlace) => [...outlook.values()].flat()
  const mixed = [
    ...every(ahead.left).filter((s) => !doneIds.has(s.id)),
    ...every(ahead.done).filter((s) => doneIds.has(s.id)),
  ]
  const combed = [...taken]
  const waiting = waited.filter((c) => !taken.has(c))
  const onList = careItems(careTaken, (u) => cost(u, u.drying ? [] : combed))
  return {
    day: at,
    items,
    care: onList,
    careWaits: careItems(
      dueNow.filter((u) => !careTaken.includes(u) && !(inTwo && planned.includes(u))),
      (u) => u.firstMinutes,
    ),
    minutes: sumOf(items),
    careMinutes: sumOf(onList),
    setupMinutes: items.length || onList.length ? SETUP_MINUTES : 0,
    until,
    chanceIfLeft: chanceOfAnyMat(every(ahead.left)),
    chanceIfDone: chanceOfAnyMat(mixed),
    waiting: inTwo ? [] : waiting.map((c) => c.place),
    second: inTwo
      ? secondSitting(
          waiting,
          careItems(
            planned.filter((u) => !careTaken.includes(u)),
            (u) => cost(u, []),
          ),
        )
      : null,
    rubDown: rubDown(coat, past),
    guess: !past.combed,
    goingOver: meeting,
    silent: silentFor(coat, past),
  }
}

/** What a day planned for two sittings leaves for the second. */
function secondSitting(places: readonly Candidate[], care: CareItem[]): TodayPlan['second'] {
  if (!places.length && !care.length) return null
  return { places: places.map((c) => c.place), care, minutes: sumOf(places) + sumOf(care) + SETUP_MINUTES }
}

const sumOf = (list: readonly { minutes: number }[]) => list.reduce((sum, i) => sum + i.minutes, 0)

/** Days nobody has written of a coat that does not bear so many. */
function silentFor(coat: Coat, past: Past): number | null {
  const days = daysSince(past.goneOverOn, dayOf(coat.today))
  return days !== null && days > coat.coat.ceilingDays && coat.profile.coat !== 'smooth' ? days : null
}

function rubDown(coat: Coat, past: Past): TodayPlan['rubDown'] {
  if (coat.profile.coat !== 'smooth') return null
  const days = daysSince(past.goneOverOn, dayOf(coat.today))
  return days !== null && days < RUB_DOWN_DAYS ? null : { minutes: wholeCoatMinutes(coat), days }
}

/** Minutes to comb the whole coat once as it is now, without laying out. */
const wholeCoatMinutes = (coat: Coat): number => coat.places.reduce((sum, p) => sum + coat.minutesOf(p), 0)
