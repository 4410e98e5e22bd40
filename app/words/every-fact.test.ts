import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DANGER_PLACES } from '#core/care/knots/knot'
import { REGION_IDS, regionOf } from '#core/coat/regions'
import { anyFact } from '../../tests/support/facts'
import { DIARY_KINDS, placesOfFact, sayFact } from './diary'
import { knotQuestions } from './knot-questions'

describe('the diary', () => {
  it('has words for whatever the record takes, and none that only a programmer would say', () => {
    fc.assert(
      fc.property(anyFact, (fact) => {
        const { what, says } = sayFact(fact)
        expect(what).toMatch(/\S/)
        // What a person wrote stands last.
        const written = 'says' in fact ? (fact.says ?? '') : ''
        const ours = `${what} ${says.slice(0, says.length - written.length)}`
        if (fact.kind !== 'visit') expect(ours).not.toMatch(/undefined|null|NaN|\[object|, ,|,$|; ;/)
      }),
      { numRuns: 400 },
    )
  })
  it('names one place or several by what they are, and all of them as the whole dog', () => {
    expect(placesOfFact({ kind: 'check', region: 'armpit.left', finding: 'glides' })).toEqual(['armpit'])
    expect(placesOfFact({ kind: 'brush', depth: 'skin', regions: [...REGION_IDS] })).toBe(null)
    expect(placesOfFact({ kind: 'brush', depth: 'skin', regions: ['ear.left', 'ear.right'] })).toEqual([
      'ear',
    ])
    expect(placesOfFact({ kind: 'handling', place: 'table', step: 0, went: 'easy' })).toBe(null)
    expect(placesOfFact({ kind: 'wash', combedOut: true })).toBe(null)
  })
  it('shows every kind under one filter, but the plan, which is no happening', () => {
    const filtered = Object.values(DIARY_KINDS).flatMap((k) => k.kinds)
    expect(new Set(filtered).size).toBe(filtered.length)
    fc.assert(
      fc.property(anyFact, ({ kind }) => {
        expect(filtered.includes(kind as never)).toBe(kind !== 'plan')
      }),
    )
  })
})

describe('the questions about a knot', () => {
  it('are the same of a bitch and a dog but for the words, and each answer tells something', () => {
    for (const region of REGION_IDS) {
      const [her, him] = [knotQuestions(region, true), knotQuestions(region, false)]
      for (const ask of Object.keys(her) as (keyof typeof her)[]) {
        expect(her[ask].options.map((o) => o.set)).toEqual(him[ask].options.map((o) => o.set))
        for (const o of her[ask].options) expect(Object.keys(o.set).length).toBeGreaterThan(0)
      }
      expect(JSON.stringify(him)).not.toMatch(/vulva|\b[Ss]he\b|\bher\b/)
      expect(JSON.stringify(her)).not.toMatch(/scrotum|sheath|\b[Hh]e\b|\bhim\b/)
    }
  })
  it('count what cannot be told as solid: the careful way', () => {
    const { parts } = knotQuestions('beard', true)
    expect(parts.options.find((o) => o.words === 'I cannot tell')!.set).toEqual({ kind: 'mat' })
  })
  it('each danger is of a place the map has', () => {
    const places = new Set(REGION_IDS.map((id) => regionOf(id).place))
    for (const place of Object.keys(DANGER_PLACES)) expect(places).toContain(place)
  })
})
