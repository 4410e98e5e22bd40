import { beforeEach, describe, expect, it } from 'vitest'
import { ref } from 'vue'
import { pageGlobals } from '../../tests/support/page-globals'
import type { Fact } from '#core/record/entries'

const RAIN: Fact = { kind: 'wet', how: 'rain', combedDry: false }
const SWIM: Fact = { kind: 'wet', how: 'swim', combedDry: false }
let onFile: string[] = []
/** What is being taken back, let go when the test says so. */
let takingBack: { done: () => void; fails: () => void }[] = []
const record = {
  add: (facts: { what: Fact }[]) => {
    const entries = facts.map((f, i) => ({ id: `e${onFile.length + i}`, day: '2026-05-20', ...f }))
    onFile.push(...entries.map((e) => e.id))
    return Promise.resolve(entries)
  },
  takeBack: ({ id }: { id: string }) =>
    new Promise<void>((done, reject) =>
      takingBack.push({
        done: () => {
          onFile = onFile.filter((e) => e !== id)
          done()
        },
        fails: () => reject(new Error('Kept here until there is a signal.')),
      }),
    ),
}
beforeEach(() => {
  onFile = []
  takingBack = []
  pageGlobals({ useDog: () => ({ today: ref('2026-05-20') }), useRecord: () => record })
})
const { useWritten } = await import('./written')

describe('what was written, and its undo', () => {
  it('stands with what was said, and goes when it is taken back', async () => {
    const { written, write, undo } = useWritten()
    expect(await write(RAIN, 'Soaked by rain')).toBe(true)
    expect(written.value).toMatchObject({ says: 'Soaked by rain', entries: [{ id: 'e0' }] })
    const going = undo()
    expect(written.value).toBeNull()
    takingBack[0]!.done()
    await going
    expect(onFile).toEqual([])
  })

  it('what is written while another is still being taken back keeps its own line', async () => {
    const { written, write, undo } = useWritten()
    await write(RAIN, 'Soaked by rain')
    const going = undo()
    await write(SWIM, 'Swam')
    takingBack[0]!.done()
    await going
    expect(written.value).toMatchObject({ says: 'Swam' })
    expect(onFile).toEqual(['e1'])
  })

  it('what could not be taken back can be tried again', async () => {
    const { written, write, undo } = useWritten()
    await write(RAIN, 'Soaked by rain')
    const going = undo()
    takingBack[0]!.fails()
    await expect(going).rejects.toThrow('Kept here until there is a signal.')
    expect(written.value).toMatchObject({ says: 'Soaked by rain' })
  })
})
