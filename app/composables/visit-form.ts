import { v7 as uuid } from 'uuid'
import { regionOf, REGIONS, regionsOf } from '#core/coat/regions'
import type { PlaceId, RegionId } from '#core/coat/regions'
import { daysBetween } from '#core/record/day'
import type { Entry } from '#core/record/entries'
import type { WishLine } from '#core/record/wish-lines'
import { coatOn } from '#core/record/fold'
import type { DogRecord } from '#core/record/fold'
import { agreedCut, asAnswered, standingWish } from '#core/record/wishes'
import { ownersDrafts, roomDrafts } from '~/offline/drafts'
import type { VisitEntered } from '~/offline/visit-entered'
import { saySuggestion } from '~/words/visit'
import { blankVisit, isOfSome, visitFrom, wrongWith, uncut } from '~/offline/visit-filled'
import type { Filled, Marked } from '~/offline/visit-filled'

/** A visit that was begun and not entered is kept so long, days (judgement). */
const KEPT_DAYS = 14

/** A visit's name on this device: of one telephone's two groomers each goes on with their own. */
export const visitDraft = (of: string, by: string | null) => `${of}:${by ?? 'slip'}:visit`

/** A visit as it is entered; it outlives the page and the signal. @param keptAs its name on this device */
export function useVisitForm(props: { record: DogRecord; today: string; by: string | null; keptAs: string }) {
  const key = visitDraft(props.keptAs, props.by)
  // By a groomer it is the room's, and goes with them when they sign out.
  const drafts = props.by === null ? ownersDrafts : roomDrafts
  const blank = () => blankVisit(props.today, props.by ?? props.record.profile.groomer ?? '')
  function kept(): Filled | null {
    try {
      const read = JSON.parse(drafts.kept(key) ?? 'null') as Filled | null
      return read && daysBetween(read.begun, props.today) <= KEPT_DAYS ? { ...blank(), ...read } : null
    } catch {
      return null
    }
  }
  const before = kept()
  const f = reactive<Filled>(before ?? blank())
  /** It was begun before, on this device, and is gone on with. */
  const resumed = ref(before !== null)
  let done = false
  watch(f, () => !done && drafts.keep(key, JSON.stringify(f)), { deep: true })
  function startOver() {
    drafts.keep(key, null)
    Object.assign(f, blank())
    resumed.value = false
  }
  /** It was entered: nothing of it is kept here. */
  function finish() {
    done = true
    drafts.keep(key, null)
  }

  const places = computed(() => REGIONS.filter((r) => !props.record.profile.absent.includes(r.id)))
  const marks = computed(() => new Map(f.marks))
  function mark(id: RegionId, change: Partial<Marked>) {
    const now: Marked = {
      finding: 'glides',
      count: 1,
      mm: '',
      says: '',
      comfort: '',
      position: '',
      first: '',
      ...marks.value.get(id),
      ...change,
    }
    f.marks = [...f.marks.filter(([at]) => at !== id), [id, now]]
  }
  const unmark = (id: RegionId) => (f.marks = f.marks.filter(([at]) => at !== id))

  /** Knots the owner says were left in for the groomer: one press finds them so. */
  const said = computed(() =>
    coatOn(props.record, props.today).places.flatMap((p) =>
      p.left.length && p.last && p.last.finding !== 'refused' && !marks.value.has(p.id)
        ? [
            {
              id: p.id,
              finding: p.last.finding,
              count: Math.max(
                1,
                p.left.reduce((n, l) => n + l.count, 0),
              ),
            },
          ]
        : [],
    ),
  )
  const asSaid = () => {
    for (const { id, finding, count } of said.value) mark(id, { finding, count })
  }
  /** What was agreed to be cut, to be entered in one press. */
  const wish = computed(() => standingWish(props.record, f.day))
  const agreed = computed<WishLine[]>(() =>
    wish.value && agreedCut(wish.value) ? asAnswered(wish.value).filter((l) => l.mm !== undefined) : [],
  )
  function asAgreed() {
    for (const l of agreed.value) {
      if (l.part) f.parts[l.part] = { ...uncut(), mm: String(l.mm) }
      else
        for (const r of regionsOf(l.place!))
          if (places.value.some((p) => p.id === r.id)) mark(r.id, { mm: String(l.mm) })
    }
  }

  const some = computed(() => isOfSome(f))
  const wrong = computed(() => wrongWith(f, props.today))
  const visit = computed(() =>
    visitFrom(
      f,
      places.value.map((p) => p.id),
    ),
  )
  const { suggestion, latest } = useSuggestion(
    () => props.record,
    computed(() => (wrong.value ? null : visit.value)),
  )
  const nextShown = computed({
    get: () => f.next[0] || (suggestion.value?.day ?? ''),
    set: (d: string) => (f.next[0] = d),
  })
  const why = computed(() => (suggestion.value && !f.next[0] ? saySuggestion(suggestion.value) : ''))

  const entering = ref(false)
  /** The visit as it is now, with what goes along; null while something is wrong with it. */
  async function entered(): Promise<VisitEntered | null> {
    if (wrong.value || entering.value) return null
    entering.value = true
    // What goes along is of the visit as it is entered, not as it was a moment before.
    if (!f.next[0]) await latest()
    entering.value = false
    const from = f.who.trim()
    const tell = (key: string, what: Entry['what']): Entry => ({
      id: (f.ids[key] ??= uuid()),
      day: f.day,
      what,
    })
    const say = (key: string, says: string, place?: PlaceId) =>
      tell(key, { kind: 'advice', from, says, ...(place ? { place } : {}) })
    const advice = f.marks.flatMap(([id, m]) =>
      m.says.trim() ? [say(id, m.says.trim(), regionOf(id).place)] : [],
    )
    if (f.general.trim()) advice.push(say('general', f.general.trim()))
    const days = [...new Set([nextShown.value, f.next[1], f.next[2]].filter((d) => d > f.day))].sort()
    // One day is suggested, and stands; of several the owner takes one.
    if (days.length > 1) advice.push(tell('proposed', { kind: 'proposed', from, days }))
    const suggests = days.length === 1 ? { day: days[0]!, why: why.value } : undefined
    return {
      visit: { ...visit.value, what: { ...visit.value.what, ...(suggests ? { suggests } : {}) } },
      advice,
      ...(f.word.trim() ? { note: { id: f.wordId, body: f.word.trim() } } : {}),
    }
  }
  return {
    f,
    marks,
    mark,
    unmark,
    places,
    said,
    asSaid,
    agreed,
    asAgreed,
    some,
    wrong,
    visit,
    suggestion,
    nextShown,
    why,
    entering,
    entered,
    resumed,
    startOver,
    finish,
  }
}
export type VisitFormState = ReturnType<typeof useVisitForm>
