import fc from 'fast-check'
import { v4, v7 } from 'uuid'
import { describe, expect, it } from 'vitest'
import { daySchema, idSchema, oneLine, words } from './text'

const takes = (schema: { safeParse: (x: unknown) => { success: boolean } }, x: unknown) =>
  schema.safeParse(x).success

describe('text', () => {
  it('is what people write, in any script', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 40 }), (s) => {
        fc.pre(!/[\u0000-\u001f\u007f\u0085\u2028\u2029]/.test(s))
        expect(takes(oneLine(200), s)).toBe(true)
      }),
    )
  })
  it.each(['a\u0000b', '\ud800', 'x\udfff', '\u001b[2J', 'b\u007f'])('%j is refused', (s) => {
    expect(takes(words(40), s)).toBe(false)
    expect(takes(oneLine(40), s)).toBe(false)
  })
  it.each(['a\nBEGIN:VEVENT', 'a\rb', 'a\u2028b'])('%j is two lines', (s) => {
    expect(takes(words(40), s)).toBe(true)
    expect(takes(oneLine(40), s)).toBe(false)
  })
})

describe('ids', () => {
  it('are as devices make them', () => {
    for (const id of [v4(), v7()]) expect(takes(idSchema(), id)).toBe(true)
    for (const id of [
      v7().toUpperCase(),
      '00000000-0000-0000-0000-000000000000',
      'ffffffff-ffff-ffff-ffff-ffffffffffff',
      'seven',
      '',
      7,
    ])
      expect(takes(idSchema(), id)).toBe(false)
  })
})

describe('days', () => {
  it('are of a calendar anybody has', () => {
    for (const day of ['1990-01-01', '2028-02-29', '2199-12-31']) expect(takes(daySchema, day)).toBe(true)
    for (const day of ['0000-01-01', '9999-12-31', '1989-12-31', '2200-01-01', '2026-02-30', 'today'])
      expect(takes(daySchema, day)).toBe(false)
  })
})
