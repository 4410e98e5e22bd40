import type { H3Event } from 'h3'
import { describe, expect, it } from 'vitest'
import { inTurn } from './turns'

const event = { node: { res: { setHeader: () => undefined } } } as unknown as H3Event
/** Work that is done when it is told to be. */
function work() {
  let done = () => {}
  const started = { yes: false }
  const run = () => {
    started.yes = true
    return new Promise<void>((go) => (done = go))
  }
  return { run, started, finish: () => done() }
}
const settle = () => new Promise((go) => setImmediate(go))

describe('a household’s turns', () => {
  it('three at a time, the rest in the order they came; another household does not wait', async () => {
    const mine = Array.from({ length: 5 }, work)
    const theirs = work()
    const all = mine.map((w) => inTurn('mine', event, w.run))
    const other = inTurn('theirs', event, theirs.run)
    await settle()
    expect(mine.map((w) => w.started.yes)).toEqual([true, true, true, false, false])
    expect(theirs.started.yes).toBe(true)
    mine[1]!.finish()
    await settle()
    expect(mine.map((w) => w.started.yes)).toEqual([true, true, true, true, false])
    for (const w of mine) {
      w.finish()
      await settle()
    }
    theirs.finish()
    await Promise.all([...all, other])
  })
  it('work that fails gives its place on', async () => {
    const fails = () => Promise.reject(new Error('no'))
    for (let n = 0; n < 6; n++) await expect(inTurn('mine', event, fails)).rejects.toThrow('no')
    await expect(inTurn('mine', event, () => Promise.resolve(7))).resolves.toBe(7)
  })
  it('where too many wait the next is told to come again', async () => {
    const held = Array.from({ length: 43 }, work)
    const all = held.map((w) => inTurn('mine', event, w.run))
    await expect(inTurn('mine', event, work().run)).rejects.toMatchObject({ statusCode: 503 })
    for (const w of held) {
      w.finish()
      await settle()
    }
    await Promise.all(all)
  })
  it('nobody in particular waits for nobody', async () => {
    const many = Array.from({ length: 9 }, work)
    const all = many.map((w) => inTurn(null, event, w.run))
    await settle()
    expect(many.every((w) => w.started.yes)).toBe(true)
    for (const w of many) w.finish()
    await Promise.all(all)
  })
})
