import type { TrimId } from '#core/care/dangers'
import type { CareId } from '#core/care/due'
import type {
  EAR_CARE_SCHOOLS,
  EarHairSchool,
  FaceSchool,
  Ground,
  SanitarySchool,
  Setting,
  TaughtId,
} from '#core/record/habits'

/** The tidies in words: what to do, and what it takes, minutes (judgement). */
export const TRIM_WORDS: Record<
  TrimId,
  { label: string; act: (her: string) => string; minutes: number; care: CareId | null }
> = {
  face: { label: 'Face', act: (her) => `Clear ${her} eye corners`, minutes: 5, care: 'face' },
  paws: { label: 'Paws', act: (her) => `Trim ${her} paws level`, minutes: 8, care: 'paws' },
  sanitary: { label: 'Under the tail', act: () => 'Clear under the tail', minutes: 6, care: 'sanitary' },
  ears: { label: 'Ear edges', act: (her) => `Round ${her} ear edges`, minutes: 6, care: 'ears' },
  neatening: { label: 'Neatening', act: () => 'Neaten, or leave it', minutes: 8, care: null },
}

export const SETTING_WORDS: Record<Setting, { label: string; means: string }> = {
  comb: {
    label: 'Cloth and comb',
    means: 'Nothing that cuts. What grows over waits for the groomer. The default.',
  },
  scissors: {
    label: 'and blunt tips',
    means: 'Small blunt scissors with your finger as the guard; clippers only with theirs.',
  },
  taught: { label: 'as I was shown', means: 'What a groomer has taught you, with their name on it.' },
}
export const TAUGHT_WORDS: Record<TaughtId, string> = {
  'rear-blade': 'a bare #10 or #15 at the rear',
  'corner-blade': 'a bare #10 or #15 in the eye corners',
}

interface Way {
  label: string
  means: string
}
const FACE: Record<FaceSchool, Way> = {
  corners: { label: 'Corners and sides only', means: 'The fringe is left. The default for owners.' },
  'three-cuts': {
    label: 'Fringe in three short cuts',
    means: 'Slant, level, slant: two slants alone meet in a peak.',
  },
  'one-line': { label: 'One line', means: 'Between the outer corners of the eyes.' },
  curved: { label: 'One curved sweep', means: 'With curved scissors.' },
}
const EAR_HAIR: Record<EarHairSchool, Way> = {
  leave: { label: 'Leave it', means: 'The default: groomers and vets disagree, and left is safest.' },
  shorten: { label: 'Shorten what shows', means: 'Nothing deeper than you can see.' },
  pluck: { label: 'Plucked, by the groomer', means: 'Never at home. A vet’s instruction comes first.' },
}
const EAR_CARE: Record<(typeof EAR_CARE_SCHOOLS)[number], Way> = {
  wipe: {
    label: 'Wipe what you can see',
    means: 'Cleaner on cotton every week or so. The default for drop ears.',
  },
  'leave-alone': { label: 'Leave a pale, odourless ear alone', means: 'The default for pricked ears.' },
}
const GROUND: Record<Ground, Way> = {
  hard: { label: 'Roads and hard ground', means: 'It wears nails: a trim every three to four weeks.' },
  soft: { label: 'Grass and floors', means: 'Nails do not wear: a trim at every look.' },
}
const SANITARY: Record<SanitarySchool, Way> = {
  privates: { label: 'Privates and under the tail', means: 'The default.' },
  wider: { label: 'Pads and armpits count too', means: 'Combed through here; the pads have their own tidy.' },
}
/** Where groomers differ at the tidies, as questions. */
export const CARE_SCHOOLS = [
  { id: 'face', question: 'How much of the face?', ways: FACE },
  { id: 'earHair', question: 'Hair inside the ear?', ways: EAR_HAIR },
  { id: 'earCare', question: 'Ears, week by week?', ways: EAR_CARE },
  { id: 'ground', question: 'Where does the dog walk?', ways: GROUND },
  { id: 'sanitary', question: 'What counts as a sanitary tidy?', ways: SANITARY },
] as const

/** What stops a tidy today. */
export const NOT_TODAY = {
  dirty: { label: 'Dirty', says: 'Not on a dirty coat: it blunts and jams. Wash first.' },
  wet: { label: 'Wet', says: 'Not on a wet coat: it dries shorter than it looks. Dry and comb first.' },
  fidgety: {
    label: 'Fidgety',
    says: 'Not with blades today. Two minutes of handling instead, and another day.',
  },
  matted: {
    label: 'Matted there',
    says: 'No blade at a mat: skin is drawn up into it. That is the groomer’s.',
  },
} as const
export type NotToday = keyof typeof NOT_TODAY
