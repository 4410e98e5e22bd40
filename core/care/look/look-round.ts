import type { Spot } from '../../record/spots'

/** The walk over the dog, nose to tail, a minute long: where, and what to look and feel for. Common practice. */
export const ROUND: readonly { stop: string; look: string; where: readonly Spot[] }[] = [
  {
    stop: 'Eyes, nose, mouth',
    look: 'Clear and open? Gums pink? Nothing smells?',
    where: ['eyes', 'muzzle', 'mouth', 'beard'],
  },
  {
    stop: 'Ears',
    look: 'Flap, edge, opening: pale, dry, no smell.',
    where: ['ear-openings', 'ear', 'ear-edge', 'behind-ear'],
  },
  {
    stop: 'Head, neck, throat',
    look: 'Flat hands: lumps, heat, a sore under the collar.',
    where: ['crown', 'fringe', 'cheek', 'nape', 'collar-line'],
  },
  {
    stop: 'Back, sides, rump',
    look: 'Part the coat to the skin in a few places.',
    where: ['shoulders', 'back', 'side', 'girth', 'rump'],
  },
  {
    stop: 'Chest, armpits, belly',
    look: 'Thin skin first: red, wet, rubbed?',
    where: ['chest', 'armpit', 'belly', 'tuck-up', 'inner-thigh'],
  },
  {
    stop: 'Legs and feet',
    look: 'Down each leg; between every toe, pads, nails.',
    where: ['foreleg', 'thigh', 'hock', 'forefoot', 'hindfoot', 'pads', 'nails'],
  },
  {
    stop: 'Under and along the tail',
    look: 'Clean, dry, nothing red.',
    where: ['under-tail', 'tail-base', 'tail'],
  },
]
