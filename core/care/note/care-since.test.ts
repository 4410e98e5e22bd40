import fc from 'fast-check'
import { describe, expect, it } from 'vitest'
import { anyFact } from '../../../tests/support/facts'
import { dog, entry } from '../../../tests/support/dogs'
import { FOUND_SAYS, OUTCOME_SAYS } from '../../record/care-words'
import type { Entry, Fact } from '../../record/entries'
import { sharedViewOf } from '../../../app/words/shared-view'
import { profileOn } from '../../record/truths'
import { careSince, HEARD } from './care-since'
import { cardFacts, standsApart } from './card'
import { draftNote, noteFacts } from './note'

const TODAY = '2026-09-20'
const concern = entry('2026-09-05', { kind: 'concern', where: 'belly', seen: ['red'] })
/** One of each kind a groomer hears of beside the comb, and what is said of it. */
const OF: Partial<Record<Fact['kind'], [Entry['what'], string]>> = {
  tidy: [
    {
      kind: 'tidy',
      tidy: 'face',
      parts: [
        { part: 'fringe', did: 'done', how: 'cut', mm: 15 },
        { part: 'eye-corner.left', did: 'done', how: 'cleaned' },
        { part: 'beard', did: 'refused' },
      ],
    },
    'Face: fringe cut to 15 mm yesterday; beard refused yesterday; left inner corner cleaned yesterday',
  ],
  wash: [
    { kind: 'wash', combedOut: false, dried: { minutes: 34, with: 'household' }, damp: ['forefoot.left'] },
    'Bath: yesterday, dry in 34 minutes, not combed out then, some left damp',
  ],
  undercoat: [
    { kind: 'undercoat', finding: 'packed', places: [{ place: 'thigh', finding: 'packed' }] },
    'Undercoat: yesterday: packed at thighs',
  ],
  visit: [
    {
      kind: 'visit',
      home: true,
      lengths: {},
      found: [],
      except: [
        { place: 'back', mm: 13 },
        { place: 'side', side: 'left', mm: 13 },
      ],
    },
    'Clipped at home: yesterday: 13 mm at back and left side',
  ],
  'concern-closed': [
    { kind: 'concern-closed', concern: concern.id, how: 'vet' },
    'Belly: red skin, seen 5 September; the vet has seen it yesterday',
  ],
}
const care = (Object.keys(HEARD) as Fact['kind'][]).filter((k) => HEARD[k] === 'care')

