import type { Scope } from '#shared/limits'

/** What whoever has a link sees. */
export const SCOPE_WORDS: Record<Scope, string> = {
  note: 'the notes alone',
  stretch: 'this stretch and its forecast',
  history: 'the whole record',
}
