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
export const interval = ({ mean, sd }: Belief): [number, number] => [
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
