import type { CoatId } from '../../coat/coat-types'
import type { Dryer } from '../../coat/drying'
import { PLACE_IDS, regionOf, regionsOf } from '../../coat/regions'
import type { PlaceId, RegionId } from '../../coat/regions'
import { mustBeDried } from '../bath/bath-recipe'
import { slipMinutes } from '../bath/put-off'
import type { PutOff } from '../bath/put-off'
import type { DangerId } from '../tidies/dangers'
import { DRY_PARTS, dryLabel, dryRow, regionsDried } from './drying'
import type { DryPartId } from './drying'
import { step } from './step'
import type { Ask, StepClock, WorkStep } from './step'
import type { AskedStep } from './works'

/**
 * The bath in its order: wetted, washed, what was put off to the conditioner teased there, rinsed, blotted, and dried
 * part by part. Common practice, no source.
 */

/** A dog under warm air is felt and watched, minutes (judgement). */
const PANTING: StepClock = {
  minutes: 4,
  says: 'Air on your own wrist: hot, and it goes lower. Panting, and it rests.',
  off: 'Cool, and at ease',
}
const SPOT: Ask = { id: 'spot', says: 'Something on the skin', leads: 'spot' }

export type BathPart = DryPartId | RegionId
const isDry = (part: BathPart): part is DryPartId => DRY_PARTS.some((d) => d === part)
export const bathPartLabel = (part: BathPart): string => (isDry(part) ? dryLabel(part) : regionOf(part).label)

export interface BathAsked {
  coat: CoatId
  mixes: { shampooMl: number; conditionerMl: number }
  /** With none it is towelled, and a short coat dries in the warm. */
  dryer: Dryer
  /** Only these are washed; null is all of the dog. */
  washed: readonly PlaceId[] | null
  putOff: readonly PutOff[]
  absent: readonly RegionId[]
  sex: 'female' | 'male'
}
const ofOneSex: Partial<Record<DangerId, 'female' | 'male'>> = {
  vulva: 'female',
  sheath: 'male',
  testicles: 'male',
}

