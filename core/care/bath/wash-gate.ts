import { regionOf } from '../../coat/regions'
import type { PlaceId } from '../../coat/regions'
import { addDays, dayOf } from '../../record/day'
import type { Day } from '../../record/day'
import type { Coat } from '../../record/coat'
import type { RegionState } from '../../record/coat-state'
import { isUnmet } from '../../record/unmet'
import { dryingMinutes } from './drying-told'
import type { Dryer } from '../../coat/drying'
import { expectedKnots } from '../../record/odds'
import { onSkin } from '../look/look-over'
import type { Concern } from '../look/look-over'
import { SORE_SIGNS } from '../../record/signs'
import type { Spot } from '../../record/spots'
import { teaseMinutes } from '../../coat/minutes'
import { WORKING_ORDER } from '../../plan/working-order'
import { DRY_BEFORE_BED, mustBeDried, WASHING_MINUTES } from './bath-recipe'

/** A comb check counts for the bath for a day (common practice, no source). */
const COMBED_WITHIN_DAYS = 1
/** Nobody washes a dog at night: from so early in the morning, minutes after midnight (judgement). */
const MORNING = 6 * 60
/** A bedtime before this is of the night after midnight, minutes after midnight (judgement). */
const NOON = 12 * 60
const DAY = 24 * 60
/** A bath sooner than this share of its interval dries the skin, unless the dog is dirty (judgement). */
const TOO_SOON = 0.5
/** Mats over the whole dog that are many. */
const MANY_MATS = 8

export interface WashAsked {
  coat: Coat
  /** A part wash, of these places alone; null is all of the dog. */
  part: readonly PlaceId[] | null
  /** Concerns of a look-over that are open. */
  concerns: readonly Concern[]
  /** What the owner sees and feels, before any water. */
  skin: 'well' | 'sore'
  stitches: boolean
  /** A vet's plan for the skin, in the owner's words: it overrides everything here. */
  vetPlan: string | null
  dirty: boolean
  /** Days since the last bath, and how often this dog wants one; null where it was never washed. */
  sinceBath: number | null
  interval: number
  washFirst: boolean
  /** Whether water soaks to the skin where it catches; unset, not tried. */
  soaks?: boolean
  dryer: Dryer
  watts?: number
  cold?: boolean
  /** Mean length of the coat, mm. */
  mm: number
  /** Minutes after midnight: now, and when the dog goes to bed. */
  now: number
  bed: number
}

export type WashAnswer =
  /** Sore skin that was seen, and where; or stitches. */
  | { answer: 'vet'; why: 'sore' | 'stitches'; where?: Spot }
  | { answer: 'vet-plan' }
  | { answer: 'groomer'; why: 'felt' | 'many' | 'mat' }
  | { answer: 'comb-first'; places: PlaceId[]; minutes: number; tryWater: boolean }
  | { answer: 'no-dryer' }
  | { answer: 'too-late'; startBy: number }
  | { answer: 'night'; from: number }
  | { answer: 'too-soon'; from: Day }
  | { answer: 'yes' }
  | { answer: 'wash-first' }

export interface WashGate {
  answer: WashAnswer
  combed: { places: number; of: number }
  drying: { from: number; to: number } | null
  /** Latest start that leaves the dog dry an hour before bed, minutes after midnight; null with no dryer. */
  startBy: number | null
  /** Where a concern is open that a bath does not make worse: kept dry, and left alone. */
  keptDry: Spot[]
}

/** Water is not put on skin that may be sore; elsewhere the dog is washed and the place left dry. */
const forbidsWater = (c: Concern) => onSkin(c) && c.what.seen.some((s) => SORE_SIGNS.includes(s))

const matsLeft = (p: RegionState) =>
  p.last?.finding === 'mat' ? p.left.reduce((sum, l) => sum + l.count, 0) : 0

