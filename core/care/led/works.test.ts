import { describe, expect, it } from 'vitest'
import { REGION_IDS } from '../../coat/regions'
import { partsHere } from '../../record/care-parts'
import { FOUND_IDS } from '../../record/part-done'
import {
  EAR_CARE_SCHOOLS,
  EAR_CARRIAGES,
  EAR_HAIR_SCHOOLS,
  FACE_SCHOOLS,
  habitsOf,
  SANITARY_SCHOOLS,
  SETTINGS,
  TAUGHT,
} from '../../record/habits'
import { MEANS, MEANS_IDS } from '../../record/means'
import { TRIM_IDS, WORK_IDS } from '../../record/tidies'
import type { WorkId } from '../../record/tidies'
import { CARE_CAUTIONS } from '../cautions'
import { DANGER_IDS, dangerRow, dangersNear } from '../tidies/dangers'
import { allowedAt, missing, offered, SCISSORS, withheld } from '../tidies/may'
import { beforeCutting } from './before-cutting'
import { bandedEar } from './ears'
import type { WorkAsked } from './step'
import { cutting, ledByPart, ledSteps, looking, workSteps } from './works'

/** Of schools and of what is true of a dog, what bears on each work: its coat by whether it grows a beard. */
const SCHOOLS: Record<WorkId, Partial<WorkAsked>[]> = {
  face: FACE_SCHOOLS.flatMap((face) => [true, false].map((bearded) => ({ face, bearded }))),
  paws: [{}],
  sanitary: SANITARY_SCHOOLS.flatMap((sanitary) =>
    [true, false, undefined].flatMap((neutered) => [true, false].map((low) => ({ sanitary, neutered, low }))),
  ),
  ears: EAR_HAIR_SCHOOLS.flatMap((earHair) =>
    [null, ...EAR_CARRIAGES].flatMap((ears) =>
      [true, false].map((hairyEars) => ({ earHair, ears, hairyEars })),
    ),
  ),
  neatening: [{}],
  nails: [{}],
  eyes: [{}],
  'ear-look': EAR_CARE_SCHOOLS.map((earCare) => ({ earCare })),
  teeth: [{}],
}
const USUAL = {
  face: 'corners',
  earHair: 'leave',
  ears: null,
  earCare: 'wipe',
  sanitary: 'privates',
  bearded: true,
  floor: false,
} as const
/** Every way an owner can be set, for every work and either sex. */
const ALL = WORK_IDS.flatMap((work) =>
  (['female', 'male'] as const).flatMap((sex) =>
    SETTINGS.flatMap((setting) =>
      [[], ['rear-blade'], ['corner-blade'], [...TAUGHT]].flatMap((taught) =>
        SCHOOLS[work].map((school) => ({
          work,
          asked: { ...USUAL, sex, setting, taught, ...school } as WorkAsked,
        })),
      ),
    ),
  ),
)
const led = (work: WorkId, asked: WorkAsked) => ledSteps(work, workSteps(work, asked), partsHere(work, []))

