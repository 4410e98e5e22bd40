import { COATS } from '../coat/coat-types'
import type { CoatId } from '../coat/coat-types'
import type { GrowthPerDay } from '../coat/growth'
import type { PartId } from '../coat/regions'
import { learnedOf, notice, unnoticed } from '../learn/normal'
import type { Learned } from '../learn/normal'
import { shedsIn } from '../coat/exposure'
import { addDays, daysBetween, monthOf } from '../record/day'
import type { Day } from '../record/day'
import type { FactOf } from '../record/entries'
import type { Undercoat } from '../record/findings'
import type { DogRecord } from '../record/fold'
import { carePart, partsHere } from '../record/care-parts'
import type { CarePartId } from '../record/care-parts'
import { cutsAt, habitsOf } from '../record/habits'
import { didParts, doneWhole, teaches } from '../record/tidied'
import { CARE_IDS } from '../record/tidies'
import type { CareId } from '../record/tidies'
import type { VisitDid } from '../record/visit-did'
import { timeline } from '../record/timeline'
import { isVisit, visitDid } from '../record/visits'
import { nailsNext } from './nails'

interface CareRow {
  label: string
  /**
   * Days until it is wanted again, before anything is known of this dog; null where the coat seldom needs it.
   * @param shedding out of its season undercoat comes half as often
   */
  days: (coat: CoatId, growth: number, shedding?: boolean) => number | null
  /** Whose growth it goes by. */
  grows?: PartId
  /** What a visit does of it; null where it does none. */
  atVisit: VisitDid | null
  /** A look is never wanted less often than this, however seldom it was taken. */
  atLeast?: true
}

const GROWS_ON: readonly CoatId[] = ['wool', 'wool-cross', 'drop', 'feathered', 'wire']
const DOUBLE: readonly CoatId[] = ['double-long', 'double-short']
/** Growth since the cut at which a tidy has run out, mm: paws by trade, face and ears judgement. */
export const RUNS_OUT_MM = { paws: 8.5, face: 8, ears: 12 } as const
/** Sooner than this the face wants clearing whatever it grows, days (judgement). */
const FACE_DAYS = 21

/** Starting intervals: common practice, no source, but for those marked judgement. */
export const CARE: Record<CareId, CareRow> = {
  'look-over': { label: 'Look-over', days: () => 7, atVisit: null, atLeast: true },
  eyes: { label: 'Eyes', days: () => 1, atVisit: null, atLeast: true },
  teeth: { label: 'Teeth', days: () => 2, atVisit: null, atLeast: true },
  'ear-look': { label: 'Ears, a look', days: () => 8, atVisit: null, atLeast: true },
  nails: { label: 'Nails, a look', days: () => 8, atVisit: 'nails', atLeast: true },
  /** Six weeks on slow growers, three to four on fast: both 8.5 mm of growth. */
  paws: {
    label: 'Paws',
    days: (coat, growth) => (coat === 'smooth' ? null : RUNS_OUT_MM.paws / growth),
    grows: 'legs',
    atVisit: 'feet',
  },
  /** Judgement; double coats seldom need it. */
  sanitary: {
    label: 'Under the tail',
    days: (coat) => (GROWS_ON.includes(coat) ? 28 : null),
    atVisit: 'sanitary',
  },
  /** Double coats by rake, most of it in a shed; wire jackets by carding (judgement). */
  undercoat: {
    label: 'Undercoat',
    days: (coat, _growth, shedding = true) =>
      DOUBLE.includes(coat) ? (shedding ? 14 : 28) : coat === 'wire' ? 28 : null,
    atVisit: 'undercoat',
  },
  /** Double coats six to eight weeks, curly and drop three to six (memory). */
  bath: {
    label: 'Bath',
    days: (coat) =>
      DOUBLE.includes(coat) ? 49 : coat === 'smooth' ? 56 : GROWS_ON.slice(0, 3).includes(coat) ? 30 : 42,
    atVisit: 'bath',
  },
  /** Three weeks, or 8 mm over the eye (judgement): the first to run out. */
  face: {
    label: 'Face',
    days: (coat, growth) => (GROWS_ON.includes(coat) ? Math.min(FACE_DAYS, RUNS_OUT_MM.face / growth) : null),
    grows: 'head',
    atVisit: 'face',
  },
  /** Six weeks, or 12 mm (judgement). */
  ears: {
    label: 'Ear edges',
    days: (coat, growth) =>
      ['wool', 'wool-cross', 'drop', 'feathered'].includes(coat)
        ? Math.min(42, RUNS_OUT_MM.ears / growth)
        : null,
    grows: 'ears',
    atVisit: 'ears',
  },
}

