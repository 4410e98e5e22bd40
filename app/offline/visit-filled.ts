import { v7 as uuid } from 'uuid'
import { lengthProblem } from '#core/care/tidies/even-up'
import { everShown } from '#core/care/tidies/may'
import type { VisitEntry } from '#core/care/note/next-visit'
import { PART_IDS, regionOf } from '#core/coat/regions'
import type { PartId, PlaceId, RegionId } from '#core/coat/regions'
import { BLADES, leaves } from '#core/record/cutters'
import type { Ran } from '#core/record/cutters'
import type { Comfort, Finding } from '#core/record/findings'
import { TAUGHT } from '#core/record/habits'
import type { Setting } from '#core/record/habits'
import type { MeansId } from '#core/record/means'
import { CUT_IDS } from '#core/record/tidies'
import type { CutId } from '#core/record/tidies'
import type { FirstLeg, Position, Works } from '#core/record/what-works'
import { VISIT_DID } from '#core/record/visit-did'
import type { VisitDid } from '#core/record/visit-did'
import type { Day } from '#core/record/day'

/** A length as it is typed: by what it was cut with, and the way that was run, or in mm. */
export interface CutTyped {
  /** A blade's name, "guard 13", or nothing. */
  tool: string
  against: boolean
  mm: string
}
/** What was met at a place, and what is to be done there at home. */
export interface Marked {
  finding: Finding
  count: number
  mm: string
  says: string
  comfort: Comfort | ''
  /** What worked there. */
  position: Position | ''
  first: FirstLeg | ''
}
export const uncut = (): CutTyped => ({ tool: '', against: false, mm: '' })
export const COUNTED: readonly Finding[] = ['snag', 'knot', 'mat']
const GUARD = /^guard (\d+)$/
const ranBy = ({ tool, against }: CutTyped): Ran | null => {
  const guard = GUARD.exec(tool)?.[1]
  const blade = BLADES.find((b) => b.id === tool)?.id
  const way = against ? { against: true as const } : {}
  return guard ? { guard: Number(guard), ...way } : blade ? { blade, ...way } : null
}
/** What was chosen says how much it leaves. */
export function choose(cut: CutTyped, change: Partial<Pick<CutTyped, 'tool' | 'against'>>): CutTyped {
  const chosen = { ...cut, ...change }
  const ran = ranBy(chosen)
  return ran ? { ...chosen, mm: String(leaves(ran)) } : chosen
}

/** Everything a visit's form holds, as it is kept on the device until the visit is entered. */
export interface Filled {
  /** The day it was begun on, and the ids of what it will be. */
  begun: string
  id: string
  wordId: string
  /** Of what is said for home, by where: sent again it is the same. */
  ids: Record<string, string>
  day: string
  who: string
  all: CutTyped
  parts: Record<PartId, CutTyped>
  marks: [RegionId, Marked][]
  did: VisitDid[]
  /** Whether the whole coat was seen to, or only what is ticked. */
  scope: 'all' | 'some'
  comfort: Comfort | ''
  knotMinutes: string
  setting: Setting | ''
  shown: Partial<Record<CutId, MeansId[]>>
  mats: boolean
  general: string
  word: string
  /** Days to come again: the first, and others to choose from. */
  next: [string, string, string]
}

/** One that nothing is said of yet. @param by whose visit it is taken to be */
export const blankVisit = (today: Day, by: string): Filled => ({
  begun: today,
  id: uuid(),
  wordId: uuid(),
  ids: {},
  day: today,
  who: by,
  all: uncut(),
  parts: Object.fromEntries(PART_IDS.map((p) => [p, uncut()])) as Record<PartId, CutTyped>,
  marks: [],
  did: [],
  scope: 'all',
  comfort: '',
  knotMinutes: '',
  setting: '',
  shown: {},
  mats: false,
  general: '',
  word: '',
  next: ['', '', ''],
})

