import { join } from 'node:path'
import { build } from 'esbuild'

/** Writes the thread that works out forecasts beside the built server. @param serverDir what was built to run */
export const writeForecastWorker = (serverDir: string) =>
  build({
    entryPoints: ['server/workers/forecast.ts'],
    outfile: join(serverDir, 'forecast.mjs'),
    bundle: true,
    platform: 'node',
    format: 'esm',
    target: 'node20',
    // Beside it, as the server has it.
    external: ['pg'],
  })
