import { stretchStart } from '../../core/care/note'
import type { SharedDog } from '../../shared/api'
import type { LinkHolder } from '../access/authorise'
import { householdOf } from './accounts'
import { dogFile } from './dogs'
import { markRead, notesOf } from './notes'

/** What day it is in a time zone now. */
export const todayIn = (timeZone: string) =>
  new Intl.DateTimeFormat('en-CA', { timeZone, year: 'numeric', month: '2-digit', day: '2-digit' }).format(
    new Date(),
  )

/**
 * A dog as a link shows it: the running stretch with scope `stretch`; with scope `note` only what
 * gives the lengths, so that the map can be drawn, and the thread.
 */
export async function sharedDog(holder: LinkHolder): Promise<SharedDog> {
  const { householdId, dogId } = holder
  const [household, file, notes] = await Promise.all([
    householdOf(householdId),
    dogFile(householdId, dogId),
    notesOf(householdId, dogId),
  ])
  await markRead(householdId, dogId, 'groomer')
  const today = todayIn(household.timeZone)
  const from = stretchStart(file, today)
  // When the owner has time is not the groomer's to read.
  const running = file.entries.filter((e) => e.day >= from && e.what.kind !== 'plan')
  const owner = notes.filter((n) => n.author === 'owner').at(-1)?.authorName ?? household.name
  return {
    groomer: holder.groomer,
    owner,
    scope: holder.scope,
    expires: holder.expires.toISOString(),
    today,
    profile: { ...file.profile, since: from },
    entries: holder.scope === 'stretch' ? running : running.filter((e) => e.what.kind === 'visit'),
    notes,
  }
}
