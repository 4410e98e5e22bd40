import { lerp, norm } from '../geometry'
import type { Pt } from '../geometry'
import type { Arrow } from '../lie'
import { circle, closed, mirror } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

/** The rear, tail held aside. Where things lie, and how large, differs by dog (memory). */
const pairs = (list: readonly Arrow[]): Arrow[] =>
  list.flatMap(([x, y, dx, dy]): Arrow[] => [
    [x, y, dx, dy],
    [-x, y, -dx, dy],
  ])
// prettier-ignore
const HALF: readonly Knot[] = [[40, 118], [92, 130], [134, 170], [156, 240], [166, 330], [158, 420], [136, 500], [116, 570], [110, 620], [108, 680], [106, 730], [112, 776], [104, 800], [70, 806], [52, 798], [52, 770], [58, 720], [62, 670], [60, 620], [54, 560], [40, 500], [22, 456]]
// prettier-ignore
const TAIL: readonly Knot[] = [[26, 132], [20, 168], [-4, 186], [-40, 180], [-96, 160], [-150, 160], [-196, 186], [-232, 244], [-252, 300], [-262, 250], [-256, 186], [-226, 130], [-176, 104], [-110, 100], [-50, 112], [-6, 112]]
// prettier-ignore
const VULVA: readonly Knot[] = [[0, 280], [14, 286], [23, 304], [22, 326], [11, 344], [0, 360], [-11, 344], [-22, 326], [-23, 304], [-14, 286]]
// prettier-ignore
const ROUND_VULVA: readonly Knot[] = [[0, 266], [22, 274], [36, 302], [35, 332], [20, 356], [0, 376], [-20, 356], [-35, 332], [-36, 302], [-22, 274]]
// prettier-ignore
const TESTICLES: readonly Knot[] = [[0, 374], [18, 370], [33, 382], [39, 408], [31, 434], [13, 446], [0, 440], [-14, 448], [-33, 436], [-39, 408], [-33, 382], [-18, 370]]
// prettier-ignore
const ROUND_TESTICLES: readonly Knot[] = [[0, 360], [24, 355], [46, 374], [53, 408], [44, 444], [18, 461], [0, 455], [-18, 463], [-46, 446], [-53, 408], [-46, 374], [-24, 355]]
// prettier-ignore
const TENDON: readonly Knot[] = [[78, 566], [98, 560], [104, 596], [100, 632], [84, 634], [78, 600]]

/** The skin that is left where testicles were (memory; it differs by dog, and by when it was done). */
// prettier-ignore
const EMPTY_FOLD: readonly Knot[] = [[0, 384], [12, 380], [20, 392], [20, 414], [10, 426], [0, 422], [-10, 428], [-21, 416], [-20, 392], [-12, 380]]
// prettier-ignore
const ROUND_FOLD: readonly Knot[] = [[0, 372], [20, 368], [34, 386], [34, 420], [18, 438], [0, 434], [-18, 440], [-35, 422], [-34, 386], [-20, 368]]

