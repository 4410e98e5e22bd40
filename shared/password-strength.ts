import { ZxcvbnFactory } from '@zxcvbn-ts/core'
import { adjacencyGraphs, dictionary } from '@zxcvbn-ts/language-common'

/** Passwords that stand in the lists of those used most and leaked, and what is next to them, are tried first. */
let meter: ZxcvbnFactory | undefined
/** Fewer guesses than these, as a power of ten, and whoever has a leaked hash has the password (judgement). */
const LEAST_GUESSES = 6
const HARD_GUESSES = 10

export interface Strength {
  /** Too easily guessed to be let. */
  weak: boolean
  says: string
}
/**
 * How well a password holds off guessing, from lists that ship with us: nothing of it leaves the device or the call.
 * @param own what is known of whose it is and is guessed first: name, address
 */
export function strengthOf(password: string, own: readonly string[] = []): Strength {
  meter ??= new ZxcvbnFactory({ dictionary, graphs: adjacencyGraphs })
  const known = own.flatMap((o) => [o, ...o.split(/[@.\s]+/)]).filter((o) => o.length > 2)
  const { guessesLog10 } = meter.check(password.slice(0, 100), known)
  if (guessesLog10 < LEAST_GUESSES)
    return {
      weak: true,
      says: 'This one is among the first that are tried. Four words that do not belong together do well.',
    }
  return guessesLog10 < HARD_GUESSES
    ? { weak: false, says: 'It holds off guessing for a while; a word more would do better.' }
    : { weak: false, says: 'Hard to guess.' }
}
