import type { Question, Settings } from '#core/simulate/what-if'
import type { Spread } from '#core/simulate/stretches'
import type { WhatIfAnswer, WhatIfRequest } from '~/workers/what-if.worker'

/** How many stretches are played for each setting. */
const RUNS = 10_000

/** Asks a worker what if, and takes its answers in as they come. */
export function useWhatIf() {
  const { file, today } = useDog()
  const spreads = ref<{ now: Spread | null; asked: Spread | null }>({ now: null, asked: null })
  const backwards = ref<Partial<Record<Question, number | null>>>({})
  /** Share of the stretches played, 0 to 1; null when nothing is being worked out. */
  const progress = ref<number | null>(null)
  /** Stopped by hand before it was through. */
  const stopped = ref(false)
  const failed = ref(false)
  let worker: Worker | null = null
  let n = 0

  function ask(now: Settings, asked: Settings, surely: number) {
    worker ??= new Worker(new URL('../workers/what-if.worker.ts', import.meta.url), { type: 'module' })
    const mine = ++n
    progress.value = 0
    stopped.value = failed.value = false
    backwards.value = {}
    worker.onmessage = ({ data }: MessageEvent<WhatIfAnswer>) => {
      if (data.n !== mine) return
      if (data.kind === 'played') {
        spreads.value = { ...spreads.value, [data.which]: data.spread }
        progress.value = data.done / data.of
      } else if (data.kind === 'backwards')
        backwards.value = { ...backwards.value, [data.question]: data.value }
      else {
        progress.value = null
        failed.value = data.kind === 'failed'
      }
    }
    worker.onerror = () => {
      stop()
      failed.value = true
    }
    const request: WhatIfRequest = {
      n: mine,
      record: { profile: toRaw(file.value.profile), entries: [...file.value.entries] },
      at: today.value,
      now,
      asked,
      runs: RUNS,
      surely,
    }
    worker.postMessage(JSON.parse(JSON.stringify(request)))
    if (JSON.stringify(now) === JSON.stringify(asked)) spreads.value = { ...spreads.value, asked: null }
  }

  function stop() {
    worker?.terminate()
    worker = null
    n++
    progress.value = null
    stopped.value = true
  }
  onBeforeUnmount(() => worker?.terminate())
  return { spreads, backwards, progress, stopped, failed, ask, stop }
}
