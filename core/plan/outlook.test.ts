import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { addDays } from '../record/day'
import { coatOn } from '../record/fold'
import { outlookOf } from './outlook'

const AT = '2026-09-10'
const left = entry(AT, { kind: 'check', region: 'beard', finding: 'knot', count: 3, out: 1 })
const coat = () => coatOn(dog({ harnessHours: 4 }, 20, [left]), AT)

describe('a coat’s days ahead, as numbers', () => {
  it('has each day what is born that day and what combing takes, as the coat itself carried there', () => {
    const outlook = outlookOf(coat(), addDays(AT, 6))
    expect(outlook).toMatchObject({ from: AT, days: 6, mu: coat().tightening })
    for (const d of [0, 1, 6]) {
      const then = coat().passTo(addDays(AT, d))
      const [wet, dry] = [then.bornToday(), then.bornToday([], true)]
      then.places.forEach((p, i) => {
        expect(outlook.places[i]!.id).toBe(p.id)
        expect(outlook.places[i]!.bornLeft[d]).toBeCloseTo(wet[i]!, 12)
        expect(outlook.places[i]!.bornDry[d]).toBeCloseTo(dry[i]!, 12)
        expect(outlook.places[i]!.comb[d]).toBeCloseTo(then.minutesOf(p), 12)
      })
    }
    for (const p of outlook.places) expect(p.comb).toHaveLength(7)
  })
  it('begins with what is there: expected of what nobody saw, and what was left in by its stage', () => {
    const { places } = outlookOf(coat(), addDays(AT, 3))
    const beard = coat().places.find((p) => p.id === 'beard')!
    const here = places.find((p) => p.id === 'beard')!
    expect(here.unseen).toEqual(beard.unseen)
    const [l] = beard.left
    expect(here.left).toEqual([0, 1, 2].map((k) => l!.count * l!.stages[k]!))
    expect(here.left.reduce((a, b) => a + b)).toBeCloseTo(2, 9)
    expect(places.find((p) => p.id === 'back')!.left).toEqual([0, 0, 0])
  })
  it('a swim a week wets two days of its seven what a swim wets, and no week has more than its days', () => {
    const plain = outlookOf(coat(), addDays(AT, 2))
    const times = (swims: number, id: string) => {
      const at = plain.places.findIndex((p) => p.id === id)
      return outlookOf(coat(), addDays(AT, 2), swims).places[at]!.bornDry[1]! / plain.places[at]!.bornDry[1]!
    }
    // Wet counts three times (judgement): 1 + 2 · 2/7 with one swim.
    expect(times(1, 'back')).toBeCloseTo(1 + (2 * 2) / 7, 9)
    expect(times(9, 'back')).toBeCloseTo(3, 9)
    expect(times(0, 'back')).toBe(1)
    expect(times(3, 'crown')).toBe(1)
  })
  it('of a day past it has that day alone, and leaves the coat as it was', () => {
    const from = coat()
    const before = JSON.stringify(from.state())
    expect(outlookOf(from, addDays(AT, -3))).toMatchObject({ days: 0 })
    outlookOf(from, addDays(AT, 9))
    expect(JSON.stringify(from.state())).toBe(before)
  })
})
