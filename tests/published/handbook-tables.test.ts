import { describe, expect, it } from 'vitest'
import { bathAmounts, USUAL_RATIO } from '../../core/care/bath/bath-recipe'
import { dryingMinutes } from '../../core/care/bath/drying-told'
import { CARE, careInterval, doneOn } from '../../core/due/due'
import { CARE_IDS } from '../../core/record/tidies'
import { COAT_IDS, COATS } from '../../core/coat/coat-types'
import { PLACE_IDS, placeRow } from '../../core/coat/regions'
import { ASKED_LENGTHS } from '../../core/plan/weekly'
import type { Fact } from '../../core/record/entries'
import { timeline } from '../../core/record/timeline'
import { afterDay, FIRST } from '../../core/care/handling/handling'
import type { OnTheWay } from '../../core/care/handling/handling'
import { decideKnot } from '../../core/care/knots/knot'
import type { KnotFound } from '../../core/care/knots/knot'
import { nailsNext } from '../../core/due/nails'
import { restMinutes } from '../../core/coat/minutes'
import { monthsOld } from '../../core/record/day'
import { assess } from '../../core/record/fold'
import { reasonFor } from '../../core/plan/reason'
import { expectedKnots, shadeOf } from '../../core/record/odds'
import { driesSlowly, inventedWeather } from '../../core/season/weather'
import { dog, entry } from '../support/dogs'

/**
 * The handbook's tables, written down a second time: a figure of the trade that slips is noticed here, and is
 * changed in both places by whoever means it. Common practice and judgement, no source.
 */
it('what coats are like', () => {
  const row = (id: (typeof COAT_IDS)[number]) => {
    const c = COATS[id]
    const { body, legs, head, ears, tail } = c.usualMm
    return [
      c.knotsPerDay,
      Math.round(1 / c.tighteningPerDay),
      c.growthMmPerDay,
      c.minutesPerDm2,
      c.ceilingDays,
      `${body}/${legs}/${head}/${ears}/${tail}`,
      Object.values(c.stopsAt).join(' '),
      c.stopsAtMm,
    ]
  }
  // Knots a day at 10 kg and 25 mm, days to tighten, mm a day, minutes a dm², ceiling, usual lengths, stops at.
  expect(Object.fromEntries(COAT_IDS.map((id) => [id, row(id)]))).toEqual({
    wool: [0.33, 7, 0.35, 0.65, 10, '20/25/20/30/40', '', null],
    'wool-cross': [0.45, 7, 0.35, 0.75, 10, '20/25/20/30/40', '', null],
    drop: [0.27, 8, 0.33, 0.6, 10, '80/80/60/90/90', '', null],
    feathered: [0.18, 9, 0.3, 0.35, 14, '12/40/12/50/60', '1.2 1.2', null],
    wire: [0.13, 9, 0.3, 0.35, 14, '20/25/30/10/20', '', null],
    'double-long': [0.15, 10, 0.25, 0.4, 14, '45/30/10/30/70', '1.3 1.3 1.3 1.3 1.3', 60],
    'double-short': [0.03, 10, 0.2, 0.25, 28, '20/12/8/8/25', '1.1 1.1 1.1 1.1 1.1', 30],
    smooth: [0.002, 10, 0.2, 0.08, 28, '8/6/5/5/8', '1.1 1.1 1.1 1.1 1.1', 15],
  })
})

