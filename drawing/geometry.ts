import { polygonArea, polygonContains } from 'd3-polygon'
/** Plane geometry for the drawn dog. Points are [x, y] in pixels of the drawing, y down. */
export type Pt = readonly [x: number, y: number]
/** A point of an outline with how long the coat stands there, 0 (skin line) to 1 (long tufts). */
export type CoatPt = readonly [x: number, y: number, coat: number]

export const lerp = (a: number, b: number, t: number) => a + (b - a) * t
export const mix = (p: Pt, q: Pt, t: number): Pt => [lerp(p[0], q[0], t), lerp(p[1], q[1], t)]
export const sub = (a: Pt, b: Pt): Pt => [a[0] - b[0], a[1] - b[1]]
export const add = (a: Pt, b: Pt): Pt => [a[0] + b[0], a[1] + b[1]]
export const mul = (a: Pt, k: number): Pt => [a[0] * k, a[1] * k]
export const norm = (a: Pt): Pt => {
  const l = Math.hypot(a[0], a[1]) || 1
  return [a[0] / l, a[1] / l]
}
export const rot = (a: Pt, t: number): Pt => {
  const c = Math.cos(t)
  const s = Math.sin(t)
  return [a[0] * c - a[1] * s, a[0] * s + a[1] * c]
}
export const distance = (a: Pt, b: Pt) => Math.hypot(a[0] - b[0], a[1] - b[1])

/** Centripetal Catmull–Rom curve through the points, as a polyline about `step` pixels fine. */
export function spline(pts: readonly CoatPt[], closed = false, step = 3): CoatPt[] {
  const n = pts.length
  const get = (i: number) => pts[closed ? ((i % n) + n) % n : Math.max(0, Math.min(n - 1, i))]!
  const out: CoatPt[] = []
  for (let i = 0; i < (closed ? n : n - 1); i++) {
    const [p0, p1, p2, p3] = [get(i - 1), get(i), get(i + 1), get(i + 2)]
    const span = distance([p1[0], p1[1]], [p2[0], p2[1]])
    const d0 = Math.sqrt(Math.hypot(p1[0] - p0[0], p1[1] - p0[1])) || 1e-3
    const d1 = Math.sqrt(span) || 1e-3
    const d2 = Math.sqrt(Math.hypot(p3[0] - p2[0], p3[1] - p2[1])) || 1e-3
    const tangents = (ax: 0 | 1): [number, number] => {
      const chord = p2[ax] - p1[ax]
      const m1 = d1 * ((p1[ax] - p0[ax]) / d0 - (p2[ax] - p0[ax]) / (d0 + d1) + chord / d1)
      const m2 = d1 * (chord / d1 - (p3[ax] - p1[ax]) / (d1 + d2) + (p3[ax] - p2[ax]) / d2)
      return [p0 === p1 ? chord : m1, p3 === p2 ? chord : m2]
    }
    const [mx1, mx2] = tangents(0)
    const [my1, my2] = tangents(1)
    const pieces = Math.max(2, Math.ceil(span / step))
    for (let s = 0; s < pieces; s++) {
      const t = s / pieces
      const t2 = t * t
      const t3 = t2 * t
      const [a, b, c, e] = [2 * t3 - 3 * t2 + 1, t3 - 2 * t2 + t, -2 * t3 + 3 * t2, t3 - t2]
      out.push([
        a * p1[0] + b * mx1 + c * p2[0] + e * mx2,
        a * p1[1] + b * my1 + c * p2[1] + e * my2,
        lerp(p1[2], p2[2], t),
      ])
    }
  }
  if (!closed) out.push(pts[n - 1]!)
  return out
}

/** A closed outline through the points, sharp at those whose index is in `corners`. */
export function outline(pts: readonly CoatPt[], corners: readonly number[] = [], step = 2.5): CoatPt[] {
  if (!corners.length) return spline(pts, true, step)
  return corners.flatMap((from, k) => {
    const to = corners[(k + 1) % corners.length]!
    const run: CoatPt[] = []
    let i = from
    do {
      run.push(pts[i]!)
      i = (i + 1) % pts.length
    } while (i !== to)
    return spline([...run, pts[to]!], false, step).slice(0, -1)
  })
}

type Ring = [number, number][]
export const inside = (p: Pt, poly: readonly (Pt | CoatPt)[]) =>
  polygonContains(poly as unknown as Ring, [p[0], p[1]])

