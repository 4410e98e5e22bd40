import { and, eq, isNull } from 'drizzle-orm'
import { strengthOf } from '../../shared/password-strength'
import type { Groomer, Member } from '../access/authorise'
import { hashPassword, whichOpens } from '../access/password'
import { refuse } from '../access/refuse'
import { whoseIs } from '../access/whose'
import { isWhose } from '../db/whose'
import type { Realm, Whose } from '../access/whose'
import type { Db, Tx } from '../db/client'
import { db, inTransaction } from '../db/client'
import { accounts, groomers, passkeys } from '../db/schema'
import { endLinks, makeLink, takeLink } from './account-links'
import { householdOf, living, MOST_OF_ADDRESS } from './accounts'
import { closeDoors, doorKey, openDoors } from './doors'
import { claim, onBehalfOf, post, settled, site } from './letters'
import { endSessions } from './sessions'

/** What somebody does to their own account: a new password, another address, and both by letter where they cannot come in. */

/** @throws 422 where a password is too easily guessed, by its lists or by who they are */
export function mustHold(password: string, own: readonly string[]) {
  const { weak, says } = strengthOf(password, own)
  if (weak) throw refuse(422, says, { fields: { password: says } })
}

/** Who somebody is and what they sign in with. */
async function row(at: Db | Tx, whose: Whose) {
  const [found] =
    whose.realm === 'household'
      ? await at
          .select({ name: accounts.name, email: accounts.email, passwordHash: accounts.passwordHash })
          .from(accounts)
          .where(mine(whose))
      : await at
          .select({ name: groomers.name, email: groomers.email, passwordHash: groomers.passwordHash })
          .from(groomers)
          .where(eq(groomers.id, whose.groomerId))
  return found ?? null
}
const mine = (whose: Extract<Whose, { realm: 'household' }>) =>
  and(eq(accounts.householdId, whose.householdId), eq(accounts.id, whose.accountId), isNull(accounts.removed))
const set = (tx: Tx, whose: Whose, what: { passwordHash: string } | { email: string; claimed: null }) =>
  whose.realm === 'household'
    ? tx.update(accounts).set(what).where(mine(whose))
    : tx.update(groomers).set(what).where(eq(groomers.id, whose.groomerId))

export const addressOf = async (whose: Whose) => (await row(db(), whose))?.email ?? null
/** Whether a password is this account's. */
export async function isPassword(whose: Whose, password: string): Promise<boolean> {
  const account = await row(db(), whose)
  return !!(await whichOpens(account ? [account] : [], password))
}

/** Says by letter that something of the account was changed, with what to do if it was somebody else. */
export const tell = (at: Db | Tx, whose: Whose, recipient: string, says: string) =>
  post(at, {
    kind: 'account',
    ...onBehalfOf(whose),
    recipient,
    subject: 'Your Grumbo account was changed',
    says: [
      says,
      'If that was not you, ask for a new password: it ends every place the account is signed in, and every passkey.',
    ],
    link: { words: 'Ask for a new password', address: `${site()}/password` },
  })

/** A new password; every other place where the account is signed in ends. */
export async function changePassword(visitor: Member | Groomer, password: string) {
  mustHold(password, [visitor.name, visitor.email])
  const passwordHash = await hashPassword(password)
  const whose = whoseIs(visitor)
  await inTransaction(async (tx) => {
    await set(tx, whose, { passwordHash })
    await endLinks(tx, whose)
    await endSessions(tx, whose, visitor.sessionId)
    await tell(tx, whose, visitor.email, 'It has a new password. Everywhere else it is signed out.')
  })
}

/** Asks whoever reads the mail at another address whether the account moves there. Nothing moves before they say so. */
export async function askToMove(visitor: Member | Groomer, email: string) {
  const whose = whoseIs(visitor)
  return inTransaction(async (tx) => {
    const token = await makeLink(tx, 'move', whose, email)
    return post(tx, {
      kind: 'move',
      ...onBehalfOf(whose),
      recipient: email,
      subject: 'Your Grumbo account moves to this address',
      says: [
        `${visitor.name} asked that their account move here from another address. If it was you, say so below, within a day.`,
        'If it was not, there is nothing to do.',
      ],
      link: { words: 'This is my address', address: `${site()}/address#${token}` },
    })
  })
}
/** @returns the address moved to, or null where the link opens nothing */
export const move = (token: string) =>
  inTransaction(async (tx) => {
    const link = await takeLink(tx, 'move', token)
    const account = link && (await row(tx, link.whose))
    if (!link?.email || !account) return null
    const { whose, email } = link
    await set(tx, whose, { email, claimed: null })
    if (whose.realm === 'household') {
      const { householdId, accountId: id } = whose
      await closeDoors(tx, doorKey.address(account.email), id)
      await openDoors(tx, { householdId, id }, [doorKey.address(email)])
    }
    await claim(tx, whose, email)
    await settled(tx, email, true)
    await tell(tx, whose, account.email, `It moved to ${email}.`)
    return email
  })

/** The accounts of an address, by what they are called. */
const ofAddress = async (realm: Realm, email: string): Promise<{ whose: Whose; called: string }[]> =>
  realm === 'household'
    ? Promise.all(
        (await living(db(), email)).map(async ({ householdId, id }) => ({
          whose: { realm, householdId, accountId: id },
          called: (await householdOf(householdId)).name,
        })),
      )
    : (
        await db()
          .select({ groomerId: groomers.id, called: groomers.room })
          .from(groomers)
          .where(eq(groomers.email, email))
          .limit(MOST_OF_ADDRESS)
      ).map(({ called, ...ids }) => ({ whose: { realm, ...ids }, called }))

/** Sends the way to a new password to an address, if it has an account; whoever asks is told the same either way. */
export async function askForPassword(realm: Realm, email: string) {
  for (const { whose, called } of await ofAddress(realm, email))
    await inTransaction(async (tx) => {
      const token = await makeLink(tx, 'reset', whose)
      await post(tx, {
        kind: 'reset',
        ...onBehalfOf(whose),
        recipient: email,
        subject: 'A new password for Grumbo',
        says: [
          `Somebody asked for a new password for ${called}. The link below serves once, within an hour.`,
          'If it was not you, there is nothing to do: the old one stays.',
        ],
        link: { words: 'Set a new password', address: `${site()}/password#${token}` },
      })
    })
}

/**
 * Sets a password by a letter's link. Wherever the account is signed in ends, and its other links and its passkeys with it.
 * @returns whose it is, or null where the link opens nothing
 */
export const setByLink = async (token: string, password: string): Promise<Whose | null> => {
  // The link is not spent on a password that is refused.
  const passwordHash = await hashPassword(password)
  return inTransaction(async (tx) => {
    const link = await takeLink(tx, 'reset', token)
    const account = link && (await row(tx, link.whose))
    if (!account) return null
    mustHold(password, [account.name, account.email])
    await set(tx, link.whose, { passwordHash })
    await endLinks(tx, link.whose)
    await endSessions(tx, link.whose)
    // Whoever was in it may have left a key behind.
    await tx.delete(passkeys).where(isWhose(link.whose, passkeys))
    await tell(
      tx,
      link.whose,
      account.email,
      'It has a new password, set by a letter to this address. Its passkeys are taken away.',
    )
    return link.whose
  })
}
