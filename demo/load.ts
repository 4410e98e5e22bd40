import { millisecondsInDay } from 'date-fns/constants'
import { randomBytes } from 'node:crypto'
import { hash } from '@node-rs/argon2'
import { v7 as uuid } from 'uuid'
import { connections, db } from '../server/db/client'
import type { Tx } from '../server/db/client'
import { addresses, dogs, entries, groomers, households, notes, shares } from '../server/db/schema'
import { addAccount, findByEmail } from '../server/services/accounts'
import { doorKey, openDoors } from '../server/services/doors'
import { DEMO_EMAIL, DEMO_GROOMER } from '../shared/demo'
import { demoDogs } from './household'
import { neighbours } from './neighbours'
import { GROOMER, OWNER } from './story'
import type { DemoDog } from './story'

const now = new Date()
/** Nobody signs in to the demo by password: the welcome page opens it. */
const locked = () => hash(randomBytes(24).toString('hex'))
const SHARED_DAYS = 365

async function household(tx: Tx, name: string, owner: string, email: string) {
  const householdId = uuid()
  const accountId = uuid()
  const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone
  await tx.insert(households).values({ id: householdId, name, timeZone })
  const passwordHash = await locked()
  await addAccount(tx, { householdId, id: accountId, name: owner, email, passwordHash, claimed: now })
  await tx.insert(addresses).values({ email, confirmed: now })
  return { householdId, accountId }
}

/** A dog with its diary and its thread, shared with the groomer. */
async function addDog(
  tx: Tx,
  { householdId, accountId }: { householdId: string; accountId: string },
  groomerId: string,
  dog: DemoDog,
  i: number,
) {
  await tx.insert(dogs).values({
    householdId,
    id: dog.id,
    profile: dog.profile,
    began: dog.began,
    created: new Date(now.getTime() + i),
  })
  await tx.insert(entries).values(
    dog.entries.map((e) => ({
      householdId,
      dogId: dog.id,
      id: e.id,
      day: e.day,
      kind: e.what.kind,
      entry: e,
      authorId: accountId,
    })),
  )
  const share = { householdId, dogId: dog.id, id: uuid() }
  await openDoors(tx, share, [doorKey.room(groomerId)])
  await tx.insert(shares).values({
    ...share,
    tokenHash: randomBytes(32),
    scope: 'history',
    groomer: GROOMER,
    groomerId,
    // Before the first of its notes.
    created: new Date(now.getTime() - SHARED_DAYS * millisecondsInDay),
    expires: new Date(now.getTime() + SHARED_DAYS * millisecondsInDay),
  })
  if (!dog.notes.length) return
  await tx.insert(notes).values(
    dog.notes.map((n, k) => {
      const sent = new Date(now.getTime() - n.daysAgo * millisecondsInDay + k * 1000)
      const last = n === dog.notes.at(-1)
      return {
        householdId,
        dogId: dog.id,
        id: n.id,
        author: n.author,
        authorName: n.authorName,
        body: n.body,
        sent,
        read: last ? null : sent,
      }
    }),
  )
}

/** Puts the demo's households and groomer into the database, unless they are there: what was done is kept. */
const there = await findByEmail(DEMO_EMAIL)
if (!there) {
  const today = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
  await db().transaction(async (tx) => {
    const groomerId = uuid()
    await tx.insert(groomers).values({
      id: groomerId,
      name: GROOMER,
      room: 'The Wash House',
      email: DEMO_GROOMER,
      claimed: now,
      passwordHash: await locked(),
    })
    await tx.insert(addresses).values({ email: DEMO_GROOMER, confirmed: now })
    const home = await household(tx, 'Alder Lane', OWNER, DEMO_EMAIL)
    for (const [i, dog] of demoDogs(today).entries()) await addDog(tx, home, groomerId, dog, i)
    for (const [i, n] of neighbours(today).entries()) {
      const theirs = await household(tx, n.household, n.owner, `neighbour${i + 1}@demo.example`)
      await addDog(tx, theirs, groomerId, n.dog, i)
    }
  })
}
await connections().end()
