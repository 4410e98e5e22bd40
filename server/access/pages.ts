/** The pages there are, by their first word: what a call for one is counted under. */
export const PAGES: ReadonlySet<string> = new Set([
  '',
  ...['account', 'address', 'dogs', 'household', 'join', 'l', 'letters', 'password', 'room', 'safe'],
  ...['setup', 'sign-up'],
])
