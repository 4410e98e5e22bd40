import { secondsInDay } from 'date-fns/constants'
import { setHeader } from 'h3'
import type { H3Event } from 'h3'
import { RateLimiterPostgres, RateLimiterRes } from 'rate-limiter-flexible'
import { connections } from '../db/client'
import { refuse } from './refuse'
import { hashOf } from './token'
import type { Realm } from './whose'

/** Rations live in the database, so that two processes share them. */
const limiters = new Map<string, RateLimiterPostgres>()

/** Counts one call. @throws 429 once the ration is used up. */
export async function ration(
  key: string,
  who: string,
  { points, seconds }: { points: number; seconds: number },
  event: H3Event,
) {
  let limiter = limiters.get(key)
  if (!limiter) {
    const most = process.env.GRUMBO_RATION_TIMES ? points * Number(process.env.GRUMBO_RATION_TIMES) : points
    limiter = new RateLimiterPostgres({
      storeClient: connections(),
      tableName: 'rate_limits',
      tableCreated: true,
      keyPrefix: key.replace(/\W+/g, '-'),
      points: most,
      // Who has used theirs up is turned away without asking the database: it has others to answer.
      inMemoryBlockOnConsumed: most,
      duration: seconds,
    })
    limiters.set(key, limiter)
  }
  try {
    await limiter.consume(who)
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error
    throw tooOften(error.msBeforeNext, event)
  }
}

/** Whether this is the first time in so many seconds, whichever process is asked. */
export async function once(key: string, what: string, seconds: number): Promise<boolean> {
  const limiter = new RateLimiterPostgres({
    storeClient: connections(),
    tableName: 'rate_limits',
    tableCreated: true,
    keyPrefix: key,
    points: 1,
    duration: seconds,
  })
  try {
    await limiter.consume(hashOf(what).toString('base64url'))
    return true
  } catch (error) {
    if (!(error instanceof RateLimiterRes)) throw error
    return false
  }
}

/** Sign-ups with one address a day, whoever tries: it may be somebody guessing at its account (judgement). */
const SIGN_UPS = { points: 5, seconds: secondsInDay }
export const rationAddress = (realm: Realm, email: string, event: H3Event) =>
  ration('sign-ups-with-address', hashOf(`${realm} ${email}`).toString('base64url'), SIGN_UPS, event)

/** What is said to one who came too often, and when to come again. @param ms to wait */
export function tooOften(ms: number, event: H3Event) {
  const wait = Math.max(1, Math.ceil(ms / 60_000))
  setHeader(event, 'retry-after', Math.max(1, Math.ceil(ms / 1000)))
  return refuse(429, `That was tried too often. Wait ${wait === 1 ? 'a minute' : `${wait} minutes`}.`)
}
