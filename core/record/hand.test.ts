import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { entry, profile as aProfile } from '../../tests/support/dogs'
import { mayWash } from '../care/bath/wash-gate'
import { mayClip } from '../care/tidies/clip'
import { goingOver } from '../plan/going-over'
import { toldFrom, weekOf } from '../plan/week-told'
import { NO_CHOICES } from '../plan/standing'
import { planOn, planToday } from '../plan/today'
import { addDays } from './day'
import type { Entry, FactOf } from './entries'
import { assess, coatOn } from './fold'
import type { DogRecord } from './fold'
import { COMBED_TOLD, guessTeaches, HAND_FEELS, toldUncombed } from './hand'
import { chanceOfMat, likelyChance, placesOf } from './odds'
import { PART_IDS, REGIONS } from '../coat/regions'
import { isUnmet, shadeHere } from './unmet'

const AT = '2026-11-20'
const profile = aProfile()
const on = (n: number) => addDays(AT, n)
type Told = Pick<FactOf<'hand'>, 'combed' | 'feels'>
/** A dog nobody has written of, 25 mm all over, told of by hand on its first day. */
function unknown(told: Partial<Told> = {}, more: Entry[] = []): DogRecord {
  return {
    profile: { ...profile, since: AT },
    entries: [
      entry(AT, { kind: 'hand', combed: 'never', feels: 'nothing', ...told }),
      ...PART_IDS.map((part) =>
        entry(AT, {
          kind: 'measure',
          regions: REGIONS.filter((r) => r.part === part).map((r) => r.id),
          mm: 25,
        }),
      ),
      ...more,
    ],
  }
}
const hot = REGIONS.filter((r) => r.class === 'hot').map((r) => r.id)
const glide = (day: string, region: (typeof hot)[number], what: Partial<FactOf<'check'>> = {}) =>
  entry(day, { kind: 'check', region, finding: 'glides', ...what })
const meetAll = (day: string) => REGIONS.map((r) => glide(day, r.id))

describe('a coat nobody knows', () => {
  it('never combed: a mat is likelier than not at its hot places, and wider held than of a known one', () => {
    const { regions } = assess(unknown(), AT)
    for (const id of hot) expect(chanceOfMat(regions[id]!)).toBeGreaterThan(0.5)
    const [low, high] = likelyChance(hot.slice(0, 1).map((id) => regions[id]!))
    expect(high - low).toBeGreaterThan(0.6)
  })
  it('longer uncombed is worse, and so is more felt', () => {
    const mats = (told: Partial<Told>) => assess(unknown(told), AT).regions['armpit.left']!.unseen[2]
    const rising = (list: number[]) => list.every((x, i) => i === 0 || x > list[i - 1]!)
    expect(rising(COMBED_TOLD.map((combed) => mats({ combed })))).toBe(true)
    expect(rising(HAND_FEELS.map((feels) => mats({ feels })))).toBe(true)
    // 180 days at λ a day: λ(D − 2/μ) mats, two fifths of them where a hand feels nothing.
    const coat = coatOn(unknown({ feels: 'lumps' }), AT)
    const at = coat.places.findIndex((p) => p.id === 'armpit.left')
    expect(mats({ feels: 'lumps' })).toBeCloseTo(coat.bornToday()[at]! * (180 - 14), 6)
    expect(mats({ feels: 'nothing' })).toBeCloseTo(0.4 * mats({ feels: 'lumps' }), 9)
  })
  it('a pup has not gone uncombed for longer than it has lived', () => {
    expect(toldUncombed('never', 3)).toBe(91)
    expect(toldUncombed('never', 0)).toBe(30)
    expect(toldUncombed('weeks', 3)).toBe(28)
    expect(toldUncombed('never', null)).toBe(180)
  })
  it('is pale everywhere, and by its chance where the comb has been', () => {
    const { regions } = assess(unknown({}, [glide(AT, 'armpit.left')]), AT)
    const pale = Object.values(regions).filter((s) => shadeHere(s, profile) === 5)
    expect(pale).toHaveLength(40)
    expect(shadeHere(regions['armpit.left']!, profile)).toBeLessThan(5)
    // A short coat is not combed: nothing to meet.
    expect(shadeHere(regions.back!, { coat: 'smooth' })).toBeLessThan(5)
  })
  it('a part that was reached, or refused, is not met', () => {
    const { regions } = assess(
      unknown({}, [
        glide(AT, 'armpit.left', { finding: 'snag', comfort: 'stopped' }),
        glide(AT, 'armpit.right', { finding: 'refused' }),
        entry(AT, { kind: 'brush', depth: 'skin', regions: ['tail'] }),
      ]),
      AT,
    )
    for (const id of ['armpit.left', 'armpit.right', 'tail']) expect(isUnmet(regions[id]!)).toBe(true)
  })
  it('once gone over, the odds are those of what was found', () => {
    const found = glide(AT, 'armpit.left', { finding: 'knot', count: 2, out: 1 })
    const record = unknown({}, [
      ...meetAll(AT).filter((e) => !JSON.stringify(e).includes('armpit.left')),
      found,
    ])
    const { regions } = assess(record, on(0))
    for (const s of placesOf(assess(record, AT))) {
      expect(isUnmet(s)).toBe(false)
      if (s.id !== 'armpit.left') expect(chanceOfMat(s)).toBeLessThan(0.1)
    }
    expect(regions['armpit.left']!.left).toEqual([{ count: 1, stages: [0, 1, 0] }])
    // Few found where many were to be expected: this dog knots less, though a guess teaches only so much.
    expect(regions.back!.rate.mean).toBeLessThan(1)
    const exposure = placesOf(assess(record, AT)).reduce((sum, s) => sum + s.seen.exposure, 0)
    expect(exposure).toBeLessThan(6)
    expect(exposure).toBeGreaterThan(4)
  })
  it('a guess of many knots teaches as much as is held of a dog before, and no more', () => {
    fc.assert(
      fc.property(fc.double({ min: 0, max: 1e4, noNaN: true }), (knots) => {
        expect(knots * guessTeaches(knots)).toBeLessThanOrEqual(6)
        expect(guessTeaches(knots)).toBeGreaterThan(0)
      }),
    )
    expect(guessTeaches(0)).toBe(1)
  })
  it('what came since is known, and teaches in full', () => {
    const late = unknown({ combed: 'this-week' }, [glide(on(40), 'armpit.left')])
    const before = assess(unknown({ combed: 'this-week' }), on(40)).regions['armpit.left']!
    const all = before.unseen[0] + before.unseen[1] + before.unseen[2]
    const { seen } = assess(late, on(40)).regions['armpit.left']!
    expect(seen.exposure).toBeGreaterThan(all - before.guessed)
    expect(seen.exposure).toBeLessThanOrEqual(all)
  })
  it('a groomer who had it in hand ends what a hand felt, whatever was refused', () => {
    const seen = unknown({ feels: 'sheet' }, [
      entry(on(1), {
        kind: 'visit',
        lengths: { body: 10 },
        found: [{ region: 'forefoot.left', finding: 'refused' }],
      }),
    ])
    expect(isUnmet(assess(seen, on(1)).regions['forefoot.left']!)).toBe(true)
    expect(assess(seen, on(1)).felt).toBe(null)
  })
  it('a groomer who went through it has met it', () => {
    const seen = unknown({}, [entry(on(1), { kind: 'visit', lengths: { body: 10 }, found: [] })])
    expect(placesOf(assess(seen, on(1))).some(isUnmet)).toBe(false)
    expect(assess(seen, on(1)).felt).toBe(null)
  })
})

