import { describe, expect, it } from 'vitest'
import { readsNote } from './thread'
import type { SharedWith } from './thread'

const day = (n: number) => new Date(Date.UTC(2026, 5, n, 12))
const shared = (id: string, from: number, to: number, more: Partial<SharedWith> = {}): SharedWith => ({
  id,
  groomer: `Groomer ${id}`,
  groomerId: null,
  email: null,
  created: day(from),
  expires: day(to),
  revoked: null,
  ...more,
})
const note = (
  author: 'owner' | 'groomer',
  on: number,
  shareId: string | null = null,
  authorName = 'Ada',
) => ({
  author,
  authorName,
  shareId,
  sent: day(on),
})

describe('what of a thread the holder of a share reads', () => {
  const before = shared('before', 1, 10)
  const now = shared('now', 12, 30)
  const all = [before, now]
  it.each([
    ['what another groomer wrote, earlier', note('groomer', 5, 'before'), false],
    ['what was written to that other groomer', note('owner', 5), false],
    ['what the owner wrote while it was shared with nobody', note('owner', 11), true],
    ['what the owner wrote to them', note('owner', 15), true],
    ['their own answer', note('groomer', 16, 'now'), true],
  ])('%s: %#', (_what, n, reads) => {
    expect(readsNote(now, all, n)).toBe(reads)
  })
  it('two at a time read the owner’s notes, and not one another’s', () => {
    const other = shared('other', 12, 30)
    const both = [now, other]
    expect(readsNote(now, both, note('owner', 20))).toBe(true)
    expect(readsNote(other, both, note('owner', 20))).toBe(true)
    expect(readsNote(now, both, note('groomer', 20, 'other'))).toBe(false)
  })
  it.each([
    ['in the same room', { groomerId: 'g' }, { groomerId: 'g' }],
    ['at the same address', { email: 'bell@example.org' }, { email: 'bell@example.org' }],
    ['by the same name', { groomer: 'Bell' }, { groomer: 'bell' }],
  ])('a new link of a groomer %s reads what the old one did', (_how, was, is) => {
    const [old, fresh] = [shared('old', 1, 10, was), shared('fresh', 12, 30, is)]
    for (const n of [note('owner', 5), note('groomer', 5, 'old')])
      expect(readsNote(fresh, [old, fresh], n)).toBe(true)
  })
  it('a share that was closed was with nobody from then on', () => {
    const closed = shared('before', 1, 30, { revoked: day(8) })
    expect(readsNote(now, [closed, now], note('owner', 9))).toBe(true)
    expect(readsNote(now, [closed, now], note('owner', 7))).toBe(false)
  })
  it('a note whose share is gone is its groomer’s by name', () => {
    const mine = shared('now', 12, 30, { groomer: 'Imke' })
    expect(readsNote(mine, [mine], note('groomer', 5, null, 'Imke'))).toBe(true)
    expect(readsNote(mine, [mine], note('groomer', 5, null, 'Bell'))).toBe(false)
  })
})
