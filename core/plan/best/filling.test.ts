import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { Filling } from './filling'

const offered = fc.record({
  room: fc.double({ min: 0, max: 6, noNaN: true }),
  units: fc.array(
    fc.record({
      price: fc.double({ min: 0.01, max: 9, noNaN: true }),
      minutes: fc.double({ min: 0.05, max: 4, noNaN: true }),
    }),
    { maxLength: 10 },
  ),
})

function offer(units: { price: number; minutes: number }[]): Filling {
  const filling = new Filling(10)
  units.forEach((u, n) => filling.offer(n, u.price, u.minutes))
  return filling
}

/** What the units of a set earn, or nothing if they do not fit. */
function earns(units: { price: number; minutes: number }[], room: number): number {
  const minutes = units.reduce((sum, u) => sum + u.minutes, 0)
  return minutes > room + 1e-9 ? 0 : units.reduce((sum, u) => sum + u.price, 0)
}

describe('a day’s filling', () => {
  it('with whole units earns the most of every set that fits, and takes such a set', () => {
    fc.assert(
      fc.property(offered, ({ room, units }) => {
        const filling = offer(units)
        const whole = filling.whole(room)
        let most = 0
        for (let set = 0; set < 1 << units.length; set++)
          most = Math.max(
            most,
            earns(
              units.filter((_, n) => set & (1 << n)),
              room,
            ),
          )
        expect(whole).toBeGreaterThanOrEqual(most - 1e-9)
        expect(whole).toBeLessThanOrEqual(most + 0.003 + 1e-9)
        const taken = units.filter((_, n) => filling.share[filling.unit.indexOf(n)])
        expect(earns(taken, room)).toBeGreaterThanOrEqual(most - 0.003 - 1e-9)
      }),
      { numRuns: 300 },
    )
  })

  it('with parts of units earns no less, and fills the room or takes all', () => {
    fc.assert(
      fc.property(offered, ({ room, units }) => {
        const filling = offer(units)
        const parts = filling.parts(room)
        const used = units.reduce((sum, u, n) => sum + filling.share[filling.unit.indexOf(n)]! * u.minutes, 0)
        const all = units.reduce((sum, u) => sum + u.minutes, 0)
        expect(used).toBeCloseTo(Math.min(room, all), 6)
        expect(parts).toBeGreaterThanOrEqual(filling.whole(room) - 0.003 - 1e-9)
      }),
    )
  })

  it('proves something still when the trials run out', () => {
    const filling = new Filling(200)
    // Alike to a hair, so that nothing can be ruled out.
    for (let n = 0; n < 200; n++) filling.offer(n, 1 + n * 1e-4, 1 + n * 1e-4)
    const most = filling.whole(50.5)
    expect(most).toBeGreaterThanOrEqual(50)
    expect(most).toBeLessThanOrEqual(50.5 + 1e-9)
  })
})
