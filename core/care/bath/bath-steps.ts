import type { CoatId } from '../../coat/coat-types'
import type { Dryer } from '../../coat/drying'
import { mustBeDried } from './bath-recipe'
import type { CareCautionId } from '../cautions'

export interface BathStep {
  id: string
  act: string
  how: string
  cautions: readonly CareCautionId[]
}

/** The bath in its order, as at the table: one act at a time, its caution before it. Common practice, no source. */
export function bathSteps(
  coat: CoatId,
  mixes: { shampooMl: number; conditionerMl: number },
  dryer: Dryer = 'household',
): readonly BathStep[] {
  const byItself = dryer === 'none' && !mustBeDried(coat)
  const combed = coat !== 'smooth'
  return [
    {
      id: 'ready',
      act: 'Mat down, all of it within reach',
      how: 'Non-slip mat, both mixes, a cloth, three towels. Treats. A towel over the shower head calms a fearful dog.',
      cautions: ['alone', 'mains', 'dog-only'],
    },
    {
      id: 'cotton',
      act: 'Cotton loosely at both ear openings',
      how: 'Two pieces. They come out again at the end.',
      cautions: ['canal'],
    },
    {
      id: 'wet',
      act: 'Wet to the skin, low pressure',
      how: 'From the back down. Look at the skin as the water parts the coat.',
      cautions: ['water', 'ears-dry', 'stop'],
    },
    {
      id: 'shampoo',
      act: `Shampoo mix, ${mixes.shampooMl} ml, back to paws`,
      how: 'With the lie, squeezed through, not rubbed in circles. Underside and paws too.',
      cautions: ['dog-only'],
    },
    {
      id: 'face',
      act: 'The face last, with a cloth',
      how: 'Something safe near eyes, wiped, not poured.',
      cautions: ['ears-dry'],
    },
    {
      id: 'rinse',
      act: 'Rinse until it runs clear, then again',
      how: 'The coat squeaks. What stays in itches.',
      cautions: ['ears-dry'],
    },
    ...(combed
      ? [
          {
            id: 'conditioner',
            act: `Conditioner, ${mixes.conditionerMl} ml, more where it catches`,
            how: 'Three minutes, teasing with fingers what is slippery now; then rinse.',
            cautions: ['dog-only' as const],
          },
        ]
      : []),
    { id: 'blot', act: 'Squeeze and blot, never rub', how: 'Rubbing tangles. Change towels.', cautions: [] },
    byItself
      ? {
          id: 'dry',
          act: combed ? 'Towel, brush through, and a warm room' : 'Towel dry, and a warm room',
          how: 'Out of draughts until the skin under a parted line is dry to the back of a finger.',
          cautions: ['stop'],
        }
      : {
          id: 'dry',
          act: combed ? 'Dry to the skin while you brush' : 'Towel dry',
          how: 'With the lie for flat, against it for fluffy; feet upward, ears by hand. A coat left to dry by itself curls up and knots.',
          cautions: ['dryer', 'mains', 'stop'],
        },
    {
      id: 'ears',
      act: 'Cotton out, both pieces; ears wiped',
      how: 'What you can see, no deeper.',
      cautions: ['canal'],
    },
  ]
}
