import { outline, spline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import { hair, ribbon, seeded, shape } from './ink'
import { cutUp, partOf } from './plan'
import type { Arrow, CutLine, Drawing, Mark, Patch } from './plan'

/** The head from the front. Unit: 430 px, x = 0 the middle, y up; the dog's left is on our right. */
const UNIT = 430
const [CX, CY] = [330, 520]
type Model = readonly [number, number]
const page = (q: Model): Pt => [CX + q[0] * UNIT, CY - q[1] * UNIT]
const pageCoat = (q: readonly [number, number, number]): CoatPt => [...page([q[0], q[1]]), q[2]]
type Half = readonly (readonly [number, number, number])[]
const flip = <T extends readonly number[]>(q: T): T => [-q[0]!, ...q.slice(1)] as unknown as T
const both = (half: Half, top: Half, bottom: Half): CoatPt[] =>
  outline([...top, ...half, ...bottom, ...[...half].reverse().map(flip)].map(pageCoat))
const arrows = (list: readonly Arrow[]): Arrow[] =>
  list.flatMap((a): Arrow[] => [
    [...page([a[0], a[1]]), a[2], -a[3]],
    [...page([-a[0], a[1]]), -a[2], -a[3]],
  ])
const HAIR: Record<string, number> = {
  crown: 0.05,
  fringe: 0.055,
  cheek: 0.045,
  muzzle: 0.024,
  beard: 0.085,
  'behind-ear': 0.06,
  'collar-line': 0.06,
  chest: 0.085,
  ear: 0.06,
  'ear-edge': 0.07,
}
/** A trailing `>` marks the dog's left, `<` its right. */
const patches = (pieces: Map<string, Pt[]>): Patch[] =>
  [...pieces].map(([name, poly]) => ({
    name: sideName(name),
    poly,
    hair: (HAIR[name.replace(/[<>]/, '')] ?? 0.05) * 600,
  }))
const sideName = (name: string) => name.replace('>', '.left').replace('<', '.right')

// prettier-ignore
const NECK: Half = [[0.2, 0.55, 0], [0.25, 0.32, 0.5], [0.3, 0.1, 0.7], [0.365, -0.1, 0.8], [0.38, -0.26, 0.8], [0.3, -0.36, 0.9], [0.16, -0.42, 1]]
// prettier-ignore
const HEAD: Half = [[0.165, 0.932, 0.35], [0.275, 0.865, 0.3], [0.315, 0.74, 0.25], [0.305, 0.56, 0.4], [0.265, 0.4, 0.6], [0.215, 0.25, 0.75], [0.165, 0.1, 0.9], [0.065, -0.02, 1]]
// prettier-ignore
const EAR: Half = [[0.215, 0.885, 0.2], [0.29, 0.88, 0.25], [0.38, 0.79, 0.4], [0.435, 0.62, 0.6], [0.45, 0.44, 0.8], [0.42, 0.285, 1], [0.365, 0.27, 1], [0.315, 0.38, 0.8], [0.285, 0.55, 0.5], [0.272, 0.7, 0.3], [0.24, 0.8, 0.2]]
const across = (pts: readonly Model[]): Model[] => [
  ...pts.map(flip).reverse(),
  ...pts.filter((p) => p[0] !== 0),
]

// prettier-ignore
const NECK_CUTS: readonly CutLine[] = [
  ['all', 'upper', 'chest', across([[0, -0.1], [0.3, -0.06], [0.6, -0.02]])],
  ['upper', 'behind', 'collar-line', across([[0, 0.02], [0.3, 0.06], [0.6, 0.09]])],
  ['behind', 'b2', 'behind-ear<', [[-0.12, 0.7], [-0.13, 0.3], [-0.1, -0.1]]],
  ['b2', 'behind-ear>', 'throat', [[0.12, 0.7], [0.13, 0.3], [0.1, -0.1]]],
]
// prettier-ignore
const HEAD_CUTS: readonly CutLine[] = [
  ['all', 'crown', 'face', across([[0, 0.88], [0.25, 0.845], [0.5, 0.8]])],
  ['face', 'fringe', 'lower', across([[0, 0.665], [0.12, 0.69], [0.25, 0.675], [0.5, 0.68]])],
  ['lower', 'mid', 'beard', across([[0, 0.262], [0.05, 0.235], [0.12, 0.225], [0.22, 0.27], [0.5, 0.3]])],
  ['mid', 'm2', 'cheek<', [[-0.055, 0.75], [-0.075, 0.6], [-0.135, 0.47], [-0.175, 0.36], [-0.18, 0.2]]],
  ['m2', 'cheek>', 'muzzle', [[0.055, 0.75], [0.075, 0.6], [0.135, 0.47], [0.175, 0.36], [0.18, 0.2]]],
]
// prettier-ignore
const EAR_CUT: readonly Model[] = [[0.41, 0.95], [0.395, 0.75], [0.4, 0.55], [0.385, 0.45], [0.34, 0.42], [0.22, 0.44]]
// prettier-ignore
const NECK_LIE: readonly Arrow[] = [[0.05, 0.2, 0.05, -1], [0.22, 0.3, 0.3, -0.9], [0.3, 0, 0.25, -1], [0.05, -0.2, 0.08, -1], [0.3, -0.25, 0.2, -1]]
// prettier-ignore
const HEAD_LIE: readonly Arrow[] = [[0.02, 0.5, 0.12, 1], [0.03, 0.6, 0.5, 0.8], [0.06, 0.64, 0.9, 0.3], [0, 0.69, 0.3, -0.2], [0.07, 0.46, 0.8, -0.1], [0.06, 0.33, 0.45, -0.85], [0.13, 0.36, 0.7, -0.7], [0.15, 0.28, 0.5, -0.9], [0.2, 0.5, 0.6, -0.75], [0.25, 0.62, 0.5, -0.85], [0.18, 0.68, 0.5, -0.6], [0.04, 0.715, 0.75, -0.6], [0.09, 0.76, 0.6, -0.8], [0.04, 0.84, 0.6, -0.8], [0.18, 0.8, 0.6, -0.75], [0.04, 0.95, 0.55, -0.5], [0.14, 0.95, 0.85, -0.4], [0.25, 0.88, 0.6, -0.8], [0.02, 0.12, 0.05, -1], [0.1, 0.14, 0.22, -1], [0.17, 0.2, 0.35, -0.95], [0.23, 0.36, 0.45, -0.9], [0.03, 0, 0.05, -1]]
// prettier-ignore
const EAR_LIE: readonly Arrow[] = [[0.24, 0.9, 0.7, -0.5], [0.32, 0.86, 0.6, -0.8], [0.4, 0.7, 0.3, -1], [0.44, 0.5, 0.1, -1], [0.45, 0.3, 0, -1], [0.33, 0.6, 0.05, -1], [0.34, 0.4, 0.05, -1], [0.38, 0.28, 0, -1], [0.28, 0.75, 0.2, -1]]
const EYE: Model = [0.126, 0.592]
// prettier-ignore
const NOSE: readonly Model[] = across([[0, 0.445], [0.045, 0.447], [0.078, 0.425], [0.074, 0.392], [0.045, 0.365], [0.012, 0.345]])

const plain = (pts: readonly Model[], closed = false) =>
  spline(
    pts.map((p): CoatPt => [...page(p), 0]),
    closed,
    2,
  )

export function headView(): Drawing {
  const neck = both(NECK, [], [[0, -0.45, 1]])
  const head = both(HEAD, [[0, 0.955, 0.35]], [[0, -0.035, 1]])
  const ears = ([1, -1] as const).map((s) => {
    const turn = <T extends readonly number[]>(q: T) => (s > 0 ? q : flip(q))
    const edge = outline(EAR.map((q) => pageCoat(turn(q))))
    const mark = s > 0 ? '>' : '<'
    const [left, right] = s > 0 ? ['ear-edge', 'ear'] : ['ear', 'ear-edge']
    const pieces = cutUp(edge, [['all', left + mark, right + mark, EAR_CUT.map(turn)]], page)
    const lie = EAR_LIE.map((a): Arrow => [...page([s * a[0], a[1]]), s * a[2], -a[3]])
    return {
      edge,
      part: partOf(`ear${mark}`, edge, patches(pieces), lie, { halo: 'coat', lineWidth: 1.1, seed: 17 + s }),
    }
  })
  const eyes = [-1, 1].map((s) => {
    const c = page([s * EYE[0], EYE[1]])
    return Array.from({ length: 14 }, (_, i): Pt => [
      c[0] + 24 * Math.cos(i * 0.449),
      c[1] + 20 * Math.sin(i * 0.449),
    ])
  })
  const nose = plain(NOSE, true).map((p): Pt => [p[0], p[1]])
  const outlineOf = (edge: CoatPt[]) => edge.map((p): Pt => [p[0], p[1]])
  return {
    box: [100, 90, 460, 640],
    layers: [
      {
        part: partOf('neck', neck, patches(cutUp(neck, NECK_CUTS, page)), arrows(NECK_LIE), {
          hidden: [outlineOf(head)],
        }),
      },
      {
        part: partOf('head', head, patches(cutUp(head, HEAD_CUTS, page)), arrows(HEAD_LIE), {
          halo: 'coat',
          haloWidth: 11,
          hidden: [...eyes, nose, ...ears.map((e) => outlineOf(e.edge))],
        }),
      },
      { marks: face() },
      ...ears.map((e) => ({ part: e.part })),
    ],
  }
}

function face(): Mark[] {
  const marks: Mark[] = []
  const put = (d: string, tone: Mark['tone'] = 'ink', opacity = 1) => marks.push({ d, tone, opacity })
  for (const s of [-1, 1]) {
    const c = page([s * EYE[0], EYE[1]])
    const r = 14.5
    const eye = (pts: readonly Model[], closed = false) =>
      spline(
        pts.map((p): CoatPt => [c[0] + s * p[0] * r, c[1] + p[1] * r, 0]),
        closed,
        1,
      )
    const disc = (k: number, dx = 0, dy = 0) =>
      shape(
        Array.from({ length: 20 }, (_, i): Pt => [
          c[0] + dx * r + k * r * Math.cos(i * 0.314),
          c[1] + dy * r + k * r * Math.sin(i * 0.314),
        ]),
      )
    put(
      shape(
        eye(
          [
            [-1.12, 0.28],
            [-0.75, -0.42],
            [0, -0.8],
            [0.75, -0.52],
            [1.15, 0.05],
            [0.7, 0.62],
            [0, 0.8],
            [-0.7, 0.62],
          ],
          true,
        ),
      ),
      'dark',
    )
    put(disc(0.7), 'iris', 0.45)
    put(disc(0.5), 'dark')
    put(disc(0.18, -0.26, -0.3), 'glint')
    put(
      ribbon(
        eye([
          [-1.55, 0.62],
          [-1.15, 0.1],
          [-0.7, -0.62],
          [0.05, -0.98],
          [0.8, -0.7],
          [1.3, 0],
          [1.65, 0.25],
        ]),
        (t) => 0.5 + 3.2 * Math.sin(Math.PI * t),
      ),
    )
    put(
      ribbon(
        eye([
          [-0.8, 0.86],
          [0, 1.08],
          [0.8, 0.8],
        ]),
        (t) => 0.3 + 1.1 * Math.sin(Math.PI * t),
      ),
      'ink',
      0.7,
    )
  }
  put(shape(plain(NOSE, true)), 'dark')
  for (const s of [-1, 1]) {
    put(
      ribbon(
        plain([
          [s * 0.02, 0.372],
          [s * 0.04, 0.378],
          [s * 0.058, 0.384],
        ]),
        (t) => 1.7 * Math.sin(Math.PI * t),
      ),
      'gloss',
    )
  }
  put(
    shape(
      plain(
        [
          [-0.045, 0.43],
          [0, 0.438],
          [0.045, 0.43],
          [0, 0.424],
        ],
        true,
      ),
    ),
    'gloss',
    0.6,
  )
  put(
    ribbon(
      plain([
        [0, 0.345],
        [0, 0.3],
        [0, 0.262],
      ]),
      (t) => 2.2 - 0.6 * t,
    ),
  )
  for (const s of [-1, 1])
    put(
      ribbon(
        plain([
          [0, 0.264],
          [s * 0.04, 0.236],
          [s * 0.085, 0.226],
          [s * 0.125, 0.24],
        ]),
        (t) => 0.6 + 2.2 * Math.sin(Math.PI * Math.min(1, 0.25 + t * 0.75)),
      ),
    )

  const random = seeded(9)
  let moustache = ''
  for (let i = 0; i < 84; i++) {
    const s = random() < 0.5 ? -1 : 1
    const u = random()
    const [x, y] = [s * (0.015 + 0.15 * u), 0.298 - 0.03 * u + random() * 0.055]
    const l = 0.05 + 0.05 * random()
    if (u < 0.3 && y > 0.335) continue
    moustache += hair(
      page([x, y]),
      page([x + s * l * 0.35, y - l * 0.45]),
      page([x + s * l * 0.45, y - l]),
      1.35,
    )
  }
  put(moustache, 'ink', 0.85)
  let brow = ''
  for (let i = 0; i < 30; i++) {
    const s = random() < 0.5 ? -1 : 1
    const u = random()
    const [x, y] = [s * (0.05 + 0.16 * u), 0.668 + 0.045 * Math.sin(Math.PI * u) + random() * 0.03]
    const l = 0.045 + 0.03 * random()
    brow += hair(
      page([x, y]),
      page([x + s * l * (0.1 + 0.3 * u), y - l * 0.35]),
      page([x + s * l * (0.2 + 0.55 * u), y - l * 0.85]),
      1.2,
    )
  }
  put(brow, 'ink', 0.75)
  return marks
}
