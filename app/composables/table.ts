import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import type { Entry, FactOf } from '#core/record/entries'
import type { Comfort, Finding } from '#core/record/findings'
import { dropTable, keepTable, keptTable } from '~/offline/device'
import type { OpenTable } from '~/offline/device'

/** Lays a session out on the table. It is kept on the device until it is finished. */
export async function startTable(dogId: string, day: string, regions: RegionId[]) {
  await keepTable({ dogId, day, startedAt: Date.now(), paused: 0, regions, done: [], skipped: [] })
}

/** Lays some places of the dog in view out, and goes to the table with them. */
export function useCombAtTable() {
  const { file, today } = useDog()
  const router = useRouter()
  return async (regions: RegionId[]) => {
    await startTable(file.value.id, today.value, regions)
    await router.push(`/dogs/${file.value.id}/table`)
  }
}

type Check = FactOf<'check'>

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
  const tick = ref(Date.now())
  const placeStarted = ref(Date.now())
  let placePaused = 0

  async function open() {
    table.value = (await keptTable(dogId)) ?? null
    loaded.value = true
    placeStarted.value = Date.now()
  }
  onMounted(open)
  const timer = import.meta.client ? setInterval(() => (tick.value = Date.now()), 500) : undefined
  onBeforeUnmount(() => clearInterval(timer))

  const queue = computed(() => {
    const t = table.value
    if (!t) return []
    const done = new Set(t.done.map((d) => d.region))
    const left = t.regions.filter((r) => !done.has(r))
    return [
      ...left.filter((r) => !t.skipped.includes(r)),
      ...t.skipped.filter((r) => left.includes(r)),
    ] as RegionId[]
  })
  const current = computed<RegionId | null>(() => queue.value[0] ?? null)
  const running = () => pausedAt.value ?? tick.value
  /** Milliseconds at the table, and at this place, pauses left out. */
  const spent = computed(() => (table.value ? running() - table.value.startedAt - table.value.paused : 0))
  const atPlace = computed(() => Math.max(0, running() - placeStarted.value - placePaused))

  const checkOf = (entryId: string): Check | null => {
    const what = record.file?.entries.find((e) => e.id === entryId)?.what
    return what?.kind === 'check' ? what : null
  }
  /** The findings of this session, in the order they were pressed. */
  const found = computed(() =>
    (table.value?.done ?? []).flatMap((d) => {
      const check = checkOf(d.entryId)
      const later = record.file?.entries
        .filter((e) => e.what.kind === 'correction' && e.what.replaces === d.entryId)
        .at(-1)?.what
      const fact = later?.kind === 'correction' && later.by?.kind === 'check' ? later.by : check
      return fact ? [{ ...fact, entryId: d.entryId, label: regionOf(fact.region).label }] : []
    }),
  )

  const save = () => table.value && keepTable(table.value)
  function nextPlace() {
    comfort.value = 'easy'
    placeStarted.value = Date.now()
    placePaused = 0
    return save()
  }

  /** Writes what the comb said of the place in hand and goes on. A snag is one that came free. */
  async function press(finding: Finding) {
    const region = current.value
    if (!region || !table.value || pausedAt.value) return
    const counted = finding === 'snag' || finding === 'knot' || finding === 'mat'
    const [entry] = await record.add([
      {
        day: localDay(),
        time: localTime(),
        what: {
          kind: 'check',
          region,
          finding,
          ...(counted ? { count: 1, out: finding === 'snag' ? 1 : 0 } : {}),
          comfort: comfort.value,
          seconds: Math.min(7200, Math.round(atPlace.value / 1000)),
        },
      },
    ])
    table.value.done.push({ region, entryId: entry!.id })
    await nextPlace()
  }

  /** The last knot came out after all: the entry is corrected, the first one kept on file. */
  async function cameOut() {
    const last = found.value.at(-1)
    if (!last || last.finding !== 'knot') return
    const { entryId, label: _label, ...check } = last
    const entry = record.file?.entries.find((e) => e.id === entryId)
    if (!entry) return
    await record.add([
      {
        day: entry.day,
        what: { kind: 'correction', replaces: entryId, by: { ...check, out: check.count ?? 1 } },
      },
    ])
  }

  async function undo() {
    const last = table.value?.done.pop()
    if (!last || !table.value) return
    const entry = record.file?.entries.find((e) => e.id === last.entryId) as Entry | undefined
    if (entry) await record.takeBack(entry)
    table.value.skipped = table.value.skipped.filter((r) => r !== last.region)
    table.value.regions = [last.region, ...table.value.regions.filter((r) => r !== last.region)]
    await nextPlace()
  }

  async function skip() {
    const region = current.value
    if (!region || !table.value || queue.value.length < 2) return
    table.value.skipped = [...table.value.skipped.filter((r) => r !== region), region]
    await nextPlace()
  }
  async function leaveOut() {
    const region = current.value
    if (!region || !table.value) return
    table.value.regions = table.value.regions.filter((r) => r !== region)
    await nextPlace()
  }

  async function pause() {
    if (!table.value) return
    if (pausedAt.value) {
      const ms = Date.now() - pausedAt.value
      table.value.paused += ms
      placePaused += ms
      pausedAt.value = null
      tick.value = Date.now()
      await save()
    } else pausedAt.value = Date.now()
  }

  /** Clears the table; the minutes spent go into the record. */
  async function finish() {
    const t = table.value
    if (!t) return
    const minutes = Math.min(600, Math.round(spent.value / 6000) / 10)
    if (t.done.length)
      await record.add([
        {
          day: localDay(),
          time: localTime(),
          what: { kind: 'session', minutes, places: Math.min(40, t.done.length) },
        },
      ])
    await dropTable(dogId)
    table.value = null
  }

  return {
    table,
    loaded,
    comfort,
    current,
    queue,
    found,
    spent,
    atPlace,
    paused: computed(() => !!pausedAt.value),
    open,
    press,
    cameOut,
    undo,
    skip,
    leaveOut,
    pause,
    finish,
  }
}
