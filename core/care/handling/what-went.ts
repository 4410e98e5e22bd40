import { PLACE_IDS, placeRow, regionOf, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import { chanceGreater } from '../../learn/share'
import { carePart } from '../../record/care-parts'
import type { Day } from '../../record/day'
import type { Comfort } from '../../record/findings'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'
import { MEANS } from '../../record/means'
import type { MeansId } from '../../record/means'
import { timeline } from '../../record/timeline'
import { tidied } from '../../record/tidied'
import { isVisit } from '../../record/visits'

/** Nothing is said of two ways before each was met on so many days (judgement). */
const LEAST_DAYS = 4
/** Nor before one is the better this surely (judgement). */
const SURE = 0.9
/** A sitting that begins before this hour is of the morning, from the next on of the evening (judgement). */
const [NOON, EVENING] = [12, 17]

/** What the record shows of how a dog is best worked on, in words; what was told of a place is not said over again. */
export interface Went {
  id: string
  place: PlaceId | null
  says: string
  /** The side to begin with, where that is what it shows. */
  first?: 'left' | 'right'
}

/** Days something was met, and on how many of them the dog minded. */
class Met {
  private days = new Map<string, boolean>()
  on(day: string, minded: boolean) {
    this.days.set(day, minded || (this.days.get(day) ?? false))
  }
  get many() {
    return this.days.size
  }
  get minded() {
    return [...this.days.values()].filter(Boolean).length
  }
  get says() {
    return `minded on ${this.minded} of ${this.many} days`
  }
}
/** The one that goes better, where the record tells them apart. */
function better<T>(
  a: readonly [T, Met],
  b: readonly [T, Met],
): [good: readonly [T, Met], bad: typeof a] | null {
  const [[, x], [, y]] = [a, b]
  if (x.many < LEAST_DAYS || y.many < LEAST_DAYS) return null
  const bMore = chanceGreater([y.minded, y.many], [x.minded, x.many])
  if (bMore >= SURE) return [a, b]
  return 1 - bMore >= SURE ? [b, a] : null
}
const of = <K>(map: Map<K, Met>, key: K): Met => {
  const met = map.get(key) ?? new Met()
  map.set(key, met)
  return met
}
const hard = (comfort: Comfort | undefined) => comfort === 'fidgety' || comfort === 'stopped'

/** What works with this dog, as the record shows it: which side first, which tool, what hour, how long at one go. */
export function whatWent(record: DogRecord, at: Day): Went[] {
  const places = new Map<RegionId, Met>()
  const tools = new Map<MeansId, Met>()
  const hours = new Map<'morning' | 'evening', Met>()
  for (const { day, time, what } of timeline(record.entries)) {
    if (day > at) break
    if (what.kind === 'check') {
      const minded = what.finding === 'refused' || hard(what.comfort)
      // Only what was told of the dog says how it was.
      if (what.comfort || minded) of(places, what.region).on(day, minded)
      const hour = time ? Number(time.slice(0, 2)) : null
      if (hour !== null && (what.comfort || minded) && (hour < NOON || hour >= EVENING))
        of(hours, hour < NOON ? 'morning' : 'evening').on(day, minded)
    }
    if (what.kind === 'tidy')
      for (const p of tidied(what)) {
        const minded = p.did === 'refused' || hard(p.comfort)
        if (!p.comfort && !minded) continue
        const { cuts } = carePart(p.part)
        if (cuts) of(places, cuts).on(day, minded)
        if (p.using) of(tools, p.using).on(day, minded)
      }
    // On the groomer's table it stands among other things; how it was at a place counts there too.
    if (isVisit(what))
      for (const f of what.found) if (f.comfort) of(places, f.region).on(day, hard(f.comfort))
  }
  const told = new Set((record.profile.works ?? []).filter((w) => w.first).map((w) => w.place))
  const out: Went[] = []
  for (const place of PLACE_IDS) {
    const [left, right] = regionsOf(place)
    if (!left || !right || told.has(place)) continue
    const two = better([left.id, of(places, left.id)], [right.id, of(places, right.id)])
    if (!two) continue
    const [[good, well], [, ill]] = two
    const first = regionOf(good).side!
    out.push({
      id: `side ${place}`,
      place,
      first,
      says: `${placeRow(place).plural.toLowerCase()}: ${first} first, ${well.says}, the other ${ill.minded} of ${ill.many}`,
    })
  }
  const used = [...tools].sort((a, b) => b[1].many - a[1].many).slice(0, 2)
  const tool = used.length === 2 ? better(used[0]!, used[1]!) : null
  if (tool)
    out.push({
      id: 'tool',
      place: null,
      says: `${MEANS[tool[0][0]]}: ${tool[0][1].says}, with ${MEANS[tool[1][0]]} ${tool[1][1].minded} of ${tool[1][1].many}`,
    })
  const hour = better(['morning', of(hours, 'morning')], ['evening', of(hours, 'evening')])
  if (hour)
    out.push({
      id: 'hour',
      place: null,
      says: `best in the ${hour[0][0]}: ${hour[0][1].says}, in the ${hour[1][0]} ${hour[1][1].minded} of ${hour[1][1].many}`,
    })
  const { bears } = coatOn(record, at)
  if (Number.isFinite(bears))
    out.push({
      id: 'rest',
      place: null,
      says: `a rest after ${Math.round(bears)} minutes: so long it bears at one go`,
    })
  return out
}
