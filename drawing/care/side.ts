import { BOXES } from '../boxes'
import type { BuildId } from '../builds'
import { add, boundsOf, mix } from '../geometry'
import type { Pt } from '../geometry'
import { middleOf } from '../middle'
import type { Drawing } from '../plan'
import { sideView } from '../side'
import { patchOf, scaled } from './underside'
import { circle, closed } from './knots'
import { Plate } from './plate'
import type { CarePanel } from './panel'
import type { Knot } from './knots'

/** Over the dog's own coat map, from the side: where no blade goes, and the ways of clipper, dryer and rake. */

/** Danger places of the side, by the coat map's own patches. */
function sideShapes(build: BuildId) {
  const view = sideView(build)
  const hock = patchOf(view, 'hock')
  const [x0, y0, x1, y1] = boundsOf(hock)
  // The tendon stands out along the back of the hock.
  const tendon = scaled(
    hock.filter((q) => q[0] > x0 + (x1 - x0) * 0.52 - ((q[1] - y0) / (y1 - y0)) * (x1 - x0) * 0.05),
    0.92,
  )
  const throatOf = patchOf(view, 'collar-line')
  const [cx0, cy0, cx1, cy1] = boundsOf(throatOf)
  const tail = patchOf(view, 'tail')
  const [tx0, ty0, tx1] = boundsOf(tail)
  const tip = tail.filter((q) => q[0] > tx0 + (tx1 - tx0) * 0.72 && q[1] < ty0 + 110)
  return {
    view,
    tuck: scaled(patchOf(view, 'tuck-up'), 0.9),
    elbow: scaled(patchOf(view, 'armpit'), 0.9),
    tendon,
    throat: scaled(
      throatOf.filter((q) => q[1] > cy0 + (cy1 - cy0) * 0.5),
      0.85,
    ),
    neck: scaled(
      throatOf.filter((q) => q[1] <= cy0 + (cy1 - cy0) * 0.45),
      0.8,
    ),
    neckMiddle: (cx0 + cx1) / 2,
    bone: tip.length ? middleOf(tip) : middleOf(tail),
    edge: scaled(patchOf(view, 'ear-edge'), 0.95),
  }
}
const WEB = closed([
  [-12, -9],
  [12, -9],
  [14, 6],
  [0, 11],
  [-14, 6],
])
type SideShapes = ReturnType<typeof sideShapes>
const footAt = (view: Drawing, foot: 'forefoot' | 'hindfoot'): Pt =>
  add(middleOf(patchOf(view, foot)), [-16, 14])
/** Hatches every place of the side that no blade comes to. */
function hatchSide(p: Plate, s: SideShapes): Plate {
  p.danger('flank-fold', s.tuck).danger('elbow-web', s.elbow).danger('hock-tendon', s.tendon)
  p.danger('throat', s.throat)
    .danger('neck-folds', s.neck)
    .danger('tail-bone', circle(s.bone, 17))
    .danger('ear-edge', s.edge)
  for (const foot of ['forefoot', 'hindfoot'] as const)
    p.danger(
      'toe-webs',
      WEB.map((q): Pt => add(footAt(s.view, foot), q)),
    )
  return p
}
/** The side: where thin skin slips into any blade. */
export function flank(build: BuildId): CarePanel {
  const s = sideShapes(build)
  const p = hatchSide(new Plate('From the side', [...BOXES[build]] as CarePanel['box'], build), s)
  const m = middleOf
  return p
    .key('danger', 'Flank fold: loose skin. No clipper.', m(s.tuck))
    .key('danger', 'Elbow web: loose skin. No clipper.', m(s.elbow))
    .key('danger', 'Hock tendon: skin and tendon, no flesh. Comb only.', m(s.tendon))
    .key('danger', 'Throat: loose skin over soft parts.', m(s.throat))
    .key('danger', 'Neck folds: spread them flat with your hand.', [s.neckMiddle, m(s.neck)[1]])
    .key('danger', 'The last tail bone: it ends before the hair does. Keep well past it.', s.bone)
    .key('danger', 'The ear’s leather edge.', m(s.edge))
    .key('danger', 'Toe webs: feet are a tidy of their own.', footAt(s.view, 'forefoot'))
    .panel()
}

/** A line along the top of patches, a little below their edge, in the order of the work. */
const along = (view: Drawing, ...names: string[]): Pt[] =>
  names.map((n): Pt => {
    const poly = patchOf(view, n)
    const [x] = middleOf(poly)
    const top = Math.min(...poly.filter((q) => Math.abs(q[0] - x) < NEAR_X).map((q) => q[1]))
    return [x, Math.min(top + BELOW_EDGE, middleOf(poly)[1])]
  })
const NEAR_X = 26
const BELOW_EDGE = 34
/** Down a patch from near its top to near its bottom, by shares of its height. */
function down(view: Drawing, name: string, from = 0.15, to = 0.85, x = 0.5): Pt[] {
  const [x0, y0, x1, y1] = boundsOf(patchOf(view, name))
  const at = (k: number): Pt => [x0 + (x1 - x0) * x, y0 + (y1 - y0) * k]
  return [at(from), at((from + to) / 2), at(to)]
}
const knots = (pts: readonly Pt[]): Knot[] => pts.map((q): Knot => [q[0], q[1]])

