import { lerp, norm, rot } from '../geometry'
import type { Pt } from '../geometry'
import type { Arrow } from '../lie'
import { closed, mirror, Plate } from './plate'
import type { CarePanel, Knot } from './plate'

/** The forefoot: from below, from above, from the side, and cut through between two pads. */
const moved = (pts: readonly Knot[], [x, y]: Pt, k = 1, turn = 0): Knot[] =>
  pts.map((p) => {
    const q = rot([p[0] * k, p[1] * k], turn)
    return [q[0] + x, q[1] + y, ...p.slice(2)] as unknown as Knot
  })
const pairs = (list: readonly Arrow[]): Arrow[] =>
  list.flatMap(([x, y, dx, dy]): Arrow[] => [
    [x, y, dx, dy],
    [-x, y, -dx, dy],
  ])

// prettier-ignore
const NAIL: readonly Knot[] = [[-11, 20], [-11, -6], [-6, -30], [1, -46], [5, -42], [9, -22], [11, 0], [11, 20]]
// prettier-ignore
const SOLE_RIGHT: readonly Knot[] = [[62, 235], [66, 170], [92, 105], [124, 55], [146, -6], [150, -58], [140, -100], [116, -120], [96, -124, 'c'], [92, -160], [72, -190], [42, -200], [16, -192], [0, -176, 'c']]
// prettier-ignore
const BIG_PAD: readonly Knot[] = [[0, -58], [30, -48], [56, -14], [80, 22], [84, 52], [66, 70], [40, 64], [20, 50], [0, 46], [-20, 50], [-40, 64], [-66, 70], [-84, 52], [-80, 22], [-56, -14], [-30, -48]]
const toePad = (x: number, y: number, turn: number, w: number, h: number): Knot[] =>
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
const WEBS: readonly (readonly Knot[])[] = [
  [[3, -160], [7, -128], [16, -92], [30, -74], [16, -68], [4, -74], [2, -110]],
  [[78, -108], [74, -84], [70, -56], [78, -24], [86, -8], [68, -14], [56, -34], [44, -62], [54, -82], [68, -94]],
]

// prettier-ignore
const SOLE_EDGE: readonly Knot[] = [[74, 175], [104, 104], [136, 54], [160, -6], [166, -62], [154, -110], [118, -136], [104, -172], [78, -204], [42, -216], [8, -208]]

function padded(p: Plate, poly: Pt[]) {
  p.fill(poly, 'pad', 0.45)
    .tone(poly, Math.PI * 0.22, 5.2, () => 0.45, 1.2, 0.5)
    .contour(poly, 2.3)
}

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

/** Hair drawn up between the toes; it is cut along the slope, seen from the side. No blade from above. */
export function footAbove(): CarePanel {
  const p = new Plate('The foot from above', [-150, -250, 300, 500])
  const toe = (cx: number, tip: number, w: number, turn: number, base: number) =>
    // prettier-ignore
    moved([[-w * 0.75, 0], [-w * 0.95, -tip * 0.35], [-w * 1.02, -tip * 0.62], [-w * 0.92, -tip * 0.84], [-w * 0.45, -tip], [w * 0.45, -tip], [w * 0.92, -tip * 0.84], [w * 1.02, -tip * 0.62], [w * 0.95, -tip * 0.35], [w * 0.75, 0]], [cx, base], 1, turn)
  for (const s of [-1, 1]) {
    p.form(moved(NAIL, [s * 42, -200], 0.8, s * 0.03))
    p.form(moved(NAIL, [s * 126, -140], 0.74, s * 0.36))
  }
  for (const s of [-1, 1]) p.form(toe(s * 86, 152, 40, s * 0.28, 0))
  for (const s of [-1, 1]) p.form(toe(s * 38, 200, 39, s * 0.02, 10))
  // prettier-ignore
  const foot = closed([[-58, 240], [-64, 170], [-84, 110], [-98, 50], [-94, 0], [-70, -50], [-36, -76], [0, -84], [36, -76], [70, -50], [94, 0], [98, 50], [84, 110], [64, 170], [58, 240]])
  p.fill(foot)
  const webs = [
    closed([
      [0, -88],
      [-9, -118],
      [-8, -150],
      [0, -138],
      [8, -150],
      [9, -118],
    ]),
    closed([
      [-72, -62],
      [-80, -90],
      [-86, -118],
      [-78, -110],
      [-74, -126],
      [-68, -94],
    ]),
    closed([
      [72, -62],
      [80, -90],
      [86, -118],
      [78, -110],
      [74, -126],
      [68, -94],
    ]),
  ]
  const whole = closed([
    [-58, 240],
    [-64, 170],
    [-98, 60],
    [-128, -60],
    [-116, -140],
    [-70, -190],
    [0, -196],
    [70, -190],
    [116, -140],
    [128, -60],
    [98, 60],
    [64, 170],
    [58, 240],
  ])
  // prettier-ignore
  p.hair(whole, [[0, 200, 0, -1], [0, 60, 0, -1], [0, -60, 0, -1], ...pairs([[50, 150, 0.1, -1], [80, 20, 0.25, -1], [100, -90, 0.3, -1], [40, -140, 0.03, -1], [110, -130, 0.35, -1]])], { gap: 12, length: 24, width: 1.05, avoid: webs })
  for (const s of [-1, 1])
    p.line(
      [
        [s * 58, 240],
        [s * 64, 170],
        [s * 86, 112],
        [s * 98, 60],
      ],
      2.2,
      0.2,
    )
  // Drawn up between the toes, towards us.
  for (const [x, y] of [
    [0, -92],
    [-70, -62],
    [70, -62],
  ] as const)
    for (const lean of [-0.9, -0.35, 0.35, 0.9])
      p.locks(
        [
          [x - 3, y + 4],
          [x + 3, y + 26],
        ],
        () => [lean, 0.55],
        { length: 40, gap: 9, strands: 3, spread: 8, back: 0.05, width: 1.1 },
      )
  for (const web of webs) p.danger('toe-webs', web)
  return p
    .key(
      'danger',
      'Webs: skin. Never across, never a point down into them.',
      [0, -120],
      [78, -96],
      [-78, -96],
    )
    .key('look', 'Hair drawn up between the toes: cut it from the side, along the slope.', [0, -66])
    .panel()
}

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
