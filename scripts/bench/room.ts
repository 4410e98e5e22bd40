import { millisecondsInDay } from 'date-fns/constants'
import { randomBytes } from 'node:crypto'
import { eq } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import { demoDogs } from '../../demo/household'
import { neighbours } from '../../demo/neighbours'
import { connections, db } from '../../server/db/client'
import { dogs, entries, groomers, households, shares } from '../../server/db/schema'
import { addAccount } from '../../server/services/accounts'
import { doorKey, openDoors } from '../../server/services/doors'
import type { Room } from '../../shared/answers'
import { DESK, Page } from '../../tests/support/page'
import { daysAgo, newGroomer, PASSWORD, startApp } from '../../tests/support/server'
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
      await addAccount(db(), {
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
    const share = { householdId, dogId, id: uuid() }
    await openDoors(db(), share, [doorKey.room(groomerId)])
    await db()
      .insert(shares)
      .values({
        ...share,
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

/** What a room's list is read from, as one statement straight to the database: shares, dogs, forecasts, unread notes. */
const BARE = `
  select s.id, d.profile ->> 'name', d.profile ->> 'nextVisit', d.version, a.day, a.arrival - 'chance',
    (select count(*) from notes n where n.household_id = d.household_id and n.dog_id = d.id and n.author = 'owner' and n.read is null)
  from shares s
  join dogs d on d.household_id = s.household_id and d.id = s.dog_id
  left join arrivals a on a.household_id = d.household_id and a.dog_id = d.id
  where s.groomer_id = $1 and s.revoked is null and s.expires > now()`

/** Each letter typed into the search of the list: ms until the frame that shows its answer has been drawn. */
const TYPING = `
const done = arguments[arguments.length - 1]
const [words] = arguments
const field = document.querySelector('[name=find]')
const took = []
void (async () => {
  for (let n = 1; n <= words.length; n++) {
    const begun = performance.now()
    field.value = words.slice(0, n)
    field.dispatchEvent(new Event('input', { bubbles: true }))
    await new Promise((go) => requestAnimationFrame(() => setTimeout(go)))
    took.push(performance.now() - begun)
    await new Promise((go) => setTimeout(go, 120))
  }
  done(took)
})()`
/** A frame of a screen that draws sixty in a second, ms. */
const FRAME_MS = 1000 / 60
/** A letter is answered within so many frames, a tenth of a second: what still seems at once (published: the RAIL model's response budget). */
const FRAMES = 6

async function typing(address: string, email: string) {
  const page = await Page.open(address, DESK)
  try {
    await page.visit('/room')
    await page.type('[name=email]', email)
    await page.type('[name=password]', PASSWORD)
    await page.press('Go in')
    await page.press('All dogs')
    await page.find('[name=find]')
    const lines = (await page.all('[data-room-dog]')).length
    const took = await page.driver.executeAsyncScript<number[]>(TYPING, 'owner 27')
    took.sort((a, b) => a - b)
    const slow = took[Math.floor(0.95 * (took.length - 1))]!
    row(
      `typing in the search of ${DOGS} dogs`,
      `${(slow / FRAME_MS).toFixed(1)} frames at the 95th of 100 (${slow.toFixed(0)} ms; within ${FRAMES}), ${lines} lines drawn of ${DOGS}`,
    )
  } finally {
    await page.close()
  }
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
    const bare: number[] = []
    for (let n = 0; n < LOOKS; n++) {
      const begun = performance.now()
      await connections().query(BARE, [me!.id])
      bare.push(performance.now() - begun)
    }
    bare.sort((a, b) => a - b)
    const at = (share: number, of = took) => of[Math.floor(share * (of.length - 1))]!
    row(
      `the room with ${DOGS} dogs, against the bare query`,
      `${(at(0.95) / at(0.95, bare)).toFixed(1)} times at the 95th of 100 (${at(0.95).toFixed(0)} ms against ${at(0.95, bare).toFixed(0)}); nothing worked out yet ${first.ms.toFixed(0)} ms, all of it ${seconds.toFixed(0)} s later`,
    )
    await typing(running.address, me!.email)
  } finally {
    await running.stop()
    await connections().end()
  }
}
