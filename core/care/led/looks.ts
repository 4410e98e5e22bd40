import type { Ask, WorkAsked, WorkStep } from './step'
import { step } from './step'

/** Ears, eyes and teeth, looked at: what is seen decides, and nothing sore is wiped. Common practice, no source. */
export const eyeSteps = (): WorkStep[] => [
  step(
    'look',
    'Look at the eye, and its inner corner',
    'In good light, before anything touches it. Open, and clear?',
    {
      each: true,
      cautions: ['stop'],
      asks: [
        { id: 'clear', says: 'Clear', leads: 'done', outcome: 'clear' },
        { id: 'damp', says: 'Damp, or soft crust', leads: 'on' },
        {
          id: 'red',
          says: 'Red, closed or with pus',
          leads: 'vet',
          spot: 'eyes',
          sign: 'red',
          outcome: 'red',
        },
      ],
    },
  ),
  step('wipe', 'Wipe from the corner out', 'Damp cloth, a clean bit for each eye. Then look at the skin.', {
    each: true,
    cautions: ['dog-only', 'crust'],
    asks: [
      { id: 'wiped', says: 'Wiped clean', leads: 'done', outcome: 'wiped' },
      { id: 'soaked', says: 'Crust, soaked off', leads: 'done', outcome: 'crust' },
      {
        id: 'caked',
        says: 'Caked: it stays',
        leads: 'leave',
        then: 'It is soaked soft, in the bath or with a wet cloth held on it, not picked.',
        found: 'caked',
      },
      { id: 'bare', says: 'Red or bare under it', leads: 'vet', spot: 'eyes', sign: 'red', outcome: 'red' },
    ],
  }),
]

const EAR_BAD: readonly Ask[] = [
  { id: 'wax', says: 'Dark wax', leads: 'vet', spot: 'ear-openings', sign: 'wax', outcome: 'wax' },
  { id: 'smell', says: 'It smells', leads: 'vet', spot: 'ear-openings', sign: 'smell', outcome: 'smell' },
  {
    id: 'sore',
    says: 'Red, swollen or sore',
    leads: 'vet',
    spot: 'ear-openings',
    sign: 'red',
    outcome: 'sore',
  },
]
export const earLookSteps = ({ earCare }: WorkAsked): WorkStep[] => [
  step(
    'look',
    'Lay the flap back; look, and smell',
    'Pale and odourless is well. Red, dark, swollen or sore is not wiped.',
    {
      each: true,
      cautions: ['canal', 'stop'],
      asks:
        earCare === 'wipe'
          ? [{ id: 'pale', says: 'Pale, no smell', leads: 'on' }, ...EAR_BAD]
          : [
              { id: 'pale', says: 'Pale, no smell', leads: 'done', outcome: 'well' },
              { id: 'dirt', says: 'Some dirt to see', leads: 'on' },
              ...EAR_BAD,
            ],
    },
  ),
  step(
    'wipe',
    'Wipe what you can see',
    'Cleaner on cotton, round the finger, outwards. What you do not see is left.',
    {
      each: true,
      cautions: ['canal', 'dog-only'],
      asks: [
        { id: 'wiped', says: 'Wiped', leads: 'done', outcome: 'wiped' },
        {
          id: 'hurts',
          says: 'It hurts, or the head shakes',
          leads: 'vet',
          spot: 'ear-openings',
          sign: 'pain',
          outcome: 'sore',
        },
      ],
    },
  ),
]

/** Each side, from a taste of the paste on. */
export const teethSteps = (): WorkStep[] => [
  step('taste', 'A taste of the paste, off your finger', 'Dog paste. Only that, the first times.', {
    cautions: ['dog-only'],
  }),
  step('lift', 'Lift the lip at the side, and look', 'No need to open the mouth.', {
    cautions: ['stop'],
    asks: [
      { id: 'well', says: 'Teeth and gums as usual', leads: 'on' },
      { id: 'amiss', says: 'A lump, a broken tooth, a new smell', leads: 'vet', spot: 'mouth', sign: 'lump' },
    ],
  }),
  step(
    'side',
    'The outsides of the back teeth, small circles',
    'A few seconds, then the other side. Then praise.',
    {
      cautions: ['dog-only'],
      asks: [
        { id: 'brushed', says: 'Both sides', leads: 'done', outcome: 'done' },
        { id: 'little', says: 'Let me a little', leads: 'done', outcome: 'little' },
        {
          id: 'bleeding',
          says: 'The gums bleed',
          leads: 'vet',
          spot: 'mouth',
          sign: 'blood',
          outcome: 'bleeding',
        },
      ],
    },
  ),
]
