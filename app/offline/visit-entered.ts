import type { VisitEntry } from '#core/care/note/next-visit'
import type { Entry } from '#core/record/entries'

/** What a groomer's form comes to: the visit, what is to be done at home, and a note with it. */
export interface VisitEntered {
  visit: VisitEntry
  advice: Entry[]
  note?: { id: string; body: string }
}
