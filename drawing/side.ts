import { BUILDS } from './builds'
import type { BuildId } from './builds'
import { boundsOf, outline, rot, spline } from './geometry'
import type { CoatPt, Pt } from './geometry'
import { hair, seeded } from './ink'
import { cutUp, partOf } from './plan'
import type { Arrow, Drawing, Mark, Patch } from './plan'
import { CREASES, DROP_EARED, FAR_LEGS, SIDE_CORNERS, SIDE_CUTS, SIDE_LIE, SIDE_ORDER } from './side-data'
import { warpBetween } from './warp'

import { face, toes } from './side-face'
import { GROUND, page, SCALE } from './side-page'
import type { Model } from './side-page'

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
