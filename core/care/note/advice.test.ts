import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../../tests/support/dogs'
import { adviceAt, standingAdvice } from './advice'

const say = (day: string, says: string, place?: 'hindfoot') =>
  entry(day, { kind: 'advice', from: 'Imke', says, ...(place ? { place } : {}) })
const answer = (day: string, advice: string, how: 'read' | 'done' | 'asked') =>
  entry(day, { kind: 'advice-answer', advice, how })

describe('instructions for home', () => {
  const feet = say('2026-09-10', 'Lying down.', 'hindfoot')
  const fine = say('2026-09-10', 'Short sessions.')
  it('stand until they are done with, the newest answer counting', () => {
    const states = (...answers: ReturnType<typeof answer>[]) =>
      standingAdvice(dog({}, 20, [feet, fine, ...answers]), '2026-09-20').map((a) => [a.says, a.state])
    expect(states()).toEqual([
      ['Short sessions.', 'new'],
      ['Lying down.', 'new'],
    ])
    const read = answer('2026-09-11', feet.id, 'read')
    expect(states(read)).toContainEqual(['Lying down.', 'read'])
    const asked = answer('2026-09-12', feet.id, 'asked')
    expect(states(read, asked)).toContainEqual(['Lying down.', 'asked'])
    expect(states(read, asked, answer('2026-09-13', feet.id, 'done'))).toEqual([['Short sessions.', 'new']])
  })
  it('are there from the day they were given, and at their place on both sides', () => {
    const record = dog({}, 20, [feet, fine])
    expect(standingAdvice(record, '2026-09-09')).toEqual([])
    const standing = standingAdvice(record, '2026-09-10')
    expect(adviceAt(standing, 'hindfoot.left').map((a) => a.says)).toEqual(['Lying down.'])
    expect(adviceAt(standing, 'hindfoot.right')).toHaveLength(1)
    expect(adviceAt(standing, 'beard')).toEqual([])
  })
})
