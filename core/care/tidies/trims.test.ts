import { describe, expect, it } from 'vitest'
import {
  EAR_CARRIAGES,
  EAR_HAIR_SCHOOLS,
  FACE_SCHOOLS,
  SANITARY_SCHOOLS,
  SETTINGS,
  TAUGHT,
} from '../../record/habits'
import { REGION_IDS } from '../../coat/regions'
import { partsHere } from '../../record/care-parts'
import { CARE_CAUTIONS } from '../cautions'
import { clipSteps } from './clip'
import { DANGER_IDS, dangerRow, dangersNear, TRIM_IDS } from './dangers'
import type { TrimId } from './dangers'
import { MEANS, MEANS_IDS } from '../../record/means'
import { ledByPart, ledSteps, offered, SCISSORS, trimSteps, withheld } from './trims'
import type { TrimAsked } from './trims'

/** Every way an owner can be set, for every tidy and either sex; of the schools, those that bear on it. */
const SCHOOLS: Record<TrimId, Partial<TrimAsked>[]> = {
  face: FACE_SCHOOLS.map((face) => ({ face })),
  paws: [{}],
  sanitary: SANITARY_SCHOOLS.map((sanitary) => ({ sanitary })),
  ears: EAR_HAIR_SCHOOLS.flatMap((earHair) => [null, ...EAR_CARRIAGES].map((ears) => ({ earHair, ears }))),
  neatening: [{}],
}
const USUAL = { face: 'corners', earHair: 'leave', ears: null, sanitary: 'privates', floor: false } as const
const ALL = TRIM_IDS.flatMap((tidy) =>
  (['female', 'male'] as const).flatMap((sex) =>
    SETTINGS.flatMap((setting) =>
      [[], ['rear-blade'], ['corner-blade'], [...TAUGHT]].flatMap((taught) =>
        SCHOOLS[tidy].map((school) => ({
          tidy,
          asked: { ...USUAL, sex, setting, taught, ...school } as TrimAsked,
        })),
      ),
    ),
  ),
)

