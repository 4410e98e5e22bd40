import { add, mul } from '../geometry'
import type { Pt } from '../geometry'
import { middleOf } from '../middle'
import { underView } from '../under'
import type { Drawing } from '../plan'
import { circle, closed, mirror } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

/** Danger places drawn over the dog's own coat map, underneath. */
export function patchOf(drawing: Drawing, name: string): Pt[] {
  for (const layer of drawing.layers)
    if ('part' in layer && !layer.part.far) {
      const patch = layer.part.patches.find((x) => x.name === name)
      if (patch) return patch.poly
    }
  throw new Error(`The drawing has no ${name}.`)
}
/** A shape drawn in towards its middle, or out from it, with a hand's round corners. */
export const scaled = (poly: readonly Pt[], k: number): Pt[] => {
  const m = middleOf(poly)
  const inwards = poly.map((q) => add(m, mul([q[0] - m[0], q[1] - m[1]], k)))
  const every = Math.max(1, Math.floor(inwards.length / ROUNDED_FROM))
  return closed(inwards.filter((_, i) => i % every === 0).map((q): Knot => [q[0], q[1]]))
}
/** Points a rounded shape is drawn through. */
const ROUNDED_FROM = 14

/** Middle line of the underside, px of its sheet. */
const MIDDLE = 350
/** Rows of nipples, from the chest back, px from the middle and down the page (memory; they differ by dog). */
// prettier-ignore
const NIPPLES: readonly Pt[] = [[44, 440], [52, 500], [52, 560], [44, 622], [34, 676]]

/** The underside, as the dog lies on its back. */
export function underside(sex: 'female' | 'male', neutered = false): CarePanel {
  const p = new Plate('Underneath, on its back', [120, 340, 460, 520], 'under')
  const view = underView()
  for (const s of ['left', 'right'] as const) {
    p.danger('flank-fold', scaled(patchOf(view, `tuck-up.${s}`), 0.78))
    p.danger('elbow-web', scaled(patchOf(view, `armpit.${s}`), 0.86))
  }
  const rows = sex === 'female' ? NIPPLES : NIPPLES.slice(0, 4)
  for (const [dx, y] of rows)
    for (const s of [1, -1]) {
      const c: Pt = [MIDDLE + s * dx, y]
      p.fill(circle(c, 3.4), 'pad').danger('nipples', circle(c, 11), circle(c, 4))
    }
  p.danger('hernia', circle([MIDDLE, 566], 17, 14), circle([MIDDLE, 566], 6))
  // prettier-ignore
  const area: readonly Knot[] = sex === 'female'
    ? [[0, 588], [26, 592], [42, 612], [44, 660], [46, 704], [62, 728], [40, 742], [0, 728]]
    : [[0, 596], [28, 600], [43, 620], [44, 664], [46, 704], [62, 730], [42, 744], [0, 744]]
  const right = area.map((q): Knot => [MIDDLE + q[0], q[1]])
  p.trim([...right, ...mirror(right, MIDDLE).reverse()])
  const here = (pts: readonly Knot[]) => closed(pts.map((q): Knot => [MIDDLE + q[0], q[1]]))
  if (sex === 'female') {
    // prettier-ignore
    const vulva = here([[0, 742], [9, 754], [14, 770], [8, 784], [0, 790], [-8, 784], [-14, 770], [-9, 754]])
    p.fill(vulva, 'skin').contour(vulva, 1.6)
    p.danger('vulva', scaled(vulva, 1.7), vulva)
  } else {
    // prettier-ignore
    const sheath = here([[0, 620], [9, 626], [13, 660], [12, 700], [0, 712], [-12, 700], [-13, 660], [-9, 626]])
    p.fill(sheath, 'skin').contour(sheath, 1.6)
    p.danger('sheath', scaled(sheath, 1.45), sheath)
    // prettier-ignore
    const testicles = here(neutered
      ? [[0, 758], [9, 755], [14, 764], [11, 776], [0, 772], [-11, 777], [-14, 764], [-9, 755]]
      : [[0, 754], [14, 748], [27, 758], [26, 778], [12, 788], [0, 784], [-12, 788], [-26, 778], [-27, 758], [-14, 748]])
    p.fill(testicles, 'skin').contour(testicles, 1.6)
    p.danger('testicles', scaled(testicles, neutered ? 1.9 : 1.4), testicles)
  }
  p.danger('anus', circle([MIDDLE, 806], 13, 9), circle([MIDDLE, 806], 5, 4))
  // With the lie: belly and groin hair lies towards the ribs, and inside the legs downward, to the foot.
  for (const s of [1, -1])
    p.arrow([
      [MIDDLE + s * 20, 668],
      [MIDDLE + s * 21, 640],
      [MIDDLE + s * 20, 612],
    ])
  for (const s of [1, -1])
    p.arrow([
      [MIDDLE + s * 104, 690],
      [MIDDLE + s * 132, 694],
      [MIDDLE + s * 160, 698],
    ])
  p.key(
    'trim',
    sex === 'male'
      ? 'The belly from two fingers ahead of the sheath, inside of the thigh only, with the lie: from the groin up towards the ribs.'
      : 'The belly as far as the navel, inside of the thigh only, with the lie: from the groin up towards the ribs.',
    [MIDDLE + 60, 720],
    [MIDDLE - 60, 720],
  )
  p.key('danger', 'Flank folds: stop short of them.', [MIDDLE + 88, 610], [MIDDLE - 88, 610])
  p.key('danger', 'Nipples, hidden in the coat, on males too. How many, and where, differs: feel for them.', [
    MIDDLE + 55,
    500,
  ])
  if (sex === 'female') p.key('danger', 'The vulva.', [MIDDLE + 16, 776])
  else {
    p.key('danger', 'The sheath: cover it with your hand.', [MIDDLE + 16, 650])
    p.key(
      'danger',
      neutered ? 'The empty fold: loose skin, combed and left.' : 'The testicles: leave that coat alone.',
      [MIDDLE - (neutered ? 22 : 34), 770],
    )
  }
  p.key('look', 'Inside of the leg the hair lies downward, to the foot.', [MIDDLE + 160, 698])
  return p
    .key('danger', 'The navel, and a soft lump there or in the groin: a hernia. No blade over it.', [
      MIDDLE - 18,
      566,
    ])
    .key('danger', 'Elbow webs: no clipper.', [MIDDLE + 100, 410], [MIDDLE - 100, 410])
    .key('danger', 'The anus.', [MIDDLE, 816])
    .panel()
}
