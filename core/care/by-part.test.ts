import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, profile } from '../../tests/support/dogs'
import { anyFact } from '../../tests/support/facts'
import { usualDrying } from '../coat/drying'
import { OUTCOMES } from '../record/look-outcomes'
import type { CarePartId } from '../record/care-parts'
import type { LookedAt } from '../record/look-outcomes'
import { addDays } from '../record/day'
import type { Day } from '../record/day'
import type { Entry, FactOf, PartDone } from '../record/entries'
import { assess, coatOn } from '../record/fold'
import type { DogRecord } from '../record/fold'
import { stretchStart } from '../record/stretch-start'
import { lengthsLeft, tidied, wasCut } from '../record/tidied'
import { entrySchema } from '../record/entries'
import { opensConcern } from './look/outcomes'
import { mostPacked, rakedAt } from './tidies/rake'
import { mayWash } from './bath/wash-gate'
import { careDue, careInterval } from '../due/due'
import { openConcerns } from './look/look-over'
import { arrivalOf } from './note/arrival'

const START = '2026-09-01'
const on = (n: number) => addDays(START, n)
const done = (part: CarePartId, more: Partial<PartDone> = {}): PartDone => ({ part, did: 'done', ...more })
const tidy = (day: Day, what: Omit<FactOf<'tidy'>, 'kind'>) => entry(day, { kind: 'tidy', ...what })
const FEET = ['paw.forefoot.left', 'paw.forefoot.right', 'paw.hindfoot.left', 'paw.hindfoot.right'] as const
const due = (record: DogRecord, day: number, care: string) =>
  careDue(record, on(day)).find((d) => d.care === care)!

