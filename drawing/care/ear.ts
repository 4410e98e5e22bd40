import { lerp } from '../geometry'
import type { Pt } from '../geometry'
import type { Arrow } from '../lie'
import { closed, mirror, open, Plate } from './plate'
import type { CarePanel, Knot } from './plate'

// prettier-ignore
const FOLD: readonly Knot[] = [[356, 268], [378, 250], [400, 268], [406, 302], [394, 328], [370, 324], [355, 302]]
// prettier-ignore
const CANAL: readonly Knot[] = [[268, 178], [292, 172], [312, 184], [308, 206], [286, 214], [268, 202]]

/** What of an ear is kept off, and where it may be shortened. */
const askTheEar = (
  p: Plate,
  edge: readonly Pt[],
  fold: readonly Pt[],
  canal: readonly Pt[],
  may: readonly Knot[],
) =>
  p
    .askOff(
      'ear-edge',
      'The leather’s edge',
      'Skin under hair: fingers know where it ends, the eye does not.',
      edge,
    )
    .askOff('ear-fold', 'The fold at its rear edge', 'A thin pocket of skin that stands open.', fold)
    .askOff('ear-canal', 'The ear’s opening', 'Nothing goes in.', canal)
    .askMay('Past the leather', 'Little by little, a finger on the leather.', may)

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

const LEATHER: readonly Knot[] = [
  [214, 190],
  [192, 250],
  [180, 330],
  [190, 410],
  [232, 470],
  [286, 494],
  [340, 468],
  [384, 402],
  [394, 318],
  [384, 240],
  [356, 188],
  [290, 166],
]
/** The band of skin just within an outline: its edge, wherever on it the hair begins. */
const edgeBand = (leather: readonly Knot[], k = 0.86): Pt[] => {
  const out = closed(leather)
  const m: Pt = [
    out.reduce((s, q) => s + q[0], 0) / out.length,
    out.reduce((s, q) => s + q[1], 0) / out.length,
  ]
  const inner = out.map((q): Pt => [m[0] + (q[0] - m[0]) * k, m[1] + (q[1] - m[1]) * k])
  return [...out, out[0]!, inner[0]!, ...[...inner].reverse()]
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
