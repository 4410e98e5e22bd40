import { describe, expect, it } from 'vitest'
import { partsOfTidy } from './care-parts'
import type { CarePartId } from './care-parts'
import type { FactOf } from './entries'
import { didParts, doneWhole, lengthsLeft, nailsDid, teaches, tidied, wasCut } from './tidied'

const tidy = (more: Partial<FactOf<'tidy'>>): FactOf<'tidy'> => ({ kind: 'tidy', tidy: 'paws', ...more })

describe('a tidy part by part', () => {
  it('one that names none did all of it, cut where a length was written, each side its own', () => {
    expect(tidied(tidy({})).map((p) => [p.part, p.did, p.how])).toEqual(
      partsOfTidy('paws').map((part) => [part, 'done', undefined]),
    )
    const mm = (t: FactOf<'tidy'>) => tidied(t).map((p) => p.mm)
    expect(mm(tidy({ mm: 4 }))).toEqual([4, 4, 4, 4])
    expect(mm(tidy({ mm: 4, sides: { left: 3, right: 5 } }))).toEqual([3, 5, 3, 5])
    expect(mm(tidy({ tidy: 'neatening', mm: 9, sides: { left: 3, right: 5 } })).slice(-2)).toEqual([9, 9])
    expect(tidied(tidy({}), ['forefoot.left'])).toHaveLength(3)
    expect(tidied(tidy({ tidy: 'nails', nails: 'sliver' }))[0]).toMatchObject({ outcome: 'sliver' })
    expect(tidied(tidy({ tidy: 'nails', nails: 'looked' }))[0]).toMatchObject({ outcome: 'fine' })
    const parts = [{ part: 'paw.forefoot.left' as const, did: 'refused' as const }]
    expect(tidied(tidy({ parts }))).toBe(parts)
  })
  it('lengths are left where hair of the map was cut to one', () => {
    const parts = [
      { part: 'fringe', did: 'done', how: 'cut', mm: 15 },
      { part: 'beard', did: 'done', how: 'cut' },
      { part: 'brow', did: 'done', how: 'cut', mm: 9 },
      { part: 'cheek.left', did: 'refused', how: 'cut', mm: 9 },
      { part: 'cheek.right', did: 'done', how: 'combed', mm: 9 },
    ] as const
    expect(lengthsLeft(tidy({ tidy: 'face', parts: [...parts] }))).toEqual([{ region: 'fringe', mm: 15 }])
  })
  it('corners cleaned at a face tidy are eyes looked at; cleaning puts off no face', () => {
    const face = tidy({
      tidy: 'face',
      parts: [
        { part: 'eye-corner.left', did: 'done', how: 'cleaned' },
        { part: 'eye-corner.right', did: 'refused' },
        { part: 'beard', did: 'done', how: 'cut' },
        { part: 'fringe', did: 'done', how: 'looked' },
      ],
    })
    expect(didParts(face, 'eyes').map((p) => p.part)).toEqual(['eye.left'])
    expect(didParts(face, 'face').map((p) => p.part)).toEqual(['beard'])
    expect(didParts(face, 'paws')).toEqual([])
    const eyes = tidy({
      tidy: 'eyes',
      parts: [
        { part: 'eye.left', did: 'done', how: 'looked', outcome: 'clear' },
        { part: 'eye.right', did: 'done', outcome: 'refused' },
      ],
    })
    expect(didParts(eyes, 'eyes').map((p) => p.part)).toEqual(['eye.left'])
    // Ears and nails that were only looked at were seen too; feet that were looked at were not done.
    const looked = (of: 'ear-look' | 'nails' | 'paws', part: CarePartId) =>
      didParts(tidy({ tidy: of, parts: [{ part, did: 'done', how: 'looked' }] }), of).length
    expect(looked('ear-look', 'ear-opening.left')).toBe(1)
    expect(looked('nails', 'nails.forefoot.left')).toBe(1)
    expect(looked('paws', 'paw.forefoot.left')).toBe(0)
    const feet = tidy({ parts: [{ part: 'paw.forefoot.left', did: 'done', outcome: 'refused' }] })
    expect(didParts(feet, 'paws')).toEqual([])
  })
  it('whether it was done, taught of its time, and cut anything', () => {
    expect([doneWhole(tidy({})), doneWhole(tidy({ outcome: 'refused' }))]).toEqual([true, false])
    const how = (h: 'cut' | 'combed') => tidy({ parts: [{ part: 'paw.forefoot.left', did: 'done', how: h }] })
    expect([teaches(tidy({})), teaches(how('cut')), teaches(how('combed'))]).toEqual([true, true, false])
    expect([wasCut(tidy({})), wasCut(tidy({ mm: 3 })), wasCut(how('cut')), wasCut(how('combed'))]).toEqual([
      false,
      true,
      true,
      false,
    ])
    const nail = (outcome: 'fine' | 'sliver' | 'trimmed', did: 'done' | 'refused' = 'done') =>
      tidy({ tidy: 'nails', parts: [{ part: 'nails.forefoot.left', did, outcome }] })
    expect([
      wasCut(nail('fine')),
      wasCut(nail('sliver')),
      wasCut(nail('trimmed')),
      wasCut(nail('sliver', 'refused')),
    ]).toEqual([false, true, true, false])
  })
  it('nails on the whole: a sliver while any is being shortened, else a trim, else a look', () => {
    const nails = (...out: ('fine' | 'trimmed' | 'sliver' | 'bled')[]) =>
      nailsDid(
        tidy({
          tidy: 'nails',
          parts: out.map((outcome, i) => ({ part: partsOfTidy('nails')[i]!, did: 'done', outcome })),
        }),
      )
    expect(nails('fine', 'trimmed', 'sliver')).toBe('sliver')
    expect(nails('fine', 'trimmed')).toBe('trimmed')
    expect(nails('fine', 'fine')).toBe('looked')
    expect(nails('bled')).toBeNull()
    expect(nails()).toBeNull()
  })
})
