import { currentInstant } from '../clock'
import { and, desc, eq, gt, isNull } from 'drizzle-orm'
import { db } from '../db/client'
import { accounts, dogs, groomers, shares } from '../db/schema'
import { post } from './mail'
import type { NewNote } from './notes'

const site = () => process.env.GRUMBO_ADDRESS ?? ''

async function nameOf(householdId: string, dogId: string) {
  const [row] = await db()
    .select({ profile: dogs.profile })
    .from(dogs)
    .where(and(eq(dogs.householdId, householdId), eq(dogs.id, dogId)))
  return row?.profile.name ?? 'the dog'
}

/** A note goes by mail too, to whoever on the other side has not said otherwise. */
export async function mailNote(note: NewNote) {
  const { householdId, dogId } = note
  const dog = await nameOf(householdId, dogId)
  const subject = `${dog}: a note from ${note.authorName}`
  if (note.author === 'groomer') {
    const owners = await db()
      .select({ email: accounts.email })
      .from(accounts)
      .where(
        and(
          eq(accounts.householdId, householdId),
          eq(accounts.role, 'owner'),
          eq(accounts.mailNotes, true),
          isNull(accounts.removed),
        ),
      )
    for (const { email } of owners)
      await post({
        householdId,
        recipient: email,
        subject,
        says: [note.body],
        link: { words: `${dog}’s thread`, address: `${site()}/dogs/${dogId}/groomer` },
      })
    return
  }
  for (const to of await groomersOf(householdId, dogId))
    await post({ householdId, recipient: to.email, subject, says: [note.body, ...to.says], link: to.link })
}

/** Where a dog's groomers have their mail: those with a room, and those whose address the owner gave. */
async function groomersOf(householdId: string, dogId: string) {
  const now = currentInstant()
  const rows = await db()
    .select({ share: shares.id, given: shares.email, own: groomers.email, wants: groomers.mailNotes })
    .from(shares)
    .leftJoin(groomers, eq(groomers.id, shares.groomerId))
    .where(
      and(
        eq(shares.householdId, householdId),
        eq(shares.dogId, dogId),
        isNull(shares.revoked),
        gt(shares.expires, now),
      ),
    )
    .orderBy(desc(shares.created))
  const byAddress = new Map<
    string,
    { email: string; says: string[]; link?: { words: string; address: string } }
  >()
  for (const r of rows) {
    const email = r.own ?? r.given
    if (!email || r.wants === false || byAddress.has(email)) continue
    byAddress.set(email, {
      email,
      says: r.own ? [] : ['The link you were given opens the thread; answer there.'],
      ...(r.own ? { link: { words: 'Open it in your room', address: `${site()}/room/${r.share}` } } : {}),
    })
  }
  return [...byAddress.values()]
}

/** The first mail to a groomer, with the link itself: it is shown nowhere again. */
export async function mailInvitation(share: {
  householdId: string
  dogId: string
  groomer: string
  email: string
  owner: string
  token: string
  code: string
}) {
  const dog = await nameOf(share.householdId, share.dogId)
  await post({
    householdId: share.householdId,
    recipient: share.email,
    subject: `${dog}’s coat, from ${share.owner}`,
    says: [
      `${share.groomer}, ${share.owner} shares ${dog}’s coat with you: what was combed, what was found, and how ${dog} should arrive.`,
      `The link opens with no account. To keep ${dog} in a room of yours, use the code ${share.code.replace(/(.{4})(?=.)/g, '$1-')}.`,
    ],
    link: { words: `Open ${dog}’s page`, address: `${site()}/l/${share.token}` },
  })
}
