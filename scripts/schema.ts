import { writeFileSync } from 'node:fs'
import { format } from 'prettier'
import { recordFileJsonSchema } from '../shared/record-file'

/** Writes the published JSON Schema of the record's file. */
const json = JSON.stringify({ title: 'A record of Grumbo, version 1', ...recordFileJsonSchema() })
writeFileSync(
  new URL('../docs/record-file.schema.json', import.meta.url),
  await format(json, { parser: 'json', printWidth: 110 }),
)
