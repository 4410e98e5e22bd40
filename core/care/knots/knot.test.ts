import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import type { RegionId } from '../../coat/regions'
import { decideKnot, isDangerPlace, nearPrivates, TEASE_LIMIT, teaseOrClip } from './knot'
import type { KnotDecision, KnotFound } from './knot'

const yesNo = [true, false]
const KINDS = ['snag', 'knot', 'mat', 'felt'] as const
/** A calm place, a danger place, and one that reaches the privates. */
const PLACES: RegionId[] = ['back', 'armpit.left', 'under-tail', 'inner-thigh.right']

const ANSWERS: { [K in keyof KnotFound]: readonly KnotFound[K][] } = {
  region: PLACES,
  kind: KINDS,
  count: [1, 2, 3],
  matsOverDog: [0, 4, 9],
  skinWell: yesNo,
  privates: yesNo,
  fouled: yesNo,
  allowed: yesNo,
  calm: yesNo,
  tried: yesNo,
  washable: yesNo,
  washFirst: yesNo,
  shownMats: yesNo,
}
/** Every combination of answers the screen can give. */
const all = Object.entries(ANSWERS)
  .reduce<object[]>(
    (list, [what, values]) => list.flatMap((k) => values.map((v) => ({ ...k, [what]: v }))),
    [{}],
  )
  .map((k) => k as KnotFound)
  .filter((k) => !k.privates || nearPrivates(k.region))

