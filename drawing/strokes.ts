import { add, boundsOf, distance, inside, lerp, mix, mul, nearest, norm, rot, signedArea } from './geometry'
import type { CoatPt, Pt } from './geometry'
import { hair, noise, ribbon, seeded } from './ink'
import { lieFrom } from './lie'
import type { Lie } from './lie'
import type { Part, Patch } from './plan'

/**
 * Hair for a patch of coat in one of its states: from lying open to knotting, and not met by anyone. The same patch in the
 * same state always comes out the same. Only the two worst states cross their strokes; stray
 * crossings elsewhere look like scratches.
 */
interface Manner {
  /** Paper between two hairs, px. */
  gap: number
  width: number
  /** Share of strokes laid across the lie. */
  cross: number
  curl: number
  length: number
}
const MANNERS: readonly Manner[] = [
  { gap: 18.5, width: 0.85, cross: 0, curl: 0.1, length: 0.8 },
  { gap: 12, width: 1.05, cross: 0, curl: 0.15, length: 0.95 },
  { gap: 8.4, width: 1.2, cross: 0, curl: 0.3, length: 1.05 },
  { gap: 6.1, width: 1.3, cross: 0.24, curl: 0.7, length: 1.05 },
  { gap: 4.7, width: 1.5, cross: 0.5, curl: 1.3, length: 0.95 },
  // Nobody has met it: as it may lie, and drawn pale.
  { gap: 13, width: 1.05, cross: 0, curl: 0.2, length: 1 },
]
/** On a small map: fewer, heavier strokes, the states set further apart. */
const SMALL_GAP = [1.5, 1.15, 0.92, 0.7, 0.6, 1.15]
const SMALL_WIDTH = [0.7, 0.85, 1.05, 1.4, 1.6, 0.85]
const SMALL_FROM = 1.9

export interface Strokes {
  lie: string
  cross: string
  tint: string
}

const lies = new WeakMap<Part, Lie>()
function lieOf(part: Part): Lie {
  let lie = lies.get(part)
  if (!lie) lies.set(part, (lie = lieFrom(part.arrows, part.wave)))
  return lie
}

/** A hair grown from `p` along the lie: its middle and its tip, or null on a parting. */
function grow(lie: Lie, p: Pt, length: number, turn: number, curl: number): [Pt, Pt, Pt] | null {
  const points: Pt[] = [p]
  let before: Pt | null = null
  for (let i = 0; i < 4; i++) {
    const d = lie.at(points[i]!)
    if (before && d[0] * before[0] + d[1] * before[1] < 0.55) return null
    before = d
    points.push(add(points[i]!, mul(rot(d, turn + curl * (i / 4 - 0.3)), length / 4)))
  }
  return [p, points[2]!, points[4]!]
}

/** Cuts a hair off where it leaves the coat, allowing for a long coat to stand out. */
function withinCoat([a, m, b]: [Pt, Pt, Pt], edge: readonly CoatPt[]): [Pt, Pt, Pt] | null {
  if (inside(b, edge)) return [a, m, b]
  const stands = edge[nearest(b, edge).i]![2]
  if (stands > 0.6) return [a, m, b]
  if (!inside(m, edge)) return null
  return stands > 0.3 ? [a, mix(a, m, 0.9), mix(m, b, 0.55)] : [a, mix(a, m, 0.5), m]
}

