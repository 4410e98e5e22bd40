import polylabel from 'polylabel'
import type { Pt } from './geometry'

/** How near the true middle of a patch it is found, px (judgement). */
const MIDDLE_TO = 1
/** Middle of a patch, for a number or a pointer: the inner point furthest from its edge. */
export function middleOf(poly: readonly Pt[]): Pt {
  const [x, y] = polylabel([poly as [number, number][]], MIDDLE_TO)
  return [x!, y!]
}
