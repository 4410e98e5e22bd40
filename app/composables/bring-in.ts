import { v7 as uuid } from 'uuid'
import type { Entry } from '#core/record/entries'
import type { Profile } from '#core/record/profile'
import type { WrongLine } from '#shared/record-file'

/** What a file would add, before anything is added. */
export type Preview =
  | {
      kind: 'entries'
      fresh: Entry[]
      known: number
      wrong: WrongLine[]
    }
  | { kind: 'dog'; id: string; profile: Profile; entries: Entry[]; wrong: WrongLine[] }
  | { kind: 'visits'; visits: { day: string; title: string }[]; wrong: WrongLine[] }

/** Largest file opened, bytes (judgement). */
const MOST_BYTES = 40 * 1024 * 1024
/** Entries a new dog may come with; the rest go up after it. */
const WITH_DOG = 50
const AT_ONCE = 500

const inOrder = (list: readonly Entry[]) => [...list].sort((a, b) => (a.id < b.id ? -1 : 1))

/** Reads a file and says what it holds: our own record, a diary as a table, or a calendar. @throws Error in words */
export async function previewOf(
  file: File,
  dogId: string,
  known: readonly Entry[],
  today: string,
): Promise<Preview> {
  if (file.size > MOST_BYTES) throw new Error('That file is too large to read here: 40 MB at most.')
  const text = await file.text()
  const ids = new Set(known.map((e) => e.id))
  // In the order they were made, so that what a correction replaces goes up before it.
  const fresh = (list: Entry[]) => inOrder(list.filter((e) => !ids.has(e.id)))
  if (/^\uFEFF?\s*BEGIN:/i.test(text) || /\.ics$/i.test(file.name)) {
    const { readCalendar } = await import('#shared/calendar')
    const { visits, wrong } = readCalendar(text)
    return {
      kind: 'visits',
      visits: visits.filter((v) => v.day > today).sort((a, b) => (a.day < b.day ? -1 : 1)),
      wrong,
    }
  }
  if (/^\uFEFF?\s*[{[]/.test(text) || /\.json$/i.test(file.name)) {
    const { readRecordFile } = await import('#shared/record-file')
    const { file: read, wrong } = readRecordFile(text.replace(/^\uFEFF/, ''))
    if (read.dog.id !== dogId)
      return { kind: 'dog', id: read.dog.id, profile: read.dog.profile, entries: read.entries, wrong }
    const list = fresh(read.entries)
    return {
      kind: 'entries',
      fresh: list,
      known: read.entries.length - list.length,
      wrong,
    }
  }
  const { readDiaryCsv } = await import('#shared/diary-csv')
  const { entries, wrong } = readDiaryCsv(text, uuid)
  const list = fresh(entries)
  return {
    kind: 'entries',
    fresh: list,
    known: entries.length - list.length,
    wrong,
  }
}

/**
 * Adds a dog from its file: the dog with its first entries, then the rest. Done again after a signal
 * was lost, it adds what is missing. @throws NoAnswer, Refused
 */
export async function bringDog(p: Extract<Preview, { kind: 'dog' }>, taken: boolean): Promise<string> {
  const id = taken ? uuid() : p.id
  const entries = inOrder(p.entries)
  await api('/api/dogs', {
    method: 'POST',
    body: { id, profile: p.profile, entries: entries.slice(0, WITH_DOG) },
  })
  for (let i = WITH_DOG; i < entries.length; i += AT_ONCE)
    await api(`/api/dogs/${id}/entries`, { method: 'POST', body: { entries: entries.slice(i, i + AT_ONCE) } })
  return id
}

/** Hands a file to whoever is at the browser. */
export function saveAs(name: string, type: string, content: string | Blob) {
  const url = URL.createObjectURL(new Blob([content], { type }))
  const a = document.createElement('a')
  a.href = url
  a.download = name
  a.click()
  setTimeout(() => URL.revokeObjectURL(url), 10_000)
}
