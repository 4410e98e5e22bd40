import { offered } from '../tidies/may'
import type { Ask, WorkAsked, WorkStep } from './step'
import { step } from './step'

/**
 * Foot by foot, a sliver at a time; a long one is shortened over weeks, as the quick draws back. Pressing on a nail
 * that bleeds, and for how long, is common practice, no source.
 */
const LONG: Ask = { id: 'long', says: 'Long', leads: 'on' }
const THEIRS: Ask = {
  id: 'long',
  says: 'Long',
  leads: 'leave',
  then: 'Left to the groomer, as you are set: nothing here is cut.',
}
export const nailSteps = (asked: WorkAsked): WorkStep[] => [
  step(
    'hold',
    'Foot held low; press the toe so that its nail comes forward',
    'Hair drawn back from it. Dewclaws too, where there are any.',
    {
      cautions: ['leg'],
      each: true,
      asks: [
        { id: 'fine', says: 'Short: clear of the floor', leads: 'done', outcome: 'fine' },
        offered('nails', asked).includes('nail-clipper') || offered('nails', asked).includes('nail-grinder')
          ? LONG
          : THEIRS,
        { id: 'split', says: 'Split, torn or sore', leads: 'vet', spot: 'nails', sign: 'pain' },
        {
          id: 'grown-in',
          says: 'Curled into the pad',
          leads: 'vet',
          spot: 'pads',
          sign: 'pain',
        },
      ],
    },
  ),
  step(
    'sliver',
    'A sliver off the tip, then look at the cut',
    'Light nail: the pink is the quick, keep two millimetres off it. Dark nail: slivers, and a dark dot in the middle of the cut means stop.',
    {
      cautions: ['quick', 'foot'],
      cutsWith: ['nail-clipper', 'nail-grinder'],
      near: ['quick'],
      each: true,
      asks: [
        { id: 'short', says: 'Short enough now', leads: 'done', outcome: 'trimmed' },
        { id: 'dot', says: 'A dot shows, still long', leads: 'done', outcome: 'sliver' },
        { id: 'bled', says: 'It bleeds', leads: 'aside', to: 'press' },
      ],
    },
  ),
  step(
    'press',
    'Press a clean cloth on the nail, five minutes without looking',
    'Foot held up, calm. Styptic powder if there is any. No more nails on this foot today.',
    {
      cautions: ['stop'],
      each: true,
      aside: true,
      asks: [
        { id: 'stopped', says: 'It has stopped', leads: 'done', outcome: 'bled' },
        {
          id: 'goes-on',
          says: 'It goes on',
          leads: 'vet',
          then: 'Keep pressing until you are there.',
          spot: 'nails',
          sign: 'blood',
          outcome: 'bled',
        },
      ],
    },
  ),
]
