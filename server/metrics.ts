import { collectDefaultMetrics, Counter, Gauge, Histogram, Registry } from 'prom-client'
import { and, count, isNull } from 'drizzle-orm'
import { connections, db } from './db/client'
import { mails } from './db/schema'

/** What is counted here, in the open text format; given out on a port of its own, to nobody outside. */
export const metrics = new Registry()
collectDefaultMetrics({ register: metrics })

const LABELS = ['method', 'route', 'status'] as const
const calls = new Counter({
  name: 'grumbo_calls_total',
  help: 'Calls answered',
  labelNames: LABELS,
  registers: [metrics],
})
const durations = new Histogram({
  name: 'grumbo_call_seconds',
  help: 'How long a call took to answer',
  labelNames: ['route'] as const,
  // From what is hardly waited for to what is given up on (judgement).
  buckets: [0.005, 0.01, 0.025, 0.05, 0.1, 0.25, 0.5, 1, 2.5, 5, 15],
  registers: [metrics],
})
export function countCall(method: string, route: string, status: number, ms: number) {
  calls.inc({ method, route, status })
  durations.observe({ route }, ms / 1000)
}

const jobs = new Counter({
  name: 'grumbo_jobs_total',
  help: 'Rounds of the work nobody waits for',
  labelNames: ['job', 'outcome'] as const,
  registers: [metrics],
})
export const countJob = (job: string, outcome: 'done' | 'failed') => jobs.inc({ job, outcome })

new Gauge({
  name: 'grumbo_connections',
  help: 'Connections to the database: open, idle, and calls waiting for one',
  labelNames: ['state'] as const,
  registers: [metrics],
  collect() {
    const { totalCount, idleCount, waitingCount } = connections()
    this.set({ state: 'open' }, totalCount)
    this.set({ state: 'idle' }, idleCount)
    this.set({ state: 'wanted' }, waitingCount)
  },
})
new Gauge({
  name: 'grumbo_letters_waiting',
  help: 'Letters that have not gone yet',
  registers: [metrics],
  async collect() {
    const [row] = await db()
      .select({ n: count() })
      .from(mails)
      .where(and(isNull(mails.sent), isNull(mails.givenUp)))
      .catch(() => [])
    // While the database is away nobody knows.
    this.set(row?.n ?? NaN)
  },
})
