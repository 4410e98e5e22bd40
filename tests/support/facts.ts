import fc from 'fast-check'
import { KNOT_ANSWERS, KNOT_REASONS } from '../../core/record/knot-answers'
import { NAILS_DID } from '../../core/record/nails-did'
import { SIGN_IDS } from '../../core/record/signs'
import { SPOT_IDS } from '../../core/record/spots'
import { VISIT_DID } from '../../core/record/visit-did'
import { PART_IDS, PLACE_IDS, REGION_IDS } from '../../core/coat/regions'
import { addDays } from '../../core/record/day'
import { ADVICE_ANSWERS, REHEARSED_WENT } from '../../core/record/entries'
import type { Entry, Fact, FactOf } from '../../core/record/entries'
import { COMFORT_IDS, FINDING_IDS, UNDERCOAT_IDS } from '../../core/record/findings'
import { BLADE_IDS } from '../../core/record/cutters'
import { COAT_IDS } from '../../core/coat/coat-types'
import { EAR_CARRIAGES, GROUNDS, SETTINGS, TAUGHT } from '../../core/record/habits'
import { COMBED_TOLD, HAND_FEELS } from '../../core/record/hand'
import { DRYERS } from '../../core/coat/drying'
import { partsOfTidy } from '../../core/record/care-parts'
import { OUTCOME_IDS } from '../../core/record/look-outcomes'
import { FOUND_IDS, LENGTH_BY, PART_DID, PART_HOW } from '../../core/record/part-done'
import { CONDITIONS } from '../../core/record/condition'
import { MEANS_IDS } from '../../core/record/means'
import { LEARNT_TOOLS } from '../../core/record/ladders'
import { MARKS } from '../../core/record/marks'
import { FIRST_LEGS, POSITIONS } from '../../core/record/what-works'
import { CARE_UNIT_IDS, CUT_IDS, REHEARSED_IDS, TIDY_IDS } from '../../core/record/tidies'

/** Facts of every kind, as wide as the record takes them, for tests of what must hold for any of them. */
const region = fc.constantFrom(...REGION_IDS)
const place = fc.constantFrom(...PLACE_IDS)
const finding = fc.constantFrom(...FINDING_IDS)
const comfort = fc.constantFrom(...COMFORT_IDS)
const mm = fc
  .double({ min: 0, max: 400, noNaN: true, noDefaultInfinity: true })
  .map((x) => Math.round(x * 10) / 10)
const count = fc.nat({ max: 40 })
const regions = fc.uniqueArray(region, { minLength: 1 })
const name = fc.constantFrom('Imke', 'O’Hara-Vos', '=SUM(A1)', '"Bell", of the Mill', '@home')
const words = fc
  .string({ unit: 'grapheme', minLength: 1, maxLength: 40 })
  .map((s) => s.trim())
  .filter((s) => s !== '' && s.length <= 200 && !s.includes('\uFFFD'))
const helpSaid = fc.constantFrom('every five minutes', 'cheese', 'no fingers in it', 'the dryer from far')
const day = fc.integer({ min: 0, max: 400 }).map((n) => addDays('2026-02-01', n))
const some = <T extends string>(all: readonly T[]) => fc.subarray([...all], { minLength: 1 })

/** A fact of the kind, with any of what may be left out left out. */
function fact<K extends Fact['kind'], Must extends object, May extends object = object>(
  kind: K,
  must: { [P in keyof Must]: fc.Arbitrary<Must[P]> },
  may?: { [P in keyof May]: fc.Arbitrary<May[P]> },
): fc.Arbitrary<{ kind: K } & Must & Partial<May>> {
  return fc
    .tuple(fc.record(must), fc.record(may ?? ({} as never), { requiredKeys: [] }))
    .map(([a, b]) => ({ kind, ...a, ...b })) as never
}

