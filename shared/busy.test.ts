import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { DAY_MINUTES, dayTaken, saySpan } from './busy'
import type { Span } from './busy'

const span = fc
  .tuple(fc.integer({ min: 0, max: DAY_MINUTES - 1 }), fc.integer({ min: 1, max: 300 }))
  .map(([from, length]): Span => [from, Math.min(DAY_MINUTES, from + length)])

describe('a day of bookings', () => {
  it('what overlaps counts once; what lies free between them is a gap where it is long enough', () => {
    const day = dayTaken([
      [13 * 60, 15 * 60],
      [9 * 60, 10 * 60],
      [9 * 60 + 30, 11 * 60],
      [11 * 60 + 10, 12 * 60],
    ])
    expect(day).toEqual({ booked: 290, gaps: [[720, 780]], free: 60 })
    expect(saySpan(day.gaps[0]!)).toBe('12:00 to 13:00')
    expect(dayTaken([])).toEqual({ booked: 0, gaps: [], free: 0 })
  })
  it('is the same in any order, as minute for minute', () => {
    fc.assert(
      fc.property(fc.array(span, { maxLength: 8 }), (spans) => {
        const minutes = new Set(spans.flatMap(([a, b]) => Array.from({ length: b - a }, (_, i) => a + i)))
        const { booked, gaps } = dayTaken(spans)
        expect(booked).toBe(minutes.size)
        expect(dayTaken([...spans].reverse())).toEqual(dayTaken(spans))
        for (const [a, b] of gaps) for (let m = a; m < b; m++) expect(minutes.has(m)).toBe(false)
      }),
    )
  })
})
