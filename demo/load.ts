import { randomBytes } from 'node:crypto'
import { hash } from '@node-rs/argon2'
import { eq } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import { connections, db } from '../server/db/client'
import { accounts, dogs, entries, households, notes } from '../server/db/schema'
import { DEMO_EMAIL } from '../shared/demo'
import { demoDogs, OWNER } from './household'

/** Puts the demo household into the database, unless it is there: what was done in it is kept. */
const [there] = await db().select().from(accounts).where(eq(accounts.email, DEMO_EMAIL))
if (!there) {
  const now = new Date()
  const today = `${now.getFullYear()}-${String(now.getMonth() + 1).padStart(2, '0')}-${String(now.getDate()).padStart(2, '0')}`
  const householdId = uuid()
  const accountId = uuid()
  await db().transaction(async (tx) => {
    await tx.insert(households).values({
      id: householdId,
      name: 'Alder Lane',
      timeZone: Intl.DateTimeFormat().resolvedOptions().timeZone,
    })
    // Nobody signs in to it by password: the welcome page opens it.
    const passwordHash = await hash(randomBytes(24).toString('hex'))
    await tx
      .insert(accounts)
      .values({ householdId, id: accountId, name: OWNER, email: DEMO_EMAIL, passwordHash })
    for (const [i, dog] of demoDogs(today).entries()) {
      await tx
        .insert(dogs)
        .values({ householdId, id: dog.id, profile: dog.profile, created: new Date(now.getTime() + i) })
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
      await tx.insert(notes).values(
        dog.notes.map((n, k) => {
          const sent = new Date(now.getTime() - n.daysAgo * 86_400_000 + k * 1000)
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
  })
}
await connections().end()
