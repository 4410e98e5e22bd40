import type { CarePartId, FoundId, OutcomeId } from '../../record/care-parts'
import type { PartDone } from '../../record/entries'
import type { StepFinding } from './step'
import type { AskedStep } from './works'

/** Where a led work stands, as it is kept from step to step. */
export interface Run {
  /** The step in hand, and the part; none at the beginning. */
  step: string
  part?: CarePartId
  did: Partial<Record<CarePartId, PartDone['did']>>
  found: Partial<Record<CarePartId, FoundId[]>>
  /** How a look came out, by part; of what has no parts, at `whole`. */
  outcome: Partial<Record<CarePartId | 'whole', OutcomeId>>
  /** Steps put off: they come again at the end. */
  later: string[]
  /** All else is behind: what was put off is done now. */
  round?: true
  /** What was pressed while a band was on: it comes after the band is off. */
  then?: 'stop' | 'refused'
  /** It has come to its end, or was ended before. */
  ended?: 'done' | 'stopped'
}
export const BEGIN: Run = { step: '', did: {}, found: {}, outcome: {}, later: [] }

const keyOf = (s: Pick<AskedStep, 'id' | 'part'>) => (s.part ? `${s.id} ${s.part}` : s.id)
const settled = (s: AskedStep, run: Run) =>
  s.on.length > 0 && s.on.every((p) => run.did[p] === 'refused' || run.did[p] === 'left')

/** Where the run is among its steps. A part that has gone from them since, as a concern stops it, is passed over. */
export function stepAt(steps: readonly AskedStep[], run: Run): number {
  if (!run.step) return 0
  const there = steps.findIndex((s) => s.id === run.step && s.part === run.part)
  if (there >= 0) return there
  const next = steps.findIndex((s) => s.part && !run.did[s.part] && !s.aside)
  return next >= 0 ? next : steps.length - 1
}
const goTo = (run: Run, s: AskedStep): Run => {
  const { part: _part, ...rest } = run
  return { ...rest, step: s.id, ...(s.part ? { part: s.part } : {}) }
}
/** To the next step after this place that is still to be done; then to what was put off; then to the end. */
function onwards(steps: readonly AskedStep[], run: Run, from: number): Run {
  const waits = (s: AskedStep) => run.later.includes(keyOf(s))
  const next = run.round
    ? undefined
    : steps.find((s, i) => i > from && !s.aside && !settled(s, run) && !waits(s))
  if (next) return goTo(run, next)
  const put = run.later.flatMap((k) => steps.find((s) => keyOf(s) === k && !settled(s, run)) ?? [])[0]
  if (put) return goTo({ ...run, round: true, later: run.later.filter((k) => k !== keyOf(put)) }, put)
  return { ...run, ended: 'done' }
}
/** Parts with no step left to come are done, unless something else became of them. */
function closeParts(steps: readonly AskedStep[], run: Run, at: number): Run {
  const here = steps[at]!
  const did = { ...run.did }
  const open = (p: CarePartId) =>
    steps.some(
      (s, i) => !s.aside && s.on.includes(p) && ((i > at && !run.round) || run.later.includes(keyOf(s))),
    )
  for (const p of here.on) if (!did[p] && !open(p)) did[p] = 'done'
  return { ...run, did }
}
/** A step is done: on to the next. */
export function nextStep(steps: readonly AskedStep[], run: Run): Run {
  const at = stepAt(steps, run)
  const here = steps[at]!
  if (here.band === 'off' && run.then) {
    const { then, ...free } = run
    return then === 'stop' ? { ...free, ended: 'stopped' } : becomes(steps, free, 'refused')
  }
  return onwards(steps, closeParts(steps, run, at), at)
}
/** What is in hand comes to this; then on to what it does not concern. */
function becomes(steps: readonly AskedStep[], run: Run, what: PartDone['did'], outcome?: OutcomeId): Run {
  const at = stepAt(steps, run)
  const here = steps[at]!
  const ofPart = here.part ? steps.filter((s) => s.part === here.part).flatMap((s) => s.on) : []
  const notReached = ofPart.filter((p) => !run.did[p])
  const now: Run = {
    ...run,
    did: {
      ...run.did,
      ...Object.fromEntries(notReached.map((p) => [p, 'left' as const])),
      ...Object.fromEntries(here.on.map((p) => [p, what])),
    },
    outcome: { ...run.outcome, ...(outcome ? { [here.part ?? 'whole']: outcome } : {}) },
    later: run.later.filter((k) => !steps.some((s) => keyOf(s) === k && s.part && s.part === here.part)),
  }
  // The rest of the part in hand is passed; a part that is done has no more to come.
  const past = steps.reduce((last, s, i) => (s.part === here.part ? i : last), at)
  return onwards(steps, now, here.part ? past : at)
}
/** The dog would not have it: while a band is on, that comes off first. */
export const refuse = (steps: readonly AskedStep[], run: Run): Run =>
  withBandOff(steps, run, 'refused') ?? becomes(steps, run, 'refused')
