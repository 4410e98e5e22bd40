import { createHash, randomUUID } from 'node:crypto'
import { secondsInDay } from 'date-fns/constants'
import type { H3Event } from 'h3'
import { RateLimiterPostgres } from 'rate-limiter-flexible'
import { connections } from '../db/client'
import { tooOften } from './ration'
import { cookie } from './visitor'
import type { Realm } from './whose'

/**
 * Guessing at one account: after a few failures each further one waits, longer each time, and nobody is
 * locked out. A device that once signed in there is counted by itself, so that a stranger's guesses do not
 * keep its owner waiting.
 */
const FREE = 5
/** The first wait and the longest, and when failures are forgotten, s (judgement). */
const FIRST_WAIT_S = 15
const LONGEST_WAIT_S = 15 * 60
const FORGOTTEN_S = secondsInDay
/** Accounts a device is known to (judgement). */
const MOST_KNOWN = 8

/** How long to wait after so many failures, s. */
export const waitAfter = (failures: number): number =>
  failures < FREE ? 0 : Math.min(LONGEST_WAIT_S, FIRST_WAIT_S * 2 ** (failures - FREE))

let made: { failures: RateLimiterPostgres; waits: RateLimiterPostgres } | undefined
const counters = () =>
  (made ??= {
    failures: counter('failed-sign-ins', FORGOTTEN_S),
    waits: counter('sign-in-waits', LONGEST_WAIT_S),
  })
const counter = (keyPrefix: string, duration: number) =>
  new RateLimiterPostgres({
    storeClient: connections(),
    tableName: 'rate_limits',
    tableCreated: true,
    keyPrefix,
    points: 1,
    duration,
  })

const digest = (text: string) => createHash('sha256').update(text).digest('base64url')
const accountOf = (realm: Realm, email: string) => digest(`${realm} ${email}`)

/**
 * Tries to sign in to an account.
 * @param realm whose accounts these are
 * @param check who it is, or null where address and password do not go together
 * @throws 429 with how long to wait
 */
export async function tryToSignIn<T>(
  event: H3Event,
  realm: Realm,
  email: string,
  check: () => Promise<T | null>,
): Promise<T | null> {
  const account = accountOf(realm, email)
  const { device, accounts = [] } = (await cookie(event, 'known')).data
  const key = device && accounts.includes(account) ? digest(`${account} ${device}`) : account
  const { failures, waits } = counters()
  const wait = await waits.get(key)
  if (wait && wait.consumedPoints > 0 && wait.msBeforeNext > 0) throw tooOften(wait.msBeforeNext, event)
  const who = await check()
  if (who === null) {
    const { consumedPoints } = await failures.penalty(key, 1)
    const seconds = waitAfter(consumedPoints)
    if (seconds) await waits.block(key, seconds)
    return null
  }
  await Promise.all([failures.delete(key), waits.delete(key)])
  return who
}

/** From here somebody has signed in to this account. */
export async function rememberDevice(event: H3Event, realm: Realm, email: string) {
  const account = accountOf(realm, email)
  const known = await cookie(event, 'known')
  const { device = randomUUID(), accounts = [] } = known.data
  if (accounts.includes(account)) return
  await known.update({ device, accounts: [account, ...accounts].slice(0, MOST_KNOWN) })
}
