import { regionOf } from '../coat/regions'
import type { PlaceId, RegionId } from '../coat/regions'
import type { LINES, TURNS } from '../record/habits'

/**
 * The order a coat is worked in: up from a back foot and forward, head last (default school for
 * curly, long and mixed coats; common practice, no source). Tail and rump follow the hind legs.
 */
export const WORKING_ORDER: readonly PlaceId[] = [
  'hindfoot',
  'hock',
  'thigh',
  'inner-thigh',
  'tuck-up',
  'under-tail',
  'tail',
  'tail-base',
  'rump',
  'belly',
  'side',
  'back',
  'girth',
  'armpit',
  'forefoot',
  'foreleg',
  'shoulders',
  'chest',
  'collar-line',
  'nape',
  'behind-ear',
  'ear',
  'ear-edge',
  'cheek',
  'beard',
  'muzzle',
  'fringe',
  'crown',
]

/** The other school: down in lines from the head back (often on double coats; common practice, no source). */
export const HEAD_BACK_ORDER: readonly PlaceId[] = [
  'crown',
  'fringe',
  'cheek',
  'muzzle',
  'beard',
  'ear',
  'ear-edge',
  'behind-ear',
  'nape',
  'collar-line',
  'chest',
  'shoulders',
  'foreleg',
  'forefoot',
  'armpit',
  'girth',
  'back',
  'side',
  'belly',
  'tuck-up',
  'rump',
  'thigh',
  'inner-thigh',
  'hock',
  'hindfoot',
  'tail-base',
  'tail',
  'under-tail',
]
type Lines = (typeof LINES)[number]
const ORDER: Record<Lines, readonly PlaceId[]> = {
  'foot-up': WORKING_ORDER,
  'head-back': HEAD_BACK_ORDER,
}

type Turns = (typeof TURNS)[number]

/**
 * Regions as they come at the table: of those in working order a side is finished, with what lies in the middle,
 * before the dog is turned to the other; or left and right of each place together. The last stays the last, so that
 * the session ends well.
 */
export function inTurns(regions: readonly RegionId[], turns: Turns): RegionId[] {
  const sideOf = (id: RegionId) => regionOf(id).side
  const first = regions.map(sideOf).find((side) => side !== null)
  if (turns === 'pairs' || !first) return [...regions]
  const middle = regions.at(-1)!
  const ends = sideOf(middle) === null
  const list = ends ? regions.slice(0, -1) : regions
  const other = (id: RegionId) => sideOf(id) !== null && sideOf(id) !== first
  return [...list.filter((id) => !other(id)), ...list.filter(other), ...(ends ? [middle] : [])]
}

export interface Orderable {
  place: PlaceId
  /** The dog finds this place hard: it comes late. */
  hard: boolean
  /** A place the dog bears well: one of these comes last. */
  easy: boolean
}

/**
 * Puts places in working order: hard ones late, and an easy one at the very end where there is one,
 * so that the session ends well.
 */
export function inWorkingOrder<T extends Orderable>(items: readonly T[], lines: Lines): T[] {
  const order = ORDER[lines]
  const rank = (i: T) => order.indexOf(i.place) + (i.hard ? order.length : 0)
  const ordered = [...items].sort((a, b) => rank(a) - rank(b))
  const last = ordered.at(-1)
  if (!last || last.easy) return ordered
  const easy = ordered.filter((i) => i.easy && !i.hard).at(-1)
  return easy ? [...ordered.filter((i) => i !== easy), easy] : ordered
}