/** Spread of an interval among dogs, of one telling, and of the time somebody let pass, as logarithms (judgement). */
const PRIOR_SD = 0.3
const TOLD_SD = 0.25
const GAP_SD = 0.5
/** Left longer than so many times its interval it was forgotten, and says nothing of how often it is wanted (judgement). */
const FORGOTTEN = 2
/** What "not yet" and "overdue" say of the right time, in times of the time that passed (judgement). */
const SAYS = { right: 1, 'not-yet': 1.3, overdue: 0.75 } as const

/** A part of care, and when it comes. */
interface PartDue {
  part: CarePartId
  last: Day | null
  day: Day
}
export interface Due {
  care: CareId
  last: Day | null
  day: Day
  interval: Interval
  /** By part, in the order they are worked; none where it is done whole. */
  parts: PartDue[]
}
/** How often care is wanted: what coats like it want, what was seen, what is held, and what the owner has set. */
export interface Interval extends Learned {
  set: number | null
}

/** What the rake met, as a telling of whether it was time. */
const PACKED_SAYS = { clear: 'not-yet', some: 'right', packed: 'overdue' } as const satisfies Record<
  Undercoat,
  unknown
>

/**
 * Parts that fall due by themselves: what runs out first. The others come up once they were cut at home, for
 * what is begun is kept up (judgement).
 */
const RUN_OUT: Partial<Record<CareId, RegExp>> = {
  paws: /^paw/,
  face: /^eye-(corner|side)/,
  ears: /^ear-edge/,
  sanitary: /^(belly|privates|under-tail)/,
  nails: /^nails/,
  eyes: /^eye\./,
  'ear-look': /^ear-opening/,
}

/** A time care was done, or some of its parts. */
interface Done {
  day: Day
  was?: FactOf<'tidy'>['was']
  /** Which parts; null for all of it. */
  parts: readonly CarePartId[] | null
  /** At home, by the owner. */
  home: boolean
}

/** Every time a kind of care was done, oldest first, and whether it was time for it. */
export const doneOn = (record: DogRecord, care: CareId): Done[] =>
  timeline(record.entries).flatMap(({ day, what }): Done[] => {
    if (what.kind === 'wash' && care === 'bath') return what.places ? [] : [{ day, parts: null, home: true }]
    if (what.kind === 'undercoat' && care === 'undercoat')
      return [{ day, was: PACKED_SAYS[what.finding], parts: null, home: true }]
    if (what.kind === 'tidy' && care !== 'bath' && care !== 'undercoat') {
      const whole = !partsHere(care, []).length
      if (whole)
        return what.tidy === care && doneWhole(what) ? [{ day, was: what.was, parts: null, home: true }] : []
      const parts = didParts(what, care).map((p) => p.part)
      return parts.length
        ? [{ day, ...(what.tidy === care && teaches(what) ? { was: what.was } : {}), parts, home: true }]
        : []
    }
    const { atVisit } = CARE[care]
    return atVisit && isVisit(what) && visitDid(what, atVisit) ? [{ day, parts: null, home: false }] : []
  })

/**
 * How often this dog wants something done, days; null if its coat seldom does. Learned from what was told of its
 * times, and where that is not asked from how often it was done; what the owner has set holds.
 * @param growth mm a day, as learned; the coat type's where nothing was measured
 * @param shedding whether the coat sheds now
 */
