import { and, count, eq, gt, or, sql } from 'drizzle-orm'
import he from 'he'
import { v7 as uuid } from 'uuid'
import type { LettersMay } from '../../shared/answers'
import { isKeyed, keyed } from '../access/token'
import type { Whose } from '../access/whose'
import { currentInstant, inDays } from '../clock'
import type { Db, Tx } from '../db/client'
import { db } from '../db/client'
import type { LETTER_KINDS } from '../db/schema'
import { accounts, addresses, groomers, mails } from '../db/schema'

/**
 * What letters there are: to confirm an address; a dog's link and code to a groomer; a note; a reminder; to set a new
 * password; to move to another address; that something of one's account was changed.
 */
type LetterKind = (typeof LETTER_KINDS)[number]
/** These may go to an address that nobody has confirmed yet; they are few. */
const FIRST: readonly LetterKind[] = ['confirm', 'invitation', 'reset', 'move']
/** And this one where whoever reads there wants no letters: without it they would not come in again. */
const ALWAYS: readonly LetterKind[] = ['reset']

/** Most letters a day on behalf of a household or a room, and to one address; of each of the first kinds fewer (judgement). */
const MOST_A_DAY = { household: 60, room: 200, recipient: 30 }
const MOST_FIRST_A_DAY = { household: 10, room: 10, recipient: 3 }

export interface Letter {
  kind: LetterKind
  householdId: string | null
  /** The groomer on whose behalf it goes, if one is. */
  groomerId?: string | null
  recipient: string
  subject: string
  /** Paragraphs of plain words; the HTML part says the same. */
  says: string[]
  /** Where to read on. */
  link?: { words: string; address: string } | undefined
}
/** What became of a letter. */
export type Posted = 'posted' | 'not-confirmed' | 'stopped' | 'too-many'

export const site = () => process.env.GRUMBO_ADDRESS ?? ''

/** What stands for an address in a link of a letter to it: only whoever reads its letters has it. */
const addressToken = (email: string) =>
  `${Buffer.from(email).toString('base64url')}.${keyed('letters', email).toString('base64url')}`
const plain = (part = '') => Buffer.from(part, 'base64url')
/** @returns the address, or null where the token is none of ours */
function addressOf(token: string): string | null {
  const [name, proof] = token.split('.')
  const email = plain(name).toString('utf8')
  return isKeyed('letters', email, plain(proof)) ? email : null
}

/** Of the letter that asks: beside the address, whose account it is asked for. */
function claimToken(email: string, whose: Whose) {
  const who = JSON.stringify(whose)
  return [
    addressToken(email),
    Buffer.from(who).toString('base64url'),
    keyed('claim', `${email} ${who}`).toString('base64url'),
  ].join('.')
}
/** @returns whose account is claimed with the address, or null where none is */
function claimOf(token: string, email: string): Whose | null {
  const [, , name, proof] = token.split('.')
  const who = plain(name).toString('utf8')
  return isKeyed('claim', `${email} ${who}`, plain(proof)) ? (JSON.parse(who) as Whose) : null
}

/** One line, however it was written: a header has no second. */
const oneLine = (s: string) => s.replace(/\s+/g, ' ').trim().slice(0, 200)

/** Where whoever reads a letter says whether more may come. */
export const wayOut = (recipient: string) => `${site()}/letters#${addressToken(recipient)}`

function partsOf({ says, link, recipient }: Letter) {
  const out = wayOut(recipient)
  const text = [
    ...says,
    ...(link ? [`${link.words}: ${link.address}`] : []),
    `No more letters from Grumbo to this address: ${out}`,
  ].join('\n\n')
  const paragraphs = says.map((p) => `<p style="white-space:pre-line">${he.escape(p)}</p>`).join('')
  const anchor = (words: string, address: string, colour: string) =>
    `<p><a href="${he.escape(address)}" style="color:${colour}">${he.escape(words)}</a></p>`
  const html = `<!doctype html><html lang="en"><body style="margin:0;background:#f4ecdb;color:#2b211a;font:16px/1.5 Georgia,serif"><div style="max-width:34em;margin:0 auto;padding:24px">${paragraphs}${link ? anchor(link.words, link.address, '#a1420f') : ''}<div style="font-size:13px">${anchor('No more letters from Grumbo to this address', out, '#6b5a49')}</div></div></body></html>`
  return { body: text, html }
}

/** What is known of an address. */
export async function standingOf(at: Db | Tx, email: string) {
  const [row] = await at.select().from(addresses).where(eq(addresses.email, email))
  return { confirmed: !!row?.confirmed, stopped: !!row?.stopped }
}

/** @param claimed whoever reads there said that the account is theirs */
export const sayStanding = (s: { confirmed: boolean; stopped: boolean }, claimed: boolean): LettersMay =>
  s.stopped ? 'stopped' : s.confirmed && claimed ? 'may-come' : 'not-confirmed'

