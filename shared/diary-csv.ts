import Papa from 'papaparse'
import { entrySchema } from '../core/record/entries'
import type { Entry } from '../core/record/entries'
import { REGIONS } from '../core/coat/regions'
import { timeline } from '../core/record/timeline'
import { firstProblem } from './record-file'
import type { WrongLine } from './record-file'

/**
 * The diary as a table, one line an entry in force: RFC 4180, UTF-8, a header line. What has no column
 * of its own stands in `more`, as JSON, so that nothing is lost on the way out and back in.
 */
export const COLUMNS = [
  'id',
  'day',
  'time',
  'kind',
  'where',
  'finding',
  'count',
  'out',
  'comfort',
  'parts',
  'more',
] as const
type Column = (typeof COLUMNS)[number]
type Row = Record<Column, string>

/** Largest table read, characters (judgement). */
const MOST_LETTERS = 20_000_000
/** A cell that a spreadsheet would take for a formula is written with this before it, and read without. */
const FORMULA = /^[=+\-@\t\r]/
const guard = (cell: string) => (FORMULA.test(cell) ? `'${cell}` : cell)
const unguard = (cell: string) => (/^'[=+\-@\t\r]/.test(cell) ? cell.slice(1) : cell)

const OWN: readonly string[] = ['kind', 'region', 'finding', 'count', 'out', 'comfort', 'parts']

/** A tidy's parts in one cell: `paw.forefoot.left done how=cut mm=5; paw.forefoot.right left found=seed+crust`. */
const sayParts = (parts: readonly Record<string, unknown>[]) =>
  parts
    .map(({ part, did, ...more }) =>
      [
        part,
        did,
        ...Object.entries(more).map(
          ([key, value]) => `${key}=${Array.isArray(value) ? value.join('+') : String(value)}`,
        ),
      ].join(' '),
    )
    .join('; ')
const readParts = (cell: string) =>
  cell.split(';').map((one) => {
    const [part = '', did = '', ...more] = one.trim().split(/\s+/)
    const own = more.map((m) => {
      const [key = '', value = ''] = m.split('=')
      return [key, key === 'mm' ? Number(value) : key === 'found' ? value.split('+') : value] as const
    })
    return { part, did, ...Object.fromEntries(own) }
  })
function rowOf(id: string, day: string, time: string | undefined, what: Record<string, unknown>): Row {
  const text = (key: string) => (what[key] === undefined ? '' : String(what[key]))
  const more = Object.fromEntries(Object.entries(what).filter(([key]) => !OWN.includes(key)))
  return {
    id,
    day,
    time: time ?? '',
    kind: text('kind'),
    where: text('region'),
    finding: text('finding'),
    count: text('count'),
    out: text('out'),
    comfort: text('comfort'),
    parts: Array.isArray(what.parts) ? sayParts(what.parts as Record<string, unknown>[]) : '',
    more: Object.keys(more).length ? JSON.stringify(more) : '',
  }
}

/** Every entry in force, oldest first, as a table. */
export function writeDiaryCsv(entries: readonly Entry[]): string {
  const rows = timeline(entries).map((f) => rowOf(f.id, f.day, f.time, f.what))
  return Papa.unparse(
    { fields: [...COLUMNS], data: rows.map((r) => COLUMNS.map((c) => guard(r[c]))) },
    { newline: '\r\n' },
  )
}

export interface ReadDiary {
  entries: Entry[]
  wrong: WrongLine[]
}

const NAMES = new Map(
  REGIONS.flatMap((r) => [
    [r.id.toLowerCase(), r.id],
    [r.label.toLowerCase(), r.id],
  ]),
)

/**
 * Reads a diary's table, line by line: each becomes an entry or is refused with why. Places go by
 * their id or their name. A line without an id is given one by `newId`.
 * @throws Error in words for what is no such table
 */
export function readDiaryCsv(text: string, newId: () => string): ReadDiary {
  if (text.length > MOST_LETTERS) throw new Error('That table is too long to read here.')
  if (text.includes('\uFFFD'))
    throw new Error('That table is not UTF-8. Save it again as “CSV UTF-8” and try once more.')
  const parsed = Papa.parse<Record<string, string>>(text.replace(/^\uFEFF/, ''), {
    header: true,
    skipEmptyLines: 'greedy',
    transformHeader: (h) => h.trim().toLowerCase(),
  })
  const fields = parsed.meta.fields ?? []
  const missing = ['day', 'kind'].filter((f) => !fields.includes(f))
  if (missing.length) throw new Error(`That table has no column called ${missing.join(' or ')}.`)
  const entries: Entry[] = []
  const wrong: WrongLine[] = []
  parsed.data.forEach((row, i) => {
    // The header is line 1.
    const line = i + 2
    const cell = (c: Column) => unguard((row[c] ?? '').trim())
    let more: unknown = {}
    try {
      more = cell('more') ? JSON.parse(cell('more')) : {}
    } catch {
      return wrong.push({ line, why: 'What stands under “more” is not JSON.' })
    }
    const number = (c: Column) => (cell(c) === '' ? {} : { [c]: Number(cell(c)) })
    const text = (c: Column, key: string = c) => (cell(c) === '' ? {} : { [key]: cell(c) })
    const where = cell('where') ? { region: NAMES.get(cell('where').toLowerCase()) ?? cell('where') } : {}
    const read = entrySchema.safeParse({
      id: cell('id') || newId(),
      day: cell('day'),
      ...text('time'),
      what: {
        ...(typeof more === 'object' && more !== null ? more : {}),
        ...text('kind'),
        ...where,
        ...text('finding'),
        ...number('count'),
        ...number('out'),
        ...text('comfort'),
        ...(cell('parts') ? { parts: readParts(cell('parts')) } : {}),
      },
    })
    if (read.success) entries.push(read.data)
    else wrong.push({ line, why: firstProblem(read.error) })
    return undefined
  })
  return { entries, wrong }
}
