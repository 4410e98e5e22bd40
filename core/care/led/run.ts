import type { CarePartId } from '../../record/care-parts'
import type { FoundId } from '../../record/part-done'
import type { OutcomeId } from '../../record/look-outcomes'
import type { PartDone } from '../../record/entries'
import type { StepFinding } from './step'
import type { AskedStep } from './works'

/** Where a led work stands, as it is kept from step to step. */
export interface Run<P extends string = CarePartId> {
  /** The step in hand, and the part; none at the beginning. */
  step: string
  part?: P
  did: Partial<Record<P, PartDone['did']>>
  found: Partial<Record<P, FoundId[]>>
  /** What was answered at each part, in order; of steps on none, at `whole`. */
  answers: Partial<Record<P | 'whole', string[]>>
  /** How a look came out, by part; of what has no parts, at `whole`. */
  outcome: Partial<Record<P | 'whole', OutcomeId>>
  /** Steps put off: they come again at the end. */
  later: string[]
  /** All else is behind: what was put off is done now. */
  round?: true
  /** What was pressed while a band was on: it comes after the band is off. */
  then?: 'stop' | 'refused'
  /** It has come to its end, or was ended before. */
  ended?: 'done' | 'stopped'
}
export const BEGIN = { step: '', did: {}, found: {}, answers: {}, outcome: {}, later: [] } satisfies Run

const keyOf = (s: { id: string; part?: string }) => (s.part ? `${s.id} ${s.part}` : s.id)
const settled = <P extends string>(s: AskedStep<P>, run: Run<P>) =>
  s.on.length > 0 && s.on.every((p) => run.did[p] === 'refused' || run.did[p] === 'left')

/** Where the run is among its steps. A part that has gone from them since, as a concern stops it, is passed over. */
export function stepAt<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): number {
  if (!run.step) return 0
  const there = steps.findIndex((s) => s.id === run.step && s.part === run.part)
  if (there >= 0) return there
  const next = steps.findIndex((s) => s.part && !run.did[s.part] && !s.aside)
  return next >= 0 ? next : steps.length - 1
}
const goTo = <P extends string>(run: Run<P>, s: AskedStep<P>): Run<P> => {
  const { part: _part, ...rest } = run
  return { ...rest, step: s.id, ...(s.part ? { part: s.part } : {}) }
}
/** To the next step after this place that is still to be done; then to what was put off; then to the end. */
function onwards<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>, from: number): Run<P> {
  const waits = (s: AskedStep<P>) => run.later.includes(keyOf(s))
  const next = run.round
    ? undefined
    : steps.find((s, i) => i > from && !s.aside && !settled(s, run) && !waits(s))
  if (next) return goTo(run, next)
  const put = run.later.flatMap((k) => steps.find((s) => keyOf(s) === k && !settled(s, run)) ?? [])[0]
  if (put) return goTo({ ...run, round: true, later: run.later.filter((k) => k !== keyOf(put)) }, put)
  return { ...run, ended: 'done' }
}
/** Parts with no step left to come are done, unless something else became of them. */
function closeParts<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>, at: number): Run<P> {
  const here = steps[at]!
  const did = { ...run.did }
  const open = (p: P) =>
    steps.some(
      (s, i) => !s.aside && s.on.includes(p) && ((i > at && !run.round) || run.later.includes(keyOf(s))),
    )
  for (const p of here.on) if (!did[p] && !open(p)) did[p] = 'done'
  return { ...run, did }
}
/** A step is done: on to the next. */
export function nextStep<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): Run<P> {
  const at = stepAt(steps, run)
  const here = steps[at]!
  if (here.band === 'off' && run.then) {
    const { then, ...free } = run
    return then === 'stop' ? { ...free, ended: 'stopped' } : becomes(steps, free, 'refused')
  }
  return onwards(steps, closeParts(steps, run, at), at)
}
/** What is in hand comes to this; then on to what it does not concern. */
function becomes<P extends string>(
  steps: readonly AskedStep<P>[],
  run: Run<P>,
  what: PartDone['did'],
  outcome?: OutcomeId,
): Run<P> {
  const at = stepAt(steps, run)
  const here = steps[at]!
  const ofPart = here.part ? steps.filter((s) => s.part === here.part).flatMap((s) => s.on) : []
  const notReached = ofPart.filter((p) => !run.did[p])
  const now: Run<P> = {
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
export const refuse = <P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): Run<P> =>
  withBandOff(steps, run, 'refused') ?? becomes(steps, run, 'refused')
/** Ended before its time: what is done is kept. */
export const stopRun = <P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): Run<P> =>
  withBandOff(steps, run, 'stop') ?? { ...run, ended: 'stopped' }
function withBandOff<P extends string>(
  steps: readonly AskedStep<P>[],
  run: Run<P>,
  then: 'stop' | 'refused',
): Run<P> | null {
  const at = stepAt(steps, run)
  if (steps[at]!.band !== 'on') return null
  const off = steps.find((s, i) => i > at && s.band === 'off')
  return off ? goTo({ ...run, then }, off) : null
}
/** Put off: what is left of the part in hand, or this step alone, comes again at the end. */
export function putOff<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): Run<P> {
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
export const canPutOff = <P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): boolean =>
  putOff(steps, run) !== run

/** What was answered, and what was met, kept with its part. */
function keep<P extends string>(was: Run<P>, here: AskedStep<P>, { id, found }: StepFinding): Run<P> {
  const where = here.part ?? ('whole' as const)
  const run = { ...was, answers: { ...was.answers, [where]: [...(was.answers[where] ?? []), id] } }
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
 * What a finding does to the run. A knot, a spot, a wash and the vet are seen to outside it, and come back: `leave` after the
 * vet and after a knot that was left in, on after the rest.
 */
export function find<P extends string>(steps: readonly AskedStep<P>[], run: Run<P>, f: StepFinding): Run<P> {
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
    case 'spot':
    case 'wash':
      return kept
  }
}
/** A knot was left in: what is there is not cut over. */
export const leaveIt = <P extends string>(steps: readonly AskedStep<P>[], run: Run<P>): Run<P> =>
  becomes(steps, run, 'left')
