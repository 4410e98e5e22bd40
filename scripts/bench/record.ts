import { randomLcg } from 'd3-random'
import { COATS } from '../../core/coat/coat-types'
import { TEASE_MINUTES } from '../../core/coat/minutes'
import { REGION_IDS } from '../../core/coat/regions'
import { addDays } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { coatOn } from '../../core/record/fold'
import type { DogRecord } from '../../core/record/fold'
import { gameOf, settingsOf } from '../../core/simulate/what-if'
import { playStretches } from '../../core/simulate/stretches'
import type { Game } from '../../core/simulate/stretches'
import { dog, entry, visit } from '../../tests/support/dogs'
import { middle, row } from './table'

const START = '2021-11-01'
const DAYS = 5 * 365
const ENTRIES = 4000

/** Five years of a dog: a visit every eight weeks, and checks spread over the days. */
function longRecord(): DogRecord {
  const random = randomLcg(0.3)
  const entries: Entry[] = []
  for (let d = 0; d < DAYS; d += 56) entries.push(visit(addDays(START, d), 'wool-cross', 20))
  while (entries.length < ENTRIES)
    entries.push(
      entry(addDays(START, Math.floor(random() * DAYS)), {
        kind: 'check',
        region: REGION_IDS[Math.floor(random() * REGION_IDS.length)]!,
        finding: random() < 0.9 ? 'glides' : 'snag',
      }),
    )
  return { profile: dog({ since: START }).profile, entries }
}

/** The fold of a five-year record, in times of a plain parse of its JSON. */
export function fold() {
  const record = longRecord()
  const json = JSON.stringify(record)
  const parse = middle(15, () => JSON.parse(json))
  const folded = middle(7, () => coatOn(record, addDays(START, DAYS)))
  row(
    `fold of ${ENTRIES} entries over five years`,
    `${(folded / parse).toFixed(0)} times a JSON parse of them (${folded.toFixed(0)} ms, ${parse.toFixed(1)} ms)`,
  )
}

/** The plainest way to play a stretch: hour by hour, every knot asked whether it tightens. */
function playPlainly(game: Game, runs: number) {
  const random = randomLcg(0.7)
  const { outlook, rates } = game
  const perHour = outlook.mu / 24
  let mats = 0
  let minutes = 0
  for (let n = 0; n < runs; n++) {
    outlook.places.forEach((place, p) => {
      let knots: number[] = []
      for (let d = 0; d < outlook.days; d++) {
        if (game.sessions.some((s) => s.day === d && s.places.includes(p))) {
          minutes += place.comb[d]!
          for (const stage of knots)
            minutes += stage === 1 ? TEASE_MINUTES.knot : stage ? 0 : TEASE_MINUTES.tangle
          knots = knots.filter(() => random() < 0.02)
        }
        for (let hour = 0; hour < 24; hour++) {
          if (random() < (rates[p]!.mean * place.bornDry[d]!) / 24) knots.push(0)
          knots = knots.map((stage) => {
            if (stage === 2 || random() >= perHour) return stage
            if (stage === 1) mats += 1
            return stage + 1
          })
        }
      }
    })
  }
  return { mats, minutes }
}

/** Stretches played a second, in times of the plain way. */
export function simulation() {
  const at = '2026-05-04'
  const record = dog({ since: at, nextVisit: addDays(at, 56), harnessHours: 2 }, 20)
  const game = gameOf(record, coatOn(record, at), at, settingsOf(record, at))
  const ours = 2000 / middle(5, () => playStretches(game, 0, 2000))
  const plain = 20 / middle(5, () => playPlainly(game, 20))
  row(
    'stretches played',
    `${(ours / plain).toFixed(0)} times the plain way (${(1000 * ours).toFixed(0)} a second, ${(1000 * plain).toFixed(0)}; ${COATS[record.profile.coat].label}, 56 days)`,
  )
}
