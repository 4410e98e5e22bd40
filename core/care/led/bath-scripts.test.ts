import { describe, expect, it } from 'vitest'
import { scriptOf } from '../../../tests/support/script'
import { PART_WASHES } from '../bath/part-wash'
import { bathSteps } from './bath'
import type { BathAsked } from './bath'

const bath = (more: Partial<BathAsked> = {}) =>
  bathSteps({
    coat: 'wool',
    mixes: { shampooMl: 120, conditionerMl: 60 },
    dryer: 'household',
    washed: null,
    putOff: [],
    absent: [],
    sex: 'male',
    ...more,
  })
const part = (id: (typeof PART_WASHES)[number]['id']) =>
  bath({ sex: 'female', washed: PART_WASHES.find((p) => p.id === id)!.places })

/** Order, tools, cautions and what may be met, step by step: common practice, no source. */
describe('bath, step for step', () => {
  it('a male wool dog whole, two places put off to the conditioner', () => {
    expect(
      scriptOf(
        bath({
          putOff: [
            { region: 'side.left', count: 2, kind: 'knot' },
            { region: 'armpit.left', count: 1, kind: 'snag' },
          ],
        }),
      ),
    ).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'slip* side.left ! stop @ 3 ? out/done still/leave sore/vet/side/red',
      'slip* armpit.left ! stop @ 1 ? out/done still/leave sore/vet/armpit/red',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'dry* dry.back ! dryer mains stop ~ ear-edge @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.side.left ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.side.right ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.chest ! dryer ~ throat @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under ! dryer no-air ~ nipples sheath testicles @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.rear ! dryer no-air ~ anus testicles @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under-tail ! stop ~ anus testicles # drying ? dry/done spot/spot damp/leave',
      'dry* dry.legs ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.feet ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'ears ! canal',
    ])
  })
  it('a smooth one towelled dry in the warm, nothing conditioned', () => {
    expect(scriptOf(bath({ coat: 'smooth', dryer: 'none', sex: 'female' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'blot',
      'warm ! stop # parting ? dry spot/spot',
      'ears ! canal',
    ])
  })
  it('a short double coat brushed through in the warm', () => {
    expect(scriptOf(bath({ coat: 'double-short', dryer: 'none' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'warm ! stop # parting ? dry spot/spot',
      'ears ! canal',
    ])
  })
  it('a hanging coat with no dryer: towels, part by part', () => {
    expect(scriptOf(bath({ coat: 'drop', dryer: 'none', sex: 'female' }))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'dry* dry.back ! stop ~ ear-edge # drying ? dry/done spot/spot damp/leave',
      'dry* dry.side.left ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.side.right ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.chest ! stop ~ throat # drying ? dry/done spot/spot damp/leave',
      'dry* dry.under ! stop ~ nipples vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.rear ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.under-tail ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
      'dry* dry.legs ! stop # drying ? dry/done spot/spot damp/leave',
      'dry* dry.feet ! stop # drying ? dry/done spot/spot damp/leave',
      'ears ! canal',
    ])
  })
  it('a soiled rear', () => {
    expect(scriptOf(part('rear'))).toEqual([
      'ready ! alone mains dog-only',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.under ! dryer no-air mains stop ~ nipples vulva @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.rear ! dryer no-air ~ anus vulva @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.under-tail ! stop ~ anus vulva # drying ? dry/done spot/spot damp/leave',
    ])
  })
  it('feet and legs', () => {
    expect(scriptOf(part('legs'))).toEqual([
      'ready ! alone mains dog-only',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.legs ! dryer mains stop @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
      'dry* dry.feet ! dryer @ 4 # drying ? dry/done spot/spot pants/here minds/here damp/leave',
    ])
  })
  it('the beard', () => {
    expect(scriptOf(part('beard'))).toEqual([
      'ready ! alone mains dog-only',
      'cotton ! canal',
      'wet ! water ears-dry stop ? well spot/spot',
      'shampoo ! dog-only',
      'face ! ears-dry',
      'rinse ! ears-dry',
      'conditioner ! dog-only',
      'rinse-out ! ears-dry',
      'blot',
      'dry* dry.head ! stop ~ eyes mouth ear-canal # drying ? dry/done spot/spot damp/leave',
      'ears ! canal',
    ])
  })
})
