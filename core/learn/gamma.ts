/** The gamma distribution, as far as learning needs it. */

/** Lanczos coefficients (published: C. Lanczos, 1964; g = 7, n = 9). */
const LANCZOS = [
  0.99999999999980993, 676.5203681218851, -1259.1392167224028, 771.32342877765313, -176.61502916214059,
  12.507343278686905, -0.13857109526572012, 9.9843695780195716e-6, 1.5056327351493116e-7,
]

/** ln Γ(x), for x > 0. */
export function lnGamma(x: number): number {
  if (x < 0.5) return Math.log(Math.PI / Math.sin(Math.PI * x)) - lnGamma(1 - x)
  const z = x - 1
  const t = z + 7.5
  let sum = LANCZOS[0]!
  for (let i = 1; i < LANCZOS.length; i++) sum += LANCZOS[i]! / (z + i)
  return 0.5 * Math.log(2 * Math.PI) + (z + 0.5) * Math.log(t) - t + Math.log(sum)
}

/**
 * P(a, x), the chance that a Gamma(a, 1) is at most x: by series below a + 1, by continued fraction
 * above (published: Numerical Recipes, incomplete gamma function). Zero for x ≤ 0.
 */
export function gammaCdf(a: number, x: number): number {
  if (x <= 0) return 0
  const front = Math.exp(-x + a * Math.log(x) - lnGamma(a))
  if (x < a + 1) {
    let term = 1 / a
    let sum = term
    for (let n = 1; n < 1000 && Math.abs(term) > 1e-15 * sum; n++) {
      term *= x / (a + n)
      sum += term
    }
    return front * sum
  }
  let b = x + 1 - a
  let c = 1e300
  let d = 1 / b
  let h = d
  for (let i = 1; i < 1000; i++) {
    const an = -i * (i - a)
    b += 2
    d = 1 / (an * d + b)
    c = b + an / c
    const step = d * c
    h *= step
    if (Math.abs(step - 1) < 1e-15) break
  }
  return 1 - front * h
}
