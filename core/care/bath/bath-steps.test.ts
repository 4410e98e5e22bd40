import { describe, expect, it } from 'vitest'
import { COAT_IDS } from '../../coat/coat-types'
import { bathSteps } from './bath-steps'
import { CARE_CAUTIONS } from '../cautions'

const MIXES = { shampooMl: 120, conditionerMl: 60 }
const of = (coat: (typeof COAT_IDS)[number]) => bathSteps(coat, MIXES)
const at = (coat: (typeof COAT_IDS)[number], id: string) => of(coat).findIndex((s) => s.id === id)

/** The order of a bath, and where its cautions stand: common practice, no source. */
describe.each(COAT_IDS)('the bath of a %s coat', (coat) => {
  it('is in the order of the work: cotton in before water and out last, face after the body', () => {
    const order = ['ready', 'cotton', 'wet', 'shampoo', 'face', 'rinse', 'blot', 'dry', 'ears']
    expect(
      of(coat)
        .map((s) => s.id)
        .filter((id) => id !== 'conditioner'),
    ).toEqual(order)
  })
  it('conditions what is combed, rinsed of shampoo and before it is dried; a smooth coat not', () => {
    if (coat === 'smooth') return expect(at(coat, 'conditioner')).toBe(-1)
    expect(at(coat, 'conditioner')).toBeGreaterThan(at(coat, 'rinse'))
    expect(at(coat, 'conditioner')).toBeLessThan(at(coat, 'dry'))
  })
  it('says its caution at the step it is for, and none that is not written', () => {
    const cautions = Object.fromEntries(of(coat).map((s) => [s.id, s.cautions]))
    expect(cautions.ready).toContain('alone')
    expect(cautions.wet).toContain('water')
    expect(cautions.dry).toEqual(expect.arrayContaining(['dryer', 'mains']))
    for (const step of ['cotton', 'ears']) expect(cautions[step]).toContain('canal')
    for (const step of ['wet', 'face', 'rinse']) expect(cautions[step]).toContain('ears-dry')
    for (const c of Object.values(cautions).flat()) expect(CARE_CAUTIONS[c]).toMatch(/\.$/)
  })
  it('says how much of each mix goes on', () => {
    const said = of(coat)
      .map((s) => s.act)
      .join(' ')
    expect(said).toContain('120 ml')
    expect(said.includes('60 ml')).toBe(coat !== 'smooth')
  })
})
