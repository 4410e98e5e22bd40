import { beforeEach, describe, expect, it } from 'vitest'
import { effectScope, nextTick, ref } from 'vue'
import { pageGlobals } from '../../tests/support/page-globals'
import type { RoomDog } from '#shared/answers'
import type { RoomOnly, RoomOrder } from './room-table'

const dog = (n: number, more: Partial<RoomDog> = {}) =>
  ({
    share: `s${n}`,
    name: `Dog ${n}`,
    owner: 'Ada',
    visit: null,
    unread: 0,
    arrival: null,
    ...more,
  }) as RoomDog
async function roomOf(list: RoomDog[]) {
  const { useRoomTable } = await import('./room-table')
  const [dogs, which, name] = [ref<RoomDog[]>(list), ref('all'), ref('')]
  const table = effectScope().run(() => useRoomTable(dogs, which, name))!
  return { dogs, which, name, ...table, names: () => table.shown.value.map((d) => d.name) }
}
beforeEach(() => pageGlobals())

describe('a room’s list', () => {
  const three = [
    dog(1, { name: 'Pip', visit: '2026-12-20', unread: 2 }),
    dog(2, { name: 'bryony', owner: 'Sam Hollin' }),
    dog(3, { name: 'Alder', visit: '2026-12-03' }),
  ]
  it.each([
    ['visit', ['Alder', 'Pip', 'bryony']],
    ['name', ['Alder', 'bryony', 'Pip']],
    ['unread', ['Pip', 'bryony', 'Alder']],
  ] as [RoomOrder, string[]][])('in the order of %s: %o', async (order, names) => {
    const room = await roomOf(three)
    room.order.value = order
    expect(room.names()).toEqual(names)
  })
  it('finds by the name of dog or owner, however it is written', async () => {
    const room = await roomOf(three)
    room.name.value = ' HOLLIN '
    expect([room.names(), room.all.value]).toEqual([['bryony'], 1])
    room.name.value = 'nobody'
    expect([room.names(), room.more.value]).toEqual([[], 0])
  })
  it('only those to go short, of whom nothing is written, with a new note, moved', async () => {
    const arrival = (more: object) => ({ known: true, short: false, minutes: { usual: 5 }, ...more }) as never
    const room = await roomOf([
      dog(1, { arrival: arrival({ short: true }) }),
      dog(2, { arrival: arrival({ known: false }) }),
      dog(3, { arrival: arrival({ next: { moved: { on: 'x' }, proposed: null } }), unread: 1 }),
      dog(4),
    ])
    const only = (key: RoomOnly) => ((room.only.value = key), room.names())
    expect([only('short'), only('silent'), only('notes'), only('moved')]).toEqual([
      ['Dog 1'],
      ['Dog 2'],
      ['Dog 3'],
      ['Dog 3'],
    ])
    expect([only('all').length, room.all.value]).toEqual([4, 4])
  })
  it('comes a page at a time, and a list read anew shows as many; another list begins again', async () => {
    const room = await roomOf(Array.from({ length: 60 }, (_, n) => dog(n)))
    expect([room.shown.value.length, room.more.value]).toEqual([25, 25])
    room.showMore()
    expect([room.shown.value.length, room.more.value]).toEqual([50, 10])
    room.dogs.value = [...room.dogs.value]
    await nextTick()
    expect(room.shown.value.length).toBe(50)
    room.which.value = 'later'
    await nextTick()
    expect(room.shown.value.length).toBe(25)
  })
})
