import { COATS } from '../coat/coat-types'
import { SETUP_MINUTES } from '../coat/minutes'
import type { PlaceId } from '../coat/regions'
import { addDays, dayOf, daysBetween } from '../record/day'
import type { Day } from '../record/day'
import type { Choices, Planned, PlannedCare } from '../record/entries'
import type { Coat } from '../record/coat'
import type { RegionState } from '../record/coat-state'
import { daysUncombed } from '../record/unmet'
import { broken, costOf } from './best/instance'
import type { Chosen, Instance } from './best/instance'
import { AT_ONCE, MENDED, Planner } from './best/planner'
import type { Effort } from './best/planner'
import { CARE_UNITS } from '../due/care-units'
import type { CareUnit } from '../due/care-units'
import { combedFirst } from '../record/care-parts'
import { isTrim } from '../record/tidies'
import type { CareUnitId } from '../record/tidies'
import { CLEAN_DAYS } from './care-costs'
import { goingOver } from './going-over'
import { outlookOf } from './outlook'
import { problemOf } from './problem'
import type { Terms, Unit } from './problem'
import { basisOf, longestSitting, minutesFor, NO_CHOICES, sessionsFrom, stretchEnd } from './standing'
import type { StretchPlan } from './standing'
import { offTheTable } from './off-the-table'
import { WORKING_ORDER } from './working-order'

/** A plan that stands gives way only to one that is better by these, minutes and share (judgement). */
const BETTER_BY = { minutes: 2, share: 0.01 }

/** A share to a thousandth, never less than it is. */
const roundUp = (share: number) => Math.min(1, Math.ceil(share * 1000 - 1e-9) / 1000)

/** Hair is cut on a clean coat, and a bath softens nails. */
const wantsClean = (unit: CareUnitId) => CARE_UNITS[unit].care === 'nails' || isTrim(CARE_UNITS[unit].care)

