/** Why no answer of ours came, or none yet: each in its own true words, and in short beside what is kept. */
export const TROUBLE = {
  'no-signal': { says: 'There is no signal just now.', short: 'no signal' },
  'server-away': { says: 'The server is not well just now.', short: 'the server is not well' },
  'too-often': { says: 'The server asks to wait a little.', short: 'the server asks to wait' },
  'not-ours': {
    says: 'This network answers in our place: it may want you to sign in to it first.',
    short: 'this network wants you to sign in to it',
  },
  'not-understood': {
    says: 'The server answered what this page does not know: load it anew.',
    short: 'this page is older than the server',
  },
} as const
export type TroubleKind = keyof typeof TROUBLE
