import { idSchema } from '../core/record/text'
import { z } from '../core/zod'
import { entrySchema } from '../core/record/entries'
import type { Entry } from '../core/record/entries'
import { profileSchema } from '../core/record/profile'

/** The version of the file this program writes. It reads this one and those before it. */
const RECORD_VERSION = 3
/** Most entries one file is read for: ten years of a diary and some over (judgement). */
const MOST_IN_FILE = 60_000

/**
 * A dog's whole record as a file: everything shown is computed from it. Its JSON Schema is
 * `recordFileJsonSchema()`, published in docs/record-file.schema.json.
 */
const recordFileSchema = z.strictObject({
  format: z.literal('grumbo-record', 'This is not a record of Grumbo’s.'),
  /**
   * In version 1 nothing had a day but what happened: its profile was true from the record's first day. Before
   * version 3 a tidy named no parts: all of it was done, and cut only if a length was written; and a visit did
   * everything.
   */
  version: z.literal([1, 2, RECORD_VERSION]),
  /** When it was written, an instant. */
  exported: z.iso.datetime(),
  dog: z.strictObject({ id: idSchema(), profile: profileSchema }),
  entries: z.array(entrySchema).max(MOST_IN_FILE),
})
export type RecordFile = z.infer<typeof recordFileSchema>

export const recordFileJsonSchema = () =>
  z.toJSONSchema(recordFileSchema, { io: 'input', unrepresentable: 'any' })

export interface WrongLine {
  /** Which entry of the file, counted from 1; or line of a table. */
  line: number
  why: string
}
export interface ReadRecord {
  file: RecordFile
  /** Entries that were refused, each with why; the rest are in the file. */
  wrong: WrongLine[]
}

export const firstProblem = (error: z.ZodError): string => {
  const issue = error.issues[0]!
  const nested = issue.code === 'invalid_union' ? issue.errors.flat()[0]?.message : undefined
  return nested ?? issue.message
}

/**
 * Reads a record's file, entry by entry, so that one wrong entry does not lose the others.
 * @throws Error in words for what is no record, or one of a newer version
 */
export function readRecordFile(text: string): ReadRecord {
  let json: unknown
  try {
    json = JSON.parse(text)
  } catch {
    throw new Error('That file is not JSON.')
  }
  const head = z
    .looseObject({ format: z.literal('grumbo-record'), version: z.number(), entries: z.array(z.unknown()) })
    .safeParse(json)
  if (!head.success) throw new Error('That file is not a record of Grumbo’s.')
  if (head.data.version > RECORD_VERSION)
    throw new Error(
      `That record was written by a newer Grumbo (version ${head.data.version}; this one reads ${RECORD_VERSION}).`,
    )
  if (head.data.entries.length > MOST_IN_FILE)
    throw new Error(`That record has more than ${MOST_IN_FILE.toLocaleString('en')} entries.`)
  const wrong: WrongLine[] = []
  const entries: Entry[] = []
  head.data.entries.forEach((e, i) => {
    const read = entrySchema.safeParse(e)
    if (read.success) entries.push(read.data)
    else wrong.push({ line: i + 1, why: firstProblem(read.error) })
  })
  const file = recordFileSchema.safeParse({ ...head.data, entries })
  if (!file.success) throw new Error(firstProblem(file.error))
  return { file: file.data, wrong }
}

export const writeRecordFile = (
  dog: RecordFile['dog'],
  entries: readonly Entry[],
  exported: Date,
): string => {
  const file: RecordFile = {
    format: 'grumbo-record',
    version: RECORD_VERSION,
    exported: exported.toISOString(),
    dog,
    entries: [...entries],
  }
  return JSON.stringify(file, null, 1)
}
