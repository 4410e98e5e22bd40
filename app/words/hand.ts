import type { FactOf } from '#core/record/entries'
import type { CombedTold, HandFeels } from '#core/record/hand'

/** What is told of a coat nobody has written of, in an owner's words. */
export const COMBED_SAYS: Record<CombedTold, string> = {
  'this-week': 'this week',
  weeks: 'some weeks ago',
  months: 'months ago',
  never: 'never',
}
export const FEELS_SAYS: Record<HandFeels, string> = {
  nothing: 'nothing',
  lumps: 'some lumps',
  many: 'many lumps',
  sheet: 'a sheet of it',
}
export const sayHand = ({ combed, feels }: FactOf<'hand'>) =>
  `comb last through ${COMBED_SAYS[combed]}; a hand feels ${FEELS_SAYS[feels]}`
