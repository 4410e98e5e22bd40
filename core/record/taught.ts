import type { CoatType } from '../coat/coat-types'
import { usualDrying } from '../coat/drying'
import { maxLength } from '../coat/growth'
import type { GrowthPerDay } from '../coat/growth'
import { PART_IDS } from '../coat/regions'
import type { PlaceId, Region } from '../coat/regions'
import { findsOf, FINDS_PRIOR, metAfter, NOTHING_FOUND_AFTER } from '../learn/finds'
import type { Finds, Through } from '../learn/finds'
import { notice, unnoticed } from '../learn/normal'
import { noticePart, partOf, unparted, wholeOf } from '../learn/parted'
import type { Parted } from '../learn/parted'
import { NOTHING_TIGHTENED, tauOf, TAU_PRIOR, tightened } from '../learn/tightening'
import type { Stage, Tightening } from '../learn/tightening'
import type { Belief, Noticed } from '../learn/normal'
import type { FactOf } from './entries'
import type { Profile } from './profile'

/** Of parts of dogs, growth before anything was measured, sd 0.08; most of it is the dog's (judgement). */
const GROWTH_SD = 0.08
const GROWTH_DOG_SD = 0.07
/** A measurement in a coat that springs back (judgement). */
const MEASURE_SD_MM = 2
/** Days between two lengths that are worth comparing, and how near full length growth has stopped (judgement). */
const GROWTH_OVER_DAYS = 7
const FULL_LENGTH = 0.95
/** Pace, as logarithms: at a place most owners within a third either way, most of it the owner's; once timed tells little (judgement). */
const PACE_PLACE_SD = 0.35
const PACE_PRIOR: Belief = { mean: 0, sd: 0.3 }
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
/** What is left of the spread of parts once the dog's own is taken from it. */
const apart = (all: number, dog: number) => Math.sqrt(all ** 2 - dog ** 2)
const unmeasured = (coat: CoatType) =>
  unparted({ mean: coat.growthMmPerDay, sd: GROWTH_DOG_SD }, apart(GROWTH_SD, GROWTH_DOG_SD))
const untimed = () => unparted(PACE_PRIOR, apart(PACE_PLACE_SD, PACE_PRIOR.sd))
const ratesOf = (growth: Parted) =>
  Object.fromEntries(PART_IDS.map((part) => [part, partOf(growth, part).mean])) as GrowthPerDay

/** What a record has taught of a dog and its owner as a whole: how hair grows, how fast they comb, how long it dries. */
export class Taught {
  private constructor(
    /** Growth, mm a day, by part. */
    public growth: Parted,
    /** This owner's pace, as the logarithm of times the usual minutes, by place. */
    public speed: Parted = untimed(),
    /** How long it takes to dry, as the logarithm of times the usual. */
    public dryness: Noticed = unnoticed(DRYING_PRIOR),
    /** How fast tangles tighten. */
    public tight: Tightening = NOTHING_TIGHTENED,
    /** How much of what is there the comb finds. */
    public finding: Finds = NOTHING_FOUND_AFTER,
    /** Growth held of each part, mm a day. */
    public perDay: GrowthPerDay = ratesOf(growth),
  ) {}
  /** Times the usual minutes, of the places asked after since one was timed. */
  private paces = new Map<PlaceId, number>()
  static nothing(coat: CoatType): Taught {
    return new Taught(unmeasured(coat))
  }
  copy(): Taught {
    return new Taught(this.growth, this.speed, this.dryness, this.tight, this.finding, this.perDay)
  }
  /** A pup's growth says little of the adult coat's. */
  anotherCoat(coat: CoatType) {
    this.growth = unmeasured(coat)
    this.perDay = ratesOf(this.growth)
    this.tight = NOTHING_TIGHTENED
  }

  /**
   * How fast each part grew since the cut or measure before, over its places measured together.
   * @param today counted from 1970
   */
  noticeGrowth(measured: readonly Growing[], mm: number, today: number, coat: CoatType) {
    for (const part of PART_IDS) {
      const rates = measured.flatMap((p) => {
        const days = today - p.growing.sinceDay
        const full = mm >= FULL_LENGTH * maxLength(coat, p.region.part)
        return p.region.part === part && !p.growing.guessed && !full && days >= GROWTH_OVER_DAYS
          ? [{ rate: (mm - p.growing.from) / days, days }]
          : []
      })
      if (!rates.length) continue
      const days = mean(rates.map((r) => r.days))
      this.growth = noticePart(this.growth, part, mean(rates.map((r) => r.rate)), MEASURE_SD_MM / days)
    }
    this.perDay = ratesOf(this.growth)
  }
  /** How long a place took with nothing found, against most owners. */
  noticePace(place: PlaceId, minutes: number, usual: number) {
    this.speed = noticePart(this.speed, place, within(Math.log(minutes / usual)), PACE_SD)
    this.paces.clear()
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

  /** Knots a groomer met where the comb had been through shortly before. */
  noticeMet(met: number, through: Through) {
    this.finding = metAfter(this.finding, met, through)
  }

  /** Times the usual minutes that combing takes here. */
  get pace(): number {
    return Math.exp(wholeOf(this.speed).mean)
  }
  paceAt(place: PlaceId): number {
    const known = this.paces.get(place) ?? Math.exp(partOf(this.speed, place).mean)
    this.paces.set(place, known)
    return known
  }
  /** Times as many minutes as most dogs of its kind take to dry. */
  get dries(): number {
    return Math.exp(this.dryness.held.mean)
  }
  /** Share of what is there that the comb finds. */
  get finds(): number {
    return this.finding.times ? findsOf(this.finding) : FINDS_PRIOR
  }
  /** Times as fast as coats like it that tangles tighten. */
  get tightens(): number {
    return this.tight.times ? tauOf(this.tight) / TAU_PRIOR : 1
  }
}