describe('the first going-over', () => {
  const week = (minutes: number[]) => ({ ...profile, since: AT, minutes })
  const over = (record: DogRecord, day = AT, today?: number) =>
    goingOver(coatOn(record, day), NO_CHOICES, today)
  it('meets every place once, hot ones first, in as many sittings as the minutes allow', () => {
    const record = { ...unknown(), profile: week([20, 20, 20, 20, 20, 20, 20]) }
    const { sittings, met, of } = over(record)!
    expect([met, of]).toEqual([0, 41])
    expect(sittings.length).toBeGreaterThan(1)
    expect(sittings.flatMap((s) => s.regions).sort()).toEqual(REGIONS.map((r) => r.id).sort())
    for (const s of sittings) expect(s.minutes).toBeLessThanOrEqual(16)
    for (const id of hot) expect(sittings[0]!.regions).toContain(id)
    expect(over(record, AT, 240)!.sittings).toHaveLength(1)
  })
  it('meets what fits no day on the longest, by itself; and says so where there are no minutes', () => {
    const short = { ...unknown(), profile: week([7, 7, 7, 7, 7, 8, 7]) }
    const met = over(short)!.sittings.flatMap((s) => s.places)
    expect(met).toContain('side')
    expect(over({ ...unknown(), profile: week([0, 0, 0, 0, 0, 0, 0]) })!.sittings).toEqual([])
  })
  it('is what is on the table until every place was asked for once', () => {
    const first = planToday(unknown(), AT, 30)
    expect(first.goingOver!.sittings[0]!.places).toEqual(first.items.map((i) => i.place))
    expect(first.items.length).toBeGreaterThan(3)
    const half = unknown({}, [glide(AT, 'armpit.left'), glide(AT, 'tail', { finding: 'refused' })])
    const next = planToday(half, on(1), 240)
    expect(next.items.flatMap((i) => i.regions)).not.toContain('armpit.left')
    expect(next.items.flatMap((i) => i.regions)).not.toContain('tail')
    expect(planToday(unknown({}, meetAll(AT)), on(1), 30).goingOver).toBe(null)
    expect(goingOver(coatOn({ ...unknown(), profile: { ...profile, coat: 'smooth' } }, AT), NO_CHOICES)).toBe(
      null,
    )
  })
  it('keeps to the days and the longest session the owner has chosen', () => {
    const record = { ...unknown(), profile: week([30, 30, 30, 30, 30, 30, 30]) }
    const choices = { ...NO_CHOICES, blocked: [AT], longest: 14 }
    const { sittings } = goingOver(coatOn(record, AT), choices)!
    expect(sittings[0]!.day).toBe(on(1))
    for (const s of sittings) expect(s.minutes).toBeLessThanOrEqual(10)
    const shown = planToday(record, AT, 30)
    expect(shown.goingOver!.sittings[0]!.day).toBe(AT)
    expect(
      planOn(coatOn(record, AT), 30, { combed: false, goneOverOn: null }, [], choices).goingOver,
    ).toEqual(goingOver(coatOn(record, AT), choices))
  })
  it('is no matter of one place that is there again on a dog that is known', () => {
    const docked = entry(on(2), { kind: 'dog', absent: ['tail'] })
    const back = entry(on(4), { kind: 'dog', absent: [] })
    const known = entry(AT, { kind: 'visit', lengths: { body: 20 }, found: [] })
    const coat = coatOn({ profile: { ...profile, since: AT }, entries: [known, docked, back] }, on(5))
    expect(isUnmet(coat.places.find((p) => p.id === 'tail')!)).toBe(true)
    expect(goingOver(coat, NO_CHOICES)).toBe(null)
  })
  it('tells the week once two places in three were met, and between two figures until then', () => {
    expect(toldFrom(41)).toBe(28)
    const untold = weekOf(coatOn(unknown(), AT))
    const told = weekOf(coatOn(unknown({}, meetAll(AT)), AT))
    if (!('low' in untold) || !('about' in told)) throw new Error('Told the wrong way round.')
    expect(untold.low).toBeLessThan(told.about)
    expect(untold.high).toBeGreaterThan(told.about)
  })
})

