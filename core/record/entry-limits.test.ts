import { describe, expect, it } from 'vitest'
import { profile } from '../../tests/support/dogs'
import { PLACE_IDS, REGION_IDS } from '../coat/regions'
import { addDays } from './day'
import { partsOfTidy } from './care-parts'
import { FOUND_IDS } from './part-done'
import { factSchema } from './entries'
import { profileSchema } from './profile'
import { SIGN_IDS } from './signs'

const DAY = '2026-11-20'
const ID = '019f61c9-294a-7000-8011-2bd342b17f23'
const many = <T>(n: number, of: (i: number) => T) => Array.from({ length: n }, (_, i) => of(i))
const letters = (n: number) => 'a'.repeat(n)
const takes = (fact: object) => factSchema.safeParse(fact).success
const days = (n: number) => many(n, (i) => addDays(DAY, i))
const place = (i: number) => PLACE_IDS[i % PLACE_IDS.length]!
const region = (i: number) => REGION_IDS[i % REGION_IDS.length]!

const check = (more: object) => ({ kind: 'check', region: 'back', finding: 'snag', ...more })
const wash = (more: object) => ({ kind: 'wash', combedOut: true, ...more })
const visit = (more: object) => ({ kind: 'visit', lengths: {}, found: [], ...more })
const tidy = (more: object) => ({ kind: 'tidy', tidy: 'paws', ...more })
const plan = (more: object, choices: object = {}) => ({
  kind: 'plan',
  to: DAY,
  sessions: [],
  basis: 'b',
  choices: { blocked: [], minutesOn: {}, matWorth: 100, ...choices },
  ...more,
})
const rake = (more: object) => ({ kind: 'undercoat', finding: 'some', ...more })

/** Of each: what it is of, the most and the least it takes, and what is past either. Judgement: more was a slip. */
const LIMITS: [string, (n: number) => object, least: number, most: number][] = [
  ['knots in one place', (count) => check({ count, out: 0 }), 0, 40],
  ['seconds of a check', (seconds) => check({ seconds }), 0, 7200],
  ['places brushed', (n) => ({ kind: 'brush', depth: 'skin', regions: many(n, region) }), 1, 41],
  ['places washed', (n) => wash({ places: many(n, place) }), 1, 28],
  ['minutes drying', (minutes) => wash({ dried: { minutes, with: 'forced' } }), 1, 600],
  ['watts', (watts) => wash({ dried: { minutes: 9, with: 'forced', watts } }), 300, 4000],
  ['hours worn', (hours) => ({ kind: 'gear', gear: 'coat', hours }), 0, 24],
  ['millimetres measured', (mm) => ({ kind: 'measure', regions: ['back'], mm }), 0, 400],
  [
    'things found at a visit',
    (n) => visit({ found: many(n, (i) => ({ region: region(i), finding: 'snag' })) }),
    0,
    41,
  ],
  ['cuts of a visit', (n) => visit({ ran: many(n, () => ({ blade: '#10' })) }), 0, 6],
  ['millimetres of a guard', (guard) => visit({ ran: [{ guard }] }), 1, 60],
  ['minutes for knots', (knotMinutes) => visit({ knotMinutes }), 0, 600],
  ['lengths of single places', (n) => visit({ except: many(n, (i) => ({ place: place(i), mm: 9 })) }), 0, 41],
  ['days proposed', (n) => ({ kind: 'proposed', from: 'Imke', days: days(n) }), 1, 6],
  ['letters of advice', (n) => ({ kind: 'advice', from: 'Imke', says: letters(n) }), 1, 200],
  [
    'letters of a concern',
    (n) => ({ kind: 'concern', where: 'back', seen: ['red'], says: letters(n) }),
    0,
    200,
  ],
  [
    'signs seen',
    (n) => ({ kind: 'concern', where: 'back', seen: many(n, (i) => SIGN_IDS[i] ?? 'red') }),
    1,
    SIGN_IDS.length,
  ],
  ['minutes of a tidy', (minutes) => tidy({ minutes }), 0, 600],
  [
    'parts met',
    (n) =>
      tidy({
        parts: [{ part: 'paw.forefoot.left', did: 'left', found: many(n, (i) => FOUND_IDS[i] ?? 'seed') }],
      }),
    1,
    FOUND_IDS.length,
  ],
  ['places raked', (n) => rake({ places: many(n, (i) => ({ place: place(i), finding: 'some' })) }), 1, 60],
  ['passes of a rake', (pass) => rake({ places: [{ place: 'back', finding: 'some', pass }] }), 1, 5],
  ['steps of a ladder', (step) => ({ kind: 'handling', place: 'table', step, went: 'easy' }), 0, 6],
  ['days kept free', (n) => plan({}, { blocked: days(n) }), 0, 400],
  ['what a mat is worth', (matWorth) => plan({}, { matWorth }), 20, 400],
  ['longest session', (longest) => plan({}, { longest }), 0, 240],
  [
    'sessions planned',
    (n) => plan({ sessions: many(n, (i) => ({ day: addDays(DAY, i), places: [], pinned: false })) }),
    0,
    400,
  ],
  [
    'places of a session',
    (n) => plan({ sessions: [{ day: DAY, places: many(n, place), pinned: false }] }),
    0,
    28,
  ],
  [
    'care planned',
    (n) => plan({ care: many(n, (i) => ({ day: addDays(DAY, i), unit: 'face', pinned: false })) }),
    0,
    800,
  ],
  ['letters of what a plan rests on', (n) => plan({ basis: letters(n) }), 0, 2000],
  ['a gap', (gap) => plan({ gap }), 0, 1],
  ['minutes of a session', (minutes) => ({ kind: 'session', minutes, places: 1 }), 0, 600],
  [
    'lines of a wish',
    (n) => ({ kind: 'wish', lines: many(n, (i) => ({ place: PLACE_IDS[i], mm: 9 })) }),
    1,
    20,
  ],
  ['letters of a wish', (n) => ({ kind: 'wish', lines: [{ part: 'body', says: letters(n) }] }), 1, 60],
]

