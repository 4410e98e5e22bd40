import { PART_IDS, regionOf, REGIONS, regionsOf } from '../../coat/regions'
import type { RegionId } from '../../coat/regions'
import { carePart } from '../../record/care-parts'
import { daysBetween } from '../../record/day'
import type { Day } from '../../record/day'
import type { DatedFact, FactOf } from '../../record/entries'
import type { Finding, Undercoat } from '../../record/findings'
import type { DogRecord } from '../../record/fold'
import type { Shade } from '../../record/odds'
import { sayDay } from '../../record/say-day'
import { between, timeline } from '../../record/timeline'
import { tidied } from '../../record/tidied'

/** What was done at one place since a day. */
export interface PlaceDone {
  /** Days a comb went through it, and the last of them. */
  combed: number
  last: Day | null
  /** The last of each kind that was met there, and whether all of it came out. */
  found: { finding: Finding; day: Day; out: boolean }[]
  /** Days it was not allowed, the last of them. */
  refused: Day | null
  /** What was last cut there, and how short where that was told. */
  cut: { day: Day; mm: number | null } | null
  raked: { day: Day; finding: Undercoat } | null
}

const cutByClip = (what: FactOf<'visit'>): [RegionId, number][] => [
  ...PART_IDS.flatMap((part): [RegionId, number][] => {
    const mm = what.lengths[part]
    return mm === undefined ? [] : REGIONS.filter((r) => r.part === part).map((r) => [r.id, mm])
  }),
  ...(what.except ?? []).flatMap(({ place, side, mm }): [RegionId, number][] =>
    regionsOf(place)
      .filter((r) => !side || r.side === side)
      .map((r) => [r.id, mm]),
  ),
]

/** Tells each place what a fact did there. */
function tell(f: DatedFact, at: (id: RegionId) => PlaceDone, combedOn: (id: RegionId, day: Day) => void) {
  const { what, day } = f
  if (what.kind === 'check') {
    const here = at(what.region)
    if (what.finding === 'refused') here.refused = day
    else combedOn(what.region, day)
    if (what.finding !== 'refused' && what.finding !== 'glides' && !what.open)
      here.found = [
        ...here.found.filter((x) => x.finding !== what.finding),
        { finding: what.finding, day, out: (what.out ?? 0) >= (what.count ?? 1) },
      ]
  }
  if (what.kind === 'tidy')
    for (const p of tidied(what)) {
      const { cuts } = carePart(p.part)
      if (cuts && p.did === 'done' && p.how === 'cut') at(cuts).cut = { day, mm: p.mm ?? null }
    }
  if (what.kind === 'visit' && what.home) for (const [id, mm] of cutByClip(what)) at(id).cut = { day, mm }
  if (what.kind === 'undercoat')
    for (const p of what.places ?? [])
      for (const r of regionsOf(p.place)) at(r.id).raked = { day, finding: p.finding }
}

/** What was done at home, place by place, since `from`: combed, found, cut, raked, refused. Every place is there. */
export function placesDone(
  record: Pick<DogRecord, 'entries'>,
  from: Day,
  to: Day,
): Record<RegionId, PlaceDone> {
  const done = Object.fromEntries(
    REGIONS.map((r): [string, PlaceDone] => [
      r.id,
      { combed: 0, last: null, found: [], refused: null, cut: null, raked: null },
    ]),
  ) as Record<RegionId, PlaceDone>
  for (const f of between(timeline(record.entries), from, to))
    tell(
      f,
      (id) => done[id],
      (id, day) => {
        if (done[id].last !== day) done[id].combed += 1
        done[id].last = day
      },
    )
  return done
}

/** A place is drawn denser the longer no comb has been there: so many days at most for each shade (judgement). */
const SINCE_DAYS = [3, 7, 14, 28] as const
/** How long since a comb was there, as the map draws it; one no comb has met is drawn densest. */
export function doneShade({ last }: Pick<PlaceDone, 'last'>, at: Day): Shade {
  if (!last) return 4
  const days = daysBetween(last, at)
  const shade = SINCE_DAYS.findIndex((most) => days <= most)
  return (shade === -1 ? 4 : shade) as Shade
}

/** "combed on 6 days, last yesterday; knot 12 November, came out; cut to 4 mm 20 November". */
export function sayDone(d: PlaceDone, at: Day): string {
  const days = d.combed === 1 ? 'combed once,' : `combed on ${d.combed} days, last`
  return [
    d.last ? `${days} ${sayDay(d.last, at)}` : 'not combed',
    ...d.found.map(
      (f) =>
        `${f.finding} ${sayDay(f.day, at)}${f.finding === 'rasps' ? '' : f.out ? ', came out' : ', left'}`,
    ),
    d.refused ? `not allowed ${sayDay(d.refused, at)}` : '',
    d.cut ? `cut at home${d.cut.mm === null ? '' : ` to ${d.cut.mm} mm`} ${sayDay(d.cut.day, at)}` : '',
    d.raked ? `undercoat ${d.raked.finding} ${sayDay(d.raked.day, at)}` : '',
  ]
    .filter(Boolean)
    .join('; ')
}

/** Places something was cut at since then, for a map of it. */
export const cutPlaces = (done: Record<RegionId, PlaceDone>) => [
  ...new Set(REGIONS.filter((r) => done[r.id].cut).map((r) => regionOf(r.id).place)),
]
