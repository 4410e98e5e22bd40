import { BUILDS } from './builds'
import type { Build, BuildId } from './builds'
import { boundsOf, outline, rot, spline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import { hair, ribbon, seeded, shape } from './ink'
import { cutUp, partOf } from './plan'
import type { Arrow, Drawing, Mark, Patch } from './plan'
import { CREASES, DROP_EARED, FAR_LEGS, SIDE_CORNERS, SIDE_CUTS, SIDE_LIE, SIDE_ORDER } from './side-data'
import { warpBetween } from './warp'

/** Pixels to one height at the withers. */
const SCALE = 500
const LEFT = 0.47
const GROUND = 1.55

type Model = readonly [number, number]
const page = (q: Model): Pt => [(q[0] + LEFT) * SCALE, (GROUND - q[1]) * SCALE]
const pageCoat = (q: readonly [number, number, number]): CoatPt => [...page([q[0], q[1]]), q[2]]

/** The left side of a dog of one build, standing. The right side is its mirror. */
export function sideView(id: BuildId): Drawing {
  const build = BUILDS[id]
  const warp = warpBetween(DROP_EARED, build.landmarks)
  const at = (q: Model): Pt => page(warp(q).p)
  const atCoat = (q: readonly [number, number, number]): CoatPt => [...at([q[0], q[1]]), q[2]]
  const arrow = (a: Arrow): Arrow => {
    const w = warp([a[0], a[1]])
    const d = rot([a[2], a[3]], w.turn)
    return [...page(w.p), d[0], -d[1]]
  }
  const patches = (pieces: Map<string, Pt[]>): Patch[] =>
    [...pieces].map(([name, poly]) => ({ name, poly, hair: (build.hair[name] ?? 0.05) * SCALE }))

  const body = outline(
    SIDE_ORDER.map((k) => pageCoat(build.landmarks[k]!)),
    SIDE_CORNERS,
  )
  const ear = outline(build.ear.points.map(pageCoat), build.ear.corners)
  const earEdge: Pt[] = ear.map((p) => [p[0], p[1]])
  const earPieces = cutUp(ear, [['all', 'ear', 'ear-edge', build.ear.cut]], page)
  const earLie = build.ear.lie.map((a): Arrow => [...page([a[0], a[1]]), a[2], -a[3]])

  const far = (name: string, edge: CoatPt[], lie: Arrow[]) => ({
    part: partOf(
      name,
      edge,
      [{ name: 'far', poly: edge.map((p): Pt => [p[0], p[1]]), hair: 0.04 * SCALE }],
      lie,
      {
        far: true,
        lineWidth: 0.85,
      },
    ),
  })
  const legs = (['hind', 'fore'] as const).map((k) => {
    const edge = outline(FAR_LEGS[k].points.map((p) => atCoat(p as unknown as [number, number, number])))
    return far(
      `far-${k}`,
      puffed(edge, build.farPuff * SCALE),
      FAR_LEGS[k].lie.map((a) => arrow(a as unknown as Arrow)),
    )
  })
  const shift = build.farEar
  const farEar = shift
    ? [
        far(
          'far-ear',
          ear.map((p): CoatPt => [p[0] + shift[0] * SCALE, p[1] - shift[1] * SCALE, p[2]]),
          earLie.map((a): Arrow => [a[0] + shift[0] * SCALE, a[1] - shift[1] * SCALE, a[2], a[3]]),
        ),
      ]
    : []

  const [x0, y0, x1] = boundsOf([...body, ...ear])
  const floor = GROUND * SCALE
  return {
    box: [x0 - 30, y0 - 26, x1 - x0 + 60, floor - y0 + 48].map(Math.round) as Drawing['box'],
    layers: [
      { marks: [ground(x0, x1)] },
      ...legs,
      ...farEar,
      {
        part: partOf('body', body, patches(cutUp(body, SIDE_CUTS, at)), SIDE_LIE.map(arrow), {
          wave: build.wave,
          halo: 'paper',
          hidden: [earEdge],
          creases: CREASES.map((c) =>
            spline(
              c.map((p): CoatPt => [...at([p[0]!, p[1]!]), 0]),
              false,
              6,
            ).map((p): Pt => [p[0], p[1]]),
          ),
        }),
      },
      { marks: [...face(build, at), ...toes(build)] },
      {
        part: partOf('ear', ear, patches(earPieces), earLie, {
          wave: build.wave,
          halo: build.farEar ? null : 'coat',
          lineWidth: 1.15,
          bare: build.earLineFrom ? [[page([0, build.earLineFrom])[1], floor]] : [],
        }),
      },
    ],
  }
}

/** Pushes an edge outwards where a thick coat stands on a far leg, but not into the ground. */
function puffed(edge: CoatPt[], by: number): CoatPt[] {
  if (!by) return edge
  const n = edge.length
  const cx = edge.reduce((s, p) => s + p[0], 0) / n
  return edge.map((p): CoatPt => {
    if (p[1] > (GROUND - 0.012) * SCALE) return p
    return [p[0] + Math.sign(p[0] - cx) * by, p[1], Math.max(p[2], 0.7)]
  })
}

const ink = (d: string, tone: Mark['tone'] = 'ink', opacity = 1): Mark => ({ d, tone, opacity })

/** A few strokes of floor. */
function ground(x0: number, x1: number): Mark {
  const random = seeded(5)
  let d = ''
  for (let i = 0; i < 40; i++) {
    const x = x0 + (0.2 + 0.6 * random()) * (x1 - x0)
    const y = (GROUND + 0.004 + 0.026 * random()) * SCALE
    const l = (0.05 + 0.12 * random()) * SCALE
    d += hair([x - l / 2, y], [x, y - 0.5], [x + l / 2, y - 1], 1.2)
  }
  return ink(d, 'ink', 0.35)
}

function face(build: Build, at: (q: Model) => Pt): Mark[] {
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
function toes(build: Build): Mark[] {
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
