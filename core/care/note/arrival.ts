import { hardPlaces } from '../handling/handling'
import { stepsOf } from '../handling/ladders'
import type { HandledId } from '../handling/ladders'
import { openConcerns, sayWhere } from '../look/look-over'
import { SIGNS } from '../../record/signs'
import { heldOf } from '../../learn/counts'
import { TEASE_MINUTES } from '../../coat/minutes'
import type { RegionId } from '../../coat/regions'
import { addDays } from '../../record/day'
import type { Day } from '../../record/day'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'
import { chanceOfAnyMat, chanceOfMat, expectedKnots, expectedMats, placesOf } from '../../record/odds'
import type { Shade } from '../../record/odds'
import { shadeHere } from '../../record/unmet'
import { rightOf } from '../../record/score'
import type { ScoreSums } from '../../record/score-sums'
import { timeline } from '../../record/timeline'
import { learnedKnotMinutes } from './knot-minutes'
import { overdueCare } from './overdue'
import { toldAndFound } from './told-and-found'
import type { ToldAndFound } from './told-and-found'
import { priceWish } from './wish-price'
import type { PricedWish } from './wish-price'
import { answeredOtherwise, asAnswered, standingWish } from '../../record/wishes'
import { nextVisitOf } from '../../record/next-visit'
import type { NextVisit } from '../../record/next-visit'
import { playAhead } from '../../plan/kept'
import { standingPlan } from '../../plan/standing'

/** Teasing past which most groomers would rather take the coat short, minutes (judgement). */
export const GO_SHORT_MINUTES = 45
/** Of a normal spread, the tenth and ninetieth in a hundred lie so many deviations out. */
const EIGHTY = 1.2816
/** Days ahead of which a booked visit is forecast; further away says little (judgement). */
const FARTHEST = 120

/** What a groomer is about to find: the dog as it should arrive, the plan kept until then. */
export interface Arrival {
  /** The day of the visit, or null where none is booked; the forecast is then of today. */
  visit: Day | null
  shades: Partial<Record<RegionId, Shade>>
  chance: Partial<Record<RegionId, number>>
  /** Chance of a mat anywhere, and how many there are on average. */
  any: number
  mats: number
  /** Where one is likeliest. */
  likely: RegionId | null
  /** Minutes to allow for knots and mats: on average, and between what four in five come to. */
  minutes: { usual: number; low: number; high: number }
  /** More knots than are worth teasing: it will need to go short. */
  short: boolean
  /** Shortest and longest hair, mm. */
  mm: [number, number]
  refuses: { place: HandledId; why: 'said' | 'refused' | 'stopped'; works: string; snapped: boolean }[]
  /** For the vet, still open: where and what was seen. */
  concerns: string[]
  /** Days combed since the last visit, the last of them, and any entry at all. */
  days: number
  last: Day | null
  known: boolean
  /** What is wished of the cut, with what it costs: as wished, and as answered where that is otherwise. A forecast kept from before has none. */
  wish?: { asked: PricedWish; answered: PricedWish | null } | null
  /** Care that is past its day, in words. */
  overdue?: string
  /** What visits before met, and what had been told of them; a reader is given those of their own hand. */
  met?: ToldAndFound[]
  /** How right what was said at home has been; a forecast kept from before has none. */
  right?: ScoreSums
  /** How the visit came to be when it is. */
  next?: NextVisit
}

/**
 * How a dog will stand on the groomer's table, from its record: the owner's plan kept until the
 * visit, or as it is today where none is booked. The spread is that of the sum taken as normal.
 */
export function arrivalOf(record: DogRecord, at: Day): Arrival {
  const { profile } = record
  const booked = profile.nextVisit
  const visit = booked && booked >= at && booked <= addDays(at, FARTHEST) ? booked : null
  const now = coatOn(record, at)
  const plan = standingPlan(record)
  const then =
    visit && visit > at
      ? playAhead(now, visit, [], plan && plan.to >= visit ? plan.sessions : undefined).coat
      : now
  const places = placesOf(then.state())
  const chance = Object.fromEntries(places.map((p) => [p.id, chanceOfMat(p)])) as Record<RegionId, number>
  const likely = [...places].sort((a, b) => chance[b.id] - chance[a.id])[0]

  let usual = 0
  let variance = 0
  let mats = 0
  for (const p of places) {
    const knots = expectedKnots(p)
    const here = expectedMats(p)
    const strays = p.unseen.map((expected) => heldOf([{ rate: p.rate, expected }]).variance)
    mats += here
    usual +=
      knots.tangles * TEASE_MINUTES.tangle + knots.knots * TEASE_MINUTES.knot + here * TEASE_MINUTES.mat
    variance +=
      strays[0]! * TEASE_MINUTES.tangle ** 2 +
      strays[1]! * TEASE_MINUTES.knot ** 2 +
      strays[2]! * TEASE_MINUTES.mat ** 2
  }
  // What knots took here before is what they are likely to take.
  const pace = learnedKnotMinutes(record, at).now
  usual *= pace
  const off = EIGHTY * pace * Math.sqrt(variance)
  const lengths = places.map((p) => Math.round(p.mm))
  const from = now.visitOn ?? profile.since
  const wish = standingWish(record, at)
  const since = timeline(record.entries).filter((f) => f.day >= from && f.day <= at)
  const combed = [
    ...new Set(since.filter((f) => f.what.kind === 'check' || f.what.kind === 'session').map((f) => f.day)),
  ]
  return {
    visit,
    // Pale where nobody has met it yet, whatever is planned until then.
    shades: Object.fromEntries(placesOf(now.state()).map((p) => [p.id, shadeHere(p, profile, chance[p.id])])),
    chance,
    any: chanceOfAnyMat(places),
    mats,
    likely: likely?.id ?? null,
    minutes: { usual, low: Math.max(0, usual - off), high: usual + off },
    short: usual > GO_SHORT_MINUTES || places.some((p) => p.last?.finding === 'felt'),
    mm: lengths.length ? [Math.min(...lengths), Math.max(...lengths)] : [0, 0],
    refuses: hardPlaces(record, at).map((h) => ({
      place: h.place,
      why: h.why,
      works: stepsOf(h.place)[h.step]!,
      snapped: h.snapped,
    })),
    concerns: openConcerns(record, at).map(
      (c) => `${sayWhere(c.what.where)}: ${c.what.seen.map((s) => SIGNS[s]).join(', ')}`,
    ),
    days: combed.length,
    last: combed.at(-1) ?? null,
    known: since.some((f) => f.what.kind !== 'plan' && f.what.kind !== 'visit'),
    wish: wish && {
      asked: priceWish(record, at, wish.lines),
      answered: answeredOtherwise(wish) ? priceWish(record, at, asAnswered(wish)) : null,
    },
    overdue: overdueCare(record, at),
    met: toldAndFound(record, at),
    right: rightOf(record, at),
    next: nextVisitOf(record, at),
  }
}
