import type { MeansId } from '../../record/means'
import type { CareCautionId } from '../cautions'
import type {
  EarCarriage,
  EarHairSchool,
  FaceSchool,
  SanitarySchool,
  Setting,
  TaughtId,
} from '../../record/habits'
import type { CarePartId } from '../../record/care-parts'
import { partsHere } from '../../record/care-parts'
import { asksAt } from './asks'
import type { StepFinding } from './asks'
import type { DangerId, TrimId } from './dangers'

export const SCISSORS: readonly MeansId[] = ['blunt-scissors', 'thinning-scissors']

export interface Allowed {
  setting: Setting
  /** What the groomer named has taught; counts only at the setting `taught`. */
  taught: readonly TaughtId[]
}

const ALWAYS: readonly MeansId[] = ['cloth', 'comb']
/** What each tidy is done with at home. No scissors at the rear, under any setting. */
const WITH: Record<TrimId, { scissors: readonly MeansId[]; taught: Partial<Record<TaughtId, MeansId>> }> = {
  face: { scissors: ['blunt-scissors', 'thinning-scissors'], taught: { 'corner-blade': 'corner-blade' } },
  paws: { scissors: ['blunt-scissors', 'flat-trimmer'], taught: {} },
  sanitary: { scissors: ['guarded-clipper'], taught: { 'rear-blade': 'bare-clipper' } },
  ears: { scissors: ['thinning-scissors', 'blunt-scissors'], taught: {} },
  neatening: { scissors: ['thinning-scissors', 'blunt-scissors'], taught: {} },
}

/** What may be used for a tidy at the owner's setting, gentlest first. */
export function offered(tidy: TrimId, { setting, taught }: Allowed): MeansId[] {
  if (setting === 'comb') return [...ALWAYS]
  const shown = setting === 'taught' ? taught.flatMap((t) => WITH[tidy].taught[t] ?? []) : []
  return [...ALWAYS, ...WITH[tidy].scissors, ...shown]
}
/** What the tidy could be done with at another setting. */
export const withheld = (tidy: TrimId, allowed: Allowed): MeansId[] => {
  const now = offered(tidy, allowed)
  return [...WITH[tidy].scissors, ...Object.values(WITH[tidy].taught)].filter((m) => !now.includes(m))
}

interface TrimStep {
  id: string
  act: string
  how: string
  /** What cuts in this step; none for a step of hand, cloth and comb. */
  cutsWith: readonly MeansId[]
  /** Danger places this step comes near. */
  near: readonly DangerId[]
  /** Stands before the act. */
  cautions: readonly CareCautionId[]
  /** Undoes what that step put on: done only where that one is. */
  after?: string
}

export interface TrimAsked extends Allowed {
  sex: 'female' | 'male'
  face: FaceSchool
  /** Null where it was not said: then nothing is done that wants hair hanging below the leather. */
  ears: EarCarriage | null
  earHair: EarHairSchool
  sanitary: SanitarySchool
  /** Works on the floor with a dog used to it. */
  floor: boolean
  /** No leg is lifted and it is not stood up: weak behind, or sore. */
  low?: boolean
  /** Whether hair grows in the ears' openings; not said, there may be. */
  hairyEars?: boolean
  /** Parts an open concern stops. */
  stopped?: readonly CarePartId[]
}

const step = (
  id: string,
  act: string,
  how: string,
  cautions: readonly CareCautionId[] = [],
  cutsWith: readonly MeansId[] = [],
  near: readonly DangerId[] = [],
): TrimStep => ({ id, act, how, cautions, cutsWith, near })

/** Before any of them: where the dog stands, the light, and a hand on it. Common practice, no source. */
const place = ({ floor }: Pick<TrimAsked, 'floor'>): TrimStep =>
  step(
    'place',
    floor ? 'On a non-slip spot, in good light' : 'Steady, raised and non-slip, in good light',
    'Against a wall, everything within reach. Lamp or window where you look, not behind you.',
    ['alone', 'tether'],
  )

