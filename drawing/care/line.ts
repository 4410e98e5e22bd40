import type { Pt } from '../geometry'
import type { Arrow } from '../lie'
import { closed, open } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

/** A line of skin between two locks of coat: what is dried, raked and carded along. */

/** The hand that holds a coat up, or skin taut: from the upper edge, fingers down the page. */
function hand(p: Plate, x: number, y: number, flip: 1 | -1 = 1): void {
  // prettier-ignore
  const shape: readonly Knot[] = [[-70, -62], [-34, -66], [2, -62], [34, -54], [60, -36], [66, -22], [58, -14], [44, -20], [30, -26], [42, -8], [46, 10], [38, 18], [28, 8], [14, -12], [18, 8], [18, 26], [8, 32], [0, 20], [-8, -8], [-10, 14], [-16, 26], [-26, 24], [-30, 8], [-34, -12], [-52, -22], [-74, -30]]
  const at = shape.map((k): Knot => [x + k[0] * flip, y + k[1]])
  p.form(at, 'skin', 2.2)
}
const FALL: Arrow[] = [
  [-180, 60, 0, 1],
  [0, 60, 0.05, 1],
  [180, 60, 0, 1],
]
const LIFT: Arrow[] = [
  [-180, -60, 0.15, -1],
  [0, -60, 0, -1],
  [180, -60, -0.15, -1],
]
// prettier-ignore
const UPPER: readonly Knot[] = [[-190, -6], [-150, -92], [-70, -128], [30, -130], [120, -116], [186, -80], [196, -4], [100, -14], [0, -16], [-100, -12]]
// prettier-ignore
const LOWER: readonly Knot[] = [[-194, 16], [-100, 12], [0, 10], [100, 12], [196, 18], [188, 120], [120, 150], [20, 154], [-90, 148], [-180, 118]]
// prettier-ignore
const SKIN: readonly Knot[] = [[-196, -8], [-100, -14], [0, -18], [100, -14], [198, -6], [198, 18], [100, 14], [0, 12], [-100, 14], [-196, 18]]

/** The coat held up so that a line of skin shows. */
export function parting(): CarePanel {
  const p = new Plate('A line of skin', [-210, -190, 420, 370])
  const upper = closed(UPPER)
  const lower = closed(LOWER)
  p.fill(upper, 'coat').hair(upper, LIFT, { gap: 8, length: 40 }).contour(upper, 1.6, 0.5)
  p.fill(closed(SKIN), 'skin')
    .line(SKIN.slice(0, 5), 1.6)
    .line([...SKIN.slice(5)].reverse(), 1.6)
  p.fill(lower, 'coat').hair(lower, FALL, { gap: 8, length: 44 })
  hand(p, -40, -112)
  // Back of a finger to the skin: is it dry?
  // prettier-ignore
  const finger: readonly Knot[] = [[210, -44], [150, -24], [112, -8], [100, 0], [104, 8], [116, 8], [156, -2], [210, -14]]
  p.form(finger, 'skin', 2.2)
  p.arrow([
    [-120, 40],
    [-118, 76],
    [-116, 110],
  ])
  return p
    .key('look', 'Hold the coat up, so that a line of skin shows.', [-60, -70])
    .key(
      'look',
      'Along the line, with the lie, from here down; then the next, a finger’s width up.',
      [-118, 76],
    )
    .key('look', 'Done when the skin is dry to the back of a finger.', [106, 2])
    .panel()
}

/** Carding: the skin held taut ahead of the knife, which lies nearly flat. */
export function carding(): CarePanel {
  const p = new Plate('Few strokes, the skin taut', [-210, -190, 420, 370])
  // prettier-ignore
  const coat = closed([[-200, -40], [-110, -64], [0, -70], [110, -62], [200, -36], [204, 120], [100, 138], [-100, 138], [-204, 118]])
  p.fill(coat, 'coat').hair(
    coat,
    [
      [-180, 0, 1, 0.25],
      [0, 0, 1, 0.2],
      [180, 0, 1, 0.3],
      [0, 120, 1, 0.2],
    ] satisfies Arrow[],
    { gap: 8, length: 30 },
  )
  hand(p, -118, -34)
  // prettier-ignore
  const blade = closed([[-26, 0], [96, -22], [104, -10], [102, 2], [-20, 26], [-30, 14]])
  p.fill(blade, 'paper').contour(blade, 2)
  for (let i = 0; i < 11; i++) {
    const x = -18 + i * 11
    const y = 24 - i * 2
    p.line(
      open([
        [x, y],
        [x + 2, y + 6],
        [x + 3, y + 12],
      ]).map((q: Pt): Knot => [q[0], q[1]]),
      1.8,
    )
  }
  // prettier-ignore
  const grip = closed([[94, -24], [190, -62], [204, -56], [206, -38], [196, -26], [104, 4]])
  p.fill(grip, 'pad').contour(grip, 2)
  for (const y of [62, 84, 106])
    p.arrow([
      [-60, y - 6],
      [-8, y + 2],
      [44, y + 8],
    ])
  p.arrow([
    [-146, -52],
    [-166, -56],
    [-190, -58],
  ])
  return p
    .key('look', 'This hand draws the skin taut, away from the knife.', [-168, -56])
    .key('look', 'The knife nearly flat, in the lie: it takes the soft undercoat.', [40, 12])
    .key('look', 'Few strokes a place; stop where the coat is thin, or pinks.', [-8, 86])
    .panel()
}
