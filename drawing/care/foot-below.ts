import { lerp } from '../geometry'
import { BIG_PAD, moved, NAIL, padded, pairs, SOLE_EDGE, SOLE_RIGHT, toePad, WEBS } from './foot-parts'
import { closed, mirror } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

/** Left half grown over, right half tidied. */
export function footBelow(): CarePanel {
  const p = new Plate('The foot from below', [-175, -260, 370, 520])
  for (const s of [-1, 1]) {
    p.form(moved(NAIL, [s * 48, -194], 0.92, s * 0.05))
    p.form(moved(NAIL, [s * 134, -108], 0.86, s * 0.42))
  }
  const sole = closed([...SOLE_RIGHT, ...mirror(SOLE_RIGHT).reverse().slice(1)])
  p.fill(sole)
  const pads = [
    closed(BIG_PAD),
    closed(toePad(-39, -128, -0.07, 29, 42)),
    closed(toePad(39, -128, 0.07, 29, 42)),
    closed(toePad(-103, -58, -0.36, 27, 40)),
    closed(toePad(103, -58, 0.36, 27, 40)),
    closed([
      [24, 188],
      [42, 194],
      [48, 212],
      [36, 228],
      [20, 226],
      [10, 210],
      [12, 196],
    ]),
  ]
  // prettier-ignore
  p.hair(sole, [[0, 150, 0, 1], [0, 95, 0, 1], [0, -160, 0, -1], [0, -85, 0, -1], ...pairs([[60, 150, 0.2, 1], [110, 20, 0.9, -0.1], [130, -60, 0.8, -0.4], [60, -175, 0.2, -1], [70, -95, 0.4, -0.8], [60, -50, 0.7, -0.5], [90, 110, 0.5, 0.8]])], { gap: 11, length: 24, width: 1.1, avoid: pads })
  for (const pad of pads) padded(p, pad)
  // Grown over, on the left.
  const over = { length: 40, width: 1.35, gap: 5, strands: 3, spread: 9 }
  // prettier-ignore
  p.locks([[-4, -172], [-6, -130], [-8, -92]], (t) => [-0.75, -0.5 + 0.5 * t], over)
    .locks([[-6, -84], [-30, -72], [-56, -56], [-70, -30], [-78, -4]], (t) => [-0.35 - 0.5 * t, 0.75 - 0.9 * t], over)
    .locks([[-58, -64], [-70, -84], [-84, -112]], () => [-0.75, -0.75], over)
    .locks([[-26, -76], [-46, -76], [-60, -66]], () => [-0.35, -0.85], over)
  p.line(SOLE_RIGHT, 2.4, 0.05).line(mirror(SOLE_RIGHT), 1.4, 0.05, 0.7)
  p.locks(mirror(SOLE_RIGHT), (t) => (t < 0.35 ? [-0.5, 0.8] : [-0.9, lerp(0.4, -0.9, (t - 0.35) / 0.65)]), {
    length: (t) => (t < 0.12 ? 26 : 44),
    gap: 7,
    strands: 4,
    spread: 11,
    width: 1.4,
    back: 0.45,
  })
  // Dewclaw, inner side.
  p.form(
    [
      [-76, 196],
      [-72, 168],
      [-82, 140],
      [-104, 126],
      [-122, 134],
      [-124, 156],
      [-110, 182],
      [-92, 204],
    ],
    'coat',
    1.8,
  )
  padded(
    p,
    closed([
      [-92, 176],
      [-90, 156],
      [-102, 142],
      [-115, 148],
      [-115, 164],
      [-104, 182],
    ]),
  )
  for (const web of WEBS) p.danger('toe-webs', closed(web))
  p.danger('pads', closed(toePad(103, -58, 0.36, 27, 40)))
  // prettier-ignore
  p.trim(SOLE_EDGE)
  p.askOff('pads', 'The pads', 'Skin. Hair is taken level with them and no deeper.', ...pads.slice(0, 5))
    .askOff(
      'toe-webs',
      'The webs between the toes',
      'Two folds of skin, and hair closes over them. Find the fold with a finger before a blade comes near.',
      ...WEBS.map((w) => closed(w)),
      ...WEBS.slice(1).map((w) => closed(mirror(w))),
    )
    .askMay('The outline', 'Flat from outside, the nails in sight and a finger between.', SOLE_EDGE)
    .askLie([92, 120], [0.5, 0.86], 'Outside of the foot')
    .askLie([40, -178], [0.15, -1], 'At the tips of the toes')
    .askFinger(
      [[150, 20], 'Along the edge, between the blade and the pad'],
      [[72, -50], 'Between the toes, under the blade'],
      [[0, -130], 'On the far side of the foot'],
    )
  return p
    .key('trim', 'Round the outline, the nails in sight.', [158, -100])
    .key('danger', 'Webs: skin between the toes. Never down into them.', [72, -50], [14, -100])
    .key('danger', 'Pads: skin. Hair level with them, and no deeper.', [103, -58])
    .key('look', 'Dewclaw: feel for it under the hair. Some dogs have none.', [-106, 165])
    .key('look', 'This half is grown over, the other tidied.', [-96, -10])
    .panel()
}