/** @param detail 1 at full size; larger draws fewer, heavier hairs for a smaller map */
export function strokesOf(part: Part, patch: Patch, state: number, detail = 1): Strokes {
  const manner = MANNERS[state]!
  const small = detail >= SMALL_FROM
  const lie = lieOf(part)
  const random = seeded(part.seed + patch.name.length * 7919 + patch.name.charCodeAt(0) * 104729 + state * 31)
  const [x0, y0, x1, y1] = boundsOf(patch.poly)
  const spacing = (small ? SMALL_GAP[state]! : 1) * manner.gap * detail
  const width = (small ? SMALL_WIDTH[state]! : 1) * manner.width * detail
  const near = state === 3 || state === 4
  const rough = !near
  const out: Strokes = { lie: '', cross: '', tint: '' }

  // Darts: a hair begins where none begins within the gap.
  const cell = spacing * 1.25
  const taken = new Map<number, Pt[]>()
  const key = (i: number, j: number) => i * 4096 + j
  const free = (p: Pt, gap: number) => {
    const [gi, gj] = [Math.floor(p[0] / cell), Math.floor(p[1] / cell)]
    for (let i = gi - 1; i <= gi + 1; i++)
      for (let j = gj - 1; j <= gj + 1; j++)
        for (const q of taken.get(key(i, j)) ?? []) if (distance(p, q) < gap) return false
    const k = key(gi, gj)
    const list = taken.get(k)
    if (list) list.push(p)
    else taken.set(k, [p])
    return true
  }
  const tries = Math.ceil((((x1 - x0) * (y1 - y0)) / (spacing * spacing)) * 6)
  for (let t = 0; t < tries; t++) {
    const p: Pt = [lerp(x0 - 4, x1 + 4, random()), lerp(y0 - 4, y1 + 4, random())]
    // Good states run softly into their neighbours; bad ones keep a line of paper between them.
    const probe: Pt = rough ? [p[0] + (random() - 0.5) * 9, p[1] + (random() - 0.5) * 9] : p
    if (!inside(probe, patch.poly) || !inside(p, part.edge)) continue
    if (part.hidden.some((h) => inside(p, h))) continue
    if (!rough && nearest(p, patch.poly).d < 2.2) continue
    if (!free(p, spacing * (0.9 + 0.25 * noise(p[0] / 40, p[1] / 40, 9)))) continue
    if (lie.agreement(p) < 0.4) continue
    const crossing = random() < manner.cross
    let length = patch.hair * manner.length * (0.7 + 0.6 * random()) * Math.sqrt(detail)
    let turn = (random() - 0.5) * 0.22
    let curl = (random() - 0.5) * manner.curl + 0.12 * noise(p[0] / 60, p[1] / 60, 5)
    if (crossing) {
      turn += (random() < 0.5 ? -1 : 1) * (0.5 + 0.9 * random())
      curl += (random() - 0.5) * 2.6 * manner.curl
      length *= 0.8
    }
    const grown = grow(lie, p, length, turn, curl)
    const kept = grown && withinCoat(grown, part.edge)
    if (!kept) continue
    const crease = part.creases.length ? Math.min(...part.creases.map((c) => nearest(p, c).d)) : Infinity
    const w = width * (0.75 + 0.5 * random()) * (1 + 0.6 * Math.max(0, 1 - crease / 15))
    const d = hair(...kept, w)
    if (crossing) out.cross += d
    else out.lie += d
  }
  if (near) out.tint = tintOf(part, patch, lie, random)
  return out
}

/** A warm wash in broken strokes along the hair, fading at the edge, so it never reads as a marking. */
function tintOf(part: Part, patch: Patch, lie: Lie, random: () => number): string {
  const [x0, y0, x1, y1] = boundsOf(patch.poly)
  const step = 6
  let d = ''
  for (let y = y0; y < y1; y += step)
    for (let x = x0; x < x1; x += step) {
      const p: Pt = [x + (random() - 0.5) * step * 1.3, y + (random() - 0.5) * step * 1.3]
      if (!inside(p, patch.poly) || part.hidden.some((h) => inside(p, h))) continue
      if (random() > 0.3 + nearest(p, patch.poly).d / 17) continue
      const grown = grow(lie, p, 25 * (0.5 + 0.8 * random()), 0, 0)
      if (grown && inside(grown[2], part.edge)) d += hair(...grown, 4.4 * (0.7 + 0.6 * random()))
    }
  return d
}

