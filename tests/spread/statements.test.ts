import { readFileSync } from 'node:fs'
import { describe, expect, it } from 'vitest'
import { against, keysAcross, SPREAD_BY, TOGETHER } from '../support/spread'

/**
 * Every statement of the whole api suite, as the database wrote it down, against the tables spread by household:
 * none in a call asks a household's table without naming the household, and none is of households and of what stands
 * together at once.
 */

/** Work that nobody waits for, and a start: each machine does its own part of it. */
const NOT_CALLS: readonly [string, RegExp][] = [
  [
    'migrations and whether they are there',
    /^(create|alter|drop|--|insert into (migrations|"doors"))|from migrations|pg_advisory/i,
  ],
  ['whom to remind next', /^select .* from "accounts" inner join "households" .*"remind_next" <= \$/s],
  ['who shares their counts', /^select .* from "households" where .*"shares_counts" = \$/s],
  ['what a grace is over for', /^delete from "(households|dogs|accounts|groomers)" where/],
  ['its pictures in a store', /^insert into "loose_pictures" .* select .*"delete_after" < \$/s],
  ['pictures nobody has', /^select .* from "loose_pictures" where "loose_pictures"."since" < \$/s],
]
const told = process.env.GRUMBO_TEST_TOLD
const statements = new Set<string>()
for (const line of told ? readFileSync(told, 'utf8').split('\n').filter(Boolean) : []) {
  const { application_name: by, message } = JSON.parse(line) as Record<string, string>
  const said = by === 'grumbo' && /^(?:execute [^:]*|statement): ([\s\S]*)$/.exec(message ?? '')
  if (said) statements.add(said[1]!.trim())
}

describe('spread by household', () => {
  it('what a household has is spread by it, and the rest stands together', () => {
    expect([...SPREAD_BY.keys()].sort()).toEqual(
      'accounts arrivals dogs entries feeds households invitations loose_pictures notes photographs sessions share_reads shares'.split(
        ' ',
      ),
    )
    expect([...TOGETHER].sort()).toEqual(
      'account_links addresses coats_like doors groomer_sessions groomers mails passkeys rate_limits room_invitations'.split(
        ' ',
      ),
    )
  })
  it('no key of a table points across', () => expect(keysAcross()).toEqual([]))
  it('every statement of a call keeps to it', async () => {
    const calls = [...statements].filter((s) => !NOT_CALLS.some(([, is]) => is.test(s)))
    // Of the whole suite there are many; by itself this test is told of none.
    expect(calls.length).toBeGreaterThan(100)
    const bad: string[] = []
    for (const sql of calls) for (const why of await against(sql)) bad.push(`${why}: ${sql}`)
    expect(bad).toEqual([])
  })
})

describe('what is against it', () => {
  it.each([
    ['select * from dogs where id = $1', ['dogs with no household']],
    ['select * from dogs where household_id = $1 and id = $2', []],
    ['select * from dogs where household_id = $1 or id = $2', ['dogs with no household']],
    ['select * from dogs d where d.household_id = any($1)', []],
    [
      'select 1 from notes n join dogs d on d.household_id = n.household_id where n.household_id in ($1, $2)',
      [],
    ],
    [
      'select 1 from notes n join dogs d on d.id = n.dog_id where n.household_id = $1',
      ['dogs with no household'],
    ],
    [
      'select 1 from dogs d where household_id = $1 and exists (select 1 from notes n where n.dog_id = d.id)',
      ['notes with no household'],
    ],
    [
      'select 1 from dogs d where d.household_id = $1 and exists (select 1 from notes n where n.household_id = d.household_id)',
      [],
    ],
    ['update shares set groomer_id = null where groomer_id = $1', ['shares with no household']],
    ['insert into notes (household_id, id) values ($1, $2)', []],
    ['insert into notes (id) values ($1)', ['notes with no household']],
    ['delete from feeds where token_hash = $1', ['feeds with no household']],
    [
      'select 1 from shares s join groomers g on g.id = s.groomer_id where s.household_id = $1',
      ['is of both: groomers, shares'],
    ],
    ['select 1 from households where id = $1', []],
    ['select pg_advisory_xact_lock(1)', ['holds what is one machine’s own']],
    ['listen news', ['holds what is one machine’s own']],
  ])('%s', async (sql, why) => expect(await against(sql)).toEqual(why))
})
