import { and, inArray, sql } from 'drizzle-orm'
import { v7 as uuid } from 'uuid'
import type { Day } from '../../core/record/day'
import { entrySchema } from '../../core/record/entries'
import type { Entry, Fact } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { madeAt } from '../../core/record/timeline'
import { differs, withoutDays } from '../../core/record/told-anew'
import { profileOn } from '../../core/record/truths'
import type { EntriesAnswer, RefusedEntry } from '../../shared/answers'
import type { Member } from '../access/authorise'
import { refuse, refuseFor } from '../access/refuse'
import { currentInstant } from '../clock'
import { inTransaction } from '../db/client'
import type { Db, Tx } from '../db/client'
import { dogs, entries } from '../db/schema'
import { checkBegin, checkEntries, checkProfile, problemWith, referredTo } from './checks'
import { mailWords } from './note-mail'
import { entriesOfKinds, ofDog, oneDog, visitsOf } from './dogs'

/** What is written of a dog: the dog itself, what becomes true of it, and what happened. */

/** Adds a dog with its first entries. Adding the same one twice changes nothing. */
export async function addDog(
  householdId: string,
  authorId: string,
  dog: { id: string; profile: Profile; entries: Entry[] },
) {
  checkBegin(dog.profile)
  checkEntries(dog.profile, [], dog.entries)
  // A visit that was booked when the record began may be long over.
  checkProfile(profileOn(dog.profile, dog.entries), dog.entries)
  await inTransaction(async (tx) => {
    const [row] = await tx
      .insert(dogs)
      .values({ householdId, id: dog.id, profile: dog.profile })
      .onConflictDoNothing()
      .returning({ id: dogs.id })
    if (row) await insert(tx, householdId, dog.id, authorId, dog.entries)
  })
}

/**
 * Tells of a dog anew. What has its day (its weight, its week, its visit) becomes true today, as an entry: the
 * past keeps the values of its own days. The rest is as it is told.
 */
export async function changeProfile(
  householdId: string,
  dogId: string,
  author: Pick<Member, 'accountId' | 'name'>,
  today: Day,
  profile: Profile,
) {
  checkProfile(profile, await visitsOf(householdId, dogId))
  await inTransaction(async (tx) => {
    const told = await tellOf(tx, householdId, dogId, author.accountId, today, profile)
    await mailWords(tx, { householdId, dogId, author: 'owner', authorName: author.name }, told)
  })
}

/** The same as part of something larger: what has its day becomes true on this one. @returns what was told so */
export async function tellOf(
  tx: Tx,
  householdId: string,
  dogId: string,
  authorId: string,
  day: Day,
  profile: Profile,
): Promise<Entry[]> {
  const [before] = await tx.select().from(dogs).where(oneDog(householdId, dogId)).for('update')
  if (!before) throw refuse(404, 'There is nothing here.')
  if (before.profile.since !== profile.since) checkBegin(profile)
  // What has no day is told as it is now, of the dog now and of the dog then.
  await tx
    .update(dogs)
    .set({
      profile: withoutDays(before.profile, profile),
      ...(before.began ? { began: withoutDays(before.began, profile) } : {}),
      changed: currentInstant(),
      version: oneMore,
    })
    .where(oneDog(householdId, dogId))
  const what = differs(before.profile, profile)
  const told = what ? [{ id: uuid(), day, what }] : []
  await insert(tx, householdId, dogId, authorId, told)
  return told
}

/** Of these ids, the ones on file. */
async function onFile(at: Db | Tx, householdId: string, dogId: string, ids: readonly string[]) {
  if (!ids.length) return []
  const rows = await at
    .select({ id: entries.id })
    .from(entries)
    .where(and(ofDog(householdId, dogId), inArray(entries.id, [...ids])))
  return rows.map((r) => r.id)
}

const corrects = (e: Entry) => e.what.kind === 'correction'
/** What an entry is called, for one that could not be read. */
const idIn = (raw: unknown) =>
  raw && typeof raw === 'object' && 'id' in raw && typeof raw.id === 'string' ? raw.id : ''

/** What is for a dog's owner to say: what is true of it, and what passes between them and its groomer. */
const OWNERS = {
  dog: 'What is true of the dog is for its owner to change.',
  wish: 'What is wished of the groomer is for the owner to say.',
  'wish-answer': 'What the groomer said is not for others to write.',
  'wish-taken': 'What is wished of the groomer is for the owner to say.',
  proposed: 'What the groomer said is not for others to write.',
} as const satisfies Partial<Record<Fact['kind'], string>>
type OwnersKind = keyof typeof OWNERS
const isOwners = (kind: string): kind is OwnersKind => kind in OWNERS
/** What becomes true of the dog: told as such, or by a visit that says what works on it. */
const tellsOfDog = (what: Fact): boolean => what.kind === 'dog' || (what.kind === 'visit' && !!what.works)

/** Of what is corrected here, what was the owner's to say, and its kind. */
async function ownersOf(at: Tx, householdId: string, dogId: string, read: readonly Entry[]) {
  const ids = referredTo(read)
  if (!ids.length) return new Map<string, OwnersKind>()
  const rows = await at
    .select({ id: entries.id, kind: entries.kind })
    .from(entries)
    .where(
      and(
        ofDog(householdId, dogId),
        inArray(entries.id, ids),
        inArray(entries.kind, Object.keys(OWNERS) as OwnersKind[]),
      ),
    )
  return new Map(rows.map((r) => [r.id, r.kind as OwnersKind]))
}
/** Why this is not for another than the owner to write; null where it is. */
function notTheirs({ what }: Entry, said: ReadonlyMap<string, OwnersKind>): string | null {
  const fact = what.kind === 'correction' ? what.by : what
  if (fact && tellsOfDog(fact)) return OWNERS.dog
  const kind =
    what.kind !== 'correction'
      ? what.kind
      : what.by && isOwners(what.by.kind)
        ? what.by.kind
        : (said.get(what.replaces) ?? '')
  return isOwners(kind) ? OWNERS[kind] : null
}

