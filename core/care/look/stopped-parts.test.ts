import { describe, expect, it } from 'vitest'
import { habitsOf } from '../../record/habits'
import { carePart, CARE_PART_IDS, partsHere, workedAt } from '../../record/care-parts'
import { TRIM_IDS } from '../../record/tidies'
import { workSteps } from '../led/works'
import type { Concern } from './look-over'
import type { Spot } from '../../record/spots'
import { concernAt, stoppedParts } from './stopped-parts'

const at = (where: Spot): Concern => ({
  id: '0',
  day: '2026-03-01',
  what: { kind: 'concern', where, seen: ['red'] },
})

describe('an open concern stops work there', () => {
  it('every part knows where it is worked, and what stops a tidy stops one of its parts', () => {
    for (const part of CARE_PART_IDS) expect(carePart(part).at.length, part).toBeGreaterThan(0)
    for (const tidy of TRIM_IDS)
      for (const spot of workedAt(tidy)) expect(stoppedParts(tidy, [at(spot)]), spot).not.toEqual([])
  })
  it('a sore forefoot leaves the hind feet, a torn nail leaves none, a sore eye leaves the beard', () => {
    expect(stoppedParts('paws', [at('forefoot')])).toEqual(['paw.forefoot.left', 'paw.forefoot.right'])
    expect(stoppedParts('paws', [at('nails')])).toEqual(partsHere('paws', []))
    expect(stoppedParts('face', [at('eyes')])).not.toContain('beard')
    expect(stoppedParts('face', [at('eyes')])).toContain('eye-side.left')
    expect(stoppedParts('ears', [at('back')])).toEqual([])
    expect(stoppedParts('nails', [at('forefoot')])).toEqual(['nails.forefoot.left', 'nails.forefoot.right'])
    expect(concernAt('nails', [at('forefoot')])).not.toBe(null)
  })
  it('a step worked at stopped parts alone is not led, whatever else is', () => {
    const asked = { ...habitsOf({ coat: 'wool' }), sex: 'female' as const, bearded: true }
    const steps = workSteps('face', { ...asked, stopped: stoppedParts('face', [at('eyes')]) })
    for (const id of ['wipe', 'inner', 'outer']) expect(steps.find((s) => s.id === id)?.waits, id).toBe(true)
    expect(steps.find((s) => s.id === 'comb')?.waits).toBe(false)
    expect(workSteps('face', asked).some((s) => s.waits)).toBe(false)
  })
})
