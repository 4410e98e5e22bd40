import { millisecondsInDay } from 'date-fns/constants'
import { v7 } from 'uuid'
import { COATS } from '../core/coat/coat-types'
import { combMinutes } from '../core/coat/minutes'
import type { PartId, PlaceId, RegionId } from '../core/coat/regions'
import { PART_IDS, regionOf, REGIONS } from '../core/coat/regions'
import { planToday } from '../core/plan/today'
import { lengthsAt } from '../core/plan/weekly'
import { addDays, dayNumber, weekday } from '../core/record/day'
import type { Day } from '../core/record/day'
import type { Entry, Fact, FactOf } from '../core/record/entries'
import type { Comfort, Finding } from '../core/record/findings'
import { assess } from '../core/record/fold'
import type { RegionState } from '../core/record/coat-state'
import type { DogRecord } from '../core/record/fold'
import { placesOf } from '../core/record/odds'
import type { Profile } from '../core/record/profile'
import { profileOn } from '../core/record/truths'
import { seeded } from '../drawing/ink'
import { weekFrom } from './week'

/**
 * The demo household: three invented dogs and their diaries, two finished stretches and a running
 * one each, as real logs go, and one that came a few days ago. Made from a seed and today's date, so it is the same all day.
 */
export interface DemoDog {
  id: string
  /** As it is now, and as it was when its record began. */
  profile: Profile
  began: Profile
  entries: Entry[]
  notes: { id: string; author: 'owner' | 'groomer'; authorName: string; body: string; daysAgo: number }[]
}

/** One stretch of a dog's story: how long, and what went otherwise than planned. */
interface Chapter {
  days: number
  /** Chance a planned session is kept. */
  kept: number
  /** Days of the stretch on which nothing was done at all. */
  away?: [from: number, to: number]
  wet?: { day: number; how: 'swim' | 'rain' | 'grass'; combedDry: boolean }[]
  wash?: { day: number; combedOut: boolean }[]
  /** Care beside the comb. */
  care?: { days: number[]; what: Fact }[]
  /** Whether the owner met a mat in it; else what was tight was still a knot. */
  mats?: boolean
  /** What the groomer found on arrival. */
  found?: { region: RegionId; finding: Finding; count?: number }[]
}

interface Story {
  seed: number
  profile: Omit<Profile, 'since' | 'nextVisit' | 'hemisphere' | 'absent' | 'minutes'>
  /** Minutes of each day of the week, today's first. */
  minutes: number[]
  lengths: Record<PartId, number>
  chapters: Chapter[]
  /** Days of the running stretch still to come. */
  toVisit: number
  /** Places the dog refuses, and how often. */
  refuses: Partial<Record<PlaceId, number>>
  fidgets: PlaceId[]
  /** Places that knot more readily on this dog than its coat says: what learning should find. */
  prone: PlaceId[]
  notes: { author: 'owner' | 'groomer'; body: string; daysAgo: number }[]
  /** What became true of it since, so many days ago; of the next visit, how many days from today. */
  became?: { daysAgo: number; what: Omit<FactOf<'dog'>, 'kind' | 'nextVisit'>; visitMovedFrom?: number }[]
  /** What the groomer asked for at home at the last visit; it was read. */
  advice?: { place: PlaceId; says: string }[]
}

export const OWNER = 'Ruth Ambrell'
export const GROOMER = 'Imke Vos'

