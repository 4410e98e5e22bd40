import { CLEAR, KEPT, stepper, tightenByWash } from '../coat/knots'
import type { Stages } from '../coat/knots'
import type { Cover, RegionId } from '../coat/regions'
import { shapeOf } from '../learn/counts'
import { heldRoughly } from '../learn/drift'
import type { Stage } from '../learn/tightening'
import { dayNumber, dayOf, monthsOld } from './day'
import type { Day } from './day'
import type { DatedFact, FactOf } from './entries'
import { knotsIn } from './findings'
import type { Finding } from './findings'
import { bearsComfort, bearsSession, bearsTable } from './bears'
import { expectedByHand, guessTeaches, toldUncombed } from './hand'
import { become } from './truths'
import { lengthsLeft } from './tidied'
import type { WorkingPlace } from './working-place'
import { cuts, endsStretch, LEFT_AT_HOME, lengthAt } from './visits'
import { agreedCut, standingOf, wishAfter } from './wishes'
import { LivingCoat } from './living-coat'

/** A press sooner than this was not a comb going through, s (judgement). */
const LEAST_TIMED_SECONDS = 5

/** A groomer's findings so many days after a comb tell what it missed, where it was to find a knot at least (judgement). */
const SHORTLY_DAYS = 3
const LEAST_TO_FIND = 1

/** Where a knot that was met and left in stands, by what it was called. */
const STAGE_OF: Record<Finding, Stages | null> = {
  glides: null,
  rasps: null,
  snag: [1, 0, 0],
  knot: [0, 1, 0],
  mat: [0, 0, 1],
  felt: [0, 0, 1],
  refused: null,
}

/**
 * A dog's coat, carried forward a day at a time. The fold makes one from the record; `passTo` goes on
 * from there as the dog usually lives, with no session. Days are whole: acts count on the morning of
 * their day, then the day's knots form at that morning's length.
 */
export class Coat extends LivingCoat {
  /** The same coat, to be carried another way. */
  copy(): Coat {
    const other = new Coat(this.profile, this.today)
    other.places = this.places.map((p) => p.copy())
    other.index = new Map(other.places.map((p) => [p.id, p]))
    other.visitOn = this.visitOn
    other.felt = this.felt
    other.wished = this.wished
    other.teaches = this.teaches
    other.taught = this.taught.copy()
    other.step = this.step
    other.borne = this.borne
    other.combedToday = [...this.combedToday]
    other.left = this.left
    other.changed = this.changed
    other.unlearned = this.unlearned
    other.causes = this.causes
    return other
  }

  /** As if the comb went through these places, or all of them. It did not, so nothing is learned. */
  combThrough(regions?: readonly RegionId[]): this {
    const day = dayOf(this.today)
    for (const id of regions ?? this.places.map((p) => p.id)) {
      const p = this.at(id)
      if (!p) continue
      p.last = { day, finding: 'glides' }
      p.left = []
      this.clear(p, day)
    }
    return this
  }

  /** Minutes the dog is asked to bear at one go, as found; without end while nothing holds it back. */
  get bears(): number {
    return this.borne.minutes ?? Infinity
  }

  apply({ id, day, what }: DatedFact) {
    switch (what.kind) {
      case 'session':
        this.borne = bearsSession(this.borne, what.minutes)
        return
      case 'handling':
        if (what.place === 'table') this.borne = bearsTable(this.borne)
        return
      case 'dog':
        return this.becomes(become(this.profile, what))
      case 'hand':
        return this.toldByHand(what)
      case 'check':
        this.borne = bearsComfort(this.borne, what.comfort ?? 'easy')
        return this.check(day, what)
      case 'brush':
        for (const id of what.regions) {
          this.at(id)?.brushed(what.depth === 'skin' ? KEPT.brushed : KEPT.surface)
        }
        return
      case 'wash':
        return this.washed(day, what)
      case 'wet':
        if (what.combedDry) return
        for (const p of this.places) {
          if (p.region.covers.includes(what.how satisfies Cover)) this.wet(p, what.how)
        }
        return
      case 'measure': {
        const measured = what.regions.flatMap((id) => this.at(id) ?? [])
        this.taught.noticeGrowth(measured, what.mm, this.today, this.coat)
        for (const p of measured) this.setLength(p, what.mm)
        return
      }
      case 'visit':
        return this.visited({ id, day, what })
      case 'tidy':
        for (const { region, mm } of lengthsLeft(what)) {
          const p = this.at(region)
          if (p) this.setLength(p, mm)
        }
        return
      case 'concern':
        for (const p of this.places) if (p.region.place === what.where) p.concern = id
        return
      case 'concern-closed':
        for (const p of this.places) if (p.concern === what.concern) p.concern = null
        return
      case 'wish':
      case 'wish-answer':
      case 'wish-taken':
        this.wished = wishAfter(this.wished, { id, day, what })
        return
      case 'rehearsed':
      case 'proposed':
      case 'advice':
      case 'advice-answer':
      case 'undercoat':
      case 'gear':
      case 'plan':
      case 'photo':
        return
    }
  }

