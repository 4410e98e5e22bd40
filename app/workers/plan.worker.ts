import { expose } from 'comlink'
import { randomLcg } from 'd3-random'
import { PROOF, REFINED } from '#core/plan/best/planner'
import type { CareUnit } from '#core/due/care-units'
import { handlingMinutes, hardPlaces } from '#core/care/handling/handling'
import { careUnits } from '#core/due/care-units'
import { askedOf, planAtOnce, StretchPlanner } from '#core/plan/stretch'
import type { StretchPlan } from '#core/plan/standing'
import type { Coat } from '#core/record/coat'
import { coatOn } from '#core/record/fold'
import type { DogRecord } from '#core/record/fold'

/** Any will do; the same each time, so that the same dog gets the same plan. */
const SEED = 0.5
/** Somebody waits, on a slow telephone too; there it may be another plan. */
const clock = () => performance.now()

const broughtAlong = (record: DogRecord, at: string) => handlingMinutes(hardPlaces(record, at))

/** What was planned at once, to be made better. */
let begun: { coat: Coat; care: CareUnit[]; brought: number; first: StretchPlan; known: boolean } | null = null

/**
 * Plans a stretch away from the page: a plan at once, then a better one if there is one. Or weighs a
 * plan the owner made: how far it may be from the best there is.
 */
const work = {
  /** @param standing the plan to begin from, with the owner's choices in it; null for none */
  plan(record: DogRecord, at: string, standing: StretchPlan | null): StretchPlan {
    const coat = coatOn(record, at)
    const care = careUnits(record, coat)
    const brought = broughtAlong(record, at)
    const asked = askedOf(coat, standing, false, care, brought)
    begun = {
      coat,
      care,
      brought,
      first: planAtOnce(asked, randomLcg(SEED), clock),
      known: Boolean(asked.start?.length),
    }
    return begun.first
  },

  /**
   * @param working told the share that is done
   * @returns what is to stand now: the first where nothing is clearly better, and the owner knew it
   * @throws Error before anything was planned
   */
  refine(working: (share: number) => void): StretchPlan {
    if (!begun) throw new Error('Nothing is planned yet.')
    // What the owner has been told of today stays; only later days get better.
    const asked = askedOf(begun.coat, begun.first, true, begun.care, begun.brought)
    const planner = new StretchPlanner(asked, REFINED, randomLcg(SEED), clock)
    while (planner.advance()) working(planner.progress)
    return planner.settled(begun.first, begun.known)
  },

  /** @returns by what share of its cost it is at most above the best; null if it asks more than the days have */
  weigh(record: DogRecord, at: string, standing: StretchPlan): number | null {
    const coat = coatOn(record, at)
    const [care, brought] = [careUnits(record, coat), broughtAlong(record, at)]
    const asked = {
      coat,
      choices: standing.choices,
      fixed: [],
      care,
      brought,
      startCare: standing.care ?? [],
    }
    const planner = new StretchPlanner(asked, PROOF, randomLcg(SEED), clock)
    while (planner.advance());
    return planner.gapOf(
      standing.sessions.filter((s) => s.day >= at),
      standing.care?.filter((c) => c.day >= at),
    )
  },
}
export type PlanWork = typeof work
expose(work)