const STORIES: Story[] = [
  {
    seed: 11,
    profile: {
      name: 'Tansy',
      sex: 'female',
      coat: 'wool-cross',
      weightKg: 12.2,
      groomer: GROOMER,
      harnessHours: 2,
      collarAllDay: false,
      hard: ['hindfoot'],
      wish: 'Body at 13 mm, short behind the ears',
      habits: { setting: 'scissors' },
    },
    minutes: [14, 0, 12, 40, 0, 0, 14],
    lengths: lengthsAt('wool-cross', 14),
    toVisit: 27,
    refuses: { hindfoot: 0.35 },
    fidgets: ['forefoot', 'beard', 'inner-thigh'],
    prone: ['behind-ear', 'armpit'],
    became: [
      { daysAgo: 20, what: { weightKg: 13 } },
      { daysAgo: 2, what: {}, visitMovedFrom: 23 },
    ],
    advice: [
      { place: 'hindfoot', says: 'Lying down, two feet a day.' },
      { place: 'behind-ear', says: 'Hold the flap up, comb away from its edge.' },
    ],
    chapters: [
      { days: 56, kept: 0.8, wet: [{ day: 20, how: 'grass', combedDry: false }], found: [] },
      {
        days: 49,
        kept: 0.7,
        away: [16, 30],
        mats: true,
        wet: [{ day: 33, how: 'swim', combedDry: false }],
        found: [
          { region: 'behind-ear.left', finding: 'mat', count: 1 },
          { region: 'armpit.right', finding: 'knot', count: 2 },
        ],
      },
      {
        days: 29,
        kept: 0.9,
        wet: [{ day: 26, how: 'grass', combedDry: false }],
        wash: [{ day: 18, combedOut: true }],
        care: [
          { days: [7, 14, 21, 28], what: { kind: 'tidy', tidy: 'look-over' } },
          { days: [8, 16, 24], what: { kind: 'tidy', tidy: 'nails', nails: 'looked' } },
          { days: [9, 17, 25], what: { kind: 'tidy', tidy: 'ear-look' } },
          { days: [24, 25, 28], what: { kind: 'tidy', tidy: 'eyes', outcome: 'wiped' } },
          // A red eye, seen to by the vet.
          { days: [12], what: { kind: 'tidy', tidy: 'eyes', outcome: 'red' } },
          // Two feet of four, lying down.
          {
            days: [26],
            what: {
              kind: 'tidy',
              tidy: 'paws',
              was: 'right',
              minutes: 7,
              parts: [
                {
                  part: 'paw.forefoot.left',
                  did: 'done',
                  how: 'cut',
                  using: 'blunt-scissors',
                  mm: 6,
                  by: 'fingers',
                },
                {
                  part: 'paw.forefoot.right',
                  did: 'done',
                  how: 'cut',
                  using: 'blunt-scissors',
                  mm: 6,
                  by: 'fingers',
                },
                { part: 'paw.hindfoot.left', did: 'refused', comfort: 'stopped' },
                { part: 'paw.hindfoot.right', did: 'left' },
              ],
            },
          },
          { days: [22, 24, 27], what: { kind: 'tidy', tidy: 'teeth' } },
          { days: [18], what: { kind: 'tidy', tidy: 'face', was: 'overdue', comfort: 'fidgety' } },
        ],
      },
    ],
    notes: [
      {
        author: 'owner',
        daysAgo: 30,
        body: 'She swam two weeks ago and I was away before that. Her hind feet are still a fight. Could you take the armpits short?',
      },
      {
        author: 'groomer',
        daysAgo: 28,
        body: 'One mat behind the left ear, clipped out, and the armpits taken short as you asked. Hold the flap up and comb away from its edge. Hind feet went better lying down.',
      },
      { author: 'owner', daysAgo: 9, body: 'Lying down works. Two feet of four so far.' },
      {
        author: 'groomer',
        daysAgo: 8,
        body: 'Good. Two is enough for one day. Her left ear edge was tight at the last visit, so look there first.',
      },
    ],
  },
  {
    seed: 23,
    profile: {
      name: 'Wren',
      sex: 'female',
      coat: 'double-long',
      weightKg: 22,
      groomer: GROOMER,
      harnessHours: 0,
      collarAllDay: true,
      hard: [],
    },
    minutes: [0, 0, 20, 0, 60, 0, 20],
    lengths: lengthsAt('double-long', 45),
    toVisit: 20,
    refuses: {},
    fidgets: ['tail-base', 'under-tail'],
    became: [
      { daysAgo: 33, what: { marks: [{ what: 'mole', region: 'belly', says: 'left of the navel' }] } },
    ],
    prone: ['collar-line'],
    chapters: [
      { days: 56, kept: 0.75, wash: [{ day: 30, combedOut: true }], found: [] },
      {
        days: 60,
        kept: 0.6,
        away: [38, 47],
        found: [{ region: 'behind-ear.right', finding: 'knot', count: 1 }],
      },
      {
        days: 34,
        kept: 0.75,
        wet: [{ day: 21, how: 'rain', combedDry: true }],
        care: [
          {
            days: [11],
            what: {
              kind: 'wash',
              combedOut: true,
              places: ['under-tail', 'thigh', 'inner-thigh', 'tail-base'],
              dried: { minutes: 16, with: 'household' },
            },
          },
          { days: [8], what: { kind: 'undercoat', finding: 'some' } },
          { days: [23], what: { kind: 'undercoat', finding: 'packed' } },
          { days: [6, 15, 27], what: { kind: 'tidy', tidy: 'look-over' } },
          { days: [28], what: { kind: 'tidy', tidy: 'nails', nails: 'sliver' } },
          { days: [32], what: { kind: 'tidy', tidy: 'nails', nails: 'sliver' } },
        ],
      },
    ],
    notes: [
      {
        author: 'groomer',
        daysAgo: 33,
        body: 'Plenty of undercoat out this time. The ruff under the collar is where it starts; take the collar off at night.',
      },
      { author: 'owner', daysAgo: 32, body: 'Will do. Thank you for the extra half hour.' },
    ],
  },
  {
    seed: 37,
    profile: {
      name: 'Pip',
      sex: 'male',
      coat: 'wool',
      weightKg: 6,
      groomer: GROOMER,
      harnessHours: 1,
      collarAllDay: false,
      hard: ['fringe', 'muzzle'],
      wish: 'Round face, clear eyes',
    },
    minutes: [10, 0, 10, 15, 0, 10, 0],
    lengths: lengthsAt('wool', 13),
    toVisit: 9,
    refuses: { muzzle: 0.3, fringe: 0.25 },
    fidgets: ['forefoot'],
    became: [{ daysAgo: 18, what: { garments: [{ what: 'jumper', from: 11, to: 2, hours: 3 }] } }],
    prone: [],
    chapters: [
      { days: 42, kept: 0.9, found: [] },
      {
        days: 42,
        kept: 0.85,
        wet: [{ day: 12, how: 'rain', combedDry: false }],
        // A clip at home between two visits, in two halves.
        care: [
          { days: [20], what: { kind: 'visit', home: true, lengths: { body: 13 }, found: [] } },
          { days: [21], what: { kind: 'visit', home: true, lengths: { legs: 16 }, found: [] } },
        ],
        found: [],
      },
      { days: 33, kept: 0.88 },
    ],
    notes: [
      { author: 'groomer', daysAgo: 32, body: 'Combed through everywhere, no need to change anything.' },
    ],
  },
]

