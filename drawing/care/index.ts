import { BUILD_IDS } from '../builds'
import { flank, underside } from './body'
import { footAbove, footBelow, footSide, padsCutThrough } from './foot'
import { earHanging, eyeClose, faceFront } from './head'
import type { CarePanel } from './plate'
import { rear, teethCutThrough } from './rear'

export type { CarePanel } from './plate'

/** Every care drawing, by the name of the file it is kept in. */
export const CARE_DRAWINGS: Record<string, () => CarePanel> = {
  'face-front': () => faceFront(false),
  'face-fringe': () => faceFront(true),
  'eye-close': eyeClose,
  'foot-below': footBelow,
  'foot-side': footSide,
  'foot-above': footAbove,
  'pads-cut-through': padsCutThrough,
  'ear-hanging': earHanging,
  'rear-female': () => rear('female'),
  'rear-male': () => rear('male'),
  'underside-female': () => underside('female'),
  'underside-male': () => underside('male'),
  'teeth-cut-through': teethCutThrough,
  ...Object.fromEntries(BUILD_IDS.map((b) => [`flank-${b}`, () => flank(b)])),
}
