import { rot, spline } from './geometry'
import type { CoatPt } from './geometry'
import { ribbon, shape } from './ink'
import type { Mark } from './plan'
import { across, page } from './under-page'
import type { Model } from './under-page'

export function face(): Mark[] {
  const line = (pts: readonly Model[], closed = false) =>
    spline(
      pts.map((p): CoatPt => [...page(p), 0]),
      closed,
      3,
    )
  const jaw = across([
    [0, 1.354],
    [0.047, 1.325],
    [0.066, 1.265],
    [0.07, 1.2],
  ])
  const nose = across([
    [0, 1.432],
    [0.032, 1.428],
    [0.046, 1.408],
    [0.036, 1.388],
    [0.012, 1.376],
  ])
  return [
    { d: ribbon(line(jaw), (t) => 0.5 + 1.8 * Math.sin(Math.PI * t)), tone: 'ink', opacity: 1 },
    { d: shape(line(nose, true)), tone: 'dark', opacity: 1 },
    {
      d: ribbon(
        line([
          [0, 1.378],
          [0, 1.356],
        ]),
        () => 1.6,
      ),
      tone: 'ink',
      opacity: 1,
    },
  ]
}

/** The soles: a round foot with its pads. */
export function pads(): Mark[] {
  let d = ''
  for (const s of [1, -1])
    for (const [cx, cy, turn, k] of [
      [0.369, 0.948, 0, 0.85],
      [0.512, 0.145, -0.75, 0.88],
    ] as const) {
      const at = (x: number, y: number) => {
        const q = rot([x * k, y * k], turn)
        return page([s * (cx + q[0]), cy + q[1]])
      }
      const pad = (x: number, y: number, rx: number, ry: number, heart = false) => {
        // prettier-ignore
        const unit: Model[] = heart
          ? [[0, 1], [0.75, 0.35], [1, -0.5], [0.45, -0.75], [0, -0.55], [-0.45, -0.75], [-1, -0.5], [-0.75, 0.35]]
          : [[0, 1], [0.8, 0.5], [0.9, -0.4], [0, -1], [-0.9, -0.4], [-0.8, 0.5]]
        d += shape(
          spline(
            unit.map((q): CoatPt => [...at(x + q[0] * rx, y + q[1] * ry), 0]),
            true,
            1.5,
          ),
        )
      }
      pad(0, -0.012, 0.03, 0.024, true)
      for (const [x, y] of [
        [-0.038, 0.018],
        [-0.015, 0.04],
        [0.015, 0.04],
        [0.038, 0.018],
      ] as const)
        pad(x, y, 0.0115, 0.0165)
    }
  return [{ d, tone: 'pad', opacity: 1 }]
}
