import { describe, expect, it } from 'vitest'
import { EAR_HAIR_SCHOOLS, FACE_SCHOOLS, SANITARY_SCHOOLS, SETTINGS, TAUGHT } from '../record/habits'
import { CARE_CAUTIONS } from './cautions'
import { CLIP_STEPS } from './clip'
import { DANGER_IDS, dangerRow, dangersNear, TRIM_IDS } from './dangers'
import { MEANS_IDS, offered, SCISSORS, trimSteps, withheld } from './trims'
import type { TrimAsked } from './trims'

/** Every way an owner can be set, for every tidy and either sex. */
const ALL = TRIM_IDS.flatMap((tidy) =>
  (['female', 'male'] as const).flatMap((sex) =>
    SETTINGS.flatMap((setting) =>
      [[], ['rear-blade'], ['corner-blade'], [...TAUGHT]].flatMap((taught) =>
        FACE_SCHOOLS.flatMap((face) =>
          EAR_HAIR_SCHOOLS.flatMap((earHair) =>
            SANITARY_SCHOOLS.map((sanitary) => ({
              tidy,
              asked: { sex, setting, taught, face, earHair, sanitary } as TrimAsked,
            })),
          ),
        ),
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
      if (asked.setting !== 'taught') expect(may).not.toContain('bare-clipper')
    }
  })
  it('a bare blade only for what the groomer named has shown', () => {
    const asked = { setting: 'taught', taught: ['rear-blade'] } as const
    expect(offered('sanitary', asked)).toContain('bare-clipper')
    expect(offered('face', asked)).not.toContain('bare-clipper')
    for (const tidy of ['paws', 'ears', 'neatening'] as const)
      expect(offered(tidy, { setting: 'taught', taught: TAUGHT })).not.toContain('bare-clipper')
  })
  it('a step that cannot be done as set is the groomer’s', () => {
    const at = (setting: 'comb' | 'scissors') =>
      trimSteps('paws', { ...ALL[0]!.asked, setting }).map((s) => [s.id, s.mine])
    expect(at('comb')).toEqual([
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
        earHair: 'shorten',
        sanitary: 'wider',
      }
      const told = new Set(trimSteps(tidy, asked).flatMap((s) => s.near))
      expect([...told].sort()).toEqual(dangersNear(tidy, sex).sort())
    }
  })
  it('a body clip too', () => {
    const told = new Set(CLIP_STEPS.flatMap((s) => s.near))
    const near = [...new Set([...dangersNear('clip', 'male'), ...dangersNear('clip', 'female')])]
    expect([...told].sort()).toEqual(near.sort())
    for (const s of CLIP_STEPS)
      for (const d of s.near) expect(s.cautions, `${s.act}, ${d}`).toContain(dangerRow(d).caution)
  })
  it('every danger place is near something, and every caution says something', () => {
    for (const d of DANGER_IDS) expect(dangerRow(d).near.length).toBeGreaterThan(0)
    for (const words of Object.values(CARE_CAUTIONS)) expect(words).toMatch(/[.]$/)
    expect(MEANS_IDS.length).toBe(7)
  })
})
