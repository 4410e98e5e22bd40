import type { CarePartId } from '../../record/care-parts'
import { partsHere } from '../../record/care-parts'
import type { RegionId } from '../../coat/regions'
import type { TidyId } from '../../record/tidies'
import type { Concern, Spot } from './look-over'

/**
 * Where each part of a tidy does its work, by how its name begins: an open concern there stops that part and leaves
 * the rest. What lies at one eye or ear is not told by side, so both are left. Common practice, no source.
 */
const SPOTS_OF: readonly (readonly [RegExp, readonly Spot[]])[] = [
  [/^paw\.forefoot/, ['forefoot', 'pads', 'nails']],
  [/^paw\.hindfoot/, ['hindfoot', 'pads', 'nails']],
  [/^eye-corner/, ['eyes', 'muzzle']],
  [/^eye-side/, ['eyes', 'cheek']],
  [/^(fringe|brow)/, ['eyes', 'fringe']],
  [/^beard/, ['beard', 'mouth']],
  [/^lips/, ['beard', 'muzzle', 'mouth']],
  [/^nose/, ['muzzle', 'mouth']],
  [/^cheek/, ['cheek']],
  [/^ear-edge/, ['ear', 'ear-edge', 'ear-openings']],
  [/^ear-base/, ['ear', 'behind-ear', 'ear-openings']],
  [/^behind-ear/, ['behind-ear']],
  [/^belly/, ['belly', 'tuck-up']],
  [/^privates/, ['belly', 'inner-thigh', 'under-tail']],
  [/^under-tail/, ['under-tail']],
  [/^inner-thigh/, ['inner-thigh', 'tuck-up']],
  [/^hock/, ['hock']],
  [/^tail-flag/, ['tail', 'tail-base']],
  [/^outline/, ['hock', 'tail', 'tail-base']],
  [/^nails\.forefoot/, ['nails', 'pads', 'forefoot']],
  [/^nails\.hindfoot/, ['nails', 'pads', 'hindfoot']],
  [/^eye\./, ['eyes']],
  [/^ear-opening/, ['ear', 'ear-openings']],
]
/** The spots a part is worked at. */
export const spotsOfPart = (part: CarePartId): readonly Spot[] =>
  SPOTS_OF.find(([begins]) => begins.test(part))?.[1] ?? []

/** The parts of a tidy an open concern stops; the rest goes on. */
export const stoppedParts = (
  tidy: TidyId,
  concerns: readonly Concern[],
  absent: readonly RegionId[] = [],
): CarePartId[] =>
  partsHere(tidy, absent).filter((part) => concerns.some((c) => spotsOfPart(part).includes(c.what.where)))
