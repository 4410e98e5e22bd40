import { refDebounced } from '@vueuse/core'
import type { Suggestion, VisitEntry } from '#core/care/next-visit'
import type { DogRecord } from '#core/record/fold'
import type { VisitAnswer, VisitRequest } from '~/workers/visit.worker'

/** How long a hand rests before it is worked out, ms. */
const RESTS = 400

/**
 * When to come again after a visit that is being entered; null until it is known, while something
 * is wrong with the visit, and where it cannot be worked out.
 */
export function useSuggestion(record: () => DogRecord, visit: Ref<VisitEntry | null>) {
  const suggestion = shallowRef<Suggestion | null>(null)
  const asked = new Map<number, (s: Suggestion | null) => void>()
  let worker: Worker | null = null
  let n = 0

  function stop() {
    worker?.terminate()
    worker = null
    for (const answer of asked.values()) answer(null)
    asked.clear()
  }
  function ask(entry: VisitEntry): Promise<Suggestion | null> {
    if (!worker) {
      worker = new Worker(new URL('../workers/visit.worker.ts', import.meta.url), { type: 'module' })
      worker.onerror = stop
      worker.onmessage = ({ data }: MessageEvent<VisitAnswer>) => {
        asked.get(data.n)?.(data.suggestion)
        asked.delete(data.n)
      }
    }
    const { profile, entries } = record()
    const request: VisitRequest = { n: ++n, record: { profile, entries }, visit: entry }
    worker.postMessage(JSON.parse(JSON.stringify(request)))
    return new Promise((answer) => asked.set(request.n, answer))
  }

  let known: { entry: VisitEntry; of: DogRecord; answer: Promise<Suggestion | null> } | null = null
  /** The suggestion for the visit as it is now, waited for. */
  async function latest(): Promise<Suggestion | null> {
    const entry = visit.value
    const of = record()
    if (!entry) known = null
    else if (known?.entry !== entry || known.of !== of) known = { entry, of, answer: ask(entry) }
    const mine = known
    const answer = mine ? await mine.answer : null
    if (known === mine) suggestion.value = answer
    return answer
  }
  const settled = refDebounced(visit, RESTS)
  watch([settled, record], () => latest(), { immediate: true })
  onBeforeUnmount(stop)
  return { suggestion, latest }
}
