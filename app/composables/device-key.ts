import { startAuthentication, startRegistration } from '@simplewebauthn/browser'

/** Keys a device holds in place of a password. */

/** What went wrong between the device and its owner, in words. */
const said = (error: unknown) =>
  error instanceof NoAnswer || error instanceof Refused
    ? error
    : new Error('The device gave no key. Try once more, or use the password.')

/** Has the device make a key for this account. */
export async function makeKey(base: string, name: string) {
  const optionsJSON = await ask('newKeyOptionsAnswer', `${base}/options`, { method: 'POST', body: {} })
  const response = await startRegistration({ optionsJSON }).catch((e: unknown) => Promise.reject(said(e)))
  await api(base, { method: 'POST', body: { name, response } })
}
/** Asks the device for a key. */
export async function givenKey() {
  const optionsJSON = await ask('keyOptionsAnswer', '/api/passkey/options', { method: 'POST', body: {} })
  return startAuthentication({ optionsJSON }).catch((e: unknown) => Promise.reject(said(e)))
}
/** Comes in by a key. @returns to what: a household, or a room */
export async function comeInByKey() {
  const response = await givenKey()
  return (await ask('passwordAnswer', '/api/passkey', { method: 'POST', body: { response } })).of
}