const FRINGE: Record<Exclude<FaceSchool, 'corners'>, string> = {
  'three-cuts': 'Combed forward: a slant, level, a slant. Two slants alone meet in a peak. Long at first.',
  'one-line': 'Combed forward: one line between the outer corners of the eyes. Long at first.',
  curved: 'Combed forward: one sweep, with the scissors’ curve up. Long at first.',
}

const STEPS: Record<TrimId, (asked: TrimAsked) => TrimStep[]> = {
  face: ({ face }) => [
    step(
      'wipe',
      'Wipe the eye corners',
      'Damp cloth, and time to soften; lift what has softened with the comb’s fine end. Then look at the skin.',
      ['crust'],
    ),
    step('comb', 'Comb forward and up, from the nose', 'So that what blocks the eye stands up.'),
    step(
      'inner',
      'Inner corners, a snip at a time',
      'Hold the chin hair. Only what grows up in front of the eye.',
      ['eye', 'finger', 'moves', 'head', 'mouth'],
      ['blunt-scissors', 'thinning-scissors', 'corner-blade'],
      ['eyes', 'mouth', 'throat'],
    ),
    step(
      'outer',
      'What hangs at the outer side',
      'A little, comb, look, a little more. Leave the lashes.',
      ['eye', 'finger', 'moves', 'head'],
      ['blunt-scissors', 'thinning-scissors'],
      ['eyes', 'throat'],
    ),
    ...(face === 'corners'
      ? []
      : [
          step(
            'fringe',
            'Only then the fringe',
            FRINGE[face],
            ['eye', 'finger', 'moves', 'head', 'mouth'],
            ['thinning-scissors', 'blunt-scissors'],
            ['eyes', 'mouth', 'throat'],
          ),
        ]),
    step('done', 'Look from the side', 'You see the eye: stop there. Both sides the same.'),
  ],
  paws: () => [
    step('nails', 'Nails first', 'Looked at, and shortened if they want it.', ['quick']),
    step(
      'feel',
      'Feel between every toe',
      'Mats and seeds; a foot that is chewed often has something in it.',
      ['leg', 'stop'],
    ),
    step(
      'pads',
      'Underneath, level with the pads',
      'Foot held loosely, as it moves in walking. Blade flat on the outside.',
      ['pads', 'webs', 'finger', 'moves', 'leg'],
      ['blunt-scissors', 'flat-trimmer'],
      ['pads', 'toe-webs'],
    ),
    step(
      'outline',
      'Press the toes together; round what sticks out',
      'From below, where the nail can be seen. Then comb, and look from above.',
      ['webs', 'pads', 'finger', 'moves'],
      ['blunt-scissors'],
      ['toe-webs', 'pads'],
    ),
    step(
      'top',
      'On top, along the slope of the foot',
      'Draw the hair up between the toes and take it along the slope.',
      ['webs', 'pads', 'finger', 'moves'],
      ['blunt-scissors'],
      ['toe-webs', 'pads'],
    ),
    step(
      'done',
      'Comb, stand the foot down, look from above',
      'Round, and no hair over the pads. Then match the other foot.',
    ),
  ],
  sanitary: ({ sex, sanitary, low = false }) => [
    step('wipe', 'Clean and dry first', 'Damp cloth, comb away from the opening. Then look at the skin.', [
      'opening',
      'stop',
    ]),
    step(
      'hold',
      'Hold without lifting high',
      low
        ? 'Lying or held up by a helper, and you go low: no leg is lifted. A forearm under the belly stops a sit.'
        : 'A forearm under the belly stops a sit. A small sound dog may stand briefly on its hind feet; a weak one wants a helper.',
      ['leg'],
    ),
    step(
      'belly',
      'Belly, up to about the navel',
      sex === 'male'
        ? 'Two fingers ahead of the sheath; blade flat, no pressure, loose skin drawn smooth.'
        : 'Blade flat, no pressure, loose skin drawn smooth. Inside of the thigh only.',
      ['rear', 'cover', 'folds', 'lie', 'heat', ...(sex === 'male' ? (['testicles'] as const) : [])],
      ['guarded-clipper', 'bare-clipper'],
      sex === 'male'
        ? ['sheath', 'testicles', 'nipples', 'hernia', 'flank-fold']
        : ['vulva', 'nipples', 'hernia', 'flank-fold'],
    ),
    step(
      'under-tail',
      'Under the tail, from the opening outwards',
      'Tail in your palm from its root. Flush and light.',
      ['rear', 'opening', 'lie', ...(sex === 'male' ? (['testicles'] as const) : [])],
      ['guarded-clipper', 'bare-clipper'],
      sex === 'male' ? ['anus', 'testicles'] : ['anus', 'vulva'],
    ),
    ...(sanitary === 'wider'
      ? [
          step(
            'wider',
            'Armpits and pads, as you were taught to count them',
            'Comb them through here; the pads have a tidy of their own.',
            ['leg'],
          ),
        ]
      : []),
    step('done', 'Comb, and look from behind', 'Clear of the openings, nothing red. Then a treat.', ['stop']),
  ],
  ears: ({ earHair, ears, hairyEars = true }) => [
    step(
      'comb',
      'Comb the ear through',
      'Leather flat on your palm, away from its edge. Feel where it ends and hair begins.',
      ['leather'],
    ),
    ...(ears === 'hanging' || ears === 'folded'
      ? [
          step(
            'edge',
            'A loose band on the hair below the leather, and shorten below the band',
            'Round it off, little by little; thinning scissors leave a softer edge. One ear, band off, then the other.',
            ['band', 'leather', 'finger', 'moves', 'head'],
            ['thinning-scissors', 'blunt-scissors'],
            ['ear-edge', 'ear-fold'],
          ),
          {
            ...step(
              'band-off',
              'Band off, before anything else',
              'Feel along both ears: nothing is left on.',
              ['band'],
            ),
            after: 'edge',
          },
        ]
      : [
          step(
            'edge',
            'Shorten what stands past the edge, along its own outline',
            'Fingers on the leather, and only the hair past them. Little by little.',
            ['leather', 'finger', 'moves', 'head'],
            ['thinning-scissors', 'blunt-scissors'],
            ['ear-edge', 'ear-fold'],
          ),
        ]),
    ...(!hairyEars
      ? []
      : earHair === 'shorten'
        ? [
            step(
              'inside',
              'Inside, only what shows',
              'With the flap laid back. Nothing deeper than you can see.',
              ['canal', 'finger', 'moves', 'leather'],
              ['blunt-scissors'],
              ['ear-canal', 'ear-edge', 'ear-fold'],
            ),
          ]
        : [
            step(
              'inside',
              'Hair inside: leave it',
              earHair === 'pluck'
                ? 'Plucking is never done at home: ask your groomer, and do as your vet says.'
                : 'Groomers and vets disagree; left is safest. A vet’s word comes first.',
              ['canal'],
            ),
          ]),
    step(
      'done',
      'Head up, look from the front',
      'Cartilage differs: one ear may only look longer. Both sides the same amount.',
    ),
  ],
  neatening: () => [
    step('unsure', 'Unsure? Leave it', 'Nothing here has to be done before the visit.'),
    step(
      'hock',
      'Hocks: comb the hair out to the rear',
      'That shows what stands out. Levelling it, over the tendon, is the groomer’s.',
      ['tendon'],
      [],
      ['hock-tendon'],
    ),
    step(
      'tail',
      'Tail: past the last bone only',
      'Both sides of a flag alike.',
      ['tail-bone', 'finger', 'moves'],
      ['thinning-scissors', 'blunt-scissors'],
      ['tail-bone'],
    ),
    step(
      'done',
      'Step back, and compare both sides',
      'Looks come second: clean, clear and comfortable until the visit.',
    ),
  ],
}

