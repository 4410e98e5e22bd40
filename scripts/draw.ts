import { mkdirSync, writeFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { sheet, SHEET_IDS } from '../drawing/index'

/** Writes the drawings of the dog that the app loads, and says what each weighs. */
const folder = new URL('../public/coat-map/', import.meta.url)
mkdirSync(folder, { recursive: true })
for (const id of SHEET_IDS) {
  const json = JSON.stringify(sheet(id))
  writeFileSync(new URL(`${id}.json`, folder), json)
  console.log(`drawn: ${id}, ${(gzipSync(json).length / 1000).toFixed(1)} kB gzipped`)
}
