import { BUILD_IDS } from './builds'
import type { SheetId } from './boxes'
import { simplify } from './simplify'
import type { CoatPt, Pt } from './geometry'
import { headView } from './head'
import { middleOf } from './middle'
import type { Drawing, Part } from './plan'
import { sideView } from './side'
import { underView } from './under'

export const SHEET_IDS: readonly SheetId[] = [...BUILD_IDS, 'under', 'head']

const tenth = (n: number) => Math.round(n * 10) / 10
const lean = (pts: readonly Pt[], tolerance: number): Pt[] =>
  simplify(pts, tolerance).map((p): Pt => [tenth(p[0]), tenth(p[1])])

/** A drawing small enough to send: fewer points, rounded; strokes are made from it where it is shown. */
export function sheet(id: SheetId): Drawing {
  const full = id === 'under' ? underView() : id === 'head' ? headView() : sideView(id)
  const thin = (p: Part): Part => ({
    ...p,
    edge: simplify(p.edge, 0.5).map((q): CoatPt => [tenth(q[0]), tenth(q[1]), Math.round(q[2] * 100) / 100]),
    patches: p.patches.map((x) => {
      const poly = lean(x.poly, 0.5)
      const [mx, my] = middleOf(poly)
      return { ...x, poly, hair: tenth(x.hair), middle: [tenth(mx), tenth(my)] }
    }),
    hidden: p.hidden.map((h) => lean(h, 1)),
    creases: p.creases.map((c) => lean(c, 1)),
    arrows: p.arrows.map(([x, y, dx, dy]) => [
      tenth(x),
      tenth(y),
      Math.round(dx * 100) / 100,
      Math.round(dy * 100) / 100,
    ]),
  })
  return { ...full, layers: full.layers.map((l) => ('part' in l ? { part: thin(l.part) } : l)) }
}
