import { describe, expect, it } from 'vitest'
import { profile } from '../../tests/support/dogs'
import { COATS } from '../coat/coat-types'
import { regionOf } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { UNDER } from '../learn/causes'
import type { FactOf } from './entries'
import { coverListOf, exposuresOn } from './exposures'
import type { Profile } from './profile'

const gear = (of: 'harness' | 'collar' | 'coat', hours: number): FactOf<'gear'> => ({
  kind: 'gear',
  gear: of,
  hours,
})
const on = (more: Partial<Profile> = {}, worn: FactOf<'gear'>[] = [], day = '2026-07-10') => {
  const dog = profile(more)
  return exposuresOn(dog, COATS[dog.coat], worn, day, null)
}
const at = (e: ReturnType<typeof on>, id: RegionId) => {
  const k = coverListOf(regionOf(id))
  return { dry: e.dry[k], wet: e.wet[k], under: e.under[k] }
}

describe('what places are exposed to on a day', () => {
  it('as the dog usually lives, but for what it wore that day', () => {
    const usual = on({ harnessHours: 4 })
    expect(at(usual, 'girth')).toMatchObject({ dry: 2, wet: 6, under: UNDER.harness })
    expect(at(usual, 'tail')).toMatchObject({ dry: 1, wet: 3, under: 0 })
    expect(at(on({ harnessHours: 4 }, [gear('harness', 0)]), 'girth').dry).toBe(1)
    expect(at(on({}, [gear('harness', 2)]), 'girth')).toMatchObject({ dry: 1.5, under: UNDER.harness })
  })
  it('a collar counts from twelve hours on; worn less than an hour gear tells nothing of what it does', () => {
    const collar = (hours: number) => at(on({}, [gear('collar', hours)]), 'collar-line').dry
    expect([collar(11), collar(12)]).toEqual([1, 1.5])
    expect(at(on({ collarAllDay: true }), 'collar-line')).toMatchObject({ dry: 1.5, under: UNDER.collar })
    expect(at(on({ collarAllDay: true }), 'tail').under).toBe(0)
    const harness = (hours: number) => at(on({}, [gear('harness', hours)]), 'girth').under
    expect([harness(0.9), harness(1)]).toEqual([0, UNDER.harness])
    const coat = (hours: number) => at(on({}, [gear('coat', hours)]), 'shoulders').under! & UNDER.coat
    expect([coat(0.9), coat(1)]).toEqual([0, UNDER.coat])
  })
  it('clothes, seasons and a pup’s coat by the month', () => {
    const garments = [{ what: 'coat', from: 7, to: 7, hours: 8 }]
    expect(at(on({ garments }), 'shoulders').dry).toBe(2)
    expect(at(on({ garments }, [], '2026-08-10'), 'shoulders').dry).toBe(1)
    const shed = (day: string) => at(on({ coat: 'double-long' }, [], day), 'tail')
    expect(shed('2026-10-10')).toMatchObject({ dry: 1.8, under: UNDER.shed })
    expect(shed('2026-07-10')).toMatchObject({ dry: 1, under: 0 })
    expect(at(on({ born: '2025-11' }), 'tail')).toMatchObject({ dry: 2, under: UNDER.puppy })
  })
  it('a day like the one before is given back as it was', () => {
    const dog = profile({ harnessHours: 2 })
    const before = exposuresOn(dog, COATS[dog.coat], [], '2026-07-10', null)
    const next = (worn: FactOf<'gear'>[], p = dog, day = '2026-07-11') =>
      exposuresOn(p, COATS[p.coat], worn, day, before)
    expect(next([])).toBe(before)
    for (const worn of [gear('harness', 3), gear('collar', 20), gear('coat', 2)])
      expect(next([worn])).not.toBe(before)
    expect(next([], { ...dog, born: '2025-11' })).not.toBe(before)
    expect(next([], { ...dog, coat: 'double-long' }, '2026-10-11')).not.toBe(before)
  })
})