/** Common practice, no source; the defaults are the cautious ones. */
describe('what may be used', () => {
  it('never scissors at the rear or over fold or tendon, under any setting', () => {
    const NONE = ['anus', 'vulva', 'sheath', 'testicles', 'flank-fold', 'elbow-web', 'hock-tendon']
    const scissors = (list: readonly string[]) => list.filter((m) => SCISSORS.some((s) => s === m))
    for (const { work, asked } of ALL) {
      if (work === 'sanitary') expect(scissors(offered(work, asked))).toEqual([])
      for (const s of workSteps(work, asked))
        if (s.near.some((d) => NONE.includes(d))) expect(scissors(s.cutsWith), s.id).toEqual([])
    }
    // Named tool by tool they are not to be had either.
    const named = { setting: 'taught', taught: TAUGHT, with: MEANS_IDS } as const
    expect(offered('sanitary', named)).toEqual(['cloth', 'comb', 'guarded-clipper', 'bare-clipper'])
  })
  it('by the toe webs only where the blade lies on top: level with pads, round the outline, along the slope', () => {
    for (const { work, asked } of ALL)
      for (const s of workSteps(work, asked))
        if (s.near.includes('toe-webs') && s.cutsWith.length)
          expect(s.act).toMatch(/level with the pads|round what sticks out|along the slope/)
  })
  it('nothing the setting forbids is offered, in no step; with cloth and comb nothing cuts at all', () => {
    for (const { work, asked } of ALL) {
      const may = cutting(work) ? offered(work, asked) : []
      if (cutting(work)) expect(withheld(work, asked).filter((m) => may.includes(m))).toEqual([])
      for (const s of workSteps(work, asked)) for (const m of s.cutsWith) expect(may).toContain(m)
      if (asked.setting === 'comb') {
        expect(may.filter((m) => m !== 'cloth' && m !== 'comb')).toEqual([])
        for (const s of led(work, asked)) expect(s.cutsWith, `${work} ${s.id}`).toEqual([])
      }
      if (asked.setting !== 'taught')
        for (const bare of ['bare-clipper', 'corner-blade'] as const) expect(may).not.toContain(bare)
    }
  })
  it('a bare blade only for what the groomer named has shown', () => {
    const asked = { setting: 'taught', taught: ['rear-blade'] } as const
    expect(offered('sanitary', asked)).toContain('bare-clipper')
    expect(offered('face', asked)).not.toContain('corner-blade')
    expect(offered('face', { setting: 'taught', taught: ['corner-blade'] })).toContain('corner-blade')
    expect(MEANS['corner-blade']).toBe('bare #9, #10 or #15')
    for (const tidy of ['paws', 'ears', 'neatening'] as const)
      expect(offered(tidy, { setting: 'taught', taught: TAUGHT })).not.toContain('bare-clipper')
  })
  it('each tidy is set by itself, with its name, and offers only what is owned and sharp', () => {
    const habits = habitsOf({
      coat: 'wool',
      habits: {
        setting: 'comb',
        may: {
          face: { setting: 'scissors' },
          sanitary: { setting: 'taught', with: ['guarded-clipper'], by: 'Imke' },
        },
        cutters: ['blunt-scissors', 'clipper'],
        worn: ['clipper'],
      },
    })
    expect(offered('paws', allowedAt('paws', habits))).toEqual(['cloth', 'comb'])
    expect(offered('face', allowedAt('face', habits))).toEqual(['cloth', 'comb', 'blunt-scissors'])
    expect(missing('face', allowedAt('face', habits))).toEqual(['thinning-scissors'])
    expect(allowedAt('sanitary', habits).by).toBe('Imke')
    expect(offered('sanitary', allowedAt('sanitary', habits))).toEqual(['cloth', 'comb'])
    expect(missing('sanitary', allowedAt('sanitary', habits))).toEqual(['guarded-clipper'])
    expect(withheld('sanitary', allowedAt('sanitary', habits))).toEqual(['bare-clipper'])
  })
  it('a step that cannot be done as set is the groomer’s', () => {
    const at = (setting: 'comb' | 'scissors') =>
      workSteps('paws', { ...ALL[0]!.asked, setting }).map((s) => [s.id, s.mine])
    expect(at('comb')).toEqual([
      ['place', true],
      ['nails', true],
      ['feel', true],
      ['pads', false],
      ['outline', false],
      ['top', false],
      ['done', true],
    ])
    expect(at('scissors').every(([, mine]) => mine)).toBe(true)
  })
})

