import { PART_IDS, REGIONS } from '../core/coat/regions'
import { planToday } from '../core/plan/today'
import { lengthsAt } from '../core/plan/weekly'
import { addDays } from '../core/record/day'
import type { Day } from '../core/record/day'
import type { Entry } from '../core/record/entries'
import { coatOn } from '../core/record/fold'
import type { Profile } from '../core/record/profile'
import { seeded } from '../drawing/ink'
import { combSays, thereByType, idMaker, OTHERS } from './live'
import type { DemoDog } from './story'
import { weekFrom } from './week'

/** Days since Moss came, and since her first sitting. */
const MOSS = { came: 5, met: 3 }
/** A dog that came a few days ago and that nobody has written of: one sitting of her first going-over is done. */
export function newcomer(today: Day): DemoDog {
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
  const before = new Map(
    coatOn({ profile, entries }, day).places.map((p) => [p.id, thereByType(p, day, profile.coat)]),
  )
  const regions = first.items.flatMap((i) => i.regions)
  entries.push(
    ...regions.map((region, n) => ({
      id: id(day),
      day,
      time: `18:${String(5 + n).padStart(2, '0')}`,
      what: { kind: 'check' as const, region, ...combSays(before.get(region)!, OTHERS / 3, false, random) },
    })),
    { id: id(day), day, what: { kind: 'session', minutes: 13, places: regions.length }, time: '18:58' },
  )
  return { id: id(since), profile, began: profile, entries, notes: [] }
}
