import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { anyFact } from '../../tests/support/facts'
import { REGION_IDS, regionOf } from '../coat/regions'
import type { Entry } from './entries'
import type { WishAnswerLine, WishLine } from './wish-lines'
import { factSchema } from './entries'
import { assess } from './fold'
import {
  agreedCut,
  answeredOtherwise,
  asAnswered,
  asVisit,
  cutOfLines,
  regionsOfLine,
  standingWish,
  whereLabel,
} from './wishes'

const [ASKED, TODAY] = ['2026-10-01', '2026-10-10']
const LINES: WishLine[] = [
  { part: 'body', mm: 14 },
  { part: 'legs', mm: 25, says: 'fluffy' },
  { part: 'tail', mm: 90 },
  { place: 'armpit', mm: 2 },
]
const ANSWER: WishAnswerLine[] = [
  { part: 'body', how: 'will' },
  { part: 'legs', how: 'rather', mm: 16 },
  { part: 'tail', how: 'not' },
  { place: 'armpit', how: 'will' },
]
const wish = entry(ASKED, { kind: 'wish', lines: LINES })
const answer = (lines = ANSWER, to = wish.id) =>
  entry('2026-10-03', { kind: 'wish-answer', wish: to, from: 'Imke', lines })
const taken = (a: Entry) => entry('2026-10-04', { kind: 'wish-taken', answer: a.id })
const stands = (...entries: Entry[]) => standingWish({ entries }, TODAY)

