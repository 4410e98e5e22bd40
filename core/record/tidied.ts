import type { RegionId } from '../coat/regions'
import { carePart, partsHere, partsOfTidy } from './care-parts'
import type { CarePartId } from './care-parts'
import type { FactOf, PartDone } from './entries'
import type { NailsDid } from './nails-did'

/**
 * A tidy part by part. One that names none is as it was meant before parts were told: all of it done, and cut
 * only if a length was written.
 * @param absent regions the dog has not got
 */
export function tidied(t: FactOf<'tidy'>, absent: readonly RegionId[] = []): PartDone[] {
  if (t.parts) return t.parts
  const outcome = t.outcome ?? (t.nails && NAILS_SAID[t.nails])
  return partsHere(t.tidy, absent).map((part) => {
    const mm =
      (part.endsWith('.left') ? t.sides?.left : part.endsWith('.right') ? t.sides?.right : undefined) ?? t.mm
    return {
      part,
      did: 'done',
      ...(mm === undefined ? {} : { how: 'cut' as const, mm }),
      ...(outcome ? { outcome } : {}),
    }
  })
}
const NAILS_SAID = { looked: 'fine', trimmed: 'trimmed', sliver: 'sliver' } as const

/** Whether a part was done in a way that puts off when it is due: cleaning a corner moves no hair's clock. */
const putsOff = (p: PartDone): boolean =>
  p.did === 'done' && p.outcome !== 'refused' && p.how !== 'cleaned' && p.how !== 'looked'

/** Whether a tidy of no parts, such as a look-over or teeth, was done. */
export const doneWhole = (t: FactOf<'tidy'>): boolean => t.outcome !== 'refused'

/** Whether what was told of its time teaches: only of what was cut, or of one told before parts were. */
export const teaches = (t: FactOf<'tidy'>): boolean => !t.parts || t.parts.some((p) => p.how === 'cut')

/** Whether anything was cut in a tidy: hair, or a nail. */
export const wasCut = (t: FactOf<'tidy'>): boolean =>
  tidied(t).some(
    (p) => p.did === 'done' && (p.how === 'cut' || p.outcome === 'trimmed' || p.outcome === 'sliver'),
  )

/** Lengths a tidy left, by region. A part whose length nobody knows leaves it as it was. */
export const lengthsLeft = (t: FactOf<'tidy'>): { region: RegionId; mm: number }[] =>
  tidied(t).flatMap((p) => {
    const region = carePart(p.part).cuts
    return region && p.did === 'done' && p.how === 'cut' && p.mm !== undefined ? [{ region, mm: p.mm }] : []
  })

/** Eye corners cleaned at a face tidy are eyes looked at, and so on: what a part counts for beside its own tidy. */
const ALSO: Partial<Record<CarePartId, CarePartId>> = {
  'eye-corner.left': 'eye.left',
  'eye-corner.right': 'eye.right',
}
/** The parts of a kind of care a tidy did, whichever tidy it was. */
export function didParts(t: FactOf<'tidy'>, care: FactOf<'tidy'>['tidy']): PartDone[] {
  const all = tidied(t)
  if (t.tidy === care)
    return all.filter(care === 'eyes' || care === 'ear-look' || care === 'nails' ? isSeen : putsOff)
  const own = new Set<string>(partsOfTidy(care))
  return all
    .filter((p) => p.did === 'done' && own.has(ALSO[p.part] ?? ''))
    .map((p) => ({ ...p, part: ALSO[p.part]! }))
}
/** Looked at, whatever was found. */
const isSeen = (p: PartDone) => p.did === 'done' && p.outcome !== 'refused'

/** What was done with the nails on the whole: a sliver while any is being shortened, a trim where any was trimmed. */
export function nailsDid(t: FactOf<'tidy'>): NailsDid | null {
  const out = tidied(t).map((p) => p.outcome)
  return out.includes('sliver')
    ? 'sliver'
    : out.includes('trimmed')
      ? 'trimmed'
      : out.includes('fine')
        ? 'looked'
        : null
}
