import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { dog, entry, visit } from '../../../tests/support/dogs'
import type { RegionId } from '../../coat/regions'
import type { Entry } from '../../record/entries'
import type { Finding } from '../../record/findings'
import { stepsOf } from '../handling/ladders'
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

describe('each thing a note can tell', () => {
  const AT = '2026-09-20'
  const said = (entries: Entry[], more: Parameters<typeof dog>[0] = {}) =>
    noteFacts(dog(more, 20, entries), AT).map((f) => f.says)
  /** What is told beside how often it was combed. */
  const told = (entries: Entry[], more: Parameters<typeof dog>[0] = {}) => said(entries, more).slice(1)
  const left = (why: string, region: RegionId = 'beard') =>
    check('2026-09-19', region, 'knot', { count: 1, out: 0, decided: { answer: 'groomer', why } })

  it('how often it was combed, and how long in all where that was timed', () => {
    expect(said([])).toEqual(['Merle has not been combed since 1 September.'])
    const combed = check('2026-09-19', 'back', 'glides')
    const clear = 'The comb went through everywhere it was tried.'
    expect(said([combed])).toEqual(['Combed on one day since 1 September; last yesterday.', clear])
    const session = (minutes: number) => entry('2026-09-19', { kind: 'session', minutes, places: 1 })
    expect(said([combed, session(0.4)])[0]).toBe('Combed on one day since 1 September; last yesterday.')
    expect(said([combed, session(0.6), session(3.7)])[0]).toBe(
      'Combed on one day since 1 September, 4 minutes in all; last yesterday.',
    )
    expect(said([combed, session(1)])[0]).toContain(', 1 minutes in all')
    // What is after the day it is told of is not told.
    expect(said([check('2026-09-21', 'beard', 'mat', { count: 1 })])).toHaveLength(1)
  })
  it('every kind of find once and often, on one side and on both, and how it ended', () => {
    const one = (finding: Finding, more = {}) => told([check('2026-09-19', 'chest', finding, more)])[0]
    expect(one('rasps')).toBe('The brush rasps in the chest yesterday; left for you.')
    expect(one('snag', { count: 1, out: 1 })).toBe('A snag in the chest yesterday; combed out.')
    expect(one('knot', { count: 2, out: 1 })).toBe('A tight knot in the chest yesterday; left for you.')
    expect(one('mat', { count: 2, out: 2 })).toBe('A mat in the chest yesterday; combed out.')
    expect(one('felt')).toBe('Felted hair in the chest yesterday; left for you.')
    expect(one('refused')).toBe('Would not allow the chest, last yesterday.')
    const twice = (finding: Finding) =>
      told([check('2026-09-18', 'chest', finding), check('2026-09-19', 'chest', finding)])[0]
    expect(twice('mat')).toBe('Mats in the chest on 2 days, last yesterday; left for you.')
    expect(twice('refused')).toBe('Would not allow the chest, 2 times, last yesterday.')
    const both = (finding: Finding) =>
      told([check('2026-09-19', 'forefoot.left', finding), check('2026-09-19', 'forefoot.right', finding)])[0]
    expect(both('knot')).toBe('Tight knots in both forefeet yesterday; left for you.')
    expect(both('refused')).toBe('Would not allow the forefeet, last yesterday.')
  })
  it('why it was left, as the groomer needs it', () => {
    const why = (w: string) => told([left(w)])[0]!.split('; ')[1]
    expect(why('danger-tried')).toBe('would not give in a minute, left for you.')
    expect(why('tried')).toBe('would not tease out, left for you.')
    expect(why('tried-wash')).toBe('to be tried with conditioner at the next wash.')
    expect(why('wash-first')).toBe('to be tried with conditioner at the next wash.')
    expect(why('not-allowed')).toBe('would not let me try, left for you.')
    expect(why('privates')).toBe('at the privates, left for you.')
    for (const vet of ['sore', 'fouled']) expect(why(vet)).toBe('the skin there was for the vet to see.')
    expect(why('many')).toBe('left for you.')
  })
  it('the worst first, of two alike the newer, and eight places at most', () => {
    const places: RegionId[] = ['back', 'rump', 'chest', 'beard', 'tail', 'belly', 'girth', 'crown', 'nape']
    const snags = places.map((r, i) => check(`2026-09-1${i}`, r, 'snag', { count: 1, out: 1 }))
    const worse = [check('2026-09-05', 'muzzle', 'felt'), check('2026-09-06', 'fringe', 'rasps')]
    const stories = placeStories(dog({}, 20, [...snags, ...worse]), '2026-09-01', AT)
    expect(stories.map((s) => s.place)).toEqual([
      'muzzle',
      ...['nape', 'crown', 'girth', 'belly', 'tail', 'beard', 'chest', 'rump', 'back'],
      'fringe',
    ])
    expect(told([...snags, ...worse])).toHaveLength(8)
    const same = placeStories(
      dog({}, 20, [check('2026-09-10', 'back', 'mat'), check('2026-09-10', 'rump', 'mat')]),
      '2026-09-01',
      AT,
    )
    expect(same.map((s) => s.place)).toEqual(['back', 'rump'])
  })
  it('more of a place with it: of one side by name, and what was not allowed', () => {
    const mats = [
      check('2026-09-18', 'behind-ear.left', 'mat'),
      check('2026-09-18', 'behind-ear.right', 'mat'),
    ]
    const more = [
      check('2026-09-17', 'behind-ear.left', 'refused'),
      check('2026-09-19', 'behind-ear.left', 'refused'),
      check('2026-09-16', 'behind-ear.right', 'snag', { count: 1, out: 1 }),
    ]
    expect(told([...mats, ...more])).toEqual([
      'Mats behind both ears on Friday; left for you; also not allowed at behind the left ear 2 times, last yesterday; also a snag behind the right ear on Wednesday, combed out.',
    ])
    const feet = [check('2026-09-18', 'forefoot.left', 'mat'), check('2026-09-18', 'forefoot.right', 'mat')]
    const once = check('2026-09-17', 'forefoot.left', 'refused')
    const both = [once, check('2026-09-17', 'forefoot.right', 'refused')]
    expect(told([...feet, once])[0]).toMatch(/; also not allowed at the left forefoot on Thursday\.$/)
    expect(told([...feet, ...both])[0]).toMatch(/; also not allowed on Thursday\.$/)
  })
  it('water, brush, gear and a hand before the comb', () => {
    const wet = (how: 'swim' | 'rain' | 'grass', combedDry = false) =>
      entry('2026-09-19', { kind: 'wet', how, combedDry })
    expect(told([wet('swim'), wet('rain'), wet('grass')])).toEqual([
      'Swam yesterday, not combed dry.',
      'Got soaked yesterday, not combed dry.',
      'Wet legs and belly yesterday, not combed dry.',
    ])
    expect(told([wet('swim', true)])).toEqual([])
    const brush = (day: string) => entry(day, { kind: 'brush', depth: 'skin', regions: ['back'] })
    expect(told([brush('2026-09-10'), brush('2026-09-10'), brush('2026-09-12')])).toEqual([
      'Brushed and not combed on 2 days, last on 12 September.',
    ])
    // Brushed and combed is combed.
    expect(told([brush('2026-09-10'), check('2026-09-10', 'back', 'glides')])).toEqual([
      'The comb went through everywhere it was tried.',
    ])
    const gear = (day: string, of: 'harness' | 'collar' | 'coat', hours: number) =>
      entry(day, { kind: 'gear', gear: of, hours })
    expect(
      told([
        gear('2026-09-09', 'harness', 2),
        gear('2026-09-10', 'harness', 2),
        gear('2026-09-10', 'coat', 1),
      ]),
    ).toEqual(['Wore a harness on 2 days.', 'Wore a coat or jumper on one day.'])
    expect(told([gear('2026-09-10', 'collar', 0)])).toEqual([])
    const hand = (feels: 'nothing' | 'lumps' | 'many' | 'sheet') =>
      told([entry('2026-09-10', { kind: 'hand', combed: 'months', feels })])[0]
    const by = '10 September by hand, before a comb was there: '
    expect([hand('nothing'), hand('lumps'), hand('many'), hand('sheet')]).toEqual([
      `${by}nothing to feel.`,
      `${by}some lumps.`,
      `${by}many lumps.`,
      `${by}one sheet.`,
    ])
  })
  it('places that are hard, how far they were brought, and what was rehearsed', () => {
    const handling = entry('2026-09-10', { kind: 'handling', place: 'hindfoot', step: 0, went: 'easy' })
    const rehearsed = (of: 'sanitary' | 'face', went: 'kept' | 'cut', day = '2026-09-11') =>
      entry(day, { kind: 'rehearsed', of, went } as Entry['what'])
    const facts = told(
      [handling, rehearsed('sanitary', 'kept'), rehearsed('sanitary', 'kept'), rehearsed('face', 'kept')],
      { hard: ['hindfoot', 'tail'], sex: 'female', wish: 'Shorter ears' },
    )
    expect(facts).toEqual([
      'Rehearsed on paper before cutting: under the tail and belly, face.',
      `She finds these places hard: hind feet (at home as far as: ${stepsOf('hindfoot')[0]!.toLowerCase()}), tail.`,
      'We would like: Shorter ears.',
    ])
    expect(told([rehearsed('face', 'kept', '2026-09-21')])).toEqual([])
  })
  it('care of two concerns at one place apart, each to be struck out by itself', () => {
    const concern = (seen: 'red' | 'lump') =>
      entry('2026-09-05', { kind: 'concern', where: 'belly', seen: [seen] })
    const two = [concern('red'), concern('lump')]
    const closed = two.map((c) => entry('2026-09-19', { kind: 'concern-closed', concern: c.id, how: 'vet' }))
    const facts = noteFacts(dog({}, 20, [...two, ...closed]), AT)
    expect(facts.map((f) => f.id).filter((id) => id.startsWith('care'))).toEqual([
      'care Belly',
      'care Belly, 2',
    ])
  })
})