describe('a tidy, part by part', () => {
  const edges = tidy(on(20), {
    tidy: 'ears',
    parts: [
      done('ear-edge.left', { how: 'cut', using: 'thinning-scissors', mm: 5, by: 'fingers' }),
      done('ear-edge.right', { how: 'cut', mm: 5 }),
    ],
  })
  it('ear edges cut to 5 mm are 5 mm in the coat and in the groomer’s list, and grow from there', () => {
    const record = dog({ nextVisit: on(60) }, 20, [edges])
    const mm = (day: number, id: string) => assess(record, on(day)).regions[id]!.mm
    expect(mm(20, 'ear-edge.left')).toBe(5)
    expect(mm(19, 'ear-edge.left')).toBeGreaterThan(25)
    expect(mm(40, 'ear-edge.left')).toBeCloseTo(5 + 20 * 0.35, 6)
    expect(mm(40, 'behind-ear.left')).toBeGreaterThan(25)
    expect(arrivalOf(dog({}, 20, [edges]), on(20)).mm[0]).toBe(5)
    // Short hair hardly knots: the odds and the minutes move with it.
    const coat = coatOn(record, on(20))
    const [cut, not] = ['ear-edge.left', 'behind-ear.left'].map((id) =>
      coat.places.findIndex((p) => p.id === id),
    )
    expect(coat.bornToday()[cut!]).toBe(0)
    expect(coat.bornToday()[not!]).toBeGreaterThan(0)
  })
  it('wiping the eyes, or cleaning a corner, leaves the fringe’s clock and length alone', () => {
    const wiped = [
      tidy(on(20), { tidy: 'eyes', outcome: 'wiped' }),
      tidy(on(21), { tidy: 'face', parts: [done('eye-corner.left', { how: 'cleaned' })] }),
    ]
    const [before, after] = [dog(), dog({}, 20, wiped)]
    expect(due(after, 22, 'face')).toEqual(due(before, 22, 'face'))
    expect(assess(after, on(30)).regions.fringe!.mm).toBe(assess(before, on(30)).regions.fringe!.mm)
    expect(due(after, 22, 'eyes').last).toBe(on(21))
  })
  it('two feet of four leave two due', () => {
    const record = dog({}, 20, [
      tidy(on(24), {
        tidy: 'paws',
        parts: [
          done(FEET[0], { how: 'cut' }),
          done(FEET[2], { how: 'cut' }),
          { part: FEET[1], did: 'refused', comfort: 'stopped' },
        ],
      }),
    ])
    const { parts, day } = due(record, 26, 'paws')
    expect(parts.filter((p) => p.day <= on(26)).map((p) => p.part)).toEqual([FEET[1], FEET[3]])
    expect(day).toBe(on(26))
    expect(parts.find((p) => p.part === FEET[0])).toMatchObject({ last: on(24), day: on(48) })
  })
  it('one that names no part: all of it done, and cut only if a length was written', () => {
    const old = (more: object) => ({ kind: 'tidy' as const, tidy: 'paws' as const, ...more })
    expect(tidied(old({})).map((p) => [p.did, p.how])).toEqual(FEET.map(() => ['done', undefined]))
    expect(lengthsLeft(old({}))).toEqual([])
    expect([old({}), old({ mm: 4 })].map(wasCut)).toEqual([false, true])
    expect(wasCut(old({ tidy: 'nails', nails: 'sliver' }))).toBe(true)
    expect(wasCut(old({ tidy: 'nails', nails: 'looked' }))).toBe(false)
    expect(wasCut(old({ parts: [done('paw.forefoot.left', { how: 'combed' })] }))).toBe(false)
    expect(lengthsLeft(old({ mm: 4 })).map((l) => l.mm)).toEqual([4, 4, 4, 4])
    expect(lengthsLeft(old({ tidy: 'ears', sides: { left: 8, right: 9 } }))).toContainEqual({
      region: 'ear-edge.right',
      mm: 9,
    })
    expect(due(dog({}, 20, [entry(on(24), old({}))]), 26, 'paws').parts.every((p) => p.last === on(24))).toBe(
      true,
    )
  })
  it('just right teaches only if something was cut', () => {
    const two = (how: 'cut' | 'combed') =>
      dog({}, 20, [
        ...[20, 44].map((d) =>
          tidy(on(d), { tidy: 'paws', was: 'right', parts: FEET.map((f) => done(f, { how })) }),
        ),
      ])
    expect(careInterval(two('cut'), 'paws')!.seen!.times).toBe(2)
    expect(careInterval(two('combed'), 'paws')!.seen).toBe(null)
  })
  it('two feet now and two the day after are not a day apart', () => {
    const half = (day: number, feet: readonly CarePartId[]) =>
      tidy(on(day), { tidy: 'paws', was: 'right', parts: feet.map((f) => done(f, { how: 'cut' })) })
    const record = dog({}, 20, [half(24, FEET.slice(0, 2)), half(25, FEET.slice(2))])
    expect(careInterval(record, 'paws')!.seen).toMatchObject({
      times: 2,
      mean: expect.closeTo(24.5, 1) as number,
    })
  })
  it('a foot that is lost is not due', () => {
    const three = dog({ absent: ['foreleg.left', 'forefoot.left'] })
    expect(due(three, 30, 'paws').parts.map((p) => p.part)).toEqual([FEET[1], FEET[2], FEET[3]])
    expect(due(three, 30, 'nails').parts).toHaveLength(3)
  })
  it('however a tidy is split into parts, and in whatever order they arrive, the coat is the same', () => {
    const parts = fc
      .subarray(FEET.slice(), { minLength: 1 })
      .chain((ids) =>
        fc.tuple(
          ...ids.map((part) => fc.record({ part: fc.constant(part), mm: fc.integer({ min: 1, max: 30 }) })),
        ),
      )
    fc.assert(
      fc.property(
        parts,
        fc.array(
          anyFact.filter((f) => f.kind === 'wash' || f.kind === 'tidy'),
          { maxLength: 6 },
        ),
        fc.infiniteStream(fc.nat()),
        (cut, others, order) => {
          const all = cut.map(({ part, mm }) => done(part, { how: 'cut', mm }))
          const rest = others.map((what, i) => entry(on(3 * i), what))
          const whole = dog({}, 20, [...rest, tidy(on(30), { tidy: 'paws', parts: all })])
          const split = [...rest, ...all.map((p) => tidy(on(30), { tidy: 'paws', parts: [p] }))]
            .map((e) => ({ e, at: order.next().value as number }))
            .sort((a, b) => a.at - b.at)
            .map(({ e }) => e)
          const apart = { ...whole, entries: [whole.entries[0]!, ...split] }
          expect(assess(apart, on(40))).toEqual(assess(whole, on(40)))
          expect(due(apart, 40, 'paws')).toEqual(due(whole, 40, 'paws'))
        },
      ),
      { numRuns: 60 },
    )
  })
})

