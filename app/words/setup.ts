import type { CoatId } from '#core/coat/coat-types'

/** The questions of setup, in their order. */
export const QUESTIONS = [
  'name',
  'coat',
  'weight',
  'born',
  'last',
  'length',
  'next',
  'gear',
  'minutes',
  'hard',
  'groomer',
] as const
export type Question = (typeof QUESTIONS)[number]

/** A question as it is put, and why it is asked. */
export function sayQuestion(question: Question, dog: { name: string; she: boolean; visited: boolean }) {
  const name = dog.name.trim() || 'your dog'
  const [her, of] = dog.she ? ['her', 'her'] : ['his', 'him']
  const said: Record<Question, [title: string, why: string]> = {
    name: ['What is your dog called?', 'The name the groomer knows.'],
    coat: [
      `Which is most like ${name}?`,
      `Part the hair on ${her} side and look. The coat decides, not the breed.`,
    ],
    weight: [`How heavy is ${name}?`, 'It says how much coat there is.'],
    born: [
      `When was ${name} born?`,
      'A puppy’s coat knots worst while it changes. Leave it if you do not know.',
    ],
    last: [
      'When was the last visit to a groomer?',
      'The stretch is counted from that day. If there was none, say when a comb last went through.',
    ],
    length: [
      dog.visited ? 'How long was the coat left on the body?' : 'How long is the coat on the body now?',
      `Longer hair knots sooner. The rest of ${of} follows as is usual for the coat.`,
    ],
    next: ['When is the next visit?', 'The stretch runs to that day. Leave it if none is booked.'],
    gear: [`What does ${name} wear?`, 'Coats knot where something rubs.'],
    minutes: ['How many minutes have you, and when?', 'What you can keep up, not your best week.'],
    hard: [
      `Where does ${name} mind being touched?`,
      'Those places come late, and go to the groomer with the note.',
    ],
    groomer: ['Who is the groomer?', 'The note is written to them. You can leave this for later.'],
  }
  const [title, why] = said[question]
  return { title, why }
}

/** The coats as a hand feels them, for an owner who cannot tell by the pictures. */
export const COAT_BY_HAND: readonly (readonly [words: string, coat: CoatId])[] = [
  ['Short all over, no soft wool under it', 'smooth'],
  ['Short, with dense wool under it; sheds hard', 'double-short'],
  ['Long over dense wool; sheds by season', 'double-long'],
  ['Short body, long ears, chest, legs and tail', 'feathered'],
  ['Harsh to the hand, soft on legs and face', 'wire'],
  ['Long, silky, straight, one layer', 'drop'],
  ['Tight curls, keeps growing, hardly sheds', 'wool'],
  ['Waves or mixed curls, keeps growing', 'wool-cross'],
]
