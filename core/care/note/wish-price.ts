import { COATS } from '../../coat/coat-types'
import { REGIONS, regionOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import { keepingOf, layingOut, priceOf } from '../../plan/keeping'
import type { Keeping, Price } from '../../plan/keeping'
import { NO_CHOICES, standingPlan } from '../../plan/standing'
import type { Coat } from '../../record/coat'
import { dayOf, daysBetween } from '../../record/day'
import type { Day } from '../../record/day'
import type { WishLine } from '../../record/wish-lines'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'
import { asVisit, CANNOT_MAT_MM, cutOfLines, regionsOfLine } from '../../record/wishes'
import { timeline } from '../../record/timeline'
import { endsStretch, lengthAt } from '../../record/visits'

/** A wish with what it costs its owner, from the next visit to the one after. */
export interface PricedWish {
  /** Days of the stretch it is priced for. */
  days: number
  /**
   * Each line, in the order given; what of it is more or less than as the last visit left it, minutes a week; and the
   * longest hair there is by then, mm: nothing longer can be left.
   */
  lines: (Price & { more: number; upTo: number })[]
  /** All of the coat, the places nobody wished for as the last visit left them, laying out counted. */
  all: Price
  /** What the owner has a week. */
  have: number
  /** Places that would be worth having short, so that they cannot mat: minutes a week less, the most first. */
  short: { place: PlaceId; saves: number }[]
}

/** Weeks of a stretch where the last one does not tell, and within which it is believed (common practice, no source). */
const USUAL_DAYS = 56
const BELIEVED = { least: 21, most: 84 } as const
/** Places that short hair saves most combing at (common practice, no source). */
const SHORT_PLACES: readonly PlaceId[] = ['armpit', 'tail-base', 'inner-thigh', 'cheek']
/** What one must save to be worth a word, minutes a week (judgement). */
const WORTH_A_WORD = 0.5

const lastVisit = (record: DogRecord, at: Day) =>
  timeline(record.entries)
    .filter((f) => endsStretch(f.what) && f.day <= at)
    .at(-1)

/** Days from the next visit to the one after: as many as this stretch has. */
export function stretchDays(record: DogRecord, at: Day): number {
  const from = lastVisit(record, at)?.day
  const to = record.profile.nextVisit
  const days = from && to && to > from ? daysBetween(from, to) : USUAL_DAYS
  return Math.min(BELIEVED.most, Math.max(BELIEVED.least, days))
}

/** The coat on the day of the next visit, before anything is cut; of today where none is booked. */
function coatThen(record: DogRecord, at: Day): Coat {
  const to = record.profile.nextVisit
  const coat = coatOn(record, at).copy()
  if (to && to > at && daysBetween(at, to) <= BELIEVED.most) coat.passTo(to)
  return coat
}

/** As the last visit left each place, mm; what it did not tell as the coat usually is. */
export function lastCut(record: DogRecord, at: Day): Map<RegionId, number> {
  const last = lastVisit(record, at)?.what
  const usual = COATS[record.profile.coat].usualMm
  return new Map(
    REGIONS.filter((r) => !record.profile.absent.includes(r.id)).map((r): [RegionId, number] => [
      r.id,
      (last?.kind === 'visit' ? (lengthAt(last, r) ?? last.lengths[r.part]) : undefined) ?? usual[r.part],
    ]),
  )
}

/** What a visit that does these leaves of a coat, mm, by region: the rest is as the last one left it. */
function leftBy(lines: readonly WishLine[], coat: Coat, before: ReadonlyMap<RegionId, number>) {
  const wished = cutOfLines(lines)
  const leave = new Set(lines.filter((l) => l.leave).flatMap((l) => regionsOfLine(l, lines)))
  return new Map(
    coat.places.map((p): [RegionId, number] => {
      const mm = leave.has(p.id) ? p.mm : (wished.get(p.id) ?? before.get(p.id) ?? p.mm)
      // Nothing is cut longer than it is.
      return [p.id, Math.min(mm, p.mm)]
    }),
  )
}

/** What lines of a wish cost, line by line and in all. None of it is more than the record's own arithmetic carried on. */
export function priceWish(record: DogRecord, at: Day, lines: readonly WishLine[]): PricedWish {
  const days = stretchDays(record, at)
  const then = coatThen(record, at)
  const worth = standingPlan(record)?.choices.matWorth ?? NO_CHOICES.matWorth
  const kept = (cut: ReadonlyMap<RegionId, number>): Map<RegionId, Keeping> => {
    const coat = then.copy()
    coat.apply({ id: '', day: dayOf(coat.today), what: asVisit(cut) })
    return new Map(keepingOf(coat, days, worth).map((k) => [k.id, k]))
  }
  const last = lastCut(record, at)
  const before = kept(leftBy([], then, last))
  const wished = lines.length ? kept(leftBy(lines, then, last)) : before
  const of = (from: ReadonlyMap<RegionId, Keeping>, ids: readonly RegionId[]) =>
    ids.flatMap((id) => from.get(id) ?? [])
  const all = [...wished.values()]
  const sum = priceOf(all, days)
  const bare = kept(new Map(then.places.map((p) => [p.id, Math.min(CANNOT_MAT_MM, p.mm)])))
  const named = new Set(lines.flatMap((l) => (l.place ? [l.place] : [])))
  return {
    days,
    lines: lines.map((l) => {
      const ids = regionsOfLine(l, lines)
      const price = priceOf(of(wished, ids), days)
      const upTo = Math.max(0, ...then.places.flatMap((p) => (ids.includes(p.id) ? [p.mm] : [])))
      return { ...price, more: price.minutes - priceOf(of(before, ids), days).minutes, upTo }
    }),
    all: { ...sum, minutes: sum.minutes + layingOut(all) },
    have: then.profile.minutes.reduce((a, b) => a + b, 0),
    short: SHORT_PLACES.filter((place) => !named.has(place))
      .map((place) => {
        const ids = all.filter((k) => regionOf(k.id).place === place).map((k) => k.id)
        const minutes = (from: ReadonlyMap<RegionId, Keeping>) =>
          of(from, ids).reduce((total, k) => total + k.minutes, 0)
        return { place, saves: minutes(wished) - minutes(bare) }
      })
      .filter((s) => s.saves >= WORTH_A_WORD)
      .sort((a, b) => b.saves - a.saves),
  }
}
