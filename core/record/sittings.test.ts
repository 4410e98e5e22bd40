import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyEntry } from '../../tests/support/facts'
import { entry } from '../../tests/support/dogs'
import { history } from './history'
import { foldSittings } from './sittings'

const DAY = '2026-11-20'
const check = (time: string) => entry(DAY, { kind: 'check', region: 'beard', finding: 'glides' }, { time })
const session = (time: string, minutes: number) =>
  entry(DAY, { kind: 'session', minutes, places: 5 }, { time })
const folded = (entries: Parameters<typeof history>[0]) => foldSittings(history(entries))
const shape = (entries: Parameters<typeof history>[0]) =>
  folded(entries).map((l) => ('checks' in l ? [l.checks.length, l.minutes] : (l.what?.kind ?? 'gone')))

describe('a day of the diary', () => {
  it('has each sitting once, with its minutes', () => {
    const morning = ['08:01', '08:02', '08:03', '08:04'].map(check)
    const evening = ['18:01', '18:02', '18:03', '18:04', '18:05'].map(check)
    expect(shape([...morning, session('08:06', 6), ...evening, session('18:08', 9)])).toEqual([
      [5, 9],
      [4, 6],
    ])
  })
  it('an open one has none yet, and few checks stand by themselves', () => {
    expect(shape(['18:01', '18:02', '18:03', '18:04'].map(check))).toEqual([[4, null]])
    expect(shape([check('18:01'), check('18:02'), session('18:05', 4)])).toEqual([
      'session',
      'check',
      'check',
    ])
  })
  it('what happened in the midst stands after it', () => {
    const wet = entry(DAY, { kind: 'wet', how: 'rain', combedDry: false }, { time: '18:02' })
    expect(
      shape([check('18:01'), wet, ...['18:03', '18:04', '18:05'].map(check), session('18:06', 5)]),
    ).toEqual([[4, 5], 'wet'])
  })
  it('loses no line and doubles none', () => {
    fc.assert(
      fc.property(fc.array(anyEntry(DAY, 1), { maxLength: 40 }), (entries) => {
        const lines = history(entries)
        const all = foldSittings(lines).flatMap((l) =>
          'checks' in l ? [...(l.session ? [l.session] : []), ...l.checks] : [l],
        )
        expect(all.map((l) => l.id).sort()).toEqual(lines.map((l) => l.id).sort())
      }),
    )
  })
})
