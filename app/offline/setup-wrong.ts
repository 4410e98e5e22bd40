import { MAX_KG, MIN_KG } from '#core/coat/size'
import type { Question } from '~/words/setup'
import { kilograms } from './setup-answered'
import type { Answers } from './setup-answered'

/**
 * What keeps an answer from being taken, as it stands: in words, or with none where it is only not
 * given yet. Null if nothing does.
 */
export function problemOf(question: Question, a: Answers, today: string): { says: string } | null {
  const missing = { says: '' }
  switch (question) {
    case 'name':
      return a.name.trim() ? null : missing
    case 'coat':
      return a.coat ? null : missing
    case 'weight': {
      const kg = kilograms(a)
      if (!a.kg) return missing
      if (kg === null) return { says: 'Give the weight as a number.' }
      if (kg < MIN_KG) return { says: `A dog weighs at least ${MIN_KG} kg.` }
      return kg > MAX_KG ? { says: `A dog weighs at most ${MAX_KG} kg. Was that pounds?` } : null
    }
    case 'last':
      // A coat that met nobody is not taken to be clear: it is one or the other.
      if (!a.lastVisit && !(a.combed && a.feels)) return missing
      return a.lastVisit > today ? { says: 'That day has not come yet.' } : null
    case 'next':
      if (!a.nextVisit) return null
      if (a.nextVisit < today) return { says: 'That day has gone.' }
      return a.nextVisit <= a.lastVisit ? { says: 'The next visit comes before the last.' } : null
    default:
      return null
  }
}

/** The field of a question that is written, where it is said what is wrong with it. */
const WRITTEN: Partial<Record<Question, keyof Answers>> = {
  weight: 'kg',
  last: 'lastVisit',
  next: 'nextVisit',
}
/** What is wrong, by field; nothing of what is only not given yet. */
export function wrongOf(a: Answers, today: string): Partial<Record<keyof Answers, string>> {
  const all = Object.entries(WRITTEN).map(([question, field]) => [
    field,
    problemOf(question as Question, a, today)?.says,
  ])
  return Object.fromEntries(all.filter(([, says]) => says)) as Partial<Record<keyof Answers, string>>
}
