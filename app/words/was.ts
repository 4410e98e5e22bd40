import type { FactOf } from '#core/record/entries'

/** Whether it was time for a tidy, as it turned out; it moves when the next one comes up. */
export const WAS_WORDS: Record<NonNullable<FactOf<'tidy'>['was']>, string> = {
  'not-yet': 'Not yet needed',
  right: 'Just right',
  overdue: 'Overdue',
}
