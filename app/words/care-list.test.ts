import { describe, expect, it } from 'vitest'
import type { CareItem } from '#core/plan/today-care'
import { sayCareItem, sayWaits } from './care-list'

const item = (more: Partial<CareItem>): CareItem => ({
  care: 'paws',
  units: ['paws.right'],
  parts: ['paw.forefoot.right', 'paw.hindfoot.right'],
  minutes: 4,
  last: null,
  due: '2026-09-01',
  lateADay: 1,
  ...more,
})

describe('a row of the day’s list', () => {
  it('names the feet that wait: a side, one foot, or all four', () => {
    expect(sayCareItem(item({}))).toBe('Right feet')
    expect(sayCareItem(item({ parts: ['paw.hindfoot.right'] }))).toBe('Right hind foot')
    const all = [
      'paw.forefoot.left',
      'paw.forefoot.right',
      'paw.hindfoot.left',
      'paw.hindfoot.right',
    ] as const
    expect(sayCareItem(item({ units: ['paws.left', 'paws.right'], parts: [...all] }))).toBe('Paws')
  })
  it('names what has no halves as a whole', () => {
    expect(sayCareItem(item({ care: 'ear-look', units: ['ear-look'], parts: [] }))).toBe('Look in the ears')
  })
})

describe('what does not fit today', () => {
  const today = '2026-09-20'
  const wait = (until: string | null, more: Partial<CareItem> = {}) =>
    sayWaits(item({ last: '2026-08-20', due: '2026-09-18', ...more }), until, today)
  it('says when it comes, near by its name and further off by its date', () => {
    expect(wait('2026-09-20')).toBe('can wait till today: nothing lost')
    expect(wait('2026-09-21')).toBe('can wait till tomorrow: three days late by then')
    expect(wait('2026-09-24')).toBe('can wait till Thursday: six days late by then')
    expect(wait('2026-10-12')).toBe('can wait till 12 October: 24 days late by then')
    expect(wait('2026-10-12', { last: null })).toBe('can wait till 12 October: not done yet')
  })
  it('or that it finds none, of a bath how much in one go it wants', () => {
    expect(wait(null)).toBe('finds no day yet')
    expect(wait(null, { care: 'bath', minutes: 61.6 })).toBe(
      'wants 62 minutes and the comb in one go, more than any day has',
    )
  })
})
