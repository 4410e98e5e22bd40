import {
  createColumnHelper,
  getCoreRowModel,
  getFilteredRowModel,
  getSortedRowModel,
  useVueTable,
} from '@tanstack/vue-table'
import type { RoomDog } from '#shared/answers'
import { allowed } from '~/words/visit'

/** Knots that take longer than this want room in the day, minutes (judgement). */
const LONG_MINUTES = 30
/** A visit nobody has booked comes after all that are. */
const NOT_BOOKED = '9999-12-31'

const column = createColumnHelper<RoomDog>()
const COLUMNS = [
  column.accessor((d) => d.visit ?? NOT_BOOKED, { id: 'visit' }),
  column.accessor('name', { sortingFn: 'text' }),
  column.accessor((d) => d.arrival && allowed(d.arrival), { id: 'minutes', sortUndefined: 'last' }),
  column.accessor('unread', {}),
]
/** What a room's list may be put in the order of, and which way first. */
export const ROOM_ORDERS = [
  { id: 'visit', words: 'the visit', desc: false },
  { id: 'name', words: 'name', desc: false },
  { id: 'minutes', words: 'minutes for knots', desc: true },
  { id: 'unread', words: 'new notes', desc: true },
] as const
export type RoomOrder = (typeof ROOM_ORDERS)[number]['id']

/** What a room's list may be narrowed to. */
export const ROOM_ONLY = {
  all: { words: 'all of them', of: () => true },
  short: { words: 'to go short', of: (d: RoomDog) => !!d.arrival?.short },
  long: {
    words: `over ${LONG_MINUTES} minutes for knots`,
    of: (d: RoomDog) => !!d.arrival && !d.arrival.short && allowed(d.arrival) > LONG_MINUTES,
  },
  silent: { words: 'nothing written', of: (d: RoomDog) => !!d.arrival && !d.arrival.known },
  notes: { words: 'a new note', of: (d: RoomDog) => d.unread > 0 },
  moved: { words: 'moved or called off', of: (d: RoomDog) => !!d.arrival?.next?.moved },
} as const
export type RoomOnly = keyof typeof ROOM_ONLY

/** The dogs of a room as they are listed: in an order, those of a name, of a day, of a kind. */
export function useRoomTable(dogs: Ref<readonly RoomDog[]>, name: Ref<string>) {
  const only = ref<RoomOnly>('all')
  /** Days somebody comes, and the one it is narrowed to. */
  const days = computed(() => [...new Set(dogs.value.flatMap((d) => d.visit ?? []))].sort())
  const asked = ref('')
  const day = computed({
    get: () => (days.value.includes(asked.value) ? asked.value : ''),
    set: (to) => (asked.value = to),
  })
  // One list as long as it is the same: the table begins anew with another.
  const among = computed(() =>
    dogs.value.filter((d) => ROOM_ONLY[only.value].of(d) && (!day.value || d.visit === day.value)),
  )
  const order = ref<RoomOrder>('visit')
  const sorting = computed(() =>
    ROOM_ORDERS.filter((o) => o.id === order.value).map(({ id, desc }) => ({ id, desc })),
  )
  const table = useVueTable({
    get data() {
      return among.value
    },
    columns: COLUMNS,
    getRowId: (d) => d.share,
    state: {
      get sorting() {
        return sorting.value
      },
      get globalFilter() {
        return name.value.trim().toLowerCase()
      },
    },
    globalFilterFn: (row, _column, asked: string) =>
      `${row.original.name} ${row.original.owner}`.toLowerCase().includes(asked),
    getCoreRowModel: getCoreRowModel(),
    getFilteredRowModel: getFilteredRowModel(),
    getSortedRowModel: getSortedRowModel(),
  })
  return {
    shown: computed(() => table.getSortedRowModel().rows.map((r) => r.original)),
    order,
    only,
    day,
    days,
  }
}
