import { carePart } from '../../record/care-parts'
import type { CarePartId } from '../../record/care-parts'
import { regionOf } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import type { MeansId } from '../../record/means'
import type { SignId } from '../../record/signs'
import type { Spot } from '../look/look-over'
import type { TrimId } from './dangers'

/** Where what is found leads: on; a thing to do here and look again; the knot questions; leaving it; a part wash; the vet. */
type Leads = 'on' | 'here' | 'knot' | 'leave' | 'wash' | 'vet'

/** What may be found at a step, and where it leads. */
export interface StepFinding {
  id: string
  says: string
  leads: Leads
  /** What is done about it, or why it is left. */
  then?: string
  /** Of a knot: where. */
  at?: RegionId
  /** Of what is for the vet: where, and what is seen. */
  spot?: Spot
  sign?: SignId
}

/** A finding before it is known which part is in hand. */
interface Row extends Omit<StepFinding, 'at' | 'spot'> {
  at?: RegionId
  spot?: Spot
  /** Asked only where this is in hand. */
  with?: readonly MeansId[]
}
const CLIPPERS: readonly MeansId[] = ['guarded-clipper', 'bare-clipper', 'flat-trimmer']
const stops = (at?: RegionId): Row => ({
  id: 'stops',
  says: 'The clipper stops',
  leads: 'knot',
  with: CLIPPERS,
  ...(at ? { at } : {}),
})
const passed: Row = { id: 'passed', says: 'It passed', leads: 'on', with: CLIPPERS }
const wontPass: Row = {
  id: 'wont-pass',
  says: 'The guard does not pass',
  leads: 'leave',
  with: CLIPPERS,
  then: 'It is left. Hair that will not clear is the groomer’s, or a vet’s where it is fouled.',
}

/** What is asked at each step, the usual answer first. Common practice, no source; what is in doubt is left. */
const ASKS: Record<TrimId, Record<string, readonly Row[]>> = {
  face: {
    wipe: [
      { id: 'clean', says: 'Clean, and the skin is well', leads: 'on' },
      {
        id: 'caked',
        says: 'Caked to the skin',
        leads: 'leave',
        then: 'It is soaked in the bath, not picked. What is under it decides then.',
      },
      { id: 'red', says: 'Red or bare skin there', leads: 'vet', spot: 'eyes', sign: 'red' },
    ],
  },
  paws: {
    feel: [
      { id: 'nothing', says: 'Nothing there', leads: 'on' },
      { id: 'mat', says: 'A knot or mat', leads: 'knot' },
      {
        id: 'seed',
        says: 'A loose seed',
        leads: 'here',
        then: 'Out with your fingers, whole. Then look at the skin between the toes.',
      },
      { id: 'sore', says: 'Sore, or a seed going in', leads: 'vet', sign: 'toes' },
    ],
    pads: [{ id: 'level', says: 'Level with the pads', leads: 'on' }, stops()],
  },
  sanitary: {
    wipe: [
      { id: 'clean', says: 'Clean and dry', leads: 'on' },
      {
        id: 'soiled',
        says: 'Soiled, it will not wipe off',
        leads: 'wash',
        then: 'Soften and rinse: a part wash. Then the guard, if it passes lightly; else the groomer.',
      },
      { id: 'red', says: 'Red or sore there', leads: 'vet', spot: 'under-tail', sign: 'red' },
    ],
    belly: [passed, wontPass, stops('belly')],
    'under-tail': [passed, wontPass, stops('under-tail')],
  },
  ears: {
    comb: [
      { id: 'glides', says: 'The comb glides', leads: 'on' },
      { id: 'catches', says: 'It catches', leads: 'knot' },
      { id: 'sore', says: 'Red, hot or sore', leads: 'vet', spot: 'ear', sign: 'red' },
    ],
  },
  neatening: {},
}

/**
 * What a step asks, with what is in hand, of the part in hand.
 * @returns none where it asks nothing
 */
export function asksAt(
  tidy: TrimId,
  step: string,
  cutsWith: readonly MeansId[],
  part?: CarePartId,
): StepFinding[] {
  const region = part && carePart(part).cuts
  const rows = (ASKS[tidy][step] ?? []).filter((r) => !r.with || r.with.some((m) => cutsWith.includes(m)))
  // One answer alone is no question.
  if (rows.length < 2) return []
  return rows.map(({ with: _with, ...row }) => ({
    ...row,
    ...(row.leads === 'knot' && !row.at && region ? { at: region } : {}),
    ...(row.leads === 'vet' && !row.spot && region ? { spot: regionOf(region).place } : {}),
  }))
}
