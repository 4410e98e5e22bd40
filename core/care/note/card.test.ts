import { describe, expect, it } from 'vitest'
import { demoDogs } from '../../../demo/household'
import { profileOn } from '../../record/truths'
import { cardFacts, standsApart } from './card'
import { noteFacts } from './note'

const TODAY = '2026-11-26'

describe('the card of a dog as much written of as people’s', () => {
  it.each(demoDogs(TODAY).map((d) => [d.profile.name, d] as const))(
    '%s: leaves nothing of the note out, and says nothing twice',
    (_name, dog) => {
      const record = { ...dog, profile: profileOn(dog.began, dog.entries) }
      const { lines, close } = cardFacts(record, TODAY)
      const facts = noteFacts(record, TODAY).filter((f) => !standsApart(f))
      expect([...lines, ...close].map((f) => f.id).sort()).toEqual(facts.map((f) => f.id).sort())
      expect(new Set(facts.map((f) => f.id)).size).toBe(facts.length)
      expect(lines.length).toBeLessThanOrEqual(10)
    },
  )
  it('puts what does not fit close after, in the note’s order, with some of the care among the lines', () => {
    const tansy = demoDogs(TODAY)[0]!
    const { lines, close } = cardFacts(tansy, TODAY)
    const order = noteFacts(tansy, TODAY).map((f) => f.id)
    for (const part of [lines, close])
      expect(part.map((f) => order.indexOf(f.id))).toEqual(
        part.map((f) => order.indexOf(f.id)).sort((a, b) => a - b),
      )
    expect(close.length).toBeGreaterThan(0)
    expect(lines.filter((f) => f.id.startsWith('care ')).length).toBeGreaterThanOrEqual(3)
  })
})
