import type { DogRecord } from '#core/record/fold'
import { coatOn } from '#core/record/fold'
import { farthest, gameOf } from '#core/simulate/what-if'
import type { Question, Settings } from '#core/simulate/what-if'
import { playStretches, spreadOf } from '#core/simulate/stretches'
import type { Outcome, Spread } from '#core/simulate/stretches'

/** Plays stretches as they are and as asked, then asks backwards, a slice at a time. */
export interface WhatIfRequest {
  n: number
  record: DogRecord
  at: string
  now: Settings
  asked: Settings
  runs: number
  surely: number
}
export type WhatIfAnswer =
  | { n: number; kind: 'played'; which: 'now' | 'asked'; spread: Spread; done: number; of: number }
  | { n: number; kind: 'backwards'; question: Question; value: number | null }
  | { n: number; kind: 'finished' | 'failed' }

const SLICE = 250
let newest = 0
const pause = () => new Promise((resolve) => setTimeout(resolve))

self.onmessage = ({ data }: MessageEvent<WhatIfRequest>) =>
  work(data).catch(() => self.postMessage({ n: data.n, kind: 'failed' } satisfies WhatIfAnswer))

async function work(data: WhatIfRequest) {
  const { n, record, at, now, asked, runs, surely } = data
  newest = n
  const coat = coatOn(record, at)
  const same = JSON.stringify(now) === JSON.stringify(asked)
  const which = same ? (['now'] as const) : (['now', 'asked'] as const)
  let done = 0
  for (const w of which) {
    const game = gameOf(record, coat, at, w === 'now' ? now : asked)
    const parts: Outcome[] = []
    for (let from = 0; from < runs; from += SLICE) {
      await pause()
      if (newest !== n) return
      parts.push(playStretches(game, from, Math.min(runs, from + SLICE)))
      done += SLICE
      self.postMessage({
        n,
        kind: 'played',
        which: w,
        spread: spreadOf(parts),
        done,
        of: runs * which.length,
      } satisfies WhatIfAnswer)
    }
  }
  for (const question of ['mm', 'weeks', 'minutes'] as const) {
    await pause()
    if (newest !== n) return
    const value = farthest(record, coat, at, asked, question, surely)
    self.postMessage({ n, kind: 'backwards', question, value } satisfies WhatIfAnswer)
  }
  self.postMessage({ n, kind: 'finished' } satisfies WhatIfAnswer)
}
