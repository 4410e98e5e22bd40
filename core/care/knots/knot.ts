import type { KnotAnswer, KnotReason } from '../../record/knot-answers'
import type { PlaceId, RegionId } from '../../coat/regions'
import { regionOf } from '../../coat/regions'
import { TEASE_MINUTES } from '../../coat/minutes'

/**
 * What to do with a knot: five questions in their order, and an answer with its reason.
 *
 * Common practice, no source, except where a line says judgement. The answer never goes past what is
 * cautious: sore skin is a vet's, hair at the privates, felt and mats are a groomer's, and a place
 * where skin tents or tears gets a minute and no more.
 */

/** Places where skin tents, webs or lies thin under the hair, and what it is there. */
export const DANGER_PLACES: Partial<Record<PlaceId, string>> = {
  'tuck-up': 'the fold of the flank',
  armpit: 'the web at the elbow',
  'inner-thigh': 'thin skin inside the thigh',
  hock: 'the tendon above the hock',
  'ear-edge': 'the edge of the ear’s leather',
  forefoot: 'the webs between the toes',
  hindfoot: 'the webs between the toes',
  'tail-base': 'bone and thin skin at the root of the tail',
  fringe: 'the eye',
  cheek: 'the eye',
  muzzle: 'the eye and lip',
}
export const isDangerPlace = (region: RegionId) => regionOf(region).place in DANGER_PLACES

/** Regions that reach as far as the anus, vulva, sheath or scrotum: there it is asked. */
const NEAR_PRIVATES: readonly PlaceId[] = ['under-tail', 'belly', 'inner-thigh']
export const nearPrivates = (region: RegionId) => NEAR_PRIVATES.includes(regionOf(region).place)

/** Mats in one place, and over the dog, that are many. */
const MANY_MATS = { inPlace: 3, overDog: 9 } as const

/** Longest a knot is teased before it is left, minutes: a few (judgement), and at danger places one. */
export const TEASE_LIMIT = { usual: 3, danger: 1 } as const

export interface KnotFound {
  region: RegionId
  kind: 'snag' | 'knot' | 'mat' | 'felt'
  /** How many of the kind in this place. */
  count: number
  /** Skin looks and feels well: not red, wet, broken, smelling, lumpy, tight, nor in pain. */
  skinWell: boolean
  /** At the anus, vulva, sheath or scrotum; and fouled, so that it cannot wait. */
  privates: boolean
  fouled: boolean
  /** Mats known over the whole dog, those here included. */
  matsOverDog: number
  /** The dog allows it, and bears it easily: a mat is tried on a calm dog only. */
  allowed: boolean
  calm: boolean
  /** It has had its minutes of teasing and is still there. */
  tried: boolean
  /** Water soaks to the skin there, only snags and knots are left, and it can be dried to the skin. */
  washable: boolean
  /** The owner's school: wash first, where water soaks in. Off by default: brush first. */
  washFirst: boolean
  /** The groomer has shown the owner how a single mat is tried; off unless set. */
  shownMats: boolean
}

export interface KnotDecision {
  answer: KnotAnswer
  why: KnotReason
  /** Longest to try, minutes, where the answer is to tease. */
  minutes: number | null
}

/** What to do with a knot. */
export function decideKnot(k: KnotFound): KnotDecision {
  const is = (answer: KnotAnswer, why: KnotReason, minutes: number | null = null): KnotDecision => ({
    answer,
    why,
    minutes,
  })
  if (!k.skinWell) return is('vet', 'sore')
  if (k.privates) return k.fouled ? is('vet', 'fouled') : is('groomer', 'privates')

  if (k.kind === 'felt') return is('groomer', 'felt')
  const here = k.kind === 'mat' ? k.count : 0
  if (here >= MANY_MATS.inPlace || Math.max(here, k.matsOverDog) >= MANY_MATS.overDog)
    return is('groomer', 'many-mats')

  const danger = isDangerPlace(k.region)
  if (k.kind === 'mat') {
    const mayTry = k.shownMats && k.count === 1 && k.allowed && k.calm && !danger && !k.tried
    return mayTry ? is('tease', 'mat-shown', TEASE_LIMIT.usual) : is('groomer', 'mat')
  }

  if (!k.allowed) return is('groomer', 'not-allowed')
  if (danger) return k.tried ? is('groomer', 'danger-tried') : is('tease', 'danger', TEASE_LIMIT.danger)
  if (!k.tried && k.washFirst && k.washable) return is('condition', 'wash-first')
  if (!k.tried) return is('tease', 'moves', TEASE_LIMIT.usual)
  return k.washable ? is('condition', 'tried-wash') : is('groomer', 'tried')
}

export interface TeaseOrClip {
  /** Minutes to tease all of them out. */
  teaseMinutes: number
  /** Longest session the dog is asked to bear, minutes; null if the owner set none. */
  bears: number | null
  /** Days until hair clipped to the skin is as long as it is now. */
  regrowDays: number
}

/**
 * Teasing against clipping, in numbers.
 * @param mm length of the hair there
 * @param growth mm a day, above 0
 */
export function teaseOrClip(
  kind: KnotFound['kind'],
  count: number,
  mm: number,
  growth: number,
  bears: number | null,
): TeaseOrClip {
  const each =
    kind === 'snag' ? TEASE_MINUTES.tangle : kind === 'knot' ? TEASE_MINUTES.knot : TEASE_MINUTES.mat
  return { teaseMinutes: each * count, bears, regrowDays: Math.round(mm / growth) }
}
