import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { usualDrying } from '../coat/drying'
import { sizeFactor } from '../coat/size'
import type { Entry, FactOf } from '../record/entries'
import { coatOn } from '../record/fold'
import { CARE_IDS } from '../record/tidies'
import type { CareId } from '../record/tidies'
import { careTakes, dryingTakes, usualCareMinutes } from './care-minutes'

const AT = '2026-09-20'
const tidy = (what: Partial<FactOf<'tidy'>>, day = '2026-09-10'): Entry =>
  entry(day, { kind: 'tidy', tidy: 'face', ...what } as Entry['what'])
const takes = (care: CareId, ...entries: Entry[]) =>
  careTakes(dog({ habits: { setting: 'scissors' } }, 20, entries), care, AT)

/** The minutes are judgement. */
describe('how long care takes', () => {
  it('a 10 kg dog, with what cuts and with cloth and comb alone', () => {
    const at = (setting: 'scissors' | 'comb', kg = 10) =>
      Object.fromEntries(
        CARE_IDS.map((care) => [
          care,
          usualCareMinutes(profile({ weightKg: kg, habits: { setting } }), care),
        ]),
      )
    const uncut = { eyes: 1, teeth: 2, 'look-over': 3, 'ear-look': 2, undercoat: 10, bath: 15 }
    expect(at('scissors')).toEqual({ ...uncut, nails: 4, paws: 8, sanitary: 6, face: 5, ears: 6 })
    expect(at('comb')).toEqual({ ...uncut, nails: 3, paws: 3, sanitary: 3, face: 2, ears: 2 })
    // Feet, coat and rear are larger on a larger dog; eyes, ears and nails hardly are.
    const [large, factor] = [at('scissors', 40), sizeFactor(40)]
    for (const care of ['paws', 'sanitary', 'undercoat', 'bath'] as const)
      expect(large[care]).toBeCloseTo(at('scissors')[care]! * factor, 9)
    for (const care of ['eyes', 'teeth', 'look-over', 'ear-look', 'nails', 'face', 'ears'] as const)
      expect(large[care]).toBe(at('scissors')[care])
    expect(usualCareMinutes(profile({ weightKg: 10, habits: { setting: 'scissors' } }), 'neatening')).toBe(8)
    expect(usualCareMinutes(profile({ weightKg: 10, habits: { setting: 'comb' } }), 'neatening')).toBe(4)
  })
  it('leans to what was timed as far as a prior of sd 0.35 and a timing of sd 0.4 have it', () => {
    const share = 1 / 0.4 ** 2 / (1 / 0.4 ** 2 + 1 / 0.35 ** 2)
    expect(takes('face').now).toBeCloseTo(5, 9)
    expect(takes('face', tidy({ minutes: 10 })).now).toBeCloseTo(5 * 2 ** share, 9)
    // Beyond e^1.5 times the usual it was something else that took so long.
    expect(takes('face', tidy({ minutes: 900 })).now).toBeCloseTo(5 * Math.exp(1.5 * share), 9)
    expect(takes('face', tidy({ minutes: 0.01 })).now).toBeCloseTo(5 * Math.exp(-1.5 * share), 9)
  })
  it('of part of a tidy, by the share of its parts that were done; of none done, as told', () => {
    const some = (did: 'done' | 'refused', n: number) =>
      tidy({
        tidy: 'paws',
        minutes: 3,
        parts: (['paw.forefoot.left', 'paw.forefoot.right', 'paw.hindfoot.left'] as const)
          .slice(0, n)
          .map((part) => ({ part, did })),
      })
    const of = (minutes: number) => takes('paws', tidy({ tidy: 'paws', minutes })).now
    expect(takes('paws', some('done', 1)).now).toBeCloseTo(of(12), 9)
    expect(takes('paws', some('done', 2)).now).toBeCloseTo(of(6), 9)
    expect(takes('paws', some('refused', 2)).now).toBeCloseTo(of(3), 9)
  })
  it('learns from its own kind alone, and from nothing that is still to come', () => {
    const raked = entry('2026-09-10', { kind: 'undercoat', finding: 'some', minutes: 20 })
    expect(takes('undercoat', raked).seen?.times).toBe(1)
    expect(takes('undercoat', entry('2026-09-10', { kind: 'undercoat', finding: 'some' })).seen).toBeNull()
    expect(takes('face', raked).seen).toBeNull()
    expect(takes('ears', tidy({ minutes: 10 })).seen).toBeNull()
    expect(takes('face', tidy({})).seen).toBeNull()
    expect(takes('face', tidy({ minutes: 10 }, '2026-09-21')).seen).toBeNull()
  })
  it('drying: the coat’s mean length with the owner’s dryer, another as commonly sold, towels with none', () => {
    const coatWith = (habits: object) => coatOn(dog({ habits }, 30), AT)
    const coat = coatWith({ dryer: 'household', watts: 1200 })
    const area = coat.places.reduce((sum, p) => sum + p.region.area, 0)
    const mm = coat.places.reduce((sum, p) => sum + p.region.area * p.mm, 0) / area
    const size = { coat: 'wool-cross', kg: 12, mm } as const
    expect(dryingTakes(coat)).toBeCloseTo(usualDrying(size, 'household', { watts: 1200 })!, 9)
    expect(dryingTakes(coat, 'forced')).toBeCloseTo(usualDrying(size, 'forced')!, 9)
    const forced = coatWith({ dryer: 'forced', watts: 3000 })
    expect(dryingTakes(forced, 'household')).toBeCloseTo(usualDrying(size, 'household')!, 9)
    expect(dryingTakes(coatWith({ dryer: 'none' }))).toBe(20)
  })
})
