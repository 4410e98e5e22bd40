import { placeRow, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import type { FactOf } from '../../record/entries'
import { LEFT_AT_HOME } from '../../record/visits'
import type { CareCautionId } from '../cautions'
import { dangerRow } from '../tidies/dangers'
import type { DangerId } from '../tidies/dangers'
import { FEEL_THE_BLADE } from './before-cutting'
import type { Run } from './run'
import { step, stops } from './step'
import type { Ask, WorkStep } from './step'
import type { AskedStep } from './works'

/**
 * A body clip at home, part by part, over an hour or over days. It is the groomer's trade; this helps it go safely. The
 * blade goes nowhere that a step has just forbidden: those places are combed, in a step of their own. Common practice,
 * no source.
 */
interface ClipRow {
  label: string
  places: readonly PlaceId[]
  side?: 'left' | 'right'
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** Danger places this part comes near, and stops short of. */
  near: readonly DangerId[]
}
const leg = (side: 'left' | 'right'): ClipRow => ({
  label: `${side === 'left' ? 'Left' : 'Right'} legs`,
  places: ['foreleg', 'thigh'],
  side,
  act: `The outside of the ${side} legs, down to the ankle`,
  how: 'Lift the blade off a hand short of the elbow’s inside, of the opening and of the back of the hock. Under the tail and the feet are tidies of their own.',
  cautions: ['folds', 'tendon', 'rear', 'testicles', 'lie', 'heat', 'webs'],
  near: ['elbow-web', 'hock-tendon', 'toe-webs', 'anus', 'vulva', 'testicles'],
})
const flank = (side: 'left' | 'right'): ClipRow => ({
  label: `${side === 'left' ? 'Left' : 'Right'} side`,
  places: ['side'],
  side,
  act: `Down the ${side} side`,
  how: 'With the lie, from the back down. Lift the blade off a hand short of the flank fold and of the elbow.',
  cautions: ['folds', 'lie', 'heat', 'jam'],
  near: ['flank-fold', 'elbow-web'],
})
const CLIPPED = {
  neck: {
    label: 'Neck',
    places: ['nape', 'collar-line'],
    act: 'The neck, with the dog sitting',
    how: 'From behind the ears back, folds spread flat. Stop a hand short of the throat.',
    cautions: ['neck-folds', 'head', 'leather', 'lie', 'heat'],
    near: ['neck-folds', 'throat', 'ear-edge'],
  },
  back: {
    label: 'Back',
    places: ['shoulders', 'back', 'rump'],
    act: 'Shoulders to tail, down the spine',
    how: 'Long strokes in the lie. Stop a hand short of the root of the tail.',
    cautions: ['lie', 'heat', 'jam', 'tail-bone'],
    near: ['tail-bone'],
  },
  'side.left': flank('left'),
  'legs.left': leg('left'),
  'side.right': flank('right'),
  'legs.right': leg('right'),
  chest: {
    label: 'Chest',
    places: ['chest', 'girth'],
    act: 'The chest, down between the legs',
    how: 'Chin up in your hand. Stop a hand short of the elbow webs.',
    cautions: ['folds', 'head', 'lie', 'heat'],
    near: ['elbow-web', 'throat'],
  },
  belly: {
    label: 'Belly',
    places: ['belly'],
    act: 'The belly, to a hand ahead of the groin',
    how: 'Blade flat, towards the ribs; your other hand over what you cannot see.',
    cautions: ['cover', 'folds', 'testicles', 'rear', 'lie', 'heat'],
    near: ['nipples', 'hernia', 'sheath', 'vulva', 'testicles', 'flank-fold'],
  },
} as const satisfies Record<string, ClipRow>
export type ClipPartId = keyof typeof CLIPPED
const clipRow = (id: ClipPartId): ClipRow => CLIPPED[id]
export const clipLabel = (id: ClipPartId): string => clipRow(id).label
/** Where practitioners begin: at the neck, or at the rump with the neck last. */
export const CLIP_FROM = ['neck', 'rump'] as const
export type ClipFrom = (typeof CLIP_FROM)[number]
/** One side, then the other. */
export const clipOrder = (from: ClipFrom): ClipPartId[] => {
  const all = Object.keys(CLIPPED) as ClipPartId[]
  return from === 'neck' ? all : [...all.filter((id) => id !== 'neck'), 'neck']
}
export const regionsClipped = (id: ClipPartId): RegionId[] => {
  const { places, side } = clipRow(id)
  return places.flatMap((p) => regionsOf(p).flatMap((r) => (!side || r.side === side ? [r.id] : [])))
}

const NICK: Ask = {
  id: 'nick',
  says: 'Red, burnt or nicked',
  leads: 'vet',
  sign: 'tool',
  then: 'No more clipping there.',
}
const CLIPS = ['guarded-clipper'] as const
const ofSex = (sex: 'female' | 'male') => (id: DangerId) => (dangerRow(id).sex ?? sex) === sex
const cautionsOf = (row: ClipRow, sex: 'female' | 'male') =>
  row.cautions.filter((c) => c !== 'testicles' || sex === 'male')

export interface ClipWork {
  sex: 'female' | 'male'
  from: ClipFrom
  guardMm: number
  absent: readonly RegionId[]
  /** Places where a concern is open: no blade. */
  leave: readonly PlaceId[]
  /** How long the hair is now, mm, where that is known. */
  mmNow?: Partial<Record<RegionId, number>>
  /** Parts clipped already, this time round. */
  done: readonly ClipPartId[]
}
/** What a part may be clipped at, on this dog today. */
export const clippable = (
  id: ClipPartId,
  { absent, leave }: Pick<ClipWork, 'absent' | 'leave'>,
): RegionId[] =>
  regionsClipped(id).filter(
    (r) => !absent.includes(r) && !leave.some((p) => regionsOf(p).some((x) => x.id === r)),
  )

/** The steps of a body clip for this dog, of the parts that are left to do. */
export function clipSteps(work: ClipWork): AskedStep<ClipPartId>[] {
  const { sex } = work
  const led = (s: WorkStep, part?: ClipPartId): AskedStep<ClipPartId> => {
    const regions = part ? clippable(part, work) : []
    const place = regions[0] && placeOf(regions[0])
    return {
      ...s,
      asks: s.asks.map((a) => (a.leads === 'vet' && place ? { ...a, spot: place } : a)),
      mine: true,
      waits: false,
      on: part ? [part] : [],
      ...(part ? { part } : {}),
      regions,
    }
  }
  const parts = clipOrder(work.from).filter((id) => !work.done.includes(id) && clippable(id, work).length)
  const rest = (id: string): AskedStep<ClipPartId> =>
    led(
      step(
        id,
        'Blade off, and a rest',
        'Down, a drink, a shake, two minutes. Enough for today? Stop here: what is done is done, and the rest is another day’s.',
        { cautions: ['heat'] },
      ),
    )
  return [
    led(
      step(
        'guard',
        `A ${work.guardMm} mm guard comb, on a clean blade`,
        'Pressed on till it clicks, tried on your wrist. You can go over it again; you cannot put it back.',
        {
          cautions: ['mains', 'jam'],
        },
      ),
    ),
    ...parts.flatMap((id, i) => {
      const row = clipRow(id)
      const near = row.near.filter(ofSex(sex))
      const pulls: Ask = {
        id: 'pulls',
        says: 'It pulls, or the dog minds',
        leads: 'here',
        then: 'Blade off. A minute, then slower; or another part first, with Later.',
      }
      return [
        led(
          step('pass', row.act, row.how, {
            cutsWith: CLIPS,
            near,
            cautions: cautionsOf(row, sex),
            each: true,
            draws: 'clip',
            clock: FEEL_THE_BLADE,
            asks: [{ id: 'passed', says: 'Over it once', leads: 'on' }, stops(), pulls, NICK],
          }),
          id,
        ),
        led(
          step(
            'again',
            'Brush it up against its lie, and over it again',
            'With the lie again, nowhere but where you have been. Lines go, and much more comes off.',
            {
              cutsWith: CLIPS,
              cautions: ['lie', 'heat', 'jam', ...(near.length ? (['short'] as const) : [])],
              each: true,
              draws: 'clip',
              clock: FEEL_THE_BLADE,
              asks: [{ id: 'even', says: 'Even', leads: 'done' }, stops(), NICK],
            },
          ),
          id,
        ),
        // Turned about between the two sides, and before what is underneath.
        ...(/^legs/.test(id) && i < parts.length - 1 ? [rest(`rest-${id}`)] : []),
      ]
    }),
    led(
      step(
        'leave',
        'Elbow webs, backs of the hocks, flank folds: comb them, and leave them',
        'They are the groomer’s. It looks uneven there until the visit, and that is right.',
        {
          cautions: ['folds', 'tendon'],
          near: ['elbow-web', 'hock-tendon', 'flank-fold'],
        },
      ),
    ),
    led(
      step(
        'look',
        'Stand back, look from the front and behind',
        'What sticks out of back and sides may come off. Clothes in winter felt a long body: keep it shorter under them.',
        {
          cautions: ['stop'],
        },
      ),
    ),
  ]
}
const placeOf = (region: RegionId): PlaceId => region.replace(/\.(left|right)$/, '') as PlaceId

/** What was clipped in a run, as a visit done at home; null where nothing was. */
export function clipDid(work: ClipWork, run: Run<ClipPartId>): FactOf<'visit'> | null {
  const done = clipOrder(work.from).filter((id) => run.did[id] === 'done')
  const regions = done.flatMap((id) => clippable(id, work))
  if (!regions.length) return null
  // A guard longer than the hair leaves it as it is.
  const leaves = (r: RegionId) => Math.min(work.guardMm, work.mmNow?.[r] ?? Infinity)
  const except = [...new Set(regions.map(placeOf))].flatMap((place) => {
    const here = regions.filter((r) => placeOf(r) === place)
    const all = regionsOf(place).every((r) => here.includes(r.id) || work.absent.includes(r.id))
    const alike = here.every((r) => leaves(r) === leaves(here[0]!))
    return all && alike
      ? [{ place, mm: leaves(here[0]!) }]
      : here.map((r) => ({
          place,
          ...(r.endsWith('.left') ? { side: 'left' as const } : {}),
          ...(r.endsWith('.right') ? { side: 'right' as const } : {}),
          mm: leaves(r),
        }))
  })
  return { kind: 'visit', home: true, lengths: {}, found: [], except }
}
/** Parts whose places all stand at a length they were clipped to at home lately. */
export const clippedParts = (
  clipped: readonly { place: PlaceId; side?: 'left' | 'right' | undefined }[],
): ClipPartId[] =>
  clipOrder('neck').filter((id) =>
    regionsClipped(id).every((r) =>
      clipped.some((c) => c.place === placeOf(r) && (!c.side || r.endsWith(`.${c.side}`))),
    ),
  )
/** No part of a clip takes in what is left at home, nor a head. */
export const CLIPPED_PLACES: readonly PlaceId[] = [
  ...new Set(clipOrder('neck').flatMap((id) => [...clipRow(id).places])),
].filter((p) => !LEFT_AT_HOME.includes(p) && placeRow(p).group !== 'head')
