import { and, desc, eq, gt, isNull } from 'drizzle-orm'
import { currentInstant } from '../clock'
import type { Tx } from '../db/client'
import { accounts, dogs, groomers, shares } from '../db/schema'
import { post, site, standingOf } from './letters'
import type { Posted } from './letters'
import type { NewNote } from './notes'

async function nameOf(tx: Tx, householdId: string, dogId: string) {
  const [row] = await tx
    .select({ profile: dogs.profile })
    .from(dogs)
    .where(and(eq(dogs.householdId, householdId), eq(dogs.id, dogId)))
  return row?.profile.name ?? 'the dog'
}

/** A note goes by mail too, to whoever on the other side has not said otherwise. */
export async function mailNote(tx: Tx, note: NewNote) {
  const { householdId, dogId, groomerId = null } = note
  const dog = await nameOf(tx, householdId, dogId)
  const letter = { kind: 'note' as const, subject: `${dog}: a note from ${note.authorName}` }
  if (note.author === 'groomer') {
    const owners = await tx
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
      await post(tx, {
        ...letter,
        householdId,
        groomerId,
        recipient: email,
        says: [note.body],
        link: { words: `${dog}’s thread`, address: `${site()}/dogs/${dogId}/groomer` },
      })
    return
  }
  for (const to of await groomersOf(tx, householdId, dogId))
    await post(tx, {
      ...letter,
      householdId,
      recipient: to.email,
      says: [note.body, ...to.says],
      link: to.link,
    })
}

/** Where a dog's groomers have their mail: those with a room, and those whose address the owner gave. */
async function groomersOf(tx: Tx, householdId: string, dogId: string) {
  const now = currentInstant()
  const rows = await tx
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

/** The first letter to a groomer, with the link itself. It goes only from an owner whose own address is confirmed. */
export async function mailInvitation(
  tx: Tx,
  share: {
    householdId: string
    dogId: string
    groomer: string
    email: string
    owner: { name: string; email: string }
    token: string
    code: string
  },
): Promise<Posted | 'own-not-confirmed'> {
  const { groomer, owner } = share
  if (!(await standingOf(tx, owner.email)).confirmed) return 'own-not-confirmed'
  const dog = await nameOf(tx, share.householdId, share.dogId)
  return post(tx, {
    kind: 'invitation',
    householdId: share.householdId,
    recipient: share.email,
    subject: `${dog}’s coat, from ${owner.name}`,
    says: [
      `${groomer}, ${owner.name} shares ${dog}’s coat with you: what was combed, what was found, and how ${dog} should arrive.`,
      `The link opens with no account. To keep ${dog} in a room of yours, use the code ${share.code.replace(/(.{4})(?=.)/g, '$1-')}.`,
      `Notes about ${dog} come by mail once you say so, on the page at the very end of this letter.`,
    ],
    link: { words: `Open ${dog}’s page`, address: `${site()}/l/${share.token}` },
  })
}
