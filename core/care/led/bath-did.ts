import type { RegionId } from '../../coat/regions'
import type { FactOf } from '../../record/entries'
import type { PutOff } from '../bath/put-off'
import { decideKnot } from '../knots/knot'
import type { BathPart } from './bath'
import type { Run } from './run'
import type { AskedStep } from './works'

/** What a bath that was led comes to: where it was left damp, and what became of what was put off to it. */
export function bathDid(
  steps: readonly AskedStep<BathPart>[],
  run: Run<BathPart>,
  putOff: readonly PutOff[],
): { damp: RegionId[]; checks: FactOf<'check'>[] } {
  const damp = steps.flatMap((s) =>
    s.id === 'dry' && s.part && run.did[s.part] !== 'done' ? (s.regions ?? []) : [],
  )
  const checks = putOff.flatMap((p): FactOf<'check'>[] => {
    const said = run.answers[p.region]?.at(-1)
    if (said !== 'out' && said !== 'still') return []
    const is = { kind: 'check' as const, region: p.region, finding: p.kind, count: p.count }
    if (said === 'out') return [{ ...is, out: p.count }]
    const { answer, why } = decideKnot({
      region: p.region,
      kind: p.kind,
      count: p.count,
      skinWell: true,
      privates: false,
      fouled: false,
      matsOverDog: 0,
      allowed: true,
      calm: true,
      tried: true,
      washable: false,
      washFirst: false,
      shownMats: false,
    })
    return [{ ...is, out: 0, decided: { answer, why } }]
  })
  return { damp: [...new Set(damp)], checks }
}
/** Whether any water came on the dog, so that what was led is written down as a wash. */
export const wasWetted = (steps: readonly AskedStep<BathPart>[], run: Run<BathPart>): boolean => {
  const at = steps.findIndex((s) => s.id === run.step && s.part === run.part)
  return run.ended === 'done' || at > steps.findIndex((s) => s.id === 'wet')
}
