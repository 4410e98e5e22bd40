import { careSince } from '#core/care/note/care-since'
import { standingAdvice } from '#core/care/note/advice'
import { placesDone } from '#core/care/note/place-done'
import { noteFacts, placeStories } from '#core/care/note/note'
import { whatWent } from '#core/care/handling/what-went'
import { placeRow, regionOf } from '#core/coat/regions'
import { coatOn } from '#core/record/fold'
import { jacketSaid } from '#core/record/jacket'
import { stretchStart } from '#core/record/stretch-start'
import { standingWish } from '#core/record/wishes'
import { between, timeline } from '#core/record/timeline'
import type { SharedDog } from '#shared/answers'

/** Places told of on the map itself, the worst first. */
const PLATES = 5

/** What the record of a shared dog comes to for whoever reads it: the places with something to tell, and the rest. */
export function sharedViewOf(s: SharedDog) {
  const record = { profile: s.profile, began: s.began, entries: s.entries }
  const from = stretchStart(record, s.today)
  const stories = placeStories(record, from, s.today)
  const now = coatOn(record, s.today).state()
  const told = new Set(stories.map((t) => t.place))
  const clear = Object.values(now.regions).filter((p) => !told.has(regionOf(p.id).place))
  const lengths = clear.map((p) => Math.round(p.mm))
  const facts = between(timeline(s.entries), from, s.today)
  return {
    stories: stories.map((t, i) => ({
      ...t,
      number: i + 1,
      mm: Math.round(now.regions[t.regions[0]!]?.mm ?? 0),
    })),
    rest: clear.length,
    range: lengths.length ? [Math.min(...lengths), Math.max(...lengths)] : [0, 0],
    plates: stories
      .slice(0, PLATES)
      .map((t, i) => ({ number: i + 1, place: t.place, label: placeRow(t.place).plural.toLowerCase() })),
    /** The facts the owner's note is made of, in the same words; whoever reads the notes alone has those they were sent. */
    facts: s.scope === 'note' ? [] : noteFacts(record, s.today),
    care: careSince(record, from, s.today),
    done: placesDone(record, from, s.today),
    jacket: jacketSaid(record, s.today),
    went: whatWent(record, s.today),
    advice: standingAdvice(record, s.today),
    wish: s.scope === 'note' ? null : standingWish(record, s.today),
    photos: facts.flatMap((f) => (f.what.kind === 'photo' ? [{ id: f.id, day: f.day, ...f.what }] : [])),
  }
}
export type SharedView = ReturnType<typeof sharedViewOf>
