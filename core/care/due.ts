import { COATS } from '../coat/coat-types'
import type { CoatId } from '../coat/coat-types'
import { learnedOf, notice, unnoticed } from '../learn/normal'
import type { Learned } from '../learn/normal'
import { addDays, daysBetween, weekday } from '../record/day'
import type { Day } from '../record/day'
import type { FactOf, Planned } from '../record/entries'
import type { Undercoat } from '../record/findings'
import type { DogRecord } from '../record/fold'
import type { TidyId } from '../record/tidies'
import { timeline } from '../record/timeline'
import { isVisit } from '../record/visits'
import { nailsNext } from './tidies/nails'

export type CareId = Exclude<TidyId, 'neatening'> | 'bath' | 'undercoat'
/**
 * Care beside the comb, in the order of a day's work: what is looked at, the undercoat out before the
 * bath, then the tidies on a clean, dry, combed coat, nails before paws.
 */
export const CARE_IDS: readonly CareId[] = [
  'look-over',
  'eyes',
  'teeth',
  'ear-look',
  'undercoat',
  'bath',
  'nails',
  'paws',
  'sanitary',
  'face',
  'ears',
]

interface CareRow {
  label: string
  /** Days until it is wanted again, before anything is known of this dog; null where the coat seldom needs it. */
  days: (coat: CoatId, growth: number) => number | null
  /** A visit does it too. */
  atVisit: boolean
}

const GROWS_ON: readonly CoatId[] = ['wool', 'wool-cross', 'drop', 'feathered', 'wire']
const DOUBLE: readonly CoatId[] = ['double-long', 'double-short']
/** Growth since the cut at which a tidy has run out, mm: paws by trade, face and ears judgement. */
export const RUNS_OUT_MM = { paws: 8.5, face: 8, ears: 12 } as const
/** Sooner than this the face wants clearing whatever it grows, days (judgement). */
const FACE_DAYS = 21

/** Starting intervals: common practice, no source, but for those marked judgement. */
export const CARE: Record<CareId, CareRow> = {
  'look-over': { label: 'Look-over', days: () => 7, atVisit: false },
  eyes: { label: 'Eyes', days: () => 1, atVisit: false },
  teeth: { label: 'Teeth', days: () => 2, atVisit: false },
  'ear-look': { label: 'Ears, a look', days: () => 8, atVisit: false },
  nails: { label: 'Nails, a look', days: () => 8, atVisit: true },
  /** Six weeks on slow growers, three to four on fast: both 8.5 mm of growth. */
  paws: {
    label: 'Paws',
    days: (coat, growth) => (coat === 'smooth' ? null : RUNS_OUT_MM.paws / growth),
    atVisit: true,
  },
  /** Judgement; double coats seldom need it. */
  sanitary: { label: 'Under the tail', days: (coat) => (GROWS_ON.includes(coat) ? 28 : null), atVisit: true },
  /** Double coats by rake, most of it in a shed; wire jackets by carding (judgement). */
  undercoat: {
    label: 'Undercoat',
    days: (coat) => (DOUBLE.includes(coat) ? 14 : coat === 'wire' ? 28 : null),
    atVisit: true,
  },
  /** Double coats six to eight weeks, curly and drop three to six (memory). */
  bath: {
    label: 'Bath',
    days: (coat) =>
      DOUBLE.includes(coat) ? 49 : coat === 'smooth' ? 56 : GROWS_ON.slice(0, 3).includes(coat) ? 30 : 42,
    atVisit: true,
  },
  /** Three weeks, or 8 mm over the eye (judgement): the first to run out. */
  face: {
    label: 'Face',
    days: (coat, growth) => (GROWS_ON.includes(coat) ? Math.min(FACE_DAYS, RUNS_OUT_MM.face / growth) : null),
    atVisit: true,
  },
  /** Six weeks, or 12 mm (judgement). */
  ears: {
    label: 'Ear edges',
    days: (coat, growth) =>
      ['wool', 'wool-cross', 'drop', 'feathered'].includes(coat)
        ? Math.min(42, RUNS_OUT_MM.ears / growth)
        : null,
    atVisit: true,
  },
}

/** Spread of an interval among dogs, and of one telling, as logarithms (judgement). */
const PRIOR_SD = 0.3
const TOLD_SD = 0.25
/** What "not yet" and "overdue" say of the right time, in times of the time that passed (judgement). */
const SAYS = { right: 1, 'not-yet': 1.3, overdue: 0.75 } as const

export interface Due {
  care: CareId
  last: Day | null
  day: Day
  interval: Learned
}

/** What the rake met, as a telling of whether it was time. */
const PACKED_SAYS = { clear: 'not-yet', some: 'right', packed: 'overdue' } as const satisfies Record<
  Undercoat,
  unknown
>

/** Every time a kind of care was done, oldest first, and whether it was time for it. */
export const doneOn = (record: DogRecord, care: CareId): { day: Day; was?: FactOf<'tidy'>['was'] }[] =>
  timeline(record.entries).flatMap(({ day, what }) => {
    if (what.kind === 'tidy' && what.tidy === care) return [{ day, was: what.was }]
    if (what.kind === 'wash' && care === 'bath') return [{ day, was: undefined }]
    if (what.kind === 'undercoat' && care === 'undercoat') return [{ day, was: PACKED_SAYS[what.finding] }]
    return isVisit(what) && CARE[care].atVisit ? [{ day, was: undefined }] : []
  })