describe('the decision about a knot, over every combination of answers', () => {
  it('never says tease where it must not', () => {
    expect(all.length).toBeGreaterThan(10_000)
    for (const k of all) {
      if (decideKnot(k).answer !== 'tease') continue
      expect(k.skinWell).toBe(true)
      expect(k.privates).toBe(false)
      expect(k.kind).not.toBe('felt')
      expect(k.allowed).toBe(true)
      expect(k.tried).toBe(false)
      if (k.kind === 'mat')
        expect([k.shownMats, k.calm, k.count, isDangerPlace(k.region)]).toEqual([true, true, 1, false])
    }
  })

  it('gives the reason that fits, the first in the order of the questions', () => {
    for (const k of all) {
      const { answer, why } = decideKnot(k)
      const expected = !k.skinWell
        ? ['vet', 'sore']
        : k.privates && k.fouled
          ? ['vet', 'fouled']
          : k.privates
            ? ['groomer', 'privates']
            : null
      if (expected) expect([answer, why]).toEqual(expected)
      else expect(answer).not.toBe('vet')
    }
  })

  it('ends with the groomer at a danger place if it does not give', () => {
    for (const k of all)
      if (isDangerPlace(k.region) && k.tried && k.skinWell)
        expect(['groomer', 'vet']).toContain(decideKnot(k).answer)
  })

  it('washes nothing that has mats or felt, or that water does not reach', () => {
    for (const k of all)
      if (decideKnot(k).answer === 'condition') {
        expect(k.washable && (k.tried || k.washFirst)).toBe(true)
        expect(isDangerPlace(k.region)).toBe(false)
        expect(['snag', 'knot']).toContain(k.kind)
      }
  })

  it('has minutes for teasing and for nothing else, one at a danger place', () => {
    for (const k of all) {
      const { answer, minutes } = decideKnot(k)
      if (answer !== 'tease') expect(minutes).toBeNull()
      else expect(minutes).toBe(isDangerPlace(k.region) ? TEASE_LIMIT.danger : TEASE_LIMIT.usual)
    }
  })

  const plain: KnotFound = {
    region: 'back',
    kind: 'knot',
    count: 1,
    skinWell: true,
    privates: false,
    fouled: false,
    matsOverDog: 0,
    allowed: true,
    calm: true,
    tried: false,
    washable: false,
    shownMats: false,
    washFirst: false,
  }
  type Row = [what: string, basis: 'common practice' | 'judgement', Partial<KnotFound>, KnotDecision]
  const rows: Row[] = [
    ['red skin', 'common practice', { skinWell: false }, { answer: 'vet', why: 'sore', minutes: null }],
    [
      'at the sheath',
      'common practice',
      { region: 'belly', privates: true },
      { answer: 'groomer', why: 'privates', minutes: null },
    ],
    [
      'fouled under the tail',
      'common practice',
      { region: 'under-tail', privates: true, fouled: true },
      { answer: 'vet', why: 'fouled', minutes: null },
    ],
    ['felt', 'common practice', { kind: 'felt' }, { answer: 'groomer', why: 'felt', minutes: null }],
    [
      'three mats in a place',
      'judgement',
      { kind: 'mat', count: 3 },
      { answer: 'groomer', why: 'many-mats', minutes: null },
    ],
    [
      'nine mats over the dog, one knot here',
      'judgement',
      { matsOverDog: 9 },
      { answer: 'groomer', why: 'many-mats', minutes: null },
    ],
    ['one mat', 'common practice', { kind: 'mat' }, { answer: 'groomer', why: 'mat', minutes: null }],
    [
      'one mat, shown how',
      'judgement',
      { kind: 'mat', shownMats: true },
      { answer: 'tease', why: 'mat-shown', minutes: 3 },
    ],
    [
      'one mat, shown how, on a dog that fidgets',
      'common practice',
      { kind: 'mat', shownMats: true, calm: false },
      { answer: 'groomer', why: 'mat', minutes: null },
    ],
    [
      'one mat at the armpit, shown how',
      'judgement',
      { kind: 'mat', shownMats: true, region: 'armpit.left' },
      { answer: 'groomer', why: 'mat', minutes: null },
    ],
    [
      'a knot at the armpit',
      'common practice',
      { region: 'armpit.left' },
      { answer: 'tease', why: 'danger', minutes: 1 },
    ],
    [
      'that did not give',
      'common practice',
      { region: 'armpit.left', tried: true, washable: true },
      { answer: 'groomer', why: 'danger-tried', minutes: null },
    ],
    ['a knot on the back', 'common practice', {}, { answer: 'tease', why: 'moves', minutes: 3 }],
    [
      'not allowed',
      'common practice',
      { allowed: false },
      { answer: 'groomer', why: 'not-allowed', minutes: null },
    ],
    [
      'tried, and water soaks in',
      'common practice',
      { tried: true, washable: true },
      { answer: 'condition', why: 'tried-wash', minutes: null },
    ],
    [
      'washed first, where water soaks in',
      'common practice',
      { washFirst: true, washable: true },
      { answer: 'condition', why: 'wash-first', minutes: null },
    ],
    [
      'washed first, but at the armpit',
      'judgement',
      { washFirst: true, washable: true, region: 'armpit.left' },
      { answer: 'tease', why: 'danger', minutes: 1 },
    ],
    [
      'washed first, where it does not soak in',
      'common practice',
      { washFirst: true },
      { answer: 'tease', why: 'moves', minutes: 3 },
    ],
    [
      'tried, and it does not',
      'common practice',
      { tried: true },
      { answer: 'groomer', why: 'tried', minutes: null },
    ],
  ]
  it.each(rows)('%s (%s)', (_what, _basis, more, decision) => {
    expect(decideKnot({ ...plain, ...more })).toEqual(decision)
  })
})

describe('teasing against clipping', () => {
  it('a 30 mm coat clipped out is back in 86 days; two knots are four minutes', () => {
    expect(teaseOrClip('knot', 2, 30, 0.35, 8)).toEqual({ teaseMinutes: 4, bears: 8, regrowDays: 86 })
  })
  it('takes longer for more of them and for worse ones', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 40 }),
        fc.double({ min: 1, max: 400, noNaN: true }),
        (count, mm) => {
          const of = (kind: KnotFound['kind']) => teaseOrClip(kind, count, mm, 0.3, null).teaseMinutes
          expect(of('snag')).toBeLessThan(of('knot'))
          expect(of('knot')).toBeLessThan(of('mat'))
        },
      ),
    )
  })
})
