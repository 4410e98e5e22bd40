import type { HANDLINGS } from '../../record/habits'

export type HandlingSchool = (typeof HANDLINGS)[number]

/** What is done when a dog minds, by school: what is said, what ends it well, and whether the place is left at once. */
interface AtProtest {
  says: string
  /** What there is to press once it is calm. */
  calm: string
  /** At the table: the place is left and come back to. */
  leaves?: true
}
/** Release and reward come when the dog is calm, in every school. Common practice, no source. */
export const AT_PROTEST: Record<HandlingSchool, AtProtest> = {
  'come-back': {
    says: 'Let go before it pulls. A breath, a treat for calm, and come back to it later.',
    calm: 'Leave it, come back',
    leaves: true,
  },
  'hold-still': {
    says: 'Hold softly where it is, no tighter, and wait. The moment it is still, let go and praise.',
    calm: 'Still: let go',
  },
  'carry-on': {
    says: 'Slower, kindly, three strokes more and no further. Then let go while it is calm.',
    calm: 'Calm: that was it',
  },
}
/**
 * The school that holds now: whatever the owner chose, a dog that is frightened, sore or hurt is never held through it.
 * @param hurt a concern is open there, it is sore or weak, it was stopped there last, or it has snapped
 */
export const schoolNow = (chosen: HandlingSchool, hurt: boolean): HandlingSchool =>
  hurt ? 'come-back' : chosen
