import { describe, expect, it } from 'vitest'
import { COAT_IDS } from '../../coat/coat-types'
import { PLACE_IDS, placeRow, regionOf } from '../../coat/regions'
import type { PlaceId } from '../../coat/regions'
import { rakedAt } from '../tidies/rake'
import { BEGIN, find, refuse, stepAt } from './run'
import type { Run } from './run'
import { NO_RAKE, undercoatDid, undercoatSteps } from './undercoat'

const COATS = COAT_IDS.filter((c) => c !== 'smooth')
const steps = undercoatSteps('double-long', [], [])
const answer = (run: Run<PlaceId>, id: string) => {
  const s = steps[stepAt(steps, run)]!
  return find(
    steps,
    run,
    s.asks.find((a) => a.id === id)!,
  )
}

/** Common practice, no source. */
describe('dead undercoat at the table', () => {
  it('leads rake and knife to no fold, belly, foot, ear or thin skin, its caution before each act', () => {
    for (const coat of COATS)
      for (const s of undercoatSteps(coat, [], [])) {
        for (const r of s.regions!) {
          expect(NO_RAKE, `${coat} ${r}`).not.toContain(regionOf(r).place)
          expect(placeRow(regionOf(r).place).tender).toBe(false)
        }
        expect(s.cautions).toContain(coat === 'wire' ? 'taut' : 'rake')
        if (s.part === 'tail') expect(s.cautions).toContain('tail-bone')
        expect(s.clock!.minutes).toBe(2)
      }
  })
  it('goes to no other place than these', () => {
    expect(PLACE_IDS.filter((p) => !NO_RAKE.includes(p))).toEqual([
      'nape',
      'collar-line',
      'shoulders',
      'back',
      'chest',
      'girth',
      'side',
      'foreleg',
      'rump',
      'thigh',
      'tail-base',
      'tail',
    ])
    // Of a place with two sides it is said that there are two.
    const how = (p: PlaceId) => steps.find((s) => s.part === p)!.how
    expect(how('side')).toMatch(/ Both sides, one after the other\.$/)
    expect(how('rump')).not.toMatch(/Both sides/)
  })
  it('slicker before rake on a double coat, place by place; a knife alone on a jacket', () => {
    const ids = (p: string) => steps.filter((s) => s.part === p).map((s) => s.id)
    expect([...new Set(steps.map((s) => s.part))]).toEqual(rakedAt('double-long'))
    for (const p of rakedAt('double-long')) expect(ids(p)).toEqual(['slick', 'rake', 'again'])
    expect(undercoatSteps('wire', [], []).every((s) => s.id === 'card')).toBe(true)
  })
  it('an open concern and a lost tail leave their own place out', () => {
    const parts = undercoatSteps('double-long', ['tail'], ['thigh']).map((s) => s.part)
    expect(parts).not.toContain('tail')
    expect(parts).not.toContain('thigh')
    expect(parts).toContain('side')
  })
  it('what was packed gets a second pass, and both are written; what was refused is not', () => {
    let run: Run<PlaceId> = BEGIN
    run = answer(run, 'through')
    run = answer(run, 'packed')
    run = answer(run, 'some')
    expect(steps[stepAt(steps, run)]!.part).toBe('tail')
    run = refuse(steps, run)
    run = answer(run, 'through')
    run = answer(run, 'clear')
    expect(undercoatDid(run, 12)).toEqual({
      kind: 'undercoat',
      finding: 'packed',
      minutes: 12,
      places: [
        { place: 'rump', finding: 'clear' },
        { place: 'thigh', finding: 'packed' },
        { place: 'thigh', finding: 'some', pass: 2 },
      ],
    })
    expect(undercoatDid(BEGIN)).toBeNull()
  })
})