/** What works on a dog, by place. */
const works = fc.array(
  fc.record(
    {
      place,
      position: fc.constantFrom(...POSITIONS),
      hold: fc.constantFrom('chin hair', 'under the belly'),
      first: fc.constantFrom(...FIRST_LEGS),
    },
    { requiredKeys: ['place'] },
  ),
  { maxLength: 2 },
)

/** What became of some of a tidy's parts; a length only where it was cut. */
const partsOf = (tidy: FactOf<'tidy'>['tidy']) =>
  fc.subarray(partsOfTidy(tidy), { minLength: 1 }).chain((ids) =>
    fc.tuple(
      ...ids.map((part) =>
        fc.oneof(
          fc.record(
            {
              part: fc.constant(part),
              did: fc.constantFrom(...PART_DID),
              how: fc.constantFrom(...PART_HOW),
              outcome: fc.constantFrom(...OUTCOME_IDS),
              found: some(FOUND_IDS),
              comfort,
            },
            { requiredKeys: ['part', 'did'] },
          ),
          fc.record(
            {
              part: fc.constant(part),
              did: fc.constant('done' as const),
              how: fc.constant('cut' as const),
              using: fc.constantFrom(...MEANS_IDS),
              mm,
              by: fc.constantFrom(...LENGTH_BY),
            },
            { requiredKeys: ['part', 'did', 'how'] },
          ),
        ),
      ),
    ),
  )
/** A line each of some parts and places. */
const wheres = <T extends object>(of: fc.Arbitrary<T>) =>
  fc
    .tuple(fc.subarray([...PART_IDS]), fc.subarray([...PLACE_IDS], { maxLength: 8 }))
    .filter(([parts, places]) => parts.length + places.length > 0)
    .chain(([parts, places]) =>
      fc.tuple(
        ...[...parts.map((part) => ({ part })), ...places.map((at) => ({ place: at }))].map((where) =>
          of.map((more) => ({ ...where, ...more })),
        ),
      ),
    )
