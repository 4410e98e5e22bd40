import { lerp } from '../geometry'
import type { Arrow } from '../lie'
import { askTheEar, CANAL, edgeBand, FOLD, LEATHER } from './ear-parts'
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

/** A drop ear with short hair: nothing hangs below the leather. */
export function earShort(): CarePanel {
  const p = new Plate('A hanging ear, its hair short', [120, 110, 330, 470])
  p.form(LEATHER, 'coat', 2)
  // prettier-ignore
  p.hair(closed(LEATHER), [[240, 190, -0.2, 1], [340, 190, 0.2, 1], [200, 320, -0.1, 1], [290, 320, 0, 1], [380, 320, 0.1, 1], [240, 440, 0.1, 1], [340, 440, -0.1, 1]], { gap: 11, length: 22, width: 1.1 })
  p.locks(LEATHER.slice(1, 11), (t) => [lerp(-0.7, 0.7, t), 0.8], {
    length: 20,
    gap: 8,
    strands: 3,
    spread: 7,
    back: 0.3,
  })
  p.locks(
    [
      [212, 200],
      [250, 168],
      [300, 162],
      [354, 190],
    ],
    (t) => [lerp(-0.5, 0.5, t), 0.9],
    { length: 46, gap: 8, strands: 4, spread: 11, back: 0.6 },
  )
  p.danger('ear-edge', edgeBand(LEATHER)).danger('ear-fold', closed(FOLD)).danger('ear-canal', closed(CANAL))
  // prettier-ignore
  const may: readonly Knot[] = [[166, 330], [176, 420], [226, 486], [286, 512], [350, 484], [400, 408], [410, 318]]
  p.trim(may)
  askTheEar(p, edgeBand(LEATHER), closed(FOLD), closed(CANAL), may)
  p.askLie([286, 330], [0, 1], 'Down the flap').askFinger(
    [[300, 470], 'On the leather’s edge, nail to its rim'],
    [[290, 193], 'In the ear'],
    [[286, 300], 'Flat on the middle of the flap'],
  )
  return p
    .key('danger', 'The leather’s edge: nail to its rim, all the way round.', [196, 330])
    .key('danger', 'Its fold, a thin pocket of skin.', [382, 290])
    .key('danger', 'The canal is under here: nothing goes in.', [290, 193])
    .key('trim', 'Only what stands past the edge. Nothing hangs: no band.', [286, 512])
    .panel()
}

/** A hanging ear clipped close, with a tassel at its tip. */
export function earTassel(): CarePanel {
  const p = new Plate('A hanging ear with its tassel', [120, 120, 330, 620])
  p.form(LEATHER, 'coat', 2)
  const short: readonly Arrow[] = [
    [240, 190, -0.2, 1],
    [340, 190, 0.2, 1],
    [200, 320, -0.1, 1],
    [380, 320, 0.1, 1],
    [286, 440, 0, 1],
  ]
  p.hair(closed(LEATHER), short, { gap: 12, length: 12, width: 1 })
  // prettier-ignore
  p.locks([[196, 400], [230, 462], [286, 488], [342, 462], [382, 396]], (t) => [lerp(0.32, -0.32, t), 1], { length: (t) => 118 + 60 * Math.sin(Math.PI * t), gap: 6, strands: 5, spread: 12, width: 1.4, back: 0.3 })
  const edge = edgeBand(LEATHER)
  p.danger('ear-edge', edge).danger('ear-fold', closed(FOLD)).danger('ear-canal', closed(CANAL))
  const top = open([
    [226, 510],
    [286, 526],
    [346, 508],
  ])
  const under = open([
    [230, 532],
    [286, 548],
    [342, 530],
  ])
  const band = [...top, ...under.reverse()]
  p.fill(band, 'paper')
    .tone(band, 1.4, 6, () => 0.6)
    .contour(band, 2)
  const may: readonly Knot[] = [
    [222, 590],
    [250, 632],
    [286, 654],
    [322, 632],
    [352, 588],
  ]
  p.trim(may)
  askTheEar(p, edge, closed(FOLD), closed(CANAL), may)
  p.askLie([286, 600], [0, 1], 'Down the tassel').askFinger(
    [[286, 490], 'On the leather’s tip, above the band'],
    [[290, 193], 'In the ear'],
    [[286, 650], 'Below the cut, pulling the hair'],
  )
  return p
    .key('danger', 'The leather’s edge, close under the short hair.', [196, 330])
    .key('danger', 'Its fold, a thin pocket of skin.', [382, 290])
    .key('danger', 'The canal is under here: nothing goes in.', [290, 193])
    .key('look', 'A loose band on the tassel, clear below the leather.', [250, 530])
    .key('trim', 'The tassel, to a point or a curve, as it was.', [286, 626])
    .panel()
}