/**
 * Adds what it can of what was sent; those already there stay as they were. Only what the entries refer
 * to is read, and posts to one record do not wait for one another.
 * @throws 422 in the words of the first where none could be taken
 */
export async function addEntries(
  householdId: string,
  dogId: string,
  author: Pick<Member, 'accountId' | 'role' | 'name'>,
  sent: readonly unknown[],
): Promise<EntriesAnswer> {
  const refused: RefusedEntry[] = []
  const read = sent.flatMap((raw): Entry[] => {
    const parsed = entrySchema.safeParse(raw)
    if (parsed.success) return [parsed.data]
    refused.push({ id: idIn(raw), code: 'wrong', says: refuseFor(parsed.error).message })
    return []
  })
  const taken = await inTransaction(async (tx) => {
    const [dog] = await tx
      .select({ profile: dogs.profile })
      .from(dogs)
      .where(oneDog(householdId, dogId))
      .for('key share')
    if (!dog) throw refuse(404, 'There is nothing here.')
    const known = new Set(await onFile(tx, householdId, dogId, referredTo(read)))
    const owners = author.role === 'owner' ? null : await ownersOf(tx, householdId, dogId, read)
    // What is corrected comes before what corrects it: an entry that was refused is not on file.
    const inOrder = [...read].sort(
      (a, b) => Number(corrects(a)) - Number(corrects(b)) || (madeAt(a) < madeAt(b) ? -1 : 1),
    )
    const good = inOrder.filter((e) => {
      const theirs = owners && notTheirs(e, owners)
      const problem = theirs ? ({ code: 'wrong', says: theirs } as const) : problemWith(dog.profile, known, e)
      if (problem) refused.push({ id: e.id, ...problem })
      else known.add(e.id)
      return !problem
    })
    const added = new Set(await insert(tx, householdId, dogId, author.accountId, good))
    await mailWords(
      tx,
      { householdId, dogId, author: 'owner', authorName: author.name },
      good.filter((e) => added.has(e.id)),
    )
    return good.map((e) => e.id)
  })
  if (!taken.length) throw refuse(422, refused[0]!.says, { refused, now: currentInstant().toISOString() })
  return { taken, refused, now: currentInstant().toISOString() }
}

/** The same as part of something larger, all or nothing. The dog's row is held. @returns its profile as it was, and the ids that were new */
export async function insertEntries(
  tx: Tx,
  householdId: string,
  dogId: string,
  authorId: string,
  fresh: Entry[],
) {
  const [dog] = await tx
    .select({ profile: dogs.profile })
    .from(dogs)
    .where(oneDog(householdId, dogId))
    .for('update')
  if (!dog) throw refuse(404, 'There is nothing here.')
  checkEntries(dog.profile, await onFile(tx, householdId, dogId, referredTo(fresh)), fresh)
  return { profile: dog.profile, added: await insert(tx, householdId, dogId, authorId, fresh) }
}

/** A record's next version: every change of it takes one. */
const oneMore = sql`${dogs.version} + 1`

/** Entries come with the record's next version. Its row is held until they are there, so that none is ever late. */
async function insert(tx: Tx, householdId: string, dogId: string, authorId: string, fresh: Entry[]) {
  if (!fresh.length) return []
  const [dog] = await tx
    .update(dogs)
    .set({ version: oneMore })
    .where(oneDog(householdId, dogId))
    .returning({ version: dogs.version, profile: dogs.profile, began: dogs.began })
  if (!dog) throw refuse(404, 'There is nothing here.')
  // One list, taken apart by the database: as rows of parameters, Drizzle took a tenth of the call to word it (measured).
  const { rows } = await tx.execute<{ id: string }>(sql`
    insert into ${entries} (household_id, dog_id, id, day, kind, entry, author_id, received, version)
    select ${householdId}::uuid, ${dogId}::uuid, (e ->> 'id')::uuid, (e ->> 'day')::date, e -> 'what' ->> 'kind', e,
      ${authorId}::uuid, ${currentInstant()}, ${dog.version}::bigint
    from jsonb_array_elements(${JSON.stringify(fresh)}::jsonb) as e
    on conflict do nothing
    returning id`)
  const tells = ({ what }: Entry) =>
    what.kind === 'correction' ? !!dog.began || (!!what.by && tellsOfDog(what.by)) : tellsOfDog(what)
  if (fresh.some(tells)) await standAnew(tx, householdId, dogId, dog)
  return rows.map((r) => r.id)
}

/** Something became true of a dog, or was taken back: as it is now is worked out from its entries. */
async function standAnew(
  tx: Tx,
  householdId: string,
  dogId: string,
  { profile, began }: Pick<typeof dogs.$inferSelect, 'profile' | 'began'>,
) {
  const first = began ?? profile
  const told = await entriesOfKinds(tx, householdId, dogId, ['dog', 'visit'])
  await tx
    .update(dogs)
    .set({ began: first, profile: profileOn(first, told) })
    .where(oneDog(householdId, dogId))
}
