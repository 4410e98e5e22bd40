import { expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import type { Entry } from '../record/entries'
import { nailsNext, sliverDays } from './nails'

const AT = '2026-09-20'
const nails = (day: string, outcome: 'fine' | 'trimmed' | 'sliver') =>
  entry(day, { kind: 'tidy', tidy: 'nails', outcome })
const next = (entries: Entry[], habits = {}) => nailsNext(dog({ habits }, 20, entries), AT)

it('slivers come every four days from the first (common practice)', () => {
  expect(sliverDays('2026-09-01', 3)).toEqual(['2026-09-01', '2026-09-05', '2026-09-09'])
})
it('a look in eight days with a trim where it is long enough since the last; nothing told, today', () => {
  // On soft ground the eight days since the groomer are over at the first look.
  const soft = { ground: 'soft' }
  expect(next([], soft)).toEqual({ day: AT, did: 'trimmed', slivers: 0 })
  expect(next([])).toEqual({ day: AT, did: 'looked', slivers: 0 })
  expect(next([nails('2026-09-18', 'trimmed')], soft)).toEqual({
    day: '2026-09-26',
    did: 'trimmed',
    slivers: 0,
  })
  // On hard ground, which is taken where nothing is said, three to four weeks have to pass.
  const hard = { ground: 'hard' }
  expect(next([nails('2026-09-18', 'trimmed')], hard)).toEqual({
    day: '2026-09-26',
    did: 'looked',
    slivers: 0,
  })
  expect(next([nails('2026-09-17', 'fine')], hard)).toEqual({ day: '2026-09-25', did: 'trimmed', slivers: 0 })
  expect(next([nails('2026-09-16', 'fine')], hard)).toMatchObject({ day: '2026-09-24', did: 'looked' })
  // What is past is due today.
  expect(next([nails('2026-09-02', 'trimmed')]).day).toBe(AT)
})
it('while they are shortened, by how many slivers since they were last left', () => {
  const two = [nails('2026-09-10', 'fine'), nails('2026-09-14', 'sliver'), nails('2026-09-18', 'sliver')]
  expect(next(two)).toEqual({ day: '2026-09-22', did: 'sliver', slivers: 2 })
  expect(next([...two, nails('2026-09-19', 'trimmed')])).toMatchObject({ slivers: 0, day: '2026-09-27' })
  expect(next([...two, nails('2026-09-21', 'trimmed')])).toMatchObject({ slivers: 2 })
})
