import { PART_WORDS } from '../coat/part-words'
import { placeRow, REGIONS } from '../coat/regions'
import type { PlaceId, RegionId } from '../coat/regions'
import type { Day } from './day'
import type { DatedFact, FactOf } from './entries'
import type { WishAnswerLine, WishLine, WishWhere } from './wish-lines'
import type { DogRecord } from './fold'
import { timeline } from './timeline'
import { endsStretch } from './visits'

/** What an owner would like of the groomer, place by place, as it stands; and what the groomer says to it. */
export interface StandingWish {
  id: string
  day: Day
  lines: readonly WishLine[]
  answer: { id: string; day: Day; from: string; lines: readonly WishAnswerLine[] } | null
  /** The owner took the answer: this is the cut that is agreed. */
  taken: boolean
}

/** Short enough that nothing can mat there before the next visit, mm: about a #9 (judgement). */
export const CANNOT_MAT_MM = 2

/** A part and a place may have one name, so a part's is told apart. */
export const whereKey = ({ part, place }: WishWhere): string => place ?? `part.${part!}`
export const whereLabel = ({ part, place }: WishWhere): string =>
  place ? placeRow(place).plural : PART_WORDS[part!].replace(/^./, (c) => c.toUpperCase())
/** The regions a line is about; a place by itself is not its part's any more. */
export function regionsOfLine(line: WishWhere, all: readonly WishWhere[]): RegionId[] {
  const apart = new Set(all.flatMap((l): PlaceId[] => (l.place ? [l.place] : [])))
  return REGIONS.filter((r) =>
    line.place ? r.place === line.place : r.part === line.part && !apart.has(r.place),
  ).map((r) => r.id)
}

/**
 * What was wished, answered and taken so far. People write on one day at several devices, some with the hour and some
 * without: of one day what was made later, by its id, is later.
 */
export interface Wished {
  wish: Pick<StandingWish, 'id' | 'day' | 'lines'> | null
  answers: readonly (NonNullable<StandingWish['answer']> & { wish: string })[]
  taken: readonly string[]
  /** The last visit that ended a stretch: what was wished before it is over. */
  visit: { id: string; day: Day } | null
}
export const NOTHING_WISHED: Wished = { wish: null, answers: [], taken: [], visit: null }
const isLater = (a: { id: string; day: Day }, b: { id: string; day: Day } | null) =>
  !b || a.day > b.day || (a.day === b.day && a.id > b.id)

/** Takes in one fact more; in whatever order they come it comes to the same. */
export function wishAfter(before: Wished, fact: DatedFact): Wished {
  const { id, day, what } = fact
  switch (what.kind) {
    case 'wish':
      return isLater(fact, before.wish) && isLater(fact, before.visit)
        ? { ...before, wish: { id, day, lines: what.lines } }
        : before
    case 'wish-answer':
      return {
        ...before,
        answers: [...before.answers, { id, day, from: what.from, lines: what.lines, wish: what.wish }],
      }
    case 'wish-taken':
      return { ...before, taken: [...before.taken, what.answer] }
    case 'visit': {
      if (!endsStretch(what) || !isLater(fact, before.visit)) return before
      const over = before.wish !== null && isLater(fact, before.wish)
      return { ...before, visit: { id, day }, wish: over ? null : before.wish }
    }
    default:
      return before
  }
}
/** The wish that stands, with the last that was said to it. */
export function standingOf({ wish, answers, taken }: Wished): StandingWish | null {
  if (!wish) return null
  const answer = answers
    .filter((a) => a.wish === wish.id)
    .reduce<Wished['answers'][number] | null>((last, a) => (isLater(a, last) ? a : last), null)
  return { ...wish, answer, taken: answer !== null && taken.includes(answer.id) }
}
/** The wish that stands on a day; null where none does. */
export const standingWish = ({ entries }: Pick<DogRecord, 'entries'>, at: Day): StandingWish | null =>
  standingOf(
    timeline(entries)
      .filter((f) => f.day <= at)
      .reduce(wishAfter, NOTHING_WISHED),
  )

/** What the groomer says to a line; null where they have not. */
export const answerTo = (wish: StandingWish, line: WishWhere): WishAnswerLine | null =>
  wish.answer?.lines.find((a) => whereKey(a) === whereKey(line)) ?? null

/** Whether the answer is other than what was wished. */
export const answeredOtherwise = (wish: StandingWish): boolean =>
  wish.answer?.lines.some((a) => a.how !== 'will') ?? false

/** The wish as the groomer would do it: their length in place of the owner's, and what they will not do left out. */
export const asAnswered = (wish: StandingWish): WishLine[] =>
  wish.lines.flatMap((line): WishLine[] => {
    const a = answerTo(wish, line)
    if (!a || a.how === 'will') return [line]
    const { part, place } = line
    const where = place ? { place } : { part }
    return a.mm === undefined ? [] : [{ ...where, mm: a.mm }]
  })

/**
 * What is agreed to be left, mm, by region: what the groomer will do of it once the owner took it, or at once
 * where every line was answered with yes. Hair that is left to grow is not in it.
 */
export function agreedCut(wish: StandingWish | null): Map<RegionId, number> | null {
  if (!wish?.answer || !(wish.taken || !answeredOtherwise(wish))) return null
  return cutOfLines(asAnswered(wish))
}

/** The lengths these lines leave, mm, by region. */
export function cutOfLines(lines: readonly WishLine[]): Map<RegionId, number> {
  const cut = new Map<RegionId, number>()
  for (const line of lines)
    if (line.mm !== undefined) for (const id of regionsOfLine(line, lines)) cut.set(id, line.mm)
  return cut
}

/** A cut as a visit would tell it. */
export const asVisit = (cut: ReadonlyMap<RegionId, number>): FactOf<'visit'> => ({
  kind: 'visit',
  lengths: {},
  found: [],
  except: REGIONS.flatMap(({ id, place, side }) => {
    const mm = cut.get(id)
    return mm === undefined ? [] : [{ place, ...(side ? { side } : {}), mm }]
  }),
})
