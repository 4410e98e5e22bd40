import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { usualDrying } from '../coat/drying'
import { careDue } from '../due/due'
import { learnedOf } from '../learn/normal'
import { addDays } from './day'
import type { Entry } from './entries'
import { coatOn } from './fold'
import { learnedGrowth, learnedGrowthOf, learnedPaceAt } from './learned'

const SINCE = '2026-09-01'
const of = (entries: Entry[], more = {}, mm = 20) =>
  coatOn(dog({ since: SINCE, ...more }, mm, entries), '2026-10-20')
const measure = (n: number, mm: number, regions = ['back']) =>
  entry(addDays(SINCE, n), { kind: 'measure', regions, mm } as Entry['what'])

describe('what a record teaches of hair and hands', () => {
  it('growth over a week at least, since it was cut or measured, the better the longer it was', () => {
    const grown = (n: number, mm: number) => learnedGrowthOf(of([measure(n, mm)]), 'body')
    // The back was left 20 mm long.
    expect(grown(20, 30).seen!.mean).toBeCloseTo(0.5, 9)
    expect(grown(6, 30).seen).toBeNull()
    expect(grown(7, 23.5).seen!.mean).toBeCloseTo(0.5, 9)
    // Prior sd 0.08; 2 mm over so many days: normal with normal, in closed form.
    const now = (n: number, rate: number) => {
      const [a, b] = [1 / 0.08 ** 2, 1 / (2 / n) ** 2]
      return (a * 0.35 + b * rate) / (a + b)
    }
    expect(grown(20, 30).now).toBeCloseTo(now(20, 0.5), 9)
    expect(grown(40, 40).now).toBeCloseTo(now(40, 0.5), 9)
  })
  it('not of hair that has come to its length, nor of one nobody measured before', () => {
    // A wire-long back stops at 1.3 times 45 mm; near it nothing is learned.
    const double = (mm: number) => learnedGrowth(of([measure(20, mm)], { coat: 'double-long' }, 45)).seen
    expect(double(50)!.times).toBe(1)
    expect(double(0.96 * 1.3 * 45)).toBeNull()
    const { profile } = dog({ since: SINCE })
    const unseen = coatOn({ profile, entries: [measure(20, 30)] }, '2026-10-20')
    expect(learnedGrowth(unseen).seen).toBeNull()
  })
  it('places measured together are one measure', () => {
    const both = learnedGrowth(of([measure(20, 30, ['back', 'rump'])])).seen!
    expect(both).toEqual({ mean: expect.closeTo(0.5, 9), times: 1 })
  })
  it('drying as times the usual of what was wetted, within e to the one and a half', () => {
    const wash = (minutes: number, more = {}) =>
      entry(addDays(SINCE, 10), {
        kind: 'wash',
        combedOut: true,
        dried: { minutes, with: 'household', ...((more as { dried?: object }).dried ?? {}) },
        ...((more as { places?: string[] }).places ? { places: (more as { places: string[] }).places } : {}),
      } as Entry['what'])
    const then = coatOn(dog({ since: SINCE }, 20), addDays(SINCE, 10))
    const area = then.places.reduce((s, p) => s + p.region.area, 0)
    const mm = then.places.reduce((s, p) => s + p.region.area * p.mm, 0) / area
    const usual = (more = {}) => usualDrying({ coat: 'wool-cross', kg: 12, mm }, 'household', more)!
    const seen = (e: Entry) => learnedOf(of([e]).taught.dryness, Math.exp).seen?.mean
    expect(seen(wash(1.5 * usual()))).toBeCloseTo(1.5, 6)
    expect(seen(wash(1.5 * usual({ watts: 900 }), { dried: { watts: 900 } }))).toBeCloseTo(1.5, 6)
    expect(seen(wash(1.5 * usual({ cold: true }), { dried: { cold: true } }))).toBeCloseTo(1.5, 6)
    expect(seen(wash(100 * usual()))).toBeCloseTo(Math.exp(1.5), 6)
    const rear = then.places.filter((p) => p.region.place === 'thigh')
    const share = rear.reduce((s, p) => s + p.region.area, 0) / area
    const part = usualDrying({ coat: 'wool-cross', kg: 12, mm: rear[0]!.mm }, 'household')!
    expect(seen(wash(1.5 * part * share, { places: ['thigh'] }))).toBeCloseTo(1.5, 6)
    const untimed = of([entry(addDays(SINCE, 10), { kind: 'wash', combedOut: true })])
    expect(learnedOf(untimed.taught.dryness).seen).toBeNull()
    // Once timed it tells much: sd 0.35 before, 0.25 the timing.
    const [a, b] = [1 / 0.35 ** 2, 1 / 0.25 ** 2]
    expect(of([wash(1.5 * usual())]).dries).toBeCloseTo(1.5 ** (b / (a + b)), 6)
  })
  it('pace leans to what is timed as a prior of sd 0.35 and one place of sd 0.8 have it', () => {
    const back = coatOn(dog({ since: SINCE }, 20), addDays(SINCE, 10))
    const usual = back.minutesOf(back.places.find((p) => p.id === 'back')!)
    const timed = entry(addDays(SINCE, 10), {
      kind: 'check',
      region: 'back',
      finding: 'glides',
      seconds: 60 * 2 * usual,
    })
    const [a, b] = [1 / 0.35 ** 2, 1 / 0.8 ** 2]
    expect(learnedPaceAt(of([timed]), 'back').now).toBeCloseTo(2 ** (b / (a + b)), 9)
    // Of the owner it tells less: the place may be slow by itself.
    const [c, d] = [1 / 0.3 ** 2, 1 / (0.8 ** 2 + 0.35 ** 2 - 0.3 ** 2)]
    expect(of([timed]).pace).toBeCloseTo(2 ** (d / (c + d)), 9)
  })
  it('a place that takes long is asked for longer, and others little', () => {
    const slow = (region: string) =>
      Array.from({ length: 12 }, (_, n) =>
        entry(addDays(SINCE, 1 + n), {
          kind: 'check',
          region,
          finding: 'glides',
          seconds: 600,
        } as Entry['what']),
      )
    const [then, now] = [of([]), of(slow('back'))]
    const times = (id: string) => {
      const minutesOf = (c: typeof now) => c.minutesOf(c.places.find((p) => p.id === id)!)
      return minutesOf(now) / minutesOf(then)
    }
    expect(times('back')).toBeGreaterThan(1.2 * times('beard'))
    expect(times('beard')).toBeGreaterThan(1.05)
  })
  it('each part grows as it was measured, and what nobody measured as the dog', () => {
    const legs = ['foreleg.left', 'foreleg.right', 'hock.left', 'hock.right']
    const measured = of([measure(20, 30), measure(20, 22, legs), measure(40, 42), measure(40, 24, legs)])
    const { body, legs: slow, ears } = measured.perDay
    expect([body > ears, ears > slow]).toEqual([true, true])
    expect(ears).toBeCloseTo(learnedGrowth(measured).now, 9)
    expect([learnedGrowth(measured).seen!.times, learnedGrowthOf(measured, 'legs').seen!.times]).toEqual([
      4, 2,
    ])
    const due = careDue(dog({ since: SINCE }, 20), '2026-10-20', { ...measured.perDay, legs: 0.2 })
    const every = Object.fromEntries(due.map((d) => [d.care, d.interval.prior]))
    expect(every['paws']).toBeCloseTo(8.5 / 0.2, 6)
    expect(every['ears']).toBeCloseTo(Math.min(42, 12 / ears), 6)
  })
  it('another coat begins its growth and its tightening anew, and keeps its owner’s pace', () => {
    const before = [measure(20, 30)]
    const grown = entry(addDays(SINCE, 30), { kind: 'dog', coat: 'wire' })
    expect(learnedGrowth(of([...before, grown]))).toMatchObject({ seen: null, now: 0.3 })
  })
})
