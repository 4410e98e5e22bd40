import { and, desc, eq, gt, inArray, isNotNull, isNull } from 'drizzle-orm'
import { sayAnswer, sayWish } from '../../core/care/note/wish-words'
import { daysBetween } from '../../core/record/day'
import type { Day } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { sayProposed } from '../../core/record/next-visit'
import { dayAndMonth, weekdayName } from '../../core/record/say-day'
import { whereLabel } from '../../core/record/wishes'
import { SCOPES } from '../../shared/limits'
import type { Scope } from '../../shared/limits'
import { todayIn } from './today-in'
import type { Note } from '../../shared/answers'
import { currentInstant } from '../clock'
import type { Tx } from '../db/client'
import { accounts, dogs, shares } from '../db/schema'
import { post, site, standingOf } from './letters'
import { groomersById } from './groomers'
import type { Posted } from './letters'
import type { NewNote } from './notes'

async function nameOf(tx: Tx, householdId: string, dogId: string) {
  const [row] = await tx
    .select({ profile: dogs.profile })
    .from(dogs)
    .where(and(eq(dogs.householdId, householdId), eq(dogs.id, dogId)))
  return row?.profile.name ?? 'the dog'
}

/** A note goes by mail too, to whoever on the other side has not said otherwise. */
export async function mailNote(tx: Tx, note: NewNote) {
  const dog = await nameOf(tx, note.householdId, note.dogId)
  await mailOtherSide(tx, note, {
    dog,
    subject: `${dog}: a note from ${note.authorName}`,
    says: [note.body],
    scopes: SCOPES,
  })
}

/**
 * What passes between owner and groomer as entries, a sentence each, for a letter: a wish, its answer, days, a visit moved
 * or called off. What was told of a day long past is only brought up to date, and goes to nobody.
 */
function wordsOf({ day, what }: Entry, dog: string, side: Note['author'], today: Day) {
  if (Math.abs(daysBetween(day, today)) > WORDS_FRESH_DAYS) return null
  const more = (says: string, scopes: readonly Scope[] = SCOPES) => ({ says, scopes })
  if (side === 'owner') {
    // Whoever reads the notes alone is told of no coat.
    if (what.kind === 'wish')
      return more(`What we would like of ${dog}’s next cut: ${sayWish(what.lines)}.`, COAT_SCOPES)
    if (what.kind === 'wish-taken')
      return more(`What you answered to the wish is taken: so it is agreed.`, COAT_SCOPES)
    if (what.kind === 'dog' && what.nextVisit !== undefined)
      return more(
        what.nextVisit
          ? `${dog} comes on ${weekdayName(what.nextVisit)} ${dayAndMonth(what.nextVisit)}.`
          : `${dog}’s visit is called off.`,
      )
    return null
  }
  if (what.kind === 'wish-answer')
    return more(
      `To what you would like: ${what.lines.map((l) => `${whereLabel(l).toLowerCase()} ${sayAnswer(l)}`).join('; ')}.`,
    )
  return what.kind === 'proposed' ? more(`${sayProposed(what, dog)}.`) : null
}
const MAILED: readonly Entry['what']['kind'][] = ['wish', 'wish-taken', 'dog', 'wish-answer', 'proposed']
/** Told within so many days of its day it is news (judgement). */
const WORDS_FRESH_DAYS = 2
const COAT_SCOPES = SCOPES.filter((s) => s !== 'note')

/** A letter of what was entered that the other side should hear of before it next opens the page. */
export async function mailWords(
  tx: Tx,
  from: {
    householdId: string
    dogId: string
    author: Note['author']
    authorName: string
    groomerId?: string
  },
  entries: readonly Entry[],
) {
  const today = todayIn('UTC')
  const told = entries.filter((e) => MAILED.includes(e.what.kind))
  if (!told.length) return
  const dog = await nameOf(tx, from.householdId, from.dogId)
  for (const entry of told) {
    const words = wordsOf(entry, dog, from.author, today)
    if (!words) continue
    await mailOtherSide(tx, from, {
      dog,
      subject: `${dog}: a word from ${from.authorName}`,
      says: [words.says],
      scopes: words.scopes,
    })
  }
}

