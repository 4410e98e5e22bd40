import type { CoatType } from '../coat/coat-types'
import { usualDrying } from '../coat/drying'
import { maxLength } from '../coat/growth'
import type { Region } from '../coat/regions'
import { learnedOf, notice, unnoticed } from '../learn/normal'
import { NOTHING_TIGHTENED, tauOf, TAU_PRIOR, tightened } from '../learn/tightening'
import type { Stage, Tightening } from '../learn/tightening'
import type { Belief, Learned, Noticed } from '../learn/normal'
import type { FactOf } from './entries'
import type { Profile } from './profile'

/** Growth before anything was measured, and a measurement in a coat that springs back (judgement). */
const GROWTH_PRIOR_SD = 0.08
const MEASURE_SD_MM = 2
/** Days between two lengths that are worth comparing, and how near full length growth has stopped (judgement). */
const GROWTH_OVER_DAYS = 7
const FULL_LENGTH = 0.95
/** Pace, as logarithms: most owners within a third either way; one region timed tells little (judgement). */
const PACE_PRIOR: Belief = { mean: 0, sd: 0.35 }
const PACE_SD = 0.8
const PACE_AT_MOST = 1.5
/** Drying, as logarithms: dogs of a kind differ by a third either way; once timed, it tells much (judgement). */
const DRYING_PRIOR: Belief = { mean: 0, sd: 0.35 }
const DRYING_SD = 0.25

/** A place as far as its length teaches. */
interface Growing {
  region: Region
  mm: number
  growing: { from: number; sinceDay: number; guessed: boolean }
}
const within = (times: number) => Math.max(-PACE_AT_MOST, Math.min(PACE_AT_MOST, times))
const mean = (list: readonly number[]) => list.reduce((sum, x) => sum + x, 0) / list.length
const unmeasured = (coat: CoatType) => unnoticed({ mean: coat.growthMmPerDay, sd: GROWTH_PRIOR_SD })

/** What a record has taught of a dog and its owner as a whole: how hair grows, how fast they comb, how long it dries. */
export class Taught {
  private constructor(
    /** Growth, mm a day. */
    private growth: Noticed,
    /** This owner's pace, as the logarithm of times the usual minutes. */
    private speed: Noticed = unnoticed(PACE_PRIOR),
    /** How long it takes to dry, as the logarithm of times the usual. */
    private dryness: Noticed = unnoticed(DRYING_PRIOR),
    /** How fast tangles tighten. */
    private tight: Tightening = NOTHING_TIGHTENED,
  ) {}
  static nothing(coat: CoatType): Taught {
    return new Taught(unmeasured(coat))
  }
  copy(): Taught {
    return new Taught(this.growth, this.speed, this.dryness, this.tight)
  }
  /** A pup's growth says little of the adult coat's. */
  anotherCoat(coat: CoatType) {
    this.growth = unmeasured(coat)
    this.tight = NOTHING_TIGHTENED
  }

  /** How fast it grew since the cut or measure before, over the places measured together. @param today counted from 1970 */
  noticeGrowth(measured: readonly Growing[], mm: number, today: number, coat: CoatType) {
    const rates = measured.flatMap((p) => {
      const days = today - p.growing.sinceDay
      const full = mm >= FULL_LENGTH * maxLength(coat, p.region.part)
      return !p.growing.guessed && !full && days >= GROWTH_OVER_DAYS
        ? [{ rate: (mm - p.growing.from) / days, days }]
        : []
    })
    if (!rates.length) return
    const days = mean(rates.map((r) => r.days))
    this.growth = notice(this.growth, mean(rates.map((r) => r.rate)), MEASURE_SD_MM / days)
  }
  /** How long a place took with nothing found, against most owners. */
  noticePace(minutes: number, usual: number) {
    this.speed = notice(this.speed, within(Math.log(minutes / usual)), PACE_SD)
  }
  /** How long drying took against most dogs of its kind, by how much of the coat was wet. */
  noticeDrying({ dried, places }: FactOf<'wash'>, all: readonly Growing[], { coat, weightKg }: Profile) {
    if (!dried) return
    const washed = all.filter((p) => !places || places.includes(p.region.place))
    const area = (of: readonly Growing[]) => of.reduce((sum, p) => sum + p.region.area, 0)
    const share = area(washed) / area(all)
    const mm = washed.reduce((sum, p) => sum + p.region.area * p.mm, 0) / area(washed)
    const usual = usualDrying({ coat, kg: weightKg, mm }, dried.with, {
      ...(dried.watts ? { watts: dried.watts } : {}),
      ...(dried.cold ? { cold: true } : {}),
    })
    if (!usual || !share) return
    this.dryness = notice(this.dryness, within(Math.log(dried.minutes / (usual * share))), DRYING_SD)
  }

  /** The worst a check met, of so many, so long after a comb was there. @param gap days, times the type's own speed */
  noticeStage(stage: Stage, count: number, gap: number) {
    if (gap > 0) this.tight = tightened(this.tight, stage, count, gap)
  }

  /** Growth held, mm a day. */
  get perDay(): number {
    return this.growth.held.mean
  }
  /** Times the usual minutes that combing takes here. */
  get pace(): number {
    return Math.exp(this.speed.held.mean)
  }
  /** Times as many minutes as most dogs of its kind take to dry. */
  get dries(): number {
    return Math.exp(this.dryness.held.mean)
  }
  /** Times as fast as coats like it that tangles tighten. */
  get tightens(): number {
    return this.tight.times ? tauOf(this.tight).mean / TAU_PRIOR.mean : 1
  }
  /** Days from a tangle to a tight knot. @param usual in coats like it */
  learnedTightening(usual: number): Learned {
    const { likely } = tauOf(this.tight)
    const interval: [number, number] = [usual / likely[1], usual / likely[0]]
    return {
      prior: usual,
      seen: this.tight.times ? { mean: usual / this.tightens, times: this.tight.times } : null,
      now: usual / this.tightens,
      interval,
      telling: interval[0] > usual || interval[1] < usual,
    }
  }
  get learnedGrowth(): Learned {
    return learnedOf(this.growth)
  }
  get learnedPace(): Learned {
    return learnedOf(this.speed, Math.exp)
  }
  get learnedDrying(): Learned {
    return learnedOf(this.dryness, Math.exp)
  }
}
