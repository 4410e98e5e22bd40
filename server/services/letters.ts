import { and, count, eq, gt, or, sql } from 'drizzle-orm'
import he from 'he'
import { v7 as uuid } from 'uuid'
import type { LettersMay } from '../../shared/answers'
import { hashEqual, keyed } from '../access/token'
import { currentInstant, inDays } from '../clock'
import type { Db, Tx } from '../db/client'
import { db } from '../db/client'
import { addresses, mails } from '../db/schema'

/**
 * What letters there are: to confirm an address; a dog's link and code to a groomer; a note; a reminder.
 * The first two may go to an address that nobody has confirmed yet; they are few.
 */
type LetterKind = 'confirm' | 'invitation' | 'note' | 'reminder'
const FIRST: readonly LetterKind[] = ['confirm', 'invitation']

/** Most letters a day on behalf of a household or a room, and to one address; of the first kind fewer (judgement). */
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
/** @returns the address, or null where the token is none of ours */
function addressOf(token: string): string | null {
  const [name = '', proof = ''] = token.split('.')
  const email = Buffer.from(name, 'base64url').toString('utf8')
  return hashEqual(keyed('letters', email), Buffer.from(proof, 'base64url')) ? email : null
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

export const sayStanding = (s: { confirmed: boolean; stopped: boolean }): LettersMay =>
  s.stopped ? 'stopped' : s.confirmed ? 'may-come' : 'not-confirmed'

/** Whether one more letter today is too many for anyone it concerns. */
async function tooMany(at: Db | Tx, { kind, householdId, groomerId, recipient }: Letter) {
  const isFirst = sql<number>`count(*) filter (where ${mails.kind} in ('confirm', 'invitation'))::int`
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
  if (stopped) return 'stopped'
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
export const askToConfirm = (
  at: Db | Tx,
  whose: { householdId?: string; groomerId?: string },
  email: string,
) =>
  post(at, {
    kind: 'confirm',
    householdId: whose.householdId ?? null,
    groomerId: whose.groomerId ?? null,
    recipient: email,
    subject: 'May letters come to this address?',
    says: [
      'Somebody signed up to Grumbo with this address. If it was you, say so below: notes and reminders then come by mail, and links can go to your groomer.',
      'If it was not, there is nothing to do, and nothing more comes.',
    ],
    link: { words: 'This address is mine', address: wayOut(email) },
  })

/** Whoever reads the letters there says whether more may come. @returns the address; null for a token that is none */
export async function settleAddress(token: string, may: boolean): Promise<string | null> {
  const email = addressOf(token)
  if (!email) return null
  const now = currentInstant()
  const set = may ? { confirmed: now, stopped: null } : { stopped: now }
  await db()
    .insert(addresses)
    .values({ email, ...set })
    .onConflictDoUpdate({ target: addresses.email, set })
  // What still waits for it does not go.
  if (!may)
    await db()
      .update(mails)
      .set({ givenUp: now, subject: '', body: '', html: '' })
      .where(and(eq(mails.recipient, email), sql`${mails.sent} is null and ${mails.givenUp} is null`))
  return email
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
