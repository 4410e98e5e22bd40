import { defineConfig } from 'drizzle-kit'

/** The next migration is written from the schema: npm run migration -- --name what_it_is. */
export default defineConfig({
  dialect: 'postgresql',
  schema: './server/db/schema',
  out: './server/db/migrations',
  migrations: { prefix: 'timestamp' },
})
