import { describe, expect, it } from 'vitest'
import { entry, profile } from '../../tests/support/dogs'
import { SETUP_MINUTES, teaseMinutes } from '../coat/minutes'
import { REGION_IDS } from '../coat/regions'
import type { Entry } from '../record/entries'
import { coatOn } from '../record/fold'
import { expectedKnots } from '../record/odds'
import type { Profile } from '../record/profile'
import { goingOver } from './going-over'
import { NO_CHOICES } from './standing'
import { WORKING_ORDER } from './working-order'

const AT = '2026-09-07'
const met = (region: string, day = AT) =>
  entry(day, { kind: 'check', region, finding: 'glides' } as Entry['what'])
const over = (more: Partial<Profile> = {}, entries: Entry[] = [], today?: number) => {
  const coat = coatOn(
    { profile: profile({ since: AT, minutes: [30, 30, 30, 30, 30, 30, 30], ...more }), entries },
    AT,
  )
  return { coat, plan: goingOver(coat, NO_CHOICES, today) }
}

describe('a coat nobody knows is gone over once', () => {
  it('every place once, each sitting within its minutes but for laying out, in the order of work', () => {
    const { coat, plan } = over()
    const regions = plan!.sittings.flatMap((s) => s.regions)
    expect([...regions].sort()).toEqual([...REGION_IDS].sort())
    expect(plan).toMatchObject({ left: 41, met: 0, of: 41 })
    for (const s of plan!.sittings) {
      expect(s.minutes).toBeLessThanOrEqual(30 - SETUP_MINUTES)
      const order = s.places.map((p) => WORKING_ORDER.indexOf(p))
      expect(order).toEqual([...order].sort((a, b) => a - b))
      const here = coat.places.filter((p) => s.regions.includes(p.id))
      const minutes = here.reduce((sum, p) => sum + coat.minutesOf(p) + teaseMinutes(expectedKnots(p)), 0)
      expect(s.minutes).toBeCloseTo(minutes, 9)
    }
    expect(plan!.sittings.map((s) => s.day)).toEqual([...plan!.sittings.map((s) => s.day)].sort())
    // Those that knot soonest come first, those that are hard last.
    expect(plan!.sittings[0]!.places).toContain('behind-ear')
    const hard = over({ hard: ['behind-ear', 'armpit'] }).plan!
    expect(hard.sittings.at(-1)!.places).toEqual(expect.arrayContaining(['behind-ear', 'armpit']))
  })
  it('days without minutes have no sitting; today has as many as are asked for', () => {
    const { plan } = over({ minutes: [0, 30, 0, 0, 0, 0, 0] })
    expect(plan!.sittings[0]!.day).toBe('2026-09-08')
    expect(plan!.sittings[1]!.day).toBe('2026-09-15')
    expect(over({ minutes: [0, 30, 0, 0, 0, 0, 0] }, [], 25).plan!.sittings[0]!.day).toBe(AT)
    expect(over({ minutes: Array(7).fill(4) as number[] }).plan!.sittings).toEqual([])
    // Past six weeks nothing is laid out.
    const slow = over({ minutes: [0, 0, 8, 0, 0, 0, 0], weightKg: 40 }).plan!
    expect(slow.sittings.at(-1)!.day <= '2026-10-18').toBe(true)
    expect(slow.sittings.length).toBeLessThanOrEqual(6)
    expect(slow.left).toBe(41)
  })
  it('what fits no day is met on the longest, by itself', () => {
    const { plan } = over({ minutes: [5, 5, 5, 5, 5, 6, 5], weightKg: 60 })
    const long = plan!.sittings.filter((s) => s.minutes > 6 - SETUP_MINUTES)
    expect(long.length).toBeGreaterThan(0)
    for (const s of long) {
      expect(s.places).toHaveLength(1)
      // Saturdays have the most.
      expect(['2026-09-12', '2026-09-19', '2026-09-26', '2026-10-03', '2026-10-10', '2026-10-17']).toContain(
        s.day,
      )
    }
  })
  it('counts what was met, and is over once all of it was', () => {
    const some = over({}, [met('beard'), met('tail')]).plan!
    expect(some).toMatchObject({ left: 39, met: 2, of: 41 })
    expect(some.sittings.flatMap((s) => s.places)).not.toContain('beard')
    expect(
      over(
        {},
        REGION_IDS.map((r) => met(r)),
      ).plan,
    ).toBeNull()
  })
})
