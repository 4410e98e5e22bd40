import { randomLcg } from 'd3-random'
import { COATS } from '../../core/coat/coat-types'
import { TEASE_MINUTES } from '../../core/coat/minutes'
import { REGION_IDS } from '../../core/coat/regions'
import { lengthsAt } from '../../core/plan/weekly'
import { addDays } from '../../core/record/day'
import type { Entry } from '../../core/record/entries'
import { assessEach, coatOn } from '../../core/record/fold'
import type { DogRecord } from '../../core/record/fold'
import { timeline } from '../../core/record/timeline'
import { gameOf, settingsOf } from '../../core/simulate/what-if'
import { playStretches } from '../../core/simulate/stretches'
import type { Game } from '../../core/simulate/stretches'
import { dog, entry, visit } from '../../tests/support/dogs'
import { middle, row } from './table'

const START = '2021-11-01'
const DAYS = 5 * 365
const ENTRIES = 4000
const LAST = addDays(START, DAYS)

/** Five years of a dog: a visit every eight weeks, and checks spread over the days. */
function longRecord(many: number): DogRecord {
  const random = randomLcg(0.3)
  const entries: Entry[] = []
  for (let d = 0; d < DAYS; d += 56) entries.push(visit(addDays(START, d), 'wool-cross', 20))
  while (entries.length < many)
    entries.push(
      entry(addDays(START, Math.floor(random() * DAYS)), {
        kind: 'check',
        region: REGION_IDS[Math.floor(random() * REGION_IDS.length)]!,
        finding: random() < 0.9 ? 'glides' : 'snag',
      }),
    )
  return { profile: dog({ since: START }).profile, entries }
}

/** Ten years of a dog that lives: a harness, a jumper and the wet among the checks, and a groomer who tells what was met. */
function livedRecord(): DogRecord {
  const days = 2 * DAYS
  const random = randomLcg(0.6)
  const entries: Entry[] = []
  const some = (n: number) => Math.floor(random() * n)
  for (let d = 0; d < days; d++) {
    const on = addDays(START, d - DAYS)
    if (d % 56 === 0) {
      const region = REGION_IDS[some(REGION_IDS.length)]!
      const found = [{ region, finding: 'knot' as const, count: 1 + some(3) }]
      entries.push(entry(on, { kind: 'visit', lengths: lengthsAt('wool-cross', 20), found }))
    }
    if (some(9) === 0)
      entries.push(entry(on, { kind: 'wet', how: some(2) ? 'rain' : 'swim', combedDry: some(4) === 0 }))
    if (some(4) === 0) entries.push(entry(on, { kind: 'gear', gear: 'coat', hours: 4 }))
    if (d % 7 < 2)
      for (const region of REGION_IDS)
        if (some(3) === 0)
          entries.push(
            entry(
              on,
              some(10)
                ? { kind: 'check', region, finding: 'glides' }
                : { kind: 'check', region, finding: 'snag', count: 1 + some(2), out: 1 },
            ),
          )
  }
  return { profile: dog({ since: addDays(START, -DAYS), harnessHours: 3 }).profile, entries }
}

/** A record none of whose entries was seen before: nothing kept of an earlier fold serves it. */
const unseen = ({ profile, entries }: DogRecord): DogRecord => ({
  profile: { ...profile, name: `${profile.name} ${String(strangers++)}` },
  entries: structuredClone(entries) as Entry[],
})
let strangers = 0

/** The fold of a five-year record, in times of a plain parse of its JSON; and after one more press. */
export function fold() {
  const record = longRecord(ENTRIES)
  const json = JSON.stringify(record)
  const parse = middle(15, () => JSON.parse(json))
  const strange = Array.from({ length: 7 }, () => unseen(record))
  const folded = middle(7, (n) => coatOn(strange[n]!, LAST))
  row(
    `fold of ${ENTRIES} entries over five years`,
    `${(folded / parse).toFixed(0)} times a JSON parse of them (${folded.toFixed(0)} ms, ${parse.toFixed(1)} ms)`,
  )
  const lived = livedRecord()
  const text = JSON.stringify(lived)
  const read = middle(15, () => JSON.parse(text))
  const others = Array.from({ length: 7 }, () => unseen(lived))
  const whole = middle(7, (n) => coatOn(others[n]!, LAST))
  row(
    `and of ${lived.entries.length} over ten, with a harness, jumpers and the wet`,
    `${(whole / read).toFixed(1)} times (${whole.toFixed(0)} ms, ${read.toFixed(1)} ms)`,
  )
  const [few, many] = [pressOn(longRecord(800)), pressOn(longRecord(30_000))]
  row(
    'what a press waits for in the fold, 30,000 entries against 800',
    `${(many / few).toFixed(1)} times (${many.toFixed(1)} ms, ${few.toFixed(1)} ms)`,
  )
}

/** One check more on the last day, as the table writes it, and what every screen asks of the record after it. */
function pressOn(before: DogRecord): number {
  let record = before
  coatOn(record, LAST)
  return middle(15, (n) => {
    const what = { kind: 'check' as const, region: REGION_IDS[n]!, finding: 'glides' as const }
    record = { ...record, entries: [...record.entries, entry(LAST, what)] }
    coatOn(record, LAST)
    timeline(record.entries)
    assessEach(record, addDays(LAST, -56), LAST)
  })
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
