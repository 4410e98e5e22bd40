import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { partsHere } from '../../record/care-parts'
import { EAR_CARRIAGES, SETTINGS } from '../../record/habits'
import { WORK_IDS } from '../../record/tidies'
import type { WorkId } from '../../record/tidies'
import { BEGIN, canPutOff, find, leaveIt, nextStep, putOff, refuse, stepAt, stopRun } from './run'
import type { Run } from './run'
import type { WorkAsked } from './step'
import { ledSteps, workSteps } from './works'
import type { AskedStep } from './works'

const stepsOf = (work: WorkId, more: Partial<WorkAsked> = {}) =>
  ledSteps(
    work,
    workSteps(work, {
      sex: 'male',
      face: 'one-line',
      ears: 'hanging',
      earHair: 'leave',
      earCare: 'wipe',
      sanitary: 'privates',
      bearded: true,
      floor: false,
      setting: 'scissors',
      taught: [],
      ...more,
    }),
    partsHere(work, []),
  )
/** To the step of this name, and part. */
function until(steps: AskedStep[], run: Run, id: string, part?: string): Run {
  for (let i = 0; i < 200 && !run.ended; i++) {
    const s = steps[stepAt(steps, run)]!
    if (s.id === id && (!part || s.part === part)) return run
    run = nextStep(steps, run)
  }
  throw new Error(`No step ${id}.`)
}
const toEnd = (steps: AskedStep[], run: Run): Run => {
  for (let i = 0; i < 200 && !run.ended; i++) run = nextStep(steps, run)
  return run
}
const press = (steps: AskedStep[], run: Run, id: string) =>
  find(
    steps,
    run,
    steps[stepAt(steps, run)]!.asks.find((f) => f.id === id)!,
  )