/** Makes ids that sort by day, the same every time for a seed. */
function idMaker(random: () => number) {
  let seq = 0
  return (day: Day) => {
    const bytes = Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256))
    return v7({ msecs: dayNumber(day) * millisecondsInDay + 64_800_000 + seq, seq: seq++, random: bytes })
  }
}

/** How much more readily a prone place knots than its coat says, and any other. */
const PRONE = 3.2
const OTHERS = 0.9

/** What the comb would say of a place in this state, on a dog whose places knot `times` as readily. */
function combSays(
  { unseen: [tangles, knots, mats] }: RegionState,
  times: number,
  metMats: boolean,
  random: () => number,
): { finding: Finding; count?: number; out?: number } {
  const roll = random() / times
  const mat = metMats ? mats : 0
  if (roll < mat) return { finding: 'mat', count: 1, out: 0 }
  if (roll < mat + knots) return { finding: 'knot', count: 1, out: random() < 0.6 ? 1 : 0 }
  if (roll < mat + knots + tangles) {
    const count = random() < 0.25 ? 2 : 1
    return { finding: 'snag', count, out: count }
  }
  return { finding: 'glides' }
}

function live(story: Story, today: Day, owner = OWNER): DemoDog {
  const random = seeded(story.seed)
  const id = idMaker(random)
  // Apart, so that a word more of care does not turn the rest of the story.
  const careId = idMaker(seeded(story.seed + 1000))
  const ran = story.chapters.reduce((sum, c) => sum + c.days, 0)
  const since = addDays(today, -ran)
  const profile: Profile = {
    ...(JSON.parse(JSON.stringify(story.profile)) as Story['profile']),
    minutes: weekFrom(today, story.minutes),
    since,
    nextVisit: addDays(today, story.toVisit),
    absent: [],
    hemisphere: 'north',
  }
  const record: DogRecord & { entries: Entry[] } = { profile, entries: [] }
  const write = (day: Day, what: Fact, time?: string) =>
    record.entries.push({ id: id(day), day, what, ...(time ? { time } : {}) })
  const visit = (day: Day, found: Chapter['found']) =>
    write(day, { kind: 'visit', lengths: story.lengths, found: found ?? [], by: GROOMER })

  for (const { daysAgo, what, visitMovedFrom } of story.became ?? []) {
    const day = addDays(today, -daysAgo)
    const moved = visitMovedFrom === undefined ? {} : { nextVisit: addDays(today, story.toVisit) }
    if (visitMovedFrom !== undefined) profile.nextVisit = addDays(today, visitMovedFrom)
    record.entries.push({ id: careId(day), day, what: { kind: 'dog', ...what, ...moved } })
  }
  visit(since, [])
  let start = since
  for (const chapter of story.chapters) {
    for (let d = 1; d < chapter.days; d++) {
      const day = addDays(start, d)
      for (const w of chapter.wet ?? [])
        if (w.day === d) write(day, { kind: 'wet', how: w.how, combedDry: w.combedDry })
      const wash = chapter.wash?.find((w) => w.day === d)
      if (wash) write(day, { kind: 'wash', combedOut: wash.combedOut })
      for (const c of chapter.care ?? [])
        if (c.days.includes(d)) record.entries.push({ id: careId(day), day, what: c.what })
      const away = chapter.away && d >= chapter.away[0] && d <= chapter.away[1]
      const minutes = profile.minutes[weekday(day)] ?? 0
      if (away || !minutes || random() > chapter.kept) continue
      session(chapter, day, minutes)
    }
    start = addDays(start, chapter.days)
    if (start !== today || chapter !== story.chapters.at(-1)) visit(start, chapter.found)
  }
  // What a look opened was seen to two days later.
  for (const e of [...record.entries])
    if (e.what.kind === 'tidy' && e.what.outcome === 'red') {
      const concern = careId(e.day)
      record.entries.push(
        { id: concern, day: e.day, what: { kind: 'concern', where: 'eyes', seen: ['red'] } },
        { id: careId(e.day), day: addDays(e.day, 2), what: { kind: 'concern-closed', concern, how: 'vet' } },
      )
    }
  const last = addDays(start, -(story.chapters.at(-1)?.days ?? 0))
  for (const { place, says } of story.advice ?? []) {
    const advice = careId(last)
    record.entries.push(
      { id: advice, day: last, what: { kind: 'advice', from: GROOMER, place, says } },
      {
        id: careId(last),
        day: last,
        what: { kind: 'advice-answer', advice, how: 'read' },
      },
    )
  }

  function session(chapter: Chapter, day: Day, minutes: number) {
    const plan = planToday(record, day, minutes)
    const before = assess(record, day)
    let n = 0
    for (const region of plan.items.flatMap((i) => i.regions)) {
      const { place } = regionOf(region)
      const state = placesOf(before).find((s) => s.id === region)
      if (!state) continue
      const time = `18:${String(5 + Math.min(50, n)).padStart(2, '0')}`
      n++
      if (random() < (story.refuses[place] ?? 0)) {
        write(day, { kind: 'check', region, finding: 'refused', comfort: 'stopped' }, time)
        continue
      }
      const comfort: Comfort = story.fidgets.includes(place) && random() < 0.5 ? 'fidgety' : 'easy'
      write(
        day,
        {
          kind: 'check',
          region,
          ...combSays(state, story.prone.includes(place) ? PRONE : OTHERS, chapter.mats ?? false, random),
          comfort,
          seconds: Math.round(
            60 *
              combMinutes(COATS[profile.coat], profile.weightKg, regionOf(region), state.mm) *
              (0.8 + 0.7 * random()),
          ),
        },
        time,
      )
    }
    if (n)
      write(
        day,
        { kind: 'session', minutes: Math.round(plan.minutes + 4 + random() * 4), places: Math.min(40, n) },
        '18:58',
      )
  }

  return {
    id: id(since),
    profile: profileOn(profile, record.entries),
    began: profile,
    entries: record.entries,
    notes: story.notes.map((n) => ({
      ...n,
      id: id(addDays(today, -n.daysAgo)),
      authorName: n.author === 'owner' ? owner : GROOMER,
    })),
  }
}

