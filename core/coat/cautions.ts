import type { CautionId } from './regions'

/** Every caution's words, once. Shown at the step, before the act. */
export const CAUTIONS: Record<CautionId, string> = {
  eye: 'Keep a hand between comb and eye.',
  leather: 'The ear’s edge is thin. Support it, and comb away from it.',
  throat: 'Loose skin at the throat. Lay it flat first.',
  'thin-skin': 'Thin skin. Never lift the leg out sideways.',
  'cover-belly':
    'Cover nipples, any hernia, sheath or vulva with your hand before a pin comes near. Flatten the fold of the flank.',
  'cover-thigh':
    'Thin skin, never lifted out sideways. Cover vulva, or sheath and testicles, with your hand.',
  fold: 'A fold of skin tents up here. Flatten it with your hand.',
  tendon: 'The tendon stands out under thin skin. Light hand.',
  webs: 'Skin webs between the toes. Feel for seeds, tiny sections.',
  bone: 'Bone close under the hair. Keep your fingers over it.',
  opening: 'A hand over the opening and the privates below it; comb away. Sore or wet: stop, ring the vet.',
  spine: 'Bone close under the skin along the back. Pat, do not drag.',
  light: 'Light hand. Stop if the skin reddens or the dog minds.',
}
