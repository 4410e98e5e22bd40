import type { LookedAt, OutcomeId } from '../../record/look-outcomes'
import type { FactOf } from '../../record/entries'
import type { SignId } from '../../record/signs'
import type { Spot } from '../../record/spots'

interface Opens {
  where: Spot
  seen: SignId
}
/** Outcomes of a look that are for the vet: what is seen, and where, in the look-over's own words. */
const OPENS: Record<LookedAt, Partial<Record<OutcomeId, Opens>>> = {
  eyes: { red: { where: 'eyes', seen: 'red' } },
  'ear-look': {
    wax: { where: 'ear-openings', seen: 'wax' },
    smell: { where: 'ear-openings', seen: 'smell' },
    sore: { where: 'ear-openings', seen: 'red' },
  },
  teeth: { bleeding: { where: 'mouth', seen: 'blood' } },
  nails: { bled: { where: 'nails', seen: 'blood' } },
}

/** The concern a look opens; null where all is well. */
export function opensConcern(look: LookedAt, outcome: OutcomeId): FactOf<'concern'> | null {
  const opens = OPENS[look][outcome]
  return opens ? { kind: 'concern', where: opens.where, seen: [opens.seen] } : null
}
