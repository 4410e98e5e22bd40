import { norm, rot } from './geometry'
import type { Pt } from './geometry'
import { noise } from './ink'

/** An arrow of the lie of the coat: where, and which way the hair points there. */
export type Arrow = readonly [x: number, y: number, dx: number, dy: number]

export interface Lie {
  /** Which way hair lies at a point. */
  at: (p: Pt) => Pt
  /** 0 on a parting, where arrows cancel and no hair is drawn, to 1 where they agree. */
  agreement: (p: Pt) => number
}

/** The lie everywhere, from a few arrows: each counts by the fourth power of nearness. */
export function lieFrom(arrows: readonly Arrow[], wave = 0.22, scale = 27): Lie {
  const raw = (p: Pt) => {
    let x = 0
    let y = 0
    let total = 0
    for (const a of arrows) {
      const d2 = (a[0] - p[0]) ** 2 + (a[1] - p[1]) ** 2 + 60
      const w = 1 / (d2 * d2)
      x += a[2] * w
      y += a[3] * w
      total += w * Math.hypot(a[2], a[3])
    }
    return [x, y, total] as const
  }
  return {
    at: (p) => {
      const [x, y] = raw(p)
      return rot(norm([x, y]), wave * noise(p[0] / scale, p[1] / scale, 3))
    },
    agreement: (p) => {
      const [x, y, total] = raw(p)
      return Math.hypot(x, y) / total
    },
  }
}
