import { hash, verify } from '@node-rs/argon2'
import { randomUUID } from 'node:crypto'

/** Argon2id at the cost OWASP's password storage sheet names: 19 MiB, two passes, one lane. */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 }
/** Verified against when no such account exists, so that both answers take as long. */
let nobody: Promise<string> | undefined

export const hashPassword = (password: string) => hash(password, COST)

/** @param stored undefined where there is no such account */
async function verifyPassword(stored: string | undefined, password: string) {
  return verify(stored ?? (await (nobody ??= hash(randomUUID(), COST))), password)
}

/** Which of several accounts of one address a password goes with, tried side by side; one is tried where there is none. */
export async function whichOpens<T extends { passwordHash: string }>(
  accounts: readonly T[],
  password: string,
): Promise<T | null> {
  const right = await Promise.all(
    (accounts.length ? accounts : [undefined]).map((a) => verifyPassword(a?.passwordHash, password)),
  )
  return accounts.find((_, i) => right[i]) ?? null
}
