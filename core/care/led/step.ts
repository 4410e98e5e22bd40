import type { CarePartId } from '../../record/care-parts'
import type { FoundId } from '../../record/part-done'
import type { OutcomeId } from '../../record/look-outcomes'
import type { RegionId } from '../../coat/regions'
import type {
  EarCareSchool,
  EarCarriage,
  EarHairSchool,
  FaceSchool,
  SanitarySchool,
} from '../../record/habits'
import type { MeansId } from '../../record/means'
import type { SignId } from '../../record/signs'
import type { CareCautionId } from '../cautions'
import type { Spot } from '../../record/spots'
import type { DangerId } from '../tidies/dangers'
import type { Allowed } from '../tidies/may'

/**
 * The language of led work: a step has its act and way, what cuts in it, the cautions before it, the parts it works on,
 * and what may be found there, each with where it leads.
 */

/**
 * Where what is found leads: on to the next step; this part is done; a thing to do here and look again; another step,
 * reached no other way; the knot questions; something on the skin, told where and what; leaving the part; a part wash;
 * the vet.
 */
type Leads = 'on' | 'done' | 'here' | 'aside' | 'knot' | 'spot' | 'leave' | 'wash' | 'vet'

/** After so many minutes at a step something is said, until it is seen to. */
export interface StepClock {
  minutes: number
  says: string
  off: string
}

/** What may be found at a step, and where it leads. */
export interface StepFinding {
  id: string
  says: string
  leads: Leads
  /** What is done about it, or why it is left. */
  then?: string
  /** Of a knot: where. */
  at?: RegionId
  /** Of what is for the vet: where, and what is seen. */
  spot?: Spot
  sign?: SignId
  /** The step it leads aside to. */
  to?: string
  /** How the look came out there. */
  outcome?: OutcomeId
  /** What is kept on the record of that part. */
  found?: FoundId
}
/** A finding before it is known which part is in hand. */
export interface Ask extends StepFinding {
  /** Asked only where one of these is in hand. */
  with?: readonly MeansId[]
}

export interface WorkStep {
  id: string
  act: string
  how: string
  /** What cuts in this step; none for a step of hand, cloth and comb. */
  cutsWith: readonly MeansId[]
  /** Danger places this step comes near. */
  near: readonly DangerId[]
  /** Stands before the act. */
  cautions: readonly CareCautionId[]
  /** The parts it works on, by how their names begin; without it, none by name. */
  parts?: RegExp
  /** Worked through on one part before the next: a foot, an ear, an eye. */
  each?: true
  /** What is asked, the usual answer first. */
  asks: readonly Ask[]
  /** Done only where this other step is. */
  only?: string
  /** Reached only where a finding leads to it. */
  aside?: true
  /** A band goes on in this step, or comes off: between the two nothing else may be done. */
  band?: 'on' | 'off'
  clock?: StepClock
  /** Where on the map it works, of works that have no parts of a tidy. */
  regions?: readonly RegionId[]
  /** The drawing that shows it. */
  draws?: string
}
type More = Partial<Omit<WorkStep, 'id' | 'act' | 'how'>>
export const step = (id: string, act: string, how: string, more: More = {}): WorkStep => ({
  id,
  act,
  how,
  cutsWith: [],
  near: [],
  cautions: [],
  asks: [],
  ...more,
})

/** What decides the steps: the dog, the schools, and what may be used. */
export interface WorkAsked extends Allowed {
  sex: 'female' | 'male'
  /** Not said: asked after as if intact. */
  neutered?: boolean | undefined
  face: FaceSchool
  /** Null where it was not said: then nothing is done that wants hair hanging below the leather. */
  ears: EarCarriage | null
  earHair: EarHairSchool
  earCare: EarCareSchool
  sanitary: SanitarySchool
  /** Grows beard, moustache and cheeks: wool, silk and wire do. */
  bearded: boolean
  /** Works on the floor with a dog used to it. */
  floor: boolean
  /** No leg is lifted and it is not stood up: weak behind, or sore. */
  low?: boolean
  /** Whether hair grows in the ears' openings; not said, there may be. */
  hairyEars?: boolean
  /** Parts an open concern stops. */
  stopped?: readonly CarePartId[]
}

export const CLIPPERS: readonly MeansId[] = ['guarded-clipper', 'bare-clipper', 'flat-trimmer']
/** A clipper that stops has met a mat: the knot questions, there. */
export const stops = (): Ask => ({ id: 'stops', says: 'The clipper stops', leads: 'knot', with: CLIPPERS })
