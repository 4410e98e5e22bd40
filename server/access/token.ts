import { createHash, randomBytes, randomInt } from 'node:crypto'

/** 256 bits; only the hash is kept, so that a token that is lost is made anew. */
const TOKEN_BYTES = 32
export const newToken = () => randomBytes(TOKEN_BYTES).toString('base64url')
export const hashOf = (token: string) => createHash('sha256').update(token).digest()

/** Letters and figures that are not taken for one another when read out. */
const CODE_LETTERS = 'ABCDEFGHJKMNPQRSTVWXYZ23456789'
const CODE_LENGTH = 12
/** A code to be said or written down: about 58 bits, it serves once and guesses are rationed. */
export const newCode = () =>
  Array.from({ length: CODE_LENGTH }, () => CODE_LETTERS[randomInt(CODE_LETTERS.length)]).join('')
/** As it was typed, without the spaces and dashes it is shown with. */
export const plainCode = (typed: string) => typed.toUpperCase().replace(/[\s-]/g, '')
