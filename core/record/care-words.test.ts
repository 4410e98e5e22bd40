import { expect, it } from 'vitest'
import { partsHere, partsOfTidy } from './care-parts'
import type { CarePartId } from './care-parts'
import { sayTheParts } from './care-words'

const feet = partsOfTidy('paws')
const foot = (...of: string[]) => of.map((f) => `paw.${f}` as CarePartId)

it('parts are named as people name them', () => {
  expect(sayTheParts([], feet)).toBe('')
  expect(sayTheParts(feet, feet)).toBe('all of it')
  expect(sayTheParts(foot('forefoot.left', 'hindfoot.left'), feet)).toBe('left feet')
  expect(sayTheParts(foot('forefoot.right', 'hindfoot.right'), feet)).toBe('right feet')
  expect(sayTheParts(foot('forefoot.left', 'forefoot.right'), feet)).toBe('forefeet')
  expect(sayTheParts(foot('hindfoot.left', 'hindfoot.right'), feet)).toBe('hind feet')
  expect(sayTheParts(foot('forefoot.left', 'hindfoot.right'), feet)).toBe('left forefoot and right hind foot')
  expect(sayTheParts(foot('forefoot.left'), feet)).toBe('left forefoot')
  expect(sayTheParts(foot('forefoot.left', 'forefoot.right', 'hindfoot.left'), feet)).toBe(
    'left forefoot, right forefoot and left hind foot',
  )
  const face = partsOfTidy('face')
  expect(sayTheParts(['cheek.left', 'eye-side.left'], face)).toBe('left cheek and left outer side')
})
it('a lost leg has no foot and no nails, a lost tail no flag', () => {
  expect(partsHere('paws', ['forefoot.left'])).toEqual(feet.filter((p) => p !== 'paw.forefoot.left'))
  expect(partsHere('nails', ['hindfoot.right'])).toHaveLength(3)
  expect(partsHere('neatening', ['tail'])).not.toContain('tail-flag')
  expect(partsHere('eyes', ['forefoot.left'])).toEqual(partsOfTidy('eyes'))
})
