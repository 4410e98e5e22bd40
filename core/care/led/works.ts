import { regionOf } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import { carePart, partsHere } from '../../record/care-parts'
import type { CarePartId } from '../../record/care-parts'
import { CUT_IDS } from '../../record/tidies'
import type { CutId, WorkId } from '../../record/tidies'
import { offered } from '../tidies/may'
import { earSteps } from './ears'
import { faceSteps } from './face'
import { feetSteps } from './feet'
import { earLookSteps, eyeSteps, teethSteps } from './looks'
import { nailSteps } from './nails'
import { neateningSteps } from './neatening'
import { rearSteps } from './rear'
import { step } from './step'
import type { Ask, StepFinding, WorkAsked, WorkStep } from './step'

const WORKS: Record<WorkId, (asked: WorkAsked) => WorkStep[]> = {
  face: faceSteps,
  paws: feetSteps,
  sanitary: rearSteps,
  ears: earSteps,
  neatening: neateningSteps,
  nails: nailSteps,
  eyes: eyeSteps,
  'ear-look': earLookSteps,
  teeth: teethSteps,
}
/** What is led one by one, where parts are: a foot, an ear, an eye. */
const ONE_BY_ONE: Partial<Record<WorkId, RegExp>> = {
  paws: /^paw\./,
  ears: /^ear-edge/,
  nails: /^nails\./,
  eyes: /^eye\./,
  'ear-look': /^ear-opening/,
}
export const cutting = (work: WorkId): work is WorkId & CutId => CUT_IDS.some((id) => id === work)
/** Looked at, with how it came out; what is cut is asked after otherwise. */
export const looking = (work: WorkId) =>
  work === 'nails' || work === 'eyes' || work === 'ear-look' || work === 'teeth'

/** Where nothing cuts: where the dog stands, the light, and a hand on it. Common practice, no source. */
const place = ({ floor }: Pick<WorkAsked, 'floor'>): WorkStep =>
  step(
    'place',
    floor ? 'On a non-slip spot, in good light' : 'Steady, raised and non-slip, in good light',
    'Against a wall, everything within reach. Lamp or window where you look, not behind you.',
    { cautions: ['alone', 'tether'] },
  )

export interface LedStep extends WorkStep {
  /** The owner's to do, with what they may use; else the groomer's. */
  mine: boolean
  /** Every part it works on waits for a vet. */
  waits: boolean
}
/** The steps of a tidy for this dog, with what the owner may use: a step they may not do is the groomer's. */
export function workSteps(work: WorkId, asked: WorkAsked): LedStep[] {
  const may = cutting(work) ? offered(work, asked) : []
  const stopped = new Set(asked.stopped)
  const steps = WORKS[work](asked).map((s): LedStep => {
    const cutsWith = s.cutsWith.filter((m) => may.includes(m))
    const on = partsHere(work, []).filter((p) => s.parts?.test(p))
    const waits = on.length > 0 && on.every((p) => stopped.has(p))
    return { ...s, cutsWith, mine: !s.cutsWith.length || cutsWith.length > 0, waits }
  })
  // Before what cuts there is more to see to, in `before-cutting.ts`.
  if (!looking(work) && !steps.some((s) => s.cutsWith.length && !s.waits))
    steps.unshift({ ...place(asked), mine: true, waits: false })
  return steps.filter(
    (s) => !s.only || steps.some((other) => other.id === s.only && other.mine && !other.waits),
  )
}

/** A step with the part in hand, what it works on now, and what is asked there. */
export interface AskedStep<P extends string = CarePartId> extends Omit<LedStep, 'asks'> {
  part?: P
  on: P[]
  asks: StepFinding[]
}
const side = (part: CarePartId) => /\.(left|right)$/.exec(part)?.[1]
/** Where a knot or a sore at a part lies on the map. */
const regionAt = (part: CarePartId): RegionId | undefined => carePart(part).cuts

function asksOf(s: LedStep, on: readonly CarePartId[]): StepFinding[] {
  const rows = s.asks.filter((r: Ask) => !r.with || r.with.some((m) => s.cutsWith.includes(m)))
  // One answer alone is no question.
  if (rows.length < 2) return []
  const region = on.map(regionAt).find((r) => r !== undefined)
  return rows.map(({ with: _with, ...row }) => ({
    ...row,
    ...(row.leads === 'knot' && !row.at && region ? { at: region } : {}),
    ...(row.leads === 'vet' && !row.spot && region ? { spot: regionOf(region).place } : {}),
  }))
}

/** The parts that are led one by one. */
export const ledByPart = (work: WorkId, parts: readonly CarePartId[]): CarePartId[] =>
  parts.filter((p) => ONE_BY_ONE[work]?.test(p))

/**
 * The owner's own steps in the order they are led: those of one part, then those of the next. Of an ear the band that
 * was put on comes off before the other ear is begun.
 * @param parts those that are to be done today; a step that works on none of them is left out
 */
export function ledSteps(work: WorkId, steps: readonly LedStep[], parts: readonly CarePartId[]): AskedStep[] {
  const mine = steps.filter((s) => s.mine && !s.waits)
  const led = ledByPart(work, parts)
  const at = (s: LedStep, part?: CarePartId): AskedStep[] => {
    const on = parts.filter((p) =>
      s.parts ? s.parts.test(p) && (!part || !side(part) || side(p) === side(part)) : p === part,
    )
    if (s.parts && !on.length) return []
    return [{ ...s, ...(part ? { part } : {}), on, asks: asksOf(s, part ? [part, ...on] : on) }]
  }
  if (!led.length) return mine.filter((s) => !s.each || !ONE_BY_ONE[work]).flatMap((s) => at(s))
  const inside = mine.filter((s) => s.each)
  const first = mine.findIndex((s) => s.each)
  return [
    ...mine.filter((s, i) => !s.each && i < first).flatMap((s) => at(s)),
    ...led.flatMap((part) => inside.flatMap((s) => at(s, part))),
    ...mine.filter((s, i) => !s.each && i > first).flatMap((s) => at(s)),
  ]
}
