import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { REGION_IDS } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import { addDays } from '../../record/day'
import type { Entry } from '../../record/entries'
import { assess, coatOn } from '../../record/fold'
import { clipSteps, mayClip } from './clip'
import type { ClipAsked } from './clip'

const TODAY = '2026-09-20'
const combed = (day = TODAY, but: Partial<Record<RegionId, object>> = {}): Entry[] =>
  REGION_IDS.map((region) =>
    entry(day, { kind: 'check', region, finding: 'glides', ...but[region] } as Entry['what']),
  )
const gate = (entries: Entry[], more: Partial<ClipAsked> = {}) =>
  mayClip({
    coat: coatOn(dog({}, 20, entries), TODAY),
    setting: 'scissors',
    dirty: false,
    fidgety: false,
    ...more,
  })

/** Common practice, no source: as strict as a tidy. */
describe('may this dog be clipped at home today', () => {
  it('yes on a clean, dry coat the comb has been through, by one who may use a clipper', () => {
    expect(gate(combed())).toEqual({ answer: 'yes', leave: [] })
    expect(gate(combed(), { setting: 'comb' })).toEqual({ answer: 'not-set' })
  })
  it('not uncombed, wet, dirty, on a fidgety dog, or at a knot left in', () => {
    expect(gate([])).toMatchObject({ answer: 'comb-first' })
    expect(gate(combed(addDays(TODAY, -2)))).toMatchObject({ answer: 'comb-first' })
    const swim = entry(TODAY, { kind: 'wet', how: 'swim', combedDry: false }, { time: '20:00' })
    expect(gate([...combed(), swim])).toEqual({ answer: 'wet' })
    expect(gate(combed(), { dirty: true })).toEqual({ answer: 'dirty' })
    expect(gate(combed(), { fidgety: true })).toEqual({ answer: 'fidgety' })
    const knot = { beard: { finding: 'knot', count: 1, out: 0 } }
    expect(gate(combed(TODAY, knot))).toEqual({ answer: 'knots', places: ['beard'] })
    expect(gate(combed(TODAY, { beard: { comfort: 'stopped' } }))).toMatchObject({ answer: 'comb-first' })
  })
  it('a mat or felt is the groomer’s', () => {
    for (const finding of ['mat', 'felt'])
      expect(gate(combed(TODAY, { chest: { finding } }))).toEqual({ answer: 'groomer', places: ['chest'] })
  })
  it('an open concern is left out, and the rest goes on', () => {
    const concern = entry(TODAY, { kind: 'concern', where: 'belly', seen: ['red'] })
    expect(gate([...combed(), concern])).toEqual({ answer: 'yes', leave: ['belly'] })
    const eyes = entry(TODAY, { kind: 'concern', where: 'eyes', seen: ['red'] })
    expect(gate([...combed(), eyes])).toEqual({ answer: 'yes', leave: [] })
    const clip = entry(
      TODAY,
      { kind: 'visit', home: true, lengths: { body: 10 }, found: [] },
      { time: '18:00' },
    )
    const { regions } = assess(dog({}, 20, [...combed(), concern, clip]), TODAY)
    expect(regions.back!.mm).toBe(10)
    expect(regions.belly!.mm).toBeGreaterThan(20)
  })
})

it('the blade is never led where a step has just said it does not go', () => {
  for (const sex of ['female', 'male'] as const) {
    const FORBIDDEN = ['elbow-web', 'hock-tendon', 'flank-fold', 'anus', 'vulva', 'testicles']
    for (const s of clipSteps(sex)) {
      if (!s.near.some((d) => FORBIDDEN.includes(d))) continue
      const words = `${s.act} ${s.how}`
      expect(words, s.act).toMatch(/hand (short|ahead)|comb them, and leave them/)
    }
    // Gone over again where it was: nothing of those places.
    expect(clipSteps(sex).find((s) => s.act.includes('over them again'))!.near).toEqual([])
  }
})