describe('how often care comes', () => {
  const baths = Array.from({ length: 8 }, (_, n) => entry(on(10 * n), { kind: 'wash', combedOut: true }))
  it('eight ten-day baths on a wire coat bring its bath under twenty days', () => {
    const { prior, seen, now, set } = careInterval(dog({ coat: 'wire' }, 20, baths), 'bath')!
    expect([prior, Math.round(seen!.mean), seen!.times, set]).toEqual([expect.closeTo(42, 6), 10, 7, null])
    expect(now).toBeLessThan(20)
    expect(now).toBeGreaterThan(10)
  })
  it('every ten days, set by the owner, holds', () => {
    const own = { habits: { every: { bath: 10, 'ear-look': 14 } } }
    const record = dog({ coat: 'wire', ...own }, 20, [entry(on(5), { kind: 'wash', combedOut: true })])
    expect(careInterval(record, 'bath')).toMatchObject({ now: 10, set: 10 })
    expect(due(record, 6, 'bath').day).toBe(on(15))
    expect(careInterval(record, 'ear-look')!.now).toBe(14)
  })
  it('a look taken seldom is not wanted less often for it, and one forgotten for long says nothing', () => {
    const looks = [0, 14, 28, 42].map((d) => tidy(on(d), { tidy: 'ear-look', outcome: 'well' }))
    expect(careInterval(dog({}, 20, looks), 'ear-look')!.now).toBeCloseTo(8, 6)
    const often = [0, 4, 8, 12, 16].map((d) => tidy(on(d), { tidy: 'ear-look' }))
    expect(careInterval(dog({}, 20, often), 'ear-look')!.now).toBeLessThan(7)
    const forgotten = [
      entry(on(0), { kind: 'wash', combedOut: true }),
      entry(on(200), { kind: 'wash', combedOut: true }),
    ]
    expect(careInterval(dog({}, 20, forgotten), 'bath')!.seen).toBe(null)
  })
  it('what the dog would not have was not done', () => {
    const record = dog({}, 20, [tidy(on(20), { tidy: 'teeth', outcome: 'refused' })])
    expect(due(record, 21, 'teeth').last).toBe(null)
    expect(due(dog({}, 20, [tidy(on(20), { tidy: 'teeth', outcome: 'little' })]), 21, 'teeth').last).toBe(
      on(20),
    )
  })
  it('a look that is bad opens a concern where it looked, in words the look-over has; a good one none', () => {
    for (const look of Object.keys(OUTCOMES) as LookedAt[]) {
      const opened = OUTCOMES[look].flatMap((o) => opensConcern(look, o) ?? [])
      expect(opened.length).toBeGreaterThan(0)
      expect(opened.length).toBeLessThan(OUTCOMES[look].length)
      for (const what of opened) expect(entrySchema.safeParse(entry(START, what)).success).toBe(true)
    }
    expect(opensConcern('eyes', 'wiped')).toBe(null)
    expect(opensConcern('ear-look', 'wax')).toEqual({ kind: 'concern', where: 'ear-openings', seen: ['wax'] })
  })
  it('undercoat is as packed as its most packed place', () => {
    expect(mostPacked(['some', 'packed', 'clear'])).toBe('packed')
    expect(mostPacked(['clear', 'some'])).toBe('some')
    expect(mostPacked([])).toBe('clear')
    expect(rakedAt('wire')).not.toContain('thigh')
    expect(rakedAt('double-long', ['tail'])).not.toContain('tail')
  })
  it('undercoat comes half as often out of its season', () => {
    const record = dog({ coat: 'double-long' })
    expect(careDue(record, '2026-10-10').find((d) => d.care === 'undercoat')!.interval.now).toBeCloseTo(14, 6)
    expect(careDue(record, '2026-12-10').find((d) => d.care === 'undercoat')!.interval.now).toBeCloseTo(28, 6)
  })
})

