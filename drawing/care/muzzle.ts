import { lerp } from '../geometry'
import { circle, closed } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

// prettier-ignore
const HEAD: readonly Knot[] = [[250, -190], [150, -186], [96, -158], [58, -112], [-10, -92], [-90, -84], [-150, -78], [-186, -72], [-206, -52], [-204, -30], [-188, -14], [-180, 2], [-176, 20], [-164, 44], [-140, 60], [-90, 68], [-20, 78], [50, 96], [110, 134], [150, 200], [250, 200]]
// prettier-ignore
const MOUTH: readonly Knot[] = [[-182, -8], [-176, 8], [-140, 18], [-80, 20], [-20, 16], [26, 2], [40, -8]]

/** The muzzle from the side: the finger laid flat along the chin, lips and nose kept off. */
export function muzzleSide(): CarePanel {
  const p = new Plate('The muzzle from the side', [-260, -220, 520, 430])
  const head = closed(HEAD)
  p.fill(head)
  // prettier-ignore
  p.hair(head, [[200, -140, 0.9, -0.2], [120, -120, 0.6, -0.8], [20, -70, 0.5, 0.8], [-80, -50, 0.5, 0.85], [-150, -40, 0.3, 0.95], [-100, 40, 0.35, 0.95], [0, 50, 0.4, 0.9], [100, 0, 0.7, 0.7], [120, 110, 0.5, 0.9], [210, 60, 0.6, 0.8]], { gap: 12, length: 32, width: 1.15 })
  // The nose, its leather dark.
  // prettier-ignore
  const nose: readonly Knot[] = [[-176, -76], [-196, -70], [-210, -54], [-206, -36], [-190, -32], [-172, -44], [-166, -62]]
  p.form(nose, 'dark', 2)
  p.line(HEAD.slice(0, 19), 2.4, 0.05)
  p.line(MOUTH, 2.6, 0.12)
  const lids: readonly Knot[] = [
    [66, -96],
    [80, -112],
    [102, -112],
    [118, -98],
    [104, -86],
    [82, -86],
  ]
  p.fill(circle([92, -99], 16, 11), 'dark')
  p.fill(circle([87, -103], 4, 3), 'glint')
  // Moustache over the lip, beard under the chin.
  // prettier-ignore
  p.locks([[-160, -36], [-110, -30], [-50, -28], [0, -30]], (t) => [lerp(-0.05, 0.5, t), 1], { length: 62, gap: 9, strands: 4, spread: 11, width: 1.3, back: 0.1 })
    .locks([[-170, 36], [-140, 58], [-90, 68], [-20, 78], [40, 92]], (t) => [lerp(-0.15, 0.45, t), 1], { length: (t) => lerp(96, 70, t), gap: 8, strands: 4, spread: 12, width: 1.4, back: 0.15 })
    .locks([[-120, -86], [-80, -88], [-40, -92]], () => [-0.35, -1], { length: 26, gap: 9, strands: 3, spread: 8, back: 0.1 })
  // A finger flat along the chin, its tip forward.
  // prettier-ignore
  const finger = closed([[250, 186], [120, 164], [20, 130], [-60, 104], [-112, 94], [-134, 98], [-140, 108], [-130, 118], [-60, 132], [20, 156], [120, 196], [250, 214]])
  p.fill(finger, 'skin').contour(finger, 2)
  for (const x of [-76, -68, 34, 42])
    p.line(
      [
        [x, 102 + (x + 76) * 0.25],
        [x + 3, 114 + (x + 76) * 0.25],
        [x - 1, 124 + (x + 76) * 0.25],
      ],
      1.2,
      0.4,
      0.7,
    )
  // prettier-ignore
  const lips: readonly Knot[] = [[-190, -14], [-184, 14], [-142, 28], [-80, 31], [-18, 27], [34, 12], [52, -8], [40, -18], [22, -8], [-20, 4], [-80, 8], [-138, 6], [-170, -4]]
  // prettier-ignore
  const throat: readonly Knot[] = [[72, 96], [104, 92], [150, 112], [196, 150], [186, 164], [140, 142], [96, 118]]
  p.danger('mouth', closed(lips))
    .danger('throat', closed(throat))
    .danger('eyes', closed(lids), circle([92, -99], 12, 8))
  // prettier-ignore
  p.trim([[-190, 104], [-150, 140], [-90, 158], [-20, 172], [50, 176]])
  p.trim([
    [-140, -112],
    [-90, -118],
    [-30, -120],
  ])
  return p
    .key('trim', 'The beard, to the finger: only what stands past it.', [-90, 158])
    .key('trim', 'Over the nose: only what stands up, points forward.', [-90, -118])
    .key(
      'danger',
      'Lips and tongue. The lip drawn aside, blunt tips outside its line, or leave it.',
      [-60, 20],
    )
    .key('danger', 'Throat: loose skin over soft parts.', [150, 126])
    .key('danger', 'The eye.', [112, -96])
    .key('look', 'Your finger flat along the chin is the guard.', [90, 172])
    .panel()
}