/** The edge of a part: an ink line where the coat is short, locks that converge where it is long. */
export function contourOf(part: Part, detail = 1): { line: string; tufts: string } {
  const { edge } = part
  const n = edge.length
  const lie = lieOf(part)
  const random = seeded(part.seed + 1)
  const k = part.lineWidth * Math.pow(detail, 0.85)
  const outward = Math.sign(signedArea(edge))
  const normals = edge.map((_, i): Pt => {
    const a = edge[(i - 1 + n) % n]!
    const b = edge[(i + 1) % n]!
    const d = norm([b[0] - a[0], b[1] - a[1]])
    return [d[1] * outward, -d[0] * outward]
  })
  const bare = (p: CoatPt) => part.bare.some(([from, to]) => p[1] > from && p[1] < to)
  /** Light falls from above: the lower edge is heavier. */
  const weight = (nn: Pt) => 0.5 + 0.5 * (nn[0] * 0.35 + nn[1] * 0.94)

  let line = ''
  let run: number[] = []
  const finish = () => {
    if (run.length > 3) {
      const ids = run
      line += ribbon(
        ids.map((i) => edge[i]!),
        (t, j) => {
          const i = ids[j]!
          const c = edge[i]![2]
          const ends = Math.min(1, Math.min(j, ids.length - 1 - j) / 5 + (ids.length >= n ? 1 : 0))
          const body = 0.7 + 2 * weight(normals[i]!) + 0.5 * noise(i / 6, 3, 2)
          return k * body * (1 - 0.85 * Math.min(1, c / 0.62)) * (0.15 + 0.85 * ends)
        },
      )
    }
    run = []
  }
  for (let i = 0; i <= n; i++) {
    const p = edge[i % n]!
    if (p[2] < 0.62 && !bare(p)) run.push(i % n)
    else finish()
  }
  finish()

  let tufts = ''
  let walked = 0
  let next = 0
  for (let i = 0; i < n; i++) {
    const a = edge[i]!
    const b = edge[(i + 1) % n]!
    const span = Math.hypot(b[0] - a[0], b[1] - a[1])
    for (let s = 0; s < span; s += 2) {
      walked += Math.min(2, span - s)
      const c = lerp(a[2], b[2], s / span)
      if (c < 0.14 || bare(a) || walked < next) continue
      walked = 0
      next = lerp(7, 11, c) * k * (0.7 + 0.6 * random())
      tufts += lock(part, lie, mix([a[0], a[1]], [b[0], b[1]], s / span), normals[i]!, c, k, random, weight)
    }
  }
  return { line, tufts }
}

/** One lock of hair on the edge, its strands meeting towards the tip. */
function lock(
  part: Part,
  lie: Lie,
  p: Pt,
  normal: Pt,
  coat: number,
  k: number,
  random: () => number,
  weight: (n: Pt) => number,
): string {
  const length = 500 * (0.03 + 0.065 * coat) * (0.65 + 0.6 * random())
  let f = lie.at(p)
  let along: Pt = [-normal[1], normal[0]]
  const with_ = f[0] * along[0] + f[1] * along[1]
  if ((Math.abs(with_) < 0.38 && coat < 0.42) || lie.agreement(p) < 0.5) return ''
  if (with_ < 0) along = mul(along, -1)
  const out = f[0] * normal[0] + f[1] * normal[1]
  f = norm(add(f, mul(normal, out < 0 ? -out + 0.05 : 0)))
  f = rot(norm(add(f, mul(along, 0.55))), (random() - 0.5) * 0.2)
  const base = add(p, mul(f, -length * 0.42))
  const side: Pt = [-f[1], f[0]]
  const curl = (random() - 0.5) * 0.7
  const tip = add(add(base, mul(rot(f, curl * 0.3), length * 0.97)), mul(side, curl * length * 0.1))
  const strands = 2 + Math.floor(coat * 2.6 + random() * 1.4)
  const spread = lerp(6, 13, coat) * k
  let d = ''
  for (let h = 0; h < strands; h++) {
    const u = (h + 0.5) / strands - 0.5 + (random() - 0.5) * 0.25
    const from = add(add(base, mul(side, u * spread)), mul(f, (random() - 0.3) * length * 0.3))
    const back = -Math.abs(u) * length * 0.35 - random() * length * 0.18
    const to = add(add(tip, mul(side, u * spread * 0.28)), mul(f, back))
    const middle = add(mix(from, to, 0.5), mul(side, (u * 0.55 + curl * 0.22) * spread * 0.5))
    d += hair(from, middle, to, k * (0.62 + 0.85 * weight(normal)) * (0.75 + 0.5 * random()))
  }
  return d
}
