import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { COAT_IDS } from '../../coat/coat-types'
import { DRYERS } from '../../coat/drying'
import { PLACE_IDS, REGION_IDS, regionOf, regionsOf } from '../../coat/regions'
import { assess, coatOn } from '../../record/fold'
import { PART_WASHES } from '../bath/part-wash'
import { CARE_CAUTIONS } from '../cautions'
import { bathDid, wasWetted } from './bath-did'
import { bathSteps } from './bath'
import { DRY_PARTS, NO_AIR, regionsDried } from './drying'
import { putOffs, slipMinutes } from '../bath/put-off'
import type { BathAsked, BathPart } from './bath'
import { BEGIN, find, nextStep, refuse, stepAt, stopRun } from './run'
import type { Run } from './run'

const MIXES = { shampooMl: 120, conditionerMl: 60 }
const of = (more: Partial<BathAsked> = {}) =>
  bathSteps({
    coat: 'wool',
    mixes: MIXES,
    dryer: 'household',
    washed: null,
    putOff: [],
    absent: [],
    sex: 'female',
    ...more,
  })
const ALL = COAT_IDS.flatMap((coat) =>
  DRYERS.flatMap((dryer) =>
    (['female', 'male'] as const).flatMap((sex) =>
      [null, ...PART_WASHES.map((p) => p.places)].map((washed) => ({ coat, dryer, sex, washed })),
    ),
  ),
)

/** The order of a bath, and where its cautions stand: common practice, no source. */
describe('the bath, of every coat, dryer and sex, whole and in part', () => {
  it('is in the order of the work: cotton in before water and out last, dried after it is blotted, feet last', () => {
    const ORDER = 'ready cotton wet shampoo face rinse conditioner slip rinse-out blot dry warm ears'.split(
      ' ',
    )
    for (const asked of ALL) {
      const ids = [...new Set(of(asked).map((s) => s.id))]
      expect(ids).toEqual(ORDER.filter((id) => ids.includes(id)))
      expect(ids.includes('cotton')).toBe(ids.includes('ears'))
      const dried = of(asked).filter((s) => s.id === 'dry')
      if (dried.some((s) => s.part === 'dry.feet')) expect(dried.at(-1)!.part).toBe('dry.feet')
    }
  })
  it('says its caution at the step it is for, and none that is not written', () => {
    for (const asked of ALL) {
      const steps = of(asked)
      const cautions = (id: string) => steps.filter((s) => s.id === id).flatMap((s) => s.cautions)
      expect(cautions('ready')).toContain('alone')
      expect(cautions('wet')).toEqual(expect.arrayContaining(['water', 'stop']))
      for (const id of ['cotton', 'ears'])
        if (steps.some((s) => s.id === id)) expect(cautions(id)).toContain('canal')
      for (const s of steps) for (const c of s.cautions) expect(CARE_CAUTIONS[c]).toMatch(/\.$/)
    }
  })
  it('blows air at no face, ear or under the tail, and covers privates where it comes near them', () => {
    expect(NO_AIR).toEqual(
      expect.arrayContaining(['muzzle', 'cheek', 'fringe', 'ear', 'ear-edge', 'under-tail']),
    )
    for (const asked of ALL)
      for (const s of of(asked).filter((x) => x.clock && x.id === 'dry')) {
        for (const r of s.regions!) expect(NO_AIR, `${s.part}`).not.toContain(regionOf(r).place)
        expect(s.cautions).toContain('dryer')
        const privates = s.near.some((d) => ['anus', 'vulva', 'sheath', 'testicles'].includes(d))
        expect(s.cautions.includes('no-air'), s.part).toBe(
          privates || ['dry.under', 'dry.rear'].includes(s.part!),
        )
      }
  })
  it('dries every place that was wetted once, and nothing else; a short coat may dry in the warm', () => {
    expect(DRY_PARTS.flatMap(regionsDried).sort()).toEqual([...REGION_IDS].sort())
    for (const asked of ALL) {
      const steps = of(asked)
      const wet = PLACE_IDS.filter((p) => !asked.washed || asked.washed.some((w) => w === p))
      const dried = steps.filter((s) => s.id === 'dry').flatMap((s) => s.regions!)
      if (steps.some((s) => s.id === 'warm')) {
        expect(dried).toEqual([])
        expect(['double-short', 'smooth']).toContain(asked.coat)
      } else expect([...dried].sort()).toEqual(wet.flatMap((p) => regionsOf(p).map((r) => r.id)).sort())
    }
  })
  it('conditions what is combed, and says how much of each mix goes on', () => {
    for (const coat of COAT_IDS) {
      const said = of({ coat }).map((s) => s.act)
      expect(said.join(' ')).toContain('120 ml')
      expect(said.join(' ').includes('60 ml')).toBe(coat !== 'smooth')
    }
  })
})

