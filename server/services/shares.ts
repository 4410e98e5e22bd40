import { createHash, randomBytes } from 'node:crypto'
import { and, desc, eq, gt, isNull } from 'drizzle-orm'
import type { z } from 'zod'
import type { Share, shareBody } from '../../shared/api'
import type { LinkHolder } from '../access/authorise'
import { db } from '../db/client'
import { shares } from '../db/schema'

/** 256 bits; only its hash is kept, so a link that is lost is made anew. */
const TOKEN_BYTES = 32
const hashOf = (token: string) => createHash('sha256').update(token).digest()
const ofDog = (householdId: string, dogId: string) =>
  and(eq(shares.householdId, householdId), eq(shares.dogId, dogId))

/** Makes a link. @returns its token, shown this once */
export async function makeShare(householdId: string, dogId: string, form: z.output<typeof shareBody>) {
  const token = randomBytes(TOKEN_BYTES).toString('base64url')
  const expires = new Date(Date.now() + form.days * 86_400_000)
  const [row] = await db()
    .insert(shares)
    .values({
      householdId,
      dogId,
      id: form.id,
      tokenHash: hashOf(token),
      scope: form.scope,
      groomer: form.groomer,
      expires,
    })
    .onConflictDoNothing()
    .returning({ id: shares.id })
  return row ? { token, expires: expires.toISOString() } : null
}

/** Closes a link. @returns false when there is no such link */
export async function revokeShare(householdId: string, dogId: string, id: string) {
  const rows = await db()
    .update(shares)
    .set({ revoked: new Date() })
    .where(and(ofDog(householdId, dogId), eq(shares.id, id)))
    .returning({ id: shares.id })
  return rows.length > 0
}

export async function sharesOf(householdId: string, dogId: string): Promise<Share[]> {
  const rows = await db().select().from(shares).where(ofDog(householdId, dogId)).orderBy(desc(shares.created))
  return rows.map((r) => ({
    id: r.id,
    groomer: r.groomer,
    scope: r.scope,
    created: r.created.toISOString(),
    expires: r.expires.toISOString(),
    revoked: r.revoked?.toISOString() ?? null,
    lastOpened: r.lastOpened?.toISOString() ?? null,
  }))
}

/** The holder of a live link, and a note of when it was last opened; null for a dead or guessed one. */
export async function openShare(token: string): Promise<LinkHolder | null> {
  const now = new Date()
  const [row] = await db()
    .update(shares)
    .set({ lastOpened: now })
    .where(and(eq(shares.tokenHash, hashOf(token)), isNull(shares.revoked), gt(shares.expires, now)))
    .returning()
  if (!row) return null
  const { householdId, dogId, groomer, scope, expires } = row
  return { kind: 'link', shareId: row.id, householdId, dogId, groomer, scope, expires }
}
