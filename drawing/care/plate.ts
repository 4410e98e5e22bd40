import type { DangerId } from '../../core/care/tidies/dangers'
import type { SheetId } from '../boxes'
import { add, boundsOf, distance, inside, lerp, mix, mul, norm, rot, signedArea, sub } from '../geometry'
import type { Pt } from '../geometry'
import { hair, noise, ribbon, seeded, shape } from '../ink'
import { lieFrom } from '../lie'
import type { Arrow } from '../lie'

import { closed, open } from './knots'
import type { Knot } from './knots'
import { DOT } from './panel'
import type { CareKey, CarePanel, Ink, Rehearsal, Tone } from './panel'

interface HairWay {
  /** Paper between two hairs, their length and width, px. */
  gap?: number
  length?: number
  width?: number
  opacity?: number
  /** Where none grows. */
  avoid?: readonly (readonly Pt[])[]
  /** Share of hairs kept at a point. */
  keep?: (p: Pt) => number
}
interface LockWay {
  length: number | ((t: number) => number)
  width?: number
  gap?: number
  strands?: number
  spread?: number
  /** Share of the lock that lies behind the line it grows from. */
  back?: number
}

/** Draws a care panel: curves through points, hair along a lie, tone in parallel strokes, signs over all. */
export class Plate {
  readonly inks: Ink[] = []
  private readonly signs: Pick<CarePanel, 'dangers' | 'trims' | 'stops' | 'arrows' | 'keys'> = {
    dangers: [],
    trims: [],
    stops: [],
    arrows: [],
    keys: [],
  }
  private readonly asks: Rehearsal = { off: [], may: [], lies: [], fingers: [] }
  private readonly random: () => number
  /** Points of the signs, which no number may hide. */
  private readonly busy: Pt[] = []
  private readonly hatched: (readonly Pt[])[] = []

  constructor(
    private readonly title: string,
    private readonly box: CarePanel['box'],
    private readonly over?: SheetId,
  ) {
    this.random = seeded(7 + title.length * 13)
  }

