import type { PlaceId } from '../../coat/regions'
import { WORKING_ORDER } from '../../plan/working-order'
import { isSore } from '../../plan/off-the-table'
import type { Coat } from '../../record/coat'
import { addDays, dayOf } from '../../record/day'
import type { Setting } from '../../record/habits'
import type { CareCautionId } from '../cautions'
import { dangerRow } from './dangers'
import type { DangerId } from './dangers'
import { COMBED_WITHIN_DAYS } from '../bath/wash-gate'

interface ClipStep {
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** Danger places this step comes near, and stops short of. */
  near: readonly DangerId[]
}

/**
 * A body clip at home, in order, for this dog. It is the groomer's trade; this helps it go safely. The
 * blade goes nowhere that a step has just forbidden: those places are combed, in a step of their own.
 * Common practice, no source.
 */
const STEPS: readonly ClipStep[] = [
  {
    act: 'Steady, raised and non-slip, in good light',
    how: 'Against a wall, everything within reach, a helper if there is one.',
    cautions: ['alone', 'tether'],
    near: [],
  },
  {
    act: 'A guard comb longer than you think, on a clean blade',
    how: 'You can go over it again; you cannot put it back.',
    cautions: ['mains', 'jam'],
    near: [],
  },
  {
    act: 'Neck to tail, down the spine',
    how: 'With the lie. For the neck the dog sits. Stop at the root of the tail.',
    cautions: ['neck-folds', 'head', 'leather', 'lie', 'heat', 'tail-bone'],
    near: ['neck-folds', 'throat', 'ear-edge', 'tail-bone'],
  },
  {
    act: 'Down the sides, and the outside of each leg to the ankle',
    how: 'Lift the blade off a hand short of the flank fold, of the elbow’s inside and of the back of the hock. Short turns with rests; another place when it pulls.',
    cautions: ['folds', 'tendon', 'lie', 'heat', 'jam', 'webs'],
    near: ['elbow-web', 'hock-tendon', 'flank-fold', 'toe-webs'],
  },
  {
    act: 'The back of the thighs, a hand short of the opening',
    how: 'Downwards. Under the tail is a tidy of its own, and so are the feet and the head.',
    cautions: ['rear', 'testicles', 'lie'],
    near: ['anus', 'vulva', 'testicles'],
  },
  {
    act: 'Chest, then the belly to a hand ahead of the groin',
    how: 'Blade flat, from the groin’s side towards the ribs; your other hand over what you cannot see.',
    cautions: ['cover', 'folds', 'lie', 'heat'],
    near: ['nipples', 'hernia', 'sheath', 'flank-fold', 'elbow-web'],
  },
  {
    act: 'Elbow webs, backs of the hocks, flank folds: comb them, and leave them',
    how: 'They are the groomer’s. It looks uneven there until the visit, and that is right.',
    cautions: ['folds', 'tendon'],
    near: ['elbow-web', 'hock-tendon', 'flank-fold'],
  },
  {
    act: 'Brush back and sides up against their lie, and go over them again',
    how: 'Lines go, and much more comes off. With the lie again, nowhere but where you have been.',
    cautions: ['lie', 'heat', 'jam'],
    near: [],
  },
  {
    act: 'Stand back, look from the front and behind',
    how: 'Take what sticks out of back and sides. Clothes in winter felt a long body: keep it shorter under them.',
    cautions: ['stop'],
    near: [],
  },
]

const ofSex = (sex: 'female' | 'male') => (id: DangerId) => (dangerRow(id).sex ?? sex) === sex

/** The steps for a dog of this sex. */
export const clipSteps = (sex: 'female' | 'male'): readonly ClipStep[] =>
  STEPS.map((s) => ({
    ...s,
    near: s.near.filter(ofSex(sex)),
    cautions: s.cautions.filter((c) => c !== 'testicles' || sex === 'male'),
  }))

export interface ClipAsked {
  coat: Coat
  setting: Setting
  /** What the owner sees today. */
  dirty: boolean
  fidgety: boolean
}

/** Whether this dog may be clipped at home today, and what is in the way first. */
export type ClipAnswer =
  | { answer: 'not-set' }
  | { answer: 'groomer'; places: PlaceId[] }
  | { answer: 'fidgety' }
  | { answer: 'dirty' }
  | { answer: 'wet' }
  | { answer: 'knots'; places: PlaceId[] }
  | { answer: 'comb-first'; places: PlaceId[] }
  /** Yes, but for places where a concern is open. */
  | { answer: 'yes'; leave: PlaceId[] }

/** Common practice, no source; as strict as a tidy's. */
export function mayClip({ coat, setting, dirty, fidgety }: ClipAsked): ClipAnswer {
  if (setting === 'comb') return { answer: 'not-set' }
  const today = dayOf(coat.today)
  const placesOf = (of: readonly Coat['places'][number][]) => {
    const places = new Set(of.map((p) => p.region.place))
    return WORKING_ORDER.filter((p) => places.has(p))
  }
  const leave = coat.places.filter((p) => p.concern !== null || isSore(p))
  const rest = coat.places.filter((p) => !leave.includes(p))
  const matted = rest.filter(
    (p) => p.last?.finding === 'felt' || (p.left.length && p.last?.finding === 'mat'),
  )
  if (matted.length) return { answer: 'groomer', places: placesOf(matted) }
  if (fidgety) return { answer: 'fidgety' }
  if (dirty) return { answer: 'dirty' }
  if (rest.some((p) => p.wetTo !== null && p.wetTo >= today)) return { answer: 'wet' }
  const knots = rest.filter((p) => p.left.length)
  if (knots.length) return { answer: 'knots', places: placesOf(knots) }
  const since = addDays(today, -COMBED_WITHIN_DAYS)
  const open = rest.filter((p) => !p.clearOn || p.clearOn < since)
  if (open.length) return { answer: 'comb-first', places: placesOf(open) }
  return { answer: 'yes', leave: placesOf(leave) }
}
