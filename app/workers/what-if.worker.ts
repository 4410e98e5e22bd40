import { expose } from 'comlink'
import type { DogRecord } from '#core/record/fold'
import { coatOn } from '#core/record/fold'
import { farthest, gameOf } from '#core/simulate/what-if'
import type { Question, Settings } from '#core/simulate/what-if'
import { playStretches, spreadOf } from '#core/simulate/stretches'
import type { Outcome, Spread } from '#core/simulate/stretches'

/** To play stretches as they are and as asked, then to ask backwards, a slice at a time. */
export interface WhatIfRequest {
  record: DogRecord
  at: string
  now: Settings
  asked: Settings
  runs: number
  surely: number
}
export type Played =
  | { kind: 'played'; which: 'now' | 'asked'; spread: Spread; share: number }
  | { kind: 'backwards'; question: Question; value: number | null }

const SLICE = 250
let newest = 0
const pause = () => new Promise((resolve) => setTimeout(resolve))

const work = {
  /**
   * A question asked later ends this one.
   * @param heard told each answer as it comes
   */
  async play({ record, at, now, asked, runs, surely }: WhatIfRequest, heard: (p: Played) => void) {
    const mine = ++newest
    const coat = coatOn(record, at)
    const same = JSON.stringify(now) === JSON.stringify(asked)
    const which = same ? (['now'] as const) : (['now', 'asked'] as const)
    let done = 0
    for (const w of which) {
      const game = gameOf(record, coat, at, w === 'now' ? now : asked)
      const parts: Outcome[] = []
      for (let from = 0; from < runs; from += SLICE) {
        await pause()
        if (newest !== mine) return
        parts.push(playStretches(game, from, Math.min(runs, from + SLICE)))
        done += SLICE
        heard({ kind: 'played', which: w, spread: spreadOf(parts), share: done / (runs * which.length) })
      }
    }
    for (const question of ['mm', 'weeks', 'minutes'] as const) {
      await pause()
      if (newest !== mine) return
      const value = farthest(record, coat, at, asked, question, surely)
      heard({ kind: 'backwards', question, value })
    }
  },
}
export type WhatIfWork = typeof work
expose(work)
