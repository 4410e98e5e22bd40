import simplifyLine from 'simplify-js'
import type { CoatPt, Pt } from './geometry'

/** Drops points that lie within `tolerance` pixels of the line through their neighbours. */
export function simplify<T extends Pt | CoatPt>(poly: readonly T[], tolerance: number): T[] {
  const points = poly.map((p, i) => ({ x: p[0], y: p[1], i }))
  return (simplifyLine(points, tolerance, true) as typeof points).map(({ i }) => poly[i]!)
}