/** Which parts each step is worked on, where it is not all of them. */
const WORKED_ON: Partial<Record<TrimId, Record<string, RegExp>>> = {
  face: { wipe: /^eye-corner/, inner: /^eye-corner/, outer: /^eye-side/, fringe: /^(fringe|brow)/ },
  sanitary: { wipe: /^under-tail/, belly: /^(belly|privates)/, 'under-tail': /^under-tail/ },
  ears: { edge: /^ear-edge/, 'band-off': /^ear-edge/, inside: /^ear-(edge|base)/ },
  neatening: { hock: /^hock/, tail: /^tail-flag/ },
}

export interface LedStep extends TrimStep {
  /** The owner's to do, with what they may use; else the groomer's. */
  mine: boolean
  /** Every part it works on waits for a vet. */
  waits: boolean
}
/** The steps worked through on one part before the next: a foot, an ear. */
const PART_BY_PART: Partial<Record<TrimId, { parts: RegExp; steps: readonly string[] }>> = {
  paws: { parts: /^paw\./, steps: ['feel', 'pads', 'outline', 'top', 'done'] },
  ears: { parts: /^ear-edge/, steps: ['comb', 'edge', 'band-off', 'inside'] },
}
/** The parts that are led one by one. */
export const ledByPart = (tidy: TrimId, parts: readonly CarePartId[]): CarePartId[] =>
  parts.filter((p) => PART_BY_PART[tidy]?.parts.test(p))
