import { describe, expect, it } from 'vitest'
import { CARE_UNITS, lateMinutes } from '../due/care-units'
import type { CareUnit } from '../due/care-units'
import { CARE_IDS } from '../record/tidies'
import type { CareUnitId } from '../record/tidies'
import { careItems, isDoneToday, isDue, worthOf } from './today-care'

const AT = '2026-09-20'
const unit = (id: CareUnitId, more: Partial<CareUnit> = {}): CareUnit => ({
  unit: id,
  care: CARE_UNITS[id].care,
  parts: [],
  waiting: [],
  last: '2026-09-01',
  due: AT,
  since: 19,
  every: 19,
  minutes: 4,
  firstMinutes: 3,
  drying: 0,
  refused: false,
  ...more,
})

describe('care on a day’s list', () => {
  it('is once for each kind, in the order of work, with the minutes and parts of its units', () => {
    const items = careItems(
      [
        unit('paws.right', { parts: ['paw.forefoot.right'], due: '2026-09-18', last: null }),
        unit('paws.left', {
          parts: ['paw.forefoot.left', 'paw.hindfoot.left'],
          waiting: ['paw.hindfoot.left'],
        }),
        unit('face', { last: '2026-09-03' }),
        unit('nails.left', { last: '2026-09-05' }),
        unit('nails.right', { last: '2026-09-04' }),
      ],
      (u) => u.firstMinutes,
    )
    expect(items.map((i) => i.care)).toEqual(CARE_IDS.filter((c) => items.some((i) => i.care === c)))
    const of = (care: string) => items.find((i) => i.care === care)!
    expect(of('paws')).toMatchObject({
      units: ['paws.right', 'paws.left'],
      parts: ['paw.forefoot.right', 'paw.hindfoot.left'],
      minutes: 6,
      // One side was never done: there is no last time for both.
      last: null,
      due: '2026-09-18',
    })
    expect(of('nails')).toMatchObject({ last: '2026-09-04', minutes: 6 })
    const aDay = lateMinutes(20, 19, 2) - lateMinutes(19, 19, 2)
    expect(of('face').lateADay).toBeCloseTo(aDay, 12)
    expect(of('nails').lateADay).toBeCloseTo(2 * aDay, 12)
    expect(aDay).toBeGreaterThan(0)
  })
  it('is due on its day and after, but for what was done today and what is left to a visit just ahead', () => {
    expect(isDue(unit('paws.left'), AT, undefined)).toBe(true)
    expect(isDue(unit('paws.left', { due: '2026-09-19' }), AT, undefined)).toBe(true)
    expect(isDue(unit('paws.left', { due: '2026-09-21' }), AT, undefined)).toBe(false)
    expect(isDue(unit('paws.left'), AT, '2026-09-24')).toBe(false)
    expect(isDue(unit('paws.left'), AT, '2026-09-25')).toBe(true)
    const done = unit('paws.left', { last: AT, since: 0 })
    expect([isDoneToday(done, AT), isDue(done, AT, undefined)]).toEqual([true, false])
    // One of its feet was done today, another waits.
    expect(isDoneToday(unit('paws.left', { last: '2026-09-01', since: 0 }), AT)).toBe(false)
    expect(isDoneToday(unit('paws.left', { last: AT, since: 3 }), AT)).toBe(false)
  })
  it('is worth more the later it would be, for each of its minutes', () => {
    const late = lateMinutes(22, 19, 2) - lateMinutes(19, 19, 2)
    expect(worthOf(unit('face'), 3)).toBeCloseTo(1 + late / 3, 12)
    expect(worthOf(unit('face', { since: 2 }), 3)).toBe(1)
    expect(worthOf(unit('face'), 3)).toBeGreaterThan(worthOf(unit('paws.left'), 3))
  })
})
