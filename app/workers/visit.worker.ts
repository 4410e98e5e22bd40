import { suggestVisit } from '#core/care/next-visit'
import type { Suggestion, VisitEntry } from '#core/care/next-visit'
import type { DogRecord } from '#core/record/fold'

/** When to come again, worked out away from the form a visit is entered in. */
export interface VisitRequest {
  n: number
  record: DogRecord
  visit: VisitEntry
}
export interface VisitAnswer {
  n: number
  suggestion: Suggestion | null
}

self.onmessage = ({ data: { n, record, visit } }: MessageEvent<VisitRequest>) => {
  const answer = (suggestion: Suggestion | null) => self.postMessage({ n, suggestion } satisfies VisitAnswer)
  try {
    answer(suggestVisit(record, visit))
  } catch {
    // Without one the day is the groomer's to give.
    answer(null)
  }
}