describe('what an entry takes', () => {
  it.each(LIMITS)('%s: to the last, and not one more', (_what, of, least, most) => {
    expect(takes(of(most)), 'the most').toBe(true)
    expect(takes(of(most + 1)), 'one more').toBe(false)
    expect(takes(of(least)), 'the least').toBe(true)
    // Of lists and words there is no fewer than none.
    if (least > 0) expect(takes(of(least - 1)), 'one less').toBe(false)
  })
  it('nothing below nothing, and whole where it is counted', () => {
    for (const fact of [
      check({ count: -1 }),
      check({ count: 1.5 }),
      check({ seconds: -1 }),
      { kind: 'gear', gear: 'coat', hours: -1 },
      { kind: 'measure', regions: ['back'], mm: -1 },
      tidy({ minutes: -1 }),
      plan({ gap: -0.1 }),
      { kind: 'session', minutes: -1, places: 1 },
      { kind: 'handling', place: 'table', step: -1, went: 'easy' },
    ])
      expect(takes(fact), JSON.stringify(fact)).toBe(false)
  })
  it('what does not go together is refused', () => {
    const part = (more: object) => tidy({ parts: [{ part: 'paw.forefoot.left', did: 'done', ...more }] })
    expect([
      takes(part({ how: 'cut', mm: 4 })),
      takes(part({ mm: 4 })),
      takes(part({ how: 'combed', mm: 4 })),
    ]).toEqual([true, false, false])
    expect(takes(tidy({ parts: [{ part: 'fringe', did: 'done' }] }))).toBe(false)
    const twice = partsOfTidy('paws')
      .slice(0, 1)
      .flatMap((p) => [
        { part: p, did: 'done' },
        { part: p, did: 'left' },
      ])
    expect([
      takes(tidy({ parts: twice })),
      takes(tidy({ parts: twice.slice(0, 1) })),
      takes(tidy({ parts: [] })),
    ]).toEqual([false, true, false])
    expect([takes(check({ out: 1 })), takes(check({ out: 2 })), takes(check({ count: 2, out: 2 }))]).toEqual([
      true,
      false,
      true,
    ])
    expect([takes(check({ open: true })), takes({ ...check({ open: true }), finding: 'knot' })]).toEqual([
      true,
      false,
    ])
    expect([takes({ kind: 'dog' }), takes({ kind: 'dog', weightKg: 9 })]).toEqual([false, true])
    const line = (l: object) => takes({ kind: 'wish', lines: [l] })
    expect(line({ part: 'body', mm: 9 })).toBe(true)
    expect(line({ part: 'body', leave: true })).toBe(true)
    for (const l of [
      { part: 'body' },
      { mm: 9 },
      { part: 'body', place: 'back', mm: 9 },
      { part: 'body', mm: 9, leave: true },
    ])
      expect(line(l), JSON.stringify(l)).toBe(false)
    const two = [
      { part: 'body', mm: 9 },
      { part: 'body', mm: 8 },
    ]
    expect(takes({ kind: 'wish', lines: two })).toBe(false)
    const answer = (l: object) =>
      takes({ kind: 'wish-answer', wish: ID, from: 'Imke', lines: [{ part: 'body', ...l }] })
    expect([
      answer({ how: 'will' }),
      answer({ how: 'will', mm: 9 }),
      answer({ how: 'rather' }),
      answer({ how: 'rather', mm: 9 }),
    ]).toEqual([true, false, false, true])
    expect([answer({ how: 'not' }), answer({ how: 'not', mm: 9 })]).toEqual([true, true])
  })
})

