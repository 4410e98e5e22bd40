import type { CarePartId } from '../record/care-parts'
import type { Coat } from '../record/coat'
import { addDays, daysBetween, dayOf } from '../record/day'
import type { Day } from '../record/day'
import type { DogRecord } from '../record/fold'
import { tidied } from '../record/tidied'
import type { CareId, CareUnitId } from '../record/tidies'
import { timeline } from '../record/timeline'
import { careDue } from './due'
import type { Due } from './due'
import { careTakes, dryingTakes } from './care-minutes'

interface Row {
  care: CareId
  label: string
  /** Which of its care's parts; all of it without. */
  of?: RegExp
  /** How much being late hurts, beside most care (judgement): eyes, rear and nails more. */
  hurts: number
}

/**
 * What care is planned in: a side's feet, the rear without the belly. A dog is finished on one side before it is
 * turned, so feet and nails go by side. Eyes and teeth are a daily minute and stand outside a plan.
 */
export const CARE_UNITS: Record<CareUnitId, Row> = {
  bath: { care: 'bath', label: 'Bath', hurts: 1 },
  undercoat: { care: 'undercoat', label: 'Undercoat', hurts: 1 },
  'nails.left': { care: 'nails', label: 'Nails, left feet', of: /\.left$/, hurts: 2 },
  'nails.right': { care: 'nails', label: 'Nails, right feet', of: /\.right$/, hurts: 2 },
  'paws.left': { care: 'paws', label: 'Left feet', of: /\.left$/, hurts: 1 },
  'paws.right': { care: 'paws', label: 'Right feet', of: /\.right$/, hurts: 1 },
  belly: {
    care: 'sanitary',
    label: 'Belly and privates',
    of: /^(belly|privates|inner-thigh)/,
    hurts: 1.5,
  },
  rear: { care: 'sanitary', label: 'Under the tail', of: /^under-tail/, hurts: 2 },
  face: { care: 'face', label: 'Face', hurts: 2 },
  ears: { care: 'ears', label: 'Ear edges', hurts: 0.5 },
  'ear-look': { care: 'ear-look', label: 'Ears, a look', hurts: 1 },
  'look-over': { care: 'look-over', label: 'Look-over', hurts: 1 },
}

/** Something to be done again and again, and how it stands on a day. */
export interface CareUnit {
  unit: CareUnitId
  care: CareId
  /** The parts it is of, that this dog has; none where it is done whole. */
  parts: CarePartId[]
  /** Of those, what is due by the day. */
  waiting: CarePartId[]
  last: Day | null
  due: Day
  /** Days since it was last done, as of the part that waits longest. */
  since: number
  /** Days it is held to. */
  every: number
  /** Minutes each time, and this first time, when only some of its parts may be left to do. */
  minutes: number
  firstMinutes: number
  /** Of a bath, drying: part of the combing is done the while. */
  drying: number
  /** The last time it was tried the dog would not have it. */
  refused: boolean
}

/** Beyond its interval again, each further day costs the same (judgement): what was let go is not pressed harder for it. */
export function lateMinutes(gap: number, every: number, hurts: number): number {
  const late = gap - every
  if (late <= 0) return 0
  return hurts * (late <= every ? (late * late) / every : 2 * late - every)
}
/**
 * Days by which a unit comes later than its interval on a day it is planned for; 0 if it does not.
 * @param planned the days it has, this one and those before it
 */
export function daysLate(
  { last, since, every }: CareUnit,
  at: Day,
  day: Day,
  planned: readonly Day[],
): number {
  const before =
    planned
      .filter((d) => d < day)
      .sort()
      .at(-1) ??
    last ??
    addDays(at, -since)
  return Math.max(0, daysBetween(before, day) - every)
}
/** Sooner than so much of its interval it is too soon (judgement); and what that costs, as being late does. */
const TOO_SOON = 0.75
export function earlyMinutes(gap: number, every: number): number {
  const early = TOO_SOON * every - gap
  return early <= 0 ? 0 : (2 * (early * early)) / every
}

/** Parts the dog would not have at the last tidy of their kind. */
function refusedParts(record: DogRecord, at: Day): Set<CarePartId> {
  const refused = new Set<CarePartId>()
  for (const { day, what } of timeline(record.entries)) {
    if (day > at || what.kind !== 'tidy') continue
    for (const p of tidied(what, record.profile.absent)) {
      if (p.did === 'refused') refused.add(p.part)
      else if (p.did === 'done') refused.delete(p.part)
    }
  }
  return refused
}

/** What of the care that comes round is planned for this dog, with how each part of it stands on the coat's day. */
export function careUnits(record: DogRecord, coat: Coat): CareUnit[] {
  const at = dayOf(coat.today)
  const refused = refusedParts(record, at)
  const byCare = new Map(careDue(record, at, coat.perDay).map((d) => [d.care, d]))
  return (Object.entries(CARE_UNITS) as [CareUnitId, Row][]).flatMap(([unit, row]): CareUnit[] => {
    const due = byCare.get(row.care)
    if (!due) return []
    const ours = row.of ? due.parts.filter((p) => row.of!.test(p.part)) : due.parts
    if (row.of && !ours.length) return []
    const takes = careTakes(record, row.care, at).now
    const of = Math.max(1, due.parts.length)
    const drying = unit === 'bath' ? dryingTakes(coat) : 0
    const minutes = takes * (ours.length ? ours.length / of : 1) + drying
    const stands = standsAt(record, due, ours, at)
    const waiting = ours.filter((p) => p.day <= at).map((p) => p.part)
    return [
      {
        unit,
        care: row.care,
        parts: ours.map((p) => p.part),
        waiting,
        ...stands,
        minutes,
        firstMinutes:
          waiting.length && waiting.length < ours.length ? (minutes * waiting.length) / ours.length : minutes,
        drying,
        refused: ours.some((p) => refused.has(p.part)),
      },
    ]
  })
}

/** When it was last done, falls due and how long ago that is; what is overdue has kept its day. */
function standsAt(record: DogRecord, due: Due, ours: Due['parts'], at: Day) {
  const began = record.profile.since
  const last = ours.length
    ? ours.map((p) => p.last).reduce((a, b) => (a === null || b === null ? null : a < b ? a : b))
    : due.last
  const coming = ours.length ? ours.map((p) => p.day).reduce((a, b) => (a < b ? a : b)) : due.day
  // Nails being shortened come in days of their own.
  const sooner = due.care === 'nails' && due.interval.set === null ? due.day : coming
  const every = Math.max(1, Math.round(due.interval.now))
  const since = Math.max(0, daysBetween(last ?? began, at))
  const held = addDays(last ?? began, every)
  return {
    last,
    every: sooner < held && sooner > at ? Math.max(1, since + daysBetween(at, sooner)) : every,
    since,
    due: sooner <= at ? (held < at ? held : at) : sooner,
  }
}
