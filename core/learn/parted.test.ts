import { randomLcg, randomNormal } from 'd3-random'
import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { learnedPart, learnedWhole, noticePart, partOf, unparted, wholeOf } from './parted'

const PARTS = ['body', 'legs', 'ears']
const seeings = fc.array(
  fc.record({
    part: fc.constantFrom(...PARTS),
    value: fc.double({ min: -2, max: 2, noNaN: true }),
    sd: fc.double({ min: 0.05, max: 2, noNaN: true }),
  }),
  { maxLength: 12 },
)
const after = (list: { part: string; value: number; sd: number }[]) =>
  list.reduce((p, s) => noticePart(p, s.part, s.value, s.sd), unparted({ mean: 0.3, sd: 0.4 }, 0.2))

describe('a dog and its parts', () => {
  it('is what whole and parts come to together, by elimination of their normal equations', () => {
    fc.assert(
      fc.property(seeings, (list) => {
        // Precision matrix and pull of whole and of each part's own value.
        const n = PARTS.length + 1
        const A = Array.from({ length: n }, () => new Array<number>(n).fill(0))
        const b = new Array<number>(n).fill(0)
        A[0]![0] = 1 / 0.4 ** 2
        b[0] = 0.3 / 0.4 ** 2
        for (let j = 1; j < n; j++) {
          A[0]![0]! += 1 / 0.2 ** 2
          A[j]![j]! += 1 / 0.2 ** 2
          A[0]![j] = A[j]![0] = -1 / 0.2 ** 2
        }
        for (const { part, value, sd } of list) {
          const j = PARTS.indexOf(part) + 1
          A[j]![j]! += 1 / sd ** 2
          b[j]! += value / sd ** 2
        }
        const inverse = inverted(A)
        const mean = inverse.map((row) => row.reduce((s, x, j) => s + x * b[j]!, 0))
        const p = after(list)
        const held = [wholeOf(p), ...PARTS.map((part) => partOf(p, part))]
        held.forEach((h, j) => {
          expect(h.mean).toBeCloseTo(mean[j]!, 7)
          expect(h.sd).toBeCloseTo(Math.sqrt(inverse[j]![j]!), 7)
        })
      }),
    )
  })
  it('of dogs drawn as it says, eight in ten lie within, and a part’s own seeing beats the whole’s', () => {
    const normal = randomNormal.source(randomLcg(0.4))(0, 1)
    let [within, all, byPart, byWhole] = [0, 0, 0, 0]
    for (let n = 0; n < 2000; n++) {
      const dog = 0.3 + 0.4 * normal()
      const truth = PARTS.map(() => dog + 0.2 * normal())
      const p = after(
        PARTS.slice(0, 2).flatMap((part, j) =>
          [0, 1].map(() => ({ part, value: truth[j]! + 0.15 * normal(), sd: 0.15 })),
        ),
      )
      PARTS.forEach((part, j) => {
        const { interval, now } = learnedPart(p, part)
        within += Number(truth[j]! > interval[0] && truth[j]! < interval[1])
        all += 1
        byPart += (now - truth[j]!) ** 2
        byWhole += (learnedWhole(p).now - truth[j]!) ** 2
      })
    }
    expect(within / all).toBeGreaterThan(0.78)
    expect(within / all).toBeLessThan(0.82)
    expect(byPart).toBeLessThan(0.8 * byWhole)
  })
  it('says how often each was seen, and of one that never was that it is as the dog', () => {
    const p = after([
      { part: 'body', value: 1, sd: 0.1 },
      { part: 'legs', value: 0, sd: 0.1 },
    ])
    expect(learnedWhole(p).seen).toEqual({ mean: 0.5, times: 2 })
    expect(learnedPart(p, 'legs').seen).toEqual({ mean: 0, times: 1 })
    const ears = learnedPart(p, 'ears')
    expect([ears.seen, ears.now]).toEqual([null, learnedWhole(p).now])
  })
})

function inverted(A: number[][]): number[][] {
  const n = A.length
  const M = A.map((row, i) => [...row, ...row.map((_, j) => Number(i === j))])
  for (let i = 0; i < n; i++) {
    const pivot = M[i]![i]!
    M[i] = M[i]!.map((x) => x / pivot)
    for (let k = 0; k < n; k++)
      if (k !== i) {
        const f = M[k]![i]!
        M[k] = M[k]!.map((x, j) => x - f * M[i]![j]!)
      }
  }
  return M.map((row) => row.slice(n))
}