describe('what was done beside the comb, as a groomer hears it', () => {
  it('has words for whatever of that the record takes, and tells of nothing else', () => {
    expect(Object.keys(OF).sort()).toEqual([...care].sort())
    fc.assert(
      fc.property(anyFact, (what) => {
        const said = careSince({ entries: [concern, entry('2026-09-19', what)] }, '2026-09-01', TODAY)
        if (HEARD[what.kind] !== 'care') expect(said).toEqual([])
        for (const { label, says, day } of said) {
          expect(label).toMatch(/\S/)
          expect(says).not.toMatch(/undefined|null|NaN|\[object|, ,|; ;|,$/)
          expect(day).toBe('2026-09-19')
        }
      }),
      { numRuns: 400 },
    )
  })
  it.each(Object.entries(OF))('%s: the note and the link say it in the same words', (_kind, [what, says]) => {
    const record = dog({}, 20, [concern, entry('2026-09-19', what)])
    const lines = careSince(record, '2026-09-01', TODAY).map((l) => `${l.label}: ${l.says}`)
    expect(lines).toEqual([says])
    expect(draftNote(record, TODAY)).toContain(`${says}.`)
    const view = sharedViewOf({
      profile: record.profile,
      entries: record.entries,
      today: TODAY,
    } as never)
    expect(view.care.map((l) => `${l.label}: ${l.says}`)).toEqual([says])
  })
  /** What of each kind a groomer hears, and where: in the owner's note, and on the page of link and room. */
  type Heard = {
    says: Entry['what'][]
    note?: RegExp
    page?: (v: ReturnType<typeof sharedViewOf>) => unknown
  }
  const advice = entry('2026-09-18', { kind: 'advice', from: 'Imke', says: 'Comb the ears daily.' })
  const wish = entry('2026-09-18', { kind: 'wish', lines: [{ part: 'body', mm: 14 }] })
  const answer = entry('2026-09-18', {
    kind: 'wish-answer',
    wish: wish.id,
    from: 'Imke',
    lines: [{ part: 'body', how: 'rather', mm: 16 }],
  })
  const KINDS: Record<Fact['kind'], Heard | 'care above' | null> = {
    tidy: 'care above',
    wash: 'care above',
    undercoat: 'care above',
    visit: 'care above',
    'concern-closed': 'care above',
    check: {
      says: [{ kind: 'check', region: 'belly', finding: 'mat', count: 1, out: 0 }],
      note: /A mat in the belly yesterday; left for you/,
      page: (v) => v.stories[0]?.place === 'belly' && v.done.belly.found[0]?.finding === 'mat',
    },
    brush: {
      says: [{ kind: 'brush', depth: 'skin', regions: ['back'] }],
      note: /Brushed and not combed on one day, last yesterday/,
    },
    hand: { says: [{ kind: 'hand', combed: 'months', feels: 'lumps' }], note: /by hand, .* some lumps/ },
    wet: { says: [{ kind: 'wet', how: 'swim', combedDry: false }], note: /Swam yesterday, not combed dry/ },
    session: {
      says: [
        { kind: 'check', region: 'belly', finding: 'glides' },
        { kind: 'session', minutes: 14, places: 4 },
      ],
      note: /Combed on one day .*14 minutes in all/,
    },
    gear: { says: [{ kind: 'gear', gear: 'harness', hours: 3 }], note: /Wore a harness on one day/ },
    measure: {
      says: [{ kind: 'measure', regions: ['back'], mm: 55 }],
      page: (v) => v.range[1]! >= 55,
    },
    dog: {
      says: [{ kind: 'dog', hard: ['hindfoot'], helps: { noises: 'the dryer from far' } }],
      note: /What helps: noises: the dryer from far.\n.*hard: hind feet/,
    },
    handling: {
      says: [{ kind: 'handling', place: 'hindfoot', step: 0, went: 'easy' }],
    },
    rehearsed: {
      says: [{ kind: 'rehearsed', of: 'sanitary', went: 'kept' }],
      note: /Rehearsed on paper before cutting: under the tail and belly/,
    },
    concern: {
      says: [{ kind: 'concern', where: 'back', seen: ['red'] }],
      note: /still open: Back: red skin/,
    },
    advice: { says: [advice.what], page: (v) => v.advice[0]?.says === 'Comb the ears daily.' },
    'advice-answer': {
      says: [{ kind: 'advice-answer', advice: advice.id, how: 'asked' }],
      page: (v) => v.advice[0]?.state === 'asked',
    },
    wish: {
      says: [wish.what],
      note: /We would like, place by place: Body 14 mm/,
      page: (v) => v.wish?.lines.length === 1,
    },
    'wish-answer': { says: [answer.what], page: (v) => !!v.wish?.answer },
    'wish-taken': { says: [{ kind: 'wish-taken', answer: answer.id }], page: (v) => !!v.wish?.taken },
    photo: { says: [{ kind: 'photo', place: 'back' }], page: (v) => v.photos.length === 1 },
    // Days that were given are told by the forecast of the visit.
    proposed: null,
    plan: null,
  }
  const before: Partial<Record<Fact['kind'], Entry[]>> = {
    'advice-answer': [advice],
    'wish-answer': [wish],
    'wish-taken': [wish, answer],
  }
  it.each(Object.entries(KINDS).flatMap(([k, h]) => (h && typeof h === 'object' ? [[k, h] as const] : [])))(
    'a %s is heard in the note, and in the same words by link, in the room and on the card; outside a share it is not',
    (kind, { says, note, page }) => {
      const entries = [
        ...(before[kind as Fact['kind']] ?? []),
        ...says.map((what) => entry('2026-09-19', what)),
      ]
      const record = dog({}, 20, entries)
      const shown = { ...record, profile: profileOn(record.profile, record.entries) }
      const text = draftNote(shown, TODAY)
      const view = (scope: 'stretch' | 'note') => sharedViewOf({ ...shown, today: TODAY, scope } as never)
      if (note) expect(text).toMatch(note)
      if (page) expect(page(view('stretch')), 'on the page').toBeTruthy()
      expect(
        view('stretch')
          .facts.map((f) => f.says)
          .join('\n'),
      ).toBe(text)
      expect(view('note').facts).toEqual([])
      const { lines, close } = cardFacts(shown, TODAY)
      const onCard = [...lines, ...close].map((f) => f.says)
      for (const f of noteFacts(shown, TODAY))
        expect(standsApart(f) || onCard.includes(f.says), f.says).toBe(true)
    },
  )
  it('as it stands: a part cut twice has its last length, feet cut on two days both, and a look its last', () => {
    const paws = (day: string, side: 'left' | 'right', mm: number) =>
      entry(day, {
        kind: 'tidy',
        tidy: 'paws',
        parts: [{ part: `paw.forefoot.${side}`, did: 'done', how: 'cut', mm }],
      })
    const look = (day: string, outcome: 'well' | 'wiped') =>
      entry(day, { kind: 'tidy', tidy: 'ear-look', outcome })
    const record = dog({}, 20, [
      paws('2026-09-10', 'left', 5),
      paws('2026-09-12', 'right', 4),
      paws('2026-09-18', 'left', 3),
      look('2026-09-11', 'well'),
      look('2026-09-19', 'wiped'),
    ])
    expect(careSince(record, '2026-09-01', TODAY).map((l) => l.says)).toEqual([
      'left forefoot cut to 3 mm on Friday; right forefoot cut to 4 mm on 12 September',
      '2 days, last yesterday: wiped',
    ])
  })
  const said = (...entries: Entry[]) => careSince({ entries }, '2026-09-01', TODAY).map((l) => l.says)
  it('a bath and a part wash each by themselves, how often, and how each ended', () => {
    const wash = (day: string, more: object) =>
      entry(day, { kind: 'wash', combedOut: true, ...more } as Entry['what'])
    expect(said(wash('2026-09-10', {}), wash('2026-09-19', { damp: [] }))).toEqual([
      '2 times, last yesterday, combed out',
    ])
    const part = { places: ['under-tail', 'thigh'], dried: { minutes: 7.6, with: 'household' } }
    expect(said(wash('2026-09-19', {}), wash('2026-09-18', part))).toEqual([
      'yesterday, combed out',
      'on Friday, under the tail and thighs, dry in 8 minutes, combed out',
    ])
  })
  it('undercoat as it stands, the most packed first; raked all over, what was told of places is past', () => {
    const raked = (day: string, finding: string, places?: [string, string][]) =>
      entry(day, {
        kind: 'undercoat',
        finding,
        ...(places ? { places: places.map(([place, f]) => ({ place, finding: f })) } : {}),
      } as Entry['what'])
    const first = raked('2026-09-10', 'packed', [
      ['thigh', 'packed'],
      ['rump', 'some'],
      ['chest', 'packed'],
    ])
    expect(said(first)).toEqual(['on 10 September: packed at thighs and chest; some at rump'])
    const then = raked('2026-09-18', 'clear', [['thigh', 'clear']])
    expect(said(first, then)).toEqual([
      '2 times, last on Friday: packed at chest; some at rump; clear at thighs',
    ])
    expect(said(first, raked('2026-09-18', 'some'))).toEqual(['2 times, last on Friday: some'])
  })
  it('a tidy: what was left is not told unless something was met; cut first, then refused, then the rest', () => {
    const tidy = (day: string, parts: object[]) =>
      entry(day, { kind: 'tidy', tidy: 'face', parts } as Entry['what'])
    expect(said(tidy('2026-09-19', [{ part: 'fringe', did: 'left' }]))).toEqual([])
    const met = [
      { part: 'eye-corner.left', did: 'left', found: 'caked' },
      { part: 'beard', did: 'refused' },
      { part: 'fringe', did: 'done', how: 'cut' },
      { part: 'nose', did: 'done' },
    ]
    const words = careSince({ entries: [tidy('2026-09-19', met)] }, '2026-09-01', TODAY)[0]!.says.split('; ')
    expect(words).toEqual([
      'fringe cut yesterday',
      'beard refused yesterday',
      'left inner corner left yesterday',
      'over the nose done yesterday',
      `met: ${FOUND_SAYS.caked}`,
    ])
    const later = tidy('2026-09-20', [{ part: 'beard', did: 'done', how: 'cut', mm: 20 }])
    expect(careSince({ entries: [tidy('2026-09-18', met), later] }, '2026-09-01', TODAY)[0]!).toMatchObject({
      day: '2026-09-20',
      says: expect.stringMatching(/^beard cut to 20 mm today; fringe cut on Friday/),
    })
  })
  it('a look: how it came out as a whole, or part by part, and one day is one day', () => {
    const look = (more: object) =>
      entry('2026-09-19', { kind: 'tidy', tidy: 'nails', ...more } as Entry['what'])
    const parts = [
      { part: 'nails.forefoot.left', did: 'done', outcome: 'trimmed' },
      { part: 'nails.forefoot.right', did: 'done', outcome: 'bled' },
      { part: 'nails.hindfoot.left', did: 'done', outcome: 'trimmed' },
    ]
    expect(said(look({ parts }))).toEqual([`yesterday: ${OUTCOME_SAYS.trimmed} and ${OUTCOME_SAYS.bled}`])
    expect(said(look({ outcome: 'fine' }), look({ outcome: 'trimmed' }))).toEqual([
      `yesterday: ${OUTCOME_SAYS.trimmed}`,
    ])
  })
  it('a clip at home by length, whole parts and sides; a groomer’s own is not told of as home', () => {
    const clip = (more: object) =>
      entry('2026-09-19', { kind: 'visit', lengths: {}, found: [], ...more } as Entry['what'])
    const except = [{ place: 'tail', mm: 30 }]
    expect(said(clip({ home: true, lengths: { body: 13, legs: 13, head: 20 }, except }))).toEqual([
      'yesterday: 13 mm at body and legs; 20 mm at head; 30 mm at tail',
    ])
    expect(said(clip({ home: true }))).toEqual(['yesterday: lengths not told'])
    expect(said(clip({ lengths: { body: 13 } }))).toEqual([])
  })
  it('a concern that is well, and none of one that was never written down', () => {
    const closed = (id: string, how: string) =>
      entry('2026-09-19', { kind: 'concern-closed', concern: id, how } as Entry['what'])
    expect(said(concern, closed(concern.id, 'well'))).toEqual([
      'red skin, seen 5 September; it is well yesterday',
    ])
    expect(said(concern, closed('00000000-0000-7000-8000-000000000000', 'well'))).toEqual([])
    // Told before it was seen is as good: what closes it is what counts.
    expect(said(entry('2026-08-05', concern.what, { id: concern.id }), closed(concern.id, 'vet'))).toEqual([
      'red skin, seen 5 August; the vet has seen it yesterday',
    ])
  })
  it('is silent of what was before the visit, and of a concern that was nothing', () => {
    const before = entry('2026-08-20', { kind: 'wash', combedOut: true })
    const nothing = entry('2026-09-19', { kind: 'concern-closed', concern: concern.id, how: 'mistaken' })
    expect(careSince(dog({}, 20, [before, concern, nothing]), '2026-09-01', TODAY)).toEqual([])
  })
})
