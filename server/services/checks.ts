import { currentInstant } from '../clock'
import { addDays } from '../../core/record/day'
import type { Entry, Fact } from '../../core/record/entries'
import type { Profile } from '../../core/record/profile'
import { timeline } from '../../core/record/timeline'
import { isVisit } from '../../core/record/visits'
import { regionOf } from '../../core/coat/regions'
import { refuse } from '../access/refuse'

/** Earliest day a record reaches back to, before the day it began. */
const MOST_DAYS_BACK = 3650

/** The latest day it already is anywhere: an owner who travels east is not in the future. */
const latestToday = () => new Date(currentInstant().getTime() + 14 * 3_600_000).toISOString().slice(0, 10)

const regionsIn = (fact: Fact) =>
  fact.kind === 'check'
    ? [fact.region]
    : fact.kind === 'brush' || fact.kind === 'measure'
      ? fact.regions
      : fact.kind === 'visit'
        ? fact.found.map((f) => f.region)
        : []

/**
 * What the shape of an entry cannot say: its day has come, the dog has that place, and a correction
 * refers to something on file.
 * @throws 422 in words; nothing is added then
 */
export function checkEntries(profile: Profile, onFile: readonly Entry[], fresh: readonly Entry[]) {
  const today = latestToday()
  const known = new Set([...onFile, ...fresh].map((e) => e.id))
  for (const e of fresh) {
    if (e.day > today) throw refuse(422, `${e.day} has not come yet. An entry is of today or earlier.`)
    if (e.day < addDays(profile.since, -MOST_DAYS_BACK))
      throw refuse(422, `${e.day} is too long ago for this record.`)
    const fact = e.what.kind === 'correction' ? e.what.by : e.what
    if (e.what.kind === 'correction' && !known.has(e.what.replaces))
      throw refuse(422, 'The entry to correct is not on file.')
    for (const id of fact ? regionsIn(fact) : []) {
      if (profile.absent.includes(id))
        throw refuse(422, `${profile.name} has no such place: ${regionOf(id).label.toLowerCase()}.`)
    }
  }
}

/** A visit comes after the one before it. @throws 422 in words */
export function checkProfile(profile: Profile, entries: readonly Entry[]) {
  const visits = timeline(entries).filter((f) => isVisit(f.what))
  const last = visits.at(-1)?.day
  if (profile.nextVisit && last && profile.nextVisit <= last)
    throw refuse(422, `The next visit, ${profile.nextVisit}, comes before the last, ${last}.`)
}
