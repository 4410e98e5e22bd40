import { mkdirSync, readFileSync, writeFileSync } from 'node:fs'
import { gzipSync } from 'node:zlib'
import { CARE_DRAWINGS } from '../drawing/care/index'
import { sheet, SHEET_IDS } from '../drawing/index'
import { pictureOf } from '../drawing/picture'
import type { Palette } from '../drawing/picture'
import { WELCOME_STATES } from '../drawing/welcome'

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

/** The page's own colours, by light and by dark. */
function palettes(): [light: Palette, dark: Palette] {
  const css = readFileSync(new URL('../app/assets/app.css', import.meta.url), 'utf8')
  const [light, dark] = css
    .split('@media (prefers-color-scheme: dark)', 2)
    .map((part) =>
      Object.fromEntries(
        [...part.split('@theme')[0]!.matchAll(/--([a-z0-9-]+): (#[0-9a-f]+);/g)].map((m) => [m[1]!, m[2]!]),
      ),
    )
  return [light!, dark!]
}
const welcome = pictureOf(sheet('drop-eared'), WELCOME_STATES, ...palettes())
writeFileSync(new URL('../public/welcome.svg', import.meta.url), welcome)
console.log(`drawn: welcome, ${(gzipSync(welcome).length / 1000).toFixed(1)} kB gzipped`)
