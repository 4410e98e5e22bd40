import type { PlaceId, RegionId } from '../coat/regions'
import { isSpot } from './spots'
import type { Spot } from './spots'
import { isTrim } from './tidies'
import type { TidyId } from './tidies'

/** What a tidy is done in: foot by foot, one eye, one ear, the rear but not the belly. */
interface Row {
  tidy: TidyId
  label: string
  /**
   * Where it is worked. An open concern there stops it, and of these what is on the map is combed before a blade. What
   * lies at one eye or ear is not told by side, so both are left. Common practice, no source.
   */
  at: readonly Spot[]
  /** The place of the map whose hair is cut there; none where what is cut is no place's length. */
  cuts?: RegionId
}
const row = (tidy: TidyId, label: string, at: readonly Spot[], cuts?: RegionId): Row => ({
  tidy,
  label,
  at,
  ...(cuts ? { cuts } : {}),
})

const CARE_PARTS = {
  'paw.forefoot.left': row('paws', 'Left forefoot', ['forefoot', 'pads', 'nails'], 'forefoot.left'),
  'paw.forefoot.right': row('paws', 'Right forefoot', ['forefoot', 'pads', 'nails'], 'forefoot.right'),
  'paw.hindfoot.left': row('paws', 'Left hind foot', ['hindfoot', 'pads', 'nails'], 'hindfoot.left'),
  'paw.hindfoot.right': row('paws', 'Right hind foot', ['hindfoot', 'pads', 'nails'], 'hindfoot.right'),
  'eye-corner.left': row('face', 'Left inner corner', ['eyes', 'muzzle']),
  'eye-corner.right': row('face', 'Right inner corner', ['eyes', 'muzzle']),
  'eye-side.left': row('face', 'Left outer side', ['eyes', 'cheek']),
  'eye-side.right': row('face', 'Right outer side', ['eyes', 'cheek']),
  fringe: row('face', 'Fringe', ['eyes', 'fringe'], 'fringe'),
  brow: row('face', 'Brow', ['eyes', 'fringe']),
  beard: row('face', 'Beard', ['beard', 'mouth'], 'beard'),
  lips: row('face', 'Lips', ['beard', 'muzzle', 'mouth']),
  nose: row('face', 'Over the nose', ['muzzle', 'mouth']),
  'cheek.left': row('face', 'Left cheek', ['cheek'], 'cheek.left'),
  'cheek.right': row('face', 'Right cheek', ['cheek'], 'cheek.right'),
  'ear-edge.left': row('ears', 'Left edge', ['ear', 'ear-edge', 'ear-openings'], 'ear-edge.left'),
  'ear-edge.right': row('ears', 'Right edge', ['ear', 'ear-edge', 'ear-openings'], 'ear-edge.right'),
  'ear-base.left': row('ears', 'Left base', ['ear', 'behind-ear', 'ear-openings']),
  'ear-base.right': row('ears', 'Right base', ['ear', 'behind-ear', 'ear-openings']),
  'behind-ear.left': row('ears', 'Behind the left', ['behind-ear'], 'behind-ear.left'),
  'behind-ear.right': row('ears', 'Behind the right', ['behind-ear'], 'behind-ear.right'),
  belly: row('sanitary', 'Belly', ['belly', 'tuck-up'], 'belly'),
  privates: row('sanitary', 'Privates', ['belly', 'inner-thigh', 'under-tail']),
  'under-tail': row('sanitary', 'Under the tail', ['under-tail'], 'under-tail'),
  'inner-thigh.left': row('sanitary', 'Left inner thigh', ['inner-thigh', 'tuck-up'], 'inner-thigh.left'),
  'inner-thigh.right': row('sanitary', 'Right inner thigh', ['inner-thigh', 'tuck-up'], 'inner-thigh.right'),
  'hock.left': row('neatening', 'Left hock', ['hock'], 'hock.left'),
  'hock.right': row('neatening', 'Right hock', ['hock'], 'hock.right'),
  'tail-flag': row('neatening', 'Tail flag', ['tail', 'tail-base'], 'tail'),
  outline: row('neatening', 'Outline', ['hock', 'tail', 'tail-base']),
  'nails.forefoot.left': row('nails', 'Left forefoot', ['nails', 'pads', 'forefoot']),
  'nails.forefoot.right': row('nails', 'Right forefoot', ['nails', 'pads', 'forefoot']),
  'nails.hindfoot.left': row('nails', 'Left hind foot', ['nails', 'pads', 'hindfoot']),
  'nails.hindfoot.right': row('nails', 'Right hind foot', ['nails', 'pads', 'hindfoot']),
  'eye.left': row('eyes', 'Left eye', ['eyes']),
  'eye.right': row('eyes', 'Right eye', ['eyes']),
  'ear-opening.left': row('ear-look', 'Left ear', ['ear', 'ear-openings']),
  'ear-opening.right': row('ear-look', 'Right ear', ['ear', 'ear-openings']),
} as const satisfies Record<string, Row>
export type CarePartId = keyof typeof CARE_PARTS
export const CARE_PART_IDS = Object.keys(CARE_PARTS) as [CarePartId, ...CarePartId[]]
const ROWS: Record<CarePartId, Row> = CARE_PARTS

/** The parts of a tidy, in the order they are worked. Those that are looked over or brushed whole have none. */
export const partsOfTidy = (tidy: TidyId): CarePartId[] =>
  CARE_PART_IDS.filter((id) => ROWS[id].tidy === tidy)
export const carePart = (id: CarePartId): Row => ROWS[id]

/** Every spot some part of a tidy is worked at. */
export const workedAt = (tidy: TidyId): readonly Spot[] =>
  tidy === 'teeth' ? ['mouth'] : [...new Set(partsOfTidy(tidy).flatMap((id) => ROWS[id].at))]
/** Places of the map that are combed before these parts are begun: hair is cut clean, dry and combed. */
export const combedFirst = (parts: readonly CarePartId[]): PlaceId[] => [
  ...new Set(
    parts.flatMap((id) => (isTrim(ROWS[id].tidy) ? ROWS[id].at.filter((spot) => !isSpot(spot)) : [])),
  ),
]

/** The parts this dog has: a lost leg has no foot to tidy. */
export function partsHere(tidy: TidyId, absent: readonly RegionId[]): CarePartId[] {
  const gone = new Set<string>(absent)
  return partsOfTidy(tidy).filter((id) => {
    const { cuts } = ROWS[id]
    const foot = /^nails\.(.*)$/.exec(id)?.[1]
    return !gone.has(cuts ?? '') && !gone.has(foot ?? '')
  })
}