  /** A visit: what was found there, what it cut, and of a whole one that the stretch begins anew. */
  private visited({ id, day, what }: DatedFact & { what: FactOf<'visit'> }) {
    if (endsStretch(what)) {
      this.visitOn = day
      this.felt = null
    }
    // A visit that cut and does not say how short is taken to have left what was agreed.
    const agreed = cuts(what) ? agreedCut(standingOf(this.wished)) : null
    this.wished = wishAfter(this.wished, { id, day, what })
    if (!what.home && endsStretch(what) && what.found.length) this.metAfterComb(what)
    for (const p of this.places) {
      const mm = lengthAt(what, p.region) ?? what.lengths[p.region.part] ?? agreed?.get(p.id)
      // At home only what was clipped has changed.
      if (what.home && (mm === undefined || p.concern || LEFT_AT_HOME.includes(p.region.place))) continue
      // A groomer who tells what was found has been through all of it.
      const here = what.found.filter((f) => f.region === p.id)
      const met = here.reduce((sum, f) => sum + knotsIn(f), 0)
      // What the groomer was not allowed either stays as it was.
      if (here.some((f) => f.finding === 'refused')) {
        p.last = { day, finding: 'refused' }
        p.refusals += 1
        continue
      }
      // Feet, a face or a bath clear no coat: what was found there is all that was met.
      if (!what.home && !endsStretch(what)) {
        if (here.length) {
          this.see(p, met)
          this.clear(p, day)
          p.left = []
        }
        if (mm !== undefined) this.setLength(p, mm)
        continue
      }
      if (what.found.length) this.see(p, met)
      this.clear(p, day)
      p.holds(CLEAR)
      p.left = []
      if (mm !== undefined) this.setLength(p, mm)
    }
  }

  /** What a groomer who has been through all of it met where the owner's comb had been days before. */
  private metAfterComb({ found }: FactOf<'visit'>) {
    const mine = (p: WorkingPlace) => found.filter((f) => f.region === p.id)
    const near = this.places.flatMap((p) =>
      p.through && this.today - p.through.on <= SHORTLY_DAYS && !mine(p).some((f) => f.finding === 'refused')
        ? [{ p, here: p.through.expected }]
        : [],
    )
    let met = 0
    for (const { p } of near) {
      const all = mine(p).reduce((sum, f) => sum + knotsIn(f), 0)
      met += Math.max(0, all - p.left.reduce((sum, l) => sum + l.count, 0))
    }
    const seen = this.seenOfAll()
    const heldOver = (of: (one: (typeof near)[number]) => number) =>
      heldRoughly(
        seen,
        near.map((one) => ({ seen: one.p.seen, expected: of(one) })),
      )
    const through = heldOver(({ here }) => here)
    const since = heldOver(({ p, here }) =>
      Math.max(0, p.base[0] + p.base[1] + p.base[2] - KEPT.combed[0] * here),
    )
    if (through.mean < LEAST_TO_FIND) return
    this.taught.noticeMet(met, { through: through.mean, since: since.mean, shape: shapeOf(through) })
  }

  private washed(day: Day, what: FactOf<'wash'>) {
    this.taught.noticeDrying(what, this.places, this.profile)
    for (const p of this.places) {
      // Of a part wash only what was washed is wet, and tightens, and is dried.
      if (what.places && !what.places.includes(p.region.place)) continue
      if (what.combedOut && !what.damp?.includes(p.id)) this.combedOut(p, day)
      else {
        p.tightened(tightenByWash)
        p.left = p.left.map((l) => ({ ...l, stages: tightenByWash(l.stages) }))
        this.wet(p, 'bath')
      }
    }
  }

  /** The comb went through: what it met is gone, and wet hair has been combed dry. */
  private clear(p: WorkingPlace, day: Day) {
    p.keep(KEPT.combed)
    p.through = null
    p.steady = true
    p.clearOn = day
    p.combedAbout = null
    if (p.guessed) {
      p.guessed = 0
      this.unlearned = true
    }
    p.refusals = 0
    p.wetTo = p.wetBy = null
  }

