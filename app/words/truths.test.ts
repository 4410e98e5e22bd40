import { describe, expect, it } from 'vitest'
import type { FactOf } from '#core/record/entries'
import { sayStanding, sayTruths } from './truths'

const dog = (d: Omit<FactOf<'dog'>, 'kind'>): FactOf<'dog'> => ({ kind: 'dog', ...d })

describe('what became true of a dog, in words', () => {
  it('begins with a capital, and each further thing without', () => {
    expect(sayTruths(dog({ weightKg: 12, collarAllDay: true }))).toEqual(['12 kg', 'collar all day'])
    expect(sayTruths(dog({ neutered: true, harnessHours: 2 }))).toEqual([
      'Neutered',
      'harness two hours a day',
    ])
  })
  it('says a count it goes by, and that it goes by none again', () => {
    const like = { version: 3, coat: 'wool' as const, times: { hot: 1.4 } }
    expect(sayTruths(dog({ like }))).toEqual(['Goes by what coats like it come to, count 3'])
    expect(sayTruths(dog({ like: { ...like, times: {} } }))).toEqual(['Goes by what is taken of its coat'])
  })
  it.each([
    [{ hard: [] }, 'Hard: no place', 'nothing'],
    [{ absent: [] }, 'Has no place missing', 'all there'],
    [{ marks: [] }, 'No marks', 'no marks'],
    [{ condition: [] }, 'Sound', 'sound'],
    [{ garments: [] }, 'No clothes', 'no clothes'],
    [{ helps: {} }, 'Nothing said of what helps', 'nothing said of what helps'],
    [{ works: [] }, 'Nothing said of what works', 'nothing said of what works'],
    [{ nextVisit: null }, 'No visit booked', 'no visit booked'],
    [{ harnessHours: 0 }, 'No harness', 'none'],
  ] as const)('says %o to be none', (d, alone, standing) => {
    const fact = dog(d as unknown as Omit<FactOf<'dog'>, 'kind'>)
    expect(sayTruths(fact)).toEqual([alone])
    expect(sayStanding(Object.keys(d)[0] as keyof FactOf<'dog'>, fact)).toBe(standing)
  })
  it('a week of the same minutes is said once, another day by day', () => {
    expect(sayStanding('minutes', dog({ minutes: [12, 12, 12, 12, 12, 12, 12] }))).toBe('12 minutes a day')
    expect(sayStanding('minutes', dog({ minutes: [12, 12, 12, 12, 12, 40, 0] }))).toBe(
      '12, 12, 12, 12, 12, 40, 0',
    )
  })
})
