import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { REGION_IDS } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import { addDays } from '../../record/day'
import type { Entry } from '../../record/entries'
import { assess, coatOn } from '../../record/fold'
import { combedFirst, partsOfTidy } from '../../record/care-parts'
import { CUTTER_IDS } from '../../record/cutters'
import { SETTINGS } from '../../record/habits'
import { CLIPPED_PLACES } from '../led/clip'
import { mayClip } from './clip'
import { cutGate } from './cut-gate'
import { offered } from './may'
import type { Allowed } from './may'

const TODAY = '2026-09-20'
const combed = (day = TODAY, but: Partial<Record<RegionId, object>> = {}): Entry[] =>
  REGION_IDS.map((region) =>
    entry(day, { kind: 'check', region, finding: 'glides', ...but[region] } as Entry['what']),
  )
const SET: Allowed = { setting: 'scissors', taught: [] }
const gate = (entries: Entry[], more: Partial<Allowed> = {}) =>
  mayClip(coatOn(dog({}, 20, entries), TODAY), { ...SET, ...more })

/** Common practice, no source: as strict as a tidy. */
describe('may this dog be clipped at home today', () => {
  it('yes on a clean, dry coat the comb has been through, by one who may use a clipper', () => {
    expect(gate(combed())).toEqual({ answer: 'yes', leave: [] })
    expect(gate(combed(), { setting: 'comb' })).toEqual({ answer: 'not-set' })
  })
  it('not uncombed today, wet, without a sharp clipper, or at a knot left in', () => {
    expect(gate([])).toMatchObject({ answer: 'comb-first' })
    expect(gate(combed(addDays(TODAY, -1)))).toMatchObject({ answer: 'comb-first' })
    const swim = entry(TODAY, { kind: 'wet', how: 'swim', combedDry: false }, { time: '20:00' })
    expect(gate([...combed(), swim])).toEqual({ answer: 'wet' })
    expect(gate(combed(), { owned: ['blunt-scissors'] })).toEqual({ answer: 'no-clipper' })
    const knot = { chest: { finding: 'knot', count: 1, out: 0 } }
    expect(gate(combed(TODAY, knot))).toEqual({ answer: 'knots', places: ['chest'] })
    expect(gate(combed(TODAY, { beard: { finding: 'knot', count: 1, out: 0 } }))).toMatchObject({
      answer: 'yes',
    })
    expect(gate(combed(TODAY, { chest: { comfort: 'stopped' } }))).toMatchObject({ answer: 'comb-first' })
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

/** Wherever an ear trim would not be begun on a coat like this, a clip is not either. */
it('the gate of a clip is no looser than an ear trim’s', () => {
  const swim = entry(TODAY, { kind: 'wet', how: 'swim', combedDry: false }, { time: '20:00' })
  const all = (finding: object) => combed(TODAY, Object.fromEntries(REGION_IDS.map((r) => [r, finding])))
  const coats: Entry[][] = [
    [],
    combed(),
    combed(addDays(TODAY, -1)),
    [...combed(), swim],
    all({ finding: 'mat', count: 1, out: 0 }),
    all({ finding: 'felt' }),
    all({ finding: 'knot', count: 1, out: 0 }),
    all({ finding: 'refused' }),
    all({ comfort: 'stopped' }),
  ]
  let closed = 0
  for (const entries of coats)
    for (const setting of SETTINGS)
      for (const owned of [undefined, [], ['clipper'], ['thinning-scissors'], CUTTER_IDS] as const) {
        const allowed: Allowed = { setting, taught: [], owned }
        const coat = coatOn(dog({}, 20, entries), TODAY)
        const at = (places: readonly string[]) => coat.places.filter((p) => places.includes(p.region.place))
        const { against, uncombed } = cutGate(at(combedFirst(partsOfTidy('ears'))), TODAY, 'wool')
        const ears =
          setting !== 'comb' &&
          offered('ears', { ...allowed, owned: undefined }).length > 2 &&
          !against &&
          !uncombed.length
        if (ears) continue
        closed += 1
        expect(mayClip(coat, allowed).answer, `${setting} ${entries.length}`).not.toBe('yes')
      }
  expect(closed).toBeGreaterThan(20)
  expect(mayClip(coatOn(dog({}, 20, combed()), TODAY), SET, CLIPPED_PLACES).answer).toBe('yes')
})

describe('what stands before a blade', () => {
  const gate = (entries: Entry[], coat: 'wool' | 'smooth' = 'wool') =>
    cutGate(
      coatOn(dog({ coat }, 20, entries), TODAY).places.filter((p) => p.region.place === 'beard'),
      TODAY,
      coat,
    )
  const check = (day: string, more: object) =>
    entry(day, { kind: 'check', region: 'beard', finding: 'glides', ...more } as Entry['what'])
  it('a wet place; a mat or felt that is there still; then the comb of today', () => {
    expect(gate([check(TODAY, {})])).toEqual({ against: null, uncombed: [] })
    expect(gate([check(addDays(TODAY, -1), {})])).toEqual({ against: null, uncombed: ['beard'] })
    const swim = entry(TODAY, { kind: 'wet', how: 'swim', combedDry: false }, { time: '20:00' })
    expect(gate([check(TODAY, {}), swim]).against).toBe('wet')
    expect(gate([check(TODAY, { finding: 'mat', count: 1, out: 0 })]).against).toBe('matted')
    expect(gate([check(TODAY, { finding: 'mat', count: 1, out: 1 })]).against).toBeNull()
    expect(gate([check(TODAY, { finding: 'knot', count: 1, out: 0 })]).against).toBeNull()
  })
  it('a coat that wants no comb waits for none', () => {
    expect(gate([], 'smooth').uncombed).toEqual([])
    expect(gate([], 'wool').uncombed).toEqual(['beard'])
  })
})
