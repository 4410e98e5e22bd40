import type { CoatId } from '../../coat/coat-types'
import { restMinutes } from '../../coat/minutes'
import { PLACE_IDS, placeRow, regionOf, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { FactOf } from '../../record/entries'
import { UNDERCOAT_IDS } from '../../record/findings'
import { mostPacked, rakedAt } from '../tidies/rake'
import type { Run } from './run'
import { step } from './step'
import type { Ask, StepClock, WorkStep } from './step'
import type { AskedStep } from './works'

/**
 * Dead undercoat, place by place and in lines: slicker, then rake, on a double coat; few strokes of the carding knife on
 * a wire jacket. Common practice, no source.
 */

/** Where no rake or knife goes: thin skin, folds, belly, head and ears, and what is near privates (judgement). */
export const NO_RAKE: readonly PlaceId[] = PLACE_IDS.filter((p) => {
  const { tender, group } = placeRow(p)
  return tender || group === 'head' || p === 'belly' || p === 'tuck-up' || p === 'hock' || p.endsWith('foot')
})

const restOf = (place: PlaceId): StepClock => ({
  minutes: restMinutes(placeRow(place)),
  says: 'Long enough on this skin: let it rest, do another line, or it burns.',
  off: 'Rested',
})
const SPOT: Ask = { id: 'spot', says: 'Something on the skin', leads: 'spot' }
const KNOT: Ask = { id: 'knot', says: 'It catches: a knot', leads: 'knot' }
const MET: readonly Ask[] = [
  { id: 'clear', says: 'Clear: hardly any comes', leads: 'done' },
  { id: 'some', says: 'Some came', leads: 'done' },
]
const again = (once: string, how: string): WorkStep =>
  step('again', once, how, {
    each: true,
    aside: true,
    cautions: ['rake'],
    draws: 'rake',
    asks: [
      { id: 'some', says: 'Better: some came', leads: 'done' },
      { id: 'clear', says: 'Clear now', leads: 'done' },
      {
        id: 'packed',
        says: 'Packed still',
        leads: 'leave',
        then: 'More on another day: the skin rests. A dryer after a bath, or the groomer’s, loosens more than any tool.',
      },
      SPOT,
    ],
  })

const DOUBLE: readonly WorkStep[] = [
  step(
    'slick',
    'Slicker first, line by line',
    'Coat held up, a line of skin to see. Pats that lift off, from below up.',
    {
      each: true,
      cautions: ['rake'],
      draws: 'rake',
      asks: [{ id: 'through', says: 'Through to the skin', leads: 'on' }, KNOT, SPOT],
    },
  ),
  step(
    'rake',
    'The rake, in the lie, light',
    'Along the same lines, short strokes, its own weight and no more.',
    {
      each: true,
      cautions: ['rake'],
      draws: 'rake',
      asks: [...MET, { id: 'packed', says: 'Packed', leads: 'aside', to: 'again' }, SPOT],
    },
  ),
  again('Once more, in thinner lines', 'Half the hair to a line, the same strokes, no harder.'),
]
const JACKET: readonly WorkStep[] = [
  step(
    'card',
    'Few strokes, the skin held taut',
    'A hand ahead of the knife, laid nearly flat, in the lie. It takes the soft undercoat and leaves colour and texture.',
    {
      each: true,
      cautions: ['taut'],
      draws: 'carding',
      asks: [
        ...MET,
        {
          id: 'packed',
          says: 'Packed',
          leads: 'leave',
          then: 'A few strokes only: the rest on another day, or the coat thins.',
        },
        SPOT,
      ],
    },
  ),
]

/** The steps, place by place from the rear forward. @param left places an open concern stops */
export function undercoatSteps(
  coat: CoatId,
  absent: readonly RegionId[],
  left: readonly PlaceId[],
): AskedStep<PlaceId>[] {
  const regions = (p: PlaceId) => regionsOf(p).flatMap((r) => (absent.includes(r.id) ? [] : [r.id]))
  const places = rakedAt(coat).filter((p) => regions(p).length && !left.includes(p))
  return places.flatMap((place) =>
    (coat === 'wire' ? JACKET : DOUBLE).map((s): AskedStep<PlaceId> => ({
      ...s,
      asks: [...s.asks],
      how: `${s.how}${regionOf(regions(place)[0]!).side ? ' Both sides, one after the other.' : ''}`,
      cautions: [...s.cautions, ...(place === 'tail' ? (['tail-bone'] as const) : [])],
      clock: restOf(place),
      mine: true,
      waits: false,
      part: place,
      on: [place],
      regions: regions(place),
    })),
  )
}

const isMet = (id: string): id is FactOf<'undercoat'>['finding'] => UNDERCOAT_IDS.some((u) => u === id)
/** What was met, by place and pass; null where nothing was. */
export function undercoatDid(run: Run<PlaceId>, minutes?: number): FactOf<'undercoat'> | null {
  const places = PLACE_IDS.flatMap((place) =>
    (run.answers[place] ?? [])
      .filter(isMet)
      .map((finding, i) => ({ place, finding, ...(i ? { pass: i + 1 } : {}) })),
  )
  if (!places.length) return null
  return {
    kind: 'undercoat',
    finding: mostPacked(places.map((p) => p.finding)),
    places,
    ...(minutes === undefined ? {} : { minutes }),
  }
}
