import { moved, NAIL, pairs } from './foot-parts'
import { closed } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

/** Hair drawn up between the toes; it is cut along the slope, seen from the side. No blade from above. */
export function footAbove(): CarePanel {
  const p = new Plate('The foot from above', [-150, -250, 300, 500])
  const toe = (cx: number, tip: number, w: number, turn: number, base: number) =>
    // prettier-ignore
    moved([[-w * 0.75, 0], [-w * 0.95, -tip * 0.35], [-w * 1.02, -tip * 0.62], [-w * 0.92, -tip * 0.84], [-w * 0.45, -tip], [w * 0.45, -tip], [w * 0.92, -tip * 0.84], [w * 1.02, -tip * 0.62], [w * 0.95, -tip * 0.35], [w * 0.75, 0]], [cx, base], 1, turn)
  for (const s of [-1, 1]) {
    p.form(moved(NAIL, [s * 42, -200], 0.8, s * 0.03))
    p.form(moved(NAIL, [s * 126, -140], 0.74, s * 0.36))
  }
  for (const s of [-1, 1]) p.form(toe(s * 86, 152, 40, s * 0.28, 0))
  for (const s of [-1, 1]) p.form(toe(s * 38, 200, 39, s * 0.02, 10))
  // prettier-ignore
  const foot = closed([[-58, 240], [-64, 170], [-84, 110], [-98, 50], [-94, 0], [-70, -50], [-36, -76], [0, -84], [36, -76], [70, -50], [94, 0], [98, 50], [84, 110], [64, 170], [58, 240]])
  p.fill(foot)
  const webs = [
    closed([
      [0, -88],
      [-9, -118],
      [-8, -150],
      [0, -138],
      [8, -150],
      [9, -118],
    ]),
    closed([
      [-72, -62],
      [-80, -90],
      [-86, -118],
      [-78, -110],
      [-74, -126],
      [-68, -94],
    ]),
    closed([
      [72, -62],
      [80, -90],
      [86, -118],
      [78, -110],
      [74, -126],
      [68, -94],
    ]),
  ]
  const whole = closed([
    [-58, 240],
    [-64, 170],
    [-98, 60],
    [-128, -60],
    [-116, -140],
    [-70, -190],
    [0, -196],
    [70, -190],
    [116, -140],
    [128, -60],
    [98, 60],
    [64, 170],
    [58, 240],
  ])
  // prettier-ignore
  p.hair(whole, [[0, 200, 0, -1], [0, 60, 0, -1], [0, -60, 0, -1], ...pairs([[50, 150, 0.1, -1], [80, 20, 0.25, -1], [100, -90, 0.3, -1], [40, -140, 0.03, -1], [110, -130, 0.35, -1]])], { gap: 12, length: 24, width: 1.05, avoid: webs })
  for (const s of [-1, 1])
    p.line(
      [
        [s * 58, 240],
        [s * 64, 170],
        [s * 86, 112],
        [s * 98, 60],
      ],
      2.2,
      0.2,
    )
  // Drawn up between the toes, towards us.
  for (const [x, y] of [
    [0, -92],
    [-70, -62],
    [70, -62],
  ] as const)
    for (const lean of [-0.9, -0.35, 0.35, 0.9])
      p.locks(
        [
          [x - 3, y + 4],
          [x + 3, y + 26],
        ],
        () => [lean, 0.55],
        { length: 40, gap: 9, strands: 3, spread: 8, back: 0.05, width: 1.1 },
      )
  for (const web of webs) p.danger('toe-webs', web)
  return p
    .key(
      'danger',
      'Webs: skin. Never across, never a point down into them.',
      [0, -120],
      [78, -96],
      [-78, -96],
    )
    .key('look', 'Hair drawn up between the toes: cut it from the side, along the slope.', [0, -66])
    .panel()
}