  /** A check counted the knots born since the one before; those left in then are not born anew. */
  private see(p: WorkingPlace, found: number) {
    const known = p.left.reduce((sum, l) => sum + l.count, 0)
    const expected = p.base[0] + p.base[1] + p.base[2]
    // What was guessed teaches less than what is known to have come since.
    const guessed = expected ? Math.min(1, p.guessed / expected) : 0
    const share = 1 - guessed * (1 - this.teaches)
    const count = Math.max(0, found - known)
    if (share === 1 && expected > 0) this.combedToday.push({ seen: p.seen, expected, count })
    p.met(count, share)
    this.unlearned = true
  }

  /** Nothing is known but what was told: every place is unmet, and as knotted as a coat so long uncombed. */
  private toldByHand({ combed, feels }: FactOf<'hand'>) {
    const days = toldUncombed(combed, monthsOld(this.profile.born, dayOf(this.today)))
    const today = this.exposures([], dayOf(this.today))
    this.felt = feels
    this.places.forEach((p, i) => {
      const born = this.bornIn(p, i, today, this.wetOn(p, dayOf(this.today)))
      p.holds(expectedByHand(born, this.tightening, days, feels))
      p.guessed = p.base[0] + p.base[1] + p.base[2]
      p.clearOn = null
      p.combedAbout = dayOf(this.today - days)
      if (!p.left.length) p.last = null
    })
    this.teaches = guessTeaches(this.places.reduce((sum, p) => sum + p.guessed, 0))
    this.unlearned = true
  }

  private check(day: Day, c: FactOf<'check'>) {
    const p = this.at(c.region)
    if (!p) return
    const before = p.last
    p.last = { day, finding: c.finding, comfort: c.comfort, decided: c.decided }
    // Ended before it came to what was left in: that is still there as it was found.
    if (c.comfort === 'stopped' && c.finding === 'glides' && p.left.length && before)
      p.last = { ...before, day, comfort: c.comfort }
    if (c.finding === 'refused') {
      p.refusals += 1
      return
    }
    // The brush tears: hair is catching, or too dry. Not clear until the comb has been through.
    if (c.finding === 'rasps') return
    // Dirt catches by itself: brushed, and not known to be clear until it has been washed.
    if (c.open) {
      p.brushed(KEPT.brushed)
      return
    }
    if (c.comfort === 'stopped') return this.reachedInPart(p, c)
    // Teasing is counted apart, so only a comb that went through tells the pace.
    if (c.finding === 'glides' && c.seconds !== undefined && c.seconds >= LEAST_TIMED_SECONDS) {
      this.taught.noticePace(p.region.place, c.seconds / 60, this.usualMinutes(p))
    }
    const found = knotsIn(c)
    const stages = STAGE_OF[c.finding]
    if (stages && found && p.steady && p.clearOn && !p.left.length) {
      const gap = this.today - dayNumber(p.clearOn)
      this.taught.noticeStage(stages.indexOf(1) as Stage, found, gap * this.coat.tighteningPerDay)
      this.step = stepper(this.tightening)
    }
    const expected = p.base[0] + p.base[1] + p.base[2]
    this.see(p, found)
    this.clear(p, day)
    p.through = { on: this.today, expected }
    // What the comb met is now known by count, not by expectation.
    p.left = []
    const remaining = found - (c.out ?? 0)
    if (stages && remaining > 0) p.left = [{ count: remaining, stages }]
  }

  /**
   * The dog ended it: what the comb met holds for the part it reached, the rest is as it was, so the
   * place is not clear and nothing is learned from it.
   */
  private reachedInPart(p: WorkingPlace, c: FactOf<'check'>) {
    // A knot it would not have touched is a refusal too, beside what is known to be there.
    if (c.decided?.why === 'not-allowed') p.refusals += 1
    const remaining = knotsIn(c) - (c.out ?? 0)
    const known = p.left.reduce((sum, l) => sum + l.count, 0)
    const stages = STAGE_OF[c.finding]
    if (stages && remaining > known) p.left = [{ count: remaining, stages }]
  }

  /** After a bath the comb went through everywhere: what was put off to it came out. A mat does not. */
  private combedOut(p: WorkingPlace, day: Day) {
    const mats = p.last?.finding === 'mat' || p.last?.finding === 'felt'
    this.clear(p, day)
    if (p.left.length && mats) return
    p.left = []
    p.last = { day, finding: 'glides' }
  }
}
