import { describe, expect, it } from 'vitest'
import { COAT_IDS } from '#core/coat/coat-types'
import { COAT_BY_HAND, QUESTIONS, sayQuestion } from './setup'

describe('the questions of setup', () => {
  it('are of her or of him, by name once there is one', () => {
    const all = (she: boolean) => QUESTIONS.map((q) => sayQuestion(q, { name: ' Moss ', she, visited: true }))
    expect(JSON.stringify(all(true))).not.toMatch(/\bhis\b|\bhim\b/)
    expect(JSON.stringify(all(false))).not.toMatch(/\bher\b/)
    expect(sayQuestion('weight', { name: ' Moss ', she: true, visited: true }).title).toBe(
      'How heavy is Moss?',
    )
    expect(sayQuestion('weight', { name: ' ', she: true, visited: true }).title).toBe(
      'How heavy is your dog?',
    )
    for (const { title, why } of all(true)) {
      expect(title).toMatch(/\?$/)
      expect(why).toMatch(/\.$/)
    }
  })
  it('asks how long the coat is now of a dog that no groomer has left at any length', () => {
    const length = (visited: boolean) => sayQuestion('length', { name: 'Moss', she: true, visited }).title
    expect(length(true)).toContain('left')
    expect(length(false)).toBe('How long is the coat on the body now?')
  })
  it('name every coat a hand can tell, each once', () => {
    expect(COAT_BY_HAND.map(([, coat]) => coat).sort()).toEqual([...COAT_IDS].sort())
  })
})
