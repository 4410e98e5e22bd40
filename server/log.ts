import pino from 'pino'
import { currentInstant } from './clock'
import { databaseCode } from './db/client'

/** Where the log goes. */
export const logTo = pino.destination(1)

/**
 * What happens here, a line of JSON each, on standard output. No body, name, address or link stands in it: routes by
 * their pattern, calls by their number, failures by a code.
 */
export const log = pino(
  {
    level: process.env.GRUMBO_LOG ?? 'info',
    base: null,
    formatters: { level: (label) => ({ level: label }) },
    timestamp: () => `,"at":"${currentInstant().toISOString()}"`,
    messageKey: 'what',
  },
  logTo,
)

/** What went wrong, in a word: the database's own code, or what kind of error it is. Their words hold addresses. */
export const codeOf = (error: unknown): string =>
  databaseCode(error) ?? (error instanceof Error ? error.name : 'unknown')
