import { existsSync } from 'node:fs'
import { availableParallelism } from 'node:os'
import { fileURLToPath } from 'node:url'
import { Piscina } from 'piscina'

/** Threads at once; the loop that answers has a processor left where there is more than one (judgement). */
const THREADS = Math.max(1, Math.min(2, availableParallelism() - 1))
const pools = new Map<string, Piscina>()

/**
 * Work done away from the loop that answers, a few at a time.
 * @param name of the thread's file beside the built server; where there is none, as in a test of a service by
 *   itself, it is done here
 */
export function inThread<Asked, Done>(name: string, here: (asked: Asked) => Done | Promise<Done>) {
  return async (asked: Asked): Promise<Done> => {
    const filename = fileURLToPath(new URL(`./${name}.mjs`, import.meta.url))
    if (!existsSync(filename)) return here(asked)
    let pool = pools.get(name)
    if (!pool) pools.set(name, (pool = new Piscina({ filename, minThreads: 1, maxThreads: THREADS })))
    return pool.run(asked) as Promise<Done>
  }
}

export const stopThreads = () => Promise.all([...pools.values()].map((pool) => pool.destroy()))
