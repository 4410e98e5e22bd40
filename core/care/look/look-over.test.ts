import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { PLACE_IDS } from '../../coat/regions'
import { planToday } from '../../plan/today'
import { addDays } from '../../record/day'
import { assess } from '../../record/fold'
import { TRIM_IDS } from '../../record/tidies'
import { openConcerns, sayWhere } from './look-over'
import { readOut } from './read-out'
import { concernAt, stopsAll } from './stopped-parts'
import { workedAt } from '../../record/care-parts'
import { ROUND } from './look-round'
import { nailsNext } from '../../due/nails'
import { SIGNS } from '../../record/signs'
import { SPOT_IDS } from '../../record/spots'
import type { Spot } from '../../record/spots'

const DAY = '2026-09-20'
const seen = entry(DAY, { kind: 'concern', where: 'belly', seen: ['red', 'wet'], says: 'size of a coin' })
const closed = entry(addDays(DAY, 3), { kind: 'concern-closed', concern: seen.id, how: 'vet' })

describe('the look-over', () => {
  it('walks over every place of the map and every spot beside it, once', () => {
    const walked = ROUND.flatMap((r) => r.where)
    expect([...walked].sort()).toEqual([...PLACE_IDS, ...SPOT_IDS].sort())
  })
  it('says what was seen, and names no disease', () => {
    const concern = openConcerns(dog({ born: '2024-03' }, 20, [seen]), DAY)[0]!
    const words = readOut(dog({ born: '2024-03' }), concern, addDays(DAY, 1))
    expect(words).toBe(
      'Merle, male, 12 kg, born 2024-03. Belly: red skin and wet or weeping, seen yesterday. size of a coin.',
    )
    for (const s of Object.values(SIGNS))
      expect(s).not.toMatch(/infect|eczema|allerg|mange|cancer|otitis|dermat|ringworm/i)
    expect(sayWhere('eyes')).toBe('Eyes')
  })
  it('a concern stays open until it is closed, and keeps the comb and the tidies off its place', () => {
    const open = dog({}, 20, [seen])
    const later = addDays(DAY, 2)
    expect(openConcerns(open, later)).toHaveLength(1)
    expect(assess(open, later).regions.belly!.concern).toBe(seen.id)
    expect(planToday(open, later, 240).items.map((i) => i.place)).not.toContain('belly')
    const after = dog({}, 20, [seen, closed])
    expect(openConcerns(after, addDays(DAY, 3))).toEqual([])
    expect(assess(after, addDays(DAY, 3)).regions.belly!.concern).toBe(null)
    expect(planToday(after, addDays(DAY, 30), 240).items.map((i) => i.place)).toContain('belly')
  })
  it('one taken back was never there', () => {
    const back = entry(DAY, { kind: 'correction', replaces: seen.id, by: null })
    expect(openConcerns(dog({}, 20, [seen, back]), DAY)).toEqual([])
  })
  it.each(TRIM_IDS)('blocks %s wherever it works', (tidy) => {
    for (const where of workedAt(tidy)) {
      const concerns = openConcerns(dog({}, 20, [entry(DAY, { kind: 'concern', where, seen: ['red'] })]), DAY)
      expect(concernAt(tidy, concerns)?.what.where).toBe(where)
    }
    expect(
      concernAt(
        tidy,
        openConcerns(dog({}, 20, [entry(DAY, { kind: 'concern', where: 'crown', seen: ['red'] })]), DAY),
      ),
    ).toBe(null)
  })
})

it('what is looked at between waits too, where a concern is open', () => {
  const at = (where: Spot) =>
    openConcerns(dog({}, 20, [entry(DAY, { kind: 'concern', where, seen: ['red'] })]), DAY)
  expect(concernAt('eyes', at('eyes'))).not.toBe(null)
  expect(concernAt('teeth', at('mouth'))).not.toBe(null)
  expect(concernAt('nails', at('pads'))).not.toBe(null)
  expect(concernAt('ear-look', at('ear-openings'))).not.toBe(null)
  expect(concernAt('teeth', at('eyes'))).toBe(null)
  for (const [care, where] of [
    ['eyes', 'eyes'],
    ['teeth', 'mouth'],
    ['nails', 'pads'],
    ['ear-look', 'ear-openings'],
  ] as const) {
    expect(stopsAll(care, at(where))?.what.where).toBe(where)
    expect(stopsAll(care, at('forefoot'))).toBe(null)
  }
})

describe('nails', () => {
  const nails = (n: number, did: 'looked' | 'sliver') =>
    entry(addDays(DAY, n), { kind: 'tidy', tidy: 'nails', nails: did })
  it('a look every week or so; while they are being shortened, a sliver every four days', () => {
    expect(nailsNext(dog({}, 20, [nails(0, 'looked')]), DAY)).toMatchObject({
      day: addDays(DAY, 8),
      // The last trim was at the visit, over three weeks before.
      did: 'trimmed',
    })
    const slivers = [nails(0, 'looked'), nails(2, 'sliver'), nails(6, 'sliver')]
    expect(nailsNext(dog({}, 20, slivers), addDays(DAY, 6))).toEqual({
      day: addDays(DAY, 10),
      did: 'sliver',
      slivers: 2,
    })
    expect(nailsNext(dog({}, 20, [...slivers, nails(9, 'looked')]), addDays(DAY, 9)).slivers).toBe(0)
    expect(nailsNext(dog(), DAY).day).toBe(DAY)
  })
  it('a trim every three to four weeks where hard ground wears them, at every look where it does not', () => {
    const at = (ground: 'hard' | 'soft', days: number) =>
      nailsNext(
        dog({ since: DAY, habits: { ground } }, 20, [
          entry(DAY, { kind: 'tidy', tidy: 'nails', nails: 'trimmed' }),
          nails(days - 8, 'looked'),
        ]),
        addDays(DAY, days),
      ).did
    expect([at('hard', 16), at('hard', 24), at('soft', 9)]).toEqual(['looked', 'trimmed', 'trimmed'])
  })
})
