import { describe, expect, it } from 'vitest'
import { dog } from '../../tests/support/dogs'
import type { PlaceId } from '../coat/regions'
import { addDays, daysBetween } from '../record/day'
import { coatOn } from '../record/fold'
import { chanceOfAnyMat } from '../record/odds'
import { playAhead } from './kept'
import { planOn } from './today'

const AT = '2026-09-10'
const from = (minutes = 30) => coatOn(dog({ minutes: Array(7).fill(minutes) as number[] }, 30), AT)
const planned = (...days: [number, PlaceId[]][]) =>
  days.map(([n, places]) => ({ day: addDays(AT, n), places, pinned: false }))

describe('the days to come, each day’s plan kept', () => {
  it('has the chance of every day from the first to the last, and the coat of the last', () => {
    const { chances, coat } = playAhead(from(), addDays(AT, 9))
    expect(chances).toHaveLength(10)
    expect(chances[0]).toBeCloseTo(chanceOfAnyMat(from().places), 12)
    expect(chances[9]).toBeCloseTo(chanceOfAnyMat(coat.places), 12)
    expect(coat.today).toBe(from().passTo(addDays(AT, 9)).today)
  })
  it('begins the morning after, combs on no day without minutes, and not on the day it ends', () => {
    const { sessions } = playAhead(from(), addDays(AT, 9))
    expect(sessions.length).toBeGreaterThan(1)
    for (const s of sessions) {
      expect(daysBetween(AT, s.day)).toBeGreaterThan(0)
      expect(daysBetween(s.day, addDays(AT, 9))).toBeGreaterThan(0)
    }
    expect(playAhead(from(0), addDays(AT, 9)).sessions).toEqual([])
    const first = sessions[0]!
    const then = from().passTo(first.day)
    // It has been combed before, so nothing of it is a guess.
    expect(first.guess).toBe(false)
    expect(first.items.map((i) => i.place)).toEqual(
      planOn(then, 30, { combed: true, goneOverOn: addDays(first.day, -1) }).items.map((i) => i.place),
    )
  })
  it('with a plan its sessions are what is combed, whatever the minutes', () => {
    const { sessions, chances } = playAhead(
      from(5),
      addDays(AT, 9),
      [],
      planned([2, ['armpit', 'beard']], [9, ['tail']]),
    )
    expect(sessions.map((s) => [s.day, s.items.map((i) => i.place).sort()])).toEqual([
      [addDays(AT, 2), ['armpit', 'beard']],
    ])
    const none = playAhead(from(5), addDays(AT, 9), [], [])
    expect(none.sessions).toEqual([])
    expect(chances[3]!).toBeLessThan(none.chances[3]!)
    expect(chances[1]!).toBeCloseTo(none.chances[1]!, 12)
  })
  it('takes what was combed today as combed, and leaves the coat it began with as it was', () => {
    const coat = from()
    const before = JSON.stringify(coat.state())
    const combed = playAhead(coat, addDays(AT, 2), ['armpit.left', 'armpit.right'], [])
    expect(combed.chances[0]!).toBeLessThan(playAhead(coat, addDays(AT, 2), [], []).chances[0]!)
    expect(JSON.stringify(coat.state())).toBe(before)
  })
})
