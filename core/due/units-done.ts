import { partsHere } from '../record/care-parts'
import type { Fact } from '../record/entries'
import type { CareUnitId } from '../record/tidies'
import { CARE_UNITS } from './care-units'

/**
 * Which of the planned care an act was, and whether it did all of what it began: a side's feet without the other's
 * is one unit whole. Null for what is no such act; a part wash is none.
 */
export function unitsDone(what: Fact): { units: CareUnitId[]; whole: boolean } | null {
  if (what.kind === 'undercoat') return { units: ['undercoat'], whole: true }
  if (what.kind === 'wash') return what.places ? null : { units: ['bath'], whole: what.combedOut }
  if (what.kind !== 'tidy') return null
  const ofCare = (Object.keys(CARE_UNITS) as CareUnitId[]).filter((u) => CARE_UNITS[u].care === what.tidy)
  if (!ofCare.length) return null
  const { parts } = what
  if (!parts) return { units: ofCare, whole: what.outcome !== 'refused' }
  const did = new Set(parts.filter((p) => p.did === 'done').map((p) => p.part))
  const of = (u: CareUnitId) => partsHere(what.tidy, []).filter((p) => CARE_UNITS[u].of?.test(p) ?? true)
  const units = ofCare.filter((u) => of(u).some((p) => did.has(p)))
  // What it names and left of a unit it began, or the dog would not have, is still to do.
  const left = parts.some((p) => p.did !== 'done' && units.some((u) => of(u).includes(p.part)))
  return { units, whole: !left && !parts.some((p) => p.did === 'refused') }
}
