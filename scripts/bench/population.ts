import { createHash } from 'node:crypto'
import type pg from 'pg'
import { arrivalOf } from '../../core/care/note/arrival'
import { demoDogs } from '../../demo/household'
import { daysAgo } from '../../tests/support/server'

/** Dogs by the hundred thousand, made by the database itself: each with its household, its owner and their session. */
export interface Population {
  many: number
  /** The first of them stand in rooms of so many, with forecasts. */
  rooms: number
  inARoom: number
  /** The first of them have whole diaries, those in rooms among them. */
  whole: number
  /** Which part of them, of how many. */
  shard: number
  shards: number
}
/** Entries of a whole diary, of the demo’s dog the newest; and of the rest, whose being there is what is measured (judgement). */
const DIARY = 120
const LIGHT = 2

/** The id of the i-th of something, as the statements below make it. */
export const idOf = (what: string, i: number) => {
  const h = createHash('md5').update(`${what}${i}`).digest('hex')
  return [h.slice(0, 8), h.slice(8, 12), h.slice(12, 16), h.slice(16, 20), h.slice(20)].join('-')
}

/** The `i` from `$1` to before `$2` whose households lie on shard `$3` of `$4`. */
const OF = `with n as (select i, md5('house' || i)::uuid as home, md5('dog' || i)::uuid as dog
  from generate_series($1::int, $2::int - 1) i where get_byte(decode(md5('house' || i), 'hex'), 15) % $4 = $3)`
const HOUSES = [
  `${OF} insert into households (id, name, time_zone) select home, 'House ' || i, 'UTC' from n`,
  `${OF} insert into accounts (household_id, id, name, email, password_hash) select home, md5('account' || i)::uuid, 'Owner ' || i, 'owner' || i || '@example.org', 'none' from n`,
  `${OF} insert into sessions (household_id, account_id, id, expires) select home, md5('account' || i)::uuid, md5('session' || i)::uuid, now() + interval '60 days' from n`,
]
const DOGS = `${OF} insert into dogs (household_id, id, profile) select home, dog, $5::jsonb from n`
const DIARIES = `${OF} insert into entries (household_id, dog_id, id, day, kind, entry)
  select home, dog, (e ->> 'id')::uuid, (e ->> 'day')::date, e -> 'what' ->> 'kind', e from n, jsonb_array_elements($5::jsonb) e`
const SHARED = `${OF} insert into shares (household_id, dog_id, id, token_hash, scope, groomer, groomer_id, expires)
  select home, dog, md5('share' || i)::uuid, sha256(convert_to('share' || i, 'UTF8')), 'history', 'Imke', md5('room' || i / $5::int)::uuid, now() + interval '1 year' from n`
const FORECASTS = `${OF} insert into arrivals (household_id, dog_id, day, arrival, version)
  select home, dog, $5::date, $6::jsonb, (select version from dogs d where d.household_id = home and d.id = dog) from n`

const ROOMS = [
  `insert into groomers (id, name, room, email, password_hash) select md5('room' || r)::uuid, 'Imke ' || r, 'Room ' || r, 'imke' || r || '@example.org', 'none' from generate_series(0, $1::int - 1) r`,
  `insert into groomer_sessions (groomer_id, id, expires) select md5('room' || r)::uuid, md5('room session' || r)::uuid, now() + interval '60 days' from generate_series(0, $1::int - 1) r`,
]
const ROOM_DOORS = `insert into doors (key, household_id, dog_id, id) select sha256(convert_to('room' || chr(10) || md5('room' || i / $2::int)::uuid, 'UTF8')), md5('house' || i)::uuid, md5('dog' || i)::uuid, md5('share' || i)::uuid from generate_series(0, $1::int * $2::int - 1) i`
/** The doors of addresses, one each. */
const DOORS = `insert into doors (key, household_id, id) select sha256(convert_to('address' || chr(10) || 'owner' || i || '@example.org', 'UTF8')), md5('house' || i)::uuid, md5('account' || i)::uuid from generate_series(0, $1::int - 1) i`

/** What households have. */
export async function populate(
  client: pg.Client,
  { many, rooms, inARoom, whole, shard, shards }: Population,
) {
  const today = daysAgo(0)
  const [model] = demoDogs(today)
  const diary = (n: number) => JSON.stringify(model!.entries.slice(-n))
  const shared = rooms * inARoom
  const where = [shard, shards]
  for (const sql of HOUSES) await client.query(sql, [0, many, ...where])
  await client.query(DOGS, [0, many, ...where, JSON.stringify(model!.profile)])
  await client.query(DIARIES, [0, whole, ...where, diary(DIARY)])
  await client.query(DIARIES, [whole, many, ...where, diary(LIGHT)])
  await client.query(SHARED, [0, shared, ...where, inARoom])
  await client.query(FORECASTS, [0, shared, ...where, today, JSON.stringify(arrivalOf(model!, today))])
  await client.query('vacuum analyze')
}
/** What stands together: rooms and doors. */
export async function populateTogether(client: pg.Client, { many, rooms, inARoom }: Population) {
  for (const sql of ROOMS) await client.query(sql, [rooms])
  await client.query(ROOM_DOORS, [rooms, inARoom])
  await client.query(DOORS, [many])
  await client.query('vacuum analyze')
}
