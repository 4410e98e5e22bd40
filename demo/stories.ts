import { lengthsAt } from '../core/plan/weekly'
import { GROOMER, OWNER } from './story'
import type { Story } from './story'

/** The three dogs of the demo household, two finished stretches and a running one each. */
export const STORIES: Story[] = [
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
    wish: {
      daysAgo: 5,
      lines: [
        { part: 'body', mm: 14 },
        { part: 'legs', mm: 25, says: 'fluffy' },
        { part: 'ears', mm: 36, says: 'evened' },
        { part: 'head', mm: 20, says: 'round' },
        { part: 'tail', leave: true, says: 'a flag' },
      ],
      answered: {
        daysAgo: 3,
        lines: [
          { part: 'body', how: 'will', because: 'It was that last time, and it held eight weeks.' },
          { part: 'legs', how: 'rather', mm: 16, because: 'The forelegs felted twice at 25.' },
          { part: 'ears', how: 'will', because: 'Edges only; the inside I leave alone.' },
          { part: 'head', how: 'will' },
          {
            part: 'tail',
            how: 'not',
            mm: 28,
            because: 'It closes where it is left. At 28 she keeps a flag.',
          },
        ],
      },
    },
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
          { days: [5], what: { kind: 'rehearsed', of: 'paws', by: OWNER, went: 'kept' } },
          { days: [6], what: { kind: 'rehearsed', of: 'sanitary', by: OWNER, went: 'kept' } },
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
