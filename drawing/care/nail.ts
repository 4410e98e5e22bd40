import { add } from '../geometry'
import type { Pt } from '../geometry'
import { circle, closed } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

/** Two nails cut through along their length: a light one and a dark; and what the cut shows. Where a quick ends differs (memory). */
// prettier-ignore
const TOE: readonly Knot[] = [[-40, -112], [30, -116], [82, -92], [98, -56], [84, -20], [44, 2], [-10, 6], [-60, 2], [-96, -16], [-96, -80]]
// prettier-ignore
const NAIL: readonly Knot[] = [[40, -72], [78, -84], [116, -74], [146, -44], [164, 0], [168, 44], [158, 58], [140, 34], [116, 6], [84, -14], [52, -24]]
// prettier-ignore
const QUICK: readonly Knot[] = [[46, -62], [78, -70], [108, -60], [128, -36], [140, -6], [132, 2], [110, -12], [80, -30], [54, -36]]
const shift = (pts: readonly Knot[], by: Pt): Knot[] =>
  pts.map((q): Knot => [q[0] + by[0], q[1] + by[1], ...q.slice(2)] as unknown as Knot)

export function nailSide(): CarePanel {
  const p = new Plate('A light nail, a dark nail, and the cut', [-310, -150, 620, 340])
  const quicks: Pt[][] = []
  for (const [x, dark] of [
    [-190, false],
    [110, true],
  ] as const) {
    const at: Pt = [x, 0]
    const nail = closed(shift(NAIL, at))
    const quick = closed(shift(QUICK, at))
    quicks.push(quick)
    p.fill(nail, dark ? 'dark' : 'coat', dark ? 0.82 : 1)
    if (!dark) p.fill(quick, 'skin').tone(quick, 0.6, 5, () => 0.7, 1.1, 0.5)
    p.contour(nail, 2.2)
    const toe = closed(shift(TOE, at))
    p.fill(toe)
    // prettier-ignore
    p.hair(toe, [[x - 40, -80, 0.9, 0.2], [x + 40, -90, 0.9, 0.4], [x - 40, -20, 0.9, 0.2], [x + 50, -30, 0.8, 0.5]], { gap: 11, length: 24, width: 1.1 })
    p.line(shift(TOE.slice(0, 6), at), 2.2, 0.08)
    const pad = closed(
      shift(
        [
          [-70, -4],
          [-30, -14],
          [20, -8],
          [40, 10],
          [24, 30],
          [-30, 36],
          [-66, 22],
        ],
        at,
      ),
    )
    p.fill(pad, 'pad', 0.45)
      .tone(pad, Math.PI * 0.22, 5.2, () => 0.45, 1.2, 0.5)
      .contour(pad, 2)
    p.danger('quick', quick)
    // Slivers, each a little nearer, at an angle under the tip; they end before the quick does.
    for (const k of [0, 1, 2])
      p.trim(
        shift(
          [
            [176 - 6 * k, 46 - 15 * k],
            [140 - 3 * k, 60 - 14 * k],
          ].map((q): Knot => [q[0]!, q[1]!]),
          at,
        ),
      )
  }
  // What the cut shows, from in front: go on, slower, stop.
  const faces: Pt[] = [
    [-150, 140],
    [0, 140],
    [150, 140],
  ]
  faces.forEach((c, i) => {
    const face = circle(c, 26, 30)
    p.fill(face, 'dark', 0.82).contour(face, 2)
    p.fill(circle(c, 19, 22), 'paper', i === 0 ? 0.5 : 0.75)
    if (i === 1) p.fill(circle(c, 11, 13), 'pad', 0.45)
    if (i === 2) p.fill(circle(c, 10, 12), 'dark')
  })
  const stop = closed([
    [114, 104],
    [150, 96],
    [186, 104],
    [190, 140],
    [184, 176],
    [150, 184],
    [116, 176],
    [110, 140],
  ])
  p.danger('quick', stop, circle([150, 140], 27, 31))
  p.askOff(
    'quick',
    'The quick',
    'Flesh and blood: in a dark nail it is not seen, so slivers, and a look at each.',
    ...quicks,
  )
    .askMay(
      'Slivers under the tip',
      'At an angle, one at a time, looking at the cut after each.',
      shift(
        [
          [176, 46],
          [140, 60],
        ],
        [-190, 0],
      ),
    )
    .askMay(
      'The same on the dark one',
      'No more than a sliver before you look again.',
      shift(
        [
          [176, 46],
          [140, 60],
        ],
        [110, 0],
      ),
    )
    .askLie([-200, -60], [0.95, 0.25], 'Hair on the toe: it is drawn back before the nail is cut')
    .askFinger(
      [add([-190, 0], [-20, 34]), 'Under the toe, pressing so that the nail comes forward'],
      [add([-190, 0], [150, 20]), 'On the nail'],
      [add([-190, 0], [-40, -112]), 'Round the leg, above the foot'],
    )
  return p
    .key('danger', 'The quick: flesh and blood. In a light nail you see it pink.', [-84, -44])
    .key('danger', 'In a dark nail you do not see it. Slivers, and look at each cut.', [216, -44])
    .key('trim', 'Slivers, at an angle under the tip.', [-18, 48], [282, 48])
    .key('look', 'The cut: pale and dry, another sliver; a grey ring, slower.', [-150, 140], [0, 140])
    .key('danger', 'A dark dot in the middle: stop.', [150, 140])
    .panel()
}
