import { addDays } from '../../core/record/day'
import type { Entry, Fact } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { timeline } from '../../core/record/timeline'
import { isVisit } from '../../core/record/visits'
import { regionOf } from '../../core/coat/regions'
import type { RefusedEntry } from '../../shared/answers'
import { refuse } from '../access/refuse'
import { currentInstant } from '../clock'

/** Earliest day a record reaches back to, before the day it began. */
const MOST_DAYS_BACK = 3650

/** A device's clock may be a little ahead of ours without its day being wrong, ms (judgement). */
const CLOCK_SLACK_MS = 5 * 60_000
/** The latest day it already is anywhere: an owner who travels east is not in the future. */
const latestToday = () =>
  new Date(currentInstant().getTime() + 14 * 3_600_000 + CLOCK_SLACK_MS).toISOString().slice(0, 10)

const regionsIn = (fact: Fact) =>
  fact.kind === 'check'
    ? [fact.region]
    : fact.kind === 'brush' || fact.kind === 'measure'
      ? fact.regions
      : fact.kind === 'visit'
        ? fact.found.map((f) => f.region)
        : []

/** What of a record on file entries refer to: those they correct. */
export const referredTo = (entries: readonly Entry[]): string[] =>
  entries.flatMap((e) => (e.what.kind === 'correction' ? [e.what.replaces] : []))

/**
 * What the shape of an entry cannot say: its day has come, the dog has that place, and a correction
 * refers to something on file.
 * @param known ids on file, and those that come along
 * @returns null where nothing is wrong
 */
export function problemWith(
  profile: Profile,
  known: ReadonlySet<string>,
  e: Entry,
): Pick<RefusedEntry, 'code' | 'says'> | null {
  const is = (code: RefusedEntry['code'], says: string) => ({ code, says })
  if (e.day > latestToday())
    return is('not-come-yet', `${e.day} has not come yet. An entry is of today or earlier.`)
  if (e.day < addDays(profile.since, -MOST_DAYS_BACK))
    return is('wrong', `${e.day} is too long ago for this record.`)
  if (e.what.kind === 'correction' && !known.has(e.what.replaces))
    return is('wrong', 'The entry to correct is not on file.')
  const fact = e.what.kind === 'correction' ? e.what.by : e.what
  if (fact?.kind === 'dog' && fact.nextVisit && fact.nextVisit < e.day)
    return is('wrong', `The next visit, ${fact.nextVisit}, comes before the day it was told, ${e.day}.`)
  for (const id of fact ? regionsIn(fact) : [])
    if (profile.absent.includes(id))
      return is('wrong', `${profile.name} has no such place: ${regionOf(id).label.toLowerCase()}.`)
  return null
}

/** All of these, or none. @throws 422 in the words of the first that is wrong */
export function checkEntries(profile: Profile, onFile: readonly string[], fresh: readonly Entry[]) {
  const known = new Set([...onFile, ...fresh.map((e) => e.id)])
  for (const e of fresh) {
    const problem = problemWith(profile, known, e)
    if (problem) throw refuse(422, problem.says)
  }
}

/** A record begins in the last ten years: that is as far as anything looks back. @throws 422 in words */
export function checkBegin({ since }: Profile) {
  if (since > latestToday()) throw refuse(422, 'A record begins today or earlier.')
  if (since < addDays(latestToday(), -MOST_DAYS_BACK))
    throw refuse(422, 'A record begins ten years ago at the earliest.')
}

/** A visit comes after the one before it. @throws 422 in words */
export function checkProfile(profile: Profile, entries: readonly Entry[]) {
  const visits = timeline(entries).filter((f) => isVisit(f.what))
  const last = visits.at(-1)?.day
  if (profile.nextVisit && last && profile.nextVisit <= last)
    throw refuse(422, `The next visit, ${profile.nextVisit}, comes before the last, ${last}.`)
}
