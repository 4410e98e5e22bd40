import type { Pt } from '../geometry'
import { closed } from './knots'
import type { Knot } from './knots'
import type { Plate } from './plate'

/** What every ear has: its leather, the fold, the opening, and what is kept off it. */
// prettier-ignore
export const FOLD: readonly Knot[] = [[356, 268], [378, 250], [400, 268], [406, 302], [394, 328], [370, 324], [355, 302]]
// prettier-ignore
export const CANAL: readonly Knot[] = [[268, 178], [292, 172], [312, 184], [308, 206], [286, 214], [268, 202]]

/** What of an ear is kept off, and where it may be shortened. */
export const askTheEar = (
  p: Plate,
  edge: readonly Pt[],
  fold: readonly Pt[],
  canal: readonly Pt[],
  may: readonly Knot[],
) =>
  p
    .askOff(
      'ear-edge',
      'The leather’s edge',
      'Skin under hair: fingers know where it ends, the eye does not.',
      edge,
    )
    .askOff('ear-fold', 'The fold at its rear edge', 'A thin pocket of skin that stands open.', fold)
    .askOff('ear-canal', 'The ear’s opening', 'Nothing goes in.', canal)
    .askMay('Past the leather', 'Little by little, a finger on the leather.', may)

export const LEATHER: readonly Knot[] = [
  [214, 190],
  [192, 250],
  [180, 330],
  [190, 410],
  [232, 470],
  [286, 494],
  [340, 468],
  [384, 402],
  [394, 318],
  [384, 240],
  [356, 188],
  [290, 166],
]
/** The band of skin just within an outline: its edge, wherever on it the hair begins. */
export const edgeBand = (leather: readonly Knot[], k = 0.86): Pt[] => {
  const out = closed(leather)
  const m: Pt = [
    out.reduce((s, q) => s + q[0], 0) / out.length,
    out.reduce((s, q) => s + q[1], 0) / out.length,
  ]
  const inner = out.map((q): Pt => [m[0] + (q[0] - m[0]) * k, m[1] + (q[1] - m[1]) * k])
  return [...out, out[0]!, inner[0]!, ...[...inner].reverse()]
}
