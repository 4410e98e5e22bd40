import { COATS } from '../core/coat/coat-types'
import { CLEAR, stepStages } from '../core/coat/knots'
import type { Stages } from '../core/coat/knots'
import type { CoatId } from '../core/coat/coat-types'
import type { WorkingPlace } from '../core/record/working-place'
import { combMinutes } from '../core/coat/minutes'
import { regionOf } from '../core/coat/regions'
import { planToday } from '../core/plan/today'
import { addDays, dayNumber, daysBetween, weekday } from '../core/record/day'
import type { Day } from '../core/record/day'
import type { Entry, Fact } from '../core/record/entries'
import type { Comfort, Finding } from '../core/record/findings'
import { coatOn } from '../core/record/fold'
import type { DogRecord } from '../core/record/fold'
import type { Profile } from '../core/record/profile'
import { profileOn } from '../core/record/truths'
import { seeded } from '../drawing/ink'
import { OWNER, GROOMER } from './story'
import type { Chapter, Story, DemoDog } from './story'
import { weekFrom } from './week'
import { millisecondsInDay } from 'date-fns/constants'
import { v7 } from 'uuid'

/** Makes ids that sort by day, the same every time for a seed. */
export function idMaker(random: () => number) {
  let seq = 0
  return (day: Day) => {
    const bytes = Uint8Array.from({ length: 16 }, () => Math.floor(random() * 256))
    return v7({ msecs: dayNumber(day) * millisecondsInDay + 64_800_000 + seq, seq: seq++, random: bytes })
  }
}

/** How much more readily a prone place knots than its coat says, and any other. */
const PRONE = 3.2
export const OTHERS = 0.9

/** What is in a place by its type alone, whatever was learned of the dog: begun evenly since a comb was there. */
export function thereByType(p: WorkingPlace, day: Day, coat: CoatId): Stages {
  const all = p.base[0] + p.base[1] + p.base[2]
  const days = p.clearOn ? daysBetween(p.clearOn, day) : 0
  return days > 0 ? stepStages(CLEAR, all / days, COATS[coat].tighteningPerDay, days) : p.base
}

/** What the comb would say of a place with this in it by its type, on a dog whose places knot `times` as readily. */
export function combSays(
  [tangles, knots, mats]: Stages,
  times: number,
  metMats: boolean,
  random: () => number,
): { finding: Finding; count?: number; out?: number } {
  const roll = random() / times
  const mat = metMats ? mats : 0
  if (roll < mat) return { finding: 'mat', count: 1, out: 0 }
  if (roll < mat + knots) return { finding: 'knot', count: 1, out: random() < 0.6 ? 1 : 0 }
  if (roll < mat + knots + tangles) {
    const count = random() < 0.25 ? 2 : 1
    return { finding: 'snag', count, out: count }
  }
  return { finding: 'glides' }
}

