import { currentInstant } from '../clock'
import { and, eq, isNotNull, isNull, lt, or, sql } from 'drizzle-orm'
import { standingPlan } from '../../core/plan/standing'
import { placeRow } from '../../core/coat/regions'
import { timeline } from '../../core/record/timeline'
import type { DogRecord } from '../../core/record/fold'
import type { Day } from '../../core/record/day'
import { db } from '../db/client'
import { accounts, households } from '../db/schema'
import { dogFile, dogsOf } from './dogs'
import { post } from './mail'
import { todayIn } from './shared-dog'

/** Minutes after midnight in a time zone. */
function minuteIn(timeZone: string, at: Date): number {
  const [h, m] = new Intl.DateTimeFormat('en-GB', {
    timeZone,
    hour: '2-digit',
    minute: '2-digit',
    hourCycle: 'h23',
  })
    .format(at)
    .split(':')
  return Number(h) * 60 + Number(m)
}

/** What the plan has for today that has not been done; null when there is nothing to be reminded of. */
export function reminderOf({ profile, entries }: DogRecord, today: Day): string | null {
  const session = standingPlan({ profile, entries })?.sessions.find((s) => s.day === today)
  const combed = timeline(entries).some((f) => f.day === today && f.what.kind === 'check')
  if (!session?.places.length || combed) return null
  const places = session.places.map((p) => placeRow(p).plural.toLowerCase()).join(', ')
  return `${profile.name}: ${places}.`
}

/**
 * Reminds those who asked for it, at their hour in their household's time zone, once a day, of what
 * is planned and not done. A process that claims a reminder is the only one to send it.
 */
export async function remind(now = currentInstant()): Promise<number> {
  const asked = await db()
    .select({ account: accounts, timeZone: households.timeZone })
    .from(accounts)
    .innerJoin(households, eq(households.id, accounts.householdId))
    .where(and(isNotNull(accounts.remindAt), isNull(accounts.removed)))
  let sent = 0
  for (const { account, timeZone } of asked) {
    const today = todayIn(timeZone, now)
    if (minuteIn(timeZone, now) < account.remindAt! || account.remindedOn === today) continue
    const [mine] = await db()
      .update(accounts)
      .set({ remindedOn: today })
      .where(
        and(
          eq(accounts.householdId, account.householdId),
          eq(accounts.id, account.id),
          or(isNull(accounts.remindedOn), lt(accounts.remindedOn, sql`${today}::date`)),
        ),
      )
      .returning({ id: accounts.id })
    if (!mine) continue
    const says: string[] = []
    for (const { id } of await dogsOf(account.householdId)) {
      const words = reminderOf(await dogFile(account.householdId, id), today)
      if (words) says.push(words)
    }
    if (!says.length) continue
    await post({
      householdId: account.householdId,
      recipient: account.email,
      subject: 'On the table today',
      says,
      link: { words: 'Open today', address: process.env.GRUMBO_ADDRESS ?? '' },
    })
    sent += 1
  }
  return sent
}