/** The parts a step works on, where it is not all of them. */
export const workedOn = (tidy: TrimId, id: string): CarePartId[] => {
  const on = WORKED_ON[tidy]?.[id]
  return on ? partsHere(tidy, []).filter((p) => on.test(p)) : []
}

/** A step with the part in hand, and what is asked there. */
export interface AskedStep extends LedStep {
  part?: CarePartId
  asks: StepFinding[]
}
/**
 * The owner's own steps in the order they are led: those of one part, then those of the next. Of an ear the band that
 * was put on comes off before the other ear is begun.
 */
export function ledSteps(tidy: TrimId, steps: readonly LedStep[], parts: readonly CarePartId[]): AskedStep[] {
  const mine = steps.filter((s) => s.mine && !s.waits)
  const each = PART_BY_PART[tidy]
  const led = ledByPart(tidy, parts)
  const ask = (s: LedStep, part?: CarePartId): AskedStep => ({
    ...s,
    ...(part ? { part } : {}),
    asks: asksAt(tidy, s.id, s.cutsWith, part),
  })
  if (!each || !led.length) return mine.map((s) => ask(s))
  const first = mine.findIndex((s) => each.steps.includes(s.id))
  const inside = mine.filter((s) => each.steps.includes(s.id))
  const rest = mine.filter((s) => !each.steps.includes(s.id))
  return [
    ...rest.filter((s) => mine.indexOf(s) < first).map((s) => ask(s)),
    ...led.flatMap((part) => inside.map((s) => ask(s, part))),
    ...rest.filter((s) => mine.indexOf(s) > first).map((s) => ask(s)),
  ]
}

/** The steps of a tidy for this dog, with what the owner may use: a step they may not do is the groomer's. */
export function trimSteps(tidy: TrimId, asked: TrimAsked): LedStep[] {
  const may = offered(tidy, asked)
  const stopped = new Set(asked.stopped)
  const steps = [place(asked), ...STEPS[tidy](asked)].map((s): LedStep => {
    const cutsWith = s.cutsWith.filter((m) => may.includes(m))
    const on = WORKED_ON[tidy]?.[s.id]
    const waits = !!on && partsHere(tidy, []).every((p) => !on.test(p) || stopped.has(p))
    return { ...s, cutsWith, mine: !s.cutsWith.length || cutsWith.length > 0, waits }
  })
  return steps.filter((s) => !s.after || steps.some((put) => put.id === s.after && put.mine && !put.waits))
}
