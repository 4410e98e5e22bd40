import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyFact } from '../../../tests/support/facts'
import { dog, entry } from '../../../tests/support/dogs'
import type { RegionId } from '../../coat/regions'
import type { Entry } from '../../record/entries'
import type { Comfort } from '../../record/findings'
import { hardPlaces } from './handling'
import { whatWent } from './what-went'

const TODAY = '2026-09-30'
const on = (n: number) => `2026-09-${String(n).padStart(2, '0')}`
const check = (n: number, region: RegionId, comfort?: Comfort, time?: string) =>
  entry(
    on(n),
    { kind: 'check', region, finding: 'glides', ...(comfort ? { comfort } : {}) },
    time ? { time } : {},
  )
const went = (entries: Entry[], more: Parameters<typeof dog>[0] = {}) =>
  whatWent(dog(more, 20, entries), TODAY)
const says = (entries: Entry[], more: Parameters<typeof dog>[0] = {}) =>
  went(entries, more).map((w) => w.says)
const days = [2, 3, 4, 5, 6, 7]

describe('what works, as the record shows it', () => {
  const feet = days.flatMap((n) => [
    check(n, 'forefoot.left', n < 7 ? 'fidgety' : 'easy'),
    check(n, 'forefoot.right', n === 2 ? 'fidgety' : 'easy'),
  ])
  it('which side first, once it tells them apart', () => {
    expect(went(feet)).toEqual([
      {
        id: 'side forefoot',
        place: 'forefoot',
        first: 'right',
        says: 'forefeet: right first, minded on 1 of 6 days, the other 5 of 6',
      },
    ])
    expect(says(feet.slice(0, 6))).toEqual([])
    expect(
      says(days.flatMap((n) => [check(n, 'forefoot.left', 'easy'), check(n, 'forefoot.right', 'easy')])),
    ).toEqual([])
  })
  it('says nothing over again that was told, and nothing of a comb that told nothing', () => {
    expect(says(feet, { works: [{ place: 'forefoot', first: 'left' }] })).toEqual([])
    expect(says(days.flatMap((n) => [check(n, 'forefoot.left'), check(n, 'forefoot.right')]))).toEqual([])
  })
  it('a groomer who tells which side first has told it', () => {
    const visit = entry(on(20), {
      kind: 'visit',
      lengths: {},
      found: [],
      works: [{ place: 'forefoot', first: 'left' }],
    })
    // What became true of the dog is in its profile, as it is on the day.
    expect(says([...feet, visit], { works: [{ place: 'forefoot', first: 'left' }] })).toEqual([])
  })
  it('with which tool, and at what hour', () => {
    const tidies = days.map((n) =>
      entry(on(n), {
        kind: 'tidy',
        tidy: 'paws',
        parts: [
          { part: 'paw.forefoot.left', did: 'refused', using: 'guarded-clipper' },
          { part: 'paw.hindfoot.left', did: 'done', how: 'cut', using: 'blunt-scissors', comfort: 'easy' },
        ],
      }),
    )
    expect(says(tidies)).toContain(
      'small blunt-tip scissors: minded on 0 of 6 days, with clipper with its guard 6 of 6',
    )
    const sittings = days.flatMap((n) => [
      check(n, 'back', 'easy', '08:10'),
      check(n + 10, 'back', 'fidgety', '19:30'),
    ])
    expect(says(sittings)).toEqual(['best in the morning: minded on 0 of 6 days, in the evening 6 of 6'])
  })
  it('not of what was met on three days, nor of the middle of the day, nor of hours nobody wrote down', () => {
    const at = (n: number, time: string | undefined, comfort: Comfort) => check(n, 'back', comfort, time)
    const both = (some: number[], early: string | undefined, late: string | undefined) =>
      some.flatMap((n) => [at(n, early, 'easy'), at(n + 10, late, 'fidgety')])
    const four = days.slice(0, 4)
    expect(says(both(four, '11:59', '17:00'))).toEqual([
      'best in the morning: minded on 0 of 4 days, in the evening 4 of 4',
    ])
    expect(says(both(four.slice(0, 3), '11:59', '17:00'))).toEqual([])
    expect(says(both(four, '12:00', '17:00'))).toEqual([])
    expect(says(both(four, '11:59', '16:59'))).toEqual([])
    expect(says(both(four, undefined, '17:00'))).toEqual([])
    const evening = four.flatMap((n) => [at(n, '08:00', 'fidgety'), at(n + 10, '19:00', 'easy')])
    expect(says(evening)).toEqual(['best in the evening: minded on 0 of 4 days, in the morning 4 of 4'])
    // A comb that told nothing of the dog is not an easy one.
    expect(
      says(four.flatMap((n) => [check(n, 'back', undefined, '08:00'), at(n + 10, '19:00', 'fidgety')])),
    ).toEqual([])
  })
  it('a refusal counts as minded, at the comb, at a tidy and on the groomer’s table', () => {
    const two = (n: number, left: Entry['what'], right: Entry['what']) => [
      entry(on(n), left),
      entry(on(n), right),
    ]
    const four = days.slice(0, 4)
    const first = ['forefeet: right first, minded on 0 of 4 days, the other 4 of 4']
    const refused = (side: string) =>
      ({ kind: 'check', region: `forefoot.${side}`, finding: 'refused' }) as Entry['what']
    const easy = (side: string) =>
      ({ kind: 'check', region: `forefoot.${side}`, finding: 'glides', comfort: 'easy' }) as Entry['what']
    expect(says(four.flatMap((n) => two(n, refused('left'), easy('right'))))).toEqual(first)
    const foot = (side: string, more: object) =>
      ({ kind: 'tidy', tidy: 'paws', parts: [{ part: `paw.forefoot.${side}`, ...more }] }) as Entry['what']
    const done = { did: 'done', how: 'cut', using: 'blunt-scissors' }
    expect(
      says(
        four.flatMap((n) =>
          two(n, foot('left', { ...done, comfort: 'stopped' }), foot('right', { ...done, comfort: 'easy' })),
        ),
      ),
    ).toEqual(first)
    expect(
      says(
        four.flatMap((n) =>
          two(n, foot('left', { did: 'refused' }), foot('right', { ...done, comfort: 'easy' })),
        ),
      ),
    ).toEqual(first)
    expect(says(four.flatMap((n) => two(n, foot('left', done), foot('right', done))))).toEqual([])
    const visits = [10, 13, 16, 19].map((n) =>
      entry(on(n), {
        kind: 'visit',
        lengths: {},
        found: [
          { region: 'forefoot.left', finding: 'glides', comfort: 'fidgety' },
          { region: 'forefoot.right', finding: 'glides', comfort: 'easy' },
          { region: 'beard', finding: 'glides' },
        ],
      }),
    )
    expect(says(visits)).toEqual(first)
    // Days after the one that is asked about have not come yet.
    expect(whatWent(dog({}, 20, visits), on(18))).toEqual([])
  })
  it('a young dog is given a rest after what it bears', () => {
    expect(says([], { born: '2026-06' })).toEqual(['a rest after 5 minutes: so long it bears at one go'])
  })
  it('has words for whatever was recorded', () => {
    fc.assert(
      fc.property(fc.array(anyFact, { maxLength: 12 }), (facts) => {
        const all = facts.flatMap((what, i) => days.map((n) => entry(on(n + (i % 3)), what)))
        for (const w of went(all)) expect(w.says).not.toMatch(/undefined|null|NaN/)
      }),
      { numRuns: 40 },
    )
  })
})

describe('what a groomer met', () => {
  const visit = (comfort?: Comfort) =>
    entry(on(10), {
      kind: 'visit',
      lengths: {},
      found: [{ region: 'hindfoot.left', finding: 'glides', ...(comfort ? { comfort } : {}) }],
    })
  it('makes a place hard that was stopped there, and leaves one be of which nothing was said', () => {
    const hard = (e: Entry[]) => hardPlaces(dog({}, 20, e), TODAY).map((h) => [h.place, h.why])
    expect(hard([visit('stopped')])).toEqual([['hindfoot', 'stopped']])
    expect(hard([visit('easy')])).toEqual([])
    const refused = entry(on(8), { kind: 'check', region: 'hindfoot.left', finding: 'refused' })
    expect(hard([refused, visit()])).toEqual([['hindfoot', 'refused']])
    expect(hard([refused, visit('easy')])).toEqual([])
  })
})
