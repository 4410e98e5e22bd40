import type { FactOf } from './entries'
import type { Profile, TRUTHS } from './profile'

/** What has its day, beside the next visit and what stands among the habits. */
const DATED = Object.keys({
  coat: true,
  weightKg: true,
  born: true,
  neutered: true,
  groomer: true,
  harnessHours: true,
  collarAllDay: true,
  garments: true,
  minutes: true,
  hard: true,
  absent: true,
  marks: true,
  condition: true,
  hairyEars: true,
  like: true,
  works: true,
  helps: true,
} satisfies Record<keyof typeof TRUTHS, true>) as (keyof typeof TRUTHS)[]

/** What differs from one telling of a dog to the next, of what has its day; null where nothing does. */
export function differs(before: Profile, after: Profile): FactOf<'dog'> | null {
  const same = (a: unknown, b: unknown) => JSON.stringify(a) === JSON.stringify(b)
  const changed: Record<string, unknown> = {}
  for (const key of DATED)
    if (after[key] !== undefined && !same(before[key], after[key])) changed[key] = after[key]
  if (before.nextVisit !== after.nextVisit) changed.nextVisit = after.nextVisit ?? null
  for (const key of ['ears', 'ground'] as const)
    if (after.habits?.[key] !== undefined && before.habits?.[key] !== after.habits[key])
      changed[key] = after.habits[key]
  return Object.keys(changed).length ? ({ kind: 'dog', ...changed } as FactOf<'dog'>) : null
}

/** The same dog with what has no day as it is told now: its name, how its owner works, what is wished. */
export function withoutDays(before: Profile, after: Profile): Profile {
  const { name, sex, since, hemisphere, breed, wish, habits } = after
  const { breed: _b, wish: _w, habits: had, ...dated } = before
  const kept = { ...habits }
  for (const key of ['ears', 'ground'] as const) {
    delete kept[key]
    Object.assign(kept, had?.[key] === undefined ? {} : { [key]: had[key] })
  }
  return {
    ...dated,
    name,
    sex,
    since,
    hemisphere,
    ...(breed === undefined ? {} : { breed }),
    ...(wish === undefined ? {} : { wish }),
    ...(Object.keys(kept).length ? { habits: kept } : {}),
  }
}
