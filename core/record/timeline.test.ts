import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entry } from '../../tests/support/dogs'
import { anyEntry, anyFact } from '../../tests/support/facts'
import { addDays } from './day'
import type { Entry } from './entries'
import { between, sameFirst, timeline } from './timeline'

const START = '2026-09-01'
/** A diary with corrections in it, of entries and of corrections, some of them with nothing. */
const diary: fc.Arbitrary<Entry[]> = fc
  .tuple(
    fc.uniqueArray(anyEntry(START, 20), { maxLength: 15, selector: (e) => e.id }),
    fc.array(fc.tuple(fc.uuid({ version: 7 }), fc.nat(), fc.option(anyFact)), { maxLength: 6 }),
  )
  .map(([entries, fixes]) => {
    const all: Entry[] = [...entries]
    for (const [id, n, by] of fixes) {
      const target = all[n % Math.max(1, all.length)]
      if (target && !all.some((e) => e.id === id))
        all.push({ id, day: target.day, what: { kind: 'correction', replaces: target.id, by } })
    }
    return all
  })

describe('the facts in force', () => {
  it('are the same in whatever order entries come, and however often', () => {
    fc.assert(
      fc.property(diary, fc.func(fc.integer()), (entries, rank) => {
        const shuffled = [...entries, ...entries.slice(0, 3)]
          .map((e, i) => [rank(e.id, i), e] as const)
          .sort((a, b) => a[0] - b[0])
          .map(([, e]) => e)
        expect(timeline(shuffled)).toEqual(timeline(entries))
      }),
    )
  })
  it('stand by day, then by time, each of an entry that was made', () => {
    fc.assert(
      fc.property(diary, (entries) => {
        const made = new Map(entries.filter((e) => e.what.kind !== 'correction').map((e) => [e.id, e]))
        const facts = timeline(entries)
        facts.forEach((f, i) => {
          const { day, time } = made.get(f.id)!
          expect([f.day, f.time]).toEqual([day, time])
          if (!i) return
          const before = facts[i - 1]!
          expect(before.day <= f.day).toBe(true)
          // What is true of the dog from a day on stands before all that happened on it.
          const [truth, truthBefore] = [f.what.kind === 'dog', before.what.kind === 'dog']
          if (before.day === f.day && truth) expect(truthBefore).toBe(true)
          else if (before.day === f.day && !truthBefore && before.time && f.time)
            expect(before.time <= f.time).toBe(true)
        })
        expect(new Set(facts.map((f) => f.id)).size).toBe(facts.length)
      }),
    )
  })
  it('where nothing was put right, are all that was entered', () => {
    fc.assert(
      fc.property(fc.uniqueArray(anyEntry(START, 20), { selector: (e) => e.id }), (entries) => {
        const by = (list: readonly { id: string }[]) => list.map((e) => e.id).sort()
        expect(by(timeline(entries))).toEqual(by(entries))
      }),
    )
  })
})

describe('a part of a timeline', () => {
  it('from one day to another is what a walk over all of it finds', () => {
    fc.assert(
      fc.property(diary, fc.nat({ max: 24 }), fc.nat({ max: 24 }), (entries, a, b) => {
        const facts = timeline(entries)
        const [from, to] = [addDays(START, a), addDays(START, b)]
        expect(between(facts, from, to)).toEqual(facts.filter((f) => f.day >= from && f.day <= to))
      }),
    )
  })
  it('that still stands when a list has grown is what a walk over both finds', () => {
    fc.assert(
      fc.property(diary, fc.array(anyEntry(START, 20), { maxLength: 4 }), (entries, more) => {
        const before = timeline(entries)
        const now = timeline([...entries, ...more])
        const differs = before.findIndex((f, i) => f !== now[i])
        expect(sameFirst(before, now)).toBe(differs < 0 ? Math.min(before.length, now.length) : differs)
      }),
    )
  })
})

describe('putting right', () => {
  const id = (n: number) => `01000000-0000-7000-8000-${String(n).padStart(12, '0')}`
  const wash = entry(START, { kind: 'wash', combedOut: false }, { id: id(1) })
  const right = (n: number, replaces: string, by: { kind: 'wash'; combedOut: boolean } | null) =>
    entry(START, { kind: 'correction', replaces, by }, { id: id(n) })
  const said = (...entries: Entry[]) => timeline(entries).map((f) => f.what)

  it('stands in for what it replaces, the latest last', () => {
    const first = right(2, wash.id, { kind: 'wash', combedOut: true })
    expect(said(wash, first)).toEqual([{ kind: 'wash', combedOut: true }])
    expect(said(wash, first, right(3, wash.id, null))).toEqual([])
  })
  it('is undone by taking the correction back, and by taking that back comes again', () => {
    const gone = right(2, wash.id, null)
    const undone = right(3, gone.id, null)
    expect(said(wash, gone)).toEqual([])
    expect(said(wash, gone, undone)).toEqual([wash.what])
    expect(said(wash, gone, undone, right(4, undone.id, null))).toEqual([])
  })
  it('of what was never made is nothing', () => {
    expect(said(right(2, id(9), { kind: 'wash', combedOut: true }))).toEqual([])
  })
})

it('a correction made in view of another stands after it, whatever the devices’ clocks said', () => {
  const wash = { kind: 'wash', combedOut: true } as const
  const id = (n: number) => `0190000${n}-0000-7000-8000-000000000000`
  const first: Entry = { id: id(1), day: START, what: { kind: 'wash', combedOut: false } }
  // Made first, on a device whose clock is ahead; the undo knows of it though its own id is earlier.
  const ahead: Entry = { id: id(9), day: START, what: { kind: 'correction', replaces: first.id, by: wash } }
  const undo: Entry = {
    id: id(5),
    day: START,
    what: { kind: 'correction', replaces: first.id, by: null, knows: ahead.id },
  }
  for (const list of [
    [first, ahead, undo],
    [undo, ahead, first],
  ])
    expect(timeline(list)).toEqual([])
  // One that knew of nothing later is ordered by its own id, as before.
  const blind: Entry = { ...undo, what: { kind: 'correction', replaces: first.id, by: null } }
  expect(timeline([first, ahead, blind]).map((f) => f.what)).toEqual([wash])
})
