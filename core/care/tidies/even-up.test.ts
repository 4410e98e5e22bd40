import fc from 'fast-check'
import { GUARDS_MM } from '../../record/cutters'
import { describe, expect, it } from 'vitest'
import { BLADES, leaves } from '../../record/cutters'
import { bladeFor, cuttersFor, daysToGrow, regrowth } from './blades'
import { evenUp, lengthProblem, longerProblem } from './even-up'

describe('left and right', () => {
  it('down to the shorter side, the last of it by eye', () => {
    expect(evenUp(9, 12)).toEqual({ do: 'trim', side: 'right', takeMm: 2, toMm: 9 })
    expect(evenUp(30, 22)).toEqual({ do: 'trim', side: 'left', takeMm: 7, toMm: 22 })
    expect(evenUp(20, 21)).toEqual({ do: 'leave' })
  })
  it('never takes off more than the difference, and never from the shorter side', () => {
    const mm = fc.integer({ min: 0, max: 200 })
    fc.assert(
      fc.property(mm, mm, (left, right) => {
        const e = evenUp(left, right)
        if (e.do === 'leave') {
          expect(Math.abs(left - right)).toBeLessThan(2)
          return
        }
        expect(e.takeMm).toBeLessThan(Math.abs(left - right))
        expect(e.side).toBe(left > right ? 'left' : 'right')
        expect(e.toMm).toBe(Math.min(left, right))
      }),
    )
  })
  it('what cannot be is met with a sentence', () => {
    expect(lengthProblem(-1)).toMatch(/0 or more/)
    expect(lengthProblem(NaN)).toMatch(/millimetres/)
    expect(lengthProblem(900)).toMatch(/400 mm/)
    expect([0, 12, 400].map(lengthProblem)).toEqual([null, null, null])
    expect(lengthProblem(401)).toMatch(/400 mm/)
    expect([evenUp(10, 12), evenUp(10, 11.9)]).toEqual([
      { do: 'trim', side: 'right', takeMm: 1, toMm: 10 },
      { do: 'leave' },
    ])
    expect(longerProblem(12, 20)).toMatch(/does not make hair longer/)
    expect(longerProblem(12, 12)).toBe(null)
  })
})

describe('blades', () => {
  it('what an owner may choose among: guards as set, a bare blade only where it was taught, never below #15', () => {
    const bare = (list: { blade?: string }[]) => list.flatMap((c) => c.blade ?? [])
    expect(cuttersFor({ setting: 'comb', taught: ['rear-blade'] }, true)).toEqual([])
    expect(bare(cuttersFor({ setting: 'scissors', taught: ['rear-blade'] }, true))).toEqual([])
    expect(bare(cuttersFor({ setting: 'taught', taught: ['corner-blade'] }, true))).toEqual([])
    const taught = { setting: 'taught', taught: ['rear-blade'] } as const
    expect(bare(cuttersFor(taught, true))).toEqual(['#15', '#10'])
    expect(bare(cuttersFor(taught, false))).toEqual([])
    expect(cuttersFor(taught, true)[0]!.mm).toBe(leaves({ blade: '#15' }))
    expect(cuttersFor({ setting: 'scissors', taught: [] }, false).map((c) => c.mm)).toEqual([...GUARDS_MM])
    expect(GUARDS_MM).toContain(12)
  })
  it('the nearest for a length', () => {
    // A guard leaves what is written on it, and the next less against the lie; one nobody sells, what it says.
    expect([
      leaves({ guard: 13 }),
      leaves({ guard: 13, against: true }),
      leaves({ guard: 3, against: true }),
    ]).toEqual([13, 12, 3])
    expect(leaves({ guard: 22, against: true })).toBe(22)
    expect(bladeFor(13)).toBe('#3F')
    expect(bladeFor(1.5)).toBe('#10')
    expect([...BLADES].sort((a, b) => a.mm - b.mm)).toEqual([...BLADES])
    expect(Math.max(...GUARDS_MM)).toBe(25)
  })
  it('grows evenly day by day, and falls due at the closed form', () => {
    const days = regrowth(3, 0.35, 30)
    expect(days).toHaveLength(31)
    expect(days[0]).toBe(3)
    expect(days[30]).toBeCloseTo(13.5, 9)
    expect(daysToGrow(8.5, { now: 0.35 })).toBe(24)
    expect(daysToGrow(8.5, { now: 0.2 })).toBe(43)
  })
})
