import type { NotToday } from '#core/care/tidies/cut-gate'
import { isTrim } from '#core/record/tidies'
import type { CutId, TrimId, WorkId } from '#core/record/tidies'
import type { CareId } from '#core/record/tidies'
import type {
  EAR_CARE_SCHOOLS,
  EarCarriage,
  EarHairSchool,
  FaceSchool,
  Ground,
  SanitarySchool,
  Setting,
} from '#core/record/habits'

type Led = (her: string) => string
/** The tidies in words: what is done with a blade, and what with cloth and comb alone. */
export const TRIM_WORDS: Record<TrimId, { label: string; cut: Led; uncut: Led; care: CareId | null }> = {
  face: {
    label: 'Face',
    cut: (her) => `Clear ${her} eye corners`,
    uncut: (her) => `Clean ${her} eye corners`,
    care: 'face',
  },
  paws: {
    label: 'Paws',
    cut: (her) => `Trim ${her} paws level`,
    uncut: (her) => `Feel and comb ${her} paws`,
    care: 'paws',
  },
  sanitary: {
    label: 'Under the tail',
    cut: () => 'Clear under the tail',
    uncut: () => 'Clean under the tail',
    care: 'sanitary',
  },
  ears: {
    label: 'Ear edges',
    cut: (her) => `Round ${her} ear edges`,
    uncut: (her) => `Comb ${her} ear edges`,
    care: 'ears',
  },
  neatening: {
    label: 'Neatening',
    cut: () => 'Neaten, or leave it',
    uncut: () => 'Comb it out, and leave it',
    care: null,
  },
}
/** The looks between, in words. */
const LOOK_WORDS: Record<Exclude<WorkId, TrimId>, { label: string; led: Led }> = {
  nails: { label: 'Nails', led: (her) => `Look at ${her} nails, foot by foot` },
  eyes: { label: 'Eyes', led: (her) => `Look at ${her} eyes` },
  'ear-look': { label: 'Ears', led: (her) => `Look into ${her} ears` },
  teeth: { label: 'Teeth', led: (her) => `Brush ${her} teeth` },
}
export const workLabel = (work: WorkId | CutId): string =>
  work === 'clip' ? 'A body clip' : isTrim(work) ? TRIM_WORDS[work].label : LOOK_WORDS[work].label
/** A tidy as it will be done with what may be used: nothing is promised that is withheld. */
export const ledWith = (work: WorkId, cuts: boolean): Led =>
  isTrim(work) ? TRIM_WORDS[work][cuts ? 'cut' : 'uncut'] : LOOK_WORDS[work].led
/** The kind of care a work is logged as. */
export const careOf = (work: WorkId): CareId | null => (isTrim(work) ? TRIM_WORDS[work].care : work)

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
/** The middle setting by what it opens at each. */
const OPENS: Partial<Record<CutId, string>> = {
  sanitary: 'and the guard',
  nails: 'and a nail tool',
  clip: 'and a guard comb',
}
export const settingLabel = (work: CutId, setting: Setting): string =>
  (setting === 'scissors' && OPENS[work]) || SETTING_WORDS[setting].label
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
    means: 'Cleaner on cotton every week or so. The default for hanging ears.',
  },
  'leave-alone': {
    label: 'Wipe only what is there',
    means: 'Looked at as often; a pale, odourless ear is left. The default for pricked ears.',
  },
}
const EARS: Record<EarCarriage, Way> = {
  hanging: {
    label: 'Hanging, long hair',
    means: 'Hair hangs below the leather: its end is marked while you cut.',
  },
  'hanging-short': { label: 'Hanging, short hair', means: 'Nothing hangs below the leather: no band.' },
  folded: { label: 'Folded over', means: 'Half up, the tip over.' },
  pricked: {
    label: 'Pricked',
    means: 'Upright, with a fringe. They gather dirt too, and are looked at as often.',
  },
  tassel: { label: 'With a tassel', means: 'Clipped close above, long at the tip: the tassel is shaped.' },
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
  { id: 'ears', question: 'How are the ears carried?', ways: EARS },
  { id: 'earHair', question: 'Hair inside the ear?', ways: EAR_HAIR },
  { id: 'earCare', question: 'Ears, week by week?', ways: EAR_CARE },
  { id: 'ground', question: 'Where does the dog walk?', ways: GROUND },
  { id: 'sanitary', question: 'What counts as a sanitary tidy?', ways: SANITARY },
] as const

/** What the record knows that stops a tidy today. */
export const NOT_TODAY = {
  wet: 'Not on a wet coat: it dries shorter than it looks. Dry and comb first.',
  matted: 'No blade at a mat: skin is drawn up into it. That is the groomer’s.',
} as const satisfies Record<NotToday, string>
