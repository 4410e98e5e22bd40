import { expose } from 'comlink'
import type { Day } from '#core/record/day'
import type { DogRecord } from '#core/record/fold'
import { driftOf, groupsOf, scored, scoreOf } from '#core/record/score'

/** How right the forecast was, worked out away from the page: it goes over the whole record. */
const work = {
  score(record: DogRecord, at: Day) {
    const all = scored(record, (record.began ?? record.profile).since, at)
    const ends = [...all.began.slice(1), null]
    const began = all.began.at(-1) ?? record.profile.since
    return {
      score: scoreOf(all),
      groups: groupsOf(all.checks),
      drift: driftOf(all.sittings, began),
      /** Stretch by stretch, the running one last. */
      stretches: all.began.flatMap((from, i) => {
        const of = <T extends { day: Day }>(list: readonly T[]) =>
          list.filter((x) => x.day >= from && (!ends[i] || x.day < ends[i]))
        const score = scoreOf({ checks: of(all.checks), sittings: of(all.sittings) })
        return score ? [{ from, score }] : []
      }),
    }
  },
}
export type ScoreWork = typeof work
export type ScoreTold = ReturnType<ScoreWork['score']>
expose(work)