export function rear(sex: 'female' | 'male', neutered = false): CarePanel {
  const p = new Plate('The rear, tail held aside', [-280, 66, 470, 600])
  const body = closed([...HALF, [0, 440], ...mirror(HALF).reverse()])
  p.fill(body)
  // prettier-ignore
  p.hair(body, pairs([[10, 150, 0.1, 0.9], [70, 160, 0.5, 0.8], [120, 240, 0.35, 1], [150, 340, 0.1, 1], [80, 260, 0.25, 1], [30, 260, 0.35, 0.9], [30, 360, 0.25, 1], [90, 380, 0.05, 1], [140, 440, -0.25, 1], [60, 470, 0.2, 1], [100, 520, -0.15, 1], [85, 600, 0, 1], [85, 700, 0, 1], [85, 780, 0, 1]]), { gap: 12, length: 34, keep: (q) => (Math.abs(q[0]) < 42 && q[1] > 190 && q[1] < 400 ? 0.15 : 1) })
  for (const s of [1, -1]) {
    const f = (pts: readonly Knot[]) => (s > 0 ? pts : mirror(pts))
    // prettier-ignore
    p.line(f([[60, 122], [92, 130], [134, 170], [156, 240], [166, 330], [158, 420], [136, 500], [116, 570], [110, 620], [108, 680]]), 2.2, 0.1)
      .line(f([[62, 680], [60, 620], [54, 560], [40, 500], [20, 454], [4, 442]]), 2, 0.08)
      .locks(f([[150, 240], [165, 330], [158, 420], [138, 500], [118, 560]]), (t) => [s * lerp(0.5, -0.1, t), 1], { length: 34, gap: 9, strands: 4, spread: 10 })
      .locks(f([[24, 456], [42, 500], [55, 560]]), () => [-s * 0.35, 1], { length: 24, gap: 10 })
  }
  p.fill(circle([0, 290], 40, 100), 'skin', 0.8)
  p.form(TAIL, 'coat', 0)
  // prettier-ignore
  p.hair(closed(TAIL), [[0, 150, -1, 0.1], [-60, 140, -1, -0.1], [-120, 130, -1, 0], [-180, 140, -0.85, 0.5], [-225, 190, -0.5, 0.9], [-245, 250, -0.2, 1]], { gap: 11, length: 40, width: 1.25 })
    .line([[-2, 112], [-50, 112], [-110, 100], [-176, 104], [-226, 130], [-256, 186]], 2, 0.2)
    .line([[20, 178], [-6, 187], [-40, 180], [-96, 161]], 2.4, 0.3)
    .locks([[-60, 176], [-110, 162], [-160, 164], [-200, 192], [-236, 256], [-250, 296]], (t) => [lerp(-0.6, -0.1, t), 1], { length: 54, gap: 9, strands: 4, spread: 11 })
  // Four fingers over the tail.
  for (const x of [-196, -170, -143, -117])
    p.form(
      [
        [x - 3, 84],
        [x + 16, 84],
        [x + 20, 118],
        [x + 10, 158],
        [x - 2, 172],
        [x - 14, 160],
        [x - 10, 120],
      ],
      'skin',
      1.8,
    )
  p.form(
    [
      [-212, 100],
      [-192, 80],
      [-150, 72],
      [-114, 76],
      [-90, 94],
      [-120, 104],
      [-170, 108],
    ],
    'skin',
    2,
  )
  const opening = circle([0, 222], 14, 13)
  p.fill(opening, 'pad', 0.5)
  for (let i = 0; i < 12; i++) {
    const a = (i * Math.PI) / 6
    const r = (k: number): Pt => [k * Math.cos(a), 222 + k * 0.93 * Math.sin(a)]
    p.line([r(3), r(8), r(13)], 1.3, 0.4)
  }
  p.danger('anus', circle([0, 222], 27, 25), opening)
  if (sex === 'female') {
    p.form(VULVA, 'skin')
    p.line(
      [
        [0, 292],
        [-1, 318],
        [0, 346],
      ],
      2.3,
      0.25,
    )
    p.danger('vulva', closed(ROUND_VULVA), closed(VULVA))
  } else {
    p.line(
      [
        [0, 252],
        [2, 300],
        [0, 366],
      ],
      1.3,
      0.3,
      0.7,
    )
    p.form(neutered ? EMPTY_FOLD : TESTICLES, 'skin', neutered ? 1.5 : 2.2)
    const wrinkles: readonly (readonly Knot[])[] = neutered
      ? [-9, 0, 9].map((x): Knot[] => [
          [x, 388],
          [x + 3, 402],
          [x - 1, 418],
        ])
      : [
          [
            [0, 378],
            [2, 408],
            [0, 438],
          ],
        ]
    for (const w of wrinkles) p.line(w, neutered ? 1.1 : 1.6, 0.2, 0.8)
    p.danger(
      'testicles',
      closed(neutered ? ROUND_FOLD : ROUND_TESTICLES),
      closed(neutered ? EMPTY_FOLD : TESTICLES),
    )
  }
  for (const s of [1, -1]) p.danger('hock-tendon', closed(s > 0 ? TENDON : mirror(TENDON)))
  const low = sex === 'female' ? 398 : 340
  // prettier-ignore
  p.trim([[0, 190], [34, 190], [58, 210], [70, 260], [68, 320], [54, low - 18], [0, low], [-54, low - 18], [-68, 320], [-70, 260], [-58, 212], [-34, 196], [0, 190]])
  for (const s of [1, -1])
    p.arrow([
      [s * 34, 222],
      [s * 64, 216],
      [s * 98, 224],
    ]).arrow([
      [s * 42, 306],
      [s * 70, 318],
      [s * 100, 336],
    ])
  p.key(
    'trim',
    'Guarded clipper in here, from the opening outwards. No scissors, ever.',
    [70, 270],
    [-70, 270],
  )
  p.key('danger', 'The anus. Thin skin that tightens.', [22, 236])
  if (sex === 'female') p.key('danger', 'The vulva, its folds under the hair.', [32, 340])
  else
    p.key(
      'danger',
      neutered
        ? 'The empty fold: loose skin. Comb it, it still mats; no blade.'
        : 'The testicles: leave that coat alone.',
      neutered ? [30, 424] : [46, 430],
    )
  p.askOff('anus', 'The anus', 'Thin skin that tightens into a blade.', circle([0, 222], 27, 25))
  if (sex === 'female')
    p.askOff('vulva', 'The vulva', 'Folds under the hair: your hand covers them.', closed(ROUND_VULVA))
  else
    p.askOff(
      'testicles',
      neutered ? 'The empty fold' : 'The testicles',
      'Loose skin that slips between the teeth. That coat is left alone.',
      closed(neutered ? ROUND_FOLD : ROUND_TESTICLES),
    )
  p.askOff(
    'hock-tendon',
    'Behind the hocks',
    'Skin over tendon, no flesh. Comb only.',
    closed(TENDON),
    closed(mirror(TENDON)),
  )
    .askMay('Beside the opening', 'By guard, flush and light, from the opening outwards.', [
      [58, 230],
      [70, 270],
      [66, 320],
    ])
    .askLie([96, 300], [0.3, 0.95], 'Back of the thigh')
    .askLie([-60, 230], [-0.9, 0.3], 'Beside the opening, the way the clipper runs')
    .askFinger(
      [[20, 300], 'Over the opening and what lies below it'],
      [[-156, 140], 'Round the tip of the tail'],
      [[130, 420], 'On the thigh'],
    )
  return p
    .key('danger', 'Behind the hock: skin over tendon.', [92, 600], [-92, 600])
    .key('look', 'The tail in your palm from its root, aside, not up over the back.', [-156, 140])
    .panel()
}