/** Whether one more letter today is too many for anyone it concerns. */
async function tooMany(at: Db | Tx, { kind, householdId, groomerId, recipient }: Letter) {
  const isFirst = sql<number>`count(*) filter (where ${mails.kind} = ${kind})::int`
  const since = (whose: ReturnType<typeof eq>) =>
    at
      .select({ all: count(), first: isFirst })
      .from(mails)
      .where(and(whose, gt(mails.written, inDays(-1))))
  const asked = [
    { of: 'recipient' as const, rows: await since(eq(mails.recipient, recipient)) },
    ...(groomerId ? [{ of: 'room' as const, rows: await since(eq(mails.groomerId, groomerId)) }] : []),
    ...(householdId
      ? [{ of: 'household' as const, rows: await since(eq(mails.householdId, householdId)) }]
      : []),
  ]
  return asked.some(
    ({ of, rows: [n] }) =>
      !!n && (n.all >= MOST_A_DAY[of] || (FIRST.includes(kind) && n.first >= MOST_FIRST_A_DAY[of])),
  )
}

/**
 * Puts a letter in the box, with whatever else the transaction does: a note is not kept without it. It goes
 * when the post next does. Whether it may go at all is decided here, for every letter.
 */
export async function post(at: Db | Tx, letter: Letter): Promise<Posted> {
  const { kind, householdId, groomerId = null, recipient } = letter
  const { confirmed, stopped } = await standingOf(at, recipient)
  if (stopped && !ALWAYS.includes(kind)) return 'stopped'
  if (!confirmed && !FIRST.includes(kind)) return 'not-confirmed'
  if (await tooMany(at, letter)) return 'too-many'
  await at.insert(mails).values({
    id: uuid(),
    kind,
    householdId,
    groomerId,
    recipient,
    subject: oneLine(letter.subject),
    ...partsOf(letter),
  })
  return 'posted'
}

/** The letter that asks whether an address is whose it is said to be. */
export const askToConfirm = (at: Db | Tx, whose: Whose, email: string, another = false) =>
  post(at, {
    kind: 'confirm',
    ...onBehalfOf(whose),
    recipient: email,
    subject: 'May letters come to this address?',
    says: [
      'Somebody signed up to Grumbo with this address. If it was you, say so below: notes and reminders then come by mail, and links can go to your groomer.',
      'If it was not, there is nothing to do, and nothing more comes.',
      ...(another
        ? [
            'There was an account with this address before, under another password. It is as it was. If you would rather come back into that one, ask for a new password on the page you sign in on.',
          ]
        : []),
    ],
    link: { words: 'This address is mine', address: `${site()}/letters#${claimToken(email, whose)}` },
  })

export const onBehalfOf = (whose: Whose) => ({
  householdId: whose.realm === 'household' ? whose.householdId : null,
  groomerId: whose.realm === 'room' ? whose.groomerId : null,
})

/** The address is whose the account is: they read its mail. */
export function claim(at: Db | Tx, whose: Whose, email: string) {
  const set = { claimed: currentInstant() }
  return whose.realm === 'household'
    ? at
        .update(accounts)
        .set(set)
        .where(
          and(
            eq(accounts.householdId, whose.householdId),
            eq(accounts.id, whose.accountId),
            eq(accounts.email, email),
          ),
        )
    : at
        .update(groomers)
        .set(set)
        .where(and(eq(groomers.id, whose.groomerId), eq(groomers.email, email)))
}

/** Whoever reads the letters there says whether more may come. @returns the address; null for a token that is none */
export async function settleAddress(token: string, may: boolean): Promise<string | null> {
  const email = addressOf(token)
  if (!email) return null
  const claims = token.split('.').length > 2
  const whose = claims ? claimOf(token, email) : null
  if (claims && !whose) return null
  await settled(db(), email, may)
  if (may && whose) await claim(db(), whose, email)
  // What still waits for it does not go.
  if (!may)
    await db()
      .update(mails)
      .set({ givenUp: currentInstant(), subject: '', body: '', html: '' })
      .where(and(eq(mails.recipient, email), sql`${mails.sent} is null and ${mails.givenUp} is null`))
  return email
}

/** Letters may come to an address, or may not, from now on. */
export const settled = (at: Db | Tx, email: string, may: boolean) => {
  const now = currentInstant()
  const set = may ? { confirmed: now, stopped: null } : { stopped: now }
  return at
    .insert(addresses)
    .values({ email, ...set })
    .onConflictDoUpdate({ target: addresses.email, set })
}

/** Letters that have gone, or were given up, are forgotten after so long, days (judgement). */
const KEPT_DAYS = 30
export async function forgetOldLetters() {
  await db()
    .delete(mails)
    .where(
      and(
        sql`${mails.written} < ${inDays(-KEPT_DAYS)}`,
        or(sql`${mails.sent} is not null`, sql`${mails.givenUp} is not null`),
      ),
    )
}