describe('a visit does what it says it did', () => {
  const some = (did: NonNullable<FactOf<'visit'>['did']>, more: Partial<FactOf<'visit'>> = {}) =>
    entry(on(20), { kind: 'visit', lengths: {}, found: [], did, only: true, ...more })
  it('nails and face: those two and nothing else, no stretch ended, no coat cleared', () => {
    const [before, after] = [dog(), dog({}, 20, [some(['nails', 'face'])])]
    const moved = careDue(after, on(21)).flatMap((d) => (d.last === on(20) ? [d.care] : []))
    expect(moved.sort()).toEqual(['face', 'nails'])
    expect(stretchStart(after, on(21))).toBe(START)
    expect(assess(after, on(25))).toEqual(assess(before, on(25)))
  })
  it('a bath and feet end no stretch; a comb-out does; one that does not say did everything', () => {
    expect(stretchStart(dog({}, 20, [some(['bath', 'feet'])]), on(21))).toBe(START)
    expect(stretchStart(dog({}, 20, [some(['comb-out'])]), on(21))).toBe(on(20))
    const old = entry(on(20), { kind: 'visit', lengths: {}, found: [], did: ['nails'] })
    expect(stretchStart(dog({}, 20, [old]), on(21))).toBe(on(20))
    expect(assess(dog({}, 20, [old]), on(20)).regions.back!.unseen).toEqual([0, 0, 0])
  })
  it('feet left at 4 mm are 4 mm, and what was found there was met', () => {
    const record = dog({}, 20, [
      some(['feet'], {
        except: [{ place: 'forefoot', mm: 4 }],
        found: [{ region: 'forefoot.left', finding: 'mat', count: 1 }],
      }),
    ])
    const { regions } = assess(record, on(20))
    expect([regions['forefoot.left']!.mm, regions['forefoot.left']!.clearOn]).toEqual([4, on(20)])
    expect([regions['forefoot.right']!.clearOn, regions.back!.clearOn]).toEqual([START, START])
  })
  it('a half-done clip keeps its half', () => {
    const half = entry(on(20), { kind: 'visit', home: true, lengths: { body: 10 }, found: [] })
    const { regions } = assess(dog({}, 20, [half]), on(20))
    expect(regions.back!.mm).toBe(10)
    expect(regions['foreleg.left']!.mm).toBeGreaterThan(25)
    expect(stretchStart(dog({}, 20, [half]), on(21))).toBe(START)
  })
})