describe('every danger place has its caution before the act', () => {
  it('each step that comes near one carries its caution, and scissors their finger and their leaving', () => {
    for (const { work, asked } of ALL)
      for (const s of workSteps(work, asked)) {
        for (const d of s.near)
          expect(s.cautions, `${work} ${s.id} near ${d}`).toContain(dangerRow(d).caution)
        for (const d of s.near) expect(dangerRow(d).sex ?? asked.sex, `${work} ${s.id}`).toBe(asked.sex)
        if (s.cutsWith.some((m) => SCISSORS.includes(m))) {
          expect(s.cautions, s.id).toContain('finger')
          expect(s.cautions, s.id).toContain('moves')
        }
      }
  })
  it.each([...TRIM_IDS, 'nails'] as const)(
    '%s: every danger place near it stands at a step of it',
    (tidy) => {
      for (const sex of ['female', 'male'] as const) {
        const asked: WorkAsked = {
          ...USUAL,
          sex,
          setting: 'taught',
          taught: TAUGHT,
          face: 'three-cuts',
          ears: 'hanging',
          earHair: 'shorten',
          sanitary: 'wider',
        }
        const told = new Set(workSteps(tidy, asked).flatMap((s) => s.near))
        expect([...told].sort()).toEqual(dangersNear(tidy, sex).sort())
      }
    },
  )
  it('every danger place is near something, and every caution says something', () => {
    for (const d of DANGER_IDS) expect(dangerRow(d).near.length).toBeGreaterThan(0)
    for (const words of Object.values(CARE_CAUTIONS)) expect(words).toMatch(/[.]$/)
  })
  it('privates are cut at on no dog, whatever was taught, and each is asked after', () => {
    for (const { work, asked } of ALL) {
      if (work !== 'sanitary') continue
      const s = led(work, asked).find((one) => one.id === 'privates')!
      expect(s.cutsWith).toEqual([])
      expect(s.asks.some((f) => f.leads === 'vet')).toBe(true)
      expect(s.asks.some((f) => f.id === 'in-season')).toBe(asked.sex === 'female' && !asked.neutered)
      expect(/testicles/.test(s.act)).toBe(asked.sex === 'male' && !asked.neutered)
    }
  })
})