/**
 * How often this dog wants something done, days; null if its coat seldom does.
 * @param growth mm a day, as learned; the coat type's where nothing was measured
 */
export function careInterval(
  record: DogRecord,
  care: CareId,
  growth: number = COATS[record.profile.coat].growthMmPerDay,
): Learned | null {
  const days = CARE[care].days(record.profile.coat, growth)
  if (days === null) return null
  let noticed = unnoticed({ mean: Math.log(days), sd: PRIOR_SD })
  let last: Day | null = null
  for (const done of doneOn(record, care)) {
    const gap: number = last ? daysBetween(last, done.day) : 0
    if (done.was && gap > 0) noticed = notice(noticed, Math.log(gap * SAYS[done.was]), TOLD_SD)
    last = done.day
  }
  return learnedOf(noticed, Math.exp)
}

/** What is due when, soonest first. What was never done counts from the record's first day. */
export function careDue(record: DogRecord, at: Day, growth?: number): Due[] {
  return CARE_IDS.flatMap((care): Due[] => {
    const every = careInterval(record, care, growth)
    if (!every) return []
    const last =
      doneOn(record, care)
        .filter((d) => d.day <= at)
        .at(-1)?.day ?? null
    const due =
      care === 'nails'
        ? nailsNext(record, at).day
        : addDays(last ?? record.profile.since, Math.round(every.now))
    return [{ care, last, day: due < at ? at : due, interval: every }]
  }).sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0))
}

/** Care that comes this often or oftener is a habit, not a thing to plan, days. */
const HABIT_DAYS = 10
/** Whether a kind of care has its day in a plan, rather than being a habit of every few. */
export const isPlanned = (care: CareId, coat: CoatId): boolean =>
  (CARE[care].days(coat, COATS[coat].growthMmPerDay) ?? 0) >= HABIT_DAYS

/** Care may come sooner or later than due by this share of its interval (judgement). */
const WINDOW = 0.2
/** A bath on the day is worth coming so many days sooner or later for (judgement). */
const CLEAN_COAT = 3
/** What falls due this close before a visit waits for it, days (judgement). */
const LEFT_TO_VISIT = 4

/** How far from its day care is moved to find one on which the owner has time, days (judgement). */
const FREE_WITHIN = 3
/** The nearest day, sooner before later, on which the owner has any time; the day itself if none is near. */
function freeDay(minutes: readonly number[], due: Day, from: Day, to: Day): Day {
  for (let off = 0; off <= FREE_WITHIN; off++)
    for (const day of [addDays(due, -off), addDays(due, off)])
      if (day >= from && day < to && (minutes[weekday(day)] ?? 0) > 0) return day
  return due
}

/** Whether care due today is better left to a visit just ahead. */
export const leftToVisit = (care: CareId, visit: Day | undefined, at: Day): boolean =>
  CARE[care].atVisit && !!visit && visit >= at && daysBetween(at, visit) <= LEFT_TO_VISIT

export interface Hanging {
  care: CareId
  day: Day
}

/**
 * Care hung on the days of a plan: each on the session day nearest to when it is due, within its
 * window, a bath on a day when most of the coat is combed out first; where no session is near, on the
 * nearest day on which the owner has time.
 */
export function careInPlan(
  record: DogRecord,
  sessions: readonly Planned[],
  at: Day,
  to: Day,
  visit: boolean,
  growth?: number,
): Hanging[] {
  const list: Hanging[] = []
  const baths = new Set<Day>()
  const end = visit ? addDays(to, -LEFT_TO_VISIT) : to
  // Baths first: a tidy is done on a clean coat where one is near.
  const wanted = careDue(record, at, growth).sort(
    (a, b) => Number(b.care === 'bath') - Number(a.care === 'bath'),
  )
  for (const { care, day, interval: every } of wanted) {
    if (every.now < HABIT_DAYS) continue
    const slack = Math.max(2, Math.round(WINDOW * every.now))
    const combed = (s: Planned) => (care === 'bath' ? s.places.length : baths.has(s.day) ? CLEAN_COAT : 0)
    for (let due = day; due < end; due = addDays(due, Math.max(1, Math.round(every.now)))) {
      const near = sessions
        .filter((s) => s.day >= at && s.day < end && Math.abs(daysBetween(due, s.day)) <= slack)
        .map((s) => ({ day: s.day, far: Math.abs(daysBetween(due, s.day)) - combed(s) }))
        .sort((a, b) => a.far - b.far)[0]
      const on = near?.day ?? freeDay(record.profile.minutes, due, at, end)
      if (care === 'bath') baths.add(on)
      list.push({ care, day: on })
      due = on
    }
  }
  return list.sort(
    (a, b) =>
      (a.day < b.day ? -1 : a.day > b.day ? 1 : 0) || CARE_IDS.indexOf(a.care) - CARE_IDS.indexOf(b.care),
  )
}
