import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { REGION_IDS, regionOf } from '../coat/regions'
import type { RegionId } from '../coat/regions'
import { inTurns } from './working-order'

/** Common practice, no source: a side is finished before the dog is turned. */
describe('sides at the table', () => {
  it('one is finished, with the middle, before the other; a pair together where that is asked', () => {
    const list: RegionId[] = ['hindfoot.left', 'hindfoot.right', 'back', 'ear.left', 'ear.right', 'chest']
    expect(inTurns(list, 'side')).toEqual([
      'hindfoot.left',
      'back',
      'ear.left',
      'hindfoot.right',
      'ear.right',
      'chest',
    ])
    expect(inTurns(list, 'pairs')).toEqual(list)
    // This dog wants its right foot first: then that is the side.
    expect(inTurns(['hindfoot.right', 'hindfoot.left', 'ear.left', 'ear.right'], 'side')).toEqual([
      'hindfoot.right',
      'ear.right',
      'hindfoot.left',
      'ear.left',
    ])
  })
  it('the dog is turned once at most, nothing is lost, and what ends the session ends it', () => {
    fc.assert(
      fc.property(fc.shuffledSubarray(REGION_IDS as RegionId[]), (list) => {
        const turned = inTurns(list, 'side')
        expect([...turned].sort()).toEqual([...list].sort())
        const sides = turned.flatMap((id) => regionOf(id).side ?? [])
        expect(sides.filter((side, i) => i > 0 && side !== sides[i - 1]).length).toBeLessThanOrEqual(1)
        if (list.length && regionOf(list.at(-1)!).side === null) expect(turned.at(-1)).toBe(list.at(-1))
      }),
    )
  })
})
