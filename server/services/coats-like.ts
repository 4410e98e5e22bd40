import { and, desc, eq, isNull } from 'drizzle-orm'
import { learnTimes } from '../../core/learn/shared-counts'
import type { Shared, Times } from '../../core/learn/shared-counts'
import { db } from '../db/client'
import { coatsLike, households } from '../db/schema'
import countsHere from '../workers/shared-counts'
import type { CountsAsked } from '../workers/shared-counts'
import { inThread } from './threads'
import { todayIn } from './today-in'

/**
 * What coats of a type come to, of the households that share their counts. Each count begins anew from those that share
 * then: who takes it back is in none of those after.
 */

const countsOf = inThread<CountsAsked, Shared[]>('shared-counts', countsHere)

/** Less than this nothing has changed, as a share (judgement). */
const WORTH_A_VERSION = 0.03

/** The last count; null before the first. */
export async function latestCount() {
  const [last] = await db().select().from(coatsLike).orderBy(desc(coatsLike.version)).limit(1)
  return last ?? null
}

/** Counts anew, and writes down what differs from the last time. */
export async function countCoats() {
  const sharing = await db()
    .select({ id: households.id, timeZone: households.timeZone })
    .from(households)
    .where(and(eq(households.sharesCounts, true), isNull(households.deleteAfter)))
  const all: Shared[] = []
  for (const { id, timeZone } of sharing)
    all.push(...(await countsOf({ householdId: id, day: todayIn(timeZone) })))
  const times = learnTimes(all)
  const last = await latestCount()
  if (!differs(last?.times ?? {}, times)) return
  // Another process may have written the same meanwhile.
  await db()
    .insert(coatsLike)
    .values({ version: (last?.version ?? 0) + 1, households: sharing.length, times })
    .onConflictDoNothing()
}

function differs(before: Times, after: Times): boolean {
  const flat = (times: Times) =>
    new Map(
      Object.entries(times).flatMap(([coat, classes]) =>
        Object.entries(classes).map(([cls, n]) => [`${coat} ${cls}`, n] as const),
      ),
    )
  const [had, has] = [flat(before), flat(after)]
  return (
    had.size !== has.size ||
    [...has].some(([of, n]) => Math.abs(n / (had.get(of) ?? Infinity) - 1) > WORTH_A_VERSION)
  )
}
