import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto'
import { secrets } from './secrets'

/** 256 bits; only the hash is kept, so that a token that is lost is made anew. */
const TOKEN_BYTES = 32
export const newToken = () => randomBytes(TOKEN_BYTES).toString('base64url')
export const hashOf = (token: string) => createHash('sha256').update(token).digest()

/** Letters and figures that are not taken for one another when read out. */
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789'
const CODE_LENGTH = 12
/** A code to be said or written down: about 58 bits, it serves once and guesses are rationed. */
export const codeFrom = (bits: Buffer) =>
  Array.from(
    { length: CODE_LENGTH },
    (_, i) => CODE_LETTERS[bits.readUInt16BE(2 * i) % CODE_LETTERS.length],
  ).join('')
/** As it was typed, without the spaces and dashes it is shown with. */
export const plainCode = (typed: string) => typed.toUpperCase().replace(/[\s-]/g, '')

/** What only this service can say of a text, for one purpose: 256 bits keyed by its secret. */
export const keyed = (purpose: string, text: string, secret = secrets()[0]): Buffer =>
  createHmac('sha256', secret).update(`${purpose}\n${text}`).digest()
/** Whether this service said that, by the secret it has or one it had. */
export const isKeyed = (purpose: string, text: string, proof: Buffer) =>
  secrets().some((secret) => hashEqual(keyed(purpose, text, secret), proof))
const hashEqual = (a: Buffer, b: Buffer) => a.length === b.length && timingSafeEqual(a, b)
