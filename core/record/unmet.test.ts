import { expect, it } from 'vitest'
import { isToMeet, isUnmet } from './unmet'

it('a place is unmet until something has been through it; one refused was asked for', () => {
  const s = (clearOn: string | null, last: object | null) => ({ clearOn, last }) as never
  expect([isUnmet(s(null, null)), isUnmet(s('2026-09-01', null))]).toEqual([true, false])
  expect(isToMeet(s(null, null), { coat: 'wool' })).toBe(true)
  expect(isToMeet(s(null, null), { coat: 'smooth' })).toBe(false)
  expect(isToMeet(s(null, { finding: 'refused' }), { coat: 'wool' })).toBe(false)
  expect(isToMeet(s('2026-09-01', null), { coat: 'wool' })).toBe(false)
})
