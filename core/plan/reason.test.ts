import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { RegionId } from '../coat/regions'
import type { Entry } from '../record/entries'
import { coatOn } from '../record/fold'
import type { Profile } from '../record/profile'
import { daysSince, reasonFor } from './reason'

const AT = '2026-09-10'
const check = (day: string, region: RegionId, more: object = {}) =>
  entry(day, { kind: 'check', region, finding: 'glides', ...more } as Entry['what'])
const why = (place: string, entries: Entry[] = [], more: Partial<Profile> = {}, mm = 20) => {
  const record = dog({ since: '2026-09-01', ...more }, mm, entries)
  const states = coatOn(record, AT).places.filter((p) => p.region.place === place)
  return reasonFor(record.profile, states, AT)
}

describe('why a place is due, the strongest first', () => {
  const left = check('2026-09-08', 'girth', { finding: 'knot', count: 1, out: 0 })
  const out = check('2026-09-08', 'girth', { finding: 'knot', count: 1, out: 1 })
  const refused = check('2026-09-09', 'girth', { finding: 'refused' })
  const wet = entry('2026-09-10', { kind: 'wet', how: 'swim', combedDry: false })
  it('a knot left in; refused; wet; found lately; then what rubs there', () => {
    const harness = { harnessHours: 3 }
    expect(why('girth', [left, wet], harness)).toEqual({ why: 'left-in', finding: 'knot', day: '2026-09-08' })
    expect(why('girth', [refused, wet], harness)).toEqual({
      why: 'refused',
      day: '2026-09-09',
      daysUncombed: 9,
    })
    expect(why('girth', [out, wet], harness)).toEqual({ why: 'wet', by: 'swim' })
    expect(why('girth', [out], harness)).toEqual({ why: 'found', finding: 'knot', day: '2026-09-08' })
    expect(why('girth', [], harness)).toEqual({ why: 'harness', hours: 3 })
  })
  it('a snag that was left is found, not left in', () => {
    const snag = check('2026-09-08', 'girth', { finding: 'snag', count: 1, out: 0 })
    expect(why('girth', [snag])).toMatchObject({ why: 'found', finding: 'snag' })
  })
  it('garments and collars where they lie alone; past the ceiling; hot; long; else its days', () => {
    const garments = [{ hours: 5, from: 9, to: 10 }] as Profile['garments']
    expect(why('shoulders', [], { garments })).toEqual({ why: 'garment', hours: 5 })
    expect(why('muzzle', [], { garments }).why).not.toBe('garment')
    expect(why('collar-line', [], { collarAllDay: true })).toEqual({ why: 'collar' })
    expect(why('rump', [], { collarAllDay: true, harnessHours: 3 }).why).toBe('days')
    expect(why('behind-ear')).toEqual({ why: 'hot', daysUncombed: 9 })
    expect(why('behind-ear', [], { since: '2026-08-25' })).toEqual({ why: 'ceiling', daysUncombed: 16 })
    expect(why('rump', [], { since: '2026-08-31' })).toEqual({ why: 'days', daysUncombed: 10 })
    expect(why('rump', [], { since: '2026-08-30' })).toEqual({ why: 'ceiling', daysUncombed: 11 })
    expect(why('rump', [], {}, 40)).toMatchObject({ why: 'long' })
    expect(why('rump', [], {}, 34)).toMatchObject({ why: 'days' })
  })
  it('of a pair by the side that waits longest, though the other was found knotted', () => {
    const one = check('2026-09-09', 'forefoot.left')
    expect(why('forefoot', [one])).toEqual({ why: 'days', daysUncombed: 9 })
    const knot = check('2026-09-09', 'forefoot.left', { finding: 'mat', count: 1, out: 1 })
    expect(why('forefoot', [knot])).toMatchObject({ why: 'found', finding: 'mat' })
    expect(daysSince(null, AT)).toBeNull()
    expect(daysSince('2026-09-01', AT)).toBe(9)
  })
})
