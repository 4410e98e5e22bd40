import { lerp, norm } from '../geometry'
import type { Pt } from '../geometry'
import { circle, closed, open, Plate } from './plate'
import type { CarePanel, Knot } from './plate'

/** The face over the dog's own head, as `drawing/head.ts` draws it: 430 px a unit about (330, 520). */
const at = (x: number, y: number): Pt => [330 + x * 430, 520 - y * 430]
const on = (pts: readonly Knot[], side = 1): Knot[] =>
  pts.map((q) => [...at(side * q[0], q[1]), ...q.slice(2)] as unknown as Knot)

// prettier-ignore
const LIDS: readonly Knot[] = [[0.06, 0.575], [0.085, 0.625], [0.126, 0.645], [0.17, 0.628], [0.196, 0.59], [0.165, 0.555], [0.126, 0.542], [0.085, 0.55]]
// prettier-ignore
const BALL: readonly Knot[] = [[0.084, 0.582], [0.105, 0.61], [0.13, 0.618], [0.155, 0.604], [0.168, 0.588], [0.15, 0.57], [0.124, 0.563], [0.1, 0.568]]
// prettier-ignore
const LIPS: readonly Knot[] = [[-0.13, 0.248], [-0.088, 0.239], [-0.04, 0.247], [0, 0.276], [0.04, 0.247], [0.088, 0.239], [0.13, 0.248], [0.124, 0.232], [0.09, 0.214], [0.04, 0.224], [0, 0.25], [-0.04, 0.224], [-0.09, 0.214], [-0.124, 0.232]]

export function faceFront(fringe: boolean): CarePanel {
  const p = new Plate('The face from the front', [120, 96, 420, 520], 'head')
  for (const s of [-1, 1]) {
    p.danger('eyes', closed(on(LIDS, s)), closed(on(BALL, s)))
    p.trim(
      on(
        [
          [0.03, 0.5],
          [0.056, 0.516],
          [0.074, 0.53],
        ],
        s,
      ),
    )
    p.trim(
      on(
        [
          [0.214, 0.66],
          [0.226, 0.6],
          [0.214, 0.54],
        ],
        s,
      ),
    )
  }
  if (fringe)
    p.trim(
      on([
        [-0.185, 0.69],
        [-0.1, 0.722],
        [0, 0.734],
        [0.1, 0.722],
        [0.185, 0.69],
      ]),
    )
  p.danger('mouth', closed(on(LIPS)))
  p.danger(
    'throat',
    closed(
      on([
        [-0.1, -0.03],
        [0, 0.02],
        [0.1, -0.03],
        [0.12, -0.12],
        [0, -0.16],
        [-0.12, -0.12],
      ]),
    ),
  )
  p.key(
    'trim',
    'Inner corners: only what grows up in front of the eye. Points away from it.',
    at(-0.05, 0.51),
    at(0.05, 0.51),
  )
  p.key('trim', 'What hangs at the outer side, a finger between.', at(0.226, 0.6), at(-0.226, 0.6))
  if (fringe) p.key('trim', 'Only then the fringe, long at first.', at(0, 0.734))
  else p.key('look', 'Fringe: leave it. Cut far back it stands up in front of the eye.', at(0, 0.72))
  return p
    .key('danger', 'The eye, its lids and lashes.', at(0.18, 0.62), at(-0.18, 0.62))
    .key('danger', 'Tongue and lips. Keep the mouth gently closed.', at(0.09, 0.226))
    .key('danger', 'Throat: hold the chin hair, never press here.', at(0, -0.09))
    .panel()
}