describe('what a dog takes', () => {
  const dog = (more: object) => profileSchema.safeParse({ ...profile(), ...more }).success
  const garment = { what: 'coat', from: 1, to: 3, hours: 4 }
  it.each<[string, (n: number) => object, number, number]>([
    ['letters of a name', (n) => ({ name: letters(n) }), 1, 40],
    ['letters of a breed', (n) => ({ breed: letters(n) }), 0, 60],
    ['hours of a harness', (harnessHours) => ({ harnessHours }), 0, 24],
    ['garments', (n) => ({ garments: many(n, () => garment) }), 0, 6],
    ['months', (from) => ({ garments: [{ ...garment, from }] }), 1, 12],
    ['letters of a garment', (n) => ({ garments: [{ ...garment, what: letters(n) }] }), 1, 30],
    ['minutes of a day', (m) => ({ minutes: [m, 0, 0, 0, 0, 0, 0] }), 0, 240],
    ['days of a week', (n) => ({ minutes: many(n, () => 9) }), 7, 7],
    ['hard places', (n) => ({ hard: many(n, place) }), 0, 28],
    ['places it has not got', (n) => ({ absent: many(n, region) }), 0, 20],
    ['marks', (n) => ({ marks: many(n, () => ({ what: 'mole', region: 'back' })) }), 0, 20],
    ['letters of a mark', (n) => ({ marks: [{ what: 'mole', region: 'back', says: letters(n) }] }), 0, 80],
    ['places that want something', (n) => ({ works: many(n, (i) => ({ place: place(i) })) }), 0, 28],
    ['letters of a hold', (n) => ({ works: [{ place: 'back', hold: letters(n) }] }), 0, 40],
    ['letters of what helps', (n) => ({ helps: { treats: letters(n) } }), 0, 60],
    ['letters of a wish', (n) => ({ wish: letters(n) }), 0, 200],
    ['watts', (watts) => ({ habits: { watts } }), 300, 4000],
    ['bedtime', (bed) => ({ habits: { bed } }), 0, 1439],
    ['days between', (n) => ({ habits: { every: { face: n } } }), 1, 365],
    ['a finger', (fingerMm) => ({ habits: { fingerMm } }), 8, 30],
    ['guards', (n) => ({ habits: { guards: many(n, () => 13) } }), 0, 24],
    ['a guard', (mm) => ({ habits: { guards: [mm] } }), 1, 60],
  ])('%s: to the last, and not one more', (_what, of, least, most) => {
    expect([dog(of(most)), dog(of(most + 1)), dog(of(least))]).toEqual([true, false, true])
    if (least > 0) expect(dog(of(least - 1))).toBe(false)
  })
})
