import type { RegionId } from '../coat/regions'
import type { TidyId } from './tidies'

/** What a tidy is done in: foot by foot, one eye, one ear, the rear but not the belly. */
interface Row {
  tidy: TidyId
  label: string
  /** The place of the map whose hair is cut there; none where what is cut is no place's length. */
  cuts?: RegionId
}
const row = (tidy: TidyId, label: string, cuts?: RegionId): Row => ({
  tidy,
  label,
  ...(cuts ? { cuts } : {}),
})

const CARE_PARTS = {
  'paw.forefoot.left': row('paws', 'Left forefoot', 'forefoot.left'),
  'paw.forefoot.right': row('paws', 'Right forefoot', 'forefoot.right'),
  'paw.hindfoot.left': row('paws', 'Left hind foot', 'hindfoot.left'),
  'paw.hindfoot.right': row('paws', 'Right hind foot', 'hindfoot.right'),
  'eye-corner.left': row('face', 'Left inner corner'),
  'eye-corner.right': row('face', 'Right inner corner'),
  'eye-side.left': row('face', 'Left outer side'),
  'eye-side.right': row('face', 'Right outer side'),
  fringe: row('face', 'Fringe', 'fringe'),
  brow: row('face', 'Brow'),
  beard: row('face', 'Beard', 'beard'),
  lips: row('face', 'Lips'),
  nose: row('face', 'Over the nose'),
  'cheek.left': row('face', 'Left cheek', 'cheek.left'),
  'cheek.right': row('face', 'Right cheek', 'cheek.right'),
  'ear-edge.left': row('ears', 'Left edge', 'ear-edge.left'),
  'ear-edge.right': row('ears', 'Right edge', 'ear-edge.right'),
  'ear-base.left': row('ears', 'Left base'),
  'ear-base.right': row('ears', 'Right base'),
  'behind-ear.left': row('ears', 'Behind the left', 'behind-ear.left'),
  'behind-ear.right': row('ears', 'Behind the right', 'behind-ear.right'),
  belly: row('sanitary', 'Belly', 'belly'),
  privates: row('sanitary', 'Privates'),
  'under-tail': row('sanitary', 'Under the tail', 'under-tail'),
  'inner-thigh.left': row('sanitary', 'Left inner thigh', 'inner-thigh.left'),
  'inner-thigh.right': row('sanitary', 'Right inner thigh', 'inner-thigh.right'),
  'hock.left': row('neatening', 'Left hock', 'hock.left'),
  'hock.right': row('neatening', 'Right hock', 'hock.right'),
  'tail-flag': row('neatening', 'Tail flag', 'tail'),
  outline: row('neatening', 'Outline'),
  'nails.forefoot.left': row('nails', 'Left forefoot'),
  'nails.forefoot.right': row('nails', 'Right forefoot'),
  'nails.hindfoot.left': row('nails', 'Left hind foot'),
  'nails.hindfoot.right': row('nails', 'Right hind foot'),
  'eye.left': row('eyes', 'Left eye'),
  'eye.right': row('eyes', 'Right eye'),
  'ear-opening.left': row('ear-look', 'Left ear'),
  'ear-opening.right': row('ear-look', 'Right ear'),
} as const satisfies Record<string, Row>
export type CarePartId = keyof typeof CARE_PARTS
export const CARE_PART_IDS = Object.keys(CARE_PARTS) as [CarePartId, ...CarePartId[]]
const ROWS: Record<CarePartId, Row> = CARE_PARTS

/** The parts of a tidy, in the order they are worked. Those that are looked over or brushed whole have none. */
export const partsOfTidy = (tidy: TidyId): CarePartId[] =>
  CARE_PART_IDS.filter((id) => ROWS[id].tidy === tidy)
export const carePart = (id: CarePartId): Row => ROWS[id]

/** The parts this dog has: a lost leg has no foot to tidy. */
export function partsHere(tidy: TidyId, absent: readonly RegionId[]): CarePartId[] {
  const gone = new Set<string>(absent)
  return partsOfTidy(tidy).filter((id) => {
    const { cuts } = ROWS[id]
    const foot = /^nails\.(.*)$/.exec(id)?.[1]
    return !gone.has(cuts ?? '') && !gone.has(foot ?? '')
  })
}

/** What became of a part: done, refused by the dog, or left for another day. */
export const PART_DID = ['done', 'refused', 'left'] as const
/** How it was done. Nothing is cut unless it says cut. */
export const PART_HOW = ['looked', 'cleaned', 'combed', 'cut'] as const
/** What was met at a part beside what is cut there; what is sore is a concern, and a knot a check. */
export const FOUND_IDS = [
  'seed',
  'crust',
  'caked',
  'soiled',
  'wont-pass',
  'other-lie',
  'in-season',
  'pulls-away',
] as const
export type FoundId = (typeof FOUND_IDS)[number]
/** Where a length comes from. */
export const LENGTH_BY = ['measure', 'guard', 'fingers'] as const

/** How a look came out; a bad one opens a concern. Common practice, no source. */
export const OUTCOMES = {
  eyes: ['clear', 'wiped', 'crust', 'red'],
  'ear-look': ['well', 'wiped', 'wax', 'smell', 'sore'],
  teeth: ['done', 'little', 'refused', 'bleeding'],
  nails: ['fine', 'trimmed', 'sliver', 'refused', 'bled'],
} as const satisfies Partial<Record<TidyId, readonly string[]>>
export type LookedAt = keyof typeof OUTCOMES
export type OutcomeId = (typeof OUTCOMES)[LookedAt][number]
export const OUTCOME_IDS = [...new Set(Object.values(OUTCOMES).flat())] as [OutcomeId, ...OutcomeId[]]
