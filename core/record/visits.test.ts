import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { regionOf } from '../coat/regions'
import type { Entry, FactOf } from './entries'
import { KEYED_FINDINGS, knotsIn, matsIn } from './findings'
import { firstLengths } from './first-lengths'
import { listed } from './say-list'
import { stretchStart } from './stretch-start'
import { timeline } from './timeline'
import { VISIT_DID } from './visit-did'
import { cuts, endsStretch, isVisit, lengthAt, visitDid } from './visits'
import { sayHelps } from './what-works'

const visit = (more: Partial<FactOf<'visit'>> = {}): FactOf<'visit'> => ({
  kind: 'visit',
  lengths: {},
  found: [],
  ...more,
})

describe('what a visit was', () => {
  it('one that does not say it did only some did everything; a clip at home is no visit', () => {
    expect(VISIT_DID.every((did) => visitDid(visit(), did))).toBe(true)
    expect(visitDid(visit({ did: ['bath'] }), 'nails')).toBe(true)
    const feet = visit({ did: ['feet', 'nails'], only: true })
    expect(VISIT_DID.filter((did) => visitDid(feet, did))).toEqual(['feet', 'nails'])
    expect([
      isVisit(visit()),
      isVisit(visit({ home: true })),
      isVisit({ kind: 'session', minutes: 1, places: 1 }),
    ]).toEqual([true, false, false])
  })
  it('what combs or cuts the coat ends a stretch; what takes hair off cuts', () => {
    const only = (did: (typeof VISIT_DID)[number]) => visit({ did: [did], only: true })
    expect(VISIT_DID.filter((did) => endsStretch(only(did)))).toEqual([
      'comb-out',
      'clip',
      'scissor',
      'strip',
    ])
    expect(VISIT_DID.filter((did) => cuts(only(did)))).toEqual(['clip', 'scissor', 'strip'])
    expect(endsStretch(visit({ home: true }))).toBe(false)
    expect(cuts(visit({ home: true }))).toBe(false)
  })
  it('a side said apart comes before its pair', () => {
    const v = visit({
      except: [
        { place: 'forefoot', mm: 4 },
        { place: 'forefoot', side: 'left', mm: 6 },
        { place: 'hindfoot', side: 'right', mm: 8 },
      ],
    })
    expect(
      (['forefoot.left', 'forefoot.right', 'hindfoot.left', 'hindfoot.right', 'beard'] as const).map((r) =>
        lengthAt(v, regionOf(r)),
      ),
    ).toEqual([6, 4, undefined, 8, undefined])
  })
  it('the stretch begins at the last that ended one, or with the record', () => {
    const on = (day: string, more: Partial<FactOf<'visit'>> = {}) => entry(day, visit(more))
    const record = (...entries: Entry[]) => ({ ...dog(), entries })
    expect(stretchStart(record(), '2026-09-20')).toBe('2026-09-01')
    const two = record(on('2026-09-05'), on('2026-09-12'), on('2026-09-14', { did: ['feet'], only: true }))
    expect(
      ['2026-09-20', '2026-09-12', '2026-09-11', '2026-09-04'].map((at) => stretchStart(two, at)),
    ).toEqual(['2026-09-12', '2026-09-12', '2026-09-05', '2026-09-01'])
  })
  it('the first length that was told of a place: by visit, measure or a clip at home where one cuts', () => {
    const facts = timeline([
      entry('2026-09-02', { kind: 'measure', regions: ['back'], mm: 22 }),
      entry('2026-09-03', visit({ home: true, lengths: { body: 10, legs: 12 } })),
      entry('2026-09-04', visit({ lengths: { legs: 15, head: 20 }, except: [{ place: 'beard', mm: 30 }] })),
      entry('2026-09-09', { kind: 'measure', regions: ['tail'], mm: 50 }),
    ])
    const first = firstLengths(facts, '2026-09-05')
    expect(first.get('back')?.mm).toBe(22)
    expect(first.get('rump')?.mm).toBe(10)
    // No clipper goes to feet at home.
    expect(first.get('forefoot.left')?.mm).toBe(15)
    expect(first.get('beard')?.mm).toBe(30)
    expect(first.has('tail')).toBe(false)
    expect(first.get('rump')!.day - first.get('back')!.day).toBe(1)
  })
})

it('knots and mats a finding stands for; felt counts as five mats (judgement)', () => {
  const of = (finding: FactOf<'check'>['finding'], count?: number) => {
    const found = { finding, ...(count === undefined ? {} : { count }) }
    return [knotsIn(found), matsIn(found)]
  }
  expect([of('glides'), of('rasps', 3), of('refused', 2)]).toEqual([
    [0, 0],
    [0, 0],
    [0, 0],
  ])
  expect([of('snag', 3), of('knot'), of('mat', 2), of('felt', 9)]).toEqual([
    [3, 0],
    [1, 0],
    [2, 2],
    [5, 5],
  ])
})
it('six findings have a key; a rasp is heard', () => {
  expect(KEYED_FINDINGS).toEqual(['glides', 'snag', 'knot', 'mat', 'felt', 'refused'])
})
it('lists, and what helps, in words', () => {
  expect([listed([]), listed(['a']), listed(['a', 'b']), listed(['a', 'b', 'c'])]).toEqual([
    '',
    'a',
    'a and b',
    'a, b and c',
  ])
  expect(sayHelps({ noises: 'from far ', breaks: 'every five minutes', treats: ' ' })).toBe(
    'breaks: every five minutes; noises: from far',
  )
  expect(sayHelps(undefined)).toBe('')
})
