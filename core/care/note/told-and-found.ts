import { heldOf, likelyCount } from '../../learn/counts'
import { TEASE_MINUTES } from '../../coat/minutes'
import type { Day } from '../../record/day'
import { matsIn } from '../../record/findings'
import { coatOn } from '../../record/fold'
import type { DogRecord } from '../../record/fold'
import { chanceOfAnyMat } from '../../record/odds'
import { timeline } from '../../record/timeline'
import { endsStretch } from '../../record/visits'

/** What was told of a visit just before it, from the record as it then stood, and what was found. */
export interface ToldAndFound {
  day: Day
  by: string | null
  /** Mats on average, and the chance of any; the fewest and most that four in five come to. */
  told: { mats: number; any: number; low: number; high: number }
  /** Mats that were found, and what they usually take, minutes. */
  found: { mats: number; minutes: number }
}

/** Visits looked back on, the last of them: each is worked out from the record as it stood (judgement). */
const LAST = 6
/**
 * The last visits that told what they found, oldest first, each with what had been told of it. Nothing written after a
 * visit changes what was told before it.
 */
export function toldAndFound(record: DogRecord, at: Day): ToldAndFound[] {
  const visits = timeline(record.entries).filter(
    (f) => f.day <= at && endsStretch(f.what) && f.what.kind === 'visit' && f.what.found.length > 0,
  )
  return visits.slice(-LAST).flatMap(({ id, day, what }): ToldAndFound[] => {
    if (what.kind !== 'visit') return []
    // What was written on a later day, or later that day, was not known.
    const entries = record.entries.filter((e) => e.id < id && e.day <= day)
    const before = coatOn({ ...record, entries }, day)
    // The first visit of a record had nothing told of it.
    if (!entries.length) return []
    let [mean, variance] = [0, 0]
    for (const p of before.places) {
      const { rate, unseen, left } = p
      const unmet = heldOf([{ rate, expected: unseen[2] }])
      mean += unmet.mean
      variance += unmet.variance
      for (const l of left) {
        mean += l.count * l.stages[2]
        variance += l.count * l.stages[2] * (1 - l.stages[2])
      }
    }
    const [low, high] = likelyCount({ mean, variance })
    const mats = what.found.reduce((sum, f) => sum + matsIn(f), 0)
    return [
      {
        day,
        by: what.by ?? null,
        told: { mats: mean, any: chanceOfAnyMat(before.places), low, high },
        found: { mats, minutes: mats * TEASE_MINUTES.mat },
      },
    ]
  })
}

/** What many visits come to: how far they can be trusted. */
export interface Trust {
  visits: number
  told: number
  found: number
  /** Of them, those whose count lay between the fewest and the most told. */
  within: number
}
export const trustIn = (met: readonly ToldAndFound[]): Trust => ({
  visits: met.length,
  told: met.reduce((sum, m) => sum + m.told.mats, 0),
  found: met.reduce((sum, m) => sum + m.found.mats, 0),
  within: met.filter((m) => m.found.mats >= m.told.low && m.found.mats <= m.told.high).length,
})
