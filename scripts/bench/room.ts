import { millisecondsInDay } from 'date-fns/constants'
import { randomBytes } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import { demoDogs } from '../../demo/household'
import { neighbours } from '../../demo/neighbours'
import { connections, db } from '../../server/db/client'
import { accounts, dogs, entries, groomers, households, shares } from '../../server/db/schema'
import type { Room } from '../../shared/answers'
import { daysAgo, newGroomer, startApp } from '../../tests/support/server'
import type { Visitor } from '../../tests/support/server'
import { row } from './table'

const DOGS = 300
const DOGS_A_HOUSEHOLD = 2
const LOOKS = 100
/** Longest the forecasts of all of them may take to be worked out the first time, s. */
const MOST_SECONDS = 300

/** A room full of dogs, each with the diary of one of the demo's, dated to today. */
async function fill(groomerId: string) {
  const today = daysAgo(0)
  const models = [...demoDogs(today), ...neighbours(today).map((n) => n.dog)]
  const year = new Date(Date.now() + 365 * millisecondsInDay)
  let householdId = ''
  for (let i = 0; i < DOGS; i++) {
    if (i % DOGS_A_HOUSEHOLD === 0) {
      householdId = uuid()
      await db()
        .insert(households)
        .values({ id: householdId, name: `House ${i}`, timeZone: 'UTC' })
      await db()
        .insert(accounts)
        .values({
          householdId,
          id: uuid(),
          name: `Owner ${i}`,
          email: `owner${i}@example.org`,
          passwordHash: 'none',
        })
    }
    const model = models[i % models.length]!
    const dogId = uuid()
    const called = (profile: typeof model.profile) => ({ ...profile, name: `${profile.name} ${i}` })
    const [profile, began] = [called(model.profile), called(model.began)]
    await db().insert(dogs).values({ householdId, id: dogId, profile, began })
    await db()
      .insert(entries)
      .values(
        model.entries.map((e) => ({
          householdId,
          dogId,
          id: e.id,
          day: e.day,
          kind: e.what.kind,
          entry: e,
          authorId: null,
        })),
      )
    await db()
      .insert(shares)
      .values({
        householdId,
        dogId,
        id: uuid(),
        tokenHash: randomBytes(32),
        scope: 'history',
        groomer: 'Imke',
        groomerId,
        expires: year,
      })
  }
}

async function look(groomer: Visitor) {
  const begun = performance.now()
  const room = (await groomer.call('GET', '/api/room')).json as unknown as Room
  return { room, ms: performance.now() - begun }
}

/** How long the groomer's list takes to come, over loopback, whole. */
export async function room() {
  const { running, databaseUrl } = await startApp()
  process.env.DATABASE_URL = databaseUrl
  try {
    const groomer = await newGroomer(running.address)
    const { json } = await groomer.call('GET', '/api/room')
    const [me] = await db()
      .select()
      .from(groomers)
      .where(eq(groomers.email, String(json.email)))
    await fill(me!.id)
    const first = await look(groomer)
    const begun = performance.now()
    let now = first
    while (now.room.dogs.some((d) => d.stale)) {
      if (performance.now() - begun > MOST_SECONDS * 1000) throw new Error('Forecasts are not worked out.')
      await new Promise((r) => setTimeout(r, 500))
      now = await look(groomer)
    }
    const seconds = (performance.now() - begun) / 1000
    const took: number[] = []
    for (let n = 0; n < LOOKS; n++) took.push((await look(groomer)).ms)
    took.sort((a, b) => a - b)
    const at = (share: number) => took[Math.floor(share * (took.length - 1))]!.toFixed(0)
    row(
      `the room with ${DOGS} dogs`,
      `${at(0.5)} ms median, ${at(0.95)} ms at the 95th of 100; nothing worked out yet ${first.ms.toFixed(0)} ms, all of it ${seconds.toFixed(0)} s later`,
    )
  } finally {
    await running.stop()
    await connections().end()
  }
}
