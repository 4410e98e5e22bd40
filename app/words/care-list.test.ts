import { describe, expect, it } from 'vitest'
import type { CareItem } from '#core/plan/today-care'
import { sayCareItem } from './care-list'

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
