import type { Build } from './builds'
import { spline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import { hair, ribbon, seeded, shape } from './ink'
import type { Mark } from './plan'
import { page, SCALE } from './side-page'
import type { Model } from './side-page'

const ink = (d: string, tone: Mark['tone'] = 'ink', opacity = 1): Mark => ({ d, tone, opacity })

export function face(build: Build, at: (q: Model) => Pt): Mark[] {
  const curve = (pts: readonly Model[], closed = false) =>
    spline(
      pts.map((p): CoatPt => [...at(p), 0]),
      closed,
      2,
    )
  const [ex, ey, er] = build.eye
  const c = page([ex, ey])
  const r = er * SCALE
  const eye = (pts: readonly Model[], closed = false) =>
    spline(
      pts.map((p): CoatPt => [c[0] + p[0] * r, c[1] + p[1] * r, 0]),
      closed,
      1,
    )
  const bulge = (base: number, belly: number) => (t: number) => base + belly * Math.sin(Math.PI * t)

  const marks: Mark[] = [
    // Nose in profile: flat on top, round in front, one comma for the nostril.
    ink(
      shape(
        curve(
          [
            [-0.364, 1.196],
            [-0.361, 1.214],
            [-0.346, 1.225],
            [-0.324, 1.22],
            [-0.313, 1.203],
            [-0.322, 1.187],
            [-0.336, 1.172],
            [-0.352, 1.168],
            [-0.36, 1.18],
          ],
          true,
        ),
      ),
      'dark',
    ),
    ink(
      shape(
        curve(
          [
            [-0.352, 1.212],
            [-0.342, 1.218],
            [-0.33, 1.214],
            [-0.341, 1.21],
          ],
          true,
        ),
      ),
      'gloss',
      0.75,
    ),
    ink(
      ribbon(
        curve([
          [-0.345, 1.182],
          [-0.333, 1.184],
          [-0.325, 1.192],
        ]),
        bulge(0.3, 1.2),
      ),
      'gloss',
    ),
    // Mouth.
    ink(
      ribbon(
        curve([
          [-0.349, 1.168],
          [-0.344, 1.15],
          [-0.325, 1.136],
          [-0.28, 1.124],
          [-0.23, 1.116],
          [-0.195, 1.122],
        ]),
        (t) =>
          0.9 + (build.furnished ? 1.7 : 1) * Math.sin(Math.PI * Math.min(1, t * 0.9 + 0.1)) * (1 - 0.4 * t),
      ),
    ),
    // Eye: a dark almond under a heavy lid.
    ink(
      shape(
        eye(
          [
            [-1.2, 0.25],
            [-0.6, -0.62],
            [0.3, -0.78],
            [1.15, -0.05],
            [0.55, 0.68],
            [-0.45, 0.78],
          ],
          true,
        ),
      ),
      'dark',
    ),
    ink(
      shape(
        eye(
          [
            [-0.55, 0.35],
            [0, 0.56],
            [0.55, 0.3],
            [0, 0.12],
          ],
          true,
        ),
      ),
      'iris',
      0.8,
    ),
    ink(
      shape(
        eye(
          [
            [-0.5, -0.28],
            [-0.3, -0.48],
            [-0.1, -0.28],
            [-0.3, -0.08],
          ],
          true,
        ),
      ),
      'glint',
    ),
    ink(
      ribbon(
        eye([
          [-1.65, 0.55],
          [-1.1, -0.1],
          [-0.55, -0.8],
          [0.35, -0.98],
          [1.3, -0.1],
          [1.9, 0.35],
        ]),
        bulge(0.4, 2.1),
      ),
    ),
    ink(
      ribbon(
        eye([
          [-0.9, 0.95],
          [-0.2, 1.15],
          [0.7, 0.9],
        ]),
        bulge(0.2, 0.8),
      ),
      'ink',
      0.7,
    ),
  ]
  const random = seeded(31)
  let brow = ''
  for (let i = 0; i < build.brow; i++) {
    const u = random()
    const [x, y] = [
      -0.146 + 0.062 * u,
      1.284 + 0.024 * Math.sin(Math.PI * (0.25 + 0.6 * u)) + random() * 0.016,
    ]
    const l = 0.026 + 0.02 * random()
    brow += hair(at([x, y]), at([x - 0.34 * l, y - 0.12 * l + 0.003]), at([x - 0.62 * l, y - 0.72 * l]), 1.15)
  }
  marks.push(ink(brow, 'ink', 0.75))
  if (build.furnished) {
    let moustache = ''
    for (let i = 0; i < 34; i++) {
      const u = random()
      const [x, y] = [-0.325 + 0.15 * u, 1.142 - 0.012 * u + random() * 0.022]
      const l = 0.03 + 0.028 * random()
      moustache += hair(at([x, y]), at([x + 0.25 * l, y - 0.5 * l]), at([x + 0.32 * l + 0.006, y - l]), 1.25)
    }
    marks.push(ink(moustache, 'ink', 0.85))
  }
  return marks
}

/** Two knuckle lines a near foot; ticks for claws. */
export function toes(build: Build): Mark[] {
  const { landmarks: lm } = build
  let d = ''
  for (const [tip, heel] of [
    ['foreToeTip', 'foreHeel'],
    ['hindToeTip', 'heel'],
  ] as const) {
    const x0 = lm[tip]![0]
    const w = lm[heel]![0] - x0
    for (const u of [0.26, 0.5]) {
      const x = x0 + w * u
      const line = spline(
        [
          [x + w * 0.1, 0.05],
          [x + w * 0.015, 0.04],
          [x - w * 0.03, 0.02],
          [x - w * 0.015, 0.003],
        ].map((p): CoatPt => [...page(p as unknown as Model), 0]),
        false,
        2,
      )
      d += ribbon(line, (t) => 2.3 * Math.sin(Math.PI * Math.min(1, 0.2 + t * 0.75)))
    }
    for (const u of [0.02, 0.27, 0.51]) {
      const x = x0 + w * u
      d += hair(page([x + 0.001, 0.01]), page([x - 0.004, 0.006]), page([x - 0.006, 0.001]), 1.8)
    }
  }
  return [ink(d)]
}
