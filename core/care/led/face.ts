import type { CoatId } from '../../coat/coat-types'
import type { FaceSchool } from '../../record/habits'
import type { WorkAsked, WorkStep } from './step'
import { step } from './step'

/** Coats that grow beard, moustache and cheeks (common practice, no source). */
const BEARDED: readonly CoatId[] = ['wool', 'wool-cross', 'drop', 'wire']
export const growsBeard = (coat: CoatId): boolean => BEARDED.includes(coat)

const FRINGE: Record<Exclude<FaceSchool, 'corners'>, string> = {
  'three-cuts': 'Combed forward: a slant, level, a slant. Two slants alone meet in a peak. Long at first.',
  'one-line': 'Combed forward: one line between the outer corners of the eyes. Long at first.',
  curved: 'Combed forward: one sweep, with the scissors’ curve up. Long at first.',
}
const TIPS = ['blunt-scissors', 'thinning-scissors'] as const

/** Corners before fringe, finger before tool; then, where one grows, the beard. Common practice, no source. */
export const faceSteps = ({ face, bearded }: WorkAsked): WorkStep[] => [
  step(
    'wipe',
    'Wipe the eye corners',
    'Damp cloth, and time to soften; lift what has softened with the comb’s fine end. Then look at the skin.',
    {
      cautions: ['crust'],
      parts: /^eye-corner/,
      asks: [
        { id: 'clean', says: 'Clean, and the skin is well', leads: 'on' },
        {
          id: 'crust',
          says: 'Soft crust',
          leads: 'here',
          then: 'Lift it with the comb’s fine end. Then look at what is under it.',
          found: 'crust',
        },
        {
          id: 'caked',
          says: 'Caked to the skin',
          leads: 'leave',
          then: 'It is soaked in the bath, not picked. What is under it decides then.',
          found: 'caked',
        },
        { id: 'red', says: 'Red or bare skin there', leads: 'vet', spot: 'eyes', sign: 'red' },
      ],
    },
  ),
  step('comb', 'Comb forward and up, from the nose', 'So that what blocks the eye stands up.'),
  step(
    'finger',
    'A finger to the corner first, then the back of the tool',
    'Closed, and cool. Then a treat.',
    {
      only: 'inner',
      parts: /^eye-corner/,
      asks: [
        { id: 'bears', says: 'Bears it', leads: 'on' },
        {
          id: 'pulls-away',
          says: 'Pulls away',
          leads: 'leave',
          then: 'No edge near an eye that pulls away. Bring the finger along first, two minutes a day.',
          found: 'pulls-away',
        },
      ],
    },
  ),
  step(
    'inner',
    'Inner corners, a snip at a time',
    'Hold the chin hair. Only what grows up in front of the eye.',
    {
      cautions: ['eye', 'finger', 'moves', 'head', 'mouth'],
      cutsWith: [...TIPS, 'corner-blade'],
      near: ['eyes', 'mouth', 'throat'],
      parts: /^eye-corner/,
    },
  ),
  step('outer', 'What hangs at the outer side', 'A little, comb, look, a little more. Leave the lashes.', {
    cautions: ['eye', 'finger', 'moves', 'head'],
    cutsWith: TIPS,
    near: ['eyes', 'throat'],
    parts: /^eye-side/,
  }),
  ...(face === 'corners'
    ? []
    : [
        step('fringe', 'Only then the fringe', FRINGE[face], {
          cautions: ['eye', 'finger', 'moves', 'head', 'mouth'],
          cutsWith: ['thinning-scissors', 'blunt-scissors'],
          near: ['eyes', 'mouth', 'throat'],
          parts: /^(fringe|brow)/,
        }),
      ]),
  ...(bearded ? beard : []),
  step('done', 'Look from the side', 'You see the eye: stop there. Both sides the same.'),
]

const beard: readonly WorkStep[] = [
  step(
    'beard-comb',
    'Comb the beard through',
    'Wide end, then fine, to the skin of the chin. Hold the chin hair; a smooth chin is held as this dog likes.',
    {
      parts: /^beard/,
      asks: [
        { id: 'glides', says: 'The comb glides', leads: 'on' },
        { id: 'catches', says: 'It catches', leads: 'knot', at: 'beard' },
        { id: 'sore', says: 'Red, wet or smelling', leads: 'vet', spot: 'beard', sign: 'red' },
      ],
    },
  ),
  step(
    'beard',
    'The beard, cut to the finger',
    'Fingers flat along the chin; only what stands past them. Comb back and forward between snips.',
    {
      cautions: ['finger', 'moves', 'head', 'mouth'],
      cutsWith: TIPS,
      near: ['mouth', 'throat'],
      parts: /^beard/,
    },
  ),
  step(
    'lips',
    'Draw the lip aside, and clear its edge',
    'Where food sits. Blunt tips outside the lip line, or leave it.',
    {
      cautions: ['mouth', 'finger', 'moves', 'head'],
      cutsWith: ['blunt-scissors'],
      near: ['mouth'],
      parts: /^lips/,
      asks: [
        { id: 'clear', says: 'Clear', leads: 'on' },
        { id: 'fold', says: 'Red or wet in the fold', leads: 'vet', spot: 'mouth', sign: 'red' },
      ],
    },
  ),
  step(
    'moustache',
    'The moustache’s corners, and under the nose',
    'What grows into the mouth. A finger laid along the lip.',
    {
      cautions: ['mouth', 'finger', 'moves', 'head'],
      cutsWith: ['blunt-scissors'],
      near: ['mouth'],
      parts: /^lips/,
    },
  ),
  step('nose', 'Over the nose, only what stands up', 'Combed up; points forward, along the nose.', {
    cautions: ['eye', 'finger', 'moves', 'head'],
    cutsWith: TIPS,
    near: ['eyes'],
    parts: /^nose/,
  }),
  step(
    'cheeks',
    'Cheeks, the ear drawn back',
    'Back, not up, or it lies otherwise after. Short under the ear mats less.',
    {
      cautions: ['finger', 'moves', 'head'],
      cutsWith: TIPS,
      near: ['throat'],
      parts: /^cheek/,
    },
  ),
  step(
    'width',
    'From the front: no wider than the outer corners of the eyes',
    'Comb, and look. What stands past that line, a little at a time.',
    { parts: /^(beard|cheek)/ },
  ),
]
