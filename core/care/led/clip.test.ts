import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { REGION_IDS, regionOf } from '../../coat/regions'
import { assess, coatOn } from '../../record/fold'
import { LEFT_AT_HOME } from '../../record/visits'
import { clipLengths } from '../../plan/clip-lengths'
import { dangerRow, dangersNear } from '../tidies/dangers'
import {
  CLIPPED_PLACES,
  CLIP_FROM,
  clipDid,
  clipOrder,
  clippedParts,
  clipSteps,
  regionsClipped,
} from './clip'
import type { ClipPartId, ClipWork } from './clip'
import { BEGIN, find, nextStep, refuse, stepAt, stopRun } from './run'
import type { Run } from './run'

const work = (more: Partial<ClipWork> = {}): ClipWork => ({
  sex: 'female',
  from: 'neck',
  guardMm: 13,
  absent: [],
  leave: [],
  done: [],
  ...more,
})
const ALL = (['female', 'male'] as const).flatMap((sex) => CLIP_FROM.map((from) => work({ sex, from })))
/** The usual answers, until so many parts are done. */
function clipped(w: ClipWork, parts: number, refusing: readonly ClipPartId[] = []) {
  const steps = clipSteps(w)
  let run: Run<ClipPartId> = BEGIN
  for (let n = 0; n < 80 && !run.ended; n++) {
    if (Object.values(run.did).filter((d) => d === 'done').length >= parts) return stopRun(steps, run)
    const s = steps[stepAt(steps, run)]!
    if (s.part && refusing.includes(s.part)) run = refuse(steps, run)
    else run = s.asks[0] ? find(steps, run, s.asks[0]) : nextStep(steps, run)
  }
  return run
}

