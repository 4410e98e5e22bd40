import { and, asc, eq } from 'drizzle-orm'
import type { Passkey } from '../../shared/answers'
import { whoseColumns, whoseOf } from '../access/whose'
import type { Whose } from '../access/whose'
import { currentInstant } from '../clock'
import { db, inTransaction } from '../db/client'
import { passkeys } from '../db/schema'
import { isWhose } from '../db/whose'
import { tell } from './own-account'

/** Keys that devices hold in place of a password: what is kept of each is its public half. */

const of = (whose: Whose) => isWhose(whose, passkeys)

export async function passkeysOf(whose: Whose): Promise<Passkey[]> {
  const rows = await db().select().from(passkeys).where(of(whose)).orderBy(asc(passkeys.created))
  return rows.map((k) => ({
    id: k.id,
    name: k.name,
    since: k.created.toISOString(),
    lastUsed: k.lastUsed?.toISOString() ?? null,
  }))
}

/** @returns false where that key is there already */
export const addPasskey = (
  whose: Whose,
  recipient: string,
  key: { id: string; publicKey: Uint8Array; counter: number; name: string },
) =>
  inTransaction(async (tx) => {
    const rows = await tx
      .insert(passkeys)
      .values({ ...key, publicKey: Buffer.from(key.publicKey), ...whoseColumns(whose) })
      .onConflictDoNothing()
      .returning({ id: passkeys.id })
    if (rows.length) await tell(tx, whose, recipient, `It has a key more to come in by: ${key.name}.`)
    return rows.length > 0
  })

export async function removePasskey(whose: Whose, id: string) {
  const rows = await db()
    .delete(passkeys)
    .where(and(of(whose), eq(passkeys.id, id)))
    .returning({ id: passkeys.id })
  return rows.length > 0
}

export async function findPasskey(id: string) {
  const [row] = await db().select().from(passkeys).where(eq(passkeys.id, id))
  const whose = row && whoseOf(row)
  return whose ? { whose, publicKey: new Uint8Array(row.publicKey), counter: row.counter } : null
}
export const usedPasskey = (id: string, counter: number) =>
  db().update(passkeys).set({ counter, lastUsed: currentInstant() }).where(eq(passkeys.id, id))
