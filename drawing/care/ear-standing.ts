import { lerp } from '../geometry'
import { askTheEar, edgeBand } from './ear-parts'
import { closed, mirror, open } from './knots'
import type { Knot } from './knots'
import type { CarePanel } from './panel'
import { Plate } from './plate'

/** A pricked ear and its fringe, from in front. */
export function earPricked(): CarePanel {
  const p = new Plate('A pricked ear with its fringe', [110, 70, 350, 520])
  // prettier-ignore
  const leather: readonly Knot[] = [[190, 520], [176, 440], [186, 340], [220, 230], [264, 142], [288, 116], [312, 142], [356, 226], [392, 336], [402, 440], [386, 520], [290, 548]]
  p.form(leather, 'coat', 2.2)
  // prettier-ignore
  const bowl: readonly Knot[] = [[238, 500], [226, 420], [244, 320], [276, 220], [290, 176], [306, 220], [338, 320], [352, 420], [340, 500], [290, 520]]
  p.fill(closed(bowl), 'skin', 0.8).tone(
    closed(bowl),
    1.2,
    7,
    (q) => Math.max(0, (q[1] - 320) / 260),
    1.2,
    0.5,
  )
  // prettier-ignore
  p.hair(closed(leather), [[210, 480, 0.35, -0.9], [200, 360, 0.4, -0.9], [250, 220, 0.4, -0.9], [370, 480, -0.35, -0.9], [380, 360, -0.4, -0.9], [330, 220, -0.4, -0.9]], { gap: 11, length: 24, width: 1.1, avoid: [closed(bowl)] })
  // prettier-ignore
  p.locks([[180, 500], [176, 430], [188, 336], [222, 228], [266, 140], [288, 112]], (t) => [lerp(-0.75, -0.1, t), lerp(-0.5, -1, t)], { length: (t) => lerp(52, 26, t), gap: 9, strands: 4, spread: 10 })
    .locks([[396, 500], [402, 430], [390, 336], [354, 228], [310, 140], [290, 112]], (t) => [lerp(0.75, 0.1, t), lerp(-0.5, -1, t)], { length: (t) => lerp(52, 26, t), gap: 9, strands: 4, spread: 10 })
    .locks([[240, 500], [270, 512], [310, 512], [342, 500]], (t) => [lerp(-0.3, 0.3, t), -1], { length: 64, gap: 8, strands: 3, spread: 9, back: 0.1 })
  const fold = closed([
    [384, 420],
    [406, 410],
    [410, 452],
    [398, 480],
    [380, 466],
  ])
  const canal = closed([
    [262, 470],
    [292, 458],
    [322, 470],
    [318, 506],
    [290, 516],
    [264, 504],
  ])
  const edge = edgeBand(leather, 0.88)
  p.danger('ear-edge', edge).danger('ear-fold', fold).danger('ear-canal', canal)
  // prettier-ignore
  const left: readonly Knot[] = [[152, 480], [152, 410], [168, 320], [204, 214], [254, 116], [288, 88]]
  p.trim(left).trim(mirror(left, 289).map((q): Knot => [q[0], q[1]]))
  askTheEar(p, edge, fold, canal, left)
  p.askLie([208, 380], [0.4, -0.9], 'Along the outside of the ear').askFinger(
    [[204, 290], 'Finger and thumb on the edge, beside the blade'],
    [[290, 490], 'In the ear'],
    [[289, 130], 'Pulling the tip up'],
  )
  return p
    .key('trim', 'The fringe, along the ear’s own outline from its base up. The tip is rounded.', [168, 320])
    .key('danger', 'The leather’s edge: finger and thumb on it, beside the blade.', [378, 300])
    .key('danger', 'Its fold, a thin pocket of skin.', [398, 446])
    .key('danger', 'The canal: nothing goes in.', [290, 488])
    .panel()
}

/** An ear folded over: half up, the tip hanging forward. */
export function earFolded(): CarePanel {
  const p = new Plate('An ear folded over', [110, 120, 350, 480])
  // prettier-ignore
  const up: readonly Knot[] = [[196, 420], [186, 330], [208, 240], [262, 184], [330, 184], [378, 240], [394, 330], [386, 420], [290, 444]]
  // prettier-ignore
  const tip: readonly Knot[] = [[206, 238], [250, 196], [328, 192], [376, 236], [366, 330], [330, 416], [292, 448], [252, 414], [218, 326]]
  p.form(up, 'coat', 2)
  p.form(tip, 'coat', 2.2)
  // prettier-ignore
  p.hair(closed(tip), [[240, 220, -0.1, 1], [330, 220, 0.1, 1], [240, 320, 0.1, 1], [290, 320, 0, 1], [350, 320, -0.1, 1], [290, 420, 0, 1]], { gap: 11, length: 36, width: 1.15 })
  // prettier-ignore
  p.locks([[210, 250], [218, 330], [252, 416], [292, 452]], (t) => [lerp(-0.4, 0.1, t), 1], { length: 54, gap: 9, strands: 4, spread: 11 })
    .locks([[374, 250], [366, 332], [332, 416], [294, 452]], (t) => [lerp(0.4, -0.1, t), 1], { length: 54, gap: 9, strands: 4, spread: 11 })
    .locks([[206, 236], [250, 192], [328, 188], [376, 232]], (t) => [lerp(-0.4, 0.4, t), 0.6], { length: 34, gap: 8, strands: 3, spread: 9, back: 0.5 })
  // prettier-ignore
  p.locks([[240, 396], [264, 428], [292, 448], [320, 428], [344, 396]], (t) => [lerp(0.2, -0.2, t), 1], { length: (t) => 92 + 40 * Math.sin(Math.PI * t), gap: 7, strands: 4, spread: 11, width: 1.35, back: 0.2 })
  const edge = edgeBand(tip, 0.86)
  const fold = closed([
    [362, 250],
    [386, 244],
    [394, 286],
    [384, 320],
    [364, 300],
  ])
  const canal = closed([
    [268, 404],
    [294, 396],
    [318, 406],
    [314, 430],
    [290, 438],
    [270, 428],
  ])
  p.danger('ear-edge', edge).danger('ear-fold', fold).danger('ear-canal', canal)
  const top = open([
    [236, 462],
    [290, 474],
    [348, 462],
  ])
  const under = open([
    [240, 482],
    [290, 494],
    [344, 482],
  ])
  const band = [...top, ...under.reverse()]
  p.fill(band, 'paper')
    .tone(band, 1.4, 6, () => 0.6)
    .contour(band, 2)
  const may: readonly Knot[] = [
    [226, 508],
    [260, 526],
    [292, 532],
    [326, 526],
    [358, 508],
  ]
  p.trim(may)
  askTheEar(p, edge, fold, canal, may)
  p.askLie([290, 330], [0, 1], 'Down the folded tip').askFinger(
    [[292, 440], 'On the leather’s tip, above the blade'],
    [[290, 418], 'In the ear'],
    [[290, 200], 'On the crease'],
  )
  return p
    .key('danger', 'The leather’s edge ends sooner than the hair: feel for it.', [232, 330])
    .key('danger', 'Its fold, a thin pocket of skin.', [378, 280])
    .key('danger', 'The canal is behind here: nothing goes in.', [292, 416])
    .key('look', 'A loose band, clear below the leather.', [248, 478])
    .key('trim', 'From here down may be shortened; round it off.', [292, 532])
    .panel()
}
