import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, visit } from '../../../tests/support/dogs'
import type { RegionId } from '../../coat/regions'
import type { Finding } from '../../record/findings'
import { draftNote, inOrder, namePlaces, noteFacts, noteText, placeStories, UNEDITED } from './note'
import { stretchStart } from '../../record/stretch-start'

const check = (day: string, region: RegionId, finding: Finding, more: object = {}) =>
  entry(day, { kind: 'check' as const, region, finding, ...more })

it('a catch on dirt is nothing to leave for the groomer', () => {
  const dirty = check('2026-09-12', 'beard', 'snag', { count: 1, out: 0, open: true })
  expect(draftNote(dog({}, 20, [dirty]), '2026-09-13')).not.toMatch(/snag/i)
})

describe('the drafted note', () => {
  const record = dog({ groomer: 'Imke', wish: 'Body at 13 mm.', hard: ['hindfoot'] }, 20, [
    check('2026-09-10', 'armpit.left', 'snag', { count: 1, out: 1 }),
    check('2026-09-12', 'armpit.right', 'snag', { count: 2, out: 2 }),
    check('2026-09-12', 'behind-ear.left', 'mat', { count: 1, out: 0 }),
    check('2026-09-12', 'hindfoot.left', 'refused'),
    check('2026-09-12', 'back', 'glides'),
    entry('2026-09-12', { kind: 'session', minutes: 14, places: 4 }),
    entry('2026-09-11', { kind: 'wet', how: 'swim', combedDry: false }),
  ])
  it('tells what was done, found, refused, wetted and wished, worst first', () => {
    expect(draftNote(record, '2026-09-13').split('\n')).toEqual([
      'Combed on 2 days since 1 September, 14 minutes in all; last yesterday.',
      'A mat behind the left ear yesterday; left for you.',
      'Would not allow the left hind foot, last yesterday.',
      'Snags in both armpits on 2 days, last yesterday; combed out.',
      'Swam on Friday, not combed dry.',
      'He finds these places hard: hind feet.',
      'We would like: Body at 13 mm.',
    ])
  })
  it('has the photographs of a place beside the first that is told of it', () => {
    const photo = entry('2026-09-12', { kind: 'photo', place: 'armpit' })
    const elsewhere = entry('2026-09-12', { kind: 'photo', place: 'back' })
    const before = entry('2026-08-12', { kind: 'photo', place: 'armpit' })
    const facts = noteFacts(
      { ...record, entries: [...record.entries, photo, elsewhere, before] },
      '2026-09-13',
    )
    expect(facts.flatMap((f) => (f.photos.length ? [[f.says, f.photos]] : []))).toEqual([
      [expect.stringContaining('armpits'), [photo.id]],
    ])
  })
  it('tells of a jacket how it was taken short, and of a dog what works with it', () => {
    const wire = dog({ coat: 'wire' }, 20, [
      entry('2026-09-02', { kind: 'visit', lengths: {}, found: [], did: ['strip'] }),
      ...[3, 4, 5, 6, 7, 8].flatMap((d) => [
        check(`2026-09-0${d}`, 'hindfoot.left', 'glides', { comfort: 'fidgety' }),
        check(`2026-09-0${d}`, 'hindfoot.right', 'glides', { comfort: 'easy' }),
      ]),
    ])
    const note = draftNote(wire, '2026-09-13')
    expect(note).toContain('The jacket: stripped 2 September.')
    expect(note).toContain('What works: hind feet: right first, minded on 0 of 6 days, the other 6 of 6.')
  })
  it('does not say of both sides what was found on one', () => {
    const mixed = dog({}, 20, [
      check('2026-09-10', 'inner-thigh.left', 'mat', { count: 1, out: 0 }),
      check('2026-09-10', 'inner-thigh.right', 'refused'),
    ])
    const note = draftNote(mixed, '2026-09-10')
    expect(note).toContain('A mat in the left inner thigh today; left for you.')
    expect(note).toContain('Would not allow the right inner thigh, last today.')
  })
  it('begins anew at a visit', () => {
    const after = { ...record, entries: [...record.entries, visit('2026-09-14', 'wool-cross', 13)] }
    expect(stretchStart(after, '2026-09-20')).toBe('2026-09-14')
    expect(placeStories(after, '2026-09-14', '2026-09-20')).toEqual([])
    expect(draftNote(after, '2026-09-20')).toContain('has not been combed since 14 September')
  })
  it('leaves out what was taken back', () => {
    const mat = record.entries.find((e) => e.what.kind === 'check' && e.what.finding === 'mat')!
    const fixed = {
      ...record,
      entries: [...record.entries, entry(mat.day, { kind: 'correction', replaces: mat.id, by: null })],
    }
    expect(draftNote(fixed, '2026-09-13')).not.toContain('mat')
  })
  it('names places as a person does', () => {
    expect(namePlaces({ place: 'beard', regions: ['beard'] })).toBe('the beard')
    expect(namePlaces({ place: 'behind-ear', regions: ['behind-ear.left', 'behind-ear.right'] })).toBe(
      'behind both ears',
    )
    expect(namePlaces({ place: 'under-tail', regions: ['under-tail'] })).toBe('under the tail')
    expect(namePlaces({ place: 'forefoot', regions: ['forefoot.right'] })).toBe('the right forefoot')
  })
})

