import type { LettersMay, MadeShare } from '#shared/answers'

/** What is said of letters to somebody's own address, and what can be done about it. */
export const LETTERS: Record<LettersMay, { says: string; ask: string | null } | null> = {
  'may-come': null,
  'not-confirmed': {
    says: 'No letters come yet: open the one we sent to this address and say that it is yours.',
    ask: 'Send it again',
  },
  stopped: {
    says: 'Letters to this address were ended from one of them. The link at its end lets them come again.',
    ask: null,
  },
}

/** What became of a letter that was asked for. */
export const POSTED: Record<NonNullable<MadeShare['mailed']>, string> = {
  posted: 'A letter with it is on its way too.',
  'own-not-confirmed': 'No letter went: your own address is not confirmed yet. Give the link yourself.',
  'not-confirmed': 'No letter went: that address has not said that letters may come.',
  stopped: 'No letter went: whoever reads that address wants none. Give the link yourself.',
  'too-many': 'No letter went: too many have gone today. Give the link yourself.',
}
