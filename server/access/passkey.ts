import {
  generateAuthenticationOptions,
  generateRegistrationOptions,
  verifyAuthenticationResponse,
  verifyRegistrationResponse,
} from '@simplewebauthn/server'
import type { AuthenticationResponseJSON, RegistrationResponseJSON } from '@simplewebauthn/server'
import type { H3Event } from 'h3'
import { findPasskey, passkeysOf, usedPasskey } from '../services/passkeys'
import type { Groomer, Member } from './authorise'
import { callerOf } from './caller'
import { once } from './ration'
import { refuse } from './refuse'
import { cookie, LASTS_S } from './visitor'
import { whoseIs } from './whose'
import type { Whose } from './whose'

/**
 * Keys in place of passwords (W3C Web Authentication, level 2). The challenge stands in a sealed cookie until it is
 * answered, serves once, and is this site's alone.
 */
const here = (event: H3Event) => {
  const { host, secure } = callerOf(event)
  return { rpID: new URL(`http://${host}`).hostname, origin: `${secure ? 'https' : 'http'}://${host}` }
}
async function ask<T extends { challenge: string }>(event: H3Event, options: T): Promise<T> {
  await (await cookie(event, 'challenge')).update({ challenge: options.challenge })
  return options
}
/** The challenge that was asked, which nobody answers twice. @throws 401 */
async function answered(event: H3Event): Promise<string> {
  const asked = await cookie(event, 'challenge')
  const { challenge } = asked.data
  await asked.clear()
  if (!challenge || !(await once('passkey-challenge', challenge, LASTS_S.challenge))) throw notThis()
  return challenge
}
const notThis = () => refuse(401, 'That key does not open this account, or it took too long. Try once more.')

/** What a device is asked to make a key by. */
export async function askForNewKey(event: H3Event, visitor: Member | Groomer) {
  const there = await passkeysOf(whoseIs(visitor))
  return ask(
    event,
    await generateRegistrationOptions({
      rpName: 'Grumbo',
      rpID: here(event).rpID,
      userName: visitor.email,
      userDisplayName: visitor.name,
      excludeCredentials: there.map(({ id }) => ({ id })),
      // Found by itself, so that nothing is typed; and its holder shows that it is they.
      authenticatorSelection: { residentKey: 'required', userVerification: 'required' },
    }),
  )
}
/** The key a device made. @throws 401 where it is no answer to what was asked */
export async function newKey(event: H3Event, response: RegistrationResponseJSON) {
  const expectedChallenge = await answered(event)
  const { rpID, origin } = here(event)
  const { registrationInfo } = await verifyRegistrationResponse({
    response,
    expectedChallenge,
    expectedOrigin: origin,
    expectedRPID: rpID,
  }).catch(() => ({ registrationInfo: undefined }))
  if (!registrationInfo) throw notThis()
  return registrationInfo.credential
}

export const askForKey = async (event: H3Event) =>
  ask(event, await generateAuthenticationOptions({ rpID: here(event).rpID, userVerification: 'required' }))

/** Whose key it is. @throws 401 where it is nobody's, or no answer to what was asked */
export async function whoseKey(event: H3Event, response: AuthenticationResponseJSON): Promise<Whose> {
  const expectedChallenge = await answered(event)
  const key = await findPasskey(response.id)
  if (!key) throw notThis()
  const { rpID, origin } = here(event)
  const { verified, authenticationInfo } = await verifyAuthenticationResponse({
    response,
    expectedChallenge,
    expectedOrigin: origin,
    expectedRPID: rpID,
    credential: { id: response.id, publicKey: key.publicKey, counter: key.counter },
  }).catch(() => ({ verified: false as const, authenticationInfo: undefined }))
  if (!verified || !authenticationInfo) throw notThis()
  await usedPasskey(response.id, authenticationInfo.newCounter)
  return key.whose
}
