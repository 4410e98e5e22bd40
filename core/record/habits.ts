import type { CoatId } from '../coat/coat-types'
import type { Habits } from './profile'
import { CUT_IDS } from './tidies'
import type { CareId, CutId, TidyId } from './tidies'

/**
 * Where groomers differ: each school a choice, with what holds unless the owner says otherwise, and
 * why. Common practice, no source.
 */
export const LINES = ['foot-up', 'head-back'] as const
/** Whether a side is finished before the dog is turned, or a pair is done foot by foot. */
export const TURNS = ['side', 'pairs'] as const
/** Whether a day's work is one sitting, or two where the dog does not bear it in one. */
export const SITTINGS = ['once', 'twice'] as const
export const STROKES = ['with-lie', 'several'] as const
export const PRESSURES = ['light', 'firmer'] as const
export const WASHES = ['brush-first', 'wash-first'] as const
export const HANDLINGS = ['come-back', 'hold-still', 'carry-on'] as const

/** What an owner may do at a tidy: cautious unless they say otherwise. */
export const SETTINGS = ['comb', 'scissors', 'taught'] as const
export type Setting = (typeof SETTINGS)[number]
/** What a groomer can teach an owner, and is named for it. */
export const TAUGHT = ['rear-blade', 'corner-blade'] as const
export type TaughtId = (typeof TAUGHT)[number]
export const FACE_SCHOOLS = ['corners', 'three-cuts', 'one-line', 'curved'] as const
export type FaceSchool = (typeof FACE_SCHOOLS)[number]
export const EAR_HAIR_SCHOOLS = ['leave', 'shorten', 'pluck'] as const
export type EarHairSchool = (typeof EAR_HAIR_SCHOOLS)[number]
/** How the dog carries its ears, as its owner sees it: it is asked, not guessed from the coat. */
export const EAR_CARRIAGES = ['hanging', 'hanging-short', 'folded', 'pricked', 'tassel'] as const
export type EarCarriage = (typeof EAR_CARRIAGES)[number]
export const EAR_CARE_SCHOOLS = ['wipe', 'leave-alone'] as const
export type EarCareSchool = (typeof EAR_CARE_SCHOOLS)[number]
export const SANITARY_SCHOOLS = ['privates', 'wider'] as const
export type SanitarySchool = (typeof SANITARY_SCHOOLS)[number]

/** What the dog walks on: hard ground wears nails. */
export const GROUNDS = ['hard', 'soft'] as const
export type Ground = (typeof GROUNDS)[number]

/** When the dog goes to bed, minutes after midnight, unless the owner says (judgement). */
const USUAL_BED = 22 * 60

/** Coats often worked down in lines from the head back. */
const HEAD_BACK: readonly CoatId[] = ['double-long', 'double-short']

/** Coats whose dogs mostly carry pricked ears, until the owner says (judgement). */
const PRICKED: readonly CoatId[] = ['double-long', 'double-short']

/** What an owner may do at one tidy: as was said of it, else as of all of them. */
export const settingAt = (tidy: CutId, { may, setting }: Pick<HabitsNow, 'may' | 'setting'>): Setting =>
  may[tidy]?.setting ?? setting
/** Whether anything is cut at a tidy, as the owner is set. */
export const cutsAt = (tidy: TidyId | CareId, habits: Pick<HabitsNow, 'may' | 'setting'>): boolean =>
  CUT_IDS.some((id) => id === tidy && settingAt(id, habits) !== 'comb')

export type HabitsNow = ReturnType<typeof habitsOf>
/** How the owner works, with the default where nothing was said. */
export const habitsOf = ({ coat, habits = {} }: { coat: CoatId; habits?: Habits | undefined }) => ({
  lines: habits.lines ?? (HEAD_BACK.includes(coat) ? 'head-back' : 'foot-up'),
  turns: habits.turns ?? 'side',
  sittings: habits.sittings ?? 'once',
  strokes: habits.strokes ?? 'with-lie',
  pressure: habits.pressure ?? 'light',
  floor: habits.floor ?? false,
  wash: habits.wash ?? 'brush-first',
  handling: habits.handling ?? 'come-back',
  matsShownBy: habits.matsShownBy ?? null,
  tools: habits.tools,
  every: habits.every ?? {},
  fingerMm: habits.fingerMm ?? null,
  setting: habits.setting ?? 'comb',
  taughtBy: habits.taughtBy ?? null,
  taught: habits.taughtBy ? (habits.taught ?? []) : [],
  /** What may be used at single tidies, where it was said apart. */
  may: habits.may ?? {},
  /** Unset where nothing was said of what cuts here. */
  cutters: habits.cutters,
  worn: habits.worn ?? [],
  guards: habits.guards,
  face: habits.face ?? 'corners',
  earHair: habits.earHair ?? 'leave',
  ears: habits.ears ?? null,
  /** Hanging ears are wiped at every look, pricked ones when there is something to wipe. */
  earCare:
    habits.earCare ??
    ((habits.ears ? habits.ears === 'pricked' : PRICKED.includes(coat)) ? 'leave-alone' : 'wipe'),
  sanitary: habits.sanitary ?? 'privates',
  ground: habits.ground ?? 'hard',
  dryer: habits.dryer ?? 'household',
  watts: habits.watts ?? null,
  bed: habits.bed ?? USUAL_BED,
  vetPlan: habits.vetPlan ?? null,
  /** Null where nothing was said: then a real feed counts, and the invented one moves nothing. */
  weather: habits.weather ?? null,
})
