import type { EarCarriage } from '../../record/habits'
import type { WorkAsked, WorkStep } from './step'
import { step } from './step'

const SOFT = ['thinning-scissors', 'blunt-scissors'] as const
const edge = (act: string, how: string, band = false): WorkStep =>
  step('edge', act, how, {
    cautions: [...(band ? (['band'] as const) : []), 'leather', 'finger', 'moves', 'head'],
    cutsWith: SOFT,
    near: ['ear-edge', 'ear-fold'],
    parts: /^ear-edge/,
    each: true,
    ...(band ? { band: 'on' as const } : {}),
  })
const HANGING = edge(
  'A loose band on the hair below the leather, and shorten below the band',
  'Round it off, little by little; thinning scissors leave a softer edge.',
  true,
)
/** Each way an ear is carried has its own outline. */
const EDGE: Record<EarCarriage | 'unsaid', WorkStep> = {
  hanging: HANGING,
  folded: HANGING,
  'hanging-short': edge(
    'Short hair on a hanging ear: only what stands past the edge',
    'Leather between finger and thumb, nail to its edge. Along its own curve; no band, nothing hangs.',
  ),
  pricked: edge(
    'The fringe of a pricked ear, along its own outline',
    'Finger and thumb on the edge, from the base up each side. The tip is rounded, never cut across.',
  ),
  tassel: edge(
    'A loose band on the tassel, below the leather, and shape what hangs below it',
    'A point or a curve, as it was. What is clipped close above it is the groomer’s.',
    true,
  ),
  unsaid: edge(
    'Shorten what stands past the edge, along its own outline',
    'Fingers on the leather, and only the hair past them. Little by little.',
  ),
}
/** Where hair hangs below the leather, a band marks it while it is cut. */
export const bandedEar = (ears: EarCarriage | null): boolean => EDGE[ears ?? 'unsaid'].band === 'on'

/** Ear by ear, the band off one before the other is begun. Common practice, no source. */
export const earSteps = ({ earHair, ears, hairyEars = true }: WorkAsked): WorkStep[] => [
  step(
    'comb',
    'Comb the ear through',
    'Leather flat on your palm, away from its edge. Feel where it ends and hair begins.',
    {
      cautions: ['leather'],
      parts: /^(ear-edge|behind-ear)/,
      each: true,
      asks: [
        { id: 'glides', says: 'The comb glides', leads: 'on' },
        { id: 'catches', says: 'It catches', leads: 'knot' },
        { id: 'sore', says: 'Red, hot or sore', leads: 'vet', spot: 'ear', sign: 'red' },
      ],
    },
  ),
  EDGE[ears ?? 'unsaid'],
  ...(bandedEar(ears)
    ? [
        step('band-off', 'Band off, before anything else', 'Feel along the ear: nothing is left on.', {
          cautions: ['band'],
          parts: /^ear-edge/,
          each: true,
          only: 'edge',
          band: 'off',
        }),
      ]
    : []),
  step(
    'base',
    'At the base and behind, thinned so that it mats less',
    'From beneath, a snip and a comb. Less is taken from the flap.',
    {
      cautions: ['leather', 'finger', 'moves', 'head'],
      cutsWith: ['thinning-scissors'],
      near: ['ear-fold'],
      parts: /^(ear-base|behind-ear)/,
      each: true,
    },
  ),
  ...(!hairyEars
    ? []
    : [
        earHair === 'shorten'
          ? step(
              'inside',
              'Inside, only what shows',
              'With the flap laid back. Nothing deeper than you can see.',
              {
                cautions: ['canal', 'finger', 'moves', 'leather'],
                cutsWith: ['blunt-scissors'],
                near: ['ear-canal', 'ear-edge', 'ear-fold'],
                parts: /^ear-base/,
                each: true,
              },
            )
          : step(
              'inside',
              'Hair inside: leave it',
              earHair === 'pluck'
                ? 'Plucking is never done at home: ask your groomer, and do as your vet says.'
                : 'Groomers and vets disagree; left is safest. A vet’s word comes first.',
              { cautions: ['canal'], parts: /^ear-base/, each: true },
            ),
      ]),
  step(
    'lifted',
    'Lift both from behind, at the base',
    'Truer than the tips: the same amount off each, by finger.',
    { only: 'edge' },
  ),
  step(
    'done',
    'Head up, look from the front',
    'Cartilage differs: one ear may only look longer. Let the head move, and look again.',
    {
      asks: [
        { id: 'even', says: 'Even, no strays', leads: 'on' },
        {
          id: 'strays',
          says: 'A stray or two',
          leads: 'here',
          then: 'Comb them down, a finger on the leather, only what stands past it. Unsure: leave it.',
        },
      ],
    },
  ),
]
