import { whatWent } from '../handling/what-went'
import { openConcerns, sayWhere } from '../look/look-over'
import { hardPlaces } from '../handling/handling'
import { stepsOf } from '../handling/ladders'
import type { HandledId } from '../handling/ladders'
import { careSince, TIDY_LABELS } from './care-since'
import { overdueCare } from './overdue'
import { sayWish } from './wish-words'
import { isWhere, placeRow, regionOf, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { Finding } from '../../record/findings'
import type { DogRecord } from '../../record/fold'
import { dayAndMonth, sayDay } from '../../record/say-day'
import { SIGNS } from '../../record/signs'
import { sayHelps } from '../../record/what-works'
import { jacketSaid } from '../../record/jacket'
import { stretchStart } from '../../record/stretch-start'
import { timeline } from '../../record/timeline'
import { standingWish } from '../../record/wishes'

type DatedCheck = DatedFact & { what: FactOf<'check'> }

/** One thing to tell the groomer about a place, newest first in its list. */
export interface PlaceStory {
  place: PlaceId
  regions: RegionId[]
  finding: Finding
  /** Last day it was found so, and how that ended. */
  day: Day
  times: number
  ended: 'out' | 'left' | 'refused'
  /** Why it was left, where that was decided. */
  why?: NonNullable<FactOf<'check'>['decided']>['why'] | undefined
}

const WORST: readonly Finding[] = ['felt', 'mat', 'refused', 'knot', 'snag', 'rasps', 'glides']

const checksSince = (facts: readonly DatedFact[]) =>
  facts.filter((f): f is DatedCheck => f.what.kind === 'check')

const endOf = (c: FactOf<'check'>): PlaceStory['ended'] =>
  c.finding === 'refused' ? 'refused' : (c.out ?? 0) >= (c.count ?? 1) ? 'out' : 'left'

/** What was found where since `from`, worst first, each kind of finding by itself; glides are not told. */
export function placeStories(record: DogRecord, from: Day, at: Day): PlaceStory[] {
  const facts = timeline(record.entries).filter((f) => f.day >= from && f.day <= at)
  const groups = new Map<string, DatedCheck[]>()
  for (const c of checksSince(facts)) {
    if (c.what.finding === 'glides' || c.what.open) continue
    const key = `${regionOf(c.what.region).place}/${c.what.finding}`
    groups.set(key, [...(groups.get(key) ?? []), c])
  }
  const stories = [...groups.values()].map((checks): PlaceStory => {
    const last = checks.at(-1)!
    return {
      place: regionOf(last.what.region).place,
      regions: [...new Set(checks.map((c) => c.what.region))],
      finding: last.what.finding,
      day: last.day,
      times: new Set(checks.map((c) => c.day)).size,
      ended: endOf(last.what),
      why: last.what.decided?.why,
    }
  })
  return stories.sort(
    (a, b) =>
      WORST.indexOf(a.finding) - WORST.indexOf(b.finding) || (a.day === b.day ? 0 : a.day < b.day ? 1 : -1),
  )
}

/**
 * "both armpits", "the left armpit", "the beard"; behind both ears, under the tail.
 * @param lead what stands before a name: of one, and of a pair
 */
export function namePlaces(
  { place, regions }: Pick<PlaceStory, 'place' | 'regions'>,
  lead: { one: string; pair: string } = { one: 'the ', pair: 'both ' },
): string {
  if (regions.length > 1)
    return isWhere(place) ? 'behind both ears' : `${lead.pair}${placeRow(place).plural.toLowerCase()}`
  const name = regionOf(regions[0] ?? regionsOf(place)[0]!.id).label.toLowerCase()
  return isWhere(place) ? name : `${lead.one}${name}`
}

const FOUND: Record<Exclude<Finding, 'glides' | 'refused'>, [once: string, often: string]> = {
  rasps: ['The brush rasps', 'The brush rasps'],
  snag: ['A snag', 'Snags'],
  knot: ['A tight knot', 'Tight knots'],
  mat: ['A mat', 'Mats'],
  felt: ['Felted hair', 'Felted hair'],
}
const onSo = (days: number) => (days === 1 ? 'one day' : `${days} days`)
const WORN = { harness: 'Wore a harness', collar: 'Wore a collar', coat: 'Wore a coat or jumper' } as const
/** What a hand felt, for whoever has the dog next. */
const BY_HAND: Record<FactOf<'hand'>['feels'], string> = {
  nothing: 'nothing to feel',
  lumps: 'some lumps',
  many: 'many lumps',
  sheet: 'one sheet',
}
const sentence = (s: string) => s.charAt(0).toUpperCase() + s.slice(1)

/** How a knot that is still there was left. */
const LEFT: Partial<Record<NonNullable<PlaceStory['why']>, string>> = {
  'danger-tried': 'would not give in a minute, left for you',
  tried: 'would not tease out, left for you',
  'tried-wash': 'to be tried with conditioner at the next wash',
  'wash-first': 'to be tried with conditioner at the next wash',
  'not-allowed': 'would not let me try, left for you',
  privates: 'at the privates, left for you',
}
const VETS = ['sore', 'fouled'] as const

/** How it ended, as the groomer needs it. */
function endOfStory(story: PlaceStory): string {
  if (VETS.some((w) => w === story.why)) return 'the skin there was for the vet to see'
  const left = (story.why && LEFT[story.why]) ?? 'left for you'
  return { out: 'combed out', left, refused: 'then refused' }[story.ended]
}
const onDays = ({ times }: PlaceStory) => (times > 1 ? ` on ${times} days, last` : '')

function tell(story: PlaceStory, at: Day): string {
  const where = namePlaces(story)
  const at_ = isWhere(story.place) ? where : `in ${where}`
  if (story.finding === 'glides' || story.finding === 'refused') {
    const often = story.times > 1 ? `, ${story.times} times` : ''
    const these = namePlaces(story, { one: 'the ', pair: 'the ' })
    return `Would not allow ${these}${often}, last ${sayDay(story.day, at)}`
  }
  const what = FOUND[story.finding][story.times > 1 || story.regions.length > 1 ? 1 : 0]
  return `${what} ${at_}${onDays(story)} ${sayDay(story.day, at)}; ${endOfStory(story)}`
}
/** More of a place that was told of already. */
function tellMore(story: PlaceStory, first: PlaceStory, at: Day): string {
  const side = story.regions.length < first.regions.length
  const where = !side ? '' : ` ${isWhere(story.place) ? '' : 'in '}${namePlaces(story)}`
  if (story.finding === 'glides' || story.finding === 'refused')
    return `not allowed${side ? ` at ${namePlaces(story, { one: 'the ', pair: 'the ' })}` : ''}${story.times > 1 ? ` ${story.times} times, last` : ''} ${sayDay(story.day, at)}`
  const what = FOUND[story.finding][story.times > 1 || story.regions.length > 1 ? 1 : 0].toLowerCase()
  return `${what}${where}${onDays(story)} ${sayDay(story.day, at)}, ${endOfStory(story)}`
}

/** Places a note tells one by one; the groomer's page has them all. */
const MOST_TOLD = 8
/** What works, as the record shows it: the surest of it. */
const MOST_WENT = 3

/** One thing a note may tell, to be struck out or moved by its id: the same from day to day. */
export interface NoteFact {
  id: string
  says: string
  /** Photographs of that place, of this stretch. */
  photos: readonly string[]
}

/** What an owner might tell the groomer of the stretch, a plain sentence each, what is of one place together. */
export function noteFacts(record: DogRecord, at: Day): NoteFact[] {
  const { profile } = record
  const from = stretchStart(record, at)
  const facts = timeline(record.entries).filter((f) => f.day >= from && f.day <= at)
  const days = [...new Set(checksSince(facts).map((c) => c.day))]
  const minutes = facts.reduce((sum, f) => sum + (f.what.kind === 'session' ? f.what.minutes : 0), 0)
  const she = profile.sex === 'female' ? 'she' : 'he'
  const told: NoteFact[] = []
  const say = (id: string, says: string, photos: readonly string[] = []) =>
    told.push({ id, says: `${says}.`, photos })
  const photosOf = (place: PlaceId) =>
    facts.flatMap((f) => (f.what.kind === 'photo' && f.what.place === place ? [f.id] : []))

  if (!days.length) say('combed', `${profile.name} has not been combed since ${dayAndMonth(from)}`)
  else {
    const spent = minutes >= 1 ? `, ${Math.round(minutes)} minutes in all` : ''
    const times = days.length === 1 ? 'one day' : `${days.length} days`
    say('combed', `Combed on ${times} since ${dayAndMonth(from)}${spent}; last ${sayDay(days.at(-1)!, at)}`)
  }
  const stories = placeStories(record, from, at)
  const places: PlaceStory[][] = []
  for (const s of stories) {
    // What is of a place that was told of goes with it; of a side that was not, it is told by itself.
    const with_ = places.find(([f]) => f!.place === s.place && s.regions.every((r) => f!.regions.includes(r)))
    if (with_) with_.push(s)
    else places.push([s])
  }
  for (const [first, ...more] of places.slice(0, MOST_TOLD))
    say(
      `place ${first!.place} ${first!.finding} ${first!.regions.join(' ')}`,
      [tell(first!, at), ...more.map((s) => `also ${tellMore(s, first!, at)}`)].join('; '),
      // A picture stands beside the first that is told of its place.
      places.find(([f]) => f!.place === first!.place)![0] === first ? photosOf(first!.place) : [],
    )
  if (days.length && !stories.length) say('clear', 'The comb went through everywhere it was tried')

  for (const f of facts) {
    if (f.what.kind === 'wet' && !f.what.combedDry) {
      const how = { swim: 'Swam', rain: 'Got soaked', grass: 'Wet legs and belly' }[f.what.how]
      say(`wet ${f.id}`, `${how} ${sayDay(f.day, at)}, not combed dry`)
    }
  }
  const daysOf = (of: (f: DatedFact) => boolean) => [...new Set(facts.filter(of).map((f) => f.day))]
  const brushed = daysOf((f) => f.what.kind === 'brush').filter((d) => !days.includes(d))
  if (brushed.length)
    say('brushed', `Brushed and not combed on ${onSo(brushed.length)}, last ${sayDay(brushed.at(-1)!, at)}`)
  for (const gear of ['harness', 'collar', 'coat'] as const) {
    const worn = daysOf((f) => f.what.kind === 'gear' && f.what.gear === gear && f.what.hours > 0)
    if (worn.length) say(`gear ${gear}`, `${WORN[gear]} on ${onSo(worn.length)}`)
  }
  for (const f of facts)
    if (f.what.kind === 'hand')
      say(`hand ${f.id}`, `${dayAndMonth(f.day)} by hand, before a comb was there: ${BY_HAND[f.what.feels]}`)
  for (const c of openConcerns(record, at))
    say(
      `concern ${c.id}`,
      `For the vet, still open: ${sayWhere(c.what.where)}: ${c.what.seen.map((s) => SIGNS[s]).join(', ')}`,
    )
  for (const { label, says } of careSince(record, from, at).slice(0, MOST_TOLD)) {
    // Eyes that were looked at and eyes the vet has seen are two things, to be struck out apart.
    const named = told.filter((t) => t.id.split(',')[0] === `care ${label}`).length
    say(`care ${label}${named ? `, ${named + 1}` : ''}`, `${label}: ${says}`)
  }
  const overdue = overdueCare(record, at)
  if (overdue) say('overdue', `Overdue: ${overdue}`)
  const jacket = jacketSaid(record, at)
  if (jacket) say('jacket', `The jacket: ${jacket}`)
  const helps = sayHelps(profile.helps)
  if (helps) say('helps', `What helps: ${helps}`)
  for (const w of whatWent(record, at).slice(0, MOST_WENT)) say(`went ${w.id}`, `What works: ${w.says}`)
  const onTheWay = new Map(hardPlaces(record, at).map((h) => [h.place, h]))
  const asFar = (place: HandledId) => {
    const h = onTheWay.get(place)
    return h?.last ? ` (at home as far as: ${stepsOf(place)[h.step]!.toLowerCase()})` : ''
  }
  const hard = profile.hard.map((p) => `${placeRow(p).plural.toLowerCase()}${asFar(p)}`)
  const rehearsed = [
    ...new Set(
      timeline(record.entries).flatMap((f) =>
        f.day <= at && f.what.kind === 'rehearsed' && f.what.went === 'kept' ? [f.what.of] : [],
      ),
    ),
  ]
  if (rehearsed.length)
    say(
      'rehearsed',
      `Rehearsed on paper before cutting: ${rehearsed.map((of) => TIDY_LABELS[of].toLowerCase()).join(', ')}`,
    )
  if (hard.length) say('hard', `${sentence(she)} finds these places hard: ${hard.join(', ')}`)
  const wish = standingWish(record, at)
  if (wish) say('wish', `We would like, place by place: ${sayWish(wish.lines)}`)
  if (profile.wish) say('wish words', `We would like: ${profile.wish.replace(/\.$/, '')}`)
  return told
}

/** The note an owner might send, drafted from what happened in the stretch: a draft only, a sentence a line. */
export const draftNote = (record: DogRecord, at: Day): string =>
  noteFacts(record, at)
    .map((f) => f.says)
    .join('\n')

/** What the owner made of the draft: words before and after, what is struck out, and what is moved. */
export interface NoteEdited {
  before: string
  after: string
  struck: readonly string[]
  /** Ids in the order they are to go; those it does not name keep theirs, after the one they followed. */
  order: readonly string[]
}
export const UNEDITED: NoteEdited = { before: '', after: '', struck: [], order: [] }

/** The facts in the owner's order. What came since stands where the draft has it. */
export function inOrder(facts: readonly NoteFact[], { order }: Pick<NoteEdited, 'order'>): NoteFact[] {
  const moved = order.flatMap((id) => facts.find((f) => f.id === id) ?? [])
  const out = [...moved]
  facts.forEach((f, i) => {
    if (out.includes(f)) return
    const follows = facts
      .slice(0, i)
      .reverse()
      .find((g) => out.includes(g))
    out.splice(follows ? out.indexOf(follows) + 1 : 0, 0, f)
  })
  return out
}
/** The note as the groomer reads it. */
export const noteText = (facts: readonly NoteFact[], edited: NoteEdited): string =>
  [
    edited.before.trim(),
    inOrder(facts, edited)
      .filter((f) => !edited.struck.includes(f.id))
      .map((f) => f.says)
      .join('\n'),
    edited.after.trim(),
  ]
    .filter(Boolean)
    .join('\n\n')
