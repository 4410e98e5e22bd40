import { NoAnswer, Refused } from '~/composables/api'
import type { TroubleKind } from '~/words/trouble'

/**
 * What becomes of something that waits on the device, after a call went wrong: it is sent again later,
 * once somebody signs in, or in smaller parts; or never, with the reason, and kept until it was seen.
 */
export type Verdict =
  | { do: 'later'; trouble: TroubleKind; atLeastMs: number | null }
  | { do: 'sign-in' }
  | { do: 'smaller' }
  | { do: 'never'; says: string }

/** Answers that say to come again: too slow, too early, too often. */
const AGAIN = [408, 425, 429]

export function verdictOn(error: unknown): Verdict {
  if (error instanceof NoAnswer) return { do: 'later', trouble: error.kind, atLeastMs: error.retryAfterMs }
  if (!(error instanceof Refused)) return { do: 'later', trouble: 'server-away', atLeastMs: null }
  if (error.statusCode === 401) return { do: 'sign-in' }
  if (error.statusCode === 413) return { do: 'smaller' }
  if (AGAIN.includes(error.statusCode))
    return { do: 'later', trouble: 'too-often', atLeastMs: error.retryAfterMs }
  return { do: 'never', says: error.message }
}

/** The first wait before sending again, and the longest, ms (judgement). */
const FIRST_WAIT_MS = 4_000
const LONGEST_WAIT_MS = 5 * 60_000

/**
 * How long to wait, ms: twice as long each time, up to half more or less by chance so that devices do not
 * all come at once, and never sooner than was asked.
 * @param tries failed so far, from 1
 * @param chance 0 to 1
 */
export function waitMs(tries: number, atLeastMs: number | null, chance: number): number {
  const usual = Math.min(LONGEST_WAIT_MS, FIRST_WAIT_MS * 2 ** (Math.max(1, tries) - 1))
  return Math.max(atLeastMs ?? 0, usual * (0.5 + chance))
}

/** Most of a body that is sent at once, bytes, well below what the server reads; and most entries. */
const MOST_BYTES = 200_000
const MOST_AT_ONCE = 200
/** The first of these that go in one body; one that is too large by itself goes by itself. */
export function bundle<T>(items: readonly T[], most = MOST_AT_ONCE): T[] {
  let bytes = 0
  const fit = items.slice(0, most).findIndex((item, i) => {
    bytes += JSON.stringify(item).length + 1
    return i > 0 && bytes > MOST_BYTES
  })
  return items.slice(0, fit < 0 ? most : fit)
}
