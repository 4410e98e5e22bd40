import type { PlaceId } from '../../coat/regions'
import { WORKING_ORDER } from '../../plan/working-order'
import { isSore } from '../../plan/off-the-table'
import type { Coat } from '../../record/coat'
import { dayOf } from '../../record/day'
import { CLIPPED_PLACES } from '../led/clip'
import { cutGate } from './cut-gate'
import { offered, missing } from './may'
import type { Allowed } from './may'

/** Whether this dog may be clipped at home today, and what is in the way first. */
export type ClipAnswer =
  | { answer: 'not-set' }
  /** Allowed, and no clipper that is sharp. */
  | { answer: 'no-clipper' }
  | { answer: 'groomer'; places: PlaceId[] }
  | { answer: 'wet' }
  | { answer: 'knots'; places: PlaceId[] }
  | { answer: 'comb-first'; places: PlaceId[] }
  /** Yes, but for places where a concern is open. */
  | { answer: 'yes'; leave: PlaceId[] }

/**
 * As strict as any tidy that cuts: what is calm, clean and sharp is asked before it begins. Common practice, no source.
 * @param places those still to be clipped; without them, all that a clip takes in
 */
export function mayClip(
  coat: Coat,
  allowed: Allowed,
  places: readonly PlaceId[] = CLIPPED_PLACES,
): ClipAnswer {
  if (!offered('clip', allowed).includes('guarded-clipper'))
    return { answer: missing('clip', allowed).length ? 'no-clipper' : 'not-set' }
  const placesOf = (of: Coat['places']) => {
    const here = new Set(of.map((p) => p.region.place))
    return WORKING_ORDER.filter((p) => here.has(p))
  }
  const all = coat.places.filter((p) => places.includes(p.region.place))
  const leave = all.filter((p) => p.concern !== null || isSore(p))
  const rest = all.filter((p) => !leave.includes(p))
  const matted = rest.filter(
    (p) => p.last?.finding === 'felt' || (p.left.length && p.last?.finding === 'mat'),
  )
  if (matted.length) return { answer: 'groomer', places: placesOf(matted) }
  const { against, uncombed } = cutGate(rest, dayOf(coat.today), coat.profile.coat)
  if (against === 'wet') return { answer: 'wet' }
  const knots = rest.filter((p) => p.left.length)
  if (knots.length) return { answer: 'knots', places: placesOf(knots) }
  const open = rest.filter((p) => uncombed.includes(p.id))
  if (open.length) return { answer: 'comb-first', places: placesOf(open) }
  return { answer: 'yes', leave: placesOf(leave) }
}