export function careInterval(
  record: DogRecord,
  care: CareId,
  growth: number = COATS[record.profile.coat].growthMmPerDay,
  shedding = true,
): Interval | null {
  const days = CARE[care].days(record.profile.coat, growth, shedding)
  const set = habitsOf(record.profile).every[care] ?? null
  if (days === null && set === null) return null
  let noticed = unnoticed({ mean: Math.log(days ?? set!), sd: PRIOR_SD })
  /** When each part was last done; the whole stands for any part not named since. */
  let whole: Day | null = null
  const parts = new Map<CarePartId, Day>()
  const asked = care in RUN_OUT && !CARE[care].atLeast
  for (const done of doneOn(record, care)) {
    // Two feet now and two tomorrow are not a day apart: each waited since its own last time.
    const before = done.parts ? done.parts.flatMap((p) => parts.get(p) ?? whole ?? []) : (whole ?? [])
    const gap = Math.max(0, ...[before].flat().map((day) => daysBetween(day, done.day)))
    if (done.was && gap > 0) noticed = notice(noticed, Math.log(gap * SAYS[done.was]), TOLD_SD)
    else if (!asked && done.home && !done.was && gap > 0 && gap <= FORGOTTEN * Math.exp(noticed.held.mean))
      noticed = notice(noticed, Math.log(gap), GAP_SD)
    if (done.parts) for (const p of done.parts) parts.set(p, done.day)
    else {
      whole = done.day
      parts.clear()
    }
  }
  const learned = learnedOf(noticed, Math.exp)
  const held = CARE[care].atLeast ? Math.min(learned.prior, learned.now) : learned.now
  return { ...learned, now: set ?? held, set }
}

/** When each part of a kind of care was last done, and comes again. */
function partsDue(record: DogRecord, care: CareId, done: readonly Done[], at: Day, every: number): PartDue[] {
  if (care === 'bath' || care === 'undercoat') return []
  const cut = new Set(done.flatMap((d) => (d.home && d.parts) || []))
  // With cloth and comb alone what grows in the corners is the groomer's; they are cleaned by the day.
  const withComb = !cutsAt('face', habitsOf(record.profile))
  const runsOut = (part: CarePartId) =>
    RUN_OUT[care]?.test(part) && !(withComb && part.startsWith('eye-corner'))
  return partsHere(care, record.profile.absent)
    .filter((part) => runsOut(part) || (cut.has(part) && named(record, care, part)))
    .map((part) => {
      const last = done.filter((d) => !d.parts || d.parts.includes(part)).at(-1)?.day ?? null
      const day = addDays(last ?? record.profile.since, Math.round(every))
      return { part, last, day: day < at ? at : day }
    })
}
/** Whether a part was ever cut by its own name: a tidy that named none did not single it out. */
const named = (record: DogRecord, care: CareId, part: CarePartId): boolean =>
  carePart(part).tidy === care &&
  timeline(record.entries).some(
    ({ what }) =>
      what.kind === 'tidy' &&
      (what.parts ?? []).some((p) => p.part === part && p.did === 'done' && p.how === 'cut'),
  )

/**
 * What is due when, soonest first. What was never done counts from the record's first day.
 * @param perDay growth as learned; the coat type's where nothing was measured
 */
export function careDue(record: DogRecord, at: Day, perDay?: GrowthPerDay): Due[] {
  const { coat, hemisphere } = record.profile
  const shedding = shedsIn(COATS[coat], monthOf(at), hemisphere)
  return CARE_IDS.flatMap((care): Due[] => {
    const { grows } = CARE[care]
    const interval = careInterval(record, care, grows && perDay?.[grows], shedding)
    if (!interval) return []
    const done = doneOn(record, care).filter((d) => d.day <= at)
    const parts = partsDue(record, care, done, at, interval.now)
    const last = done.at(-1)?.day ?? null
    const first = parts.reduce<Day | null>((a, p) => (a === null || p.day < a ? p.day : a), null)
    const due =
      care === 'nails' && interval.set === null && parts.every((p) => p.last === last)
        ? nailsNext(record, at).day
        : (first ?? addDays(last ?? record.profile.since, Math.round(interval.now)))
    return [{ care, last, day: due < at ? at : due, interval, parts }]
  }).sort((a, b) => (a.day < b.day ? -1 : a.day > b.day ? 1 : 0))
}

/** Care that comes this often or oftener is a habit, not a thing to plan, days. */
const HABIT_DAYS = 10
/** Whether a kind of care has its day in a plan, rather than being a habit of every few. */
export const isPlanned = (care: CareId, coat: CoatId): boolean =>
  (CARE[care].days(coat, COATS[coat].growthMmPerDay) ?? 0) >= HABIT_DAYS

/** What falls due this close before a visit waits for it, days (judgement). */
const LEFT_TO_VISIT = 4

/** Whether care due today is better left to a visit just ahead. */
export const leftToVisit = (care: CareId, visit: Day | undefined, at: Day): boolean =>
  !!CARE[care].atVisit && !!visit && visit >= at && daysBetween(at, visit) <= LEFT_TO_VISIT