it('how large each place is, how readily it knots, and what rubs and wets it', () => {
  const row = (p: (typeof PLACE_IDS)[number]) => {
    const r = placeRow(p)
    return `${r.area} ${r.class} ${r.part} ${r.pair ? 'pair' : 'one'} ${r.covers.join(',')}`
  }
  expect(Object.fromEntries(PLACE_IDS.map((p) => [p, row(p)]))).toEqual({
    crown: '18 calm head one rain',
    fringe: '6 moving head one swim',
    cheek: '9 moving head pair swim',
    muzzle: '9 moving head one swim',
    beard: '12 rubbing head one swim',
    ear: '13 moving ears pair swim,rain',
    'ear-edge': '4 rubbing ears pair swim,rain',
    'behind-ear': '6 hot ears pair swim,rain',
    nape: '28 calm body one coat,swim',
    'collar-line': '24 rubbing body one collar,swim',
    shoulders: '60 moving body one harness,coat,swim,rain',
    back: '100 calm body one coat,swim,rain',
    chest: '58 moving body one harness,coat,swim',
    girth: '40 moving body one harness,coat,swim',
    side: '80 calm body pair coat,swim,rain',
    belly: '50 moving body one coat,swim,grass',
    'tuck-up': '14 rubbing body pair swim,grass',
    armpit: '10 hot legs pair harness,coat,swim',
    foreleg: '36 moving legs pair swim,grass',
    forefoot: '11 rubbing legs pair swim,grass',
    rump: '40 calm body one swim,rain',
    thigh: '52 moving tail pair swim',
    'inner-thigh': '15 hot legs pair swim',
    hock: '12 moving legs pair swim,grass',
    hindfoot: '11 rubbing legs pair swim,grass',
    'under-tail': '11 rubbing tail one swim',
    'tail-base': '10 hot tail one swim',
    tail: '20 moving tail one swim,rain',
  })
})

it('the order of work, for a day whose entries have no time', () => {
  const KINDS: Fact['kind'][] = [
    'gear',
    'wet',
    'visit',
    'advice',
    'advice-answer',
    'handling',
    'rehearsed',
    'concern',
    'concern-closed',
    'measure',
    'brush',
    'check',
    'tidy',
    'undercoat',
    'wash',
    'photo',
    'session',
    'plan',
  ]
  const shuffled = [...KINDS].sort().map((kind, i) => ({ id: String(i), day: '2026-05-20', what: { kind } }))
  expect(timeline(shuffled as never).map((f) => f.what.kind)).toEqual(KINDS)
  // A time on the clock stands before any usual one.
  const timed = { id: 'z', day: '2026-05-20', time: '18:29', what: { kind: 'plan' } }
  const found = timeline([...shuffled, timed] as never).map((f) => f.what.kind)
  expect(found.indexOf('plan')).toBe(KINDS.indexOf('check'))
})

it('what a bath takes, by coat and dryer', () => {
  expect(bathAmounts(10, 15)).toEqual({ shampooMl: 250, conditionerMl: 170 })
  expect(bathAmounts(25, 30)).toEqual({ shampooMl: 640, conditionerMl: 430 })
  const dries = (coat: (typeof COAT_IDS)[number], dryer: 'forced' | 'household', more = {}) => {
    const { from, to } = dryingMinutes({ coat, kg: 25, mm: 40 }, dryer, more)!
    return `${from}-${to}`
  }
  expect(COAT_IDS.map((id) => dries(id, 'forced'))).toEqual([
    '19-29',
    '18-27',
    '15-23',
    '16-24',
    '16-24',
    '20-30',
    '19-29',
    '12-18',
  ])
  expect([
    dries('double-long', 'household'),
    dries('double-long', 'household', { cold: true }),
    dries('double-long', 'household', { watts: 900 }),
  ]).toEqual(['64-96', '83-125', '128-192'])
})