/** Days since Moss came, and since her first sitting. */
const MOSS = { came: 5, met: 3 }
/** A dog that came a few days ago and that nobody has written of: one sitting of her first going-over is done. */
function newcomer(today: Day): DemoDog {
  const random = seeded(71)
  const id = idMaker(random)
  const since = addDays(today, -MOSS.came)
  const profile: Profile = {
    name: 'Moss',
    sex: 'female',
    coat: 'wire',
    weightKg: 11,
    since,
    harnessHours: 1,
    collarAllDay: true,
    minutes: weekFrom(today, [12, 0, 0, 12, 0, 0, 10]),
    hard: ['hindfoot'],
    absent: [],
    hemisphere: 'north',
  }
  const lengths = lengthsAt('wire', 24)
  const entries: Entry[] = [
    { id: id(since), day: since, what: { kind: 'hand', combed: 'months', feels: 'lumps' } },
    ...PART_IDS.map((part) => ({
      id: id(since),
      day: since,
      what: {
        kind: 'measure' as const,
        regions: REGIONS.filter((r) => r.part === part).map((r) => r.id),
        mm: lengths[part],
      },
    })),
  ]
  const day = addDays(today, -MOSS.met)
  const first = planToday({ profile, entries }, day, 12)
  const before = assess({ profile, entries }, day).regions
  const regions = first.items.flatMap((i) => i.regions)
  entries.push(
    ...regions.map((region, n) => ({
      id: id(day),
      day,
      time: `18:${String(5 + n).padStart(2, '0')}`,
      what: { kind: 'check' as const, region, ...combSays(before[region]!, OTHERS / 3, false, random) },
    })),
    { id: id(day), day, what: { kind: 'session', minutes: 13, places: regions.length }, time: '18:58' },
  )
  return { id: id(since), profile, began: profile, entries, notes: [] }
}

