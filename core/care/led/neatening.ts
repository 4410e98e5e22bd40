import type { WorkStep } from './step'
import { step } from './step'

/** Looks alone: left where unsure. Common practice, no source. */
export const neateningSteps = (): WorkStep[] => [
  step('unsure', 'Unsure? Leave it', 'Nothing here has to be done before the visit.'),
  step(
    'hock',
    'Hocks: comb the hair out to the rear',
    'That shows what stands out. Levelling it, over the tendon, is the groomer’s.',
    { cautions: ['tendon'], near: ['hock-tendon'], parts: /^hock/ },
  ),
  step(
    'tail',
    'Tail: past the last bone only',
    'Combed through, parted in two halves, lifted and looked at. Both sides alike.',
    {
      cautions: ['tail-bone', 'finger', 'moves'],
      cutsWith: ['thinning-scissors', 'blunt-scissors'],
      near: ['tail-bone'],
      parts: /^tail-flag/,
    },
  ),
  step(
    'done',
    'Step back, and compare both sides',
    'Looks come second: clean, clear and comfortable until the visit.',
  ),
]
