import { BUILD_IDS } from '../builds'
import type { Pt } from '../geometry'
import { sheet } from '../index'
import { underside } from './underside'
import { footAbove } from './foot-above'
import { footBelow } from './foot-below'
import { footSide, padsCutThrough } from './foot-side'
import { earShort, earTassel } from './ear-close'
import { earHanging } from './ear-hanging'
import { earFolded, earPricked } from './ear-standing'
import { carding, parting } from './line'
import { eyeClose, faceFront, muzzleFront } from './head'
import { muzzleSide } from './muzzle'
import { nailSide } from './nail'
import type { CarePanel } from './panel'
import { rear, teethCutThrough } from './rear'
import { clipPasses, dryingOrder, flank, rakeLines } from './side'

export type { CarePanel } from './panel'

const within = ([x, y]: Pt, [x0, y0, w, h]: CarePanel['box']) => x > x0 && x < x0 + w && y > y0 && y < y0 + h
/** A drawing over the dog's own coat map, with where each of its places lies. */
function placed(panel: CarePanel): CarePanel {
  if (!panel.over) return panel
  const places: Record<string, Pt> = {}
  for (const layer of sheet(panel.over).layers)
    if ('part' in layer && !layer.part.far)
      for (const { name, middle } of layer.part.patches)
        if (middle && within(middle as Pt, panel.box)) places[name] ??= middle as Pt
  return { ...panel, places }
}

/** Every care drawing, by the name of the file it is kept in. */
const DRAWN: Record<string, () => CarePanel> = {
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
  parting,
  carding,
  ...Object.fromEntries(
    BUILD_IDS.flatMap((b) => [
      [`flank-${b}`, () => flank(b)],
      [`clip-${b}`, () => clipPasses(b)],
      [`drying-${b}`, () => dryingOrder(b)],
      [`rake-${b}`, () => rakeLines(b)],
    ]),
  ),
}
export const CARE_DRAWINGS: Record<string, () => CarePanel> = Object.fromEntries(
  Object.entries(DRAWN).map(([name, draw]) => [name, () => placed(draw())]),
)
