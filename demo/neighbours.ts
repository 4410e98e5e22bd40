import { lengthsAt } from '../core/plan/weekly'
import type { Day } from '../core/record/day'
import { live } from './live'
import { GROOMER } from './story'
import type { Story, DemoDog } from './story'

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

export const neighbours = (today: Day): Neighbour[] =>
  NEIGHBOURS.map(({ owner, household, story }) => ({ owner, household, dog: live(story, today, owner) }))
