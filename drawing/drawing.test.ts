import { describe, expect, it } from 'vitest'
import { REGION_IDS } from '../core/coat/regions'
import { BOXES } from './boxes'
import { BUILD_IDS } from './builds'
import { inside, signedArea, split } from './geometry'
import type { Pt } from './geometry'
import { headView } from './head'
import { sheet, SHEET_IDS } from './index'
import { regionOfPatch } from './patch-region'
import type { Drawing, Part } from './plan'
import { sideView } from './side'
import { middleOf } from './middle'
import { inkOf } from './picture'
import { contourOf, strokesOf } from './strokes'
import { underView } from './under'

const parts = (d: Drawing): Part[] => d.layers.flatMap((l) => ('part' in l ? [l.part] : []))
const full = [
  ...BUILD_IDS.map((id) => [id, sideView(id)] as const),
  ['under', underView()] as const,
  ['head', headView()] as const,
]

describe('cutting', () => {
  const square: Pt[] = [
    [0, 0],
    [10, 0],
    [10, 10],
    [0, 10],
  ]
  it('leaves no gap and no overlap', () => {
    const [left, right] = split(square, [
      [5, -1],
      [6, 5],
      [5, 11],
    ])
    expect(Math.abs(signedArea(left)) + Math.abs(signedArea(right))).toBeCloseTo(100)
  })
  it('gives the left of travel first, as seen on the page', () => {
    const [left] = split(square, [
      [5, -1],
      [5, 11],
    ])
    expect(inside([8, 5], left)).toBe(true)
  })
  it('refuses a line that misses', () => {
    expect(() =>
      split(square, [
        [20, -1],
        [20, 11],
      ]),
    ).toThrow('does not cross')
  })
})

describe.each(full)('the drawing %s', (_id, drawing) => {
  it('is tiled exactly by its regions', () => {
    for (const part of parts(drawing)) {
      const whole = Math.abs(signedArea(part.edge))
      const pieces = part.patches.reduce((s, p) => s + Math.abs(signedArea(p.poly)), 0)
      expect(pieces / whole).toBeCloseTo(1, 6)
    }
  })
})

describe('the four views', () => {
  it('show all forty-one regions between them, in every build', () => {
    for (const build of BUILD_IDS) {
      const seen = new Set<string | null>()
      for (const side of ['left', 'right'] as const)
        for (const d of [sideView(build), underView(), headView()])
          for (const part of parts(d))
            if (!part.far) for (const p of part.patches) seen.add(regionOfPatch(p.name, side))
      expect(REGION_IDS.filter((id) => !seen.has(id))).toEqual([])
    }
  })
  it('put the dog’s left on our right, head on and from beneath', () => {
    for (const d of [headView(), underView()]) {
      const middle = d.box[0] + d.box[2] / 2
      for (const part of parts(d))
        for (const p of part.patches) {
          if (p.name.endsWith('.left')) expect(middleOf(p.poly)[0]).toBeGreaterThan(middle)
          if (p.name.endsWith('.right')) expect(middleOf(p.poly)[0]).toBeLessThan(middle)
        }
    }
  })
  it('keep the boxes they are announced with', () => {
    for (const id of SHEET_IDS) expect(sheet(id).box).toEqual(BOXES[id])
  })
})

describe('hair', () => {
  const body = parts(sheet('drop-eared')).find((p) => p.name === 'body')!
  const patch = body.patches.find((p) => p.name === 'thigh')!
  const count = (d: string) => d.split('M').length - 1
  it('grows denser with each state, and crosses only in the two worst', () => {
    const states = [0, 1, 2, 3, 4].map((s) => strokesOf(body, patch, s))
    const strokes = states.map((s) => count(s.lie) + count(s.cross))
    for (let i = 1; i < 5; i++) expect(strokes[i]!).toBeGreaterThan(strokes[i - 1]! * 1.2)
    expect(states.map((s) => s.cross !== '')).toEqual([false, false, false, true, true])
    expect(states.map((s) => s.tint !== '')).toEqual([false, false, false, true, true])
  })
  it('is pale on paper where nobody has met it, and nowhere else', () => {
    const drawing = sideView('curly')
    const names = parts(drawing).flatMap((p) => (p.far ? [] : p.patches.map((x) => x.name)))
    const all = (state: number) => Object.fromEntries(names.map((n) => [n, state]))
    const papers = (states: Record<string, number>) =>
      inkOf(drawing, states).split('class="paper"').length - 1
    expect(papers(all(1))).toBe(0)
    expect(papers({ ...all(1), back: 5 })).toBe(names.filter((n) => n === 'back').length)
    expect(papers(all(5))).toBeGreaterThan(names.length - 1)
    expect(inkOf(drawing, all(5))).not.toContain('fill-opacity=".82"')
    expect(strokesOf(body, patch, 5).tint + strokesOf(body, patch, 5).cross).toBe('')
  })
  it('is the same every time', () => {
    expect(strokesOf(body, patch, 3)).toEqual(strokesOf(body, patch, 3))
    expect(contourOf(body)).toEqual(contourOf(body))
  })
  it('is fewer and heavier on a small map', () => {
    expect(count(strokesOf(body, patch, 1, 3.6).lie)).toBeLessThan(count(strokesOf(body, patch, 1).lie) / 4)
  })
})
