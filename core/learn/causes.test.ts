import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { worldScore } from '../../tests/support/world-score'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { asCauses, CAUSES, learnCauses, plus, timesUnder, UNDER } from './causes'
import type { SeenUnder } from './causes'

/** A place whose checks met so many under a set of causes, and so many under none. */
const place = (under: number, met: number, amount: number, plain = 0, apart = 0): SeenUnder => ({
  count: met + plain,
  born: [...(amount ? [{ under, amount }] : []), ...(apart ? [{ under: 0, amount: apart }] : [])],
  met: under && met ? [{ count: met, born: [{ under, amount: 1 }] }] : [],
})
const many = (n: number, p: SeenUnder) => Array.from({ length: n }, () => p)
const anyPlace = fc
  .record({
    under: fc.integer({ min: 0, max: 2 ** CAUSES.length - 1 }),
    met: fc.integer({ min: 0, max: 12 }),
    amount: fc.double({ min: 0.01, max: 12, noNaN: true }),
    plain: fc.integer({ min: 0, max: 12 }),
    apart: fc.double({ min: 0, max: 12, noNaN: true }),
  })
  .map((p) => place(p.under, p.met, p.amount, p.plain, p.apart))

describe('what a cause does to this dog', () => {
  it('is what it does to every such coat while it was not seen', () => {
    expect(learnCauses([])).toEqual([])
    expect(learnCauses(many(5, place(0, 3, 2)))).toEqual([])
    expect(learnCauses([place(UNDER.harness, 0, 0.01)])).toEqual([])
    expect(timesUnder([], UNDER.harness)).toBe(1)
  })
  it('is more where more is found under it than beside it, and less where less', () => {
    const [more] = learnCauses([...many(6, place(UNDER.harness, 12, 4)), ...many(20, place(0, 4, 4))])
    expect(more).toMatchObject({ cause: 'harness', exposure: 24 })
    expect(more!.times).toBeGreaterThan(1.6)
    expect(more!.likely[0]).toBeGreaterThan(1)
    const [less] = learnCauses([...many(6, place(UNDER.harness, 1, 4)), ...many(20, place(0, 4, 4))])
    expect(less!.likely[1]).toBeLessThan(1)
  })
  it('is told apart within a place by when it was there: the same place with it and without', () => {
    // Twenty places that met three times as much of what came while they were wet as the rest.
    const [rain] = learnCauses(many(20, place(UNDER.rain, 6, 2, 4, 4)))
    expect(rain!.times).toBeGreaterThan(2)
    expect(rain!.likely[0]).toBeGreaterThan(1.7)
  })
  it('of two that always come together neither is known well, though both together are', () => {
    const both = UNDER.harness | UNDER.coat
    const known = learnCauses([...many(8, place(both, 16, 4)), ...many(20, place(0, 4, 4))])
    expect(known.map((c) => c.cause)).toEqual(['harness', 'coat'])
    const [a, b] = known
    expect(a!.times).toBeCloseTo(b!.times, 9)
    expect(timesUnder(known, both)).toBeGreaterThan(2)
    expect(a!.likely[1] / a!.likely[0]).toBeGreaterThan(1.5)
  })
  it('lies at the peak of what is held, and as wide as the peak is bent', () => {
    const { harness: H, rain: R } = UNDER
    const places: SeenUnder[] = [
      {
        count: 9,
        born: [
          { under: H, amount: 2 },
          { under: 0, amount: 1.5 },
        ],
        met: [
          {
            count: 6,
            born: [
              { under: H, amount: 0.8 },
              { under: 0, amount: 0.3 },
            ],
          },
        ],
      },
      {
        count: 4,
        born: [
          { under: H | R, amount: 1.2 },
          { under: R, amount: 2 },
        ],
        met: [
          {
            count: 3,
            born: [
              { under: R, amount: 1 },
              { under: H | R, amount: 0.5 },
            ],
          },
        ],
      },
      { count: 1, born: [{ under: 0, amount: 4 }], met: [] },
    ]
    // φ ~ Gamma(6, 6), ψ ~ Gamma(3, 3) summed over, ln η ~ Normal(−1/8, 1/2): written out once more.
    const height = ([h, r, f]: readonly [number, number, number]) => {
      const total = (born: SeenUnder['born']) =>
        born.reduce((sum, b) => sum + b.amount * Math.exp((b.under & H ? h : 0) + (b.under & R ? r : 0)), 0)
      const prior = (x: number) => -((x + 0.125) ** 2) / 0.5
      return places.reduce(
        (sum, { count, born, met }) =>
          sum +
          count * f -
          (3 + count) * Math.log(3 + Math.exp(f) * total(born)) +
          met.reduce((s, m) => s + m.count * Math.log(total(m.born)), 0),
        6 * f - 6 * Math.exp(f) + prior(h) + prior(r),
      )
    }
    // Downhill in ever smaller steps from where it begins: slow, and sure to be at the top.
    let at: [number, number, number] = [0, 0, 0]
    for (let step = 0.5; step > 1e-9; step /= 2)
      for (let moved = true; moved;) {
        moved = false
        for (const i of [0, 1, 2])
          for (const d of [-step, step]) {
            const to = at.map((x, k) => x + (k === i ? d : 0)) as typeof at
            if (height(to) > height(at)) [at, moved] = [to, true]
          }
      }
    const E = 1e-4
    const bent = [0, 1, 2].map((i) =>
      [0, 1, 2].map((j) => {
        const off = (a: number, b: number) =>
          height(at.map((x, k) => x + (k === i ? a : 0) + (k === j ? b : 0)) as typeof at)
        return -(off(E, E) - off(E, -E) - off(-E, E) + off(-E, -E)) / (4 * E * E)
      }),
    ) as [number[], number[], number[]]
    const [[a, b, c], [, d, e], [, , g]] = bent as unknown as [number[], number[], number[]]
    const all = a! * (d! * g! - e! * e!) - b! * (b! * g! - e! * c!) + c! * (b! * e! - d! * c!)
    const variance = [(d! * g! - e! * e!) / all, (a! * g! - c! * c!) / all]
    const known = learnCauses(places)
    expect(known.map((k) => k.cause)).toEqual(['harness', 'rain'])
    known.forEach((k, i) => {
      const sd = Math.sqrt(variance[i]!)
      expect(Math.log(k.times)).toBeCloseTo(at[i]! + variance[i]! / 2, 4)
      expect(Math.log(k.likely[0])).toBeCloseTo(at[i]! - 1.28155 * sd, 4)
      expect(Math.log(k.likely[1])).toBeCloseTo(at[i]! + 1.28155 * sd, 4)
    })
    expect(known.map((k) => k.exposure)).toEqual([expect.closeTo(3.2, 12), expect.closeTo(3.2, 12)])
  })
  it('says nothing of a cause until a quarter of a knot was expected under it', () => {
    expect(learnCauses([place(UNDER.rain, 0, 0.24)])).toEqual([])
    expect(learnCauses([place(UNDER.rain, 0, 0.26)])).toHaveLength(1)
    const seen = { ...place(UNDER.rain, 3, 2, 1, 4), exposure: 6 }
    expect(asCauses(seen, [{ cause: 'rain', times: 1.5 }])).toEqual({ count: 4, exposure: 7 })
    expect(asCauses(seen, [{ cause: 'swim', times: 1.5 }]).exposure).toBe(6)
    expect(
      timesUnder(
        [
          { cause: 'rain', times: 2 },
          { cause: 'shed', times: 3 },
        ],
        UNDER.rain | UNDER.shed,
      ),
    ).toBe(6)
  })
  it('amounts under one set of causes are one', () => {
    const list = plus(plus(plus([], UNDER.rain, 1), 0, 2), UNDER.rain, 3)
    expect(list).toEqual([
      { under: UNDER.rain, amount: 4 },
      { under: 0, amount: 2 },
    ])
  })
  it('has its mean within what is likely, never a spread wider than among dogs, in whatever order places come', () => {
    fc.assert(
      fc.property(fc.array(anyPlace, { minLength: 1, maxLength: 12 }), (places) => {
        const known = learnCauses(places)
        const turned = learnCauses([...places].reverse())
        known.forEach((c, i) => {
          expect(c.times).toBeGreaterThan(c.likely[0])
          expect(c.times).toBeLessThan(c.likely[1])
          expect(c.likely[1] / c.likely[0]).toBeLessThan(Math.exp(2 * 1.2816 * 0.5) + 1e-3)
          expect(turned[i]!.times).toBeCloseTo(c.times, 6)
        })
        for (const p of places) {
          const exposure = p.born.reduce((s, b) => s + b.amount, 0)
          expect(asCauses({ ...p, exposure }, []).exposure).toBe(exposure)
        }
      }),
      { numRuns: 60 },
    )
  })
})

