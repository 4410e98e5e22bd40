import type { Ask, WorkAsked, WorkStep } from './step'
import { step } from './step'

/** Privates: covered and combed, on no dog cut. A bitch in season, an empty fold and a sheath are each asked after. */
export function privates({ sex, neutered = false }: WorkAsked): WorkStep {
  const well: Ask = { id: 'well', says: 'As usual', leads: 'on' }
  if (sex === 'female')
    return step(
      'privates',
      'Round the vulva: your hand over it, and comb',
      'Combed away from it, never cut. The folds are dried under the hair.',
      {
        cautions: ['rear', 'cover'],
        near: ['vulva'],
        parts: /^privates/,
        asks: [
          well,
          ...(neutered
            ? []
            : [
                {
                  id: 'in-season',
                  says: 'In season',
                  leads: 'leave',
                  then: 'Wiped, and left till it is over. If she is unwell, or it smells, ring the vet.',
                  found: 'in-season',
                } as const,
              ]),
          { id: 'sore', says: 'Red, wet or smelling', leads: 'vet', spot: 'under-tail', sign: 'red' },
        ],
      },
    )
  return step(
    'privates',
    neutered
      ? 'Sheath covered; the empty fold behind it combed'
      : 'Sheath and testicles: your hand over them, and comb',
    neutered
      ? 'Loose skin, and it still mats: hold it smooth and comb, never a blade.'
      : 'Combed round and left long. That coat is left alone.',
    {
      cautions: ['cover', 'testicles'],
      near: ['sheath', 'testicles'],
      parts: /^privates/,
      asks: [
        well,
        {
          id: 'knotted',
          says: 'Knotted there',
          leads: 'leave',
          then: 'It is left. Hair knotted at the privates is the groomer’s, or a vet’s where it is fouled.',
          found: 'wont-pass',
        },
        {
          id: 'sore',
          says: 'Red, or more than a drop',
          leads: 'vet',
          spot: 'inner-thigh',
          sign: 'discharge',
        },
      ],
    },
  )
}
