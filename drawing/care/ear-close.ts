import { lerp } from '../geometry'
import type { Arrow } from '../lie'
import { askTheEar, CANAL, edgeBand, FOLD, LEATHER } from './ear-parts'
import { closed, open } from './knots'
import type { Knot } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

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
