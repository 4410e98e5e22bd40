import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyFact } from '../../../tests/support/facts'
import { dog, entry } from '../../../tests/support/dogs'
import type { Entry, Fact } from '../../record/entries'
import { sharedViewOf } from '../../../app/words/shared-view'
import { careSince, HEARD } from './care-since'
import { draftNote } from './note'

const TODAY = '2026-09-20'
const concern = entry('2026-09-05', { kind: 'concern', where: 'belly', seen: ['red'] })
/** One of each kind a groomer hears of beside the comb, and what is said of it. */
const OF: Partial<Record<Fact['kind'], [Entry['what'], string]>> = {
  tidy: [
    {
      kind: 'tidy',
      tidy: 'face',
      parts: [
        { part: 'fringe', did: 'done', how: 'cut', mm: 15 },
        { part: 'eye-corner.left', did: 'done', how: 'cleaned' },
        { part: 'beard', did: 'refused' },
      ],
    },
    'Face: fringe cut to 15 mm yesterday; beard refused yesterday; left inner corner cleaned yesterday',
  ],
  wash: [
    { kind: 'wash', combedOut: false, dried: { minutes: 34, with: 'household' }, damp: ['forefoot.left'] },
    'Bath: yesterday, dry in 34 minutes, not combed out then, some left damp',
  ],
  undercoat: [
    { kind: 'undercoat', finding: 'packed', places: [{ place: 'thigh', finding: 'packed' }] },
    'Undercoat: yesterday: packed at thighs',
  ],
  visit: [
    {
      kind: 'visit',
      home: true,
      lengths: {},
      found: [],
      except: [
        { place: 'back', mm: 13 },
        { place: 'side', side: 'left', mm: 13 },
      ],
    },
    'Clipped at home: yesterday: 13 mm at back and left side',
  ],
  'concern-closed': [
    { kind: 'concern-closed', concern: concern.id, how: 'vet' },
    'Belly: red skin, seen 5 September; the vet has seen it yesterday',
  ],
}
const care = (Object.keys(HEARD) as Fact['kind'][]).filter((k) => HEARD[k] === 'care')

describe('what was done beside the comb, as a groomer hears it', () => {
  it('has words for whatever of that the record takes, and tells of nothing else', () => {
    expect(Object.keys(OF).sort()).toEqual([...care].sort())
    fc.assert(
      fc.property(anyFact, (what) => {
        const said = careSince({ entries: [concern, entry('2026-09-19', what)] }, '2026-09-01', TODAY)
        if (HEARD[what.kind] !== 'care') expect(said).toEqual([])
        for (const { label, says, day } of said) {
          expect(label).toMatch(/\S/)
          expect(says).not.toMatch(/undefined|null|NaN|\[object|, ,|; ;|,$/)
          expect(day).toBe('2026-09-19')
        }
      }),
      { numRuns: 400 },
    )
  })
  it.each(Object.entries(OF))('%s: the note and the link say it in the same words', (_kind, [what, says]) => {
    const record = dog({}, 20, [concern, entry('2026-09-19', what)])
    const lines = careSince(record, '2026-09-01', TODAY).map((l) => `${l.label}: ${l.says}`)
    expect(lines).toEqual([says])
    expect(draftNote(record, TODAY)).toContain(`${says}.`)
    const view = sharedViewOf({
      profile: record.profile,
      entries: record.entries,
      today: TODAY,
    } as never)
    expect(view.care.map((l) => `${l.label}: ${l.says}`)).toEqual([says])
  })
  it('as it stands: a part cut twice has its last length, feet cut on two days both, and a look its last', () => {
    const paws = (day: string, side: 'left' | 'right', mm: number) =>
      entry(day, {
        kind: 'tidy',
        tidy: 'paws',
        parts: [{ part: `paw.forefoot.${side}`, did: 'done', how: 'cut', mm }],
      })
    const look = (day: string, outcome: 'well' | 'wiped') =>
      entry(day, { kind: 'tidy', tidy: 'ear-look', outcome })
    const record = dog({}, 20, [
      paws('2026-09-10', 'left', 5),
      paws('2026-09-12', 'right', 4),
      paws('2026-09-18', 'left', 3),
      look('2026-09-11', 'well'),
      look('2026-09-19', 'wiped'),
    ])
    expect(careSince(record, '2026-09-01', TODAY).map((l) => l.says)).toEqual([
      'left forefoot cut to 3 mm on Friday; right forefoot cut to 4 mm on 12 September',
      '2 days, last yesterday: wiped',
    ])
  })
  it('is silent of what was before the visit, and of a concern that was nothing', () => {
    const before = entry('2026-08-20', { kind: 'wash', combedOut: true })
    const nothing = entry('2026-09-19', { kind: 'concern-closed', concern: concern.id, how: 'mistaken' })
    expect(careSince(dog({}, 20, [before, concern, nothing]), '2026-09-01', TODAY)).toEqual([])
  })
})
