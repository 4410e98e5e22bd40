import { COATS } from '../coat/coat-types'
import type { PlaceId } from '../coat/regions'
import { addDays, dayOf, daysBetween } from '../record/day'
import type { Day } from '../record/day'
import type { Choices, Planned } from '../record/entries'
import type { Coat, DogRecord, RegionState } from '../record/fold'
import { Planner } from './best/planner'
import type { Effort } from './best/planner'
import { outlookOf } from './outlook'
import { problemOf } from './problem'
import type { Terms, Unit } from './problem'
import {
  basisOf,
  minutesFor,
  NO_CHOICES,
  planStands,
  sessionsFrom,
  standingPlan,
  stretchEnd,
} from './standing'
import type { StretchPlan } from './standing'
import { groomersToFind } from './today'
import { WORKING_ORDER } from './working-order'

/** A plan that stands gives way only to one that is better by these, minutes and share (judgement). */
const BETTER_BY = { minutes: 2, share: 0.02 }

/** Places as the planner takes them: pairs together, without what is the groomer's to find. */
function unitsOf(coat: Coat): { units: Unit[]; places: PlaceId[] } {
  const units = new Map<PlaceId, Unit>()
  const at = dayOf(coat.today)
  const lastSession = coat.places.reduce<Day>(
    (last, p) => (p.last && p.last.day > last ? p.last.day : last),
    '',
  )
  coat.places.forEach((p, i) => {
    if (groomersToFind(p) || coat.profile.coat === 'smooth') return
    const unit = units.get(p.region.place) ?? { places: [], rates: [], uncombed: 0, spaced: 0 as const }
    units.set(p.region.place, {
      places: [...unit.places, i],
      rates: [...unit.rates, p.rate.mean],
      uncombed: Math.max(unit.uncombed, p.clearOn ? daysBetween(p.clearOn, at) : 0),
      spaced: Math.max(unit.spaced, spacingOf(p, lastSession)) as Unit['spaced'],
    })
  })
  const places = WORKING_ORDER.filter((place) => units.has(place))
  return { places, units: places.map((place) => units.get(place)!) }
}
const spacingOf = (p: RegionState, lastSession: Day): Unit['spaced'] =>
  !p.refusals ? 0 : p.last?.day === lastSession ? 2 : 1

export interface Asked {
  coat: Coat
  choices: Choices
  /** Sessions that stay as they are; nothing else is combed on their days. */
  fixed: readonly Planned[]
  /** Swims a week, not combed dry after. */
  swims?: number
  /** A plan to start from. */
  start?: readonly Planned[]
}

/** A stretch being planned. Read `plan()` between slices; it is never worse than the one before. */
export class StretchPlanner {
  private readonly planner: Planner
  private readonly dayAt: number[]
  private readonly places: PlaceId[]
  private readonly from: Day
  private readonly to: Day
  /** Cost of the plan it was given to start from, if that keeps the limits. */
  readonly startCost: number

