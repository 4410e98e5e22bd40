import { wrap } from 'comlink'
import type { Remote } from 'comlink'

/** What was asked of a worker that was sent away. */
export class Dismissed extends Error {}

/**
 * A worker, made when it is first asked something. What is asked of one that fails, or is sent away
 * meanwhile, fails too instead of waiting for ever; and the next to ask has a new one.
 */
export function hire<W>(make: () => Worker) {
  let worker: Worker | null = null
  let work: Remote<W>
  const asked = new Set<(why: Error) => void>()
  function leave(why: Error) {
    worker?.terminate()
    worker = null
    for (const fail of asked) fail(why)
    asked.clear()
  }
  function atWork(): Remote<W> {
    if (!worker) {
      worker = make()
      worker.onerror = (event) => leave(new Error(event.message || 'The worker failed.'))
      work = wrap<W>(worker)
    }
    return work
  }
  return {
    /** @throws what the worker threw, Dismissed, Error where there could be no worker */
    ask<A>(what: (work: Remote<W>) => Promise<A>): Promise<A> {
      return new Promise<A>((resolve, reject) => {
        asked.add(reject)
        what(atWork())
          .then(resolve, reject)
          .finally(() => asked.delete(reject))
      })
    },
    dismiss: () => leave(new Dismissed()),
  }
}

/** What the stores hold is wrapped for watching, and cannot be handed over as it is. */
export const plainly = <T>(value: T): T => JSON.parse(JSON.stringify(value)) as T
