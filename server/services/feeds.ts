import { currentInstant } from '../clock'
import { and, eq } from 'drizzle-orm'
import { careDays, standingPlan } from '../../core/plan/standing'
import { addDays } from '../../core/record/day'
import { happeningsOf, writeCalendar } from '../../shared/calendar'
import { hashOf, newToken } from '../access/token'
import { db, inTransaction } from '../db/client'
import type { Tx } from '../db/client'
import { feeds } from '../db/schema'
import { householdOf } from './accounts'
import { dogFile } from './dogs'
import { behindDoor, closeDoors, doorKey, openDoors } from './doors'
import { todayIn } from './today-in'

/** Days of the past a calendar goes on showing. */
const KEPT_DAYS = 7
const ofDog = (householdId: string, dogId: string) =>
  and(eq(feeds.householdId, householdId), eq(feeds.dogId, dogId))

/** A private calendar address for a dog; one made before stops working. @returns its token, shown this once */
export async function makeFeed(householdId: string, dogId: string): Promise<string> {
  const token = newToken()
  const tokenHash = hashOf(token)
  await inTransaction(async (tx) => {
    await close(tx, householdId, dogId)
    await tx.insert(feeds).values({ householdId, dogId, tokenHash })
    await openDoors(tx, { householdId, dogId, id: dogId }, [tokenHash])
  })
  return token
}
async function close(tx: Tx, householdId: string, dogId: string) {
  const gone = await tx.delete(feeds).where(ofDog(householdId, dogId)).returning()
  for (const { tokenHash } of gone) await closeDoors(tx, tokenHash)
}
export const closeFeed = (householdId: string, dogId: string) =>
  inTransaction((tx) => close(tx, householdId, dogId))

/** A dog's plan, care and visit as iCalendar; null where the token opens nothing. */
export async function readFeed(token: string): Promise<string | null> {
  const [door] = await behindDoor(doorKey.token(token))
  if (!door?.dogId) return null
  const [row] = await db()
    .update(feeds)
    .set({ lastRead: currentInstant() })
    .where(and(ofDog(door.householdId, door.dogId), eq(feeds.tokenHash, hashOf(token))))
    .returning()
  if (!row) return null
  const [file, household] = await Promise.all([
    dogFile(row.householdId, row.dogId),
    householdOf(row.householdId),
  ])
  const { profile } = file
  const today = todayIn(household.timeZone)
  const plan = standingPlan(file)
  const sessions = plan?.sessions.filter((s) => s.day >= addDays(today, -KEPT_DAYS)) ?? []
  const care = careDays(plan).filter((c) => c.day >= addDays(today, -KEPT_DAYS))
  const dog = { id: file.id, name: profile.name, groomer: profile.groomer, nextVisit: profile.nextVisit }
  return writeCalendar(profile.name, happeningsOf(dog, sessions, care), currentInstant())
}
