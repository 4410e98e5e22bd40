import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, everyPart, profile } from '../../../tests/support/dogs'
import { REGION_IDS } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import { addDays, daysBetween } from '../../record/day'
import type { FactOf } from '../../record/entries'
import { playAhead } from '../../plan/kept'
import { coatOn } from '../../record/fold'
import { expectedMats } from '../../record/odds'
import { afterVisit } from './after-visit'
import { suggestVisit, VISIT_WEEKS } from './next-visit'

const DAY = '2026-10-20'
const visit = (more: Partial<FactOf<'visit'>> = {}): FactOf<'visit'> => ({
  kind: 'visit',
  lengths: everyPart(13),
  found: [],
  by: 'Imke',
  ...more,
})
const found = (...mats: RegionId[]) =>
  REGION_IDS.map((region) =>
    mats.includes(region)
      ? { region, finding: 'mat' as const, count: 1 }
      : { region, finding: 'glides' as const },
  )

describe('what a visit leaves in the profile', () => {
  const suggests = { day: '2026-12-01', why: '' }
  it('a visit booked for then or earlier is over, and the suggested one is booked; a later one stands', () => {
    const booked = (nextVisit?: string) =>
      afterVisit(profile(nextVisit ? { nextVisit } : {}), DAY, visit({ suggests })).nextVisit
    expect(booked()).toBe('2026-12-01')
    expect(booked(DAY)).toBe('2026-12-01')
    expect(booked('2026-10-01')).toBe('2026-12-01')
    expect(booked('2026-10-21')).toBe('2026-10-21')
    expect(afterVisit(profile({ nextVisit: DAY }), DAY, visit()).nextVisit).toBeUndefined()
  })
  it('what the groomer allows is the owner’s setting, with the name; what was shown before stays', () => {
    const allows = { setting: 'taught' as const, taught: ['rear-blade' as const], mats: true }
    const taught = afterVisit(profile(), DAY, visit({ allows }))
    expect(taught.habits).toEqual({
      setting: 'taught',
      taughtBy: 'Imke',
      taught: ['rear-blade'],
      matsShownBy: 'Imke',
    })
    const back = afterVisit(taught, DAY, visit({ allows: { setting: 'comb', taught: [], mats: false } }))
    expect(back.habits).toEqual({ setting: 'comb', taughtBy: 'Imke', taught: ['rear-blade'] })
    expect(afterVisit(taught, DAY, visit()).habits).toEqual(taught.habits)
  })
  it('a suggestion for that day or before books nothing; who came is the groomer; shown tidies replace what was said', () => {
    const of = (more: object, before = profile()) => afterVisit(before, DAY, visit(more))
    expect(of({ suggests: { day: DAY, why: '' } }).nextVisit).toBeUndefined()
    expect(of({}).groomer).toBe('Imke')
    expect(afterVisit(profile({ groomer: 'Odo' }), DAY, visit({ by: undefined }))).toEqual(
      profile({ groomer: 'Odo' }),
    )
    const allows = { setting: 'comb', taught: [], may: { face: ['blunt-scissors'] } }
    expect(of({ allows }).habits).toEqual({
      setting: 'comb',
      may: { face: { setting: 'taught', with: ['blunt-scissors'], by: 'Imke' } },
    })
    const said = profile({ habits: { may: { ears: { setting: 'scissors' } } } })
    expect(of({ allows: { setting: 'comb', taught: [] } }, said).habits).toEqual({ setting: 'comb' })
    // Nobody's name, nobody's leave.
    expect(of({ allows, by: undefined }).habits).toBeUndefined()
  })
  it('a clip at home leaves it as it was', () => {
    const before = profile({ nextVisit: DAY })
    expect(afterVisit(before, DAY, visit({ home: true, suggests }))).toBe(before)
  })
})