/** The steps of a bath, or of a part wash, for this dog. */
export function bathSteps(asked: BathAsked): AskedStep<BathPart>[] {
  const { coat, mixes, dryer, washed, putOff, absent, sex } = asked
  const combed = coat !== 'smooth'
  const here = (regions: readonly RegionId[]) =>
    regions.filter((r) => !absent.includes(r) && (!washed || washed.includes(regionOf(r).place)))
  const wetted = here(PLACE_IDS.flatMap((p) => regionsOf(p).map((r) => r.id)))
  const face = wetted.some((r) => ['muzzle', 'beard', 'cheek', 'fringe'].includes(regionOf(r).place))
  const led = (s: WorkStep, part?: BathPart, regions: readonly RegionId[] = wetted): AskedStep<BathPart> => ({
    ...s,
    asks: [...s.asks],
    mine: true,
    waits: false,
    on: part ? [part] : [],
    ...(part ? { part } : {}),
    regions,
  })
  const dryStep = (id: DryPartId): AskedStep<BathPart>[] => {
    const { act, how, towel, near = [] } = dryRow(id)
    const regions = here(regionsDried(id))
    if (!regions.length) return []
    const privates = near.some((d) => ['anus', 'vulva', 'sheath', 'testicles'].includes(d))
    const air = !towel && dryer !== 'none'
    return [
      led(
        step('dry', act, how, {
          near: near.filter((d) => (ofOneSex[d] ?? sex) === sex),
          cautions: [
            // The rest of it is said once, where the dryer is switched on.
            ...(air ? (['dryer'] as const) : []),
            ...(air && privates ? (['no-air'] as const) : []),
            ...(air && id === first ? (['mains'] as const) : []),
            ...(id === first || !air ? (['stop'] as const) : []),
          ],
          each: true,
          draws: 'drying',
          ...(air ? { clock: PANTING } : {}),
          asks: [
            { id: 'dry', says: 'Dry to the skin under a line', leads: 'done' },
            SPOT,
            ...(air
              ? ([
                  {
                    id: 'pants',
                    says: 'Pants, or is hot',
                    leads: 'here',
                    then: 'Dryer off, cool floor, water, until it breathes as at rest. Then lower, and further off.',
                  },
                  {
                    id: 'minds',
                    says: 'Minds the noise',
                    leads: 'here',
                    then: 'Off, and further away. Towel meanwhile; never held against it. Bring the dryer along by itself, two minutes a day.',
                  },
                ] as const)
              : []),
            {
              id: 'damp',
              says: 'Left damp',
              leads: 'leave',
              then: 'It counts as wet, and knots the sooner, until the comb has been through it.',
            },
          ],
        }),
        id,
        regions,
      ),
    ]
  }
  const byItself = dryer === 'none' && !mustBeDried(coat)
  const first = DRY_PARTS.find((id) => !dryRow(id).towel && here(regionsDried(id)).length)
  return [
    led(
      step(
        'ready',
        'Mat down, all of it within reach',
        'Non-slip mat, both mixes, a cloth, three towels. Treats. A towel over the shower head calms a fearful dog.',
        { cautions: ['alone', 'mains', 'dog-only'] },
      ),
    ),
    ...(!washed || face
      ? [
          led(
            step(
              'cotton',
              'Cotton loosely at both ear openings',
              'Two pieces. They come out again at the end.',
              { cautions: ['canal'] },
            ),
          ),
        ]
      : []),
    led(
      step(
        'wet',
        washed ? 'Wet only what is washed, low pressure' : 'Wet to the skin, low pressure',
        washed
          ? 'The rest stays dry. Look at the skin as the water parts the coat.'
          : 'From the back down. Look at the skin as the water parts the coat.',
        {
          cautions: ['water', 'ears-dry', 'stop'],
          asks: [{ id: 'well', says: 'Wet, and the skin is well', leads: 'on' }, SPOT],
        },
      ),
    ),
    led(
      step(
        'shampoo',
        `Shampoo mix, ${mixes.shampooMl} ml${washed ? '' : ', back to paws'}`,
        `With the lie, squeezed through, not rubbed in circles.${washed ? ' Fouled hair is softened first, never pulled.' : ' Underside and paws too.'}`,
        { cautions: ['dog-only'] },
      ),
    ),
    ...(face
      ? [
          led(
            step(
              'face',
              washed ? 'The face with a cloth' : 'The face last, with a cloth',
              'Something safe near eyes, wiped, not poured.',
              { cautions: ['ears-dry'] },
            ),
          ),
        ]
      : []),
    led(
      step('rinse', 'Rinse until it runs clear, then again', 'The coat squeaks. What stays in itches.', {
        cautions: ['ears-dry'],
      }),
    ),
    ...(combed
      ? [
          led(
            step(
              'conditioner',
              `Conditioner, ${mixes.conditionerMl} ml, more where it catches`,
              putOff.length
                ? 'Three minutes to work. What was put off to it comes next, place by place.'
                : 'Three minutes, teasing with fingers what is slippery now.',
              { cautions: ['dog-only'] },
            ),
          ),
          ...putOff.map((p) =>
            led(
              step(
                'slip',
                p.count > 1
                  ? `Work conditioner into the ${p.count} left here`
                  : 'Work conditioner into the one left here',
                'Hold the hair between knot and skin. Fingers, then the comb’s end tooth, from the outside.',
                {
                  cautions: ['stop'],
                  each: true,
                  clock: {
                    minutes: slipMinutes(p),
                    says: 'Long enough: what has not let go is left, and not pulled.',
                    off: 'Seen',
                  },
                  asks: [
                    { id: 'out', says: p.count > 1 ? 'All of it let go' : 'It let go', leads: 'done' },
                    {
                      id: 'still',
                      says: 'Still there',
                      leads: 'leave',
                      then: 'It had its conditioner: it is left for the groomer.',
                    },
                    {
                      id: 'sore',
                      says: 'Sore under it',
                      leads: 'vet',
                      then: 'Rinse it out there, and pat it dry.',
                      spot: regionOf(p.region).place,
                      sign: 'red',
                    },
                  ],
                },
              ),
              p.region,
              [p.region],
            ),
          ),
          led(
            step('rinse-out', 'Rinse the conditioner out', 'Until it runs clear.', {
              cautions: ['ears-dry'],
            }),
          ),
        ]
      : []),
    led(step('blot', 'Squeeze and blot, never rub', 'Rubbing tangles. Change towels.')),
    ...(byItself
      ? [
          led(
            step(
              'warm',
              combed ? 'Towel, brush through, and a warm room' : 'Towel dry, and a warm room',
              'Out of draughts until the skin under a parted line is dry to the back of a finger.',
              {
                cautions: ['stop'],
                draws: 'parting',
                asks: [{ id: 'dry', says: 'Dry, or drying in the warm', leads: 'on' }, SPOT],
              },
            ),
          ),
        ]
      : DRY_PARTS.flatMap(dryStep)),
    ...(!washed || face
      ? [
          led(
            step('ears', 'Cotton out, both pieces; ears wiped', 'What you can see, no deeper.', {
              cautions: ['canal'],
            }),
          ),
        ]
      : []),
  ]
}
