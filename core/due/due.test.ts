import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { COAT_IDS } from '../coat/coat-types'
import type { CoatId } from '../coat/coat-types'
import { addDays } from '../record/day'
import type { Entry, FactOf } from '../record/entries'
import { CARE_IDS } from '../record/tidies'
import { careDue, careInterval, isPlanned, leftToVisit } from './due'

const START = '2026-09-01'
const tidied = (day: string, was?: FactOf<'tidy'>['was']) =>
  entry(day, { kind: 'tidy', tidy: 'paws', ...(was ? { was } : {}) })

/** Common practice, no source. */
describe('care that falls due', () => {
  it('paws: three to four weeks on fast growers, six on slow', () => {
    expect(careInterval(dog({ coat: 'wool-cross' }), 'paws')!.now / 7).toBeCloseTo(3.5, 0)
    expect(careInterval(dog({ coat: 'double-short' }), 'paws')!.now / 7).toBeCloseTo(6, 0)
  })
  it('face runs out first of the tidies, and double coats want no sanitary tidy', () => {
    const due = careDue(dog({ coat: 'wool' }), START).map((d) => d.care)
    for (const later of ['paws', 'sanitary', 'ears'] as const)
      expect(due.indexOf('face')).toBeLessThan(due.indexOf(later))
    expect(careInterval(dog({ coat: 'double-long' }), 'sanitary')).toBe(null)
  })
  it('by growth: the closed form, millimetres over millimetres a day, whatever the growth', () => {
    fc.assert(
      fc.property(fc.double({ min: 0.12, max: 0.6, noNaN: true }), (growth) => {
        expect(careInterval(dog(), 'paws', growth)!.now).toBeCloseTo(8.5 / growth, 6)
        expect(careInterval(dog(), 'face', growth)!.now).toBeCloseTo(Math.min(21, 8 / growth), 6)
        expect(careInterval(dog(), 'ears', growth)!.now).toBeCloseTo(Math.min(42, 12 / growth), 6)
      }),
    )
  })
  it('double coats are bathed every six to eight weeks, curly and drop coats every three to six', () => {
    for (const coat of ['double-long', 'double-short'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(42)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(56)
    }
    for (const coat of ['wool', 'wool-cross', 'drop'] as const) {
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeGreaterThanOrEqual(21)
      expect(careInterval(dog({ coat }), 'bath')!.now).toBeLessThanOrEqual(42)
    }
  })
  it('has an answer for every coat, none in the past', () => {
    for (const coat of COAT_IDS)
      for (const d of careDue(dog({ coat, since: START }), addDays(START, 200)))
        expect(d.day >= addDays(START, 200)).toBe(true)
  })

  it('nothing told, the interval is the prior; told, it leans to what was told', () => {
    const bare = careInterval(dog(), 'paws')!
    expect(bare.now).toBeCloseTo(bare.prior, 9)
    expect(bare.seen).toBe(null)
    const told = (was: FactOf<'tidy'>['was']) =>
      careInterval(
        dog({}, 20, [tidied('2026-09-20'), tidied('2026-10-14', was), tidied('2026-11-07', was)]),
        'paws',
      )!
    expect(told('not-yet').now).toBeGreaterThan(bare.now)
    expect(told('overdue').now).toBeLessThan(bare.now)
    expect(told('right').now).toBeCloseTo(24, 0)
    expect(told('right').seen!.times).toBe(2)
  })

  it('says of time: right as it was, not yet a third longer, overdue a quarter shorter; as logarithms', () => {
    const told = (was: FactOf<'tidy'>['was']) =>
      careInterval(dog({}, 20, [tidied('2026-09-20'), tidied('2026-10-14', was)]), 'paws')!.seen!.mean
    expect(told('right')).toBeCloseTo(24, 9)
    expect(told('not-yet')).toBeCloseTo(24 * 1.3, 9)
    expect(told('overdue')).toBeCloseTo(24 * 0.75, 9)
  })
  it('what is not asked after is learned from how often it is done, but for what was forgotten', () => {
    const look = (day: string) => entry(day, { kind: 'tidy', tidy: 'look-over' })
    const every = (...days: string[]) => careInterval(dog({}, 20, days.map(look)), 'look-over')!
    expect(every('2026-09-10').seen).toBeNull()
    expect(every('2026-09-10', '2026-09-14').seen!.mean).toBeCloseTo(4, 9)
    // Twice its seven days and no further.
    expect(every('2026-09-10', '2026-09-24').seen!.times).toBe(1)
    expect(every('2026-09-10', '2026-09-25').seen).toBeNull()
    // A look is never wanted less often than its own prior.
    expect(every('2026-09-10', '2026-09-23').now).toBe(7)
    expect(every('2026-09-10', '2026-09-12').now).toBeLessThan(7)
    const bath = (day: string, more = {}) => entry(day, { kind: 'wash', combedOut: true, ...more })
    const baths = (...list: ReturnType<typeof bath>[]) => careInterval(dog({}, 20, list), 'bath')!
    expect(baths(bath('2026-09-11'), bath('2026-10-01')).seen).toMatchObject({ times: 2 })
    expect(baths(bath('2026-09-11', { places: ['beard'] })).seen).toBeNull()
    // A rake tells by what it met.
    const raked = (day: string, finding: 'clear' | 'packed') => entry(day, { kind: 'undercoat', finding })
    const rake = (finding: 'clear' | 'packed') =>
      careInterval(dog({ coat: 'double-long' }, 20, [raked('2026-09-15', finding)]), 'undercoat')!.seen!.mean
    expect([rake('clear'), rake('packed')]).toEqual([
      expect.closeTo(14 * 1.3, 9),
      expect.closeTo(14 * 0.75, 9),
    ])
  })
  it('set by the owner it is that, whatever was learned, on a coat that seldom wants it too', () => {
    const set = (coat: CoatId, days: number) =>
      careInterval(dog({ coat, habits: { every: { sanitary: days } } }), 'sanitary')!
    expect(set('wool', 9)).toMatchObject({ now: 9, set: 9, prior: expect.closeTo(28, 9) })
    expect(set('double-long', 9)).toMatchObject({ now: 9, set: 9, prior: expect.closeTo(9, 9) })
    expect(careInterval(dog(), 'sanitary')!.set).toBeNull()
  })
  it('a foot cut by itself waits since its own last time; what a visit did whole counts for all of it', () => {
    const foot = (day: string, side: 'left' | 'right', was?: FactOf<'tidy'>['was']) =>
      entry(day, {
        kind: 'tidy',
        tidy: 'paws',
        parts: [{ part: `paw.forefoot.${side}`, did: 'done', how: 'cut' }],
        ...(was ? { was } : {}),
      })
    const of = (...entries: ReturnType<typeof entry>[]) => careInterval(dog({}, 20, entries), 'paws')!
    // Left then right a day after: each waited since the groomer, 20 and 21 days.
    expect(of(foot('2026-09-21', 'left', 'right')).seen!.mean).toBeCloseTo(20, 9)
    const two = of(foot('2026-09-21', 'left', 'right'), foot('2026-09-22', 'right', 'right'))
    expect(two.seen!.mean).toBeCloseTo(Math.sqrt(20 * 21), 9)
    const due = careDue(dog({}, 20, [foot('2026-09-21', 'left')]), '2026-09-21').find(
      (d) => d.care === 'paws',
    )!
    expect(due.parts.map((p) => [p.part, p.last])).toEqual([
      ['paw.forefoot.left', '2026-09-21'],
      ['paw.forefoot.right', '2026-09-01'],
      ['paw.hindfoot.left', '2026-09-01'],
      ['paw.hindfoot.right', '2026-09-01'],
    ])
    expect(due.day).toBe(addDays('2026-09-01', Math.round(due.interval.now)))
  })
  it('falls due by what runs out first; other parts once they were cut at home by name', () => {
    const face = (more: Entry[] = [], habits = {}) =>
      careDue(dog({ habits: { setting: 'scissors', ...habits } }, 20, more), '2026-09-10')
        .find((d) => d.care === 'face')!
        .parts.map((p) => p.part)
    const RUN_OUT = ['eye-corner.left', 'eye-corner.right', 'eye-side.left', 'eye-side.right']
    expect(face()).toEqual(RUN_OUT)
    const cut = (part: string, how = 'cut') =>
      entry('2026-09-05', {
        kind: 'tidy',
        tidy: 'face',
        parts: [{ part, did: 'done', how }],
      } as Entry['what'])
    expect(face([cut('beard')])).toEqual([...RUN_OUT, 'beard'])
    expect(face([cut('beard', 'combed')])).toEqual(RUN_OUT)
    // With cloth and comb the corners are cleaned by the day, and their hair is the groomer’s.
    expect(face([], { setting: 'comb' })).toEqual(['eye-side.left', 'eye-side.right'])
    const sanitary = careDue(dog(), '2026-09-10').find((d) => d.care === 'sanitary')!.parts
    expect(sanitary.map((p) => p.part)).toEqual(['belly', 'privates', 'under-tail'])
    const ears = careDue(dog(), '2026-09-10').find((d) => d.care === 'ears')!.parts
    expect(ears.map((p) => p.part)).toEqual(['ear-edge.left', 'ear-edge.right'])
    expect(careDue(dog(), '2026-09-10').find((d) => d.care === 'bath')!.parts).toEqual([])
  })
  it('is in order of its days, and what is past is due today', () => {
    const all = careDue(dog(), '2026-12-01')
    expect(all.every((d) => d.day >= '2026-12-01')).toBe(true)
    const days = careDue(dog(), START).map((d) => d.day)
    expect([...days].sort()).toEqual(days)
    // Undercoat comes every two weeks in a shed, and half as often out of it.
    const rake = (at: string) =>
      careDue(dog({ coat: 'double-long', since: at }, 20), at).find((d) => d.care === 'undercoat')!.interval
        .now
    expect([rake('2026-10-01'), rake('2026-07-01')]).toEqual([expect.closeTo(14, 9), expect.closeTo(28, 9)])
  })
  it('has a day in a plan where it comes every ten days or seldomer', () => {
    const planned = CARE_IDS.filter((care) => isPlanned(care, 'wool'))
    expect([...planned].sort()).toEqual(['bath', 'ears', 'face', 'paws', 'sanitary'])
    expect(CARE_IDS.filter((care) => isPlanned(care, 'wire')).sort()).toEqual([
      'bath',
      'face',
      'paws',
      'sanitary',
      'undercoat',
    ])
  })
  it('just before a visit what the groomer does anyway is left to it, and looks are not', () => {
    expect(leftToVisit('paws', addDays(START, 4), START)).toBe(true)
    expect(leftToVisit('paws', addDays(START, 5), START)).toBe(false)
    expect(leftToVisit('paws', START, START)).toBe(true)
    expect(leftToVisit('paws', addDays(START, -1), START)).toBe(false)
    expect(leftToVisit('look-over', addDays(START, 1), START)).toBe(false)
    expect(leftToVisit('paws', undefined, START)).toBe(false)
  })
})
