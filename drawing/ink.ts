import { add, lerp, norm, sub } from './geometry'
import type { CoatPt, Pt } from './geometry'

/** Path strings for ink: tapered hairs, ribbons of varying width, closed shapes. */
const n1 = (n: number) => String(Math.round(n * 10) / 10)
const xy = (p: Pt | CoatPt) => `${n1(p[0])} ${n1(p[1])}`

export const shape = (pts: readonly (Pt | CoatPt)[], close = true) =>
  pts.length ? `M${pts.map(xy).join('L')}${close ? 'Z' : ''}` : ''

/** One hair from `a` by way of `m` to `b`, thick in the belly and fine at both ends. */
export function hair(a: Pt, m: Pt, b: Pt, width: number): string {
  const c: Pt = [2 * m[0] - (a[0] + b[0]) / 2, 2 * m[1] - (a[1] + b[1]) / 2]
  const d = norm(sub(b, a))
  const w: Pt = [-d[1] * width * 0.75, d[0] * width * 0.75]
  return `M${xy(a)}Q${xy(add(c, w))} ${xy(b)}Q${xy(sub(c, w))} ${xy(a)}Z`
}

/** A band along a line, `width(t, i)` pixels wide. */
export function ribbon(pts: readonly (Pt | CoatPt)[], width: (t: number, i: number) => number): string {
  const n = pts.length - 1
  if (n < 1) return ''
  const left: Pt[] = []
  const right: Pt[] = []
  pts.forEach((p, i) => {
    const a = pts[Math.max(0, i - 1)]!
    const b = pts[Math.min(n, i + 1)]!
    const d = norm([b[0] - a[0], b[1] - a[1]])
    const w = width(i / n, i) / 2
    left.push([p[0] - d[1] * w, p[1] + d[0] * w])
    right.push([p[0] + d[1] * w, p[1] - d[0] * w])
  })
  return shape([...left, ...right.reverse()])
}

/** A seeded source of numbers in [0, 1): the same drawing every time. */
export function seeded(seed: number): () => number {
  let a = seed >>> 0
  return () => {
    a = (a + 0x6d2b79f5) | 0
    let t = Math.imul(a ^ (a >>> 15), 1 | a)
    t = (t + Math.imul(t ^ (t >>> 7), 61 | t)) ^ t
    return ((t ^ (t >>> 14)) >>> 0) / 4294967296
  }
}

/** Smooth noise, −1 to 1, over the plane. */
export function noise(x: number, y: number, seed = 0): number {
  const at = (i: number, j: number) => {
    let n = (Math.imul(i, 374761393) + Math.imul(j, 668265263) + Math.imul(seed, 1442695041)) | 0
    n = Math.imul(n ^ (n >>> 13), 1274126177)
    return ((n ^ (n >>> 16)) >>> 0) / 4294967296
  }
  const i = Math.floor(x)
  const j = Math.floor(y)
  const ease = (t: number) => t * t * (3 - 2 * t)
  const u = ease(x - i)
  const v = ease(y - j)
  return lerp(lerp(at(i, j), at(i + 1, j), u), lerp(at(i, j + 1), at(i + 1, j + 1), u), v) * 2 - 1
}
