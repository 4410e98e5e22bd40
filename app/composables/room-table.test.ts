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
  const [dogs, name] = [ref<RoomDog[]>(list), ref('')]
  const table = effectScope().run(() => useRoomTable(dogs, name))!
  return { dogs, name, ...table, names: () => table.shown.value.map((d) => d.name) }
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
    expect(room.names()).toEqual(['bryony'])
    room.name.value = 'nobody'
    expect(room.names()).toEqual([])
  })
  it('only those to go short, of whom nothing is written, with a new note, moved', async () => {
    const arrival = (more: object) => ({ known: true, short: false, minutes: { usual: 5 }, ...more }) as never
    const room = await roomOf([
      dog(1, { arrival: arrival({ short: true }) }),
      dog(2, { arrival: arrival({ known: false }) }),
      dog(3, { arrival: arrival({ next: { moved: { on: 'x' }, proposed: null } }), unread: 1 }),
      dog(4),
      dog(5, { arrival: arrival({ minutes: { usual: 38 } }) }),
    ])
    const only = (key: RoomOnly) => ((room.only.value = key), room.names())
    expect([only('short'), only('long'), only('silent'), only('notes'), only('moved')]).toEqual([
      ['Dog 1'],
      ['Dog 5'],
      ['Dog 2'],
      ['Dog 3'],
      ['Dog 3'],
    ])
    expect(only('all')).toHaveLength(5)
  })
  it('of a day somebody comes on; a day that is over with nobody left is none', async () => {
    const room = await roomOf(three)
    expect(room.days.value).toEqual(['2026-12-03', '2026-12-20'])
    room.day.value = '2026-12-20'
    expect(room.names()).toEqual(['Pip'])
    room.dogs.value = three.slice(1)
    await nextTick()
    expect([room.day.value, room.names()]).toEqual(['', ['Alder', 'bryony']])
  })
  it('holds three hundred, all of them in order', async () => {
    const room = await roomOf(Array.from({ length: 300 }, (_, n) => dog(299 - n)))
    room.order.value = 'name'
    expect(room.names()).toHaveLength(300)
    room.name.value = 'dog 29'
    expect(room.names()).toHaveLength(11)
  })
})
