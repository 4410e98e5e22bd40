import type { ClipAnswer } from '#core/care/tidies/clip'
import { placeRow } from '#core/coat/regions'
import { listed } from './numbers'

/** What stands in the way of a clip at home, or goes along with it; null where nothing does. */
export function sayClip(
  gate: ClipAnswer,
  who: { she: boolean; groomer: string },
): { says: string; vet: boolean } | null {
  const her = who.she ? 'her' : 'him'
  const names =
    'places' in gate ? listed(gate.places.slice(0, 4).map((p) => placeRow(p).plural.toLowerCase())) : ''
  const is = (says: string, vet = false) => ({ says, vet })
  switch (gate.answer) {
    case 'not-set':
      return is(
        `As you are set nothing that cuts is yours, and a clipper least of all: it waits for ${who.groomer}. What you may use is set here.`,
      )
    case 'groomer':
      return is(`A mat or felt (${names}): no clipper at home. It is for ${who.groomer}.`)
    case 'no-clipper':
      return is('No sharp clipper with a guard is among your cutting tools. What you own is said there.')
    case 'wet':
      return is('Not on a wet coat: it dries shorter than it looks, and jams. Dry and comb first.')
    case 'knots':
      return is(`A knot was left in (${names}). A clipper that meets it stops, and pulls. Comb there first.`)
    case 'comb-first':
      return is(`Comb ${her} clear first: a blade stops at what the comb has not met.`)
    case 'yes':
      return gate.leave.length
        ? is(
            `A concern is open: no clipper at ${listed(gate.leave.map((p) => placeRow(p).plural.toLowerCase()))} until the vet has seen it.`,
            true,
          )
        : null
  }
}
