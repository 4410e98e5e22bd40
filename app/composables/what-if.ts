import { proxy } from 'comlink'
import type { Question, Settings } from '#core/simulate/what-if'
import type { Spread } from '#core/simulate/stretches'
import { recordOf } from '~/offline/shown'
import { Dismissed, hire, plainly } from '~/workers/hire'
import type { Played, WhatIfWork } from '~/workers/what-if.worker'

/** How many stretches are played for each setting. */
const RUNS = 10_000

/** Asks a worker what if, and takes its answers in as they come. */
export function useWhatIf() {
  const { file, today } = useDog()
  const spreads = shallowRef<{ now: Spread | null; asked: Spread | null }>({ now: null, asked: null })
  const backwards = ref<Partial<Record<Question, number | null>>>({})
  /** Share of the stretches played, 0 to 1; null when nothing is being worked out. */
  const progress = ref<number | null>(null)
  /** Stopped by hand before it was through. */
  const stopped = ref(false)
  const failed = ref(false)
  const worker = hire<WhatIfWork>(
    () => new Worker(new URL('../workers/what-if.worker.ts', import.meta.url), { type: 'module' }),
  )
  let n = 0

  async function ask(now: Settings, asked: Settings, surely: number) {
    const mine = ++n
    progress.value = 0
    stopped.value = failed.value = false
    backwards.value = {}
    if (JSON.stringify(now) === JSON.stringify(asked)) spreads.value = { ...spreads.value, asked: null }
    const request = plainly({ record: recordOf(file.value), at: today.value, now, asked, runs: RUNS, surely })
    const heard = (p: Played) => {
      if (mine !== n) return
      if (p.kind === 'backwards') backwards.value = { ...backwards.value, [p.question]: p.value }
      else {
        spreads.value = { ...spreads.value, [p.which]: p.spread }
        progress.value = p.share
      }
    }
    try {
      await worker.ask((w) => w.play(request, proxy(heard)))
    } catch (error) {
      if (mine === n && !(error instanceof Dismissed)) failed.value = true
    }
    if (mine === n) progress.value = null
  }

  function stop() {
    worker.dismiss()
    n++
    progress.value = null
    stopped.value = true
  }
  onBeforeUnmount(worker.dismiss)
  return { spreads, backwards, progress, stopped, failed, ask, stop }
}
