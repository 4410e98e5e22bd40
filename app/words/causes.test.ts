import { describe, expect, it } from 'vitest'
import { COATS } from '#core/coat/coat-types'
import type { CauseHeld } from '#core/learn/causes'
import { leadOfCauses, sayCauses, sayNotSeen } from './causes'

const harness: CauseHeld = { cause: 'harness', times: 0.7, likely: [0.45, 0.96], exposure: 12 }
const rain: CauseHeld = { cause: 'rain', times: 1.1, likely: [0.6, 1.7], exposure: 2 }

describe('what makes a dog knot, in words', () => {
  it('is in times of a place at rest, beside what is likely and what coats like it have', () => {
    expect(sayCauses([harness, rain], 4)).toMatchObject([
      { words: 'the harness', now: '1.4', likely: '0.9 to 1.9', usual: '2', telling: 'less' },
      { words: 'rain, not combed dry', now: '3.3', likely: '1.8 to 5.1', usual: '3', telling: null },
    ])
  })
  it('says in one sentence what is more and what is less, and when that is nothing yet', () => {
    const said = sayCauses([harness, rain], 4)
    expect(leadOfCauses(said, 'Tansy')).toBe('Tansy knots slower than coats like it under the harness')
    expect(leadOfCauses(sayCauses([{ ...rain, likely: [1.2, 2] }, harness], 4), 'Tansy')).toBe(
      'Tansy knots faster than coats like it under rain, not combed dry; slower under the harness',
    )
    expect(leadOfCauses(sayCauses([rain], 0), 'Tansy')).toBe(
      'So far Tansy knots by what coats like it knot by',
    )
    expect(leadOfCauses([], 'Tansy')).toBe('Nothing has been learned yet of what makes Tansy knot')
  })
  it('names what was not seen, but no season or change a coat has not', () => {
    expect(sayNotSeen([harness, rain], COATS.feathered)).not.toMatch(/season|change|harness|rain/)
    expect(sayNotSeen([], COATS['double-long'])).toMatch(/season/)
    expect(sayNotSeen([], COATS.wool)).toMatch(/the change of coat/)
  })
})
