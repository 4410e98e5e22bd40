import { COATS } from '../coat/coat-types'
import type { CoatType } from '../coat/coat-types'
import { WET_DAYS } from '../coat/exposure'
import { lengthAfter, maxLength } from '../coat/growth'
import { knotRate, stepper } from '../coat/knots'
import { combMinutes } from '../coat/minutes'
import { REGIONS } from '../coat/regions'
import type { Region, RegionId } from '../coat/regions'
import type { GrowthPerDay } from '../coat/growth'
import { sizeFactor } from '../coat/size'
import { timesLike } from '../learn/coats-like'
import { asCauses, learnCauses, timesUnder, UNDER } from '../learn/causes'
import type { CauseHeld, Under } from '../learn/causes'
import { heldRoughly, leftAfter, NOT_LEFT, timesNow } from '../learn/drift'
import type { Combed } from '../learn/drift'
import { learnRates, widened } from '../learn/rate'
import type { CoatState, RegionState } from './coat-state'
import { dayNumber, dayOf, monthsOld } from './day'
import type { Day } from './day'
import type { FactOf } from './entries'
import type { FirstLengths } from './first-lengths'
import { bearsFrom } from './bears'
import type { Bears } from './bears'
import { coverListOf, exposuresOn } from './exposures'
import type { Exposures } from './exposures'
import type { Profile } from './profile'
import { isUnmet } from './unmet'
import { Taught } from './taught'
import { asNow, WorkingPlace } from './working-place'
import { NOTHING_WISHED } from './wishes'

/**
 * A coat as it lives by itself: it grows, comes under what it is exposed to, and knots, a day at a time, at the rates this
 * dog has taught. What the record says was done to it is `coat.ts`.
 */
export class LivingCoat {
  coat: CoatType
  places: WorkingPlace[]
  protected index: Map<RegionId, WorkingPlace>
  protected step: ReturnType<typeof stepper>
  protected size: number
  /** Of each place, which list of covers it has. */
  protected covered: readonly number[]
  protected exposed: Exposures | null = null
  protected unlearned = false
  /** The share of a count that teaches, of knots that were guessed. */
  protected teaches = 1
  visitOn: Day | null = null
  felt: CoatState['felt'] = null
  /** What is wished of the next cut, and what is agreed of it. */
  wished = NOTHING_WISHED
  /** How many times what every such coat's are each cause is for this dog, of those something was seen of. */
  causes: readonly CauseHeld[] = []
  taught: Taught
  /** What the dog bears at one go. */
  protected borne: Bears
  /** What the day's combs went through and met, and the odds so far that it has left what is said. */
  protected combedToday: (Combed & { count: number })[] = []
  protected left = NOT_LEFT
  /** When the dog was last taken to have become another, and how many times as many came as had been said. */
  changed: { on: Day; times: number } | null = null

  constructor(
    /** The dog as it is this day. */
    public profile: Profile,
    /** The day it is, counted from 1970. */
    public today: number,
  ) {
    this.coat = COATS[profile.coat]
    this.taught = Taught.nothing(this.coat)
    this.step = stepper(this.tightening)
    this.size = sizeFactor(profile.weightKg)
    this.borne = bearsFrom(monthsOld(profile.born, dayOf(today)))
    this.places = REGIONS.filter((r) => !profile.absent.includes(r.id)).map((region) => this.unmet(region))
    this.index = new Map(this.places.map((p) => [p.id, p]))
    this.covered = this.places.map((p) => coverListOf(p.region))
  }

  /** A place nothing is known of, at its usual length. */
  protected unmet(region: Region): WorkingPlace {
    const mm = this.coat.usualMm[region.part]
    return new WorkingPlace(region, { from: mm, sinceDay: this.today, guessed: true }, mm)
  }

  /** Something became true of the dog: from this day it is so. What was before stays as it was. */
  protected becomes(profile: Profile) {
    const before = this.profile
    this.profile = profile
    this.exposed = null
    this.size = sizeFactor(profile.weightKg)
    if (profile.coat !== before.coat) {
      this.coat = COATS[profile.coat]
      this.taught.anotherCoat(this.coat)
      this.step = stepper(this.tightening)
      for (const p of this.places) p.growing = { ...p.growing, from: p.mm, sinceDay: this.today }
    }
    if (profile.absent.join() === before.absent.join()) return
    this.places = REGIONS.filter((r) => !profile.absent.includes(r.id)).map(
      (region) => this.at(region.id) ?? this.unmet(region),
    )
    this.index = new Map(this.places.map((p) => [p.id, p]))
    this.covered = this.places.map((p) => coverListOf(p.region))
    this.unlearned = true
  }

  protected at(id: RegionId) {
    return this.index.get(id)
  }

  protected grow(p: WorkingPlace) {
    p.mm = lengthAfter(
      p.growing.from,
      this.taught.perDay[p.region.part],
      this.today - p.growing.sinceDay,
      maxLength(this.coat, p.region.part),
    )
  }

  protected setLength(p: WorkingPlace, mm: number) {
    p.growing = { from: mm, sinceDay: this.today, guessed: false }
    p.mm = mm
  }

  /** Before it was first measured a place is taken to have been as much shorter as it grows since. */
  beginFrom(first: FirstLengths): this {
    for (const p of this.places) {
      const told = first.get(p.id)
      if (!told) continue
      const mm = Math.max(0, told.mm - this.coat.growthMmPerDay * (told.day - this.today))
      p.growing = { from: mm, sinceDay: this.today, guessed: true }
      p.mm = mm
    }
    return this
  }