/** Ended before its time: what is done is kept. */
export const stopRun = (steps: readonly AskedStep[], run: Run): Run =>
  withBandOff(steps, run, 'stop') ?? { ...run, ended: 'stopped' }
function withBandOff(steps: readonly AskedStep[], run: Run, then: 'stop' | 'refused'): Run | null {
  const at = stepAt(steps, run)
  if (steps[at]!.band !== 'on') return null
  const off = steps.find((s, i) => i > at && s.band === 'off')
  return off ? goTo({ ...run, then }, off) : null
}
/** Put off: what is left of the part in hand, or this step alone, comes again at the end. */
export function putOff(steps: readonly AskedStep[], run: Run): Run {
  const at = stepAt(steps, run)
  const here = steps[at]!
  if (here.band || here.aside) return run
  const keys = here.part
    ? steps.filter((s, i) => i >= at && s.part === here.part && !s.aside).map(keyOf)
    : [keyOf(here)]
  const later = { ...run, later: [...run.later.filter((k) => !keys.includes(k)), ...keys] }
  const next = onwards(steps, later, at)
  return next.step === run.step && next.part === run.part ? run : next
}
/** Whether anything comes after this that could be done before it. */
export const canPutOff = (steps: readonly AskedStep[], run: Run): boolean => putOff(steps, run) !== run

/** What was found, kept with its part. */
function keep(run: Run, here: AskedStep, { found }: StepFinding): Run {
  if (!found) return run
  return {
    ...run,
    found: {
      ...run.found,
      ...Object.fromEntries(here.on.map((p) => [p, [...new Set([...(run.found[p] ?? []), found])]])),
    },
  }
}
/**
 * What a finding does to the run. A knot, a wash and the vet are seen to outside it, and come back: `leave` after the
 * vet and after a knot that was left in, on after the rest.
 */
export function find(steps: readonly AskedStep[], run: Run, f: StepFinding): Run {
  const here = steps[stepAt(steps, run)]!
  const kept = keep(run, here, f)
  switch (f.leads) {
    case 'on':
      return nextStep(steps, kept)
    case 'done':
      return becomes(steps, kept, 'done', f.outcome)
    case 'leave':
      return becomes(steps, kept, 'left', f.outcome)
    case 'vet':
      return becomes(steps, kept, f.outcome ? 'done' : 'left', f.outcome)
    case 'aside': {
      const to = steps.find((s) => s.id === f.to && s.part === here.part)
      return to ? goTo(kept, to) : kept
    }
    case 'here':
    case 'knot':
    case 'wash':
      return kept
  }
}
/** A knot was left in: what is there is not cut over. */
export const leaveIt = (steps: readonly AskedStep[], run: Run): Run => becomes(steps, run, 'left')
