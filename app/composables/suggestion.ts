import { refDebounced } from '@vueuse/core'
import type { Suggestion, VisitEntry } from '#core/care/note/next-visit'
import type { DogRecord } from '#core/record/fold'
import { recordOf } from '~/offline/shown'
import { hire, plainly } from '~/workers/hire'
import type { VisitWork } from '~/workers/visit.worker'

/** How long a hand rests before it is worked out, ms. */
const RESTS = 400

/**
 * When to come again after a visit that is being entered; null until it is known, while something
 * is wrong with the visit, and where it cannot be worked out.
 */
export function useSuggestion(record: () => DogRecord, visit: Ref<VisitEntry | null>) {
  const suggestion = shallowRef<Suggestion | null>(null)
  const worker = hire<VisitWork>(
    () => new Worker(new URL('../workers/visit.worker.ts', import.meta.url), { type: 'module' }),
  )
  function ask(entry: VisitEntry): Promise<Suggestion | null> {
    const [of, asked] = [plainly(recordOf(record())), plainly(entry)]
    // Without one the day is the groomer's to give.
    return worker.ask((w) => w.suggestVisit(of, asked)).catch(() => null)
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
  onBeforeUnmount(worker.dismiss)
  return { suggestion, latest }
}
