import { regionOf } from '#core/coat/regions'
import type { PartId, PlaceId } from '#core/coat/regions'
import { addDays, daysBetween } from '#core/record/day'
import { matsIn } from '#core/record/findings'
import type { Comfort, Finding } from '#core/record/findings'
import { assessEach } from '#core/record/fold'
import { chanceOfAnyMat, placesOf } from '#core/record/odds'
import { timeline } from '#core/record/timeline'
import { endsStretch } from '#core/record/visits'

/** Findings from worst to best: of a pair, the worse is shown. */
const WORST: readonly Finding[] = ['felt', 'mat', 'knot', 'snag', 'rasps', 'refused', 'glides']
const worse = (a: Finding | undefined, b: Finding) => (a && WORST.indexOf(a) <= WORST.indexOf(b) ? a : b)
const WORST_COMFORT: readonly Comfort[] = ['stopped', 'fidgety', 'easy']

/** How many sessions and places the tables show. */
const SESSIONS = 7
const PLACES = 8

export interface PastStretch {
  from: string
  to: string
  running: boolean
  mm: number | null
  mats: number
  minutes: number
  chances: number[]
}

/** What has been: findings, minutes and comfort of the running stretch, and the stretches before it. */
export function useProgressView(from: Ref<string>) {
  const { file, today } = useDog()
  const facts = computed(() => timeline(file.value.entries).filter((f) => f.day <= today.value))
  const checks = computed(() =>
    facts.value.flatMap((f) =>
      f.what.kind === 'check' && f.day >= from.value
        ? [{ day: f.day, ...f.what, place: regionOf(f.what.region).place }]
        : [],
    ),
  )
  const days = computed(() => [...new Set(checks.value.map((c) => c.day))].slice(-SESSIONS))

  /** What the comb said of each place on each of the last sessions, the most troublesome first. */
  const said = computed(() => {
    const places = new Map<PlaceId, { by: Map<string, Finding> }>()
    for (const c of checks.value) {
      const row = places.get(c.place) ?? { by: new Map<string, Finding>() }
      // By day, so that a pair that caught on both sides caught once.
      row.by.set(c.day, worse(row.by.get(c.day), c.finding))
      places.set(c.place, row)
    }
    return [...places]
      .map(([place, row]) => ({
        place,
        ...row,
        trouble: [...row.by.values()].filter((f) => f !== 'glides' && f !== 'refused').length,
      }))
      .sort((a, b) => b.trouble - a.trouble)
      .slice(0, PLACES)
  })
  /** How the dog bore it, by part, on each of the last sessions. */
  const comfort = computed(() => {
    const parts: PartId[] = ['head', 'ears', 'body', 'legs', 'tail']
    return parts.map((part) => ({
      part,
      by: days.value.map((day) => {
        const here = checks.value.filter(
          (c) => c.day === day && regionOf(c.region).part === part && c.comfort,
        )
        return WORST_COMFORT.find((w) => here.some((c) => c.comfort === w)) ?? null
      }),
    }))
  })

  /** Every stretch on record, the running one last. */
  const stretches = computed<PastStretch[]>(() => {
    const visits = facts.value.filter((f) => endsStretch(f.what))
    return visits.slice(-4).map((v, i, some) => {
      const next = some[i + 1]
      const to = next?.day ?? today.value
      const within = facts.value.filter((f) => f.day >= v.day && f.day <= to && f.id !== v.id)
      const mats = within
        .flatMap(({ what }) => (what.kind === 'check' ? [what] : what.kind === 'visit' ? what.found : []))
        .reduce((sum, found) => sum + matsIn(found), 0)
      return {
        from: v.day,
        to,
        running: !next,
        mm: v.what.kind === 'visit' ? (v.what.lengths.body ?? null) : null,
        mats,
        minutes: within.reduce((s, f) => (f.what.kind === 'session' ? s + f.what.minutes : s), 0),
        chances:
          daysBetween(v.day, to) > 0
            ? assessEach(file.value, v.day, addDays(to, next ? -1 : 0)).map((s) =>
                chanceOfAnyMat(placesOf(s)),
              )
            : [0],
      }
    })
  })
  return { days, said, comfort, stretches }
}
