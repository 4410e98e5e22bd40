import { expect, it } from 'vitest'
import { cutsAt, habitsOf, settingAt } from './habits'

it('what holds where nothing was said is the cautious', () => {
  const wool = habitsOf({ coat: 'wool' })
  expect(wool).toMatchObject({
    lines: 'foot-up',
    turns: 'side',
    floor: false,
    wash: 'brush-first',
    handling: 'come-back',
    setting: 'comb',
    taught: [],
    earHair: 'leave',
    earCare: 'wipe',
    bed: 22 * 60,
    dryer: 'household',
  })
  expect(habitsOf({ coat: 'double-long' })).toMatchObject({ lines: 'head-back', earCare: 'leave-alone' })
  // Ears that were seen to hang are wiped, whatever the coat; pricked ones are let be.
  expect(habitsOf({ coat: 'double-long', habits: { ears: 'hanging' } }).earCare).toBe('wipe')
  expect(habitsOf({ coat: 'wool', habits: { ears: 'pricked' } }).earCare).toBe('leave-alone')
  expect(habitsOf({ coat: 'wool', habits: { ears: 'pricked', earCare: 'wipe' } }).earCare).toBe('wipe')
  // Nobody’s name, nothing taught.
  expect(habitsOf({ coat: 'wool', habits: { taught: ['rear-blade'] } }).taught).toEqual([])
  expect(
    habitsOf({ coat: 'wool', habits: { taught: ['rear-blade'], taughtBy: 'Imke' } }).taught,
  ).toHaveLength(1)
})
it('what may be cut is said of each tidy, else of all', () => {
  const habits = { may: { face: { setting: 'scissors' as const } }, setting: 'comb' as const }
  expect([settingAt('face', habits), settingAt('paws', habits)]).toEqual(['scissors', 'comb'])
  expect([
    cutsAt('face', habits),
    cutsAt('paws', habits),
    cutsAt('bath', { may: {}, setting: 'taught' }),
  ]).toEqual([true, false, false])
})