/** The passes of a body clip by part, in their order, with all that is left out hatched. */
export function clipPasses(build: BuildId): CarePanel {
  const s = sideShapes(build)
  const { view } = s
  const p = hatchSide(new Plate('The passes, part by part', [...BOXES[build]] as CarePanel['box'], build), s)
  const neck = along(view, 'nape', 'shoulders')
  const spine = along(view, 'shoulders', 'back', 'rump')
  spine[0] = mix(spine[0]!, spine[1]!, 0.25)
  const side = [0.25, 0.5, 0.78].map((x) => down(view, 'side', 0.1, 0.78, x))
  const legs = [down(view, 'foreleg', 0.1, 0.72), down(view, 'thigh', 0.12, 0.68, 0.62)]
  const chest = down(view, 'chest', 0.3, 0.8, 0.35)
  for (const line of [neck, spine, ...side, ...legs, chest]) if (line.length > 1) p.arrow(knots(line))
  const [ux0, uy0, ux1, uy1] = boundsOf(patchOf(view, 'belly'))
  return p
    .key('trim', 'Neck: back from behind the ears, the dog sitting.', neck[0]!)
    .key('trim', 'Back: to a hand short of the tail’s root.', spine[1]!)
    .key('trim', 'Side: down, and off a hand short of flank and elbow.', side[1]![1]!)
    .key('trim', 'Legs: the outside, down to the ankle.', legs[0]![1]!, legs[1]![1]!)
    .key('trim', 'Chest: down between the legs.', chest[1]!)
    .key('trim', 'Belly last: to a hand ahead of the groin.', [(ux0 + ux1) / 2, (uy0 + uy1 * 2) / 3])
    .key('danger', 'Flank fold and elbow web.', middleOf(s.tuck), middleOf(s.elbow))
    .key('danger', 'Hock tendon.', middleOf(s.tendon))
    .key('danger', 'Throat, and the neck’s folds.', middleOf(s.throat))
    .key('danger', 'Ear edge, last tail bone, toe webs.', middleOf(s.edge), s.bone, footAt(view, 'forefoot'))
    .panel()
}

/** The order a coat is dried in; where no air goes is hatched. */
export function dryingOrder(build: BuildId): CarePanel {
  const view = sideView(build)
  const p = new Plate('Dried in this order', [...BOXES[build]] as CarePanel['box'], build)
  for (const name of ['muzzle', 'cheek', 'fringe', 'beard'])
    p.danger('eyes', scaled(patchOf(view, name), 0.9))
  for (const name of ['ear']) p.danger('ear-canal', scaled(patchOf(view, name), 0.95))
  const under = scaled(patchOf(view, 'under-tail'), 1.05)
  p.danger('anus', under)
  const back = along(view, 'rump', 'back', 'shoulders', 'nape')
  const side = [0.3, 0.6].map((x) => down(view, 'side', 0.1, 0.85, x))
  const chest = down(view, 'chest', 0.3, 0.85, 0.35)
  const thigh = down(view, 'thigh', 0.1, 0.8, 0.6)
  const legs = [down(view, 'foreleg', 0.12, 0.8), down(view, 'hock', 0.1, 0.85)]
  const feet = (['forefoot', 'hindfoot'] as const).map((f) => down(view, f, 0.8, 0.1, 0.45))
  for (const line of [back, ...side, chest, thigh, ...legs, ...feet]) p.arrow(knots(line))
  const [ux0, uy0, ux1, uy1] = boundsOf(patchOf(view, 'belly'))
  return p
    .key('danger', 'Head and ears: towel and hand. No air at face or ears.', middleOf(patchOf(view, 'cheek')))
    .key('look', 'From above the tail forward, air along the lie.', back[0]!)
    .key('look', 'Down one side, then the other.', side[0]![1]!)
    .key('look', 'Chest, girth and armpits.', chest[1]!)
    .key('look', 'Belly, low and from further off; a hand over the privates.', [
      (ux0 + ux1) / 2,
      (uy0 + 3 * uy1) / 4,
    ])
    .key('look', 'Thighs and tail.', thigh[1]!)
    .key('danger', 'Under the tail: a dry towel, no air.', middleOf(under))
    .key('look', 'Down the legs.', legs[0]![1]!, legs[1]![1]!)
    .key('look', 'Feet last, against the lie.', feet[0]![1]!, feet[1]![1]!)
    .panel()
}

/** The rake's lines, from the rear forward and in the lie; where no rake goes is hatched. */
export function rakeLines(build: BuildId): CarePanel {
  const s = sideShapes(build)
  const { view } = s
  const p = new Plate('The rake, in the lie and in lines', [...BOXES[build]] as CarePanel['box'], build)
  p.danger('flank-fold', s.tuck)
    .danger('elbow-web', s.elbow)
    .danger('hock-tendon', s.tendon)
    .danger('tail-bone', circle(s.bone, 17))
    .danger('nipples', scaled(patchOf(view, 'belly'), 0.85))
    .danger('anus', scaled(patchOf(view, 'under-tail'), 1.05))
  const thigh = [0.3, 0.55, 0.8].map((x) => down(view, 'thigh', 0.12, 0.72, x))
  const rump = along(view, 'back', 'rump')
  const side = [0.2, 0.4, 0.6, 0.8].map((x) => down(view, 'side', 0.08, 0.8, x))
  const shoulder = [0.35, 0.65].map((x) => down(view, 'shoulders', 0.15, 0.8, x))
  const chest = down(view, 'chest', 0.3, 0.85, 0.35)
  for (const line of [...thigh, rump, ...side, ...shoulder, chest]) p.arrow(knots(line))
  return p
    .key('look', 'The thighs first, downwards.', thigh[0]![1]!)
    .key('look', 'Rump and back, towards the tail.', rump[1]!)
    .key('look', 'The sides, a line at a time.', side[1]![1]!)
    .key('look', 'Shoulders and chest.', shoulder[0]![1]!, chest[1]!)
    .key(
      'danger',
      'Folds, belly, hock and the last tail bone: comb only.',
      middleOf(s.tuck),
      middleOf(s.elbow),
    )
    .panel()
}