/** Common practice, no source. */
describe('a body clip at home', () => {
  it('leads no blade to a place it forbids, nor near one whose caution does not stand before the act', () => {
    for (const w of ALL)
      for (const s of clipSteps(w)) {
        if (s.cutsWith.length)
          for (const r of s.regions!) {
            expect(LEFT_AT_HOME, s.act).not.toContain(regionOf(r).place)
            expect(regionOf(r).group, s.act).not.toBe('head')
          }
        for (const d of s.near) {
          expect(dangerRow(d).sex ?? w.sex).toBe(w.sex)
          expect(s.cautions, `${s.act}: ${d}`).toContain(dangerRow(d).caution)
        }
        // Gone over again, it stops short of what it stopped short of before.
        const [before] = clipSteps(w).filter((x) => x.part === s.part && x.id === 'pass')
        if (s.id === 'again') expect(s.cautions.includes('short')).toBe(before!.near.length > 0)
      }
  })
  it('comes near every danger place of a clip, the privates of either sex among them, and says so', () => {
    for (const w of ALL) {
      const near = new Set(clipSteps(w).flatMap((s) => s.near))
      expect([...near].sort()).toEqual(dangersNear('clip', w.sex).sort())
    }
  })
  it('stops a hand short wherever skin is loose or hidden', () => {
    const SHORT = [
      'elbow-web',
      'hock-tendon',
      'flank-fold',
      'anus',
      'vulva',
      'testicles',
      'throat',
      'tail-bone',
    ]
    for (const w of ALL)
      for (const s of clipSteps(w).filter((x) => x.id === 'pass' && x.near.some((d) => SHORT.includes(d))))
        expect(`${s.act} ${s.how}`, s.act).toMatch(/hand (short|ahead)/)
  })
  it('one side, then the other, neck first or last, with a rest between and the blade felt', () => {
    expect(clipOrder('neck')[0]).toBe('neck')
    expect(clipOrder('rump').at(-1)).toBe('neck')
    for (const w of ALL) {
      const steps = clipSteps(w)
      const at = (part: string) => steps.findIndex((s) => s.part === part)
      expect(at('legs.left')).toBeLessThan(at('side.right'))
      expect(
        steps.some((s, i) => s.id.startsWith('rest') && i > at('legs.left') && i < at('side.right')),
      ).toBe(true)
      for (const s of steps.filter((x) => x.cutsWith.length)) {
        expect(s.clock!.minutes).toBe(3)
        expect(s.cautions).toContain('heat')
      }
    }
  })
  it('each part is of the coat, and none of two', () => {
    const all = clipOrder('neck').flatMap(regionsClipped)
    expect(new Set(all).size).toBe(all.length)
    expect([...new Set(all.map((r) => regionOf(r).place))].sort()).toEqual([...CLIPPED_PLACES].sort())
  })
  it('over two days: what was clipped is a fact by place and side, and the rest goes on', () => {
    const first = clipDid(work(), clipped(work(), 3))!
    // At home, so that the stretch goes on.
    expect(first).toMatchObject({ kind: 'visit', home: true, lengths: {}, found: [] })
    expect(first.except).toEqual([
      { place: 'nape', mm: 13 },
      { place: 'collar-line', mm: 13 },
      { place: 'shoulders', mm: 13 },
      { place: 'back', mm: 13 },
      { place: 'rump', mm: 13 },
      { place: 'side', side: 'left', mm: 13 },
    ])
    const { regions } = assess(dog({}, 20, [entry('2026-09-20', first)]), '2026-09-20')
    expect(regions['side.left']!.mm).toBe(13)
    expect(regions['side.right']!.mm).toBeGreaterThan(13)
    expect(regions.belly!.mm).toBeGreaterThan(13)
    const done = clippedParts(first.except!)
    expect(done).toEqual(['neck', 'back', 'side.left'])
    const second = work({ done })
    expect(clipSteps(second).some((s) => s.part === 'back')).toBe(false)
    const rest = clipDid(second, clipped(second, 99, ['belly']))!
    expect(clippedParts([...first.except!, ...rest.except!])).toEqual(
      clipOrder('neck').filter((p) => p !== 'belly'),
    )
  })
  it('a guard longer than the hair leaves it as it is', () => {
    const mmNow = { nape: 8, 'collar-line': 30, 'side.left': 10, 'side.right': 12 }
    const { except } = clipDid(work({ mmNow }), clipped(work({ mmNow }), 99))!
    const at = (place: string) => except!.filter((e) => e.place === place).map((e) => [e.side, e.mm])
    expect(at('nape')).toEqual([[undefined, 8]])
    expect(at('collar-line')).toEqual([[undefined, 13]])
    expect(at('side')).toEqual([
      ['left', 10],
      ['right', 12],
    ])
  })
  it('a place with an open concern is left out, and nothing clipped is nothing written', () => {
    const w = work({ leave: ['belly', 'foreleg'] })
    expect(clipSteps(w).some((s) => s.part === 'belly')).toBe(false)
    expect(clipDid(w, clipped(w, 99))!.except!.some((e) => e.place === 'foreleg')).toBe(false)
    expect(clipDid(w, BEGIN)).toBeNull()
  })
  it('what a length costs: shorter is fewer minutes and fewer mats, and as it is costs most', () => {
    const coat = coatOn(dog({}, 40), '2026-09-20')
    const before = JSON.stringify(coat.state())
    const costs = clipLengths(coat, CLIPPED_PLACES, [6, 13, 25], '2026-11-15')
    expect(costs.map((c) => c.mm)).toEqual([null, 6, 13, 25])
    const [now, six, thirteen, twentyFive] = costs as [
      (typeof costs)[0],
      (typeof costs)[0],
      (typeof costs)[0],
      (typeof costs)[0],
    ]
    expect(six.minutes).toBeLessThan(thirteen.minutes)
    expect(thirteen.minutes).toBeLessThan(twentyFive.minutes)
    expect(twentyFive.minutes).toBeLessThanOrEqual(now.minutes)
    expect(six.mats).toBeLessThan(thirteen.mats)
    expect(twentyFive.mats).toBeLessThanOrEqual(now.mats)
    expect(JSON.stringify(coat.state())).toBe(before)
    expect(coat.places).toHaveLength(REGION_IDS.length)
  })
})