it('how often each kind of care is due to begin with, days, and what a visit does of it', () => {
  const IDS = [
    'eyes',
    'teeth',
    'nails',
    'ear-look',
    'look-over',
    'paws',
    'sanitary',
    'face',
    'ears',
    'undercoat',
    'bath',
  ] as const
  const days = (coat: (typeof COAT_IDS)[number]) =>
    IDS.map((care) => Math.round(CARE[care].days(coat, COATS[coat].growthMmPerDay) ?? 0)).join(' ')
  expect([...CARE_IDS].sort()).toEqual([...IDS].sort())
  expect(Object.fromEntries(COAT_IDS.map((id) => [id, days(id)]))).toEqual({
    wool: '1 2 8 8 7 24 28 21 34 0 30',
    'wool-cross': '1 2 8 8 7 24 28 21 34 0 30',
    drop: '1 2 8 8 7 26 28 21 36 0 30',
    feathered: '1 2 8 8 7 28 28 21 40 0 42',
    wire: '1 2 8 8 7 28 28 21 0 28 42',
    'double-long': '1 2 8 8 7 34 0 0 0 14 49',
    'double-short': '1 2 8 8 7 43 0 0 0 14 49',
    smooth: '1 2 8 8 7 0 0 0 0 0 56',
  })
  const visited = dog()
  expect(IDS.filter((care) => doneOn(visited, care).length)).toEqual([
    'nails',
    'paws',
    'sanitary',
    'face',
    'ears',
    'undercoat',
    'bath',
  ])
})

it('lengths people ask a groomer for, longest first', () => {
  expect(ASKED_LENGTHS).toEqual([40, 35, 30, 25, 20, 18, 15, 13, 10, 8, 6])
})

it('the stand-in’s warmest hour, by month: a mild coast, °C', () => {
  const warmest = (month: number) => {
    const days = Array.from(
      { length: 28 },
      (_, d) => `2026-${String(month).padStart(2, '0')}-${String(d + 1).padStart(2, '0')}`,
    )
    return days.reduce((sum, day) => sum + inventedWeather(day, 'north').maxC, 0) / days.length
  }
  const COAST = [6, 7, 10, 13, 17, 21, 23, 23, 19, 14, 9, 7]
  for (const [i, c] of COAST.entries()) expect(Math.abs(warmest(i + 1) - c), `month ${i + 1}`).toBeLessThan(2)
})

