import { and, asc, eq, isNull, lte, sql } from 'drizzle-orm'
import { millisecondsInDay } from 'date-fns/constants'
import { createTransport } from 'nodemailer'
import { currentInstant } from '../clock'
import { db } from '../db/client'
import { mails } from '../db/schema'
import { wayOut } from './letters'

/** Mail goes over SMTP to the server named in `GRUMBO_SMTP`; with none named it waits. */
const SENDER = process.env.GRUMBO_MAIL_FROM ?? 'Grumbo <post@grumbo.invalid>'
/** How long after a failure a letter is tried again, ms, longer each time up to the longest; and for how long at all (judgement). */
const TRY_AGAIN_MS = 30_000
const LONGEST_WAIT_MS = 60 * 60_000
const GIVEN_UP_MS = 5 * millisecondsInDay
/** A letter taken up and not told of is taken up again after so long, ms: whoever had it is gone (judgement). */
const TAKEN_MS = 2 * 60_000
/** How long the mail server is waited for, ms (judgement). */
const PATIENCE_MS = 20_000
const AT_ONCE = 20

/** The mail server will not have this letter however often it comes (RFC 5321, replies of the fives). */
const refusedForGood = (error: unknown) =>
  error instanceof Error &&
  'responseCode' in error &&
  typeof error.responseCode === 'number' &&
  error.responseCode >= 500

let transport: ReturnType<typeof createTransport> | undefined

/** Takes up the next letter that is due. It is this process's for a while; nothing is held in the database meanwhile. */
async function takeUp() {
  const now = currentInstant()
  const next = db()
    .$with('next')
    .as(
      db()
        .select({ id: mails.id })
        .from(mails)
        .where(and(isNull(mails.sent), isNull(mails.givenUp), lte(mails.due, now)))
        .orderBy(asc(mails.due))
        .limit(1)
        .for('update', { skipLocked: true }),
    )
  const [mail] = await db()
    .with(next)
    .update(mails)
    .set({ due: new Date(now.getTime() + TAKEN_MS), tries: sql`${mails.tries} + 1` })
    .where(eq(mails.id, sql`(select id from next)`))
    .returning()
  return mail
}

/** What has gone, or never will, keeps no words: its links and codes are nobody's to read. */
const NO_WORDS = { subject: '', body: '', html: '' }

/**
 * Sends what waits, a letter at a time, each taken up so that no other process sends it too. One that
 * went and could not be noted goes again under the same number.
 * @returns how many went
 */
export async function sendMail(): Promise<number> {
  const server = process.env.GRUMBO_SMTP
  if (!server) return 0
  transport ??= createTransport({
    url: server,
    connectionTimeout: PATIENCE_MS,
    greetingTimeout: PATIENCE_MS,
    socketTimeout: PATIENCE_MS,
  })
  let gone = 0
  for (let i = 0; i < AT_ONCE; i++) {
    const mail = await takeUp()
    if (!mail) break
    try {
      await transport.sendMail({
        from: SENDER,
        to: mail.recipient,
        subject: mail.subject,
        text: mail.body,
        html: mail.html,
        messageId: `<${mail.id}@grumbo.invalid>`,
        headers: { 'Auto-Submitted': 'auto-generated', 'List-Unsubscribe': `<${wayOut(mail.recipient)}>` },
      })
      await db()
        .update(mails)
        .set({ sent: currentInstant(), problem: null, ...NO_WORDS })
        .where(eq(mails.id, mail.id))
      gone += 1
    } catch (error) {
      const now = currentInstant().getTime()
      const forGood = refusedForGood(error) || now - mail.written.getTime() > GIVEN_UP_MS
      const wait = Math.min(LONGEST_WAIT_MS, TRY_AGAIN_MS * 2 ** (mail.tries - 1))
      const problem = error instanceof Error ? error.message.slice(0, 300) : 'unknown'
      await db()
        .update(mails)
        .set(
          forGood ? { problem, givenUp: new Date(now), ...NO_WORDS } : { problem, due: new Date(now + wait) },
        )
        .where(eq(mails.id, mail.id))
    }
  }
  return gone
}
