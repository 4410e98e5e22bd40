import { lerp } from '../geometry'
import { askTheEar, CANAL, FOLD } from './ear-parts'
import { closed, open } from './knots'
import type { Knot } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

/** A drop ear as it hangs, its leather seen through the hair. */
export function earHanging(): CarePanel {
  const p = new Plate('A drop ear as it hangs', [120, 120, 330, 600])
  // prettier-ignore
  const ear: readonly Knot[] = [[214, 168], [188, 230], [166, 310], [150, 400], [152, 490], [176, 580], [222, 650], [270, 686], [318, 676], [368, 610], [404, 530], [420, 430], [414, 320], [394, 236], [356, 176], [290, 146]]
  p.fill(closed(ear))
  // prettier-ignore
  p.hair(closed(ear), [[240, 160, -0.3, 0.9], [320, 160, 0.3, 0.9], [190, 260, -0.15, 1], [300, 260, 0.05, 1], [390, 270, 0.2, 1], [180, 420, 0, 1], [290, 420, 0.02, 1], [395, 430, 0, 1], [210, 560, 0.15, 1], [290, 560, 0, 1], [370, 560, -0.2, 1], [270, 660, 0.05, 1]], { gap: 12, length: 44, width: 1.2 })
  p.line(
    [
      [356, 178],
      [394, 236],
      [414, 320],
      [420, 420],
    ],
    2.2,
    0.25,
  ).line(
    [
      [212, 172],
      [188, 230],
      [166, 310],
      [151, 400],
    ],
    1.8,
    0.25,
  )
  // prettier-ignore
  p.locks([[164, 320], [150, 400], [152, 490], [176, 580], [222, 652], [272, 690]], (t) => [lerp(-0.28, 0.3, t), 1], { length: 52, gap: 9, strands: 4, spread: 11, width: 1.35 })
    .locks([[416, 320], [420, 430], [404, 530], [368, 612], [318, 680], [272, 690]], (t) => [lerp(0.28, -0.3, t), 1], { length: 52, gap: 9, strands: 4, spread: 11, width: 1.35 })
    .locks([[192, 226], [212, 178], [250, 152], [300, 146], [352, 172], [388, 226]], (t) => [lerp(-0.55, 0.55, t), 0.9], { length: 56, gap: 7, strands: 4, spread: 11, width: 1.2, back: 0.55 })
  const outer = open([
    [216, 200],
    [198, 252],
    [184, 320],
    [186, 396],
    [220, 456],
    [280, 486],
    [340, 458],
    [380, 398],
    [392, 318],
    [386, 252],
    [368, 206],
  ])
  const inner = open([
    [238, 206],
    [222, 256],
    [209, 322],
    [212, 388],
    [238, 434],
    [280, 460],
    [320, 438],
    [354, 388],
    [365, 318],
    [361, 262],
    [346, 214],
  ])
  p.danger('ear-edge', [...outer, ...inner.reverse()])
  p.danger('ear-fold', closed(FOLD))
  p.danger('ear-canal', closed(CANAL))
  const top = open([
    [158, 504],
    [220, 524],
    [286, 530],
    [350, 524],
    [410, 502],
  ])
  const under = open([
    [161, 528],
    [220, 547],
    [286, 553],
    [350, 547],
    [406, 526],
  ])
  const band = [...top, ...under.reverse()]
  p.fill(band, 'paper')
    .tone(band, 1.4, 6, () => 0.6)
    .contour(band, 2)
  p.trim([
    [140, 590],
    [210, 622],
    [286, 632],
    [366, 620],
    [436, 578],
  ])
  askTheEar(p, [...outer, ...inner], closed(FOLD), closed(CANAL), [
    [140, 590],
    [210, 622],
    [286, 632],
    [366, 620],
    [436, 578],
  ])
  p.askLie([286, 420], [0, 1], 'Down the flap').askFinger(
    [[286, 500], 'On the leather, between it and the blade'],
    [[290, 193], 'In the ear'],
    [[330, 670], 'Below the cut, pulling the hair'],
  )
  return p
    .key(
      'danger',
      'The leather’s edge, under the hair. Feel where it ends; where the fold lies differs by dog.',
      [196, 330],
      [356, 400],
    )
    .key('danger', 'Its fold, a thin pocket of skin.', [382, 290])
    .key('danger', 'The canal is under here: nothing goes in.', [290, 193])
    .key('look', 'A loose band, clear below the leather.', [286, 540])
    .key('trim', 'From here down may be shortened; round it off.', [330, 628])
    .panel()
}
