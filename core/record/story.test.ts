import { describe, expect, it } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { coatOn } from './fold'
import { storyOf } from './story'

const AT = '2026-09-20'
describe('the story of a place', () => {
  const record = dog({ harnessHours: 4 }, 20, [
    entry('2026-09-10', {
      kind: 'check',
      region: 'armpit.left',
      finding: 'knot',
      count: 2,
      out: 2,
      comfort: 'fidgety',
    }),
    entry('2026-09-15', { kind: 'check', region: 'armpit.left', finding: 'glides' }),
    entry(AT, { kind: 'wet', how: 'swim', combedDry: false }),
  ])
  const coat = coatOn(record, AT)
  const story = storyOf(record, coat, 'armpit.left')!
  it('multiplies out to the rate the coat itself uses', () => {
    const [before, after] = [coat.copy(), coat.copy()]
    after.passDay()
    const born = (c: typeof coat) =>
      c.places.find((p) => p.id === 'armpit.left')!.unseen.reduce((s, x) => s + x, 0)
    const place = coat.places.find((p) => p.id === 'armpit.left')!
    expect(story.now / place.rate.mean).toBeCloseTo(born(after) - born(before), 10)
    expect(story.factors.map((f) => f.what)).toEqual(['length', 'harness', 'wet', 'learned'])
    // Four hours are twice as fast, times what was learned of this dog's harness; of the swim nothing was.
    const [harness] = coat.causes
    expect(harness).toMatchObject({ cause: 'harness' })
    expect(story.factors.find((f) => f.what === 'harness')!.times).toBeCloseTo(2 * harness!.times, 12)
    expect(story.factors.find((f) => f.what === 'wet')!.times).toBe(3)
  })
  it('tells its checks, newest first, and what they have taught', () => {
    expect(story.checks.map((c) => [c.day, c.finding, c.comfort])).toEqual([
      ['2026-09-15', 'glides', undefined],
      ['2026-09-10', 'knot', 'fidgety'],
    ])
    expect(story.learned.count).toBe(2)
    expect(story.learned.expected).toBeGreaterThan(0)
    expect(story.learned.interval[0]).toBeLessThan(story.learned.interval[1])
  })
  it('says when nothing is learned yet', () => {
    const fresh = dog()
    const { learned } = storyOf(fresh, coatOn(fresh, AT), 'beard')!
    expect([learned.count, learned.expected, learned.telling]).toEqual([0, 0, false])
    expect(storyOf(dog({ absent: ['tail'] }), coatOn(dog({ absent: ['tail'] }), AT), 'tail')).toBe(null)
  })
})

describe('what rubs where', () => {
  it('is of the places it lies on, and of no others', () => {
    const record = dog({ harnessHours: 4, collarAllDay: true }, 20)
    const factors = (id: 'back' | 'girth' | 'collar-line') =>
      storyOf(record, coatOn(record, AT), id)!.factors.map((f) => f.what)
    expect(factors('back')).toEqual(['length', 'learned'])
    expect(factors('girth')).toEqual(['length', 'harness', 'learned'])
    expect(factors('collar-line')).toEqual(['length', 'collar', 'learned'])
  })
  it('what got wet and was not combed dry is wet that day and the next', () => {
    const swum = dog({}, 20, [entry('2026-09-10', { kind: 'wet', how: 'swim', combedDry: false })])
    const wet = (day: string) =>
      storyOf(swum, coatOn(swum, day), 'back')!.factors.some((f) => f.what === 'wet')
    expect(['2026-09-10', '2026-09-11', '2026-09-12'].map(wet)).toEqual([true, true, false])
  })
  it('a felted place that was left is a mat there still', () => {
    const felted = dog({}, 20, [entry('2026-09-10', { kind: 'check', region: 'back', finding: 'felt' })])
    const [left] = coatOn(felted, '2026-09-10').places.filter((p) => p.id === 'back')
    expect(left!.left).toMatchObject([{ stages: [0, 0, expect.any(Number)] }])
    expect(left!.left[0]!.stages[2]).toBeGreaterThan(0)
  })
})
