import type { CareItem } from '#core/plan/today-care'
import type { Profile } from '#core/record/profile'
import type { CareId } from '#core/record/tidies'
import { plural } from './numbers'

/** One kind of care as the headline says it. */
const DO: Record<CareId, (item: CareItem, her: string) => string> = {
  bath: (_, her) => `bathe ${her}`,
  undercoat: () => 'rake the undercoat',
  nails: () => 'see to the nails',
  paws: ({ parts }) => `do ${plural(parts.length, 'foot', 'feet')}`,
  sanitary: ({ units }) =>
    units.length > 1 ? 'clear belly and rear' : units[0] === 'rear' ? 'clear the rear' : 'clear the belly',
  face: () => 'do the face',
  ears: () => 'do the ears',
  'ear-look': () => 'look in the ears',
  'look-over': (_, her) => `look ${her} over`,
  eyes: () => 'wipe the eyes',
  teeth: () => 'brush the teeth',
}
/** What there is to do beside the comb: the one thing, or how many. */
export const sayCareDone = (care: readonly CareItem[], { sex }: Pick<Profile, 'sex'>): string =>
  care.length === 1
    ? DO[care[0]!.care](care[0]!, sex === 'female' ? 'her' : 'him')
    : `do ${plural(care.length, 'thing')}`
