import { fileURLToPath } from 'node:url'
import { defineConfig } from 'vitest/config'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineConfig({
  resolve: {
    alias: {
      '~': here('./app'),
      '#core': here('./core'),
      '#shared': here('./shared'),
      '#drawing': here('./drawing'),
    },
  },
  test: {
    // A busy machine may stand still for a while: that is not what a test is to fail for.
    expect: { poll: { timeout: 30_000 } },
    projects: [
      {
        extends: true,
        test: {
          name: 'unit',
          include: ['{core,shared,drawing,app,server}/**/*.test.ts'],
          testTimeout: 60_000,
        },
      },
      {
        extends: true,
        test: { name: 'published', include: ['tests/published/**/*.test.ts'], testTimeout: 60_000 },
      },
      {
        extends: true,
        test: {
          name: 'api',
          include: ['tests/api/**/*.test.ts'],
          testTimeout: 120_000,
          hookTimeout: 120_000,
          maxWorkers: 2,
          sequence: { groupOrder: 1 },
        },
      },
      {
        extends: true,
        test: {
          name: 'spread',
          include: ['tests/spread/**/*.test.ts'],
          // Reads what the api suite had the database do.
          sequence: { groupOrder: 2 },
        },
      },
      {
        extends: true,
        test: {
          name: 'browser',
          include: ['tests/browser/**/*.test.ts'],
          setupFiles: ['tests/support/quiet.ts'],
          // A browser that once drew no frame for a minute and a half is begun again; what fails twice has failed.
          retry: 1,
          testTimeout: 240_000,
          hookTimeout: 120_000,
          // Two at a time: each has a server, a database and a browser of its own.
          maxWorkers: 2,
          sequence: { groupOrder: 3 },
        },
      },
    ],
  },
})
