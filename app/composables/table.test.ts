import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest'
import { ref, shallowRef } from 'vue'
import type { Entry, Fact } from '../../core/record/entries'
import { timeline } from '../../core/record/timeline'
import { entry } from '../../tests/support/dogs'
import { pageGlobals } from '../../tests/support/page-globals'
import { currentMs } from './clock'
import type { OpenTable } from '../offline/device'

const told = shallowRef<string | null>(null)
vi.mock('@vueuse/core', () => ({
  useBroadcastChannel: () => ({ post: () => undefined, data: told }),
  useIntervalFn: () => ({}),
}))
let kept: OpenTable | undefined
vi.mock('~/offline/device', () => ({
  keptTable: () => Promise.resolve(kept),
  keepTable: (t: OpenTable) =>
    Promise.resolve((kept = structuredClone(JSON.parse(JSON.stringify(t)) as OpenTable))),
  dropTable: () => Promise.resolve((kept = undefined)),
}))

const DAY = '2026-05-20'
const at = (seconds: number) => vi.setSystemTime(new Date(Date.UTC(2026, 4, 20, 18) + seconds * 1000))
/** A record that takes what it is given. */
function fakeRecord() {
  const file = shallowRef({ entries: [] as Entry[] })
  let n = 0
  const add = (facts: { day: string; time?: string; what: Entry['what'] }[], ids: string[] = []) => {
    const made = facts.map((f, i): Entry => ({ ...f, id: ids[i] ?? `made-${n++}` }) as Entry)
    file.value = { entries: [...file.value.entries, ...made] }
    return Promise.resolve(made)
  }
  return {
    get file() {
      return file.value
    },
    add,
    takeBack: (e: Entry) => add([{ day: e.day, what: { kind: 'correction', replaces: e.id, by: null } }]),
    /** What another device wrote. */
    comes: (e: Entry) => (file.value = { entries: [...file.value.entries, e] }),
    reread: () => Promise.resolve(),
    facts: () => timeline(file.value.entries).map((f) => f.what as Fact),
  }
}
let record: ReturnType<typeof fakeRecord>
async function laidOut(regions: string[]) {
  kept = {
    dogId: 'merle',
    day: DAY,
    regions,
    done: [],
    skipped: [],
    startedAt: currentMs(),
    paused: 0,
  } as never
  const { useTable } = await import('./table')
  const table = useTable('merle')
  await vi.waitFor(() => expect(table.loaded.value).toBe(true))
  return table
}
beforeEach(() => {
  vi.useFakeTimers({ toFake: ['Date'] })
  at(0)
  record = fakeRecord()
  pageGlobals({ useRecord: () => record, ref })
})
afterEach(() => void vi.useRealTimers())

describe('a session at the table', () => {
  it('writes what the comb said of the place in hand, with its seconds, and goes on', async () => {
    const table = await laidOut(['back', 'beard'])
    at(40)
    table.setComfort('fidgety')
    await table.press('glides')
    expect(record.facts()).toEqual([
      { kind: 'check', region: 'back', finding: 'glides', comfort: 'fidgety', seconds: expect.any(Number) },
    ])
    expect(table.current.value).toBe('beard')
    // How the dog took one place says nothing of the next.
    expect(table.comfort.value).toBe('easy')
  })

  it('stays at a knot until it is settled, and the first finding is put right by it', async () => {
    const table = await laidOut(['back', 'beard'])
    await table.press('knot')
    expect(table.follow.value).toMatchObject({ region: 'back', finding: 'knot', count: 1, out: 0 })
    // The next place is not to be had by pressing on.
    await table.press('glides')
    expect(record.facts()).toHaveLength(1)
    await table.settle({ count: 2, out: 2 })
    expect(record.facts()).toMatchObject([{ region: 'back', finding: 'knot', count: 2, out: 2 }])
    expect(table.current.value).toBe('beard')
  })

  it('brings a skipped place last, leaves one out, and takes back the last press', async () => {
    const table = await laidOut(['back', 'beard', 'rump'])
    await table.skip()
    expect(table.queue.value).toEqual(['beard', 'rump', 'back'])
    await table.leaveOut()
    expect(table.queue.value).toEqual(['rump', 'back'])
    await table.press('glides')
    await table.undo()
    expect(record.facts()).toEqual([])
    expect(table.current.value).toBe('rump')
  })

  it('does not ask for what another device combed meanwhile, and turns to the other end', async () => {
    const table = await laidOut(['back', 'beard', 'rump', 'nape'])
    const theirs = { ...entry(DAY, { kind: 'check', region: 'back', finding: 'glides' }), time: '18:00' }
    record.comes(theirs as Entry)
    await vi.waitFor(() => expect(table.elsewhere.value).toBe('Back'))
    expect(table.current.value).toBe('nape')
    // A finger already on its way meant the place before.
    await table.press('glides')
    expect(record.facts()).toHaveLength(1)
    at(2)
    await table.press('glides')
    expect(record.facts().at(-1)).toMatchObject({ region: 'nape' })
  })

  it('counts neither pauses nor the time it was left, and writes its minutes at the end', async () => {
    const table = await laidOut(['back'])
    await table.pause()
    at(300)
    await table.press('glides')
    expect(record.facts()).toEqual([])
    await table.pause()
    at(420)
    await table.press('glides')
    // Twenty minutes on, it is opened again.
    at(420 + 20 * 60)
    await table.open()
    await table.finish()
    const session = record.facts().at(-1) as { kind: string; minutes: number; places: number }
    expect(session).toMatchObject({ kind: 'session', places: 1 })
    expect(session.minutes).toBeLessThanOrEqual(2)
    expect(kept).toBeUndefined()
  })
})