describe('washes', () => {
  const rear = entry(on(20), { kind: 'wash', combedOut: false, places: ['under-tail', 'thigh'] })
  it('a part wash of the rear tightens and wets only there, and is no bath', () => {
    const [before, after] = [dog(), dog({}, 20, [rear])].map((r) => assess(r, on(20)).regions)
    for (const id of Object.keys(after!)) {
      const there = id === 'under-tail' || id.startsWith('thigh')
      expect([id, after![id]!.wetTo !== null]).toEqual([id, there])
      if (!there) expect(after![id]).toEqual(before![id])
      else expect(after![id]!.unseen[1]).toBeGreaterThan(before![id]!.unseen[1])
    }
    expect(due(dog({}, 20, [rear]), 21, 'bath').last).toBe(START)
  })
  it('drying twice timed at 40 minutes moves this dog’s estimate towards it, a part by its share', () => {
    const dried = { minutes: 40, with: 'household' as const }
    const timed = (n: number) =>
      dog(
        {},
        20,
        Array.from({ length: n }, (_, i) => entry(on(5 + 5 * i), { kind: 'wash', combedOut: true, dried })),
      )
    const [none, once, twice] = [0, 1, 2].map((n) => coatOn(timed(n), on(20)).dries)
    expect(none).toBe(1)
    // Most such dogs take less: the nearer to 40 the oftener it was so.
    const usual = usualDrying({ coat: 'wool-cross', kg: 12, mm: 24 }, 'household')!
    expect(usual).toBeLessThan(40)
    expect([once! > 1, twice! > once!, usual * twice! < 40 * 1.1]).toEqual([true, true, true])
    const part = dog({}, 20, [
      entry(on(5), {
        kind: 'wash',
        combedOut: true,
        places: ['under-tail'],
        dried: { ...dried, minutes: 1 },
      }),
    ])
    expect(coatOn(part, on(20)).dries).toBeGreaterThan(0.5)
  })
  it('a knot put off to the wash is gone after the comb glides everywhere', () => {
    const knot = entry(on(19), {
      kind: 'check',
      region: 'chest',
      finding: 'knot',
      decided: { answer: 'condition', why: 'tried-wash' },
    })
    const left = (more: Entry[]) => assess(dog({}, 20, [knot, ...more]), on(21)).regions.chest!.left
    expect(left([])).toHaveLength(1)
    expect(left([entry(on(20), { kind: 'wash', combedOut: true })])).toEqual([])
    expect(left([entry(on(20), { kind: 'wash', combedOut: true, places: ['tail'] })])).toHaveLength(1)
  })
  it('a torn nail does not refuse the bath, weeping skin does, and says where', () => {
    const ask = (what: Omit<FactOf<'concern'>, 'kind'>) => {
      const all = assess(dog(), on(20))
      const record = dog({}, 20, [
        ...Object.keys(all.regions).map((region) =>
          entry(on(20), { kind: 'check', region: region as never, finding: 'glides' }),
        ),
        entry(on(20), { kind: 'concern', ...what }),
      ])
      return mayWash({
        coat: coatOn(record, on(20)),
        part: null,
        concerns: openConcerns(record, on(20)),
        skin: 'well',
        stitches: false,
        vetPlan: null,
        dirty: true,
        sinceBath: null,
        interval: 30,
        washFirst: false,
        dryer: 'forced',
        mm: 20,
        now: 720,
        bed: 1320,
      }).answer
    }
    expect(ask({ where: 'nails', seen: ['blood', 'pain'] })).toEqual({ answer: 'yes' })
    expect(ask({ where: 'thigh', seen: ['wet'] })).toEqual({ answer: 'vet', why: 'sore', where: 'thigh' })
    expect(ask({ where: 'thigh', seen: ['parasites'] })).toEqual({ answer: 'yes' })
  })
})

describe('checks', () => {
  const check = (what: Omit<FactOf<'check'>, 'kind' | 'region'>) =>
    dog({}, 20, [entry(on(20), { kind: 'check', region: 'chest', ...what })])
  const chest = (r: DogRecord) => assess(r, on(20)).regions.chest!
  it('one that stopped, or rasps, is not clear', () => {
    expect(chest(check({ finding: 'glides', comfort: 'stopped' })).clearOn).toBe(START)
    const rasped = chest(check({ finding: 'rasps' }))
    expect([rasped.clearOn, rasped.last!.finding]).toEqual([START, 'rasps'])
    expect(rasped.unseen).toEqual(chest(dog()).unseen)
    expect(rasped.seen.exposure).toBe(0)
  })
  it('a knot it would not have touched is a refusal, and the knot is still known', () => {
    const no = chest(
      check({ finding: 'knot', comfort: 'stopped', decided: { answer: 'groomer', why: 'not-allowed' } }),
    )
    expect([no.refusals, no.left.length, no.clearOn]).toEqual([1, 1, START])
    expect(profile().hard).toEqual([])
  })
})
