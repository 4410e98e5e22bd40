import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { bearsComfort, bearsFrom, bearsSession, bearsTable } from './bears'
import type { Bears } from './bears'
import { COMFORT_IDS } from './findings'
import type { Comfort } from './findings'

const session = (b: Bears, minutes: number, ...how: Comfort[]) =>
  bearsSession(how.reduce(bearsComfort, b), minutes)
const at = (minutes: number | null): Bears => ({ minutes, lately: [], fidgety: 0 })

/** The steps are judgement. */
describe('what a dog bears at one go', () => {
  it('a pup, and one that learns the table, begins at five minutes; any other is asked for what there is', () => {
    expect(bearsFrom(8).minutes).toBe(5)
    expect(bearsFrom(9).minutes).toBeNull()
    expect(bearsFrom(null).minutes).toBeNull()
    expect(bearsTable(bearsFrom(null)).minutes).toBe(5)
    expect(bearsTable(at(12)).minutes).toBe(12)
  })
  it('grows by a step a session that went well, until nothing holds it back', () => {
    const steps: (number | null)[] = []
    for (let b = bearsFrom(4); b.minutes !== null;) {
      steps.push(b.minutes)
      b = session(b, b.minutes, 'easy', 'easy')
    }
    expect(steps).toEqual([5, 6, 8, 10, 12, 15, 20, 25, 30, 40])
  })
  it('one much shorter than was asked says nothing of more', () => {
    expect(session(at(10), 8, 'easy').minutes).toBe(12)
    expect(session(at(10), 7.9, 'easy').minutes).toBe(10)
    expect(session(at(null), 3, 'easy').minutes).toBeNull()
  })
  it('one the dog ended is asked for shorter, four fifths of what it came to, never less than five', () => {
    expect(session(at(null), 20, 'easy', 'stopped').minutes).toBe(16)
    expect(session(at(12), 20, 'stopped').minutes).toBe(12)
    expect(session(at(12), 11, 'stopped').minutes).toBe(8)
    expect(session(at(12), 2, 'stopped').minutes).toBe(5)
    // Only how it ended counts.
    expect(session(at(10), 10, 'stopped', 'easy').minutes).toBe(12)
  })
  it('fidgety to the end once is a bad day; twice running is as much as it bears', () => {
    const once = session(at(20), 13.6, 'fidgety', 'fidgety')
    expect(once).toMatchObject({ minutes: 20, fidgety: 1, lately: [] })
    expect(session(once, 13.6, 'fidgety', 'fidgety')).toMatchObject({ minutes: 13, fidgety: 2 })
    expect(session(session(at(null), 30, 'fidgety', 'fidgety'), 30, 'fidgety', 'fidgety').minutes).toBe(30)
    // A good one between begins anew, one fidgety place of two is none.
    expect(session(session(once, 20, 'easy', 'easy'), 13, 'fidgety', 'fidgety')).toMatchObject({ fidgety: 1 })
    expect(session(at(20), 20, 'easy', 'fidgety')).toMatchObject({ minutes: 25, fidgety: 0 })
    expect(session(at(20), 20, 'fidgety', 'fidgety', 'easy')).toMatchObject({ minutes: 25 })
  })
  it('is never asked for less than five minutes, whatever happens', () => {
    const step = fc.tuple(
      fc.double({ min: 0.1, max: 90, noNaN: true }),
      fc.array(fc.constantFrom(...COMFORT_IDS)),
    )
    fc.assert(
      fc.property(fc.array(step, { maxLength: 20 }), (sessions) => {
        let b = bearsFrom(4)
        for (const [minutes, how] of sessions) {
          b = session(b, minutes, ...how)
          expect(b.minutes ?? 5).toBeGreaterThanOrEqual(5)
          expect(b.lately).toEqual([])
        }
      }),
    )
  })
})
