import { currentInstant } from '../clock'
import { and, asc, eq, lte } from 'drizzle-orm'
import { CARE, doneOn } from '../../core/due/due'
import { careDays, standingPlan } from '../../core/plan/standing'
import { placeRow } from '../../core/coat/regions'
import { timeline } from '../../core/record/timeline'
import type { DogRecord } from '../../core/record/fold'
import type { Day } from '../../core/record/day'
import { db } from '../db/client'
import { accounts, households } from '../db/schema'
import { dogFile, dogsOf } from './dogs'
import { post, site } from './letters'
import { nextReminder } from './reminder-hour'
import { todayIn } from './today-in'

/** What the plan has for today that has not been done; null when there is nothing to be reminded of. */
function reminderOf({ profile, entries }: DogRecord, today: Day): string | null {
  const plan = standingPlan({ profile, entries })
  const combed = timeline(entries).some((f) => f.day === today && f.what.kind === 'check')
  const places = (!combed && plan?.sessions.find((s) => s.day === today)?.places) || []
  const care = careDays(plan).filter(
    (c) => c.day === today && !doneOn({ profile, entries }, c.care).some((done) => done.day === today),
  )
  const says = [
    ...places.map((p) => placeRow(p).plural.toLowerCase()),
    ...care.map((c) => CARE[c.care].label.toLowerCase()),
  ]
  return says.length ? `${profile.name}: ${says.join(', ')}.` : null
}

/** How late a reminder may come: later than that it is of no use, ms (judgement). */
const LATEST_MS = 6 * 3_600_000
const AT_ONCE = 100

/**
 * Reminds those whose hour has come, once a day, of what is planned and not done. Each is put on to the next
 * day first, in the database: the process that does so is the only one to remind them.
 * @returns how many letters were written
 */
export async function remind(now = currentInstant()): Promise<number> {
  const due = await db()
    .select({
      householdId: accounts.householdId,
      id: accounts.id,
      email: accounts.email,
      remindAt: accounts.remindAt,
      remindNext: accounts.remindNext,
      timeZone: households.timeZone,
    })
    .from(accounts)
    .innerJoin(households, eq(households.id, accounts.householdId))
    .where(lte(accounts.remindNext, now))
    .orderBy(asc(accounts.remindNext))
    .limit(AT_ONCE)
  let sent = 0
  for (const { householdId, id, email, remindAt, remindNext, timeZone } of due) {
    const [mine] = await db()
      .update(accounts)
      .set({ remindNext: nextReminder(remindAt, timeZone, now) })
      .where(
        and(eq(accounts.householdId, householdId), eq(accounts.id, id), eq(accounts.remindNext, remindNext!)),
      )
      .returning({ removed: accounts.removed, claimed: accounts.claimed })
    if (!mine?.claimed || mine.removed || now.getTime() - remindNext!.getTime() > LATEST_MS) continue
    const today = todayIn(timeZone, now)
    const says: string[] = []
    for (const dog of await dogsOf(householdId)) {
      const words = reminderOf(await dogFile(householdId, dog.id), today)
      if (words) says.push(words)
    }
    if (!says.length) continue
    const posted = await post(db(), {
      kind: 'reminder',
      householdId,
      recipient: email,
      subject: 'On the table today',
      says,
      link: { words: 'Open today', address: site() },
    })
    if (posted === 'posted') sent += 1
  }
  return sent
}
