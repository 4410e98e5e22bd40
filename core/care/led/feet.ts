import type { WorkStep } from './step'
import { step, stops } from './step'

/** Foot by foot, nails first. Common practice, no source. */
export const feetSteps = (): WorkStep[] => [
  step('nails', 'Nails first', 'Looked at, and shortened if they want it.', { cautions: ['quick'] }),
  step('feel', 'Feel between every toe', 'Mats and seeds; a foot that is chewed often has something in it.', {
    cautions: ['leg', 'stop'],
    each: true,
    asks: [
      { id: 'nothing', says: 'Nothing there', leads: 'on' },
      { id: 'mat', says: 'A knot or mat', leads: 'knot' },
      {
        id: 'seed',
        says: 'A loose seed',
        leads: 'here',
        then: 'Out with your fingers, whole. Then look at the skin between the toes.',
        found: 'seed',
      },
      { id: 'sore', says: 'Sore, or a seed going in', leads: 'vet', sign: 'toes' },
    ],
  }),
  step(
    'pads',
    'Underneath, level with the pads',
    'Foot held loosely, as it moves in walking. Blade flat on the outside.',
    {
      cautions: ['pads', 'webs', 'finger', 'moves', 'leg'],
      cutsWith: ['blunt-scissors', 'flat-trimmer'],
      near: ['pads', 'toe-webs'],
      each: true,
      asks: [{ id: 'level', says: 'Level with the pads', leads: 'on' }, stops()],
    },
  ),
  step(
    'outline',
    'Press the toes together; round what sticks out',
    'From below, where the nail can be seen. Then comb, and look from above.',
    {
      cautions: ['webs', 'pads', 'finger', 'moves'],
      cutsWith: ['blunt-scissors'],
      near: ['toe-webs', 'pads'],
      each: true,
    },
  ),
  step(
    'top',
    'On top, along the slope of the foot',
    'Draw the hair up between the toes and take it along the slope.',
    {
      cautions: ['webs', 'pads', 'finger', 'moves'],
      cutsWith: ['blunt-scissors'],
      near: ['toe-webs', 'pads'],
      each: true,
    },
  ),
  step(
    'done',
    'Comb, stand the foot down, look from above',
    'Round, and no hair over the pads. Then match the other foot.',
    { each: true },
  ),
]
