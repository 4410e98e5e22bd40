import { BUILD_IDS } from '../builds'
import { flank, underside } from './body'
import { footAbove, footBelow, footSide, padsCutThrough } from './foot'
import { earFolded, earHanging, earPricked, earShort, earTassel } from './ear'
import { eyeClose, faceFront, muzzleFront } from './head'
import { muzzleSide } from './muzzle'
import { nailSide } from './nail'
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
  'muzzle-front': muzzleFront,
  'muzzle-side': muzzleSide,
  'nail-side': nailSide,
  'ear-hanging': earHanging,
  'ear-hanging-short': earShort,
  'ear-folded': earFolded,
  'ear-pricked': earPricked,
  'ear-tassel': earTassel,
  'rear-female': () => rear('female'),
  'rear-male': () => rear('male'),
  'rear-neutered': () => rear('male', true),
  'underside-female': () => underside('female'),
  'underside-male': () => underside('male'),
  'underside-neutered': () => underside('male', true),
  'teeth-cut-through': teethCutThrough,
  ...Object.fromEntries(BUILD_IDS.map((b) => [`flank-${b}`, () => flank(b)])),
}