describe('a led work', () => {
  it('pressed through to its end, every part of it is done', () => {
    for (const work of WORK_IDS) {
      const steps = stepsOf(work)
      const run = toEnd(steps, BEGIN)
      expect(run.ended, work).toBe('done')
      const worked = new Set(steps.filter((s) => !s.aside).flatMap((s) => s.on))
      for (const p of worked) expect(run.did[p], `${work} ${p}`).toBe('done')
    }
  })
  it('foot by foot: a seed is kept, one foot refused, and the next goes on', () => {
    const steps = stepsOf('paws')
    let run = until(steps, BEGIN, 'feel')
    run = press(steps, run, 'seed')
    expect(run.found['paw.forefoot.left']).toEqual(['seed'])
    expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'feel', part: 'paw.forefoot.left' })
    run = until(steps, run, 'feel', 'paw.forefoot.right')
    run = refuse(steps, run)
    expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'feel', part: 'paw.hindfoot.left' })
    run = toEnd(steps, run)
    expect(run.did).toEqual({
      'paw.forefoot.left': 'done',
      'paw.forefoot.right': 'refused',
      'paw.hindfoot.left': 'done',
      'paw.hindfoot.right': 'done',
    })
  })
  it('with the band on, stop and refused take it off first, and only then end or go on', () => {
    const steps = stepsOf('ears')
    const on = until(steps, BEGIN, 'edge')
    for (const [what, go] of [
      ['stop', stopRun],
      ['refused', refuse],
    ] as const) {
      let run = go(steps, on)
      expect(run.then).toBe(what)
      expect(run.ended).toBeUndefined()
      expect(steps[stepAt(steps, run)]).toMatchObject({ band: 'off', part: 'ear-edge.left' })
      run = nextStep(steps, run)
      if (what === 'stop') expect(run.ended).toBe('stopped')
      else {
        expect(run.did['ear-edge.left']).toBe('refused')
        expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'comb', part: 'ear-edge.right' })
      }
    }
    expect(canPutOff(steps, on)).toBe(false)
  })
  it('put off comes again at the end, and what is then done is done', () => {
    const steps = stepsOf('nails')
    let run = putOff(steps, BEGIN)
    expect(steps[stepAt(steps, run)]!.part).toBe('nails.forefoot.right')
    for (let i = 0; i < 3; i++) run = press(steps, run, 'fine')
    expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'hold', part: 'nails.forefoot.left' })
    run = press(steps, run, 'fine')
    expect(run.ended).toBe('done')
    expect(Object.values(run.outcome)).toEqual(['fine', 'fine', 'fine', 'fine'])
  })
  it('a nail that bleeds is pressed; it has stopped, and that foot is over', () => {
    const steps = stepsOf('nails')
    let run = press(steps, BEGIN, 'long')
    run = press(steps, run, 'bled')
    expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'press', part: 'nails.forefoot.left' })
    run = press(steps, run, 'stopped')
    expect(run.outcome['nails.forefoot.left']).toBe('bled')
    expect(steps[stepAt(steps, run)]).toMatchObject({ id: 'hold', part: 'nails.forefoot.right' })
  })
  it('what is for the vet is left, but a look that told how it came out is done', () => {
    const eyes = stepsOf('eyes')
    const red = press(eyes, BEGIN, 'red')
    expect([red.did['eye.left'], red.outcome['eye.left']]).toEqual(['done', 'red'])
    const nails = stepsOf('nails')
    const split = press(nails, BEGIN, 'split')
    expect([split.did['nails.forefoot.left'], split.outcome['nails.forefoot.left']]).toEqual([
      'left',
      undefined,
    ])
    expect(leaveIt(nails, BEGIN).did['nails.forefoot.left']).toBe('left')
  })
  it('a part that is gone from its steps since is passed over, to the next that is still to do', () => {
    const all = stepsOf('paws')
    const run = until(all, BEGIN, 'pads', 'paw.forefoot.left')
    const fewer = all.filter((s) => s.part !== 'paw.forefoot.left')
    expect(fewer[stepAt(fewer, run)]).toMatchObject({ id: 'feel', part: 'paw.forefoot.right' })
    const none = all.filter((s) => !s.part)
    expect(stepAt(none, run)).toBe(none.length - 1)
    // A nail that bled leads aside: no other foot is begun there.
    const nails = stepsOf('nails')
    const gone = nails.filter((s) => s.part !== 'nails.forefoot.left')
    expect(gone[stepAt(gone, { ...BEGIN, step: 'press', part: 'nails.forefoot.left' })]!.id).toBe('hold')
  })
  it('a step put off alone is done later; a part is done once nothing of it is to come', () => {
    const steps = stepsOf('sanitary')
    const belly = until(steps, BEGIN, 'belly')
    const off = putOff(steps, belly)
    expect(off.did.belly).toBeUndefined()
    const end = toEnd(steps, off)
    expect(end.did.belly).toBe('done')
    const lie = until(steps, BEGIN, 'lie')
    // The lie is felt at the belly, and its clip is still to come.
    expect(nextStep(steps, lie).did.belly).toBeUndefined()
    expect(nextStep(steps, belly).did.belly).toBe('done')
  })
  it('teeth have no parts: how it came out is of the whole', () => {
    const steps = stepsOf('teeth')
    const run = press(steps, until(steps, BEGIN, 'side'), 'little')
    expect(run).toMatchObject({ ended: 'done', outcome: { whole: 'little' } })
  })
  it('a caked corner is left and no blade comes to it; the outer sides go on', () => {
    const steps = stepsOf('face')
    let run = press(steps, until(steps, BEGIN, 'wipe'), 'caked')
    const seen: string[] = []
    for (let i = 0; i < 60 && !run.ended; i++) {
      seen.push(steps[stepAt(steps, run)]!.id)
      run = nextStep(steps, run)
    }
    expect(seen).not.toContain('inner')
    expect(seen).toContain('outer')
    expect(run.did['eye-corner.left']).toBe('left')
  })

  it('whatever is pressed, it comes to an end, a band on is always followed by its removal, and nothing that was refused or left is worked on again', () => {
    const presses = fc.array(fc.nat({ max: 30 }), { minLength: 1, maxLength: 400 })
    fc.assert(
      fc.property(
        fc.constantFrom(...WORK_IDS),
        fc.constantFrom(null, ...EAR_CARRIAGES),
        fc.constantFrom(...SETTINGS),
        presses,
        (work, ears, setting, list) => {
          const steps = stepsOf(work, { ears, setting })
          let run: Run = BEGIN
          for (const n of list) {
            if (run.ended) break
            const at = stepAt(steps, run)
            const here = steps[at]!
            if (here.on.length)
              expect(here.on.every((p) => run.did[p] === 'refused' || run.did[p] === 'left')).toBe(false)
            // With a band on there is the next step and what leads to it; with it to be taken off, that alone.
            const may: (() => Run)[] = [() => nextStep(steps, run)]
            if (here.band !== 'off') {
              may.push(
                () => refuse(steps, run),
                () => stopRun(steps, run),
                () => putOff(steps, run),
                ...here.asks.map((f) => () => find(steps, run, f)),
              )
              if (here.asks.some((f) => f.leads === 'knot')) may.push(() => leaveIt(steps, run))
            }
            const next = may[n % may.length]!()
            if (here.band === 'on' && next !== run)
              expect(steps[stepAt(steps, next)]).toMatchObject({ band: 'off', part: here.part })
            run = next
          }
          run = toEnd(steps, run)
          expect(run.ended).toBeDefined()
          for (const [p, did] of Object.entries(run.did)) {
            expect(partsHere(work, [])).toContain(p)
            expect(['done', 'refused', 'left']).toContain(did)
          }
        },
      ),
      { numRuns: 400 },
    )
  })
})
