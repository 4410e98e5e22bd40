/**
 * Cautions of the care beside the comb, each in one place. Shown at the step, before the act. Common
 * practice, no source.
 */
export const CARE_CAUTIONS = {
  finger: 'A finger between blade and skin, always: a slip meets the finger.',
  moves: 'The moment the dog moves, close the scissors and take them away.',
  foot: 'The moment the foot pulls, take the tool away and go with it.',
  head: 'When the head goes up, keep the hold and go with it. Never drag it down.',
  eye: 'Points away from the eye, the thick of the blade to the face, your hand between.',
  mouth: 'Mouth held gently closed, so that the tongue stays in.',
  webs: 'Between the toes is skin. Never point down into it, never cut across it.',
  pads: 'Level with the pads and no deeper: down between them is the groomer’s.',
  leg: 'Never lift a leg above the back or out sideways.',
  rear: 'No scissors here, ever. Clipper flush and light; where it does not pass, leave it.',
  opening: 'Away from the opening. Fouled hair that will not clear is for the groomer or a vet.',
  cover: 'Cover folds, nipples and privates with your hand. Stop short of the flank fold.',
  testicles: 'His testicles: leave that coat alone.',
  leather: 'Only hair below the leather. Feel with your fingers where it ends.',
  canal: 'Nothing goes into the ear canal.',
  band: 'A band only while you cut, loose, below the leather. A forgotten band kills an ear.',
  crust: 'Caked crust is soaked soft, never picked. Red or bare skin under it: stop, and ring the vet.',
  'tail-bone': 'Find the last tail bone with your fingers and keep well past it.',
  tendon: 'Behind the hock is skin over tendon: comb only, no blade.',
  lie: 'With the lie of the hair: against it leaves less, and itches.',
  short: 'Stop short again of every place you stopped short of.',
  heat: 'Feel the blade on your wrist every few minutes: it heats up.',
  folds:
    'No clipper, guard or no guard, at elbow web, hock tendon or flank fold: skin slips between the teeth.',
  'neck-folds': 'Spread the neck folds flat with your hand before the blade comes.',
  quick: 'A sliver at a time. Dark nail, or unsure: groomer or vet.',
  'ears-dry': 'No running water into eyes or ears.',
  water: 'Lukewarm, tried on the inside of your wrist first.',
  mains: 'Dryer and clipper stay away from water and wet hands.',
  'no-air': 'A hand over the privates: no air there.',
  dryer: 'Low heat, kept moving. Never at face, ears or privates; watch for panting.',
  alone: 'Never alone in the bath or on the table: a hand on the dog.',
  tether: 'No loop or tether, unless someone holds the dog.',
  'dog-only': 'Only what is made for dogs, and off the eyes.',
  jam: 'A clipper that stops has met a mat. Do not push.',
  rake: 'Light, in the lie: pressed in, the teeth burn. Not on folds, belly, bone or privates.',
  taut: 'Skin held taut, few strokes a place, careful where the coat is thin.',
  stop: 'Pain, red skin or blood: stop, and ring the vet.',
} as const
export type CareCautionId = keyof typeof CARE_CAUTIONS

/** Said once in setup and on every handover. */
export const LAW =
  'Local law and the codes of vets and groomers come first, and what yours tell you overrides this program. It never diagnoses.'