const words60 = fc.constantFrom('a flag', 'round', 'it felted twice')
const wishes = wheres(
  fc.oneof(
    fc.record({ mm, says: words60 }, { requiredKeys: ['mm'] }),
    fc.record({ leave: fc.constant(true as const), says: words60 }, { requiredKeys: ['leave'] }),
    fc.record({ says: words60 }),
  ),
)
const hours = fc.nat({ max: 24 })
const month = fc.integer({ min: 1, max: 12 })
const FACTS: { [K in Fact['kind']]: fc.Arbitrary<FactOf<K>> } = {
  dog: fact(
    'dog',
    { weightKg: fc.integer({ min: 1, max: 90 }) },
    {
      coat: fc.constantFrom(...COAT_IDS),
      born: fc.constantFrom('2025-04', '2019-11'),
      neutered: fc.boolean(),
      groomer: name,
      harnessHours: hours,
      collarAllDay: fc.boolean(),
      garments: fc.array(
        fc.record({ what: fc.constantFrom('jumper', 'coat'), from: month, to: month, hours }),
        { maxLength: 2 },
      ),
      minutes: fc.array(fc.nat({ max: 240 }), { minLength: 7, maxLength: 7 }),
      hard: fc.subarray([...PLACE_IDS], { maxLength: 3 }),
      absent: fc.constantFrom([], ['tail'], ['foreleg.left', 'forefoot.left']),
      marks: fc.array(fc.record({ what: fc.constantFrom(...MARKS), region }), { maxLength: 2 }),
      condition: fc.subarray([...CONDITIONS]),
      hairyEars: fc.boolean(),
      like: fc.record({
        version: fc.integer({ min: 1, max: 999 }),
        coat: fc.constantFrom(...COAT_IDS),
        times: fc.record({ hot: fc.double({ min: 0.05, max: 20, noNaN: true }) }),
      }),
      works,
      helps: fc.record(
        { breaks: helpSaid, treats: helpSaid, mouth: helpSaid, noises: helpSaid },
        { requiredKeys: [] },
      ),
      nextVisit: fc.option(day, { nil: null }),
      ears: fc.constantFrom(...EAR_CARRIAGES),
      ground: fc.constantFrom(...GROUNDS),
    },
  ) as never,
  hand: fact('hand', {
    combed: fc.constantFrom(...COMBED_TOLD),
    feels: fc.constantFrom(...HAND_FEELS),
  }),
  check: fact(
    'check',
    { region, finding },
    {
      count,
      out: count,
      comfort,
      seconds: fc.nat({ max: 7200 }),
      decided: fc.record({ answer: fc.constantFrom(...KNOT_ANSWERS), why: fc.constantFrom(...KNOT_REASONS) }),
    },
    // No more come out than were in.
  ).map((c) => (c.out === undefined ? c : { ...c, out: Math.min(c.out, c.count ?? 1) })),
  brush: fact('brush', { depth: fc.constantFrom('skin', 'surface'), regions }),
  wash: fact(
    'wash',
    { combedOut: fc.boolean() },
    {
      places: fc.uniqueArray(place, { minLength: 1, maxLength: 4 }),
      damp: fc.uniqueArray(region, { minLength: 1, maxLength: 4 }),
      dried: fc.record(
        {
          minutes: fc.integer({ min: 1, max: 300 }),
          with: fc.constantFrom(...DRYERS),
          cold: fc.constant(true as const),
        },
        { requiredKeys: ['minutes', 'with'] },
      ),
    },
  ),
  wet: fact('wet', { how: fc.constantFrom('swim', 'rain', 'grass'), combedDry: fc.boolean() }),
  gear: fact('gear', { gear: fc.constantFrom('harness', 'collar', 'coat'), hours: fc.nat({ max: 24 }) }),
  measure: fact('measure', { regions, mm }),
  visit: fact(
    'visit',
    {
      lengths: fc.record({ body: mm, legs: mm, head: mm, ears: mm, tail: mm }, { requiredKeys: [] }),
      found: fc
        .uniqueArray(region)
        .chain((ids) =>
          fc.tuple(
            ...ids.map((id) =>
              fc.record(
                { region: fc.constant(id), finding, comfort },
                { requiredKeys: ['region', 'finding'] },
              ),
            ),
          ),
        ),
    },
    {
      by: name,
      home: fc.constant(true as const),
      except: fc.array(
        fc.record(
          { place, mm, side: fc.constantFrom('left' as const, 'right' as const) },
          { requiredKeys: ['place', 'mm'] },
        ),
        { maxLength: 4 },
      ),
      did: some(VISIT_DID),
      comfort,
      works,
      knotMinutes: fc.nat({ max: 120 }),
      ran: fc.array(
        fc.record(
          {
            part: fc.constantFrom(...PART_IDS),
            blade: fc.constantFrom(...BLADE_IDS),
            guard: fc.constantFrom(3, 13, 25),
            against: fc.constant(true as const),
          },
          { requiredKeys: [] },
        ),
        { maxLength: 3 },
      ),
      allows: fc.record(
        {
          setting: fc.constantFrom(...SETTINGS),
          taught: some(TAUGHT),
          may: fc.dictionary(fc.constantFrom(...CUT_IDS), some(MEANS_IDS)),
          mats: fc.boolean(),
        },
        { requiredKeys: ['setting', 'taught', 'mats'] },
      ),
      suggests: fc.record({ day, why: words }),
    },
  ),
  wish: fact('wish', { lines: wishes }) as never,
  'wish-answer': fact('wish-answer', {
    wish: fc.uuid(),
    from: name,
    lines: wheres(
      fc.oneof(
        fc.record({ how: fc.constantFrom('will', 'not'), because: helpSaid }, { requiredKeys: ['how'] }),
        fc.record({ how: fc.constant('rather'), mm, because: helpSaid }, { requiredKeys: ['how', 'mm'] }),
      ),
    ),
  }) as never,
  'wish-taken': fact('wish-taken', { answer: fc.uuid() }),
  proposed: fact(
    'proposed',
    { from: name, days: fc.array(day, { minLength: 1, maxLength: 6 }) },
    { says: words },
  ),
  advice: fact('advice', { from: name, says: words }, { place }),
  rehearsed: fact(
    'rehearsed',
    { of: fc.constantFrom(...REHEARSED_IDS), went: fc.constantFrom(...REHEARSED_WENT) },
    { by: name, says: words },
  ),
  'advice-answer': fact('advice-answer', { advice: fc.uuid(), how: fc.constantFrom(...ADVICE_ANSWERS) }),
  tidy: fc.constantFrom(...TIDY_IDS).chain((tidy) =>
    fact(
      'tidy',
      { tidy: fc.constant(tidy) },
      {
        ...(partsOfTidy(tidy).length ? { parts: partsOf(tidy) } : {}),
        outcome: fc.constantFrom(...OUTCOME_IDS),
        minutes: fc.nat({ max: 90 }),
        was: fc.constantFrom('not-yet', 'right', 'overdue'),
        mm,
        sides: fc.record({ left: mm, right: mm }),
        nails: fc.constantFrom(...NAILS_DID),
        comfort,
      },
    ),
  ) as never,
  undercoat: fact(
    'undercoat',
    { finding: fc.constantFrom(...UNDERCOAT_IDS) },
    {
      comfort,
      minutes: fc.nat({ max: 90 }),
      places: fc.array(
        fc.record({
          place,
          finding: fc.constantFrom(...UNDERCOAT_IDS),
          pass: fc.integer({ min: 1, max: 5 }),
        }),
        { minLength: 1, maxLength: 3 },
      ),
    },
  ),
  concern: fact(
    'concern',
    { where: fc.constantFrom(...PLACE_IDS, ...SPOT_IDS), seen: some(SIGN_IDS) },
    { says: words },
  ),
  'concern-closed': fact('concern-closed', {
    concern: fc.uuid(),
    how: fc.constantFrom('vet', 'well', 'mistaken'),
  }),
  handling: fact(
    'handling',
    {
      place: fc.constantFrom(...PLACE_IDS, 'table' as const, ...LEARNT_TOOLS),
      step: fc.nat({ max: 6 }),
      went: comfort,
    },
    { snapped: fc.boolean() },
  ),
  photo: fc.record({ kind: fc.constant('photo' as const), place, says: words }, { requiredKeys: ['kind'] }),
  session: fact('session', { minutes: fc.nat({ max: 600 }), places: count }),
  plan: fact(
    'plan',
    {
      to: day,
      choices: fc.record({
        blocked: fc.array(day, { maxLength: 3 }),
        minutesOn: fc.dictionary(day, fc.nat({ max: 240 }), { maxKeys: 3 }),
        matWorth: fc.integer({ min: 20, max: 400 }),
      }),
      sessions: fc.array(fc.record({ day, places: fc.uniqueArray(place), pinned: fc.boolean() }), {
        maxLength: 5,
      }),
      basis: fc.constant('[]'),
    },
    {
      care: fc.array(fc.record({ day, unit: fc.constantFrom(...CARE_UNIT_IDS), pinned: fc.boolean() }), {
        maxLength: 5,
      }),
      gap: fc.double({ min: 0, max: 1, noNaN: true }),
      knows: fc.uuid(),
    },
  ),
}

export const anyFact: fc.Arbitrary<Fact> = fc.oneof(...Object.values(FACTS))
/** @param from the first of the days it may be on, and how many there are */
export const anyEntry = (from: string, days: number): fc.Arbitrary<Entry & { what: Fact }> =>
  fc.record(
    {
      id: fc.uuid({ version: 7 }),
      day: fc.nat({ max: days - 1 }).map((n) => addDays(from, n)),
      time: fc.constantFrom('08:10', '18:30', '21:05'),
      what: anyFact,
    },
    { requiredKeys: ['id', 'day', 'what'] },
  )
