import { randomGamma, randomLcg, randomPoisson } from 'd3-random'
import { KEPT } from '../coat/knots'
import { SETUP_MINUTES, TEASE_MINUTES } from '../coat/minutes'
import type { Outlook } from '../plan/outlook'
import type { Rate } from '../learn/rate'

/** A stretch to be played: how its places knot, and what is done when. */
export interface Game {
  outlook: Outlook
  /** What is held of each place of the outlook, by its index. */
  rates: readonly Rate[]
  /** Days of sessions, from 0, and which of the outlook's places are combed. */
  sessions: readonly { day: number; places: readonly number[] }[]
  /** Chance that a session is missed. */
  missed: number
}

/** How one stretch went. */
export interface Outcome {
  /** Mats that formed in all, and those there at its end. */
  mats: Int16Array
  arriving: Int16Array
  /** Minutes at the table. */
  minutes: Float32Array
}

/** What a combing leaves, as in the fold: one knot in fifty is passed over. */
const [PASSED_OVER] = KEPT.combed

/** Seeds of the chances, so that what is asked twice, or shared, is answered alike. */
const SEED = 7

/**
 * Plays a stretch many times over. Knots begin as Poisson counts, each tightens and mats at chance
 * times, the comb takes what it meets. Places keep to streams of chance of their own, and a session
 * missed is drawn apart, so that two settings differ by what was set and not by luck (common random
 * numbers).
 * @param from which of the runs, so that they can be shared out in slices: run n is always the same
 */
export function playStretches(game: Game, from: number, to: number, seed = SEED): Outcome {
  const runs = to - from
  const out = { mats: new Int16Array(runs), arriving: new Int16Array(runs), minutes: new Float32Array(runs) }
  const { outlook, rates } = game
  const days = outlook.days
  const mu = outlook.mu
  for (let n = 0; n < runs; n++) {
    const run = from + n
    const luck = randomLcg(stream(seed, run, 0))
    const held = game.sessions.filter(() => luck() >= game.missed)
    out.minutes[n] = held.length * SETUP_MINUTES
    // The dog's own readiness is drawn once a run, and shared by its places.
    const dogLuck = randomLcg(stream(seed, run, 1))()
    for (let p = 0; p < outlook.places.length; p++) {
      const place = outlook.places[p]!
      const random = randomLcg(stream(seed, run, p + 2))
      const theta = drawRate(rates[p]!, dogLuck, random)
      const combs: number[] = []
      for (const s of held) if (s.places.includes(p)) combs.push(s.day)
      playPlace(place, theta, combs, days, mu, random, out, n)
    }
  }
  return out
}

/** A place's θ: the node of the dog by the shared luck, then its own Gamma. */
function drawRate(rate: Rate, dogLuck: number, random: () => number): number {
  let left = dogLuck
  let k = 0
  while (k < rate.weights.length - 1 && (left -= rate.weights[k]!) > 0) k++
  return randomGamma.source(random)(rate.shape, rate.scales[k]!)()
}

/** Mixes a whole number until neighbours are unalike: the finish of MurmurHash3 (Appleby 2011, public domain). */
function mix(n: number): number {
  let h = n | 0
  h = Math.imul(h ^ (h >>> 16), 0x85ebca6b)
  h = Math.imul(h ^ (h >>> 13), 0xc2b2ae35)
  return (h ^ (h >>> 16)) >>> 0
}
/** Where each stream of chance begins. */
const stream = (seed: number, run: number, of: number) => mix(mix(mix(seed) + run) + of) / 4294967296

function playPlace(
  place: Outlook['places'][number],
  theta: number,
  combs: readonly number[],
  days: number,
  mu: number,
  random: () => number,
  out: Outcome,
  n: number,
) {
  const poisson = randomPoisson.source(random)
  // Each knot by when it matted: those of a span between two combings are drawn together.
  let knots: { tight: number; mat: number; counted: boolean }[] = []
  const wait = () => -Math.log(1 - random()) / mu
  const begin = (at: number, stage: number) => {
    const tight = stage > 0 ? at : at + wait()
    const mat = stage > 1 ? at : tight + wait()
    knots.push({ tight, mat, counted: stage > 1 })
  }
  place.unseen.forEach((expected, stage) => {
    const count = expected > 0 ? poisson(theta * expected)() : 0
    for (let i = 0; i < count; i++) begin(0, stage)
  })
  place.left.forEach((expected, stage) => {
    const count = Math.floor(expected) + (random() < expected % 1 ? 1 : 0)
    for (let i = 0; i < count; i++) begin(0, stage)
  })
  let start = 0
  let born = place.bornLeft
  for (let c = 0; c <= combs.length; c++) {
    const end = c < combs.length ? combs[c]! : days
    let sum = 0
    for (let d = start; d < end; d++) sum += born[d]!
    const count = sum > 0 ? poisson(theta * sum)() : 0
    for (let i = 0; i < count; i++) {
      // The day it begins, by how many begin each day, and some time of that day.
      let left = random() * sum
      let d = start
      while (d < end - 1 && (left -= born[d]!) > 0) d++
      begin(d + random(), 0)
    }
    for (const k of knots)
      if (!k.counted && k.mat <= end) {
        k.counted = true
        out.mats[n]! += 1
      }
    if (c === combs.length) break
    out.minutes[n]! += place.comb[end]!
    for (const k of knots) {
      if (k.mat <= end) continue
      out.minutes[n]! += k.tight <= end ? TEASE_MINUTES.knot : TEASE_MINUTES.tangle
    }
    knots = knots.filter(() => random() < PASSED_OVER)
    start = end
    born = place.bornDry
  }
  for (const k of knots) if (k.mat <= days) out.arriving[n]! += 1
}

/** What many stretches came to. */
export interface Spread {
  runs: number
  /** How many ended without a mat having formed, with one, with more. */
  counts: [none: number, one: number, more: number]
  /** How many arrived with none. */
  clear: number
  mats: number
  /** Minutes at the table: mean, and what eight in ten lie within. */
  minutes: { mean: number; low: number; high: number; sample: number[] }
}

/** How many of the runs the picture of minutes draws. */
const SAMPLED = 60

export function spreadOf(parts: readonly Outcome[]): Spread {
  const counts: [number, number, number] = [0, 0, 0]
  let [runs, clear, mats] = [0, 0, 0]
  const minutes: number[] = []
  for (const part of parts) {
    for (let n = 0; n < part.mats.length; n++) {
      counts[Math.min(2, part.mats[n]!) as 0 | 1 | 2] += 1
      if (!part.arriving[n]) clear += 1
      mats += part.mats[n]!
      minutes.push(part.minutes[n]!)
      runs += 1
    }
  }
  const sample = minutes.slice(0, SAMPLED)
  minutes.sort((a, b) => a - b)
  const at = (share: number) => minutes[Math.min(runs - 1, Math.floor(share * runs))] ?? 0
  return {
    runs,
    counts,
    clear,
    mats: runs ? mats / runs : 0,
    minutes: {
      mean: runs ? minutes.reduce((s, m) => s + m, 0) / runs : 0,
      low: at(0.1),
      high: at(0.9),
      sample,
    },
  }
}
