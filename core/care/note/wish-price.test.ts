import { describe, expect, it } from 'vitest'
import { demoDogs } from '../../../demo/household'
import { dog, entry } from '../../../tests/support/dogs'
import { anyFact } from '../../../tests/support/facts'
import fc from 'fast-check'
import { COATS } from '../../coat/coat-types'
import { addDays } from '../../record/day'
import type { WishLine } from '../../record/wish-lines'
import { arrivalOf } from './arrival'
import { draftNote } from './note'
import { lastCut, priceWish, stretchDays } from './wish-price'
import { sayWish, wishLines } from './wish-words'
import { standingWish } from '../../record/wishes'
import { sharedViewOf } from '../../../app/words/shared-view'

const TODAY = '2026-10-10'
const five = (mm: number): WishLine[] =>
  (['body', 'legs', 'head', 'ears', 'tail'] as const).map((part) => ({ part, mm }))
const merle = dog({ nextVisit: '2026-10-27' }, 20)

describe('what a wish costs', () => {
  it('of the whole coat is the sum of its lines, and as last time is no more and no less', () => {
    const last = [...lastCut(merle, TODAY)]
    expect(last.find(([id]) => id === 'back')![1]).toBe(20)
    const p = priceWish(merle, TODAY, five(30))
    const lines = p.lines.reduce((sum, l) => sum + l.minutes, 0)
    expect(p.all.minutes).toBeGreaterThan(lines)
    expect(p.all.minutes - lines).toBeLessThan((4 * 7) / 2 + 1e-9)
    expect(p.lines.reduce((c, l) => c * l.clear, 1)).toBeCloseTo(p.all.clear, 9)
    const same = priceWish(merle, TODAY, [{ part: 'body', mm: 20 }])
    expect(same.lines[0]!.more).toBeCloseTo(0, 9)
    expect(priceWish(merle, TODAY, []).all.minutes).toBeCloseTo(same.all.minutes, 9)
  })
  it('short where it mats spares what is said of it, to the minute', () => {
    const wished = priceWish(merle, TODAY, five(25))
    const armpit = wished.short.find((s) => s.place === 'armpit')!
    const shorter = priceWish(merle, TODAY, [...five(25), { place: 'armpit', mm: 2 }])
    const of = (p: typeof wished) => p.lines.reduce((sum, l) => sum + l.minutes, 0)
    expect(of(wished) - of(shorter)).toBeCloseTo(armpit.saves, 6)
    expect(shorter.all.clear).toBeGreaterThan(wished.all.clear)
    expect(shorter.short.some((s) => s.place === 'armpit')).toBe(false)
  })
  it('left to grow costs what the hair it has then costs, and nothing is cut longer than it is', () => {
    const grown = priceWish(merle, TODAY, [{ part: 'ears', leave: true }])
    const cut = priceWish(merle, TODAY, [{ part: 'ears', mm: 12 }])
    const longer = priceWish(merle, TODAY, [{ part: 'ears', mm: 300 }])
    expect(cut.lines[0]!.minutes).toBeLessThan(grown.lines[0]!.minutes)
    expect(longer.lines[0]!.minutes).toBeCloseTo(grown.lines[0]!.minutes, 9)
    // Eight weeks of growth on thirty millimetres of ears.
    expect(longer.lines[0]!.upTo).toBeGreaterThan(40)
    expect(longer.lines[0]!.upTo).toBeLessThan(60)
  })
  it('of the whole: all the places with laying out, against the minutes of a week, and the short ones in order', () => {
    const p = priceWish(merle, TODAY, five(30))
    expect(p.have).toBe(100)
    expect(p.days).toBe(56)
    expect(p.short.map((s) => s.saves)).toEqual(p.short.map((s) => s.saves).sort((a, b) => b - a))
    for (const s of p.short) {
      expect(['armpit', 'tail-base', 'inner-thigh', 'cheek']).toContain(s.place)
      expect(s.saves).toBeGreaterThanOrEqual(0.5)
    }
    // Where all of it is short already there is nothing to save.
    expect(priceWish(merle, TODAY, five(3)).short).toEqual([])
    // Before there was a visit the coat is as such coats usually are.
    const unvisited = { profile: merle.profile, entries: [] }
    expect([...lastCut(unvisited, TODAY)].find(([id]) => id === 'back')![1]).toBe(
      COATS['wool-cross'].usualMm.body,
    )
    expect(lastCut(dog({ absent: ['tail'] }), TODAY).has('tail')).toBe(false)
  })
  it('of hair as it will be on the day of the visit: longer then, and of today where that is too far off', () => {
    const upTo = (nextVisit?: string) =>
      priceWish(dog(nextVisit ? { nextVisit } : {}, 20), TODAY, [{ part: 'ears', leave: true }]).lines[0]!
        .upTo
    const today = upTo()
    expect(upTo('2026-10-27')).toBeGreaterThan(today)
    expect(upTo(addDays(TODAY, 84))).toBeGreaterThan(upTo('2026-10-27'))
    expect(upTo(addDays(TODAY, 85))).toBe(today)
    expect(upTo('2026-10-01')).toBe(today)
  })
  it('is of as many days as this stretch has, where that is a stretch to believe', () => {
    expect(stretchDays(merle, TODAY)).toBe(56)
    expect(stretchDays(dog({ nextVisit: '2026-10-13' }), TODAY)).toBe(42)
    expect(stretchDays(dog({ nextVisit: '2027-10-13' }), TODAY)).toBe(84)
    expect(stretchDays(dog(), TODAY)).toBe(56)
  })
  it('the demo’s dogs: every line has a price, and the wish and its answer stand in the forecast alike', () => {
    for (const d of demoDogs(TODAY)) {
      const record = { profile: d.profile, began: d.began, entries: d.entries }
      const wish = standingWish(record, TODAY)
      const { wish: priced } = arrivalOf(record, TODAY)
      if (!wish) {
        expect(priced).toBeNull()
        continue
      }
      expect(priced!.asked).toEqual(priceWish(record, TODAY, wish.lines))
      expect(priced!.answered!.all.minutes).toBeLessThan(priced!.asked.all.minutes)
      expect(priced!.answered!.all.clear).toBeGreaterThan(priced!.asked.all.clear)
    }
    expect(demoDogs(TODAY).some((d) => standingWish(d, TODAY))).toBe(true)
  }, 60_000)
})

describe('a wish in words', () => {
  it('is in the same words in the note, the link and the room, and on the card', () => {
    fc.assert(
      fc.property(
        anyFact.filter((f) => f.kind === 'wish'),
        (what) => {
          const record = dog({}, 20, [entry('2026-10-09', what)])
          const wish = standingWish(record, TODAY)!
          expect(draftNote(record, TODAY)).toContain(`We would like, place by place: ${sayWish(wish.lines)}.`)
          const view = sharedViewOf({ ...record, today: TODAY, scope: 'stretch' } as never)
          expect(view.wish).toEqual(wish)
          for (const l of wishLines(wish))
            expect(sayWish(wish.lines).toLowerCase()).toContain(`${l.label} ${l.says}`.toLowerCase())
          // Where notes alone are shared, what is wished is not.
          expect(sharedViewOf({ ...record, today: TODAY, scope: 'note' } as never).wish).toBeNull()
        },
      ),
      { numRuns: 30 },
    )
  })
})