/** Another household that shares with the same groomer: one dog, and how well it is written of. */
export interface Neighbour {
  owner: string
  household: string
  dog: DemoDog
}
const NEIGHBOURS: { owner: string; household: string; story: Story }[] = [
  {
    owner: 'Jonas Tiel',
    household: 'The Mill',
    story: {
      seed: 53,
      profile: {
        name: 'Pilot',
        sex: 'male',
        coat: 'wool',
        weightKg: 19,
        groomer: GROOMER,
        harnessHours: 6,
        collarAllDay: true,
        hard: ['muzzle'],
        wish: 'Short all over if it must be',
      },
      minutes: [0, 0, 0, 0, 15, 0, 0],
      lengths: lengthsAt('wool', 30),
      toVisit: 3,
      refuses: { muzzle: 0.6, hindfoot: 0.4 },
      fidgets: ['beard', 'forefoot'],
      prone: ['armpit', 'collar-line', 'inner-thigh'],
      chapters: [
        { days: 70, kept: 0.5, found: [{ region: 'armpit.left', finding: 'felt' }] },
        {
          days: 66,
          kept: 0.4,
          away: [30, 52],
          mats: true,
          wet: [{ day: 50, how: 'swim', combedDry: false }],
        },
      ],
      notes: [{ author: 'owner', daysAgo: 4, body: 'We were away for three weeks. His legs feel thick.' }],
    },
  },
  {
    owner: 'Sam Hollin',
    household: 'Ferry Cottage',
    story: {
      seed: 59,
      profile: {
        name: 'Bryony',
        sex: 'female',
        coat: 'feathered',
        weightKg: 11,
        groomer: GROOMER,
        harnessHours: 0,
        collarAllDay: true,
        hard: [],
      },
      minutes: [10, 0, 0, 20, 0, 0, 0],
      lengths: lengthsAt('feathered', 12),
      toVisit: 5,
      refuses: {},
      fidgets: [],
      prone: [],
      chapters: [{ days: 51, kept: 0 }],
      notes: [],
    },
  },
]

export const demoDogs = (today: Day): DemoDog[] => [...STORIES.map((s) => live(s, today)), newcomer(today)]
export const neighbours = (today: Day): Neighbour[] =>
  NEIGHBOURS.map(({ owner, household, story }) => ({ owner, household, dog: live(story, today, owner) }))
