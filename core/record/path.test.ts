import fc from 'fast-check'
import { expect, it } from 'vitest'
import { dog, visit } from '../../tests/support/dogs'
import { anyEntry } from '../../tests/support/facts'
import { addDays } from './day'
import type { Entry } from './entries'
import { assess, assessEach } from './fold'
import type { DogRecord } from './fold'
import { timeline } from './timeline'

const START = '2026-03-01'
const DAYS = 160
let strangers = 0

/** Of the same record nothing was worked out before: none of its entries was ever seen. */
const unseen = ({ profile, entries }: DogRecord): DogRecord => ({
  profile: { ...profile, name: `${profile.name} ${String(strangers++)}` },
  entries: structuredClone(entries) as Entry[],
})

/** What comes into a record bit by bit, some of it putting right or taking back what came before. */
const arrivals = fc.array(
  fc.tuple(
    fc.array(anyEntry(START, DAYS), { minLength: 1, maxLength: 4 }),
    fc.option(fc.tuple(fc.uuid({ version: 7 }), fc.nat(), fc.boolean())),
    fc.integer({ min: 1, max: DAYS }),
  ),
  { minLength: 1, maxLength: 8 },
)

it('a record that grows gives what the same record gives when it is met for the first time', () => {
  fc.assert(
    fc.property(arrivals, (steps) => {
      let record = dog({ since: START, harnessHours: 2 }, 0)
      record = { ...record, entries: [visit(START, 'wool-cross', 20)] }
      for (const [more, fix, at] of steps) {
        const entries = [...record.entries, ...more]
        const target = fix && entries[fix[1] % entries.length]
        if (target)
          entries.push({
            id: fix[0],
            day: target.day,
            what: {
              kind: 'correction',
              replaces: target.id,
              by: fix[2] ? null : { kind: 'wash', combedOut: false },
            },
          })
        record = { ...record, entries }
        const day = addDays(START, at)
        expect(timeline(record.entries)).toEqual(timeline(unseen(record).entries))
        expect(assess(record, day)).toEqual(assess(unseen(record), day))
        const few = addDays(day, -3)
        expect(assessEach(record, few, day)).toEqual(assessEach(unseen(record), few, day))
      }
    }),
    { numRuns: 15 },
  )
})

it('a coat that was handed out and carried on changes nothing of what is handed out next', () => {
  const record = dog({ since: START }, 20)
  const day = addDays(START, 70)
  const before = assess(record, day)
  const longer = { ...record, entries: [...record.entries, visit(addDays(START, 30), 'wool-cross', 9)] }
  assess(longer, addDays(START, 90))
  expect(assess(record, day)).toEqual(before)
})

it('a list that is added to in place is not taken for what it was', () => {
  const entries: Entry[] = [visit(START, 'wool-cross', 20)]
  const record = { ...dog({ since: START }), entries }
  const day = addDays(START, 40)
  const before = assess(record, day)
  entries.push(visit(addDays(START, 30), 'wool-cross', 9))
  expect(assess(record, day).visitOn).toBe(addDays(START, 30))
  expect(assess(record, day)).toEqual(assess(unseen(record), day))
  expect(before.visitOn).toBe(START)
})
