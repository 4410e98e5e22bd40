import { norm } from '../geometry'
import type { Pt } from '../geometry'
import { padded } from './foot-parts'
import { closed, mirror } from './knots'
import type { Knot } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

/** The slope of the foot, along which drawn-up hair is taken. */
export function footSide(): CarePanel {
  const p = new Plate('The foot from the side', [-190, -150, 390, 260])
  // prettier-ignore
  const foot: readonly Knot[] = [[150, -110], [96, -78], [30, -52], [-40, -30], [-92, -6], [-128, 26], [-140, 56], [-128, 74], [-92, 80], [-54, 80], [-20, 84], [30, 86], [80, 78], [104, 60], [112, 24], [140, -4], [176, -30]]
  p.fill(closed(foot))
  p.form([
    [-128, 40],
    [-146, 44],
    [-164, 58],
    [-172, 80],
    [-158, 75],
    [-144, 72],
    [-128, 68],
  ])
  // prettier-ignore
  p.hair(closed(foot), [[120, -60, -0.9, 0.5], [0, -10, -0.9, 0.45], [-80, 20, -0.85, 0.6], [-110, 50, -0.9, 0.4], [0, 50, -0.9, 0.4], [80, 30, -0.7, 0.7]], { gap: 11, length: 28, width: 1.1 })
  const pads = [
    closed([
      [-120, 70],
      [-96, 58],
      [-62, 62],
      [-50, 80],
      [-70, 92],
      [-104, 92],
    ]),
    closed([
      [-6, 82],
      [20, 70],
      [62, 70],
      [84, 82],
      [66, 98],
      [14, 98],
    ]),
  ]
  for (const pad of pads) padded(p, pad)
  p.line(
    [
      [-100, 56],
      [-118, 34],
      [-112, 8],
      [-92, -6],
    ],
    2,
  ).line(
    [
      [-58, 62],
      [-78, 40],
      [-76, 8],
      [-48, -24],
    ],
    1.6,
    0.12,
    0.8,
  )
  p.line(foot, 2.4, 0.06)
  p.locks(
    [
      [60, -62],
      [10, -46],
      [-30, -32],
      [-80, -8],
    ],
    () => [-0.28, -1],
    { length: 58, gap: 8, strands: 4, spread: 10, width: 1.5, back: 0.1 },
  )
  for (const pad of pads) p.danger('pads', pad)
  p.trim([
    [120, -112],
    [60, -84],
    [0, -64],
    [-60, -42],
    [-112, -10],
    [-146, 26],
  ])
  return p
    .key('trim', 'Along the slope, over hair drawn up. The points go forward, never down.', [-20, -56])
    .key('danger', 'Pads: skin. Level with them from the outside.', [-84, 78], [40, 84])
    .panel()
}

/** Why: cut through between two pads, the sole up. */
export function padsCutThrough(): CarePanel {
  const p = new Plate('Between two pads, cut through', [-240, -120, 480, 245])
  // prettier-ignore
  const skin: readonly Knot[] = [[-230, 52], [-206, 56], [-190, 31], [-176, -7], [-140, -34], [-92, -36], [-62, -13], [-48, 20], [-36, 56], [-14, 74], [0, 77], [14, 74], [36, 56], [48, 20], [62, -13], [92, -36], [140, -34], [176, -7], [190, 31], [206, 56], [230, 52]]
  p.fill([...closed(skin).slice(0, 0), ...skin.map((q): Pt => [q[0], q[1]]), [230, 112], [-230, 112]], 'skin')
  // prettier-ignore
  const pad: readonly Knot[] = [[-188, 30], [-174, -10], [-138, -36], [-92, -38], [-60, -14], [-46, 22], [-70, 44], [-118, 50], [-164, 46]]
  for (const one of [pad, mirror(pad)])
    p.fill(closed(one), 'pad', 0.45).tone(closed(one), Math.PI * 0.25, 6, () => 0.7)
  // prettier-ignore
  const well: readonly Knot[] = [[-58, -8], [-48, 18], [-36, 52], [-15, 73], [0, 76], [15, 73], [36, 52], [48, 18], [58, -8], [56, 40], [44, 78], [20, 100], [0, 103], [-20, 100], [-44, 78], [-56, 40]]
  for (let i = 0; i < 2; i++)
    p.locks(
      [
        [-50, 16],
        [-38, 52],
        [-16, 74],
        [0, 77],
        [16, 74],
        [38, 52],
        [50, 16],
      ],
      (t) => norm([(t - 0.5) * 0.7, -1]),
      {
        length: (t) => 92 + 66 * Math.sin(Math.PI * t),
        gap: 7,
        strands: 4,
        spread: 9,
        width: 1.4,
        back: 0,
      },
    )
  p.line(skin, 2.6, 0.03)
  p.danger('toe-webs', closed(well))
  p.trim([
    [-235, -42],
    [-120, -41],
    [0, -41],
    [120, -41],
    [235, -42],
  ])
  return p
    .key('trim', 'The blade flat, level with the pads.', [70, -41])
    .key('danger', 'Not down in here: that is skin, and the groomer’s.', [0, 90])
    .key('look', 'A pad.', [-118, 6])
    .panel()
}