  ink(d: string, tone: Tone = 'ink', opacity = 0.95): this {
    if (d) this.inks.push({ d, tone, opacity })
    return this
  }
  fill(poly: readonly Pt[], tone: Tone = 'coat', opacity = 1): this {
    return this.ink(shape(poly), tone, opacity)
  }
  /** A swelling outline, heavier below and to the right, as an engraver leaves it. */
  contour(poly: readonly Pt[], width = 2, opacity = 0.95): this {
    const pts = [...poly, poly[0]!]
    const way = signedArea(poly) > 0 ? 1 : -1
    return this.ink(
      ribbon(pts, (_, i) => {
        const d = norm(sub(pts[Math.min(pts.length - 1, i + 1)]!, pts[Math.max(0, i - 1)]!))
        const lit = 0.5 + 0.5 * way * (d[1] * 0.45 - d[0] * 0.9)
        return width * (0.55 + 0.75 * lit + 0.16 * noise(i / 11, width * 7, 3))
      }),
      'ink',
      opacity,
    )
  }
  form(pts: readonly Knot[], tone: Tone = 'coat', width = 2): Pt[] {
    const poly = closed(pts)
    this.fill(poly, tone)
    if (width) this.contour(poly, width)
    return poly
  }
  /** A line that swells from `least` of its width at each end. */
  line(pts: readonly Knot[], width = 2, ends = 0.12, opacity = 0.95, least = 0.25): this {
    return this.ink(
      ribbon(
        open(pts),
        (t, i) =>
          width *
          (least + (1 - least) * Math.min(1, t / ends, (1 - t) / ends)) *
          (1 + 0.12 * noise(i / 9, width, 5)),
      ),
      'ink',
      opacity,
    )
  }
  /** Tone: parallel strokes at an angle, as strong as `much` says at a point. */
  tone(
    poly: readonly Pt[],
    angle: number,
    gap: number,
    much: (p: Pt) => number,
    width = 1.3,
    opacity = 0.6,
  ): this {
    const [x0, y0, x1, y1] = boundsOf(poly)
    const middle: Pt = [(x0 + x1) / 2, (y0 + y1) / 2]
    const reach = Math.hypot(x1 - x0, y1 - y0) / 2 + 10
    const along: Pt = [Math.cos(angle), Math.sin(angle)]
    const across: Pt = [-along[1], along[0]]
    let d = ''
    for (let v = -reach; v < reach; v += gap) {
      let run: { p: Pt; k: number }[] = []
      const finish = () => {
        const list = run
        if (list.length > 3)
          d += ribbon(
            list.map((r) => r.p),
            (_, i) => width * list[i]!.k * (0.25 + 0.75 * Math.min(1, i / 4, (list.length - 1 - i) / 4)),
          )
        run = []
      }
      for (let u = -reach; u < reach; u += 3) {
        const p = add(add(middle, mul(along, u)), mul(across, v))
        const k = inside(p, poly) ? much(p) + 0.12 * noise(p[0] / 14, p[1] / 14, 2) : 0
        if (k > 0.08) run.push({ p, k: Math.min(1.3, k) })
        else finish()
      }
      finish()
    }
    return this.ink(d, 'ink', opacity)
  }
  /** Hair along the lie inside a shape. */
  hair(poly: readonly Pt[], arrows: readonly Arrow[], way: HairWay = {}): this {
    const { gap = 10, length = 26, width = 1.15, opacity = 0.82, avoid = [], keep } = way
    const lie = lieFrom(arrows, 0.2)
    const [x0, y0, x1, y1] = boundsOf(poly)
    const begun: Pt[] = []
    let d = ''
    const tries = Math.ceil((((x1 - x0) * (y1 - y0)) / (gap * gap)) * 6)
    for (let t = 0; t < tries; t++) {
      const p: Pt = [lerp(x0, x1, this.random()), lerp(y0, y1, this.random())]
      if (!inside(p, poly) || avoid.some((a) => inside(p, a))) continue
      if (keep && this.random() > keep(p)) continue
      if (begun.some((q) => distance(p, q) < gap * (0.9 + 0.25 * noise(p[0] / 40, p[1] / 40, 9)))) continue
      if (lie.agreement(p) < 0.3) continue
      begun.push(p)
      const turn = (this.random() - 0.5) * 0.24
      const reach = length * (0.65 + 0.6 * this.random())
      const m = add(p, mul(rot(lie.at(p), turn), reach / 2))
      const b = add(m, mul(rot(lie.at(m), turn + (this.random() - 0.5) * 0.25), reach / 2))
      if (!inside(m, poly) || avoid.some((a) => inside(m, a) || inside(b, a))) continue
      d += hair(p, m, b, width * (0.75 + 0.5 * this.random()))
    }
    return this.ink(d, 'ink', opacity)
  }
  /** Locks that grow from a line, their strands meeting towards the tip. */
  locks(line: readonly Knot[], towards: (t: number) => Pt, way: LockWay): this {
    const { width = 1.3, gap = 8, strands = 3, spread = 9, back = 0.25 } = way
    const pts = open(line)
    const total = pts.slice(1).reduce((sum, p, i) => sum + distance(p, pts[i]!), 0)
    let walked = 0
    let since = 0
    let next = 0
    let d = ''
    pts.forEach((p, i) => {
      if (!i) return
      const span = distance(p, pts[i - 1]!)
      walked += span
      since += span
      if (since < next) return
      since = 0
      next = gap * (0.7 + 0.6 * this.random())
      const t = walked / total
      const f = rot(norm(towards(t)), (this.random() - 0.5) * 0.25)
      const reach =
        (typeof way.length === 'function' ? way.length(t) : way.length) * (0.7 + 0.5 * this.random())
      const side: Pt = [-f[1], f[0]]
      const base = add(p, mul(f, -reach * back))
      const tip = add(base, mul(f, reach))
      const curl = (this.random() - 0.5) * 0.5
      for (let h = 0; h < strands; h++) {
        const u = (h + 0.5) / strands - 0.5 + (this.random() - 0.5) * 0.25
        const from = add(add(base, mul(side, u * spread)), mul(f, (this.random() - 0.3) * reach * 0.2))
        const to = add(add(tip, mul(side, u * spread * 0.4)), mul(f, -Math.abs(u) * reach * 0.3))
        const m = add(mix(from, to, 0.5), mul(side, (u * 0.5 + curl * 0.5) * spread))
        d += hair(from, m, to, width * (0.75 + 0.5 * this.random()))
      }
    })
    return this.ink(d, 'ink', 0.9)
  }