describe('in a record', () => {
  const START = '2026-09-01'
  /** Checked weekly; the harness places caught twice a week, the others now and then. */
  const weekly = (caught: (id: string, week: number) => number) =>
    Array.from({ length: 12 }, (_, w) =>
      (['girth', 'chest', 'shoulders', 'back', 'rump', 'tail', 'belly', 'beard', 'nape'] as const).map(
        (region) => {
          const count = caught(region, w)
          return entry(addDays(START, 7 * (w + 1)), {
            kind: 'check',
            region,
            ...(count ? { finding: 'snag' as const, count, out: count } : { finding: 'glides' as const }),
          })
        },
      ),
    ).flat()
  const AT = addDays(START, 90)
  const rubbed = ['girth', 'chest', 'shoulders']
  it('a harness that does nothing is learned to, and its places fill as without it', () => {
    const coat = coatOn(
      dog(
        { harnessHours: 4, since: START },
        20,
        weekly(() => 0),
      ),
      AT,
    )
    const harsh = coatOn(
      dog(
        { harnessHours: 4, since: START },
        20,
        weekly((id) => (rubbed.includes(id) ? 2 : 0)),
      ),
      AT,
    )
    const times = (c: typeof coat) => c.causes.find((x) => x.cause === 'harness')!.times
    expect(times(coat)).toBeLessThan(1)
    expect(times(harsh)).toBeGreaterThan(1.4)
    const at = harsh.places.findIndex((p) => p.id === 'girth')
    const girth = (c: typeof coat) => c.bornToday()[at]!
    expect(girth(harsh) / girth(coat)).toBeCloseTo(times(harsh) / times(coat), 9)
    // Off for good, none of it is left.
    const off = (c: typeof coat) => c.bornToday([{ kind: 'gear', gear: 'harness', hours: 0 }])[at]!
    expect(off(harsh)).toBeCloseTo(off(coat), 12)
  })
  it('a swim not combed dry is told from rain by when each was', () => {
    const wet = Array.from({ length: 12 }, (_, w) =>
      entry(addDays(START, 7 * w + 3), { kind: 'wet', how: w % 2 ? 'rain' : 'swim', combedDry: false }),
    )
    // All it met came in weeks it swam; the beard is wetted by neither alike, the belly by the swim alone.
    const coat = coatOn(
      dog({ since: START }, 20, [...wet, ...weekly((id, w) => (id !== 'beard' && w % 2 === 0 ? 1 : 0))]),
      AT,
    )
    const times = Object.fromEntries(coat.causes.map((c) => [c.cause, c.times]))
    expect(times.swim).toBeGreaterThan(1)
    expect(times.rain).toBeLessThan(times.swim!)
  })
})

describe('in a richer world than the model', () => {
  it('wins back a third of what not knowing the causes loses, and its eight in ten holds', () => {
    const { wonBack, held, gain, causes } = worldScore(120, 16, 0.5)
    expect(wonBack).toBeGreaterThan(1 / 3)
    expect(gain.learned).toBeGreaterThan(0.6)
    expect(held).toBeGreaterThan(0.7)
    expect(held).toBeLessThan(0.9)
    const all = Object.values(causes)
    const share = all.reduce((s, c) => s + c.held * c.dogs, 0) / all.reduce((s, c) => s + c.dogs, 0)
    expect(share).toBeGreaterThan(0.7)
    expect(share).toBeLessThan(0.9)
  }, 120_000)
  it('loses next to nothing where dogs do not differ in them', () => {
    expect(worldScore(40, 8, 0).nats).toBeGreaterThan(-0.03)
  }, 120_000)
})
