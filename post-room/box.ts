import { simpleParser } from 'mailparser'
import { SMTPServer } from 'smtp-server'

/** A letter as the post room took it in. */
export interface Received {
  n: number
  at: string
  from: string
  to: string[]
  subject: string
  text: string
  html: string
  headers: Record<string, string>
}

/** Most letters kept; the oldest go first. */
const MOST_KEPT = 500
/** Largest letter taken in, bytes. */
const MOST_BYTES = 2_000_000

/**
 * The post room: a mail server for the demo and the tests, on loopback. It takes every letter in and
 * delivers none.
 */
export async function openPostRoom(port = 0) {
  const letters: Received[] = []
  const waiting: (() => void)[] = []
  const server = new SMTPServer({
    authOptional: true,
    disabledCommands: ['STARTTLS', 'AUTH'],
    size: MOST_BYTES,
    onData(stream, session, done) {
      simpleParser(stream, (error, mail) => {
        if (error) return done(error)
        letters.push({
          n: letters.length ? letters.at(-1)!.n + 1 : 1,
          at: new Date().toISOString(),
          from: mail.from?.text ?? '',
          to: session.envelope.rcptTo.map((r) => r.address),
          subject: mail.subject ?? '',
          text: mail.text ?? '',
          html: typeof mail.html === 'string' ? mail.html : '',
          headers: Object.fromEntries(mail.headerLines.map((h) => [h.key, h.line])),
        })
        letters.splice(0, letters.length - MOST_KEPT)
        waiting.splice(0).forEach((w) => w())
        done()
      })
    },
  })
  await new Promise<void>((resolve, reject) => {
    server.once('error', reject)
    server.listen(port, '127.0.0.1', resolve)
  })
  const address = server.server.address()
  const at = typeof address === 'object' && address ? address.port : port
  return {
    port: at,
    letters,
    /** Resolves once a letter like this is in. @throws after `ms` */
    async letter(like: (l: Received) => boolean, ms = 15_000): Promise<Received> {
      const end = Date.now() + ms
      for (;;) {
        const found = letters.find(like)
        if (found) return found
        const left = end - Date.now()
        if (left <= 0) throw new Error(`No such letter came; there are ${letters.length}.`)
        await new Promise<void>((resolve) => {
          const timer = setTimeout(resolve, left)
          waiting.push(() => {
            clearTimeout(timer)
            resolve()
          })
        })
      }
    },
    close: () => new Promise<void>((resolve) => server.close(() => resolve())),
  }
}
export type PostRoom = Awaited<ReturnType<typeof openPostRoom>>