describe('a wish for the cut', () => {
  it('is the last that was wished; an answer to one of before is none to it', () => {
    const later = entry('2026-10-05', { kind: 'wish', lines: [{ part: 'head', mm: 20 }] })
    expect(stands()).toBeNull()
    expect(stands(wish)?.lines).toEqual(LINES)
    expect(stands(wish, answer(), later)?.lines).toEqual([{ part: 'head', mm: 20 }])
    expect(stands(wish, later, entry('2026-10-06', { ...answer().what }))?.answer).toBeNull()
    expect(standingWish({ entries: [wish] }, '2026-09-30')).toBeNull()
  })
  it('a place wished for by itself is not its part’s; a part that has a place’s name is told apart', () => {
    expect(regionsOfLine({ part: 'legs' }, LINES).some((r) => regionOf(r).place === 'armpit')).toBe(false)
    expect(regionsOfLine({ part: 'legs' }, [])).toContain('armpit.left')
    expect(regionsOfLine({ place: 'tail' }, [])).toEqual(['tail'])
    expect(regionsOfLine({ part: 'tail' }, [])).toContain('tail-base')
    expect([whereLabel({ part: 'tail' }), whereLabel({ place: 'tail' })]).toEqual([
      'Tail and britches',
      'Tail',
    ])
    const cut = cutOfLines(LINES)
    expect([cut.get('armpit.left'), cut.get('foreleg.left'), cut.get('crown')]).toEqual([2, 25, undefined])
  })
  it('takes a length, or left to grow, or words; never two of the first, never nothing, each where once', () => {
    const ok = (lines: unknown) => factSchema.safeParse({ kind: 'wish', lines }).success
    expect(ok([{ part: 'body', says: 'round' }])).toBe(true)
    expect(
      ok([
        { place: 'tail', leave: true },
        { part: 'tail', mm: 3 },
      ]),
    ).toBe(true)
    for (const lines of [
      [],
      [{ part: 'body' }],
      [{ mm: 4 }],
      [{ part: 'body', place: 'back', mm: 4 }],
      [{ part: 'body', mm: 4, leave: true }],
      [
        { part: 'body', mm: 4 },
        { part: 'body', mm: 5 },
      ],
      [{ part: 'body', mm: -1 }],
    ])
      expect(ok(lines)).toBe(false)
    const said = (line: unknown) =>
      factSchema.safeParse({ kind: 'wish-answer', wish: wish.id, from: 'Imke', lines: [line] }).success
    expect(said({ part: 'body', how: 'rather' })).toBe(false)
    expect(said({ part: 'body', how: 'will', mm: 3 })).toBe(false)
    expect(said({ part: 'body', how: 'not', mm: 3 })).toBe(true)
  })
  it('is agreed when the answer is taken, or when all of it is answered with yes', () => {
    const a = answer()
    expect(agreedCut(stands(wish))).toBeNull()
    expect(agreedCut(stands(wish, a))).toBeNull()
    const cut = agreedCut(stands(wish, a, taken(a)))!
    expect([cut.get('side.left'), cut.get('foreleg.left'), cut.get('tail'), cut.get('armpit.right')]).toEqual(
      [14, 16, undefined, 2],
    )
    const yes = answer(
      LINES.map(({ part, place }) => ({ ...(place ? { place } : { part }), how: 'will' as const })),
    )
    expect(agreedCut(stands(wish, yes))?.get('tail')).toBe(90)
    // An answer given anew is to be taken anew.
    const again = entry('2026-10-06', { ...answer().what })
    expect(stands(wish, a, taken(a), again)?.taken).toBe(false)
  })
  it('as answered holds what the groomer will do and no more', () => {
    const standing = stands(wish, answer())!
    expect(answeredOtherwise(standing)).toBe(true)
    expect(asAnswered(standing)).toEqual([
      { part: 'body', mm: 14 },
      { part: 'legs', mm: 16 },
      { place: 'armpit', mm: 2 },
    ])
  })
  it('is over with the visit that cuts; a visit that tells no lengths is taken to have left what was agreed', () => {
    const a = answer()
    const visit = (what: object) =>
      entry('2026-10-08', { kind: 'visit', lengths: {}, found: [], ...what } as Entry['what'])
    const mm = (at: 'side.left' | 'foreleg.left' | 'armpit.left', ...more: Entry[]) =>
      assess(dog({}, 20, [wish, a, ...more]), '2026-10-08').regions[at]!.mm
    expect(stands(wish, a, visit({}))).toBeNull()
    expect(stands(wish, visit({ did: ['feet'], only: true }))).not.toBeNull()
    expect(mm('side.left', taken(a), visit({}))).toBe(14)
    expect(mm('armpit.left', taken(a), visit({}))).toBe(2)
    // What it tells itself comes first; what was not agreed is nothing; a bath cuts nothing.
    expect(mm('side.left', taken(a), visit({ lengths: { body: 9 } }))).toBe(9)
    expect(mm('foreleg.left', taken(a), visit({ lengths: { body: 9 } }))).toBe(16)
    const grown = mm('side.left')
    expect(mm('side.left', visit({}))).toBe(grown)
    expect(mm('side.left', taken(a), visit({ did: ['bath', 'comb-out'], only: true }))).toBe(grown)
  })
  it('is the same in whatever order it is read, and whatever hour of its day it was written at', () => {
    const a = answer()
    const all = [
      { ...wish, time: '18:40' },
      a,
      { ...taken(a), day: a.day, time: '07:10' },
      entry('2026-09-20', { kind: 'wish', lines: [{ part: 'head', mm: 20 }] }),
    ]
    const told = stands(...all)
    expect(told).toMatchObject({ id: wish.id, taken: true, answer: { id: a.id } })
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (entries) => {
        expect(stands(...entries)).toEqual(told)
      }),
    )
    // A visit of that evening, entered without its hour, is the end of it; what is wished after it is the next.
    const visit = entry(ASKED, { kind: 'visit', lengths: { body: 14 }, found: [] })
    expect(stands({ ...wish, time: '18:40' }, visit)).toBeNull()
    const next = entry(ASKED, { kind: 'wish', lines: [{ part: 'head', mm: 22 }] }, { time: '08:00' })
    expect(stands({ ...wish, time: '18:40' }, visit, next)?.id).toBe(next.id)
  })
  it('whatever else is written, it is there or not, and a cut told as a visit leaves those lengths', () => {
    fc.assert(
      fc.property(fc.array(anyFact, { maxLength: 6 }), (facts) => {
        const entries = [wish, ...facts.map((what) => entry('2026-10-02', what))]
        const standing = standingWish({ entries }, TODAY)
        if (standing) for (const id of cutOfLines(standing.lines).keys()) expect(REGION_IDS).toContain(id)
      }),
      { numRuns: 100 },
    )
    const cut = cutOfLines(LINES)
    const after = assess(dog({}, 200, [entry(ASKED, asVisit(cut))]), ASKED)
    for (const [id, mm] of cut) expect(after.regions[id]!.mm).toBe(mm)
  })
})