/** Whether this dog may be washed today: yes, comb first, or not at home, and why. */
export function mayWash(asked: WashAsked): WashGate {
  const { coat } = asked
  const today = dayOf(coat.today)
  const knots = coat.profile.coat !== 'smooth'
  const within = (p: { region: { place: PlaceId } }) => !asked.part || asked.part.includes(p.region.place)
  const washed = coat.places.filter(within)
  const combedSince = addDays(today, -COMBED_WITHIN_DAYS)
  // What was left to be tried with conditioner has passed the water test already.
  const stays = (p: RegionState) => p.left.length > 0 && p.last?.decided?.answer !== 'condition'
  const open = knots ? washed.filter((p) => !(p.clearOn && p.clearOn >= combedSince) || stays(p)) : []
  const drying = dryingMinutes(
    { coat: coat.profile.coat, kg: coat.profile.weightKg, mm: asked.mm },
    asked.dryer,
    { ...(asked.watts ? { watts: asked.watts } : {}), cold: asked.cold ?? false },
    coat.dries * areaShare(washed, coat.places),
  )
  const bed = asked.bed < NOON ? asked.bed + DAY : asked.bed
  const startBy = drying ? bed - DRY_BEFORE_BED - drying.to - WASHING_MINUTES : null
  return {
    combed: { places: washed.length - open.length, of: washed.length },
    drying,
    startBy,
    keptDry: asked.concerns.map((c) => c.what.where),
    answer: answerOf(asked, open, startBy),
  }
}

/** The share of a coat that some of its places are, by area. */
export const areaShare = (some: Coat['places'], all: Coat['places']) => {
  const area = (of: Coat['places']) => of.reduce((sum, p) => sum + p.region.area, 0)
  return area(all) ? area(some) / area(all) : 1
}

function answerOf(asked: WashAsked, open: WashAsked['coat']['places'], startBy: number | null): WashAnswer {
  const { coat, part } = asked
  const here = (where: Spot) =>
    !part || part.some((p) => p === where) || (where === 'pads' && part.includes('forefoot'))
  const weeping = asked.concerns.find((c) => forbidsWater(c) && here(c.what.where))
  if (weeping) return { answer: 'vet', why: 'sore', where: weeping.what.where }
  const sore = coat.places.find((p) => p.last?.decided?.why === 'sore' && here(p.region.place))
  if (sore) return { answer: 'vet', why: 'sore', where: sore.region.place }
  if (asked.skin === 'sore') return { answer: 'vet', why: 'sore' }
  if (asked.stitches) return { answer: 'vet', why: 'stitches' }
  if (asked.vetPlan) return { answer: 'vet-plan' }
  // A fouled rear does not wait for the comb, nor for the interval: only sore skin forbids a part wash.
  if (part) return { answer: 'yes' }
  if (coat.places.some((p) => p.last?.finding === 'felt')) return { answer: 'groomer', why: 'felt' }
  // What a hand felt stands until the comb has been everywhere.
  const { felt } = coat.state()
  if (felt === 'sheet') return { answer: 'groomer', why: 'felt' }
  if (felt === 'many') return { answer: 'groomer', why: 'many' }
  const mats = coat.places.reduce((sum, p) => sum + matsLeft(p), 0)
  if (mats) return { answer: 'groomer', why: mats > MANY_MATS ? 'many' : 'mat' }
  if (asked.sinceBath !== null && !asked.dirty && asked.sinceBath < TOO_SOON * asked.interval)
    return {
      answer: 'too-soon',
      from: addDays(dayOf(coat.today), Math.ceil(TOO_SOON * asked.interval) - asked.sinceBath),
    }
  if (asked.now < MORNING) return { answer: 'night', from: MORNING }
  if (startBy === null && mustBeDried(coat.profile.coat)) return { answer: 'no-dryer' }
  if (startBy !== null && asked.now > startBy) return { answer: 'too-late', startBy }
  if (!open.length) return { answer: 'yes' }
  const properDry = asked.dryer === 'forced'
  // Washing first is for snags and knots alone, and nobody knows what there is where no comb has been.
  const known = !open.some(isUnmet)
  if (known && asked.washFirst && asked.soaks && properDry) return { answer: 'wash-first' }
  const minutes = open.reduce(
    (sum, p) => sum + coat.minutesOf({ region: regionOf(p.id), mm: p.mm }) + teaseMinutes(expectedKnots(p)),
    0,
  )
  const places = new Set(open.map((p) => p.region.place))
  return {
    answer: 'comb-first',
    places: WORKING_ORDER.filter((p) => places.has(p)),
    minutes,
    tryWater: known && asked.washFirst && properDry && asked.soaks === undefined,
  }
}
