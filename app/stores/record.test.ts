import { IDBFactory } from 'fake-indexeddb'
import { createPinia, setActivePinia } from 'pinia'
import { beforeEach, describe, expect, it, vi } from 'vitest'
import { dog, entry } from '../../tests/support/dogs'
import { pageGlobals } from '../../tests/support/page-globals'
import type { DogFile } from '#shared/answers'
import type { Entry } from '#core/record/entries'

const check = { kind: 'check' as const, region: 'beard' as const, finding: 'glides' as const }
const DAY = '2026-05-20'

/** A server that has a dog, and answers entry by entry as told. */
class Server {
  file: DogFile = { id: 'a-dog', profile: dog().profile, entries: [], mark: '1.0' }
  away = false
  refuses = new Map<string, string>()
  sent: string[] = []
  asked = 0
  answer = async (_schema: string, path: string, options: { body?: { entries: Entry[] } } = {}) => {
    if (this.away) throw new NoAnswer('no-signal')
    if (path.endsWith('/entries')) {
      const { entries } = options.body!
      this.sent.push(...entries.map((e) => e.id))
      const taken = entries.filter((e) => !this.refuses.has(e.what.kind))
      this.file = {
        ...this.file,
        entries: [
          ...this.file.entries,
          ...taken.filter((e) => !this.file.entries.some((x) => x.id === e.id)),
        ],
        mark: `1.${String(this.file.entries.length + taken.length)}`,
      }
      return {
        taken: taken.map((e) => e.id),
        refused: entries
          .filter((e) => this.refuses.has(e.what.kind))
          .map((e) => ({ id: e.id, code: 'wrong', says: this.refuses.get(e.what.kind)! })),
        now: '2026-05-20T12:00:00.000Z',
      }
    }
    this.asked += 1
    return structuredClone(this.file)
  }
}
class NoAnswer extends Error {
  retryAfterMs = null
  constructor(readonly kind: string) {
    super(kind)
  }
}
class Refused extends Error {
  fields = {}
  retryAfterMs = null
  constructor(
    readonly statusCode: number,
    message: string,
    readonly code?: string,
  ) {
    super(message)
  }
}

let server: Server
let mayLog: boolean
async function newPage() {
  vi.resetModules()
  setActivePinia(createPinia())
  pageGlobals({
    useMe: () => ({ mayLog }),
    ask: server.answer,
    api: server.answer,
    NoAnswer,
    Refused,
    inWords: (e: Error) => e.message,
    useLingers: () => ({ value: false }),
  })
  return (await import('./record')).useRecord()
}

beforeEach(() => {
  vi.stubGlobal('indexedDB', new IDBFactory())
  server = new Server()
  mayLog = true
})

describe('the record of the dog in view', () => {
  it('shows what is pressed at once, and gives it up to the server', async () => {
    const record = await newPage()
    await record.open('a-dog')
    const [made] = await record.add([{ day: DAY, what: check }])
    expect(record.file?.entries).toContainEqual(made)
    await vi.waitFor(() => expect(record.waiting).toHaveLength(0))
    expect(server.sent).toEqual([made!.id])
  })

  it('keeps what is pressed with no signal, over a reload, and it is on file once when there is one', async () => {
    let record = await newPage()
    await record.open('a-dog')
    server.away = true
    const made = await record.add([
      { day: DAY, what: check },
      { day: DAY, what: { kind: 'session', minutes: 9, places: 1 } },
    ])
    record = await newPage()
    await record.open('a-dog')
    expect(record.file?.entries.map((e) => e.id)).toEqual(made.map((e) => e.id))
    expect(record.waiting).toHaveLength(2)
    server.away = false
    await record.open('a-dog')
    await vi.waitFor(() => expect(record.waiting).toHaveLength(0))
    expect(server.file.entries.map((e) => e.id).sort()).toEqual(made.map((e) => e.id).sort())
    expect(record.file?.entries).toHaveLength(2)
  })

  it('sets one entry of several aside, with why, and takes it out of what is shown; the rest go up', async () => {
    const record = await newPage()
    await record.open('a-dog')
    server.refuses.set('session', 'That is no length of a session.')
    const [goes, stays] = await record.add([
      { day: DAY, what: check },
      { day: DAY, what: { kind: 'session', minutes: 9, places: 1 } },
    ])
    await vi.waitFor(() =>
      expect(record.waiting.map((w) => w.refused)).toEqual(['That is no length of a session.']),
    )
    expect(record.file?.entries.map((e) => e.id)).toEqual([goes!.id])
    expect(record.waiting[0]!.id).toBe(stays!.id)
    await record.dismissRefused()
    expect(record.waiting).toEqual([])
  })

  it('writes nothing for one who may only look, and says so', async () => {
    mayLog = false
    const record = await newPage()
    await record.open('a-dog')
    expect(await record.add([{ day: DAY, what: check }])).toEqual([])
    expect([record.onlyLooking, record.waiting.length, server.sent.length]).toEqual([true, 0, 0])
  })

  it('takes an entry back by one that replaces it, in view of the last it knew', async () => {
    const record = await newPage()
    server.file.entries = [entry(DAY, check)]
    await record.open('a-dog')
    const [undone] = await record.takeBack(record.file!.entries[0]!)
    expect(undone!.what).toEqual({
      kind: 'correction',
      replaces: server.file.entries[0]!.id,
      by: null,
      knows: server.file.entries[0]!.id,
    })
  })

  it('is the very same where nothing new came, and has what did', async () => {
    const record = await newPage()
    await record.open('a-dog')
    const ask = vi.fn(async (...args: Parameters<Server['answer']>) => {
      const file = (await server.answer(...args)) as DogFile
      const since = /since=(.+)/.exec(args[1])?.[1]
      return since ? { ...file, since, entries: since === file.mark ? [] : file.entries.slice(-1) } : file
    })
    vi.stubGlobal('ask', ask)
    const before = record.file
    await record.open('a-dog')
    expect(record.file).toBe(before)
    server.file = { ...server.file, entries: [entry(DAY, check)], mark: '1.1' }
    await record.open('a-dog')
    expect(record.file?.entries.map((e) => e.id)).toEqual(server.file.entries.map((e) => e.id))
  })

  it('says what the server says of a dog that is not there, and shows what is kept of it', async () => {
    const record = await newPage()
    await record.open('a-dog')
    vi.stubGlobal('ask', () => Promise.reject(new Refused(404, 'There is nothing here.')))
    await record.open('a-dog')
    expect(record.notThere).toBe('There is nothing here.')
    expect(record.file?.id).toBe('a-dog')
    await record.open('another')
    expect([record.state, record.file]).toEqual(['missing', null])
  })
})