/** A story lived day by day, as real logs go; the same all day for a seed. */
export function live(story: Story, today: Day, owner = OWNER): DemoDog {
  const random = seeded(story.seed)
  const id = idMaker(random)
  // Apart, so that a word more of care does not turn the rest of the story.
  const careId = idMaker(seeded(story.seed + 1000))
  const ran = story.chapters.reduce((sum, c) => sum + c.days, 0)
  const since = addDays(today, -ran)
  const profile: Profile = {
    ...(JSON.parse(JSON.stringify(story.profile)) as Story['profile']),
    minutes: weekFrom(today, story.minutes),
    since,
    nextVisit: addDays(today, story.toVisit),
    absent: [],
    hemisphere: 'north',
  }
  const record: DogRecord & { entries: Entry[] } = { profile, entries: [] }
  const write = (day: Day, what: Fact, time?: string) =>
    record.entries.push({ id: id(day), day, what, ...(time ? { time } : {}) })
  const visit = (day: Day, found: Chapter['found']) =>
    write(day, { kind: 'visit', lengths: story.lengths, found: found ?? [], by: GROOMER })

  for (const { daysAgo, what, visitMovedFrom } of story.became ?? []) {
    const day = addDays(today, -daysAgo)
    const moved = visitMovedFrom === undefined ? {} : { nextVisit: addDays(today, story.toVisit) }
    if (visitMovedFrom !== undefined) profile.nextVisit = addDays(today, visitMovedFrom)
    record.entries.push({ id: careId(day), day, what: { kind: 'dog', ...what, ...moved } })
  }
  visit(since, [])
  let start = since
  for (const chapter of story.chapters) {
    for (let d = 1; d < chapter.days; d++) {
      const day = addDays(start, d)
      for (const w of chapter.wet ?? [])
        if (w.day === d) write(day, { kind: 'wet', how: w.how, combedDry: w.combedDry })
      const wash = chapter.wash?.find((w) => w.day === d)
      if (wash) write(day, { kind: 'wash', combedOut: wash.combedOut })
      for (const c of chapter.care ?? [])
        if (c.days.includes(d)) record.entries.push({ id: careId(day), day, what: c.what })
      const away = chapter.away && d >= chapter.away[0] && d <= chapter.away[1]
      const minutes = profile.minutes[weekday(day)] ?? 0
      if (away || !minutes || random() > chapter.kept) continue
      session(chapter, day, minutes)
    }
    start = addDays(start, chapter.days)
    if (start !== today || chapter !== story.chapters.at(-1)) visit(start, chapter.found)
  }
  // What a look opened was seen to two days later.
  for (const e of [...record.entries])
    if (e.what.kind === 'tidy' && e.what.outcome === 'red') {
      const concern = careId(e.day)
      record.entries.push(
        { id: concern, day: e.day, what: { kind: 'concern', where: 'eyes', seen: ['red'] } },
        { id: careId(e.day), day: addDays(e.day, 2), what: { kind: 'concern-closed', concern, how: 'vet' } },
      )
    }
  const last = addDays(start, -(story.chapters.at(-1)?.days ?? 0))
  for (const { place, says } of story.advice ?? []) {
    const advice = careId(last)
    record.entries.push(
      { id: advice, day: last, what: { kind: 'advice', from: GROOMER, place, says } },
      {
        id: careId(last),
        day: last,
        what: { kind: 'advice-answer', advice, how: 'read' },
      },
    )
  }

  if (story.wish) {
    const { daysAgo, lines, answered } = story.wish
    const day = addDays(today, -daysAgo)
    const wish = careId(day)
    record.entries.push({ id: wish, day, what: { kind: 'wish', lines } })
    if (answered) {
      const on = addDays(today, -answered.daysAgo)
      record.entries.push({
        id: careId(on),
        day: on,
        what: { kind: 'wish-answer', wish, from: GROOMER, lines: answered.lines },
      })
    }
  }

  function session(chapter: Chapter, day: Day, minutes: number) {
    const plan = planToday(record, day, minutes)
    const before = coatOn(record, day)
    let n = 0
    for (const region of plan.items.flatMap((i) => i.regions)) {
      const { place } = regionOf(region)
      const state = before.places.find((p) => p.id === region)
      if (!state) continue
      const time = `18:${String(5 + Math.min(50, n)).padStart(2, '0')}`
      n++
      if (random() < (story.refuses[place] ?? 0)) {
        write(day, { kind: 'check', region, finding: 'refused', comfort: 'stopped' }, time)
        continue
      }
      const comfort: Comfort = story.fidgets.includes(place) && random() < 0.5 ? 'fidgety' : 'easy'
      write(
        day,
        {
          kind: 'check',
          region,
          ...combSays(
            thereByType(state, day, profile.coat),
            story.prone.includes(place) ? PRONE : OTHERS,
            chapter.mats ?? false,
            random,
          ),
          comfort,
          seconds: Math.round(
            60 *
              combMinutes(COATS[profile.coat], profile.weightKg, regionOf(region), state.mm) *
              (0.8 + 0.7 * random()),
          ),
        },
        time,
      )
    }
    if (n)
      write(
        day,
        { kind: 'session', minutes: Math.round(plan.minutes + 4 + random() * 4), places: Math.min(40, n) },
        '18:58',
      )
  }

  return {
    id: id(since),
    profile: profileOn(profile, record.entries),
    began: profile,
    entries: record.entries,
    notes: story.notes.map((n) => ({
      ...n,
      id: id(addDays(today, -n.daysAgo)),
      authorName: n.author === 'owner' ? owner : GROOMER,
    })),
  }
}
