import jstat from 'jstat'
import { describe, expect, it } from 'vitest'
import { CLEAR, stepStages } from '../../core/coat/knots'
import { bodySurfaceArea } from '../../core/coat/size'
import { contrast } from './contrast'

const { jStat } = jstat as unknown as {
  jStat: {
    poisson: { sample: (l: number) => number; pdf: (k: number, l: number) => number }
    exponential: { sample: (r: number) => number; cdf: (x: number, r: number) => number }
    gamma: { cdf: (x: number, shape: number, scale: number) => number }
    setRandom: (f: () => number) => void
  }
}

/**
 * Weight to body surface of dogs. Published: the conversion table that veterinary handbooks print
 * for dosing by body surface (BSA = 10.1 · g^(2/3) · 10⁻⁴), to its two decimals. Figures here are
 * quoted from memory of that table and agree with its formula.
 */
describe('body surface area against the veterinary table', () => {
  it.each([
    [1, 0.1],
    [2, 0.16],
    [5, 0.29],
    [10, 0.469],
    [15, 0.61],
    [20, 0.744],
    [25, 0.86],
    [30, 0.975],
    [40, 1.18],
    [50, 1.37],
  ])('%d kg is %d m²', (kg, m2) => {
    expect(Math.abs(bodySurfaceArea(kg) - m2)).toBeLessThan(0.007)
  })
})

/** Stage counts against the jstat library: Poisson births, exponential stays. */
describe('the three stages against a reference library', () => {
  const [born, mu, days] = [0.6, 1 / 7, 40]
  it('the chance a knot born at s is a mat by t is the Gamma(2) distribution of its two stays', () => {
    // Integrating births over the stretch against the library's distribution gives n₃.
    const steps = 20_000
    let mats = 0
    for (let i = 0; i < steps; i++) {
      const age = days - ((i + 0.5) / steps) * days
      mats += (born * days * jStat.gamma.cdf(age, 2, 1 / mu)) / steps
    }
    expect(stepStages(CLEAR, born, mu, days)[2]).toBeCloseTo(mats, 6)
  })
  it('the shares still loose, and tight or worse, follow its exponential', () => {
    const steps = 20_000
    let loose = 0
    for (let i = 0; i < steps; i++) {
      const age = ((i + 0.5) / steps) * days
      loose += (born * days * (1 - jStat.exponential.cdf(age, mu))) / steps
    }
    expect(stepStages(CLEAR, born, mu, days)[0]).toBeCloseTo(loose, 6)
  })
  it('a simulation with its generators has the same means within four standard errors', () => {
    let seed = 42
    jStat.setRandom(() => {
      seed = (Math.imul(seed, 1664525) + 1013904223) >>> 0
      return (seed + 0.5) / 4294967296
    })
    const runs = 4000
    const sums = [0, 0, 0]
    const squares = [0, 0, 0]
    let clear = 0
    for (let r = 0; r < runs; r++) {
      const n = [0, 0, 0]
      for (let k = jStat.poisson.sample(born * days); k > 0; k--) {
        const birth = (seededUniform() * days) as number
        const tight = birth + jStat.exponential.sample(mu)
        const mat = tight + jStat.exponential.sample(mu)
        n[mat <= days ? 2 : tight <= days ? 1 : 0]! += 1
      }
      n.forEach((x, i) => {
        sums[i]! += x
        squares[i]! += x * x
      })
      if (n[2] === 0) clear += 1
    }
    const want = stepStages(CLEAR, born, mu, days)
    want.forEach((mean, i) => {
      const got = sums[i]! / runs
      const error = Math.sqrt((squares[i]! / runs - got * got) / runs)
      expect(Math.abs(got - mean)).toBeLessThan(4 * error)
    })
    const p = jStat.poisson.pdf(0, want[2])
    expect(Math.abs(clear / runs - p)).toBeLessThan(4 * Math.sqrt((p * (1 - p)) / runs) + 1 / runs)
  })
})

let uniform = 7
function seededUniform() {
  uniform = (Math.imul(uniform, 1103515245) + 12345) >>> 0
  return uniform / 4294967296
}

/** Published: W3C, Web Content Accessibility Guidelines 2.2, contrast ratio and success criterion 1.4.3. */
describe('the palette against WCAG 2.2', () => {
  const LIGHT = { paper: '#f4ecdb', coat: '#fdf8ec', due: '#a1420f' }
  it('the formula gives the guideline’s own ends', () => {
    expect(contrast('#000000', '#ffffff')).toBeCloseTo(21, 5)
    expect(contrast('#777777', '#ffffff')).toBeCloseTo(4.48, 2)
  })
  it.each([
    ['#2b211a', LIGHT.paper],
    ['#5c4d40', LIGHT.paper],
    ['#6f5f50', LIGHT.paper],
    [LIGHT.due, LIGHT.paper],
    ['#745000', LIGHT.paper],
    ['#8f1030', LIGHT.paper],
    ['#fff8ea', LIGHT.due],
    ['#f2e8d5', '#1b1612'],
    ['#ab9c87', '#1b1612'],
    ['#f2995f', '#1b1612'],
    ['#21130a', '#f2995f'],
    ['#e2b650', '#1b1612'],
    ['#ff8f94', '#1b1612'],
  ])('%s on %s is at least 4.5', (ink, ground) => {
    expect(contrast(ink, ground)).toBeGreaterThanOrEqual(4.5)
  })
})
