import { describe, expect, it } from 'vitest'
import { planToday } from '../../core/plan/today'
import type { Entry } from '../../core/record/entries'
import { coatOn } from '../../core/record/fold'
import { COMBED_TOLD } from '../../core/record/hand'
import { chanceOfAnyMat } from '../../core/record/odds'
import { profileSchema } from '../../core/record/profile'
import { newDogBody } from '../../shared/api'
import { answersFrom, dogFrom, effectOf, freshAnswers, inWeeks, kilograms, usualBody } from './setup-answered'
import { problemOf, wrongOf } from './setup-wrong'
import { QUESTIONS } from '../words/setup'
import type { Question } from '../words/setup'

const answers = (more: object = {}) => ({
  ...freshAnswers(),
  name: ' Merle ',
  coat: 'wool-cross' as const,
  kg: '12',
  ...more,
})

describe('setup', () => {
  it('reads weights as people write them, in either unit', () => {
    expect(kilograms(answers({ kg: '12,5' }))).toBe(12.5)
    expect(kilograms(answers({ kg: '26.5', unit: 'lb' }))).toBeCloseTo(12.02, 2)
    for (const kg of ['', 'heavy']) expect(kilograms(answers({ kg }))).toBe(null)
  })
  it.each([
    ['name', { name: ' ' }, ''],
    ['coat', { coat: null }, ''],
    ['weight', { kg: '' }, ''],
    ['weight', { kg: 'heavy' }, 'Give the weight as a number.'],
    ['weight', { kg: '0,2' }, 'A dog weighs at least 0.5 kg.'],
    ['weight', { kg: '220' }, 'Was that pounds?'],
    ['last', { lastVisit: '2026-11-26' }, 'That day has not come yet.'],
    ['last', {}, ''],
    ['next', { nextVisit: '2026-11-24' }, 'That day has gone.'],
    ['next', { lastVisit: '2026-11-25', nextVisit: '2026-11-25' }, 'comes before the last'],
  ] as [Question, object, string][])('%s, %o is not taken: %s', (question, more, says) => {
    const problem = problemOf(question, answers(more), '2026-11-25')
    expect(problem?.says).toContain(says)
    expect(problem!.says === '').toBe(says === '')
  })
  it('says what is wrong at the field it is of, and nothing of what is only not given', () => {
    expect(wrongOf(answers({ kg: '', lastVisit: '', nextVisit: '' }), '2026-11-25')).toEqual({})
    expect(
      wrongOf(answers({ kg: 'heavy', lastVisit: '2026-11-26', nextVisit: '2026-11-24' }), '2026-11-25'),
    ).toEqual({
      kg: 'Give the weight as a number.',
      lastVisit: 'That day has not come yet.',
      nextVisit: 'That day has gone.',
    })
  })
  it('reads what this device kept, and asks again for what cannot be read', () => {
    const kept = answers({ minutes: [9, 9, 9, 9, 9, 9, 9], hard: ['tail'] })
    expect(answersFrom(JSON.stringify(kept))).toEqual(kept)
    expect(
      answersFrom(JSON.stringify({ ...kept, coat: 'poodle', minutes: [1], hard: ['wing'], born: 7 })),
    ).toEqual({ ...kept, coat: null, minutes: freshAnswers().minutes, hard: [], born: '' })
    for (const none of [null, '', '{', 'null', '[]', '7']) expect(answersFrom(none)).toEqual(freshAnswers())
  })
  it('takes what is well, in pounds too, and what may be left out', () => {
    const told = answers({ combed: 'weeks', feels: 'nothing' })
    for (const question of QUESTIONS) expect(problemOf(question, told, '2026-11-25')).toBe(null)
    expect(problemOf('weight', answers({ kg: '220', unit: 'lb' }), '2026-11-25')).toBe(null)
    expect(problemOf('next', answers({ nextVisit: '2026-11-26' }), '2026-11-25')).toBe(null)
  })
  it('says the effect for a middling dog while the weight is no dog’s', () => {
    const usual = effectOf(answers({ kg: '' }))
    for (const kg of ['0', '400', 'x']) expect(effectOf(answers({ kg }))).toEqual(usual)
    expect([usual!.kg, usual!.isOwn]).toEqual([12, false])
    expect(effectOf(answers({ kg: '26.5', unit: 'lb' }))).toMatchObject({ kg: 12.02, isOwn: true })
    expect(effectOf(answers({ coat: null }))).toBe(null)
  })
  it('tells what would fit when the minutes do not', () => {
    const tight = effectOf(answers({ minutes: [0, 10, 0, 10, 0, 20, 0] }), 25)!
    expect(tight.fits).toBe(false)
    expect(effectOf(answers({ minutes: [0, 10, 0, 10, 0, 20, 0] }), tight.shorter!)!.fits).toBe(true)
  })
  it('makes a dog the server takes, with the last visit as its first entry', () => {
    const dog = dogFrom(
      answers({ lastVisit: '2026-11-01', nextVisit: '2026-12-13', groomer: ' Imke ', bodyMm: 18 }),
      '2026-11-25',
    )
    expect(newDogBody.safeParse(dog).success).toBe(true)
    expect(dog.profile).toMatchObject({ name: 'Merle', since: '2026-11-01', groomer: 'Imke' })
    expect(dog.entries[0]!.what).toMatchObject({ kind: 'visit', by: 'Imke', lengths: { body: 18 } })
  })
  it.each(COMBED_TOLD)(
    'a dog that never saw a groomer, combed %s, begins from that: nothing clear, and a first going-over',
    (combed) => {
      const today = '2026-11-25'
      const dog = dogFrom(answers({ combed, feels: 'nothing', bodyMm: 30 }), today)
      expect(newDogBody.safeParse(dog).success).toBe(true)
      expect(dog.entries.map((e) => e.what.kind)).toEqual(['hand', ...Array(5).fill('measure')])
      const record = { profile: profileSchema.parse(dog.profile), entries: dog.entries as Entry[] }
      const coat = coatOn(record, today)
      for (const p of coat.places) {
        expect(p.clearOn).toBe(null)
        expect(p.unseen[0]).toBeGreaterThan(0)
      }
      expect(coat.places.find((p) => p.id === 'back')!.mm).toBeCloseTo(30, 0)
      expect(chanceOfAnyMat(coat.places)).toBeGreaterThan(combed === 'this-week' ? 0.005 : 0.3)
      expect(planToday(record, today, 40).items.length).toBeGreaterThan(3)
    },
  )
  it('leaves out what was left out', () => {
    const { profile } = dogFrom(answers(), '2026-11-25')
    expect(profileSchema.safeParse(profile).success).toBe(true)
    for (const key of ['born', 'nextVisit', 'groomer', 'wish']) expect(profile).not.toHaveProperty(key)
    expect(() => dogFrom(answers({ coat: null }), '2026-11-25')).toThrow('Choose the coat')
  })
  it('knows the usual length of a coat, and weeks on', () => {
    expect(usualBody('drop')).toBe(80)
    expect(inWeeks('2026-11-25', -2)).toBe('2026-11-11')
  })
})
