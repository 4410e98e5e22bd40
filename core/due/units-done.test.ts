import { expect, it } from 'vitest'
import type { Fact, FactOf } from '../record/entries'
import { unitsDone } from './units-done'

const tidy = (more: Partial<FactOf<'tidy'>>): Fact => ({ kind: 'tidy', tidy: 'paws', ...more })
const feet = (...did: ['left' | 'right', 'done' | 'refused' | 'left'][]) =>
  tidy({
    parts: did.flatMap(([side, how]) =>
      (['forefoot', 'hindfoot'] as const).map((f) => ({ part: `paw.${f}.${side}` as const, did: how })),
    ),
  })

/** Common practice, no source: a dog is finished on one side before it is turned. */
it('an act is so much of the planned care, and whole or not', () => {
  expect(unitsDone({ kind: 'undercoat', finding: 'some' })).toEqual({ units: ['undercoat'], whole: true })
  expect(unitsDone({ kind: 'wash', combedOut: true })).toEqual({ units: ['bath'], whole: true })
  expect(unitsDone({ kind: 'wash', combedOut: false })).toEqual({ units: ['bath'], whole: false })
  expect(unitsDone({ kind: 'wash', combedOut: true, places: ['under-tail'] })).toBeNull()
  expect(unitsDone({ kind: 'session', minutes: 4, places: 1 })).toBeNull()
  // Looks that are a habit have no unit.
  expect(unitsDone(tidy({ tidy: 'teeth' }))).toBeNull()
  expect(unitsDone(tidy({}))).toEqual({ units: ['paws.left', 'paws.right'], whole: true })
  expect(unitsDone(tidy({ tidy: 'look-over', outcome: 'refused' as never }))).toMatchObject({ whole: false })
})
it('one side is a unit whole; a part of it left or refused is not, nor is what was begun elsewhere and refused', () => {
  expect(unitsDone(feet(['left', 'done']))).toEqual({ units: ['paws.left'], whole: true })
  expect(unitsDone(feet(['left', 'done'], ['right', 'left']))).toEqual({ units: ['paws.left'], whole: true })
  expect(unitsDone(feet(['left', 'done'], ['right', 'refused']))).toEqual({
    units: ['paws.left'],
    whole: false,
  })
  expect(unitsDone(feet(['left', 'refused']))).toEqual({ units: [], whole: false })
  const half = tidy({
    parts: [
      { part: 'paw.forefoot.left', did: 'done' },
      { part: 'paw.hindfoot.left', did: 'left' },
    ],
  })
  expect(unitsDone(half)).toEqual({ units: ['paws.left'], whole: false })
  const face = tidy({ tidy: 'face', parts: [{ part: 'fringe', did: 'done' }] })
  expect(unitsDone(face)).toEqual({ units: ['face'], whole: true })
})