async function mailOtherSide(
  tx: Tx,
  { householdId, dogId, author, groomerId }: Pick<NewNote, 'householdId' | 'dogId' | 'author' | 'groomerId'>,
  { dog, subject, says, scopes }: { dog: string; subject: string; says: string[]; scopes: readonly Scope[] },
) {
  const letter = { kind: 'note' as const, subject }
  if (author === 'groomer') {
    const owners = await tx
      .select({ email: accounts.email })
      .from(accounts)
      .where(
        and(
          eq(accounts.householdId, householdId),
          eq(accounts.role, 'owner'),
          eq(accounts.mailNotes, true),
          isNotNull(accounts.claimed),
          isNull(accounts.removed),
        ),
      )
    for (const { email } of owners)
      await post(tx, {
        ...letter,
        householdId,
        groomerId: groomerId ?? null,
        recipient: email,
        says,
        link: { words: `${dog}’s thread`, address: `${site()}/dogs/${dogId}/groomer` },
      })
    return
  }
  for (const to of await groomersOf(tx, householdId, dogId, scopes))
    await post(tx, {
      ...letter,
      householdId,
      recipient: to.email,
      says: [...says, ...to.says],
      link: to.link,
    })
}

/** Where a dog's groomers have their mail: those with a room, and those whose address the owner gave. */
async function groomersOf(tx: Tx, householdId: string, dogId: string, scopes: readonly Scope[]) {
  const now = currentInstant()
  const rows = await tx
    .select({ share: shares.id, given: shares.email, groomerId: shares.groomerId })
    .from(shares)
    .where(
      and(
        eq(shares.householdId, householdId),
        eq(shares.dogId, dogId),
        inArray(shares.scope, [...scopes]),
        isNull(shares.revoked),
        gt(shares.expires, now),
      ),
    )
    .orderBy(desc(shares.created))
  const rooms = await groomersById(
    rows.map((r) => r.groomerId),
    tx,
  )
  const byAddress = new Map<
    string,
    { email: string; says: string[]; link?: { words: string; address: string } }
  >()
  for (const r of rows) {
    const own = rooms.get(r.groomerId ?? '')
    const email = own?.email ?? r.given
    if (!email || (own && !(own.claimed && own.mailNotes)) || byAddress.has(email)) continue
    byAddress.set(email, {
      email,
      says: own ? [] : ['The link you were given opens the thread; answer there.'],
      ...(own ? { link: { words: 'Open it in your room', address: `${site()}/room/${r.share}` } } : {}),
    })
  }
  return [...byAddress.values()]
}

/** The first letter to a groomer, with the link itself. It goes only from an owner whose own address is confirmed. */
export async function mailInvitation(
  tx: Tx,
  share: {
    householdId: string
    dogId: string
    groomer: string
    email: string
    owner: { name: string; email: string; claimed: boolean }
    token: string
    code: string
  },
): Promise<Posted | 'own-not-confirmed'> {
  const { groomer, owner } = share
  if (!owner.claimed || !(await standingOf(tx, owner.email)).confirmed) return 'own-not-confirmed'
  const dog = await nameOf(tx, share.householdId, share.dogId)
  return post(tx, {
    kind: 'invitation',
    householdId: share.householdId,
    recipient: share.email,
    subject: `${dog}’s coat, from ${owner.name}`,
    says: [
      `${groomer}, ${owner.name} shares ${dog}’s coat with you: what was combed, what was found, and how ${dog} should arrive.`,
      `The link opens with no account. To keep ${dog} in a room of yours, use the code ${share.code.replace(/(.{4})(?=.)/g, '$1-')}.`,
      `Notes about ${dog} come by mail once you say so, on the page at the very end of this letter.`,
    ],
    link: { words: `Open ${dog}’s page`, address: `${site()}/l/${share.token}` },
  })
}
