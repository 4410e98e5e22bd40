import { outline, spline } from '../geometry'
import type { CoatPt, Pt } from '../geometry'

/** A point of a line; one marked `c` is a corner. */
export type Knot = readonly [number, number] | readonly [number, number, 'c']
const bare = (p: Knot): CoatPt => [p[0], p[1], 0]
const flat = (pts: readonly CoatPt[]): Pt[] => pts.map((p): Pt => [p[0], p[1]])
export const closed = (pts: readonly Knot[]): Pt[] =>
  flat(
    outline(
      pts.map(bare),
      pts.flatMap((p, i) => (p[2] === 'c' ? [i] : [])),
    ),
  )
export function open(pts: readonly Knot[]): Pt[] {
  const cuts = [
    0,
    ...pts.flatMap((p, i) => (p[2] === 'c' && i && i < pts.length - 1 ? [i] : [])),
    pts.length - 1,
  ]
  return cuts.slice(1).flatMap((to, k) => flat(spline(pts.slice(cuts[k], to + 1).map(bare))).slice(k ? 1 : 0))
}
export const mirror = <T extends Knot>(pts: readonly T[], about = 0): T[] =>
  pts.map((p) => [2 * about - p[0], ...p.slice(1)] as unknown as T)
export const circle = (c: Pt, rx: number, ry = rx, n = 14): Pt[] =>
  closed(
    Array.from({ length: n }, (_, i): Knot => [
      c[0] + rx * Math.cos((i * 2 * Math.PI) / n),
      c[1] + ry * Math.sin((i * 2 * Math.PI) / n),
    ]),
  )
