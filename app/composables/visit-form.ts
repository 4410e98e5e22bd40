import { v7 as uuid } from 'uuid'
import { lengthProblem } from '#core/care/tidies/even-up'
import { everShown } from '#core/care/tidies/may'
import type { VisitEntry } from '#core/care/note/next-visit'
import { PART_IDS, regionOf, REGIONS, regionsOf } from '#core/coat/regions'
import type { PartId, PlaceId, RegionId } from '#core/coat/regions'
import { BLADES, leaves } from '#core/record/cutters'
import type { Ran } from '#core/record/cutters'
import { daysBetween } from '#core/record/day'
import type { Entry } from '#core/record/entries'
import type { WishLine } from '#core/record/wish-lines'
import type { Comfort, Finding } from '#core/record/findings'
import { coatOn } from '#core/record/fold'
import type { DogRecord } from '#core/record/fold'
import { TAUGHT } from '#core/record/habits'
import type { Setting } from '#core/record/habits'
import type { MeansId } from '#core/record/means'
import { CUT_IDS } from '#core/record/tidies'
import type { CutId } from '#core/record/tidies'
import type { FirstLeg, Position, Works } from '#core/record/what-works'
import { VISIT_DID } from '#core/record/visit-did'
import type { VisitDid } from '#core/record/visit-did'
import { agreedCut, asAnswered, standingWish } from '#core/record/wishes'
import { ownersDrafts, roomDrafts } from '~/offline/drafts'
import { saySuggestion } from '~/words/visit'

/** A length as it is typed: by what it was cut with, and the way that was run, or in mm. */
export interface CutTyped {
  /** A blade's name, "guard 13", or nothing. */
  tool: string
  against: boolean
  mm: string
}
/** What was met at a place, and what is to be done there at home. */
export interface Marked {
  finding: Finding
  count: number
  mm: string
  says: string
  comfort: Comfort | ''
  /** What worked there. */
  position: Position | ''
  first: FirstLeg | ''
}
export interface VisitEntered {
  visit: VisitEntry
  advice: Entry[]
  note?: { id: string; body: string }
}
const uncut = (): CutTyped => ({ tool: '', against: false, mm: '' })
export const COUNTED: readonly Finding[] = ['snag', 'knot', 'mat']
const GUARD = /^guard (\d+)$/
const ranBy = ({ tool, against }: CutTyped): Ran | null => {
  const guard = GUARD.exec(tool)?.[1]
  const blade = BLADES.find((b) => b.id === tool)?.id
  const way = against ? { against: true as const } : {}
  return guard ? { guard: Number(guard), ...way } : blade ? { blade, ...way } : null
}
/** What was chosen says how much it leaves. */
export function choose(cut: CutTyped, change: Partial<Pick<CutTyped, 'tool' | 'against'>>): CutTyped {
  const chosen = { ...cut, ...change }
  const ran = ranBy(chosen)
  return ran ? { ...chosen, mm: String(leaves(ran)) } : chosen
}

/** A visit that was begun and not entered is kept so long, days (judgement). */
const KEPT_DAYS = 14

/** Everything a visit's form holds, as it is kept on the device until the visit is entered. */
interface Filled {
  /** The day it was begun on, and the ids of what it will be. */
  begun: string
  id: string
  wordId: string
  /** Of what is said for home, by where: sent again it is the same. */
  ids: Record<string, string>
  day: string
  who: string
  all: CutTyped
  parts: Record<PartId, CutTyped>
  marks: [RegionId, Marked][]
  did: VisitDid[]
  /** Whether the whole coat was seen to, or only what is ticked. */
  scope: 'all' | 'some'
  comfort: Comfort | ''
  knotMinutes: string
  setting: Setting | ''
  shown: Partial<Record<CutId, MeansId[]>>
  mats: boolean
  general: string
  word: string
  /** Days to come again: the first, and others to choose from. */
  next: [string, string, string]
}

/** A visit's name on this device: of one telephone's two groomers each goes on with their own. */
export const visitDraft = (of: string, by: string | null) => `${of}:${by ?? 'slip'}:visit`

