import { expose } from 'comlink'
import type { Endpoint } from 'comlink'
import { afterEach, describe, expect, it } from 'vitest'
import { Dismissed, hire } from './hire'

/** Workers of this file: each answers through a channel of its own, and fails when told. */
const made: { fail: (event: Partial<ErrorEvent>) => void; gone: boolean; close: () => void }[] = []
const work = {
  add: (a: number, b: number) => a + b,
  refuse: () => {
    throw new Error('That cannot be added.')
  },
  never: () => new Promise<number>(() => undefined),
}
function makeWorker(): Worker {
  const { port1, port2 } = new MessageChannel()
  expose(work, port2 as unknown as Endpoint)
  port1.start()
  const worker = {
    onerror: null as null | ((event: ErrorEvent) => void),
    postMessage: port1.postMessage.bind(port1),
    addEventListener: port1.addEventListener.bind(port1),
    removeEventListener: port1.removeEventListener.bind(port1),
    terminate: () => (mine.gone = true),
  }
  const mine = {
    gone: false,
    fail: (event: Partial<ErrorEvent>) => worker.onerror?.(event as ErrorEvent),
    close: () => (port1.close(), port2.close()),
  }
  made.push(mine)
  return worker as unknown as Worker
}
afterEach(() => made.splice(0).forEach((m) => m.close()))

describe('a hired worker', () => {
  it('is made when it is first asked, and answers as a function does', async () => {
    const adder = hire<typeof work>(makeWorker)
    expect(made).toHaveLength(0)
    expect(await adder.ask((w) => w.add(2, 3))).toBe(5)
    expect(await adder.ask((w) => w.add(4, 3))).toBe(7)
    expect(made).toHaveLength(1)
    await expect(adder.ask((w) => w.refuse())).rejects.toThrow('That cannot be added.')
  })
  it('that fails leaves nobody waiting, and the next to ask has another', async () => {
    const adder = hire<typeof work>(makeWorker)
    const waits = adder.ask((w) => w.never())
    made[0]!.fail({ message: 'It fell over.' })
    await expect(waits).rejects.toThrow('It fell over.')
    expect(made[0]!.gone).toBe(true)
    expect(await adder.ask((w) => w.add(1, 1))).toBe(2)
    expect(made).toHaveLength(2)
  })
  it('that is sent away says so to whoever waits', async () => {
    const adder = hire<typeof work>(makeWorker)
    const waits = adder.ask((w) => w.never())
    adder.dismiss()
    await expect(waits).rejects.toBeInstanceOf(Dismissed)
  })
  it('that could not be made is told of', async () => {
    const adder = hire<typeof work>(() => {
      throw new Error('No workers here.')
    })
    await expect(adder.ask((w) => w.add(1, 1))).rejects.toThrow('No workers here.')
  })
})