describe('a visit on the coat', () => {
  const after = (what: FactOf<'visit'>) => coatOn(dog({}, 20, [entry(DAY, what)]), DAY).state().regions
  it('single places have their own length', () => {
    const regions = after(visit({ except: [{ place: 'armpit', mm: 3 }] }))
    expect([regions['armpit.left']!.mm, regions['armpit.right']!.mm, regions.chest!.mm]).toEqual([3, 3, 13])
  })
  it('gone over whole it teaches: mats raise the rate there, gliding lowers it', () => {
    const told = after(visit({ found: found('beard') }))
    const silent = after(visit())
    expect(told.beard!.rate.mean).toBeGreaterThan(after(visit({ found: found() })).beard!.rate.mean)
    expect(told.chest!.rate.mean).toBeLessThan(silent.chest!.rate.mean)
    expect(told.beard!.left).toEqual([])
  })
  it('what the groomer was not allowed either is neither cut nor clear', () => {
    const refused = visit({ found: [{ region: 'hindfoot.left', finding: 'refused' }] })
    const regions = after(refused)
    expect(regions['hindfoot.left']!.mm).toBeGreaterThan(13)
    expect(regions['hindfoot.left']!.clearOn).not.toBe(DAY)
    expect(regions['hindfoot.right']!.mm).toBe(13)
  })
})

describe('when to come again', () => {
  const ask = (minutes: number, mats: RegionId[], mm = 13) =>
    suggestVisit(dog({ minutes: Array(7).fill(minutes) as number[] }, 20), {
      ...entry(DAY, visit({ lengths: everyPart(mm), found: found(...mats) })),
      what: visit({ lengths: everyPart(mm), found: found(...mats) }),
    })
  it('more minutes never bring it sooner, nor more mats later; always between four and twelve weeks', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 0, max: 30 }),
        fc.integer({ min: 0, max: 8 }),
        fc.integer({ min: 6, max: 60 }),
        (minutes, n, mm) => {
          const mats = REGION_IDS.slice(0, n)
          const asked = ask(minutes, mats, mm)
          expect(asked.weeks).toBeGreaterThanOrEqual(VISIT_WEEKS.least)
          expect(asked.weeks).toBeLessThanOrEqual(VISIT_WEEKS.most)
          expect(daysBetween(DAY, asked.day)).toBe(7 * asked.weeks)
          expect(asked.found).toBe(n)
          expect(ask(minutes, REGION_IDS.slice(0, n + 6), mm).weeks).toBeLessThanOrEqual(asked.weeks)
        },
      ),
      { numRuns: 4 },
    )
    expect(ask(30, []).weeks).toBeGreaterThanOrEqual(ask(0, []).weeks)
  }, 30_000)
  it('is the last whole week at which a mat anywhere is less likely than not, and tells the odds of 4, 6 and 8', () => {
    for (const minutes of [3, 8, 14]) {
      const record = dog({ minutes: Array(7).fill(minutes) as number[] }, 20)
      const what = visit({ lengths: everyPart(13), found: found() })
      const asked = suggestVisit(record, { ...entry(DAY, what), what })
      const after = coatOn({ ...record, entries: [...record.entries, entry(DAY, what)] }, DAY)
      const { chances } = playAhead(after, addDays(DAY, 84))
      const even = [5, 6, 7, 8, 9, 10, 11, 12].findIndex((w) => chances[7 * w]! >= 0.5)
      expect(asked.weeks).toBe(even === -1 ? 12 : 4 + even)
      expect(asked.odds.map((o) => [o.weeks, o.day])).toEqual([
        [4, '2026-11-17'],
        [6, '2026-12-01'],
        [8, '2026-12-15'],
      ])
      for (const o of asked.odds) expect(o.chance).toBeCloseTo(chances[7 * o.weeks]!, 9)
      expect(asked.forecast).toBeCloseTo(
        coatOn(record, DAY).places.reduce((sum, p) => sum + expectedMats(p), 0),
        9,
      )
    }
    expect([VISIT_WEEKS.least, VISIT_WEEKS.most]).toEqual([4, 12])
  }, 30_000)
  it('tells what was forecast as the record stood', () => {
    const { forecast } = ask(0, [])
    expect(forecast).toBeGreaterThan(1)
    expect(addDays(DAY, 7 * ask(0, []).weeks)).toBe(ask(0, []).day)
  })
})
