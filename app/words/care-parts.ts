import { carePart } from '#core/record/care-parts'
import type { CarePartId, FoundId, OutcomeId } from '#core/record/care-parts'
import type { FactOf, PartDone } from '#core/record/entries'
import { MEANS } from '#core/record/means'
import { listed } from './numbers'

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
const FOUND: Record<FoundId, string> = {
  seed: 'a seed, taken out',
  crust: 'soft crust, lifted',
  caked: 'caked crust, left to soak',
  soiled: 'soiled',
  'wont-pass': 'the guard did not pass',
  'other-lie': 'hair that lies another way',
  'in-season': 'in season',
  'pulls-away': 'pulled away from the finger',
}
const DID = { done: 'done', refused: 'would not', left: 'left' } as const
const HOW = { looked: 'looked at', cleaned: 'cleaned', combed: 'combed', cut: 'cut' } as const

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

/** What became of a part in a few words. */
export const sayPart = (p: PartDone): string =>
  [
    p.did === 'done' ? (p.outcome ? OUTCOME_SAYS[p.outcome] : p.how ? HOW[p.how] : DID.done) : DID[p.did],
    p.mm === undefined ? '' : `${p.mm} mm`,
    p.using ? MEANS[p.using] : '',
    p.comfort && p.comfort !== 'easy' ? p.comfort : '',
    ...(p.found ?? []).map((f) => FOUND[f]),
  ]
    .filter(Boolean)
    .join(', ')

/** A tidy in one line: what was done, and what was not. */
export function sayInParts(t: FactOf<'tidy'>): string {
  const parts = t.parts ?? []
  const of = (did: PartDone['did']) => parts.filter((p) => p.did === did).map((p) => p.part)
  const all = parts.map((p) => p.part)
  const mm = [...new Set(parts.flatMap((p) => p.mm ?? []))]
  const met = parts.flatMap((p) =>
    (p.found ?? []).map((f) => `${carePart(p.part).label.toLowerCase()}: ${FOUND[f]}`),
  )
  return [
    of('done').length ? `${sayTheParts(of('done'), all)} done` : '',
    of('refused').length ? `${sayTheParts(of('refused'), all)} refused` : '',
    of('left').length ? `${sayTheParts(of('left'), all)} left` : '',
    mm.length === 1
      ? `${mm[0]} mm left`
      : mm.length
        ? `${Math.min(...mm)} to ${Math.max(...mm)} mm left`
        : '',
    ...met,
  ]
    .filter(Boolean)
    .join(', ')
}

/** Parts as they are chosen among: a pair together but for feet, which are done one by one. */
export function partGroups(parts: readonly CarePartId[]): { label: string; parts: CarePartId[] }[] {
  const groups = new Map<string, CarePartId[]>()
  for (const p of parts) {
    const key = /^(paw|nails)\./.test(p) ? p : p.replace(/\.(left|right)$/, '')
    groups.set(key, [...(groups.get(key) ?? []), p])
  }
  return [...groups.values()].map((of) => ({
    label: of.length > 1 ? PAIRS[of[0]!.split('.')[0]!]! : carePart(of[0]!).label,
    parts: of,
  }))
}
const PAIRS: Record<string, string> = {
  'eye-corner': 'Inner corners',
  'eye-side': 'Outer sides',
  cheek: 'Cheeks',
  'ear-edge': 'Edges',
  'ear-base': 'Bases',
  'behind-ear': 'Behind the ears',
  'inner-thigh': 'Inner thighs',
  hock: 'Hocks',
  eye: 'Eyes',
  'ear-opening': 'Ears',
}
