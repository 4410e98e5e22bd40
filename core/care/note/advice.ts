import { regionOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { DogRecord } from '../../record/fold'
import { timeline } from '../../record/timeline'

/** An instruction for home that still stands. */
export interface Advice {
  id: string
  day: Day
  from: string
  place: PlaceId | null
  says: string
  /** Nobody has answered it yet; read; or the groomer was asked about it. */
  state: 'new' | 'read' | 'asked'
}

type Given = DatedFact & { what: FactOf<'advice'> }

/** Instructions that stand, newest first; one that was answered as done is over. */
export function standingAdvice({ entries }: Pick<DogRecord, 'entries'>, at: Day): Advice[] {
  const facts = timeline(entries).filter((f) => f.day <= at)
  const answers = new Map<string, FactOf<'advice-answer'>['how']>()
  for (const f of facts) if (f.what.kind === 'advice-answer') answers.set(f.what.advice, f.what.how)
  return facts
    .filter((f): f is Given => f.what.kind === 'advice')
    .flatMap(({ id, day, what }): Advice[] => {
      const how = answers.get(id)
      if (how === 'done') return []
      const { from, place = null, says } = what
      return [{ id, day, from, place, says, state: how ?? 'new' }]
    })
    .reverse()
}

/** What of it is about a place, or this region of it. */
export const adviceAt = (advice: readonly Advice[], region: RegionId): Advice[] =>
  advice.filter((a) => a.place === regionOf(region).place)
