/** What is held of a number: normal, with a mean and a standard deviation. */
export interface Belief {
  mean: number
  sd: number
}

/**
 * What is held once a value was seen, itself normal about the truth (normal–normal, known spread).
 * @param sd standard deviation of the seeing
 */
export function after(held: Belief, seen: number, sd: number): Belief {
  const [a, b] = [1 / held.sd ** 2, 1 / sd ** 2]
  return { mean: (a * held.mean + b * seen) / (a + b), sd: Math.sqrt(1 / (a + b)) }
}

/** Eight in ten of a normal lie within so many standard deviations. */
const EIGHT_IN_TEN = 1.2815515655446004
const interval = ({ mean, sd }: Belief): [number, number] => [
  mean - EIGHT_IN_TEN * sd,
  mean + EIGHT_IN_TEN * sd,
]

/** Something learned by shrinking what was seen towards what most are like. */
export interface Learned {
  prior: number
  /** What was seen, on average, and how often; null if never. */
  seen: { mean: number; times: number } | null
  now: number
  /** Four times in five it lies within these. */
  interval: [number, number]
  /** Whether that is yet more than the prior. */
  telling: boolean
}

/** Something noticed again and again, and what is held of it. */
export interface Noticed {
  prior: Belief
  held: Belief
  sum: number
  times: number
}
export const unnoticed = (prior: Belief): Noticed => ({ prior, held: prior, sum: 0, times: 0 })

/** One more seeing. @param sd its standard deviation about the truth */
export const notice = (n: Noticed, seen: number, sd: number): Noticed => ({
  prior: n.prior,
  held: after(n.held, seen, sd),
  sum: n.sum + seen,
  times: n.times + 1,
})

/** What has come of it, told in the unit of the thing. @param as from what is noticed to that unit, rising */
export function learnedOf({ prior, held, sum, times }: Noticed, as = (x: number) => x): Learned {
  const [low, high] = interval(held)
  return {
    prior: as(prior.mean),
    seen: times ? { mean: as(sum / times), times } : null,
    now: as(held.mean),
    interval: [as(low), as(high)],
    telling: low > prior.mean || high < prior.mean,
  }
}
