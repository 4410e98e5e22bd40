import { privates } from './privates'
import type { Ask, WorkAsked, WorkStep } from './step'
import { CLIPPERS, step, stops } from './step'

const passed: Ask = { id: 'passed', says: 'It passed', leads: 'on', with: CLIPPERS }
const wontPass: Ask = {
  id: 'wont-pass',
  says: 'The guard does not pass',
  leads: 'leave',
  with: CLIPPERS,
  then: 'It is left. Hair that will not clear is the groomer’s, or a vet’s where it is fouled.',
  found: 'wont-pass',
}
const BLADES = ['guarded-clipper', 'bare-clipper'] as const

/** Clean, then the lie, then belly, thighs and under the tail by guard. Common practice, no source. */
export const rearSteps = (asked: WorkAsked): WorkStep[] => {
  const { sex, sanitary, low = false } = asked
  const male = sex === 'male'
  return [
    step('wipe', 'Clean and dry first', 'Damp cloth, comb away from the opening. Then look at the skin.', {
      cautions: ['opening', 'stop'],
      parts: /^under-tail/,
      asks: [
        { id: 'clean', says: 'Clean and dry', leads: 'on' },
        {
          id: 'soiled',
          says: 'Soiled, it will not wipe off',
          leads: 'wash',
          then: 'Soften and rinse: a part wash. Then the guard, if it passes lightly; else the groomer.',
          found: 'soiled',
        },
        { id: 'red', says: 'Red or sore there', leads: 'vet', spot: 'under-tail', sign: 'red' },
      ],
    }),
    step(
      'hold',
      'Hold without lifting high',
      low
        ? 'Lying or held up by a helper, and you go low: no leg is lifted. A forearm under the belly stops a sit.'
        : 'A forearm under the belly stops a sit. A small sound dog may stand briefly on its hind feet; a weak one wants a helper.',
      { cautions: ['leg'] },
    ),
    step(
      'lie',
      'Feel the lie with a flat hand',
      'Belly and groin: mostly towards the ribs. Inside the legs: downward.',
      {
        parts: /^belly/,
        asks: [
          { id: 'usual', says: 'As it says', leads: 'on' },
          {
            id: 'other-lie',
            says: 'Another way here',
            leads: 'here',
            then: 'Then as it lies on this dog: with the hair, wherever it goes.',
            found: 'other-lie',
          },
        ],
      },
    ),
    step(
      'belly',
      'Belly, from the groin up to about the navel',
      male
        ? 'Two fingers ahead of the sheath; blade flat, no pressure, loose skin drawn smooth.'
        : 'Blade flat, no pressure, loose skin drawn smooth.',
      {
        cautions: ['rear', 'cover', 'folds', 'lie', 'heat', ...(male ? (['testicles'] as const) : [])],
        cutsWith: BLADES,
        near: male
          ? ['sheath', 'testicles', 'nipples', 'hernia', 'flank-fold']
          : ['vulva', 'nipples', 'hernia', 'flank-fold'],
        parts: /^belly/,
        asks: [passed, wontPass, stops()],
      },
    ),
    step(
      'thighs',
      'Inside of the thigh, downward',
      'Leg in its natural line. Stay on the inside, short of the flank fold.',
      {
        cautions: [
          'leg',
          'cover',
          'folds',
          'lie',
          ...(male ? (['testicles'] as const) : (['rear'] as const)),
        ],
        cutsWith: BLADES,
        near: male ? ['testicles', 'flank-fold'] : ['vulva', 'flank-fold'],
        parts: /^inner-thigh/,
        asks: [passed, wontPass, stops()],
      },
    ),
    privates(asked),
    step(
      'under-tail',
      'Under the tail, from the opening outwards',
      'Tail in your palm from its root. Flush and light.',
      {
        cautions: ['rear', 'opening', 'lie', ...(male ? (['testicles'] as const) : [])],
        cutsWith: BLADES,
        near: male ? ['anus', 'testicles'] : ['anus', 'vulva'],
        parts: /^under-tail/,
        asks: [passed, wontPass, stops()],
      },
    ),
    ...(sanitary === 'wider'
      ? [
          step(
            'wider',
            'Armpits and pads, as you were taught to count them',
            'Comb them through here; the pads have a tidy of their own.',
            { cautions: ['leg'] },
          ),
        ]
      : []),
    step('done', 'Comb, and look from behind', 'Clear of the openings, nothing red. Then a treat.', {
      cautions: ['stop'],
    }),
  ]
}