/** The eye close, its guarding fingers above. */
export function eyeClose(): CarePanel {
  const p = new Plate('The eye, close', [-265, -260, 530, 400])
  // prettier-ignore
  const eye: readonly Knot[] = [[-112, 26], [-84, 2], [-44, -38], [10, -54], [62, -40], [104, 2], [78, 34], [30, 52], [-30, 48], [-80, 34]]
  // prettier-ignore
  const lids: readonly Knot[] = [[-128, 32], [-90, -8], [-46, -58], [12, -74], [72, -56], [124, 4], [92, 46], [32, 70], [-36, 66], [-96, 48]]
  const region = closed([
    [-255, -190],
    [255, -190],
    [255, 130],
    [-255, 130],
  ])
  // prettier-ignore
  p.hair(region, [[-190, 60, -0.3, 0.9], [-150, 20, -0.5, -0.7], [-140, 110, -0.2, 1], [0, 130, 0.15, 1], [140, 110, 0.5, 0.9], [200, 20, 0.7, 0.7], [0, -130, 0.3, -0.9], [-120, -120, -0.1, -1], [-200, -60, -0.4, -0.6], [140, -110, 0.7, -0.5], [220, -60, 0.9, 0.2]], {
    gap: 17, length: 34, avoid: [closed(lids)], keep: (q) => Math.max(0, 1 - Math.pow(Math.hypot(q[0] / 265, q[1] / 170), 4)),
  })
  const ball = closed(eye)
  p.fill(ball)
    .fill(circle([2, -4], 70, 50), 'dark')
    .fill(circle([2, -4], 66, 47), 'iris', 0.55)
    .fill(circle([2, -4], 34, 32), 'dark')
  p.fill(circle([-20, -22], 12, 8), 'glint')
  p.line(
    [
      [-130, 34],
      [-112, 26],
      [-84, 2],
      [-44, -38],
      [10, -54],
      [62, -40],
      [104, 2],
      [118, 16],
    ],
    6.5,
    0.3,
  )
  p.line(
    [
      [-112, 26],
      [-80, 36],
      [-30, 50],
      [30, 54],
      [78, 36],
      [104, 4],
    ],
    3,
    0.2,
  )
  for (let i = 0; i < 17; i++) {
    const t = i / 16
    const b: Pt = [lerp(-46, 92, t), -54 + Math.pow((t - 0.42) / 0.58, 2) * (t > 0.42 ? 48 : 14)]
    const d = norm([lerp(-0.75, 0.85, t), -1 + 0.55 * t])
    p.line([b, [b[0] + d[0] * 14, b[1] + d[1] * 14 - 2], [b[0] + d[0] * 26, b[1] + d[1] * 26 - 5]], 2, 0.5)
  }
  p.locks(
    [
      [-196, 64],
      [-168, 70],
      [-142, 66],
      [-126, 58],
    ],
    (t) => [lerp(0.2, 0.5, t), -1],
    { length: (t) => 112 - 14 * t, gap: 7, strands: 4, spread: 12, width: 1.5, back: 0.1 },
  )
  // The fringe, and two fingers laid along the brow under it.
  for (const [dy, tip] of [
    [-172, -120],
    [-126, -92],
  ] as const) {
    // prettier-ignore
    const finger = closed([[330, dy - 24], [200, dy - 24], [120, dy - 21], [40, dy - 22], [tip + 46, dy - 17], [tip + 12, dy - 11], [tip, dy], [tip + 12, dy + 12], [tip + 46, dy + 18], [40, dy + 21], [120, dy + 20], [200, dy + 24], [330, dy + 24]])
    p.fill(finger, 'skin').contour(finger, 2)
    for (const x of [tip + 76, tip + 84, tip + 196, tip + 206])
      p.line(
        [
          [x, dy - 13],
          [x + 5, dy],
          [x, dy + 12],
        ],
        1.3,
        0.4,
        0.7,
      )
    const nail = closed([
      [tip + 7, dy - 8],
      [tip + 26, dy - 11],
      [tip + 32, dy],
      [tip + 26, dy + 10],
      [tip + 7, dy + 8],
    ])
    p.fill(nail, 'coat', 0.9).contour(nail, 1.1, 0.8)
  }
  p.locks(
    [
      [-170, -256],
      [-60, -258],
      [60, -258],
      [180, -254],
    ],
    (t) => [lerp(-0.45, 0.25, t), 1],
    { length: 96, gap: 15, strands: 3, spread: 14, width: 1.4, back: 0 },
  )
  p.danger('eyes', closed(lids), ball)
  p.trim([
    [-226, 18],
    [-196, 26],
    [-166, 30],
    [-148, 40],
  ])
  return p
    .key('trim', 'Inner corner: comb up, trim out here, the points away from the eye.', [-198, 25])
    .key('danger', 'The eye and its lids. Lashes stay.', [40, 63])
    .key('look', 'Your fingers between blade and eye.', [30, -128])
    .panel()
}