/** A visit as it is entered; it outlives the page and the signal. @param keptAs its name on this device */
export function useVisitForm(props: { record: DogRecord; today: string; by: string | null; keptAs: string }) {
  const key = visitDraft(props.keptAs, props.by)
  // By a groomer it is the room's, and goes with them when they sign out.
  const drafts = props.by === null ? ownersDrafts : roomDrafts
  const blank = (): Filled => ({
    begun: props.today,
    id: uuid(),
    wordId: uuid(),
    ids: {},
    day: props.today,
    who: props.by ?? props.record.profile.groomer ?? '',
    all: uncut(),
    parts: Object.fromEntries(PART_IDS.map((p) => [p, uncut()])) as Record<PartId, CutTyped>,
    marks: [],
    did: [],
    scope: 'all',
    comfort: '',
    knotMinutes: '',
    setting: '',
    shown: {},
    mats: false,
    general: '',
    word: '',
    next: ['', '', ''],
  })
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

  const some = computed(() => f.scope === 'some' && f.did.length > 0)
  const lengths = computed(() => {
    const given: Partial<Record<PartId, number>> = {}
    for (const p of PART_IDS) {
      const typed = f.parts[p].mm.trim() || f.all.mm.trim()
      if (typed) given[p] = Number(typed)
    }
    return given
  })
  const ran = computed(() => {
    const all = ranBy(f.all)
    return [
      ...(all ? [all] : []),
      ...PART_IDS.flatMap((part) => {
        const own = ranBy(f.parts[part])
        return own ? [{ part, ...own }] : []
      }),
    ]
  })
  const except = computed(() => {
    const by = new Map<PlaceId, Map<'left' | 'right' | 'both', number>>()
    for (const [id, m] of f.marks) {
      if (!m.mm.trim()) continue
      const { place, side } = regionOf(id)
      by.set(place, (by.get(place) ?? new Map()).set(side ?? 'both', Number(m.mm)))
    }
    return [...by].flatMap(([place, sides]) => {
      const [left, right] = [sides.get('left'), sides.get('right')]
      // One side told is told of its pair, unless the other was told apart.
      const one =
        sides.get('both') ??
        (left === undefined || right === undefined || left === right ? (left ?? right) : undefined)
      return one !== undefined
        ? [{ place, mm: one }]
        : [
            { place, side: 'left' as const, mm: left! },
            { place, side: 'right' as const, mm: right! },
          ]
    })
  })
  /** What worked, place by place: of a pair, what was told of either side. */
  const works = computed(() => {
    const by = new Map<PlaceId, Works[number]>()
    for (const [id, { position, first }] of f.marks) {
      if (!position && !first) continue
      const { place } = regionOf(id)
      by.set(place, {
        place,
        ...by.get(place),
        ...(position ? { position } : {}),
        ...(first ? { first } : {}),
      })
    }
    return [...by.values()]
  })
  const wrong = computed(() => {
    if (!f.who.trim()) return 'Say whose visit it was.'
    if (!f.day || f.day > props.today) return 'A visit is of today or earlier.'
    for (const mm of [...Object.values(lengths.value), ...except.value.map((e) => e.mm)]) {
      const problem = lengthProblem(mm)
      if (problem) return problem
    }
    const minutes = f.knotMinutes.trim()
    if (minutes && !(Number(minutes) >= 0 && Number(minutes) <= 600))
      return 'Minutes for knots are a number, ten hours at most.'
    return ''
  })

  /** A tidy that nothing was shown of is left to cloth and comb. */
  const withEach = (of: Filled['shown']) => Object.fromEntries(CUT_IDS.map((id) => [id, of[id] ?? []]))
  const visit = computed<VisitEntry>(() => ({
    id: f.id,
    day: f.day,
    what: {
      kind: 'visit',
      lengths: lengths.value,
      // Who goes over the whole coat tells of every place: what was not marked combed through.
      found: places.value.flatMap(({ id }) => {
        const m = marks.value.get(id)
        if (some.value && !m) return []
        const comfort = m?.comfort ? { comfort: m.comfort } : {}
        return m && COUNTED.includes(m.finding)
          ? [{ region: id, finding: m.finding, count: m.count, ...comfort }]
          : [{ region: id, finding: m?.finding ?? ('glides' as const), ...comfort }]
      }),
      by: f.who.trim(),
      ...(except.value.length ? { except: except.value } : {}),
      ...(ran.value.length ? { ran: ran.value } : {}),
      ...(f.knotMinutes.trim() ? { knotMinutes: Number(f.knotMinutes) } : {}),
      ...(f.did.length ? { did: VISIT_DID.filter((d) => f.did.includes(d)) } : {}),
      ...(some.value ? { only: true as const } : {}),
      ...(f.comfort ? { comfort: f.comfort } : {}),
      ...(works.value.length ? { works: works.value } : {}),
      ...(f.setting
        ? {
            allows: {
              setting: f.setting,
              taught: f.setting === 'taught' ? TAUGHT.filter((t) => everShown(t, f.shown)) : [],
              ...(f.setting === 'taught' ? { may: withEach(f.shown) } : {}),
              mats: f.mats,
            },
          }
        : {}),
    },
  }))
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