const TODAY = '2026-09-20'
const putOff = entry(TODAY, {
  kind: 'check',
  region: 'side.left',
  finding: 'knot',
  count: 2,
  out: 0,
  decided: { answer: 'condition', why: 'tried-wash' },
})
/** Answers each step as told, else the usual way, to the end. */
function walk(steps: ReturnType<typeof of>, answers: Record<string, string> = {}, until = Infinity) {
  let run: Run<BathPart> = BEGIN
  for (let n = 0; n < 80 && !run.ended; n++) {
    const s = steps[stepAt(steps, run)]!
    if (n >= until) return stopRun(steps, run)
    const id = answers[`${s.id} ${s.part ?? ''}`.trim()]
    const f = s.asks.find((a) => a.id === id) ?? s.asks[0]
    run = f ? find(steps, run, f) : nextStep(steps, run)
  }
  return run
}

describe('what a bath comes to', () => {
  const record = dog({}, 20, [putOff])
  const off = putOffs(coatOn(record, TODAY).places, null)
  const steps = of({ putOff: off })
  it('lists what was put off to the conditioner, with its minutes, and asks after each there', () => {
    expect(off).toEqual([{ region: 'side.left', count: 2, kind: 'knot' }])
    expect(slipMinutes(off[0]!)).toBe(3)
    expect(putOffs(coatOn(record, TODAY).places, ['beard'])).toEqual([])
    const at = steps.findIndex((s) => s.id === 'slip')
    expect(steps[at]!.part).toBe('side.left')
    expect(steps[at]!.clock!.minutes).toBe(3)
    expect(steps[at - 1]!.id).toBe('conditioner')
  })
  it('what let go is out, what stays is the groomer’s, and what was not dried is damp', () => {
    expect(bathDid(steps, walk(steps), off)).toEqual({
      damp: [],
      checks: [{ kind: 'check', region: 'side.left', finding: 'knot', count: 2, out: 2 }],
    })
    const run = walk(steps, { 'slip side.left': 'still', 'dry dry.feet': 'damp' })
    const { damp, checks } = bathDid(steps, run, off)
    expect(damp).toEqual(['forefoot.left', 'forefoot.right', 'hindfoot.left', 'hindfoot.right'])
    expect(checks[0]).toMatchObject({ out: 0, decided: { answer: 'groomer', why: 'tried' } })
  })
  it('ended before the water came on, nothing was washed; after, all that was not dried is damp', () => {
    const ready = walk(steps, {}, 2)
    expect(wasWetted(steps, ready)).toBe(false)
    const early = walk(steps, {}, 4)
    expect(wasWetted(steps, early)).toBe(true)
    expect(bathDid(steps, early, off).damp).toHaveLength(41)
  })
  it('a part refused under the dryer is damp; whatever is pressed, damp and dry are all of it', () => {
    fc.assert(
      fc.property(fc.array(fc.integer({ min: 0, max: 5 }), { maxLength: 60 }), (presses) => {
        let run: Run<BathPart> = BEGIN
        for (const n of presses) {
          if (run.ended) break
          const s = steps[stepAt(steps, run)]!
          run =
            n === 5 && s.part
              ? refuse(steps, run)
              : s.asks.length
                ? find(steps, run, s.asks[n % s.asks.length]!)
                : nextStep(steps, run)
        }
        const { damp } = bathDid(steps, run, off)
        const dry = DRY_PARTS.filter((p) => run.did[p] === 'done').flatMap(regionsDried)
        expect([...damp, ...dry].sort()).toEqual([...REGION_IDS].sort())
      }),
    )
  })
  it('a damp place stays wet although the rest was combed out, until the comb has been there', () => {
    const wash = entry(TODAY, { kind: 'wash', combedOut: true, damp: ['forefoot.left'] })
    const { regions } = assess(dog({}, 20, [wash]), TODAY)
    expect(regions['forefoot.left']!.wetTo).not.toBeNull()
    expect(regions['forefoot.right']!.wetTo).toBeNull()
    expect(regions['forefoot.right']!.clearOn).toBe(TODAY)
    const combed = entry(
      TODAY,
      { kind: 'check', region: 'forefoot.left', finding: 'glides' },
      { time: '20:00' },
    )
    expect(assess(dog({}, 20, [wash, combed]), TODAY).regions['forefoot.left']!.wetTo).toBeNull()
  })
})
