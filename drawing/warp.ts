import type { Pt } from './geometry'

/**
 * Carries points, and the turn at them, from one set of landmarks to another by moving least
 * squares over similarity transforms (published: Schaefer, McPhail and Warren, 2006), so that the
 * cut lines and the lie of one build serve another.
 */
export function warpBetween(
  from: Record<string, readonly number[]>,
  to: Record<string, readonly number[]>,
): (v: Pt) => { p: Pt; turn: number } {
  const pairs = Object.keys(from).map((k) => ({ s: from[k]!, d: to[k]! }))
  return (v) => {
    let total = 0
    let [px, py, qx, qy] = [0, 0, 0, 0]
    const weights = pairs.map(({ s, d }) => {
      const w = 1 / Math.pow((s[0]! - v[0]) ** 2 + (s[1]! - v[1]) ** 2 + 2e-5, 1.6)
      total += w
      px += w * s[0]!
      py += w * s[1]!
      qx += w * d[0]!
      qy += w * d[1]!
      return w
    })
    px /= total
    py /= total
    qx /= total
    qy /= total
    let [a, b, m] = [0, 0, 0]
    pairs.forEach(({ s, d }, i) => {
      const w = weights[i]!
      const [x, y, tx, ty] = [s[0]! - px, s[1]! - py, d[0]! - qx, d[1]! - qy]
      a += w * (x * tx + y * ty)
      b += w * (x * ty - y * tx)
      m += w * (x * x + y * y)
    })
    if (m < 1e-9) return { p: [qx, qy], turn: 0 }
    const [c, s] = [a / m, b / m]
    const [x, y] = [v[0] - px, v[1] - py]
    return { p: [qx + c * x - s * y, qy + s * x + c * y], turn: Math.atan2(b, a) }
  }
}
