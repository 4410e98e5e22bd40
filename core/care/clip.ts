import type { CareCautionId } from './cautions'
import type { DangerId } from './dangers'

interface ClipStep {
  act: string
  how: string
  cautions: readonly CareCautionId[]
  near: readonly DangerId[]
}

/**
 * A body clip at home, in order. It is the groomer's trade; this helps it go safely. Common practice,
 * no source.
 */
export const CLIP_STEPS: readonly ClipStep[] = [
  {
    act: 'Washed, dry, and the comb glides everywhere',
    how: 'A clipper jams on dirt and stops at a mat.',
    cautions: ['jam'],
    near: [],
  },
  {
    act: 'A guard comb longer than you think',
    how: 'You can go over it again; you cannot put it back.',
    cautions: ['mains'],
    near: [],
  },
  {
    act: 'Neck to tail, down the spine',
    how: 'With the lie. For the neck the dog sits.',
    cautions: ['neck-folds', 'head', 'leather', 'lie', 'heat', 'tail-bone'],
    near: ['neck-folds', 'throat', 'ear-edge', 'tail-bone'],
  },
  {
    act: 'Down the sides, then down each leg to the ankle',
    how: 'Short turns with rests; another place when it pulls. Feet and head are tidies.',
    cautions: ['folds', 'tendon', 'lie', 'heat', 'jam', 'webs'],
    near: ['elbow-web', 'hock-tendon', 'flank-fold', 'toe-webs'],
  },
  {
    act: 'Belly and chest last',
    how: 'Blade flat; your hand over what you cannot see.',
    cautions: ['cover', 'folds', 'lie', 'heat'],
    near: ['nipples', 'hernia', 'sheath', 'flank-fold', 'elbow-web'],
  },
  {
    act: 'Brush it up against its lie, and go over it again',
    how: 'Lines go, and much more comes off. Elbow web, hock tendon and flank fold: comb, and leave them for the groomer.',
    cautions: ['folds', 'tendon', 'heat', 'jam'],
    near: ['elbow-web', 'hock-tendon', 'flank-fold'],
  },
  {
    act: 'Stand back, look from the front and behind',
    how: 'Take what sticks out. Clothes in winter felt a long body: keep it shorter under them.',
    cautions: ['stop'],
    near: [],
  },
]
