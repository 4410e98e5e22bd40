import { currentInstant } from '../clock'
import { and, asc, eq, isNull, lt, lte } from 'drizzle-orm'
import { createTransport } from 'nodemailer'
import { v7 as uuid } from 'uuid'
import { db } from '../db/client'
import { mails } from '../db/schema'

/** Mail goes over SMTP to the server named in `GRUMBO_SMTP`; with none named it waits. */
const SENDER = process.env.GRUMBO_MAIL_FROM ?? 'Grumbo <post@grumbo.invalid>'
/** How often a mail is tried, and how long after a failure, ms: longer each time (judgement). */
const MOST_TRIES = 6
const TRY_AGAIN_MS = 30_000
const AT_ONCE = 20

export interface Letter {
  householdId: string | null
  recipient: string
  subject: string
  /** Paragraphs of plain words; the HTML part says the same. */
  says: string[]
  /** Where to read on. */
  link?: { words: string; address: string } | undefined
}

const escape = (s: string) =>
  s.replace(/[&<>"']/g, (c) => ({ '&': '&amp;', '<': '&lt;', '>': '&gt;', '"': '&quot;', "'": '&#39;' })[c]!)
/** One line, however it was written: a header has no second. */
const oneLine = (s: string) => s.replace(/\s+/g, ' ').trim().slice(0, 200)

function partsOf({ says, link }: Letter) {
  const text = [...says, ...(link ? [`${link.words}: ${link.address}`] : [])].join('\n\n')
  const paragraphs = says.map((p) => `<p style="white-space:pre-line">${escape(p)}</p>`).join('')
  const button = link
    ? `<p><a href="${escape(link.address)}" style="color:#a1420f">${escape(link.words)}</a></p>`
    : ''
  const html = `<!doctype html><html lang="en"><body style="margin:0;background:#f4ecdb;color:#2b211a;font:16px/1.5 Georgia,serif"><div style="max-width:34em;margin:0 auto;padding:24px">${paragraphs}${button}</div></body></html>`
  return { body: text, html }
}

/** Puts a letter in the box. It goes when the post next does. */
export async function post(letter: Letter) {
  const { householdId, recipient } = letter
  await db()
    .insert(mails)
    .values({
      id: uuid(),
      householdId,
      recipient,
      subject: oneLine(letter.subject),
      ...partsOf(letter),
    })
}

let transport: ReturnType<typeof createTransport> | undefined

/**
 * Sends what waits, a letter at a time, each claimed so that no other process sends it too.
 * @returns how many went
 */
export async function sendMail(): Promise<number> {
  const server = process.env.GRUMBO_SMTP
  if (!server) return 0
  transport ??= createTransport(server)
  let gone = 0
  for (let i = 0; i < AT_ONCE; i++) {
    const more = await db().transaction(async (tx) => {
      const [mail] = await tx
        .select()
        .from(mails)
        .where(and(isNull(mails.sent), lte(mails.due, currentInstant()), lt(mails.tries, MOST_TRIES)))
        .orderBy(asc(mails.due))
        .limit(1)
        .for('update', { skipLocked: true })
      if (!mail) return false
      try {
        await transport!.sendMail({
          from: SENDER,
          to: mail.recipient,
          subject: mail.subject,
          text: mail.body,
          html: mail.html,
          messageId: `<${mail.id}@grumbo.invalid>`,
          headers: { 'Auto-Submitted': 'auto-generated' },
        })
        await tx.update(mails).set({ sent: currentInstant(), problem: null }).where(eq(mails.id, mail.id))
        gone += 1
      } catch (error) {
        const tries = mail.tries + 1
        await tx
          .update(mails)
          .set({
            tries,
            problem: error instanceof Error ? error.message.slice(0, 300) : 'unknown',
            due: new Date(currentInstant().getTime() + TRY_AGAIN_MS * 2 ** mail.tries),
          })
          .where(eq(mails.id, mail.id))
      }
      return true
    })
    if (!more) break
  }
  return gone
}
