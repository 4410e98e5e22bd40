import { carePart } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import { FOUND_SAYS, OUTCOME_SAYS, sayTheParts } from '#core/record/care-words'
import type { FactOf, PartDone } from '#core/record/entries'
import { MEANS } from '#core/record/means'

const DID = { done: 'done', refused: 'would not', left: 'left' } as const
const HOW = { looked: 'looked at', cleaned: 'cleaned', combed: 'combed', cut: 'cut' } as const

/** What became of a part in a few words. */
export const sayPart = (p: PartDone): string =>
  [
    p.did === 'done' ? (p.outcome ? OUTCOME_SAYS[p.outcome] : p.how ? HOW[p.how] : DID.done) : DID[p.did],
    p.mm === undefined ? '' : `${p.mm} mm`,
    p.using ? MEANS[p.using] : '',
    p.comfort && p.comfort !== 'easy' ? p.comfort : '',
    ...(p.found ?? []).map((f) => FOUND_SAYS[f]),
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
    (p.found ?? []).map((f) => `${carePart(p.part).label.toLowerCase()}: ${FOUND_SAYS[f]}`),
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
