import { lerp, norm } from '../geometry'
import type { Pt } from '../geometry'
import { circle, closed } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

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

// prettier-ignore
const THROAT: readonly Knot[] = [[-0.1, -0.03], [0, 0.02], [0.1, -0.03], [0.12, -0.12], [0, -0.16], [-0.12, -0.12]]
// prettier-ignore
const CORNER: readonly Knot[] = [[0.03, 0.5], [0.056, 0.516], [0.074, 0.53]]
// prettier-ignore
const OUTER: readonly Knot[] = [[0.214, 0.66], [0.226, 0.6], [0.214, 0.54]]

export function faceFront(fringe: boolean): CarePanel {
  const p = new Plate('The face from the front', [120, 96, 420, 520], 'head')
  for (const s of [-1, 1]) {
    p.danger('eyes', closed(on(LIDS, s)), closed(on(BALL, s)))
    p.trim(on(CORNER, s))
    p.trim(on(OUTER, s))
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
  p.danger('throat', closed(on(THROAT)))
  p.key(
    'trim',
    'Inner corners: only what grows up in front of the eye. Points away from it.',
    at(-0.05, 0.51),
    at(0.05, 0.51),
  )
  p.key('trim', 'What hangs at the outer side, a finger between.', at(0.226, 0.6), at(-0.226, 0.6))
  if (fringe) p.key('trim', 'Only then the fringe, long at first.', at(0, 0.734))
  else p.key('look', 'Fringe: leave it. Cut far back it stands up in front of the eye.', at(0, 0.72))
  p.askOff(
    'eyes',
    'The eyes and their lids',
    'Lids blink, and lashes stay.',
    ...[-1, 1].map((s) => closed(on(LIDS, s))),
  )
    .askOff('mouth', 'The lips', 'Skin with hair on it, and a tongue behind.', closed(on(LIPS)))
    .askOff('throat', 'The throat', 'Loose skin over soft parts.', closed(on(THROAT)))
    .askMay('The inner corners', 'Only what grows up in front of the eye, points away from it.', on(CORNER))
    .askMay('The outer sides', 'What hangs there, a finger between.', on(OUTER))
    .askLie(at(0, 0.72), [0, -1], 'The crown, above the eyes')
    .askLie(at(0.1, 0.36), [0.75, 0.66], 'Beside the muzzle')
    .askFinger(
      [at(0.1, 0.55), 'On the lid, between eye and blade'],
      [at(0, 0.4), 'Round the muzzle, shut tight'],
      [at(0, -0.09), 'Under the throat'],
    )
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

/** Beard, lips and cheeks from the front: no wider than the outer corners of the eyes. */
export function muzzleFront(): CarePanel {
  const p = new Plate('Beard and lips from the front', [120, 200, 420, 420], 'head')
  for (const s of [-1, 1]) {
    p.danger('eyes', closed(on(LIDS, s)), closed(on(BALL, s)))
    p.trim(
      on(
        [
          [0.2, 0.48],
          [0.208, 0.36],
          [0.2, 0.22],
          [0.17, 0.11],
        ],
        s,
      ),
    )
  }
  p.danger('mouth', closed(on(LIPS))).danger('throat', closed(on(THROAT)))
  p.trim(
    on([
      [-0.17, 0.11],
      [-0.1, 0.055],
      [0, 0.035],
      [0.1, 0.055],
      [0.17, 0.11],
    ]),
  )
  return p
    .key('trim', 'The beard, cut to the finger laid along the chin.', at(0, 0.035))
    .key(
      'trim',
      'Cheeks and muzzle: no wider than the outer corners of the eyes.',
      at(0.208, 0.36),
      at(-0.208, 0.36),
    )
    .key(
      'danger',
      'Tongue and lips. Draw the lip aside; blunt tips outside its line, or leave it.',
      at(0.09, 0.226),
    )
    .key('danger', 'The eye, its lids and lashes.', at(0.18, 0.62), at(-0.18, 0.62))
    .key('danger', 'Throat: hold the chin hair, never press here.', at(0, -0.09))
    .panel()
}