/** Common practice, no source. */
describe('before and after the blade', () => {
  it('every tidy begins at a steady raised place in good light, and never alone there', () => {
    for (const { work, asked } of ALL) {
      if (looking(work)) continue
      const steps = workSteps(work, asked)
      const place = steps.find((s) => s.id === 'place')
      // Where something cuts there is more to see to, and that comes first.
      expect(!place).toBe(steps.some((s) => s.cutsWith.length > 0))
      if (!place) continue
      expect(steps[0]!.act).toMatch(/^Steady, raised and non-slip, in good light$/)
      expect(place.cautions).toContain('alone')
      expect(workSteps(work, { ...asked, floor: true })[0]!.act).toMatch(/non-slip spot, in good light/)
    }
    const before = beforeCutting({ floor: false, name: 'Tansy' })
    expect(before.map((b) => b.id)).toEqual(['raised', 'light', 'hands', 'calm', 'tool', 'coat'])
    expect(before[0]!.cautions).toContain('alone')
    // A dog that is not calm, and a coat that is not ready, end it; the rest can be put right.
    expect(before.filter((b) => b.ends).map((b) => b.id)).toEqual(['calm', 'coat'])
    for (const b of before) expect(b.not).toMatch(/[.]$/)
    expect(beforeCutting({ floor: true, name: 'Tansy' })[0]!.so).toContain('non-slip')
  })
  it('a dog that is weak behind or sore is stood on no hind feet, and no leg of it lifted', () => {
    const asked = { ...USUAL, setting: 'scissors', taught: [], sex: 'female' } as WorkAsked
    const hold = (low: boolean) => workSteps('sanitary', { ...asked, low }).find((s) => s.id === 'hold')!.how
    expect(hold(false)).toContain('hind feet')
    expect(hold(true)).toContain('no leg is lifted')
    expect(hold(true)).not.toContain('hind feet')
  })
  it('ears without hair in their openings have no step for it', () => {
    const asked = { ...USUAL, setting: 'scissors', taught: [], sex: 'female' } as WorkAsked
    const ids = (hairyEars?: boolean) =>
      workSteps('ears', { ...asked, ...(hairyEars === undefined ? {} : { hairyEars }) }).map((s) => s.id)
    expect(ids()).toContain('inside')
    expect(ids(true)).toEqual(ids())
    expect(ids(false)).toEqual(ids().filter((id) => id !== 'inside'))
  })
  it('a band goes on only with a cut, on hair that hangs below the leather, and comes off in the next step', () => {
    for (const { work, asked } of ALL) {
      const steps = led(work, asked)
      const named = steps.filter((s) => /\bband\b(?!;)/i.test(s.act) || s.band)
      if (work !== 'ears' || asked.setting === 'comb' || !bandedEar(asked.ears)) {
        expect(named.map((s) => s.id)).toEqual([])
        continue
      }
      expect(['hanging', 'folded', 'tassel']).toContain(asked.ears)
      steps.forEach((s, i) => {
        if (s.band === 'on') {
          expect(s.cutsWith.length).toBeGreaterThan(0)
          expect(s.cautions[0]).toBe('band')
          expect(steps[i + 1]).toMatchObject({
            band: 'off',
            mine: true,
            cutsWith: [],
            part: s.part,
            asks: [],
          })
        }
        if (s.band === 'off') expect(steps[i - 1]!.band).toBe('on')
      })
      expect(steps.filter((s) => s.band === 'on')).toHaveLength(2)
    }
  })
  it('every work but a neatening has a look that can end in the vet, before anything cuts', () => {
    for (const { work, asked } of ALL) {
      const steps = led(work, asked)
      const at = steps.findIndex((s) => s.asks.some((f) => f.leads === 'vet'))
      const cut = steps.findIndex((s) => s.cutsWith.length)
      expect(at >= 0, work).toBe(work !== 'neatening')
      if (at >= 0 && cut >= 0) expect(at).toBeLessThan(cut)
    }
  })
  it('finger first: in the corners and at the beard, and the beard is combed before it is cut', () => {
    for (const { work, asked } of ALL) {
      if (work !== 'face' || asked.setting === 'comb') continue
      const ids = led(work, asked).map((s) => s.id)
      expect(ids.indexOf('finger')).toBe(ids.indexOf('inner') - 1)
      expect(ids.includes('beard')).toBe(asked.bearded)
      if (asked.bearded) expect(ids.indexOf('beard-comb')).toBe(ids.indexOf('beard') - 1)
    }
  })
  it('every finding leads somewhere, the usual one on or done; each part is ended before the next', () => {
    for (const { work, asked } of ALL) {
      const parts = partsHere(work, [])
      const steps = led(work, asked)
      for (const s of steps) {
        const goesOn = (leads: string) => leads === 'on' || leads === 'done'
        if (s.asks.length) expect(goesOn(s.asks[0]!.leads), `${work} ${s.id}`).toBe(true)
        if (s.asks.length && !looking(work))
          expect(s.asks.filter((f) => goesOn(f.leads)).map((f) => f.id)).toEqual([s.asks[0]!.id])
        expect(new Set(s.asks.map((f) => f.id)).size).toBe(s.asks.length)
        for (const f of s.asks) {
          if (f.leads === 'knot') expect(REGION_IDS, `${work} ${s.id} ${f.id}`).toContain(f.at)
          if (f.leads === 'vet') expect([f.spot, f.sign], `${work} ${s.id}`).not.toContain(undefined)
          if (['here', 'leave', 'wash'].includes(f.leads)) expect(f.then, f.id).toBeTruthy()
          if (f.leads === 'aside')
            expect(steps.find((t) => t.id === f.to && t.part === s.part)?.aside).toBe(true)
          if (f.found) expect(FOUND_IDS).toContain(f.found)
          // What only a clipper meets is asked only where one is in hand.
          if (f.id === 'stops') expect(s.cutsWith.length).toBeGreaterThan(0)
        }
      }
      const led1 = steps.flatMap((s) => s.part ?? [])
      expect(led1.filter((p, i) => p !== led1[i - 1])).toEqual(ledByPart(work, parts))
    }
  })
})
