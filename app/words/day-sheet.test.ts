import { describe, expect, it } from 'vitest'
import { readCalendar, writeCalendar } from '#shared/calendar'
import type { RoomDog } from '#shared/answers'
import { roomHappenings, sayDaySum, sheetLine } from './day-sheet'

const TODAY = '2026-12-01'
const arrival = (usual: number, high: number, more: object = {}) => ({
  any: 0.2,
  mats: 0.3,
  likely: null,
  minutes: { usual, low: 0, high },
  short: false,
  refuses: [],
  concerns: [],
  days: 3,
  last: '2026-11-30',
  known: true,
  ...more,
})
const dog = (n: number, more: object = {}) =>
  ({
    share: `s${n}`,
    name: `Dog ${n}`,
    owner: 'Ada; of the Mill',
    visit: '2026-12-02',
    arrival: null,
    ...more,
  }) as unknown as RoomDog

describe('the day sheet', () => {
  it('sums the day: minutes add, spreads as squares do, and what goes short is not teased', () => {
    const two = [dog(1, { arrival: arrival(10, 13) }), dog(2, { arrival: arrival(20, 24) })]
    expect(sayDaySum(two)).toBe('two dogs, knots about 30 minutes, 35 at most four times in five.')
    expect(sayDaySum([...two, dog(3, { arrival: arrival(90, 200, { short: true }) }), dog(4)])).toBe(
      'four dogs, knots about 30 minutes, 35 at most four times in five; one dog to go short.',
    )
  })
  it('a line says what will be found and what is to be known before a hand touches', () => {
    const a = arrival(10, 13, {
      refuses: [{ place: 'hindfoot', why: 'refused', works: 'hand near', snapped: true }],
      overdue: 'ears 12 days',
      concerns: ['Belly: red skin'],
      next: { moved: { on: '2026-11-30', from: '2026-12-05', to: '2026-12-02' }, proposed: null },
    })
    expect(sheetLine(dog(1, { arrival: a }), TODAY)).toMatchObject({
      lead: 'Should comb through',
      care: ['hard: hind feet, snapped', 'overdue: ears 12 days'],
      concerns: ['Belly: red skin'],
      moved: 'Moved yesterday, from 5 December to 2 December.',
    })
    expect(sheetLine(dog(1), TODAY)).toMatchObject({ lead: 'Shared: the notes alone', care: [], allow: '' })
  })
  it('goes into a calendar and is read back, those to come and no others', () => {
    const dogs = [
      dog(1, { arrival: arrival(10, 13) }),
      dog(2, { visit: '2026-11-30' }),
      dog(3, { visit: null }),
      dog(4, { visit: TODAY }),
    ]
    const text = writeCalendar(
      'The Wash House',
      roomHappenings(dogs, TODAY),
      new Date('2026-12-01T08:00:00Z'),
    )
    const { visits, wrong } = readCalendar(text)
    expect(wrong).toEqual([])
    expect(visits).toEqual([
      { day: '2026-12-02', title: 'Dog 1, Ada; of the Mill' },
      { day: TODAY, title: 'Dog 4, Ada; of the Mill' },
    ])
    // Long lines are folded, so the words are looked for unfolded.
    expect(text.replace(/\r\n /g, '')).toContain('Should comb through')
  })
})
