import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyFact } from '../../../tests/support/facts'
import { entry } from '../../../tests/support/dogs'
import { REGION_IDS } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import type { Entry } from '../../record/entries'
import type { Finding } from '../../record/findings'
import { cutPlaces, doneShade, placesDone, sayDone } from './place-done'

const [FROM, TODAY] = ['2026-09-01', '2026-09-20']
const check = (day: string, region: RegionId, finding: Finding, count = 1, out = 0) =>
  entry(day, { kind: 'check', region, finding, count, out })
const done = (...entries: ReturnType<typeof entry>[]) => placesDone({ entries }, FROM, TODAY)

describe('what was done at a place', () => {
  it('counts the days it was combed, and tells what was met last and what became of it', () => {
    const all = done(
      check('2026-09-12', 'beard', 'knot', 2, 2),
      check('2026-09-17', 'beard', 'snag', 1, 0),
      check('2026-09-17', 'beard', 'glides'),
      check('2026-09-19', 'beard', 'refused'),
    )
    expect(sayDone(all.beard, TODAY)).toBe(
      'combed on 2 days, last on Thursday; knot on 12 September, came out; snag on Thursday, left; not allowed yesterday',
    )
    expect(sayDone(all.back, TODAY)).toBe('not combed')
  })

  it('tells what was cut, by tidy and by clip at home, side by side, and not what a groomer cut', () => {
    const all = done(
      entry('2026-09-02', { kind: 'visit', lengths: { body: 13 }, found: [] }),
      entry('2026-09-10', {
        kind: 'visit',
        home: true,
        lengths: { legs: 20 },
        except: [{ place: 'armpit', side: 'left', mm: 3 }],
        found: [],
      }),
      entry('2026-09-18', {
        kind: 'tidy',
        tidy: 'face',
        parts: [{ part: 'fringe', did: 'done', how: 'cut', mm: 15 }],
      }),
    )
    expect(all['armpit.left'].cut?.mm).toBe(3)
    expect(all['armpit.right'].cut?.mm).toBe(20)
    expect(all.back.cut).toBeNull()
    expect(sayDone(all.fringe, TODAY)).toBe('not combed; cut at home to 15 mm on Friday')
    expect(cutPlaces(all)).toContain('fringe')
    expect(cutPlaces(all)).not.toContain('back')
  })

  it('each kind of find its last time; out where as many came out as there were; a rasp neither', () => {
    const all = done(
      check('2026-09-12', 'beard', 'knot', 2, 1),
      check('2026-09-13', 'chest', 'mat', 1, 0),
      check('2026-09-14', 'chest', 'mat', 1, 1),
      entry('2026-09-15', { kind: 'check', region: 'back', finding: 'rasps' }),
      entry('2026-09-15', { kind: 'check', region: 'rump', finding: 'felt' }),
      entry('2026-09-15', { kind: 'check', region: 'tail', finding: 'snag', count: 1, out: 0, open: true }),
      check('2026-09-15', 'girth', 'refused'),
    )
    const said = (id: RegionId) => sayDone(all[id], TODAY)
    expect(said('beard')).toBe('combed once, on 12 September; knot on 12 September, left')
    expect(said('chest')).toBe('combed on 2 days, last on Monday; mat on Monday, came out')
    expect(said('back')).toBe('combed once, on Tuesday; rasps on Tuesday')
    expect(said('rump')).toBe('combed once, on Tuesday; felt on Tuesday, left')
    expect(said('tail')).toBe('combed once, on Tuesday')
    expect(said('girth')).toBe('not combed; not allowed on Tuesday')
  })
  it('what was cleaned or refused there is not cut; a cut of no told length is; undercoat on both sides', () => {
    const face = (part: string, more: object) =>
      entry('2026-09-18', { kind: 'tidy', tidy: 'face', parts: [{ part, ...more }] } as Entry['what'])
    const cut = { did: 'done', how: 'cut' }
    expect(done(face('fringe', cut)).fringe.cut).toEqual({ day: '2026-09-18', mm: null })
    expect(sayDone(done(face('fringe', cut)).fringe, TODAY)).toBe('not combed; cut at home on Friday')
    expect(done(face('fringe', { did: 'refused', how: 'cut' })).fringe.cut).toBeNull()
    expect(done(face('fringe', { did: 'done', how: 'cleaned' })).fringe.cut).toBeNull()
    const raked = entry('2026-09-18', {
      kind: 'undercoat',
      finding: 'packed',
      places: [{ place: 'thigh', finding: 'some' }],
    })
    for (const id of ['thigh.left', 'thigh.right'] as const)
      expect(sayDone(done(raked)[id], TODAY)).toBe('not combed; undercoat some on Friday')
    expect(done(raked)['side.left'].raked).toBeNull()
  })

  it('draws a place denser the longer no comb was there', () => {
    const shades = ['2026-09-19', '2026-09-14', '2026-09-08', '2026-09-01', '2026-08-01']
    expect(shades.map((last) => doneShade({ last }, TODAY))).toEqual([0, 1, 2, 3, 4])
    expect(doneShade({ last: null }, TODAY)).toBe(4)
    const edges = ['2026-09-17', '2026-09-16', '2026-09-13', '2026-09-12', '2026-09-06', '2026-09-05']
    expect(edges.map((last) => doneShade({ last }, TODAY))).toEqual([0, 1, 1, 2, 2, 3])
    expect(['2026-08-23', '2026-08-22'].map((last) => doneShade({ last }, TODAY))).toEqual([3, 4])
  })

  it('has words for every place, whatever was recorded, and hears nothing of before', () => {
    fc.assert(
      fc.property(fc.array(anyFact, { maxLength: 6 }), (facts) => {
        const all = done(...facts.map((what) => entry('2026-09-15', what)))
        for (const id of REGION_IDS) expect(sayDone(all[id], TODAY)).not.toMatch(/undefined|null|NaN/)
        const before = done(...facts.map((what) => entry('2026-08-15', what)))
        for (const id of REGION_IDS) expect(sayDone(before[id], TODAY)).toBe('not combed')
      }),
    )
  })
})
