import { describe, expect, it } from 'vitest'
import { entry } from '../../tests/support/dogs'
import type { Entry, Fact } from './entries'
import { history } from './history'
import { timeline } from './timeline'

const DAY = '2026-09-03'
const check = (finding: 'snag' | 'knot' | 'mat'): Fact => ({
  kind: 'check',
  region: 'beard',
  finding,
  count: 1,
})
let n = 0
const made = (what: Entry['what'], more = {}) =>
  entry(DAY, what, { id: `01000000-0000-7000-8000-${String(++n).padStart(12, '0')}`, ...more })

describe('the diary', () => {
  it('keeps what was said before a correction, and what was taken back', () => {
    const first = made(check('knot'))
    const other = made(check('snag'), { time: '09:10' })
    const entries = [
      first,
      other,
      made({ kind: 'correction', replaces: first.id, by: check('mat') }),
      made({ kind: 'correction', replaces: other.id, by: null }),
    ]
    const lines = history(entries)
    expect(lines.find((l) => l.id === first.id)).toMatchObject({
      what: { finding: 'mat' },
      earlier: [{ finding: 'knot' }],
    })
    expect(lines.find((l) => l.id === other.id)).toMatchObject({ what: null, earlier: [{ finding: 'snag' }] })
  })

  it('is newest first: by day, by the hour where one was written, then by what was made later', () => {
    const at = (day: string, time?: string) => ({ ...made(check('snag')), day, ...(time ? { time } : {}) })
    const list = [
      at('2026-09-02', '20:00'),
      at('2026-09-04'),
      at('2026-09-03', '08:00'),
      at('2026-09-03', '18:30'),
      at('2026-09-03', '18:30'),
      at('2026-09-03'),
    ]
    const ids = history(list).map((l) => list.findIndex((e) => e.id === l.id))
    expect(ids).toEqual([1, 4, 3, 2, 5, 0])
    expect(history([...list].reverse()).map((l) => l.id)).toEqual(history(list).map((l) => l.id))
  })
  it('what holds is what the coat is folded from, in any order and given twice', () => {
    const first = made(check('knot'))
    const taken = made({ kind: 'correction', replaces: first.id, by: null })
    const entries = [
      first,
      made(check('snag')),
      taken,
      made({ kind: 'correction', replaces: taken.id, by: null }),
    ]
    const held = (list: Entry[]) =>
      history(list)
        .flatMap((l) => (l.what ? [l.id] : []))
        .sort()
    expect(held(entries)).toEqual(
      timeline(entries)
        .map((f) => f.id)
        .sort(),
    )
    expect(history([...entries, ...entries].reverse())).toEqual(history(entries))
  })

  it('is newest first', () => {
    const entries = [
      made(check('snag'), { time: '08:00' }),
      made(check('knot'), { time: '19:00' }),
      made(check('mat'), { day: '2026-09-01' }),
    ]
    expect(history(entries).map((l) => l.time ?? l.day)).toEqual(['19:00', '08:00', '2026-09-01'])
  })
})
