import { placeRow } from '../../coat/regions'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { DogRecord } from '../../record/fold'
import { timeline } from '../../record/timeline'
import { isSpot, SPOTS } from '../../record/spots'
import type { Spot } from '../../record/spots'

export const sayWhere = (where: Spot): string => (isSpot(where) ? SPOTS[where] : placeRow(where).plural)

export interface Concern {
  id: string
  day: Day
  what: FactOf<'concern'>
}

type Closing = DatedFact & { what: FactOf<'concern-closed'> }

/** Concerns not yet closed, newest first. */
export function openConcerns({ entries }: Pick<DogRecord, 'entries'>, at: Day): Concern[] {
  const facts = timeline(entries).filter((f) => f.day <= at)
  const closed = new Set(
    facts.filter((f): f is Closing => f.what.kind === 'concern-closed').map((f) => f.what.concern),
  )
  return facts
    .flatMap((f): Concern[] =>
      f.what.kind === 'concern' && !closed.has(f.id) ? [{ id: f.id, day: f.day, what: f.what }] : [],
    )
    .reverse()
}

/** On the skin that a bath wets, and not at eye, ear opening, mouth or nail. */
export const onSkin = ({ what }: Concern): boolean => what.where === 'pads' || !(what.where in SPOTS)