/** Places as the planner takes them: pairs together, without what is the groomer's to find. */
function unitsOf(coat: Coat): { units: Unit[]; places: PlaceId[] } {
  const units = new Map<PlaceId, Unit>()
  const at = dayOf(coat.today)
  const lastSession = coat.places.reduce<Day>(
    (last, p) => (p.last && p.last.day > last ? p.last.day : last),
    '',
  )
  coat.places.forEach((p, i) => {
    if (offTheTable(p) || coat.profile.coat === 'smooth') return
    const unit = units.get(p.region.place) ?? { places: [], rates: [], uncombed: 0, spaced: 0 as const }
    units.set(p.region.place, {
      places: [...unit.places, i],
      rates: [...unit.rates, p.rate.mean],
      uncombed: Math.max(unit.uncombed, daysUncombed(p, coat.profile, at)),
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
  /** Care that has its minutes in it, and what of it stays on its day. */
  care?: readonly CareUnit[]
  fixedCare?: readonly PlannedCare[]
  /** Minutes of each day that bringing hard places along takes. */
  brought?: number
  /** Swims a week, not combed dry after. */
  swims?: number
  /** A plan to start from. */
  start?: readonly Planned[]
  startCare?: readonly PlannedCare[]
}

/** A stretch being planned. Read `plan()` between slices; it is never worse than the one before. */
export class StretchPlanner {
  private readonly planner: Planner
  private readonly instance: Instance
  private readonly dayAt: number[]
  private readonly places: PlaceId[]
  private readonly care: readonly CareUnit[]
  private readonly from: Day
  private readonly to: Day
  /** Cost of the plan it was given to start from, if that keeps the limits. */
  readonly startCost: number

  /**
   * @param random 0 to below 1; from the same chance comes the same plan
   * @param clock ms, for who waits: less is done where the effort's time runs out
   */
  constructor(
    private readonly asked: Asked,
    effort: Effort,
    random: () => number,
    clock?: () => number,
  ) {
    const { coat, choices, fixed } = asked
    const { profile } = coat
    this.from = dayOf(coat.today)
    const { to, why } = stretchEnd(profile, this.from)
    this.to = to
    const { units, places } = unitsOf(coat)
    this.places = places
    this.care = asked.care ?? []
    const days = daysBetween(this.from, to)
    const limits = Array.from({ length: days }, (_, d) =>
      minutesFor(coat, choices, addDays(this.from, d), asked.brought),
    )
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
    const careAt = (unit: string) => this.care.findIndex((c) => c.unit === unit)
    for (const c of asked.fixedCare ?? []) {
      const d = daysBetween(this.from, c.day)
      const n = careAt(c.unit)
      if (d < 0 || d >= days || n < 0) continue
      // What it needs is combed that day too.
      const with_ = [units.length + n, ...this.needsOf(c).filter((u) => !units[u]!.spaced)]
      must.set(d, [...new Set([...(must.get(d) ?? []), ...with_])])
    }
    const terms: Terms = {
      limits,
      sitting: longestSitting(coat, choices) - SETUP_MINUTES,
      matWorth: choices.matWorth,
      ceilingDays: COATS[profile.coat].ceilingDays,
      must,
      held,
      care: this.care.map((c) => ({
        ...c,
        hurts: CARE_UNITS[c.unit].hurts,
        needs: this.needsOf(c),
        wantsClean: wantsClean(c.unit),
      })),
      clean: this.cleanDays(),
      endsInVisit: why === 'visit',
    }
    const { instance, dayAt } = problemOf(outlookOf(coat, to, asked.swims), units, terms)
    // What the owner fixed stands, refused or not; so does the comb-out, were it the next session.
    for (const [d, list] of must)
      for (const u of list) instance.spaced[u] = held.has(d) ? 0 : Math.min(1, instance.spaced[u]!)
    this.dayAt = dayAt
    this.instance = instance
    const start = asked.start && this.chosenOf(asked.start, asked.startCare ?? [])
    this.planner = new Planner(instance, effort, random, start, clock)
    this.startCost = start ? this.planner.startCost : Infinity
  }

  /** Days after the last bath, and after those of the plan to start from, or fixed, on which the coat is clean. */
  private cleanDays(): Set<number> {
    const { startCare = [], fixedCare = [] } = this.asked
    const baths = [...startCare, ...fixedCare].filter((c) => c.unit === 'bath')
    const bathed = [
      ...this.care.filter((c) => c.unit === 'bath').map((c) => -c.since),
      ...baths.map((c) => daysBetween(this.from, c.day)),
    ]
    return new Set(bathed.flatMap((d) => Array.from({ length: CLEAN_DAYS + 1 }, (_, n) => d + n)))
  }

  /** What is combed the day a kind of care is done: all that mats before a bath, else the places hair is cut at. */
  private needsOf({ unit }: Pick<CareUnit, 'unit'>): number[] {
    const parts = this.care.find((c) => c.unit === unit)?.parts ?? []
    const combs = unit === 'bath' ? this.places : combedFirst(parts)
    return combs.flatMap((p) => (this.places.includes(p) ? [this.places.indexOf(p)] : []))
  }

  /** A plan as the search knows it; days, places and care it does not know fall out. */
  private chosenOf(sessions: readonly Planned[], care: readonly PlannedCare[]): Chosen {
    const { units, days } = this.instance
    const chosen = new Uint8Array(units * days)
    for (const s of sessions) {
      const k = this.dayAt.indexOf(daysBetween(this.from, s.day))
      for (const p of s.places) {
        const u = this.places.indexOf(p)
        if (u >= 0 && k >= 0) chosen[u * days + k] = 1
      }
    }
    for (const c of care) {
      const k = this.dayAt.indexOf(daysBetween(this.from, c.day))
      const n = this.care.findIndex((x) => x.unit === c.unit)
      if (n >= 0 && k >= 0) chosen[(this.places.length + n) * days + k] = 1
    }
    return chosen
  }

  /**
   * By what share of its cost a plan is at most above the best there is, once the bound is worked
   * out; null for one that does not keep the rules: over a day's minutes, or the comb-out left out.
   */
  gapOf(sessions: readonly Planned[], care: readonly PlannedCare[] = []): number | null {
    // A day there is no time on at all is not among the days searched.
    if ([...sessions, ...care].some((s) => !this.dayAt.includes(daysBetween(this.from, s.day)))) return null
    const chosen = this.chosenOf(sessions, care)
    if (broken(this.instance, chosen).length) return null
    const cost = costOf(this.instance, chosen)
    return cost > 0 ? roundUp(Math.max(0, 1 - this.planner.bound / cost)) : 0
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
    const held = (c: Pick<PlannedCare, 'day' | 'unit'>) =>
      !!this.asked.fixedCare?.some((f) => f.pinned && f.day === c.day && f.unit === c.unit)
    const care = this.dayAt.flatMap((d, k) =>
      this.care.flatMap(({ unit }, n): PlannedCare[] => {
        const c = { day: addDays(this.from, d), unit }
        return chosen[(this.places.length + n) * days + k] ? [{ ...c, pinned: held(c) }] : []
      }),
    )
    return {
      kind: 'plan',
      to: this.to,
      choices: this.asked.choices,
      sessions,
      care,
      basis: basisOf(this.asked.coat.profile),
      gap: roundUp(gap),
    }
  }

  /** Whether what was found is enough better than the plan it began from to take its place. */
  get worthChanging(): boolean {
    return this.startCost - this.cost > Math.max(BETTER_BY.minutes, BETTER_BY.share * this.startCost)
  }

  /**
   * What is to stand now. Days the owner knows do not move for a hair: the plan it began from stays,
   * with what is proven of it by now, unless what was found is clearly better.
   * @param known whether the owner had the most of that plan before
   */
  settled(first: StretchPlan, known: boolean): StretchPlan {
    const gap = known && !this.worthChanging ? this.gapOf(first.sessions, first.care) : null
    return gap === null ? this.plan() : { ...first, gap }
  }
}

/**
 * A plan there and then: the one that stood, changed only where what is new makes that cheaper; another
 * where there was none or it no longer keeps the limits.
 */
export function planAtOnce(asked: Asked, random: () => number, clock?: () => number): StretchPlan {
  const mended = asked.start && new StretchPlanner(asked, MENDED, random, clock)
  const planner =
    mended && mended.startCost < Infinity ? mended : new StretchPlanner(asked, AT_ONCE, random, clock)
  while (planner.advance());
  return planner.plan()
}

/**
 * What planning anew starts from and holds on to: pinned sessions, and today's once it is begun, as
 * far as it is still to do.
 */
export function askedOf(
  coat: Coat,
  standing: StretchPlan | null,
  holdToday: boolean,
  care: readonly CareUnit[] = [],
  brought = 0,
): Asked {
  const at = dayOf(coat.today)
  const choices = standing?.choices ?? NO_CHOICES
  const old = standing ? sessionsFrom(standing, at) : []
  const combed = new Set(coat.places.filter((p) => p.last?.day === at).map((p) => p.region.place))
  // Where nobody was told what care is today's, a day begun may still be given some.
  const begun = combed.size > 0 && standing?.care !== undefined
  const today: Planned = {
    day: at,
    places: (old.find((s) => s.day === at)?.places ?? []).filter((p) => !combed.has(p)),
    pinned: false,
  }
  const fixed = old.filter((s) => s.pinned && s.day !== at)
  if (begun || holdToday) fixed.push({ ...today, pinned: old.some((s) => s.day === at && s.pinned) })
  else fixed.push(...old.filter((s) => s.day === at && s.pinned))
  // A coat nobody knows is met first: each of those days is for what has not been met, and nothing else.
  for (const { day, places } of goingOver(coat, choices)?.sittings ?? [])
    if (!fixed.some((s) => s.day === day)) fixed.push({ day, places, pinned: false })
  const oldCare = (standing?.care ?? []).filter((c) => c.day >= at)
  const doneToday = new Set(care.filter((c) => c.since === 0 && c.last === at).map((c) => c.unit))
  const fixedCare = oldCare.filter(
    (c) => (c.pinned || (c.day === at && (begun || holdToday))) && !(c.day === at && doneToday.has(c.unit)),
  )
  return {
    coat,
    choices,
    fixed,
    care,
    fixedCare,
    brought,
    ...(standing ? { start: old, startCare: oldCare } : {}),
  }
}
