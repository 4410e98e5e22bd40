import { afterEach, describe, expect, it, vi } from 'vitest'
import { combedWeekly, WORLD_BEGINS } from '../../tests/support/world'
import type { WorldTerms } from '../../tests/support/world'
import { withinLikely } from '../learn/counts'
import { addDays } from './day'
import { coatOn } from './fold'
import { LivingCoat } from './living-coat'
import { scored } from './score'

const WEEKS = 20
/** Dogs that become others in the ninth week are forecast from the tenth. */
const BECOMES = 63
const SCORED_FROM = 70

/** How right they are of some dogs, from the tenth week on. */
function scoreOf(becomes: WorldTerms['becomes']) {
  const sum = { loss: 0, within: 0, days: 0 }
  for (let seed = 1; seed <= 10; seed++) {
    const { record } = combedWeekly({ seed, causes: 0.5, ...(becomes ? { becomes } : {}) }, WEEKS)
    const of = scored(record, addDays(WORLD_BEGINS, SCORED_FROM), addDays(WORLD_BEGINS, WEEKS * 7))
    for (const c of of.checks) sum.loss -= Math.log(Math.max(1e-6, c.found ? c.any : 1 - c.any))
    for (const d of of.sittings) sum.within += withinLikely(d.found, d.held)
    sum.days += of.sittings.length
  }
  return { loss: sum.loss, within: sum.within / sum.days }
}
/** The same if nobody held what was said to what was found. */
function unheld(becomes: WorldTerms['becomes']) {
  const coat = LivingCoat.prototype as unknown as {
    holdToWhatWasSaid: () => void
    combedToday: readonly unknown[]
  }
  vi.spyOn(coat, 'holdToWhatWasSaid').mockImplementation(function (this: typeof coat) {
    this.combedToday = []
  })
  const score = scoreOf(becomes)
  vi.restoreAllMocks()
  return score
}
afterEach(() => vi.restoreAllMocks())

describe('a dog that becomes another', () => {
  it.each([2, 0.5])('is forecast better after for being held to what was said: %s times as many', (times) => {
    const [held, left] = [scoreOf({ from: BECOMES, times }), unheld({ from: BECOMES, times })]
    expect(held.loss).toBeLessThan(left.loss * 0.995)
    expect(held.within).toBeGreaterThan(left.within)
  })
  it('and is said to be another, since it is, and which way; one that stays as it is seldom', () => {
    const end = addDays(WORLD_BEGINS, WEEKS * 7)
    const changedOf = (becomes?: WorldTerms['becomes']) =>
      Array.from({ length: 10 }, (_, n) => {
        const { record } = combedWeekly({ seed: n + 1, causes: 0.5, ...(becomes ? { becomes } : {}) }, WEEKS)
        return coatOn(record, end).copy().changed
      }).filter((c) => c !== null)
    for (const times of [2, 0.5]) {
      const changed = changedOf({ from: BECOMES, times })
      const rightly = changed.filter(
        (c) => c.on > addDays(WORLD_BEGINS, BECOMES) && c.times > 1 === times > 1,
      )
      expect(rightly.length).toBeGreaterThan(6)
      expect(changed.length - rightly.length).toBeLessThan(2)
    }
    expect(changedOf().length).toBeLessThan(2)
  })
  it('and one that stays as it is no worse, to a part in two hundred', () => {
    expect(scoreOf(undefined).loss).toBeLessThan(unheld(undefined).loss * 1.005)
  })
})