/** Why some places see no clipper: skin drawn flat, and a loose fold, under a row of teeth cut through. */
export function teethCutThrough(): CarePanel {
  const p = new Plate('A row of teeth over a loose fold, cut through', [-250, -105, 500, 205])
  // prettier-ignore
  const skin: readonly Knot[] = [[-240, 44], [-150, 42], [-106, 34], [-84, 12], [-69, -6], [-57, -36], [-45, -6], [-30, 9], [-14, -8], [-2, -44], [10, -8], [25, 9], [41, -6], [53, -38], [65, -6], [82, 14], [120, 34], [180, 42], [240, 44]]
  p.fill([...skin.map((q): Pt => [q[0], q[1]]), [240, 92], [-240, 92]], 'skin')
  p.locks(
    [
      [-236, 44],
      [-150, 42],
      [-100, 35],
    ],
    () => norm([0.85, -0.6]),
    { length: 15, gap: 9, back: 0 },
  ).locks(
    [
      [140, 38],
      [200, 42],
      [238, 44],
    ],
    () => norm([0.85, -0.6]),
    { length: 52, gap: 7, strands: 2, back: 0 },
  )
  for (let i = 0; i < 5; i++) {
    const x = -98 + i * 55
    p.form(
      [
        [x, -62, 'c'],
        [x + 27, -62, 'c'],
        [x + 25, -10],
        [x + 18, 5],
        [x + 9, 5],
        [x + 2, -10],
      ],
      'pad',
      1.8,
    )
  }
  p.form(
    [
      [-112, -92, 'c'],
      [162, -92, 'c'],
      [162, -60, 'c'],
      [-112, -60, 'c'],
    ],
    'coat',
    2.2,
  )
  p.line(skin, 2.5, 0.03)
  for (const c of [-57, -2, 53])
    p.danger(
      'flank-fold',
      closed([
        [c - 20, 8],
        [c - 11, -8],
        [c - 4, -34],
        [c, -41],
        [c + 4, -34],
        [c + 11, -8],
        [c + 20, 8],
        [c, 12],
      ]),
    )
  p.arrow([
    [176, -76],
    [206, -76],
    [236, -76],
  ])
  return p
    .key('danger', 'A loose fold rises between the teeth and is cut, guard or no guard.', [-2, -30])
    .key('look', 'Skin drawn flat: the teeth slide over it.', [-180, 50])
    .panel()
}