  /** @param random 0 to below 1; from the same chance comes the same plan */
  constructor(
    private readonly asked: Asked,
    effort: Effort,
    random: () => number,
  ) {
    const { coat, choices, fixed } = asked
    const { profile } = coat
    this.from = dayOf(coat.today)
    const { to, why } = stretchEnd(profile, this.from)
    this.to = to
    const { units, places } = unitsOf(coat)
    this.places = places
    const days = daysBetween(this.from, to)
    const limits = Array.from({ length: days }, (_, d) => minutesFor(profile, choices, addDays(this.from, d)))
    const must = new Map<number, number[]>()
    const held = new Set<number>()
    // All of it is combed out on the eve of a visit.
    const eve = days - 1
    if (why === 'visit' && !choices.blocked.includes(addDays(to, -1))) {
      must.set(
        eve,
        units.map((_, u) => u),
      )
    }
    for (const s of fixed) {
      const d = daysBetween(this.from, s.day)
      if (d < 0 || d >= days) continue
      held.add(d)
      const wanted = s.places.flatMap((p) => (places.includes(p) ? [places.indexOf(p)] : []))
      if (wanted.length) must.set(d, wanted)
      else {
        must.delete(d)
        limits[d] = 0
      }
    }
    const terms: Terms = {
      limits,
      matWorth: choices.matWorth,
      ceilingDays: COATS[profile.coat].ceilingDays,
      must,
      held,
      endsInVisit: why === 'visit',
    }
    const { instance, dayAt } = problemOf(outlookOf(coat, to, asked.swims), units, terms)
    // What the owner fixed stands, refused or not; so does the comb-out, were it the next session.
    for (const [d, list] of must)
      for (const u of list) instance.spaced[u] = held.has(d) ? 0 : Math.min(1, instance.spaced[u]!)
    this.dayAt = dayAt
    let start: Uint8Array | undefined
    if (asked.start) {
      start = new Uint8Array(instance.units * instance.days)
      for (const s of asked.start) {
        const k = dayAt.indexOf(daysBetween(this.from, s.day))
        if (k < 0) continue
        for (const p of s.places) {
          const u = places.indexOf(p)
          if (u >= 0) start[u * instance.days + k] = 1
        }
      }
    }
    this.planner = new Planner(instance, effort, random, start)
    this.startCost = start ? this.planner.startCost : Infinity
  }

  advance = () => this.planner.advance()
  get progress() {
    return this.planner.progress
  }
  get cost() {
    return this.planner.cost
  }

  /** The best plan so far. */
  plan(): StretchPlan {
    const { chosen, gap } = this.planner
    const days = this.dayAt.length
    const pinned = new Set(this.asked.fixed.filter((s) => s.pinned).map((s) => s.day))
    const sessions = this.dayAt.flatMap((d, k) => {
      const places = this.places.filter((_, u) => chosen[u * days + k])
      const day = addDays(this.from, d)
      return places.length ? [{ day, places, pinned: pinned.has(day) }] : []
    })
    return {
      kind: 'plan',
      to: this.to,
      choices: this.asked.choices,
      sessions,
      basis: basisOf(this.asked.coat.profile),
      gap: Math.min(1, Math.round(gap * 1000) / 1000),
    }
  }

  /** Whether what was found is enough better than the plan it began from to take its place. */
  get worthChanging(): boolean {
    return this.startCost - this.cost > Math.max(BETTER_BY.minutes, BETTER_BY.share * this.startCost)
  }
}

/**
 * What planning anew starts from and holds on to: pinned sessions, and today's once it is begun, as
 * far as it is still to do.
 */
export function askedOf(
  record: DogRecord,
  coat: Coat,
  standing: StretchPlan | null,
  holdToday: boolean,
): Asked {
  const at = dayOf(coat.today)
  const choices = standing?.choices ?? NO_CHOICES
  const old = standing ? sessionsFrom(standing, at) : []
  const combed = new Set(coat.places.filter((p) => p.last?.day === at).map((p) => p.region.place))
  const begun = combed.size > 0
  const today: Planned = {
    day: at,
    places: (old.find((s) => s.day === at)?.places ?? []).filter((p) => !combed.has(p)),
    pinned: false,
  }
  const fixed = old.filter((s) => s.pinned && s.day !== at)
  if (begun || holdToday) fixed.push({ ...today, pinned: old.some((s) => s.day === at && s.pinned) })
  else fixed.push(...old.filter((s) => s.day === at && s.pinned))
  return { coat, choices, fixed, ...(standing ? { start: old } : {}) }
}

/**
 * The plan for a dog from a day on: the one that stands, or a planner to make one anew, begun from
 * what is left of it so that no more changes than must.
 */
export function planAnew(
  record: DogRecord,
  coat: Coat,
  effort: Effort,
  random: () => number,
): { stands: StretchPlan } | { planner: StretchPlanner } {
  const standing = standingPlan(record)
  if (standing && planStands(record, standing, dayOf(coat.today))) return { stands: standing }
  return { planner: new StretchPlanner(askedOf(record, coat, standing, false), effort, random) }
}