/** Common practice, no source; the defaults are the cautious ones. */
describe('what may be used', () => {
  it('never scissors at the rear or over fold or tendon, under any setting', () => {
    const NONE = ['anus', 'vulva', 'sheath', 'testicles', 'flank-fold', 'elbow-web', 'hock-tendon']
    const scissors = (list: readonly string[]) => list.filter((m) => SCISSORS.some((s) => s === m))
    for (const { tidy, asked } of ALL) {
      if (tidy === 'sanitary') expect(scissors(offered(tidy, asked))).toEqual([])
      for (const s of trimSteps(tidy, asked))
        if (s.near.some((d) => NONE.includes(d))) expect(scissors(s.cutsWith), s.id).toEqual([])
    }
  })
  it('by the toe webs only where the blade lies on top: level with pads, round the outline, along the slope', () => {
    for (const { tidy, asked } of ALL)
      for (const s of trimSteps(tidy, asked))
        if (s.near.includes('toe-webs') && s.cutsWith.length)
          expect(s.act).toMatch(/level with the pads|round what sticks out|along the slope/)
  })
  it('nothing the setting forbids is offered, in no step', () => {
    for (const { tidy, asked } of ALL) {
      const may = offered(tidy, asked)
      expect(withheld(tidy, asked).filter((m) => may.includes(m))).toEqual([])
      for (const s of trimSteps(tidy, asked)) for (const m of s.cutsWith) expect(may).toContain(m)
      if (asked.setting === 'comb') {
        expect(may).toEqual(['cloth', 'comb'])
        for (const s of trimSteps(tidy, asked)) expect(s.cutsWith).toEqual([])
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
  it('a step that cannot be done as set is the groomer’s', () => {
    const at = (setting: 'comb' | 'scissors') =>
      trimSteps('paws', { ...ALL[0]!.asked, setting }).map((s) => [s.id, s.mine])
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
  it('each step that cuts near one carries its caution, and scissors their finger and their leaving', () => {
    for (const { tidy, asked } of ALL)
      for (const s of trimSteps(tidy, asked)) {
        for (const d of s.near)
          expect(s.cautions, `${tidy} ${s.id} near ${d}`).toContain(dangerRow(d).caution)
        if (s.cutsWith.some((m) => SCISSORS.includes(m))) {
          expect(s.cautions, s.id).toContain('finger')
          expect(s.cautions, s.id).toContain('moves')
        }
      }
  })
  it.each(TRIM_IDS)('%s: every danger place near it stands at a step of it', (tidy) => {
    for (const sex of ['female', 'male'] as const) {
      const asked: TrimAsked = {
        sex,
        setting: 'taught',
        taught: TAUGHT,
        face: 'three-cuts',
        ears: 'hanging',
        earHair: 'shorten',
        sanitary: 'wider',
        floor: false,
      }
      const told = new Set(trimSteps(tidy, asked).flatMap((s) => s.near))
      expect([...told].sort()).toEqual(dangersNear(tidy, sex).sort())
    }
  })
  it.each(['female', 'male'] as const)('a body clip too, %s', (sex) => {
    const told = new Set(clipSteps(sex).flatMap((s) => s.near))
    expect([...told].sort()).toEqual(dangersNear('clip', sex).sort())
    for (const d of ['anus', sex === 'male' ? 'testicles' : 'vulva'] as const) expect(told).toContain(d)
    for (const s of clipSteps(sex))
      for (const d of s.near) expect(s.cautions, `${s.act}, ${d}`).toContain(dangerRow(d).caution)
  })
  it('every danger place is near something, and every caution says something', () => {
    for (const d of DANGER_IDS) expect(dangerRow(d).near.length).toBeGreaterThan(0)
    for (const words of Object.values(CARE_CAUTIONS)) expect(words).toMatch(/[.]$/)
    expect(MEANS_IDS.length).toBe(8)
  })
})

/** Common practice, no source. */
describe('before and after the blade', () => {
  it('every tidy begins at a steady raised place in good light, and never alone there', () => {
    for (const { tidy, asked } of ALL) {
      const [first] = trimSteps(tidy, asked)
      expect(first!.act).toMatch(/^Steady, raised and non-slip, in good light$/)
      expect(first!.cautions).toContain('alone')
      expect(trimSteps(tidy, { ...asked, floor: true })[0]!.act).toMatch(/non-slip spot, in good light/)
    }
  })
  it('a dog that is weak behind or sore is stood on no hind feet, and no leg of it lifted', () => {
    const asked = { setting: 'guarded-clipper', taught: [], sex: 'female', ...USUAL } as never as TrimAsked
    const hold = (low: boolean) => trimSteps('sanitary', { ...asked, low }).find((s) => s.id === 'hold')!.how
    expect(hold(false)).toContain('hind feet')
    expect(hold(true)).toContain('no leg is lifted')
    expect(hold(true)).not.toContain('hind feet')
  })
  it('ears without hair in their openings have no step for it', () => {
    const asked = { setting: 'scissors', taught: [], sex: 'female', ...USUAL } as never as TrimAsked
    const ids = (hairyEars?: boolean) =>
      trimSteps('ears', { ...asked, ...(hairyEars === undefined ? {} : { hairyEars }) }).map((s) => s.id)
    expect(ids()).toContain('inside')
    expect(ids(true)).toEqual(ids())
    expect(ids(false)).toEqual(ids().filter((id) => id !== 'inside'))
  })
  it('a band goes on only with a cut, on hair below the leather, and comes off in the next step', () => {
    for (const { tidy, asked } of ALL) {
      const steps = trimSteps(tidy, asked)
      const on = steps.findIndex((s) => /\bband\b/i.test(s.act) && s.cutsWith.length)
      const named = steps.filter((s) => /\bband\b/i.test(`${s.act} ${s.how}`))
      const hangs = asked.ears === 'hanging' || asked.ears === 'folded'
      if (tidy !== 'ears' || asked.setting === 'comb' || !hangs) {
        expect(named.filter((s) => s.mine)).toEqual([])
        continue
      }
      expect(steps[on]!.cautions).toContain('band')
      expect(steps[on + 1]!).toMatchObject({ id: 'band-off', mine: true, cutsWith: [] })
      expect(steps[on + 1]!.act).toMatch(/^Band off, before anything else/)
    }
  })
  it('face and rear begin with a look at the skin that can end them with the vet', () => {
    for (const { tidy, asked } of ALL) {
      const steps = ledSteps(tidy, trimSteps(tidy, asked), partsHere(tidy, []))
      const at = steps.findIndex((s) => s.asks.some((f) => f.leads === 'vet'))
      const cut = steps.findIndex((s) => s.cutsWith.length)
      expect(at >= 0).toBe(tidy !== 'neatening')
      if (at >= 0 && cut >= 0) expect(at).toBeLessThan(cut)
    }
  })
  it('every finding leads somewhere, the usual one on; each part is ended before the next, its band off first', () => {
    for (const { tidy, asked } of ALL) {
      const parts = partsHere(tidy, [])
      const steps = ledSteps(tidy, trimSteps(tidy, asked), parts)
      for (const s of steps) {
        if (s.asks.length)
          expect(s.asks.filter((f) => f.leads === 'on').map((f) => f.id)).toEqual([s.asks[0]!.id])
        expect(new Set(s.asks.map((f) => f.id)).size).toBe(s.asks.length)
        for (const f of s.asks) {
          if (f.leads === 'knot' && f.id !== 'stops') expect(f.at, `${s.id} ${f.id}`).toBeDefined()
          if (f.leads === 'knot') expect(REGION_IDS).toContain(f.at)
          if (f.leads === 'vet') expect([f.spot, f.sign]).not.toContain(undefined)
          if (['here', 'leave', 'wash'].includes(f.leads)) expect(f.then, f.id).toBeTruthy()
          // What only a clipper meets is asked only where one is in hand.
          if (f.id === 'stops' || f.id === 'wont-pass') expect(s.cutsWith.length).toBeGreaterThan(0)
        }
      }
      const led = steps.flatMap((s) => s.part ?? [])
      expect(led.filter((p, i) => p !== led[i - 1])).toEqual(ledByPart(tidy, parts))
      steps.forEach((s, i) => {
        if (s.id === 'edge' && steps.some((t) => t.id === 'band-off'))
          expect(steps[i + 1]).toMatchObject({ id: 'band-off', part: s.part })
      })
      if (asked.setting === 'comb') expect(steps.every((s) => !s.cutsWith.length)).toBe(true)
    }
  })
})
