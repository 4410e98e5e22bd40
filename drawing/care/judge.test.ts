import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { inside, rot } from '../geometry'
import type { Pt } from '../geometry'
import { middleOf } from '../middle'
import { CARE_DRAWINGS } from './index'
import { judgeLie, judgeMay, judgeOff } from './judge'
import { rehearsedOn } from './which'
import { REHEARSED_IDS } from '../../core/record/tidies'
import { EAR_CARRIAGES } from '../../core/record/habits'
import { dangersNear } from '../../core/care/tidies/dangers'

const dogs = (['female', 'male'] as const).flatMap((sex) =>
  [true, false].flatMap((neutered) =>
    EAR_CARRIAGES.map((ears) => ({
      sex,
      neutered,
      ears,
      build: 'curly' as const,
      fringe: true,
      bearded: true,
    })),
  ),
)
const names = [...new Set(REHEARSED_IDS.flatMap((of) => dogs.map((d) => rehearsedOn(of, d))))]
const drawn = new Map(names.map((n) => [n, CARE_DRAWINGS[n]!()]))
/** A point well within a shape. */
const within = (shape: readonly Pt[]): Pt => {
  const m = middleOf(shape)
  if (inside(m, shape)) return m
  const near = shape.flatMap((a) => shape.map((b): Pt => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2]))
  return near.find((p) => inside(p, shape))!
}

describe('rehearsed on paper', () => {
  it.each(names)(
    '%s: every danger it hatches is asked after, with the same words for nobody else’s sex',
    (name) => {
      const p = drawn.get(name)!
      const asked = new Set(p.asks!.off.map((o) => o.id))
      for (const d of p.dangers) expect(asked, d.id).toContain(d.id)
      for (const o of p.asks!.off) for (const s of o.shapes) expect(s.length).toBeGreaterThan(4)
      expect(p.asks!.may.length).toBeGreaterThan(0)
      expect(p.asks!.lies.length).toBeGreaterThan(0)
      expect(p.asks!.fingers.filter((f) => f.right)).toHaveLength(1)
    },
  )
  it('what is asked lies near that kind, and nowhere else', () => {
    for (const of of REHEARSED_IDS)
      for (const d of dogs) {
        const near = [...dangersNear(of, d.sex), ...(of === 'sanitary' ? (['hock-tendon'] as const) : [])]
        for (const o of drawn.get(rehearsedOn(of, d))!.asks!.off) expect(near, `${of}`).toContain(o.id)
      }
  })
  it.each(names)(
    '%s: a mark on every shape keeps all of it off; without one of them that one is open',
    (name) => {
      const { asks } = drawn.get(name)!
      const all = asks!.off.flatMap((o) => o.shapes.map((s) => [within(s)]))
      expect(judgeOff(asks!, all).every((j) => j.kept)).toBe(true)
      expect(judgeOff(asks!, []).every((j) => !j.kept)).toBe(true)
      all.forEach((_, i) => {
        const without = judgeOff(
          asks!,
          all.filter((__, k) => k !== i),
        )
        const open = without.flatMap((j) => j.open)
        // A shape that lies over another may be marked through it.
        expect(open.length).toBeLessThanOrEqual(1)
      })
    },
  )
  it('where the blade may go is told of, not held against anybody', () => {
    const p = drawn.get('foot-below')!
    const side = Math.max(p.box[2], p.box[3])
    const line = p.asks!.may[0]!.line
    expect(judgeMay(p.asks!, [[line[20]!]], side)[0]!.marked).toBe(true)
    expect(judgeMay(p.asks!, [[[0, 0]]], side)[0]!.marked).toBe(false)
  })
  it('the lie holds within 45 degrees either way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -3, max: 3, noNaN: true }),
        fc.double({ min: -3.1, max: 3.1, noNaN: true }),
        (a, off) => {
          fc.pre(Math.abs(Math.abs(off) - Math.PI / 4) > 1e-6)
          const way = rot([1, 0], a)
          expect(judgeLie(way, rot([40, 0], a + off))).toBe(Math.abs(off) < Math.PI / 4)
        },
      ),
    )
  })
})
