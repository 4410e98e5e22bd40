import type { CareCautionId } from '../cautions'
import type { StepClock } from './step'

/** What is seen to once a sitting, before anything cuts. Common practice, no source. */
export interface Before {
  id: 'raised' | 'light' | 'hands' | 'calm' | 'tool' | 'coat'
  so: string
  /** What to do where it is not so. */
  not: string
  /** It cannot be put right in a minute: nothing is cut today. */
  ends?: true
  cautions?: readonly CareCautionId[]
}
export const beforeCutting = ({ floor, name }: { floor: boolean; name: string }): readonly Before[] => [
  {
    id: 'raised',
    so: floor ? 'On a non-slip spot' : 'Steady, raised and non-slip',
    not: 'A yoga mat on a table against a wall will do. Everything within reach, so that your hand never leaves.',
    cautions: ['alone', 'tether'],
  },
  {
    id: 'light',
    so: 'Good light where you look',
    not: 'Lamp or window in front of you, not behind.',
  },
  {
    id: 'hands',
    so: 'Both hands free, or a helper',
    not: 'One hand holds, one cuts. A lick mat or a second pair of hands for the rest.',
  },
  {
    id: 'calm',
    so: `${name} is calm`,
    not: 'Not with blades today. Two minutes of handling instead, and another day.',
    ends: true,
  },
  {
    id: 'tool',
    so: 'The tool clean, cool and sharp',
    not: 'Clean it and let it cool. Dull blades fold the hair and pull: then not with that one, until it is sharp.',
  },
  {
    id: 'coat',
    so: 'Clean, dry and combed there',
    not: 'Not on a dirty or wet coat: it jams, and dries shorter than it looks. Wash, dry and comb first.',
    ends: true,
  },
]
/** How long it holds: a sitting, minutes (judgement). */
export const SITTING_MINUTES = 90
/** A running blade is felt every few minutes (common practice, no source; three is judgement). */
export const FEEL_THE_BLADE: StepClock = {
  minutes: 3,
  says: 'Feel the blade on your wrist: hot, and it rests.',
  off: 'It is cool',
}
