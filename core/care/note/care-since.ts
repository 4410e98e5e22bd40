import type { PlaceId } from '../../coat/regions'
import { PART_IDS, placeRow } from '../../coat/regions'
import { partsOfTidy } from '../../record/care-parts'
import type { CarePartId } from '../../record/care-parts'
import { FOUND_SAYS, OUTCOME_SAYS, sayTheParts } from '../../record/care-words'
import { UNDERCOAT_IDS } from '../../record/findings'
import type { Undercoat } from '../../record/findings'
import { listed } from '../../record/say-list'
import type { Day } from '../../record/day'
import type { DatedFact, Fact, FactOf, PartDone } from '../../record/entries'
import type { DogRecord } from '../../record/fold'
import { dayAndMonth, sayDay } from '../../record/say-day'
import { SIGNS } from '../../record/signs'
import { tidied } from '../../record/tidied'
import { TRIM_IDS } from '../../record/tidies'
import type { TidyId, TrimId } from '../../record/tidies'
import { timeline } from '../../record/timeline'
import { sayWhere } from '../look/look-over'

/**
 * Whether a groomer hears of a kind of fact: in the list of what was done beside the comb, with the comb's findings, as
 * standing truth of the dog, in a place of its own, or not at all. Every kind is named, so that a new one is not forgotten.
 */
export const HEARD: Record<Fact['kind'], 'care' | 'comb' | 'dog' | 'own' | 'no'> = {
  tidy: 'care',
  wash: 'care',
  undercoat: 'care',
  visit: 'care',
  'concern-closed': 'care',
  check: 'comb',
  brush: 'comb',
  hand: 'comb',
  wet: 'comb',
  session: 'comb',
  dog: 'dog',
  measure: 'dog',
  gear: 'dog',
  handling: 'own',
  rehearsed: 'own',
  concern: 'own',
  advice: 'own',
  'advice-answer': 'own',
  wish: 'own',
  'wish-answer': 'own',
  'wish-taken': 'own',
  proposed: 'own',
  photo: 'own',
  // When the owner has time is not the groomer's to read.
  plan: 'no',
}

/** One thing done beside the comb since the last visit. */
export interface CareSince {
  label: string
  says: string
  /** The last day of it. */
  day: Day
}
/** What each tidy is called where a groomer reads of it. */
export const TIDY_LABELS: Record<TidyId, string> = {
  face: 'Face',
  paws: 'Paws',
  sanitary: 'Under the tail and belly',
  ears: 'Ears',
  neatening: 'Neatening',
  nails: 'Nails',
  eyes: 'Eyes',
  'ear-look': 'Ear openings',
  teeth: 'Teeth',
  'look-over': 'Looked over',
}
type Dated<K extends Fact['kind']> = DatedFact & { what: FactOf<K> }

/** Of a tidy that cuts: what was cut, how short and when, part by part as it stands; what was refused last. */
function trimmed(tidy: TrimId, done: readonly Dated<'tidy'>[], at: Day): CareSince | null {
  const last = new Map<CarePartId, PartDone & { day: Day }>()
  for (const f of done)
    for (const p of tidied(f.what)) if (p.did !== 'left' || p.found) last.set(p.part, { ...p, day: f.day })
  const parts = [...last.values()]
  if (!parts.length) return null
  const groups = new Map<string, { parts: CarePartId[]; words: string; day: Day }>()
  for (const p of parts) {
    const did =
      p.did === 'refused'
        ? 'refused'
        : p.did === 'left'
          ? 'left'
          : p.how === 'cut'
            ? `cut${p.mm === undefined ? '' : ` to ${p.mm} mm`}`
            : (p.how ?? 'done')
    const key = `${did} ${p.day}`
    const g = groups.get(key) ?? { parts: [], words: did, day: p.day }
    groups.set(key, { ...g, parts: [...g.parts, p.part] })
  }
  const cutFirst = (words: string) => (words.startsWith('cut') ? 0 : words === 'refused' ? 1 : 2)
  const said = [...groups.values()]
    .sort((a, b) => cutFirst(a.words) - cutFirst(b.words) || b.day.localeCompare(a.day))
    .map((g) => `${sayTheParts(g.parts, partsOfTidy(tidy))} ${g.words} ${sayDay(g.day, at)}`)
  const met = [...new Set(parts.flatMap((p) => p.found ?? []))].map((f) => FOUND_SAYS[f])
  return {
    label: TIDY_LABELS[tidy],
    says: [...said, ...(met.length ? [`met: ${listed(met)}`] : [])].join('; '),
    day: parts
      .map((p) => p.day)
      .sort()
      .at(-1)!,
  }
}
/** Of a look: how often, and how it came out the last time. */
function looked(tidy: TidyId, done: readonly Dated<'tidy'>[], at: Day): CareSince | null {
  const last = done.at(-1)
  if (!last) return null
  const days = new Set(done.map((f) => f.day)).size
  const outcomes = [...new Set(tidied(last.what).flatMap((p) => p.outcome ?? []))]
  const whole = last.what.outcome
  const how = listed((whole ? [whole] : outcomes).map((o) => OUTCOME_SAYS[o]))
  return {
    label: TIDY_LABELS[tidy],
    says: `${days > 1 ? `${days} days, last ` : ''}${sayDay(last.day, at)}${how ? `: ${how}` : ''}`,
    day: last.day,
  }
}

