import { rot } from '../geometry'
import type { Pt } from '../geometry'
import type { Arrow } from '../lie'
import type { Knot } from './knots'
import type { Plate } from './plate'

/** The forefoot: from below, from above, from the side, and cut through between two pads. */
export const moved = (pts: readonly Knot[], [x, y]: Pt, k = 1, turn = 0): Knot[] =>
  pts.map((p) => {
    const q = rot([p[0] * k, p[1] * k], turn)
    return [q[0] + x, q[1] + y, ...p.slice(2)] as unknown as Knot
  })
export const pairs = (list: readonly Arrow[]): Arrow[] =>
  list.flatMap(([x, y, dx, dy]): Arrow[] => [
    [x, y, dx, dy],
    [-x, y, -dx, dy],
  ])

// prettier-ignore
export const NAIL: readonly Knot[] = [[-11, 20], [-11, -6], [-6, -30], [1, -46], [5, -42], [9, -22], [11, 0], [11, 20]]
// prettier-ignore
export const SOLE_RIGHT: readonly Knot[] = [[62, 235], [66, 170], [92, 105], [124, 55], [146, -6], [150, -58], [140, -100], [116, -120], [96, -124, 'c'], [92, -160], [72, -190], [42, -200], [16, -192], [0, -176, 'c']]
// prettier-ignore
export const BIG_PAD: readonly Knot[] = [[0, -58], [30, -48], [56, -14], [80, 22], [84, 52], [66, 70], [40, 64], [20, 50], [0, 46], [-20, 50], [-40, 64], [-66, 70], [-84, 52], [-80, 22], [-56, -14], [-30, -48]]
export const toePad = (x: number, y: number, turn: number, w: number, h: number): Knot[] =>
  moved(
    [
      [0, -h],
      [w * 0.62, -h * 0.74],
      [w, 0],
      [w * 0.86, h * 0.62],
      [w * 0.4, h * 0.95],
      [-w * 0.3, h * 0.98],
      [-w * 0.86, h * 0.66],
      [-w, 0],
      [-w * 0.62, -h * 0.72],
    ],
    [x, y],
    1,
    turn,
  )
// prettier-ignore
export const WEBS: readonly (readonly Knot[])[] = [
  [[3, -160], [7, -128], [16, -92], [30, -74], [16, -68], [4, -74], [2, -110]],
  [[78, -108], [74, -84], [70, -56], [78, -24], [86, -8], [68, -14], [56, -34], [44, -62], [54, -82], [68, -94]],
]

// prettier-ignore
export const SOLE_EDGE: readonly Knot[] = [[74, 175], [104, 104], [136, 54], [160, -6], [166, -62], [154, -110], [118, -136], [104, -172], [78, -204], [42, -216], [8, -208]]

export function padded(p: Plate, poly: Pt[]) {
  p.fill(poly, 'pad', 0.45)
    .tone(poly, Math.PI * 0.22, 5.2, () => 0.45, 1.2, 0.5)
    .contour(poly, 2.3)
}
