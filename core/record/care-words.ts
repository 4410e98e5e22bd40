import { carePart } from './care-parts'
import type { CarePartId } from './care-parts'
import type { FoundId } from './part-done'
import type { OutcomeId } from './look-outcomes'
import { listed } from './say-list'

/** How a look came out, what was met and which parts, in words: the same to the owner and to the groomer. */
export const OUTCOME_SAYS: Record<OutcomeId, string> = {
  clear: 'clear',
  wiped: 'wiped',
  crust: 'crust soaked off',
  red: 'red or sore',
  well: 'well',
  wax: 'dark wax',
  smell: 'smells',
  sore: 'sore or red',
  done: 'brushed',
  little: 'let me a little',
  refused: 'would not',
  bleeding: 'bleeding',
  fine: 'fine',
  trimmed: 'trimmed',
  sliver: 'a sliver',
  bled: 'bled',
}
/** What was met at a part. */
export const FOUND_SAYS: Record<FoundId, string> = {
  seed: 'a seed, taken out',
  crust: 'soft crust, lifted',
  caked: 'caked crust, left to soak',
  soiled: 'soiled',
  'wont-pass': 'the guard did not pass',
  'other-lie': 'hair that lies another way',
  'in-season': 'in season',
  'pulls-away': 'pulled away from the finger',
}
/** Feet that go together, as people name them. */
const FEET: readonly (readonly [RegExp, string])[] = [
  [/\.left$/, 'left feet'],
  [/\.right$/, 'right feet'],
  [/\.forefoot\./, 'forefeet'],
  [/\.hindfoot\./, 'hind feet'],
]
/** Some parts of a tidy, grouped as people say them: "left feet", "both edges", "right hind foot". */
export function sayTheParts(parts: readonly CarePartId[], all: readonly CarePartId[]): string {
  if (!parts.length || parts.length === all.length) return parts.length ? 'all of it' : ''
  const isFoot = (p: string) => /foot/.test(p)
  if (parts.length === 2 && parts.every(isFoot)) {
    const pair = FEET.find(([re]) => parts.every((p) => re.test(p)))
    if (pair) return pair[1]
  }
  return listed(parts.map((p) => carePart(p).label.toLowerCase()))
}
