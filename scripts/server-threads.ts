import { readdirSync } from 'node:fs'
import { join } from 'node:path'
import { build } from 'esbuild'

/** Writes the threads of the server beside what was built to run. @param serverDir where that is */
export const writeServerThreads = (serverDir: string) =>
  build({
    entryPoints: readdirSync('server/workers').map((file) => join('server/workers', file)),
    outdir: serverDir,
    outExtension: { '.js': '.mjs' },
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    // Libraries of the older kind ask for Node's own parts by it.
    banner: {
      js: "import { createRequire } from 'node:module';const require = createRequire(import.meta.url);",
    },
    // Beside it, as the server has it.
    external: ['pg'],
  })