/** Only what is ticked was seen to. */
export const isOfSome = (f: Filled) => f.scope === 'some' && f.did.length > 0
function lengthsIn(f: Filled) {
  const given: Partial<Record<PartId, number>> = {}
  for (const p of PART_IDS) {
    const typed = f.parts[p].mm.trim() || f.all.mm.trim()
    if (typed) given[p] = Number(typed)
  }
  return given
}
function ranIn(f: Filled) {
  const all = ranBy(f.all)
  return [
    ...(all ? [all] : []),
    ...PART_IDS.flatMap((part) => {
      const own = ranBy(f.parts[part])
      return own ? [{ part, ...own }] : []
    }),
  ]
}
function exceptIn(f: Filled) {
  const by = new Map<PlaceId, Map<'left' | 'right' | 'both', number>>()
  for (const [id, m] of f.marks) {
    if (!m.mm.trim()) continue
    const { place, side } = regionOf(id)
    by.set(place, (by.get(place) ?? new Map()).set(side ?? 'both', Number(m.mm)))
  }
  return [...by].flatMap(([place, sides]) => {
    const [left, right] = [sides.get('left'), sides.get('right')]
    // One side told is told of its pair, unless the other was told apart.
    const one =
      sides.get('both') ??
      (left === undefined || right === undefined || left === right ? (left ?? right) : undefined)
    return one !== undefined
      ? [{ place, mm: one }]
      : [
          { place, side: 'left' as const, mm: left! },
          { place, side: 'right' as const, mm: right! },
        ]
  })
}
/** What worked, place by place: of a pair, what was told of either side. */
function worksIn(f: Filled) {
  const by = new Map<PlaceId, Works[number]>()
  for (const [id, { position, first }] of f.marks) {
    if (!position && !first) continue
    const { place } = regionOf(id)
    by.set(place, {
      place,
      ...by.get(place),
      ...(position ? { position } : {}),
      ...(first ? { first } : {}),
    })
  }
  return [...by.values()]
}
/** What is wrong with it, in words; nothing where it may be entered. */
export function wrongWith(f: Filled, today: Day): string {
  if (!f.who.trim()) return 'Say whose visit it was.'
  if (!f.day || f.day > today) return 'A visit is of today or earlier.'
  for (const mm of [...Object.values(lengthsIn(f)), ...exceptIn(f).map((e) => e.mm)]) {
    const problem = lengthProblem(mm)
    if (problem) return problem
  }
  const minutes = f.knotMinutes.trim()
  if (minutes && !(Number(minutes) >= 0 && Number(minutes) <= 600))
    return 'Minutes for knots are a number, ten hours at most.'
  return ''
}

/** A tidy that nothing was shown of is left to cloth and comb. */
const withEach = (of: Filled['shown']) => Object.fromEntries(CUT_IDS.map((id) => [id, of[id] ?? []]))
/** The visit as it is entered. @param places what the dog has of them */
export function visitFrom(f: Filled, places: readonly RegionId[]): VisitEntry {
  const marks = new Map(f.marks)
  const some = isOfSome(f)
  const [except, ran, works] = [exceptIn(f), ranIn(f), worksIn(f)]
  return {
    id: f.id,
    day: f.day,
    what: {
      kind: 'visit',
      lengths: lengthsIn(f),
      // Who goes over the whole coat tells of every place: what was not marked combed through.
      found: places.flatMap((id) => {
        const m = marks.get(id)
        if (some && !m) return []
        const comfort = m?.comfort ? { comfort: m.comfort } : {}
        return m && COUNTED.includes(m.finding)
          ? [{ region: id, finding: m.finding, count: m.count, ...comfort }]
          : [{ region: id, finding: m?.finding ?? ('glides' as const), ...comfort }]
      }),
      by: f.who.trim(),
      ...(except.length ? { except } : {}),
      ...(ran.length ? { ran } : {}),
      ...(f.knotMinutes.trim() ? { knotMinutes: Number(f.knotMinutes) } : {}),
      ...(f.did.length ? { did: VISIT_DID.filter((d) => f.did.includes(d)) } : {}),
      ...(some ? { only: true as const } : {}),
      ...(f.comfort ? { comfort: f.comfort } : {}),
      ...(works.length ? { works } : {}),
      ...(f.setting
        ? {
            allows: {
              setting: f.setting,
              taught: f.setting === 'taught' ? TAUGHT.filter((t) => everShown(t, f.shown)) : [],
              ...(f.setting === 'taught' ? { may: withEach(f.shown) } : {}),
              mats: f.mats,
            },
          }
        : {}),
    },
  }
}