  /**
   * Knots born in each place today at θ = 1, as this dog's causes are, in the order of `places`, as it usually lives
   * but for the gear given.
   * @param dry as if nothing were wet
   */
  bornToday(gear: readonly FactOf<'gear'>[] = [], dry = false): number[] {
    const day = dayOf(this.today)
    const today = this.exposures(gear, day)
    return this.places.map((p, i) => {
      const by = dry ? null : this.wetOn(p, day)
      return this.bornIn(p, i, today, by) * timesUnder(this.causes, this.underOf(i, today, by))
    })
  }
  /** The same by the type's own factors. */
  protected bornIn(p: WorkingPlace, i: number, { dry, wet }: Exposures, by: RegionState['wetBy']): number {
    return (
      timesLike(this.profile, p.region.class) *
      knotRate(this.coat, this.size, p.region, p.mm, (by ? wet : dry)[this.covered[i]!]!)
    )
  }
  protected underOf = (i: number, { under }: Exposures, by: RegionState['wetBy']): Under =>
    under[this.covered[i]!]! | (by ? UNDER[by] : 0)
  /** What it is wet by, if it still counts. */
  protected wetOn = (p: WorkingPlace, day: Day) => (p.wetTo !== null && p.wetTo >= day ? p.wetBy : null)
  protected exposures(gear: readonly FactOf<'gear'>[], day: Day): Exposures {
    return (this.exposed = exposuresOn(this.profile, this.coat, gear, day, this.exposed))
  }

  /** The day's knots form; then it is the next morning. */
  passDay(gear: readonly FactOf<'gear'>[] = []) {
    if (this.combedToday.length) this.holdToWhatWasSaid()
    const day = dayOf(this.today)
    const today = this.exposures(gear, day)
    this.places.forEach((p, i) => {
      const by = this.wetOn(p, day)
      p.comesUnder(this.underOf(i, today, by))
      p.base = this.step(p.base, this.bornIn(p, i, today, by))
      if (p.left.length) p.left = p.left.map((l) => ({ count: l.count, stages: this.step(l.stages, 0) }))
    })
    this.today += 1
    for (const p of this.places) this.grow(p)
  }

  /**
   * The day's count against what was said of it that morning. Once what is found has left what is said, the dog is
   * another than it was: what was seen before is told as it would be of this one, and counts less. By the type's own
   * factors, so that it is the same whenever the causes were learned.
   */
  private holdToWhatWasSaid() {
    const today = this.combedToday
    const all = this.seenOfAll()
    let found = 0
    for (const { count, expected } of today) {
      found += count
      all.count -= count
      all.exposure -= expected
    }
    this.combedToday = []
    this.left = leftAfter(this.left, found, heldRoughly(all, today))
    const times = timesNow(this.left)
    if (times === null) return
    this.left = NOT_LEFT
    this.changed = { on: dayOf(this.today), times }
    for (const p of this.places) p.seen = asNow(p.seen, times)
    this.unlearned = true
  }

  protected seenOfAll(): { count: number; exposure: number } {
    const all = { count: 0, exposure: 0 }
    for (const { seen } of this.places) {
      all.count += seen.count
      all.exposure += seen.exposure
    }
    return all
  }

  /** Days go by as the dog usually lives, with no session. */
  passTo(day: Day): this {
    for (const to = dayNumber(day); this.today < to;) this.passDay()
    return this
  }

  /** Minutes this owner takes to comb a place once as it is now, nothing found. */
  minutesOf = (p: Pick<WorkingPlace, 'region' | 'mm'>): number =>
    this.taught.paceAt(p.region.place) * this.usualMinutes(p)
  protected usualMinutes = (p: Pick<WorkingPlace, 'region' | 'mm'>) =>
    combMinutes(this.coat, this.profile.weightKg, p.region, p.mm)

  /** Takes over what another coat of the same dog has taught: its places, its growth, the owner's pace. */
  learnFrom(other: LivingCoat): this {
    this.causes = other.causes
    for (const p of this.places) {
      p.rate = other.at(p.id)?.rate ?? p.rate
      p.causes = this.causes
    }
    this.taught = other.taught.copy()
    this.step = stepper(this.tightening)
    return this
  }

  /** Growth of each part, mm a day. */
  get perDay(): GrowthPerDay {
    return this.taught.perDay
  }
  /** How fast this dog's tangles tighten, 1/day. */
  get tightening(): number {
    return this.coat.tighteningPerDay * this.taught.tightens
  }
  get pace(): number {
    return this.taught.pace
  }
  get dries(): number {
    return this.taught.dries
  }

  protected wet(p: WorkingPlace, by: NonNullable<RegionState['wetBy']>) {
    p.wetTo = dayOf(this.today + WET_DAYS - 1)
    p.wetBy = by
  }

  /** Takes in what was seen since the last time. */
  learn(): this {
    if (this.unlearned) {
      this.causes = learnCauses(this.places.map((p) => p.seen))
      const rates = learnRates(this.places.map((p) => asCauses(p.seen, this.causes)))
      this.places.forEach((p, i) => {
        p.rate = p.guessed ? widened(rates[i]!) : rates[i]!
        p.causes = this.causes
      })
      this.unlearned = false
    }
    return this
  }

  state(): CoatState {
    const regions: Record<string, RegionState> = {}
    for (const p of this.places) regions[p.id] = p.shown()
    const felt = this.places.some(isUnmet) ? this.felt : null
    return { day: dayOf(this.today), regions, visitOn: this.visitOn, felt }
  }
}