function washed(done: readonly Dated<'wash'>[], at: Day): CareSince[] {
  const of = (label: string, some: readonly Dated<'wash'>[]): CareSince[] => {
    const last = some.at(-1)
    if (!last) return []
    const { dried, combedOut, damp, places } = last.what
    return [
      {
        label,
        says: [
          `${some.length > 1 ? `${some.length} times, last ` : ''}${sayDay(last.day, at)}`,
          places ? listed(places.map((p) => placeRow(p).plural.toLowerCase())) : '',
          dried ? `dry in ${Math.round(dried.minutes)} minutes` : '',
          combedOut ? 'combed out' : 'not combed out then',
          damp?.length ? 'some left damp' : '',
        ]
          .filter(Boolean)
          .join(', '),
        day: last.day,
      },
    ]
  }
  return [
    ...of(
      'Bath',
      done.filter((f) => !f.what.places),
    ),
    ...of(
      'Part wash',
      done.filter((f) => f.what.places),
    ),
  ]
}

function raked(done: readonly Dated<'undercoat'>[], at: Day): CareSince[] {
  const last = done.at(-1)
  if (!last) return []
  const by = new Map<PlaceId, Undercoat>()
  for (const f of done) {
    // All of it was raked: what was told of places before is over.
    if (!f.what.places) by.clear()
    for (const p of f.what.places ?? []) by.set(p.place, p.finding)
  }
  // The most packed first: it is what wants their rake.
  const where = [...UNDERCOAT_IDS]
    .reverse()
    .map((of) => [of, [...by].flatMap(([place, finding]) => (finding === of ? [place] : []))] as const)
    .filter(([, places]) => places.length)
    .map(([of, places]) => `${of} at ${listed(places.map((p) => placeRow(p).plural.toLowerCase()))}`)
    .join('; ')
  return [
    {
      label: 'Undercoat',
      says: `${done.length > 1 ? `${done.length} times, last ` : ''}${sayDay(last.day, at)}: ${where || last.what.finding}`,
      day: last.day,
    },
  ]
}

/** A clip at home: how short, and where. */
export function sayHomeClip({ lengths, except = [] }: FactOf<'visit'>): string {
  const of = new Map<number, string[]>()
  const add = (mm: number, name: string) => of.set(mm, [...(of.get(mm) ?? []), name.toLowerCase()])
  for (const part of PART_IDS) if (lengths[part] !== undefined) add(lengths[part], part)
  for (const { place, side, mm } of except)
    add(mm, side ? `${side} ${placeRow(place).label}` : placeRow(place).plural)
  return [...of].map(([mm, names]) => `${mm} mm at ${listed(names)}`).join('; ') || 'lengths not told'
}
const clipped = (done: readonly Dated<'visit'>[], at: Day): CareSince[] =>
  done
    .filter((f) => f.what.home)
    .map((f) => ({
      label: 'Clipped at home',
      says: `${sayDay(f.day, at)}: ${sayHomeClip(f.what)}`,
      day: f.day,
    }))

/** Concerns that were open and are closed, with what came of them. */
function closed(facts: readonly DatedFact[], all: readonly DatedFact[], at: Day): CareSince[] {
  const HOW = { vet: 'the vet has seen it', well: 'it is well', mistaken: '' }
  return facts.flatMap((f): CareSince[] => {
    if (f.what.kind !== 'concern-closed' || f.what.how === 'mistaken') return []
    const { concern, how } = f.what
    const was = all.find((x) => x.id === concern)
    if (was?.what.kind !== 'concern') return []
    return [
      {
        label: sayWhere(was.what.where),
        says: `${was.what.seen.map((s) => SIGNS[s]).join(', ')}, seen ${dayAndMonth(was.day)}; ${HOW[how]} ${sayDay(f.day, at)}`,
        day: f.day,
      },
    ]
  })
}

const of = <K extends Fact['kind']>(facts: readonly DatedFact[], kind: K) =>
  facts.filter((f): f is Dated<K> => f.what.kind === kind)

/**
 * What was done beside the comb since `from`, for a groomer: what was cut first, then washing, undercoat and nails, then
 * what was only looked at. The note's draft, the link, the room and the card all say it from here.
 */
export function careSince(record: Pick<DogRecord, 'entries'>, from: Day, at: Day): CareSince[] {
  const all = timeline(record.entries)
  const facts = all.filter((f) => f.day >= from && f.day <= at && HEARD[f.what.kind] === 'care')
  const tidies = of(facts, 'tidy')
  const ofTidy = (tidy: TidyId) => tidies.filter((f) => f.what.tidy === tidy)
  return [
    ...closed(facts, all, at),
    ...clipped(of(facts, 'visit'), at),
    ...TRIM_IDS.flatMap((t) => trimmed(t, ofTidy(t), at) ?? []),
    ...washed(of(facts, 'wash'), at),
    ...raked(of(facts, 'undercoat'), at),
    ...(['nails', 'ear-look', 'eyes', 'teeth', 'look-over'] as const).flatMap(
      (t) => looked(t, ofTidy(t), at) ?? [],
    ),
  ]
}
