import { useBroadcastChannel, useIntervalFn } from '@vueuse/core'
import { v7 as uuid } from 'uuid'
import type { FactOf } from '#core/record/entries'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { MOST_KNOTS } from '#core/record/findings'
import type { Comfort, Finding } from '#core/record/findings'
import { between, timeline } from '#core/record/timeline'
import { dropTable, keepTable, keptTable } from '~/offline/device'
import type { OpenTable } from '~/offline/device'

/** A table not touched for longer was left, not worked at, ms (judgement). */
const LEFT_AFTER = 15 * 60_000
/** Minutes at the table before a break is offered (judgement). */
const BREAK_AFTER = 10 * 60_000

/** A press so soon after the place changed by itself was meant for the one before, ms (judgement). */
const JUST_CHANGED = 1_200

type Check = FactOf<'check'>
/** A finding that is gone into before the next place: brushed again, or decided. */
const FOLLOWED: readonly Finding[] = ['rasps', 'snag', 'knot', 'mat', 'felt']

/**
 * A session at the table: one region at a time, findings written as they are pressed, undo, skip and
 * return, pause. What is done goes into the record at once, so leaving or losing power loses nothing.
 */
export function useTable(dogId: string) {
  const record = useRecord()
  const table = ref<OpenTable | null>(null)
  const loaded = ref(false)
  const comfort = ref<Comfort>('easy')
  const pausedAt = ref<number | null>(null)
  const tick = ref(currentMs())
  const placeStarted = ref(currentMs())
  let placePaused = 0

  /** Other pages on this device with the same session: what one does, the others see. */
  const others = useBroadcastChannel<string, string>({ name: `grumbo-table-${dogId}` })
  const tellOthers = () => others.post(uuid())

  async function open() {
    const kept = (await keptTable(dogId)) ?? null
    if (kept) setRight(kept)
    table.value = kept
    loaded.value = true
    placeStarted.value = currentMs()
    placePaused = 0
  }
  /** Time not worked is not counted: a table left open, or a clock that was put back. */
  function setRight(kept: OpenTable) {
    const away = currentMs() - (kept.touched ?? kept.startedAt)
    if (away > LEFT_AFTER || away < 0) kept.paused += away
  }
  onMounted(open)
  watch(others.data, async () => {
    // What was done there first, so that it is not taken for another device's.
    await open()
    for (const d of table.value?.done ?? []) own.add(d.entryId)
    await record.reread()
  })
  useIntervalFn(() => (tick.value = currentMs()), 500)

  const queue = computed(() => {
    const t = table.value
    if (!t) return []
    const done = new Set([...t.done.map((d) => d.region), ...(t.elsewhere ?? [])])
    const left = t.regions.filter((r) => !done.has(r))
    if (t.fromEnd) left.reverse()
    return [
      ...left.filter((r) => !t.skipped.includes(r)),
      ...t.skipped.filter((r) => left.includes(r)),
    ] as RegionId[]
  })
  const facts = computed(() => {
    // A clock may have been put back since it was laid.
    const [from, to] = [table.value?.day ?? localDay(), localDay()].sort() as [string, string]
    return new Map(between(timeline(record.file?.entries ?? []), from, to).map((f) => [f.id, f.what]))
  })
  /** The findings of this session, in the order they were pressed. */
  const found = computed(() =>
    (table.value?.done ?? []).flatMap((d) => {
      const check = facts.value.get(d.entryId)
      return check?.kind === 'check'
        ? [{ ...check, entryId: d.entryId, label: regionOf(check.region).label }]
        : []
    }),
  )
  /** What was just found and is still being gone into. */
  const follow = computed(() => found.value.find((f) => f.entryId === table.value?.follow) ?? null)
  const current = computed<RegionId | null>(() => follow.value?.region ?? queue.value[0] ?? null)

  /** What another device did here since this session was laid out, to be told; and when it was last noticed. */
  const elsewhere = ref('')
  let noticedAt = 0
  /** Entries of this page. */
  const own = new Set<string>()
  watch(
    () => record.file?.entries,
    async (entries) => {
      const t = table.value
      if (!t || !entries) return
      const from = localTime(new Date(t.startedAt))
      const combed = new Set(
        between(timeline(entries), t.day, t.day).flatMap(({ id, time, what }) =>
          what.kind === 'check' && time !== undefined && time >= from && !own.has(id) ? [what.region] : [],
        ),
      )
      const theirs = queue.value.filter((r) => r !== follow.value?.region && combed.has(r))
      if (!theirs.length) return
      const inHand = current.value
      t.elsewhere = [...(t.elsewhere ?? []), ...theirs]
      elsewhere.value = theirs.map((r) => regionOf(r).label).join(', ')
      if (!inHand || !theirs.includes(inHand)) return save()
      // Both were at one place: from here the two go towards each other.
      t.fromEnd = !t.fromEnd
      noticedAt = currentMs()
      await nextPlace()
    },
  )

  const running = () => pausedAt.value ?? tick.value
  /** Milliseconds at the table, and at this place, pauses left out. */
  const spent = computed(() =>
    table.value ? Math.max(0, running() - table.value.startedAt - table.value.paused) : 0,
  )
  const atPlace = computed(() => Math.max(0, running() - placeStarted.value - placePaused))
  /** Of another day, and nobody has been at it for a while: left, not worked at past midnight. */
  const leftOpen = computed(() => {
    const t = table.value
    return (
      !!t && t.day !== localDay(new Date(tick.value)) && tick.value - (t.touched ?? t.startedAt) > LEFT_AFTER
    )
  })
  const breakDue = computed(() => !!table.value && spent.value - (table.value.restedAt ?? 0) > BREAK_AFTER)

  async function save() {
    if (!table.value) return
    table.value.touched = currentMs()
    await keepTable(table.value)
    tellOthers()
  }
  function nextPlace() {
    comfort.value = 'easy'
    placeStarted.value = currentMs()
    placePaused = 0
    if (table.value) table.value.follow = null
    return save()
  }
  const secondsHere = () => Math.min(7200, Math.round(atPlace.value / 1000))

  /** Writes what the comb said of the place in hand; a knot of any kind is gone into before the next. */
  async function press(finding: Finding) {
    const region = current.value
    if (!region || !table.value || pausedAt.value || follow.value) return
    // The place under the finger has just changed by itself.
    if (currentMs() - noticedAt < JUST_CHANGED) return
    elsewhere.value = ''
    const counted = finding === 'snag' || finding === 'knot' || finding === 'mat'
    const id = uuid()
    own.add(id)
    const [entry] = await record.add(
      [
        {
          day: localDay(),
          time: localTime(),
          what: {
            kind: 'check',
            region,
            finding,
            ...(counted ? { count: 1, out: 0 } : {}),
            comfort: comfort.value,
            seconds: secondsHere(),
          },
        },
      ],
      [id],
    )
    if (!entry) return
    table.value.done.push({ region, entryId: entry.id })
    if (!FOLLOWED.includes(finding)) return nextPlace()
    table.value.follow = entry.id
    await save()
  }

  /** Says more of what was found; the first entry is kept on file. */
  async function settle(more: Partial<Check>, on = true) {
    const f = follow.value
    const entry = record.file?.entries.find((e) => e.id === f?.entryId)
    if (!f || !entry) return
    const { entryId: _id, label: _label, ...was } = f
    const by: Check = { ...was, comfort: comfort.value, seconds: secondsHere(), ...more }
    if (by.count !== undefined) by.count = Math.max(1, Math.min(MOST_KNOTS, by.count))
    if (JSON.stringify(by) !== JSON.stringify(was))
      await record.add([{ day: entry.day, what: { kind: 'correction', replaces: f.entryId, by } }])
    if (on) await nextPlace()
    else await save()
  }

  async function undo() {
    const last = table.value?.done.pop()
    if (!last || !table.value) return
    const entry = record.file?.entries.find((e) => e.id === last.entryId)
    if (entry) await record.takeBack(entry)
    table.value.skipped = table.value.skipped.filter((r) => r !== last.region)
    const rest = table.value.regions.filter((r) => r !== last.region)
    table.value.regions = table.value.fromEnd ? [...rest, last.region] : [last.region, ...rest]
    await nextPlace()
  }

  const setComfort = (c: Comfort) => (comfort.value = c)
  async function skip() {
    const region = current.value
    if (!region || !table.value || follow.value || queue.value.length < 2) return
    table.value.skipped = [...table.value.skipped.filter((r) => r !== region), region]
    await nextPlace()
  }
  async function leaveOut() {
    const region = current.value
    if (!region || !table.value || follow.value) return
    table.value.regions = table.value.regions.filter((r) => r !== region)
    await nextPlace()
  }
  /** No more places: what is done is what there was. */
  async function end() {
    if (!table.value) return
    table.value.regions = table.value.done.map((d) => d.region)
    await nextPlace()
  }

  async function pause() {
    if (!table.value) return
    if (pausedAt.value) {
      const ms = currentMs() - pausedAt.value
      table.value.paused += ms
      placePaused += ms
      pausedAt.value = null
      tick.value = currentMs()
      table.value.restedAt = spent.value
      await save()
    } else {
      pausedAt.value = currentMs()
      await save()
    }
  }

  /** Clears the table; the minutes spent go into the record. */
  async function finish() {
    const t = table.value
    if (!t) return
    const minutes = Math.min(600, Math.round(spent.value / 6000) / 10)
    if (t.done.length)
      await record.add([
        {
          ...(t.day === localDay() ? { day: t.day, time: localTime() } : { day: t.day }),
          what: { kind: 'session', minutes, places: Math.min(40, t.done.length) },
        },
      ])
    await dropTable(dogId)
    table.value = null
    tellOthers()
  }

  return {
    table,
    loaded,
    comfort,
    setComfort,
    current,
    queue,
    found,
    follow,
    spent,
    atPlace,
    breakDue,
    elsewhere,
    leftOpen,
    paused: computed(() => !!pausedAt.value),
    open,
    press,
    settle,
    undo,
    skip,
    leaveOut,
    end,
    pause,
    finish,
  }
}
