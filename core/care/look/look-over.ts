import { placeRow } from '../../coat/regions'
import type { PlaceId } from '../../coat/regions'
import { sayDay } from '../../record/say-day'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { DogRecord } from '../../record/fold'
import { timeline } from '../../record/timeline'
import type { TrimId } from '../../record/tidies'
import { SIGNS, SPOTS } from '../../record/signs'
import type { SpotId } from '../../record/signs'

/** Where something is seen: a place of the coat map, or one of the spots beside it. */
export type Spot = PlaceId | SpotId
export const sayWhere = (where: Spot): string =>
  where in SPOTS ? SPOTS[where as SpotId] : placeRow(where as PlaceId).plural

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

/** Where each tidy, and what is looked at between, does its work. */
const WORKS_AT = {
  face: ['eyes', 'fringe', 'muzzle', 'cheek', 'beard', 'mouth'],
  paws: ['forefoot', 'hindfoot', 'pads', 'nails'],
  sanitary: ['under-tail', 'belly', 'inner-thigh', 'tuck-up'],
  ears: ['ear', 'ear-edge', 'behind-ear', 'ear-openings'],
  neatening: ['hock', 'tail', 'tail-base'],
  eyes: ['eyes'],
  teeth: ['mouth'],
  'ear-look': ['ear', 'ear-openings'],
  nails: ['nails', 'pads'],
} as const satisfies Record<TrimId, readonly Spot[]> & Record<string, readonly Spot[]>
/** Care that works at places of its own, and waits while a concern is open there. */
export type WorkId = keyof typeof WORKS_AT
export const placesOfTrim = (tidy: TrimId): readonly Spot[] => WORKS_AT[tidy]

/** A concern that forbids a tidy until it is closed; null when none does. */
export const concernAt = (tidy: WorkId, concerns: readonly Concern[]): Concern | null =>
  concerns.find((c) => (WORKS_AT[tidy] as readonly Spot[]).includes(c.what.where)) ?? null

/** What to read out to the vet: who, where, what, since when. Nothing of what it might be. */
export function readOut({ profile }: Pick<DogRecord, 'profile'>, concern: Concern, at: Day): string {
  const seen = concern.what.seen.map((s) => SIGNS[s])
  const born = profile.born ? `, born ${profile.born}` : ''
  const list = seen.length > 1 ? `${seen.slice(0, -1).join(', ')} and ${seen.at(-1)}` : (seen[0] ?? '')
  const own = concern.what.says ? ` ${concern.what.says.replace(/\.$/, '')}.` : ''
  return `${profile.name}, ${profile.sex}, ${profile.weightKg} kg${born}. ${sayWhere(concern.what.where)}: ${list}, seen ${sayDay(concern.day, at)}.${own}`
}