/** A drop ear as it hangs, its leather seen through the hair. */
export function earHanging(): CarePanel {
  const p = new Plate('A drop ear as it hangs', [120, 120, 330, 600])
  // prettier-ignore
  const ear: readonly Knot[] = [[214, 168], [188, 230], [166, 310], [150, 400], [152, 490], [176, 580], [222, 650], [270, 686], [318, 676], [368, 610], [404, 530], [420, 430], [414, 320], [394, 236], [356, 176], [290, 146]]
  p.fill(closed(ear))
  // prettier-ignore
  p.hair(closed(ear), [[240, 160, -0.3, 0.9], [320, 160, 0.3, 0.9], [190, 260, -0.15, 1], [300, 260, 0.05, 1], [390, 270, 0.2, 1], [180, 420, 0, 1], [290, 420, 0.02, 1], [395, 430, 0, 1], [210, 560, 0.15, 1], [290, 560, 0, 1], [370, 560, -0.2, 1], [270, 660, 0.05, 1]], { gap: 12, length: 44, width: 1.2 })
  p.line(
    [
      [356, 178],
      [394, 236],
      [414, 320],
      [420, 420],
    ],
    2.2,
    0.25,
  ).line(
    [
      [212, 172],
      [188, 230],
      [166, 310],
      [151, 400],
    ],
    1.8,
    0.25,
  )
  // prettier-ignore
  p.locks([[164, 320], [150, 400], [152, 490], [176, 580], [222, 652], [272, 690]], (t) => [lerp(-0.28, 0.3, t), 1], { length: 52, gap: 9, strands: 4, spread: 11, width: 1.35 })
    .locks([[416, 320], [420, 430], [404, 530], [368, 612], [318, 680], [272, 690]], (t) => [lerp(0.28, -0.3, t), 1], { length: 52, gap: 9, strands: 4, spread: 11, width: 1.35 })
    .locks([[192, 226], [212, 178], [250, 152], [300, 146], [352, 172], [388, 226]], (t) => [lerp(-0.55, 0.55, t), 0.9], { length: 56, gap: 7, strands: 4, spread: 11, width: 1.2, back: 0.55 })
  const outer = open([
    [216, 200],
    [198, 252],
    [184, 320],
    [186, 396],
    [220, 456],
    [280, 486],
    [340, 458],
    [380, 398],
    [392, 318],
    [386, 252],
    [368, 206],
  ])
  const inner = open([
    [238, 206],
    [222, 256],
    [209, 322],
    [212, 388],
    [238, 434],
    [280, 460],
    [320, 438],
    [354, 388],
    [365, 318],
    [361, 262],
    [346, 214],
  ])
  p.danger('ear-edge', [...outer, ...inner.reverse()])
  p.danger(
    'ear-fold',
    closed([
      [356, 268],
      [378, 250],
      [400, 268],
      [406, 302],
      [394, 328],
      [370, 324],
      [355, 302],
    ]),
  )
  p.danger(
    'ear-canal',
    closed([
      [268, 178],
      [292, 172],
      [312, 184],
      [308, 206],
      [286, 214],
      [268, 202],
    ]),
  )
  const top = open([
    [158, 504],
    [220, 524],
    [286, 530],
    [350, 524],
    [410, 502],
  ])
  const under = open([
    [161, 528],
    [220, 547],
    [286, 553],
    [350, 547],
    [406, 526],
  ])
  const band = [...top, ...under.reverse()]
  p.fill(band, 'paper')
    .tone(band, 1.4, 6, () => 0.6)
    .contour(band, 2)
  p.trim([
    [140, 590],
    [210, 622],
    [286, 632],
    [366, 620],
    [436, 578],
  ])
  return p
    .key(
      'danger',
      'The leather’s edge, under the hair. Feel where it ends; where the fold lies differs by dog.',
      [196, 330],
      [356, 400],
    )
    .key('danger', 'Its fold, a thin pocket of skin.', [382, 290])
    .key('danger', 'The canal is under here: nothing goes in.', [290, 193])
    .key('look', 'A loose band, clear below the leather.', [286, 540])
    .key('trim', 'From here down may be shortened; round it off.', [330, 628])
    .panel()
}
