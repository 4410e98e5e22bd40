import { basisOf, NO_CHOICES } from '../../core/plan/standing'
import type { Planned, PlannedCare } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { entry } from './dogs'

/** A plan as the device would write it down. */
export const writePlan = (
  profile: Profile,
  day: string,
  to: string,
  sessions: readonly { day: string; places: readonly Planned['places'][number][] }[],
  care?: PlannedCare[],
) =>
  entry(day, {
    kind: 'plan',
    to,
    choices: NO_CHOICES,
    sessions: sessions.map((s) => ({ day: s.day, places: [...s.places], pinned: false })),
    ...(care ? { care } : {}),
    basis: basisOf(profile),
  })
