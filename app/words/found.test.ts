import { describe, expect, it } from 'vitest'
import { KNOT_REASONS } from '#core/record/knot-answers'
import type { FactOf } from '#core/record/entries'
import { sayFact } from './diary'
import { sayFound } from './found'
import { sayAnswer, sayKnotReason } from './knot'

const check = (more: Partial<FactOf<'check'>>): FactOf<'check'> => ({
  kind: 'check',
  region: 'beard',
  finding: 'knot',
  ...more,
})

describe('what was found, in words', () => {
  it.each([
    [{ finding: 'glides' }, 'glides'],
    [{ finding: 'snag', count: 2, out: 2 }, '2 snags'],
    [{ finding: 'knot', count: 1, out: 1 }, 'knot, came out'],
    [{ finding: 'knot', count: 3, out: 1 }, '3 knots, left in'],
    [{ finding: 'knot', decided: { answer: 'condition', why: 'tried-wash' } }, 'knot, for the next wash'],
    [{ finding: 'knot', decided: { answer: 'vet', why: 'sore' } }, 'sore skin, for the vet'],
    [{ finding: 'mat', count: 2, out: 0 }, '2 mats, left in'],
  ] as [Partial<FactOf<'check'>>, string][])('%j: %s', (more, words) => {
    expect(sayFound(check(more))).toBe(words)
  })

  it('every reason has its sentence, told of him or of her, and no other names scissors or shouts', () => {
    for (const why of KNOT_REASONS)
      for (const she of [true, false]) {
        const said = sayKnotReason(why, 'armpit.left', she)
        expect(said).toMatch(/\.$/)
        expect(said).not.toMatch(/scissors|!|undefined/)
      }
    expect(sayKnotReason('danger', 'hock.left', true)).toContain('tendon')
  })

  it('the answer names the minutes, or who it is left for', () => {
    expect(sayAnswer({ answer: 'tease', why: 'danger', minutes: 1 }, 'Imke')).toContain('one minute')
    expect(sayAnswer({ answer: 'groomer', why: 'mat', minutes: null }, 'Imke')).toBe('Leave it for Imke')
    expect(sayAnswer({ answer: 'vet', why: 'sore', minutes: null }, 'Imke')).toContain('vet')
  })

  it('the diary says an entry of any kind', () => {
    expect(sayFact({ kind: 'wet', how: 'rain', combedDry: false })).toEqual({
      what: 'Soaked by rain',
      says: 'not combed dry',
    })
    expect(sayFact({ kind: 'gear', gear: 'harness', hours: 0 }).says).toBe('none that day')
    expect(
      sayFact({ kind: 'handling', place: 'forefoot', step: 2, went: 'stopped', snapped: true }).says,
    ).toBe('two minutes, held softly, snapped')
    expect(sayFact({ kind: 'measure', regions: ['beard', 'tail', 'back', 'chest'], mm: 12 }).says).toBe(
      'measured, beard, tail, back and one more',
    )
  })
})
