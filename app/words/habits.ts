import type { HANDLINGS, LINES, PRESSURES, SITTINGS, STROKES, TURNS, WASHES } from '#core/record/habits'

/** Where groomers differ, in words: what each way is, and why the default is what it is. */
interface Way {
  label: string
  means: string
}
export const HANDLING_SCHOOLS: Record<(typeof HANDLINGS)[number], Way> = {
  'come-back': {
    label: 'Stop and come back',
    means: 'Never past what the dog can bear; let go on calm. The default: nothing is unlearned by a fright.',
  },
  'hold-still': {
    label: 'Hold until still',
    means:
      'Hold softly, let go the moment it is still, so that pulling never wins. Not for a frightened or hurt dog.',
  },
  'carry-on': {
    label: 'Carry on kindly',
    means: 'Through a mild protest, and let go on calm. Not for a frightened or hurt dog.',
  },
}
const LINE_SCHOOLS: Record<(typeof LINES)[number], Way> = {
  'foot-up': {
    label: 'Up from a back foot, head last',
    means: 'For curly, long and mixed coats: the head is borne best once the dog has settled.',
  },
  'head-back': { label: 'From the head back', means: 'Down in upright lines; often used on double coats.' },
}
const TURN_SCHOOLS: Record<(typeof TURNS)[number], Way> = {
  side: {
    label: 'One side, then the other',
    means: 'The default: a dog that lies down or stands at a wall is turned once.',
  },
  pairs: { label: 'Left and right together', means: 'Foot by foot, for a dog that stands free.' },
}
const SITTING_SCHOOLS: Record<(typeof SITTINGS)[number], Way> = {
  once: { label: 'In one sitting', means: 'The default: it is laid out once.' },
  twice: {
    label: 'In two, where one is too long',
    means: 'Early and late in the day, each no longer than the dog bears; it is laid out twice.',
  },
}
const STROKE_SCHOOLS: Record<(typeof STROKES)[number], Way> = {
  'with-lie': { label: 'With the lie only', means: 'The default: it pulls least.' },
  several: { label: 'Several directions', means: 'Opens dense coat from more sides.' },
}
const PRESSURE_SCHOOLS: Record<(typeof PRESSURES)[number], Way> = {
  light: { label: 'Always light', means: 'The default: pins that press leave brush burn.' },
  firmer: { label: 'Firmer in thick coat', means: 'Only where the coat is dense, never on thin skin.' },
}
const WASH_SCHOOLS: Record<(typeof WASHES)[number], Way> = {
  'brush-first': {
    label: 'Brush first, then wash',
    means: 'The default: washing over knots tightens them, and few own a dryer that parts the coat.',
  },
  'wash-first': {
    label: 'Wash first, where water soaks in',
    means: 'Only with snags and knots, conditioner, and a proper dry.',
  },
}

/** The schools as questions, in the order of the work. */
export const SCHOOLS = [
  { id: 'lines', question: 'Which way do the lines go?', ways: LINE_SCHOOLS },
  { id: 'turns', question: 'A side at a time?', ways: TURN_SCHOOLS },
  { id: 'sittings', question: 'A day’s work in one sitting?', ways: SITTING_SCHOOLS },
  { id: 'strokes', question: 'Which way do the strokes go?', ways: STROKE_SCHOOLS },
  { id: 'pressure', question: 'How firm?', ways: PRESSURE_SCHOOLS },
  { id: 'wash', question: 'Wash first or brush first?', ways: WASH_SCHOOLS },
  { id: 'handling', question: 'When the dog minds?', ways: HANDLING_SCHOOLS },
] as const
