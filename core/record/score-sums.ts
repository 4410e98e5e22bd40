/** How right it was, all told. */
export interface Score {
  checks: number
  /** Knots found, said, and as coats like it alone would have said. */
  found: number
  said: number
  like: number
  /** Mean squared error of the chance of anything, and its mean log loss; smaller is better (published: Brier 1950; Good 1952). */
  brier: { said: number; like: number }
  log: { said: number; like: number }
  /** Share of days whose count lay within its eight in ten. */
  held: number
  sittings: number
}
/** The same as sums, which several dogs' add up from. */
export interface ScoreSums {
  checks: number
  found: number
  said: number
  like: number
  brierSaid: number
  brierLike: number
  logSaid: number
  logLike: number
  held: number
  sittings: number
}

/** @returns null where nothing was scored yet */
export function scoreFrom(several: readonly ScoreSums[]): Score | null {
  const sum = (of: keyof ScoreSums) => several.reduce((s, one) => s + one[of], 0)
  const checks = sum('checks')
  if (!checks) return null
  const each = (of: keyof ScoreSums) => sum(of) / checks
  return {
    checks,
    found: sum('found'),
    said: sum('said'),
    like: sum('like'),
    brier: { said: each('brierSaid'), like: each('brierLike') },
    log: { said: each('logSaid'), like: each('logLike') },
    held: sum('held') / sum('sittings'),
    sittings: sum('sittings'),
  }
}
