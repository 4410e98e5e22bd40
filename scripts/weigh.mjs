import { readdirSync, readFileSync } from 'node:fs'
import { join } from 'node:path'
import { gzipSync } from 'node:zlib'

/** Weighs the JavaScript that Today loads at first, its worker included; too much fails the build. */
const MOST_KB = 149
const PAGES = ['pages/dogs/[dog].vue', 'pages/dogs/[dog]/index.vue', 'middleware/signed-in.ts']
const folder = '.output/public/_nuxt'

const manifest = JSON.parse(readFileSync('.nuxt/weigh.json', 'utf8'))
const wanted = new Set()
function take(key) {
  const row = manifest[key]
  if (!row || wanted.has(row.file)) return
  if (row.file?.endsWith('.js')) wanted.add(row.file)
  for (const next of row.imports ?? []) take(next)
}
for (const [key, row] of Object.entries(manifest)) {
  if (row.isEntry || PAGES.some((p) => key.endsWith(p) || row.src?.endsWith(p))) take(key)
}
// Today draws with this one; the planner's is fetched only when there is something to plan.
const workers = readdirSync(folder).filter((f) => /^strokes\.worker.*\.js$/.test(f))
const files = [...wanted, ...workers]
const bytes = files.reduce((sum, f) => sum + gzipSync(readFileSync(join(folder, f))).length, 0)
const kb = bytes / 1000
console.log(
  `Today's first JavaScript: ${kb.toFixed(1)} kB gzipped in ${files.length} files (at most ${MOST_KB})`,
)
if (
  kb > MOST_KB ||
  !PAGES.slice(0, 2).every((p) =>
    Object.entries(manifest).some(([k, r]) => k.endsWith(p) || r.src?.endsWith(p)),
  )
)
  process.exit(1)
