import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { arrivalOf } from './arrival'
import { draftNote } from './note'
import { overdueCare } from './overdue'

const TODAY = '2026-11-20'
const every = { ears: 30, paws: 20, nails: 25 } as const
const of = (...entries: Parameters<typeof entry>[]) =>
  dog(
    { habits: { every } },
    20,
    entries.map((e) => entry(...e)),
  )

describe('care that is past its day', () => {
  it('is told with how late it is, the latest first, from the day it was last done', () => {
    const said = overdueCare(
      of(['2026-10-28', { kind: 'tidy', tidy: 'ears' }], ['2026-10-15', { kind: 'tidy', tidy: 'paws' }]),
      TODAY,
    )
    // Feet were done 36 days ago and are due every 20; ears 23 ago, every 30.
    expect(said).toMatch(/paws 16 days/)
    expect(said).not.toMatch(/(^|, )ears \d/)
    const days = [...said.matchAll(/(\d+) days/g)].map((m) => Number(m[1]))
    expect(days).toEqual([...days].sort((a, b) => b - a))
  })
  it('done on its day it is not told; two days late neither', () => {
    const done = (day: string) => overdueCare(of([day, { kind: 'tidy', tidy: 'paws' }]), TODAY)
    expect(done('2026-11-19')).not.toMatch(/paws/)
    expect(done('2026-10-29')).not.toMatch(/paws/)
    expect(done('2026-10-28')).toMatch(/paws 3 days/)
  })
  it('stands in the note and in what link, room and list read, in the same words', () => {
    const record = of(['2026-10-15', { kind: 'tidy', tidy: 'paws' }])
    const said = overdueCare(record, TODAY)
    expect(draftNote(record, TODAY)).toContain(`Overdue: ${said}.`)
    expect(arrivalOf(record, TODAY).overdue).toBe(said)
  })
})