const KNOT: KnotFound = {
  region: 'back',
  kind: 'knot',
  count: 1,
  skinWell: true,
  privates: false,
  fouled: false,
  matsOverDog: 0,
  allowed: true,
  calm: true,
  tried: false,
  washable: false,
  washFirst: false,
  shownMats: false,
}
describe('where a figure of the trade turns', () => {
  it('the map: drawn denser from these chances of a mat', () => {
    const at = [0.0029, 0.003, 0.0099, 0.01, 0.0279, 0.028, 0.0699, 0.07]
    expect(at.map(shadeOf)).toEqual([0, 1, 1, 2, 2, 3, 3, 4])
  })
  it('brush burn: two minutes a place, one where the skin is tender', () => {
    const minutes = Object.fromEntries(PLACE_IDS.map((p) => [p, restMinutes(placeRow(p))]))
    const tender = PLACE_IDS.filter((p) => minutes[p] === 1)
    expect(tender).toEqual(['ear', 'ear-edge', 'behind-ear', 'armpit', 'inner-thigh', 'under-tail'])
    expect(minutes.back).toBe(2)
  })
  it('label ratios where none is at hand; what dries slowly', () => {
    expect(USUAL_RATIO).toEqual({ shampoo: 10, conditioner: 8 })
    const slow = (maxC: number, humidity: number) =>
      driesSlowly({ ...inventedWeather('2026-06-01', 'north'), maxC, humidity } as never)
    expect([slow(12, 85), slow(11, 85), slow(12, 86)]).toEqual([false, true, true])
  })
  it('a hard place: up a step after three easy days, back one after a bad one, never below the first', () => {
    const easy = (n: number) =>
      Array.from({ length: n }).reduce((at: OnTheWay) => afterDay(at, 'easy'), FIRST)
    expect([easy(2).step, easy(3).step, easy(9).step]).toEqual([0, 1, 3])
    expect(afterDay(easy(9), 'stopped').step).toBe(2)
    expect(afterDay(FIRST, 'stopped').step).toBe(0)
    expect(afterDay({ step: 2, easyDays: 2, arrived: false }, 'fidgety')).toEqual({
      step: 2,
      easyDays: 0,
      arrived: false,
    })
  })
  it('age in whole months, over the new year', () => {
    expect(
      ['2025-12-31', '2026-01-01', '2026-06-30', '2027-04-01'].map((d) => monthsOld('2025-11', d)),
    ).toEqual([1, 2, 7, 17])
  })
  it('many mats: three in a place, nine over the dog', () => {
    const mats = (count: number, matsOverDog: number) =>
      decideKnot({ ...KNOT, kind: 'mat', count, matsOverDog }).why
    expect([mats(2, 2), mats(3, 3), mats(1, 8), mats(1, 9)]).toEqual(['mat', 'many-mats', 'mat', 'many-mats'])
    // A knot is not a mat, however many.
    expect(decideKnot({ ...KNOT, kind: 'knot', count: 9, matsOverDog: 0 }).answer).toBe('tease')
  })
  it('how the nails come on: other tidies are none of theirs; a sliver every four days, a look every eight', () => {
    const nails = (day: string, nail: 'looked' | 'trimmed' | 'sliver') =>
      entry(day, { kind: 'tidy', tidy: 'nails', nails: nail })
    const other = entry('2026-09-20', { kind: 'tidy', tidy: 'paws' })
    const next = (...entries: ReturnType<typeof entry>[]) => nailsNext(dog({}, 20, entries), '2026-09-21')
    expect(next(nails('2026-09-18', 'looked'), other)).toEqual({
      day: '2026-09-26',
      did: 'trimmed',
      slivers: 0,
    })
    expect(next(nails('2026-09-18', 'trimmed'), other)).toEqual({
      day: '2026-09-26',
      did: 'looked',
      slivers: 0,
    })
    expect(next(nails('2026-09-14', 'sliver'), nails('2026-09-18', 'sliver'), other)).toEqual({
      day: '2026-09-22',
      did: 'sliver',
      slivers: 2,
    })
  })
  it('refusals are counted, one by one', () => {
    const refused = (day: string) => entry(day, { kind: 'check', region: 'back', finding: 'refused' })
    const at = (...list: ReturnType<typeof entry>[]) =>
      assess(dog({}, 20, list), '2026-09-20').regions.back!.refusals
    expect([at(), at(refused('2026-09-10')), at(refused('2026-09-10'), refused('2026-09-12'))]).toEqual([
      0, 1, 2,
    ])
  })
  it('a knot found a fortnight ago still is the reason to go back, a day later no more', () => {
    const found = dog({}, 20, [
      entry('2026-09-05', { kind: 'check', region: 'back', finding: 'knot', count: 1, out: 1 }),
    ])
    const why = (day: string) => reasonFor(found.profile, [assess(found, day).regions.back!], day).why
    expect([why('2026-09-19'), why('2026-09-20')]).toEqual(['found', 'ceiling'])
  })
  it('an interval leans to what was told: a normal prior and normal tellings, as logarithms', () => {
    // Told once that fourteen days were right, of a prior of twenty-eight: sd 0.3 and 0.25.
    const told = dog({}, 20, [entry('2026-09-15', { kind: 'tidy', tidy: 'sanitary', was: 'right' })])
    const [prior, seen] = [1 / 0.3 ** 2, 1 / 0.25 ** 2]
    const mean = (Math.log(28) * prior + Math.log(14) * seen) / (prior + seen)
    expect(careInterval(told, 'sanitary')!.now).toBeCloseTo(Math.exp(mean), 6)
  })
  it('what was left in is still to be teased: a snag as a tangle, a knot as a knot', () => {
    const left = (finding: 'snag' | 'knot') => {
      const record = dog({}, 20, [
        entry('2026-09-05', { kind: 'check', region: 'back', finding, count: 2, out: 0 }),
      ])
      const { tangles, knots } = expectedKnots(assess(record, '2026-09-05').regions.back!)
      return [Math.floor(tangles), Math.floor(knots)]
    }
    expect([left('snag'), left('knot')]).toEqual([
      [2, 0],
      [0, 2],
    ])
  })
})
