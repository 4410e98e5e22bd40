import { mkdirSync, writeFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { CARE_DRAWINGS } from '../drawing/care/index'
import { sheet, SHEET_IDS } from '../drawing/index'

/** Writes the drawings that the app loads, and says what each weighs. */
function write(folder: string, drawings: [string, unknown][]) {
  const at = new URL(`../public/${folder}/`, import.meta.url)
  mkdirSync(at, { recursive: true })
  for (const [id, drawing] of drawings) {
    const json = JSON.stringify(drawing)
    writeFileSync(new URL(`${id}.json`, at), json)
    console.log(`drawn: ${id}, ${(gzipSync(json).length / 1000).toFixed(1)} kB gzipped`)
  }
}
write(
  'coat-map',
  SHEET_IDS.map((id) => [id, sheet(id)]),
)
write(
  'care',
  Object.entries(CARE_DRAWINGS).map(([id, draw]) => [id, draw()]),
)
