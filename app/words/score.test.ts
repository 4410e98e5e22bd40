import { describe, expect, it } from 'vitest'
import type { Group } from '#core/record/score'
import type { Score } from '#core/record/score-sums'
import {
  furthestOut,
  LEAST_CHECKS,
  sayChanged,
  sayDrift,
  sayHeld,
  sayPlace,
  sayRight,
  sayScore,
  sayTogether,
  sayWorth,
} from './score'

const group = (said: number, share: number, likely: [number, number]): Group => ({
  many: 100,
  said,
  like: said,
  found: share * 100,
  share,
  likely,
})
const score = (more: Partial<Score> = {}): Score => ({
  checks: 412,
  found: 32,
  said: 37,
  like: 58,
  brier: { said: 0.09, like: 0.1 },
  log: { said: 0.3, like: 0.35 },
  held: 0.78,
  sittings: 40,
  ...more,
})

describe('how right it was, in words', () => {
  it('is honest where it was right, too worried, too calm', () => {
    const right = [group(0.05, 0.06, [0.04, 0.09])]
    expect(sayScore(score(), right).lead).toBe('What it said is what was found')
    expect(furthestOut([group(0.02, 0, [0, 0.018])])).toBeNull()
    const worried = [...right, group(0.25, 0.2, [0.16, 0.24])]
    expect(sayScore(score(), worried).lead).toBe('It said 1 in 4 where 1 in 5 caught: too worried there')
    const calm = [...worried, group(0.1, 0.3, [0.25, 0.36])]
    expect(furthestOut(calm)).toBe(calm[2])
    expect(sayScore(score(), calm)).toEqual({
      lead: 'It said 1 in 10 where 1 in 3 caught: too calm there',
      rest: '412 combings of a place, against what was said just before. It has been told to expect more.',
    })
  })
  it('says when it is too early', () => {
    expect(sayScore(null, []).lead).toBe('Too early to hold it to its word')
    expect(sayScore(score({ checks: 12 }), []).rest).toContain('Twelve combings')
  })
  it('says what knowing the dog was worth, and where it was worth nothing', () => {
    expect(sayWorth(score(), 'Tansy')).toBe(
      'Knowing Tansy it was 10 in 100 less wrong than coats like it alone.',
    )
    expect(sayWorth(score({ brier: { said: 0.11, like: 0.1 } }), 'Pip')).toMatch(
      /^Coats like it alone .* 10 in 100/,
    )
    expect(sayWorth(score({ brier: { said: 0.1, like: 0.1 } }), 'Pip')).toContain('no difference yet')
    expect(sayHeld(score())).toContain('over 40 days it held 8 in 10')
  })
  it('asks what would tell, whichever way it drifted', () => {
    const drift = { since: '2026-10-01', on: '2026-10-20' }
    const said = ({ lead, rest }: { lead: string; rest: string }) => `${lead} ${rest}`
    expect(said(sayDrift({ ...drift, more: true }))).toMatch(/^Since 20 October more is found .*harness/)
    expect(said(sayDrift({ ...drift, more: false }))).toMatch(/less is found.*another hand/)
    expect(said(sayChanged({ on: '2026-10-20', times: 1.84 }))).toMatch(
      /^By 20 October 1\.8 times as many .*400 days.*counts less\. .*harness/,
    )
    expect(sayChanged({ on: '2026-10-20', times: 0.5 }).lead).toMatch(/half as many had come/)
  })
  it('says of a place what was said and found there, and when that is more or fewer than likely', () => {
    const place = (found: number) =>
      sayPlace({ place: 'armpit', checks: 12, said: 3.2, found, likely: [1, 6] })
    expect(place(3)).toEqual({ place: 'Armpits', says: 'said 3 in twelve combings, found 3' })
    expect(place(7).says).toBe('said 3 in twelve combings, found 7, more than likely')
    expect(place(0).says).toMatch(/found 0, fewer than likely$/)
    expect(sayPlace({ place: 'tail', checks: 9, said: 0.31, found: 0, likely: [0, 1] }).says).toMatch(
      /^said 0.3 /,
    )
  })
  it('says of a household what its dogs come to together', () => {
    const score: Score = {
      checks: 1423,
      found: 162,
      said: 159.2,
      like: 118.4,
      brier: { said: 0.07, like: 0.08 },
      log: { said: 0.2, like: 0.3 },
      held: 0.79,
      sittings: 300,
    }
    expect(sayTogether(score, 'The household’s three dogs together')).toBe(
      'The household’s three dogs together: 1423 combings of a place, said 159 knots, found 162; coats like theirs would have said 118. Eight in ten held 8 in 10.',
    )
    expect(sayRight(score)).toBe(
      'At home, held to its word: 1423 combings of a place, said 159 knots, found 162.',
    )
    expect(sayRight({ ...score, checks: LEAST_CHECKS - 1 })).toBeNull()
    expect(sayRight(null)).toBeNull()
  })
})