/** Signed area; positive when the points run clockwise on the page. */
export const signedArea = (poly: readonly (Pt | CoatPt)[]) => -polygonArea(poly as unknown as Ring)

export function boundsOf(poly: readonly (Pt | CoatPt)[]): [number, number, number, number] {
  const xs = poly.map((p) => p[0])
  const ys = poly.map((p) => p[1])
  return [Math.min(...xs), Math.min(...ys), Math.max(...xs), Math.max(...ys)]
}

/** Nearest vertex of a polyline. */
export function nearest(p: Pt, poly: readonly (Pt | CoatPt)[]): { d: number; i: number } {
  let best = Infinity
  let at = 0
  poly.forEach((q, i) => {
    const d = (q[0] - p[0]) ** 2 + (q[1] - p[1]) ** 2
    if (d < best) [best, at] = [d, i]
  })
  return { d: Math.sqrt(best), i: at }
}

interface Crossing {
  along: number
  lineAt: number
  edge: number
  edgeAt: number
  p: Pt
}
function crossing(a: Pt, b: Pt, c: Pt, d: Pt): { t: number; u: number } | null {
  const r = sub(b, a)
  const s = sub(d, c)
  const den = r[0] * s[1] - r[1] * s[0]
  if (Math.abs(den) < 1e-9) return null
  const q = sub(c, a)
  const t = (q[0] * s[1] - q[1] * s[0]) / den
  const u = (q[0] * r[1] - q[1] * r[0]) / den
  return t >= 0 && t < 1 && u >= 0 && u < 1 ? { t, u } : null
}

/**
 * Splits a closed polygon along an open line that runs past its edge at both ends. The two pieces
 * share the cut's own points, so they leave no gap and do not overlap.
 * @returns the piece on the left of travel as seen on the page, then the right
 * @throws Error when the line does not cross the polygon
 */
export function split(poly: readonly Pt[], line: readonly Pt[]): [Pt[], Pt[]] {
  const hits: Crossing[] = []
  for (let i = 0; i < line.length - 1; i++) {
    const here: Crossing[] = []
    for (let j = 0; j < poly.length; j++) {
      const x = crossing(line[i]!, line[i + 1]!, poly[j]!, poly[(j + 1) % poly.length]!)
      if (x)
        here.push({ along: i + x.t, lineAt: i, edge: j, edgeAt: x.u, p: mix(line[i]!, line[i + 1]!, x.t) })
    }
    hits.push(...here.sort((a, b) => a.along - b.along))
  }
  // The longest stretch of the line that lies inside is the cut.
  let best: { a: Crossing; b: Crossing; length: number; mid: Pt; i: number } | null = null
  for (let h = 0; h < hits.length - 1; h++) {
    const a = hits[h]!
    const b = hits[h + 1]!
    const half = (a.along + b.along) / 2
    const i = Math.min(line.length - 2, Math.floor(half))
    const mid = mix(line[i]!, line[i + 1]!, half - i)
    if (!inside(mid, poly)) continue
    const length = b.along - a.along
    if (!best || length > best.length) best = { a, b, length, mid, i }
  }
  if (!best) throw new Error('The cut does not cross the outline.')
  const { a, b, mid, i } = best
  const cut = line.slice(a.lineAt + 1, b.lineAt + 1)
  const round = (from: Crossing, to: Crossing): Pt[] => {
    if (from.edge === to.edge && to.edgeAt > from.edgeAt) return []
    const out: Pt[] = []
    let j = from.edge
    do {
      j = (j + 1) % poly.length
      out.push(poly[j]!)
    } while (j !== to.edge)
    return out
  }
  const one = [a.p, ...cut, b.p, ...round(b, a)]
  const two = [b.p, ...[...cut].reverse(), a.p, ...round(a, b)]
  const d = norm(sub(line[i + 1]!, line[i]!))
  return inside([mid[0] + d[1] * 0.6, mid[1] - d[0] * 0.6], one) ? [one, two] : [two, one]
}

/** Lengthens a line at both ends until it runs out of the polygon. */
export function runPast(line: readonly Pt[], poly: readonly Pt[], step = 3): Pt[] {
  let out = [...line]
  for (let end = 0; end < 2; end++) {
    out.reverse()
    const d = norm(sub(out[0]!, out[Math.min(3, out.length - 1)]!))
    for (let n = 0; n < 120 && inside(out[0]!, poly); n++) out = [add(out[0]!, mul(d, step)), ...out]
    out = [add(out[0]!, mul(d, step * 1.6)), ...out]
  }
  return out
}
