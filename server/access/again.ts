import type { H3Event } from 'h3'
import type { z } from 'zod'
import type { againBody } from '../../shared/api'
import { isPassword } from '../services/own-account'
import { prove } from '../services/sessions'
import type { Groomer, Member } from './authorise'
import { whoseKey } from './passkey'
import { refuse } from './refuse'
import { tryToSignIn } from './tries'
import { sameAccount, whoseIs } from './whose'

/** Somebody says once more who they are, before what cannot be taken back. Guesses count as they do at the door. */
export async function sayAgain(
  event: H3Event,
  visitor: Member | Groomer,
  { password, passkey }: z.output<typeof againBody>,
) {
  const whose = whoseIs(visitor)
  if (passkey) {
    const holder = await whoseKey(event, passkey)
    if (!sameAccount(holder, whose)) throw refuse(401, 'That key is of another account.')
    await prove(whose, visitor.sessionId)
    return { ok: true }
  }
  await mustKnow(event, visitor, password ?? '', 'password')
  await prove(whose, visitor.sessionId)
  return { ok: true }
}

/** Guesses at the password of whoever is signed in count as they do at the door. @throws 422 at its field, 429 */
export async function mustKnow(event: H3Event, visitor: Member | Groomer, password: string, field: string) {
  const whose = whoseIs(visitor)
  const right = await tryToSignIn(event, whose.realm, visitor.email, async () =>
    (await isPassword(whose, password)) ? whose : null,
  )
  if (!right) throw refuse(422, NOT_IT, { fields: { [field]: NOT_IT } })
}
const NOT_IT = 'That is not the password.'
