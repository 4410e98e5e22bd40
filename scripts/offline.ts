import { createHash } from 'node:crypto'
import { readdirSync, readFileSync } from 'node:fs'
import { join, relative } from 'node:path'
import { build } from 'esbuild'

const SHELL = '/dogs/shell'

function filesIn(dir: string): string[] {
  return readdirSync(dir, { withFileTypes: true }).flatMap((entry) =>
    entry.isDirectory() ? filesIn(join(dir, entry.name)) : [join(dir, entry.name)],
  )
}

/** The charts' library and the lists of common passwords are large and wanted on few screens: kept once one was shown. */
const isRare = (file: string) =>
  /_nuxt\/.*\.js$/.test(file) && /apexcharts-|guessesLog10/.test(readFileSync(file, 'utf8'))

/**
 * Writes the service worker beside the built files, with the list of them in it.
 * @param publicDir what was built for the browser
 */
export async function writeServiceWorker(publicDir: string) {
  const whole = createHash('sha256')
  const urlOf = (file: string) => `/${relative(publicDir, file)}`
  const all = filesIn(publicDir).filter((file) => !/\.(gz|br|map)$|sw\.js$/.test(file))
  const files = all
    .filter((file) => !isRare(file))
    .sort()
    .map((file) => {
      const hash = createHash('sha256').update(readFileSync(file)).digest('hex').slice(0, 16)
      const url = urlOf(file)
      whole.update(url + hash)
      // A built file's name changes with what is in it.
      return { url, revision: url.startsWith('/_nuxt/') ? null : hash }
    })
  files.push({ url: SHELL, revision: whole.digest('hex').slice(0, 16) })
  await build({
    entryPoints: ['app/offline/service-worker.ts'],
    outfile: join(publicDir, 'sw.js'),
    bundle: true,
    minify: true,
    format: 'iife',
    target: 'es2022',
    define: {
      FILES: JSON.stringify(files),
      RARE: JSON.stringify(all.filter(isRare).map(urlOf)),
      SHELL: JSON.stringify(SHELL),
      'process.env.NODE_ENV': '"production"',
    },
  })
}