  /** A danger place, with what is left open within it. */
  danger(id: DangerId, poly: readonly Pt[], hole?: readonly Pt[]): this {
    this.busy.push(...poly)
    this.hatched.push(poly)
    this.signs.dangers.push({ id, d: shape(poly) + (hole ? shape(hole) : '') })
    return this
  }
  trim(pts: readonly Knot[]): this {
    const line = open(pts)
    this.busy.push(...line)
    this.signs.trims.push(shape(line, false))
    return this
  }
  /** @param side the side to stay off: 1 to the right of the line's way on the page, -1 to its left */
  stop(pts: readonly Knot[], side: 1 | -1): this {
    const line = open(pts)
    let d = shape(line, false)
    for (let i = 3; i < line.length - 1; i += 4) {
      const t = norm(sub(line[i + 1]!, line[i - 1]!))
      const tip = add(line[i]!, mul(add([-t[1] * side, t[0] * side], mul(t, 0.5)), 8))
      d += shape([line[i]!, tip], false)
    }
    this.signs.stops.push(d)
    return this
  }
  arrow(pts: readonly Knot[]): this {
    const line = open(pts)
    const tip = line.at(-1)!
    const d = norm(sub(tip, line.at(-5) ?? line[0]!))
    const barb = (turn: number) => add(tip, mul(rot(d, turn), -11))
    this.signs.arrows.push(shape(line, false) + shape([barb(0.5), tip, barb(-0.5)], false))
    return this
  }
  key(kind: CareKey['kind'], words: string, ...at: Pt[]): this {
    this.signs.keys.push({ kind, words, at, badges: [] })
    return this
  }

  /** Asked on paper: a danger place with every shape it has here. */
  askOff(id: DangerId, words: string, why: string, ...shapes: (readonly Pt[])[]): this {
    this.asks.off.push({ id, words, why, shapes: shapes.map((s) => s.map(whole)) })
    return this
  }
  askMay(words: string, why: string, line: readonly Knot[]): this {
    this.asks.may.push({ words, why, line: open(line).map(whole) })
    return this
  }
  askLie(at: Pt, way: Pt, words: string): this {
    this.asks.lies.push({ at: whole(at), way, words })
    return this
  }
  /** Where a finger goes, the right place first. */
  askFinger(...places: [at: Pt, words: string][]): this {
    this.asks.fingers.push(...places.map(([at, words], i) => ({ at: whole(at), right: i === 0, words })))
    return this
  }

  /** A place for each number: near its point, clear of signs and of the numbers before it. */
  private placeNumbers() {
    const [x, y, w, h] = this.box
    const dot = Math.max(w, h) * DOT
    const taken: Pt[] = []
    const middle: Pt = [x + w / 2, y + h / 2]
    for (const key of this.signs.keys)
      for (const p of key.at) {
        let best: Pt = p
        let least = Infinity
        for (let turn = 0; turn < 24; turn++)
          for (const reach of [2, 2.7, 3.5, 4.6, 6]) {
            const a = (turn * Math.PI) / 12
            const q = add(p, [Math.cos(a) * reach * dot, Math.sin(a) * reach * dot])
            const edge = Math.min(q[0] - x, x + w - q[0], q[1] - y, y + h - q[1])
            if (edge < dot * 1.2) continue
            const near = (list: readonly Pt[], room: number) =>
              list.reduce((sum, b) => sum + Math.max(0, room - distance(q, b) / dot) ** 2, 0)
            const outward = distance(q, middle) - distance(p, middle)
            const cost =
              near(this.busy, 1.5) +
              (this.hatched.some((h) => inside(q, h)) ? 40 : 0) +
              60 * near(taken, 2.4) +
              reach * 0.5 -
              (outward / dot) * 0.12
            if (cost < least) [least, best] = [cost, q]
          }
        taken.push(best)
        key.badges.push(best)
      }
  }

  panel(): CarePanel {
    this.placeNumbers()
    return {
      title: this.title,
      box: this.box,
      ...(this.over ? { over: this.over } : {}),
      inks: this.inks,
      ...this.signs,
      ...(this.asks.off.length ? { asks: this.asks } : {}),
    }
  }
}
const whole = ([x, y]: Pt): Pt => [Math.round(x), Math.round(y)]
