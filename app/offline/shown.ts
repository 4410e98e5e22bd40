import { withoutOldPlans } from '#core/plan/standing'
import type { DogRecord } from '#core/record/fold'
import type { Entry } from '#core/record/entries'
import { profileOn } from '#core/record/truths'
import type { DogFile } from '#shared/answers'
import type { Waiting } from './device'

/** A dog as it is now: what became true of it on this device counts before it has gone up. */
export function asItIs(file: DogFile): DogFile {
  const began = file.began ?? file.profile
  return { ...file, began, profile: profileOn(began, file.entries) }
}

/** What of a file everything is worked out from. */
export const recordOf = ({ profile, began, entries }: DogRecord): DogRecord => ({ profile, began, entries })

/** A dog as it is kept, and what of it waits here to go up: that is shown too. */
export function withMore(kept: DogFile, waiting: readonly Waiting[]): DogFile {
  const known = new Set(kept.entries.map((e) => e.id))
  const more = waiting
    .filter((w) => w.dogId === kept.id && !w.refused && !known.has(w.id))
    .map((w) => w.entry)
  return { ...kept, entries: [...kept.entries, ...more] }
}

/** What came since, after what is here. */
export function joined(here: readonly Entry[], { since: _since, ...answer }: DogFile): DogFile {
  const known = new Set(here.map((e) => e.id))
  const more = answer.entries.filter((e) => !known.has(e.id))
  return { ...answer, entries: withoutOldPlans([...here, ...more]) }
}