describe('no gate takes an unmet place as combed', () => {
  const washing = (record: DogRecord, more: object = {}) =>
    mayWash({
      coat: coatOn(record, AT),
      part: null,
      concerns: [],
      skin: 'well',
      stitches: false,
      vetPlan: null,
      dirty: true,
      sinceBath: null,
      interval: 28,
      washFirst: true,
      soaks: true,
      dryer: 'forced',
      mm: 25,
      now: 12 * 60,
      bed: 22 * 60,
      ...more,
    }).answer
  it('bath: comb first, and washing first is not offered where nobody knows what is there', () => {
    expect(washing(unknown())).toMatchObject({ answer: 'comb-first', tryWater: false })
    const but = unknown({}, meetAll(AT).slice(1))
    expect(washing(but)).toMatchObject({ answer: 'comb-first', places: [REGIONS[0]!.place] })
    expect(washing(unknown({}, meetAll(AT)))).toEqual({ answer: 'yes' })
  })
  it('bath: a sheet, or many lumps, is the groomer’s before any water', () => {
    expect(washing(unknown({ feels: 'sheet' }))).toEqual({ answer: 'groomer', why: 'felt' })
    expect(washing(unknown({ feels: 'many' }))).toEqual({ answer: 'groomer', why: 'many' })
  })
  it('clip: comb first', () => {
    const asked = (record: DogRecord) =>
      mayClip(coatOn(record, AT), { setting: 'scissors', taught: [] }).answer
    expect(asked(unknown())).toBe('comb-first')
    expect(asked(unknown({}, meetAll(AT)))).toBe('yes')
  })
})

describe('a silent record', () => {
  const known = (days: number) =>
    planToday(
      { profile, entries: [entry('2026-09-01', { kind: 'visit', lengths: { body: 20 }, found: [] })] },
      addDays('2026-09-01', days),
      20,
    ).silent
  it('says so past the coat’s ceiling, and not before', () => {
    expect([known(10), known(11)]).toEqual([null, 11])
  })
  it('told by hand, it begins anew: unmet, but what was left in is still there', () => {
    const record = unknown({}, [
      glide(AT, 'tail', { finding: 'mat' }),
      ...meetAll(AT).filter((e) => !JSON.stringify(e).includes('"tail"')),
      entry(on(40), { kind: 'hand', combed: 'weeks', feels: 'nothing' }),
    ])
    expect(planToday(record, on(39), 30).silent).toBe(39)
    const plan = planToday(record, on(40), 30)
    expect(plan.silent).toBe(null)
    expect(plan.goingOver!.met).toBe(0)
    expect(assess(record, on(40)).regions.tail!.left).toHaveLength(1)
  })
})
