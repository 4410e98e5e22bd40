import { describe, expect, it } from 'vitest'
import { dog, entry, visit } from '../../../tests/support/dogs'
import { Coat } from '../../record/coat'
import { coatOn } from '../../record/fold'
import { addDays } from '../../record/day'
import { chanceOfAnyMat, chanceOfMat, expectedMats } from '../../record/odds'
import { arrivalOf, GO_SHORT_MINUTES } from './arrival'
import { playAhead } from '../../plan/kept'

const AT = '2026-09-20'
const VISIT = '2026-10-20'

describe('what a groomer is about to find', () => {
  it('is the coat on the day of the visit, the owner’s minutes kept', () => {
    const record = dog({ nextVisit: VISIT })
    const a = arrivalOf(record, AT)
    expect(a.visit).toBe(VISIT)
    expect(a.any).toBeCloseTo(chanceOfAnyMat(playAhead(coatOn(record, AT), VISIT).coat.places), 12)
    expect(arrivalOf(dog(), AT).visit).toBeNull()
    expect(arrivalOf(dog(), AT).any).toBeCloseTo(chanceOfAnyMat(coatOn(dog(), AT).places), 12)
  })
  it('says how right home was told so far', () => {
    const check = (day: string) => entry(day, { kind: 'check', region: 'belly', finding: 'glides' })
    const { right } = arrivalOf(dog({ nextVisit: VISIT }, 20, [check('2026-09-10'), check('2026-09-17')]), AT)
    expect([right!.checks, right!.found, right!.sittings]).toEqual([2, 0, 2])
    expect(arrivalOf(dog(), AT).right!.checks).toBe(0)
  })
  it('is the coat as it is where the visit is past, or too far off to say', () => {
    for (const nextVisit of ['2026-09-19', '2027-09-20'])
      expect(arrivalOf(dog({ nextVisit }), AT).visit).toBeNull()
    expect(arrivalOf(dog({ nextVisit: AT }), AT).visit).toBe(AT)
  })
  it('allows at least nothing, and its spread holds its middle; more neglect, more minutes, then short', () => {
    const minutes = [40, 10, 0].map((m) =>
      arrivalOf(dog({ nextVisit: VISIT, minutes: Array(7).fill(m) as number[] }, 40), AT),
    )
    for (const { minutes: m } of minutes) {
      expect(m.low).toBeGreaterThanOrEqual(0)
      expect(m.low).toBeLessThanOrEqual(m.usual)
      expect(m.high).toBeGreaterThan(m.usual)
    }
    const usual = minutes.map((a) => a.minutes.usual)
    expect([...usual].sort((a, b) => a - b)).toEqual(usual)
    expect(minutes[0]!.short).toBe(false)
    expect(usual[2]!).toBeGreaterThan(GO_SHORT_MINUTES)
    expect(minutes[2]!.short).toBe(true)
  })
  it('is to go short where the knots want more than three quarters of an hour, and not where less', () => {
    // Judgement, in the words of the trade's own note: beyond 45 minutes combing out hurts more than it is worth.
    const withMats = (count: number) => {
      const left = entry('2026-09-02', { kind: 'check', region: 'chest', finding: 'mat', count, out: 0 })
      return arrivalOf(dog({ since: '2026-09-01' }, 20, [left]), '2026-09-02')
    }
    const [few, many] = [withMats(4), withMats(7)]
    expect(few.minutes.usual).toBeLessThan(45)
    expect(many.minutes.usual).toBeGreaterThan(45)
    expect(many.minutes.usual).toBeLessThan(80)
    expect([few.short, many.short]).toEqual([false, true])
  })
  it('the spread of one place with nothing learned is that of its Gamma mixture: mean m, variance m + m²(var θ)', () => {
    // φ ~ Gamma(6, 6) and ψ ~ Gamma(3, 3): var θ = E φ² · E ψ² − 1 = (7/6)(4/3) − 1.
    const a = arrivalOf(dog({ minutes: Array(7).fill(0) as number[] }), '2026-09-02')
    const coat = coatOn(dog({ minutes: Array(7).fill(0) as number[] }), '2026-09-02')
    const v = (7 / 6) * (4 / 3) - 1
    const weigh = [0.5, 2, 8]
    const variance = coat.places.reduce(
      (sum, p) => sum + p.unseen.reduce((s, m, k) => s + weigh[k]! ** 2 * (m + v * m * m), 0),
      0,
    )
    // The quadrature over φ is within a hundredth of the Gamma's own second moment.
    expect((a.minutes.high - a.minutes.usual) / (1.2816 * Math.sqrt(variance))).toBeCloseTo(1, 2)
  })
  it('tells concerns that are open, what is refused with how far it is at home, and whether anything was written', () => {
    const record = dog({}, 20, [
      entry('2026-09-10', { kind: 'concern', where: 'beard', seen: ['red'] }),
      entry('2026-09-11', {
        kind: 'check',
        region: 'hindfoot.left',
        finding: 'refused',
        comfort: 'stopped',
      }),
    ])
    const a = arrivalOf(record, AT)
    expect(a.concerns).toEqual([expect.stringMatching(/^Beard: /)])
    expect(a.refuses).toEqual([{ place: 'hindfoot', why: 'refused', works: 'hand near', snapped: false }])
    expect([a.days, a.last, a.known]).toEqual([1, '2026-09-11', true])
    expect(arrivalOf(dog(), AT).known).toBe(false)
  })
  it('tells the shortest and longest hair in whole millimetres, and where a mat is likeliest', () => {
    const record = dog({ nextVisit: VISIT }, 20)
    const a = arrivalOf(record, AT)
    const then = playAhead(coatOn(record, AT), VISIT).coat.places
    const mm = then.map((p) => p.mm)
    expect(a.mm).toEqual([Math.round(Math.min(...mm)), Math.round(Math.max(...mm))])
    expect(a.mm[0]).toBeLessThan(a.mm[1])
    const most = Math.max(...then.map((p) => chanceOfMat(p)))
    expect(a.chance[a.likely!]).toBeCloseTo(most, 12)
    expect(Object.keys(a.chance)).toHaveLength(41)
    expect(a.mats).toBeCloseTo(
      then.reduce((sum, p) => sum + expectedMats(p), 0),
      9,
    )
    // A visit today is of the coat as it stands; one in a hundred and twenty days still is told of, one later is not.
    expect(arrivalOf(dog({ nextVisit: AT }), AT).any).toBeCloseTo(arrivalOf(dog(), AT).any, 12)
    expect(arrivalOf(dog({ nextVisit: addDays(AT, 120) }), AT).visit).toBe(addDays(AT, 120))
    expect(arrivalOf(dog({ nextVisit: addDays(AT, 121) }), AT).visit).toBeNull()
  })
  it('counts a day combed once, by checks or by a sitting, since the last visit; plans tell nothing', () => {
    const on = (day: string) => entry(day, { kind: 'check', region: 'back', finding: 'glides' })
    const sat = entry('2026-09-12', { kind: 'session', minutes: 5, places: 1 })
    const a = arrivalOf(dog({}, 20, [on('2026-09-10'), on('2026-09-10'), sat]), AT)
    expect([a.days, a.last, a.known]).toEqual([2, '2026-09-12', true])
    expect(arrivalOf(dog({}, 20, [on('2026-09-21')]), AT)).toMatchObject({
      days: 0,
      last: null,
      known: false,
    })
    const before = dog({}, 20, [on('2026-09-02'), visit('2026-09-05', 'wool-cross', 20), on('2026-09-06')])
    expect(arrivalOf(before, AT)).toMatchObject({ days: 1, last: '2026-09-06' })
    expect(arrivalOf(dog({}, 20, [visit('2026-09-05', 'wool-cross', 20)]), AT).known).toBe(false)
    const snapped = entry('2026-09-10', {
      kind: 'handling',
      place: 'forefoot',
      step: 1,
      went: 'stopped',
      snapped: true,
    })
    expect(arrivalOf(dog({ hard: ['forefoot'] }, 20, [snapped]), AT).refuses).toEqual([
      { place: 'forefoot', why: 'said', works: 'hand near', snapped: true },
    ])
  })
  it('felt goes short however little else there is', () => {
    const felt = entry(AT, { kind: 'check', region: 'beard', finding: 'felt' })
    expect(arrivalOf(dog({ minutes: Array(7).fill(40) as number[] }, 8, [felt]), AT).short).toBe(true)
  })
  it('leaves the record’s coat as it was', () => {
    const record = dog({ nextVisit: VISIT })
    const before = JSON.stringify(record)
    arrivalOf(record, AT)
    expect(JSON.stringify(record)).toBe(before)
    expect(new Coat(record.profile, 0).places.length).toBe(41)
  })
})