describe('a note as it is made', () => {
  const check6 = Array.from({ length: 6 }, (_, i) =>
    check(`2026-09-0${i + 2}`, 'behind-ear.left', 'snag', { count: 1, out: 1 }),
  )
  const record = dog({ hard: ['hindfoot'] }, 20, [
    ...check6,
    check('2026-09-08', 'behind-ear.left', 'refused'),
    check('2026-09-09', 'beard', 'knot', { count: 1, out: 0 }),
    check('2026-09-09', 'armpit.left', 'knot', { count: 1, out: 1 }),
    check('2026-09-09', 'armpit.right', 'knot', { count: 1, out: 1 }),
    check('2026-09-08', 'armpit.left', 'snag', { count: 1, out: 1 }),
  ])
  const facts = noteFacts(record, '2026-09-10')

  it('tells of one place in one line, however often and whatever it was', () => {
    expect(facts.map((f) => f.says)).toEqual([
      'Combed on 8 days since 1 September; last yesterday.',
      'Would not allow the left ear, last on Tuesday; also snags on 6 days, last on Monday, combed out.'.replace(
        'the left ear',
        'behind the left ear',
      ),
      'A tight knot in the beard yesterday; left for you.',
      'Tight knots in both armpits yesterday; combed out; also a snag in the left armpit on Tuesday, combed out.',
      'He finds these places hard: hind feet.',
    ])
    expect(new Set(facts.map((f) => f.id)).size).toBe(facts.length)
    expect(draftNote(record, '2026-09-10')).toBe(noteText(facts, UNEDITED))
  })
  it('what is struck out is not told, the owner’s words stand around it, and it goes in their order', () => {
    const [combed, ear, beard, pits, hard] = facts.map((f) => f.id)
    const text = noteText(facts, {
      before: 'Hello Imke. ',
      after: ' Until Friday.',
      struck: [combed!, pits!],
      order: [hard!, beard!, ear!, combed!],
    })
    expect(text).toBe(
      ['Hello Imke.', '', facts[4]!.says, facts[2]!.says, facts[1]!.says, '', 'Until Friday.'].join('\n'),
    )
    expect(noteText(facts, { ...UNEDITED, struck: facts.map((f) => f.id) })).toBe('')
  })
  it('each fact is there once whatever was moved, and one that came since stands after what it follows', () => {
    const ids = facts.map((f) => f.id)
    fc.assert(
      fc.property(fc.shuffledSubarray([...ids, 'gone']), (order) => {
        const shown = inOrder(facts, { order }).map((f) => f.id)
        expect([...shown].sort()).toEqual([...ids].sort())
        const kept = order.filter((id) => id !== 'gone')
        expect(shown.filter((id) => kept.includes(id))).toEqual(kept)
      }),
    )
    const [combed, ear, beard, pits, hard] = ids
    expect(inOrder(facts, { order: [hard!, beard!, combed!] }).map((f) => f.id)).toEqual([
      hard,
      beard,
      pits,
      combed,
      ear,
    ])
  })
})
