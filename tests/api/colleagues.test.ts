import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { visit } from '../support/dogs'
import { daysAgo, newDog, newGroomer, newOwner, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'

/** Who works in a room beside whose it is: how they come, what they see, and that it ends at once. */
let app: Running
let mine: Visitor
let host: Visitor
/** The share that is kept in the room. */
let kept: string
const dog = newDog()

async function share(scope: string) {
  const id = uuid()
  const body = { id, groomer: 'Imke', scope, days: 30 }
  const { json } = await mine.call('POST', `/api/dogs/${dog.id}/shares`, body)
  return { id, code: String(json.code) }
}
/** An invitation into the room, as it is called with. */
async function askedIn() {
  const { json } = await host.call('POST', '/api/room/invitations', { id: uuid(), name: 'Jo' })
  return { authorization: `Bearer ${String(json.token)}` }
}
/** Somebody new who works there. */
async function colleague() {
  const visitor = await newGroomer(app.address)
  await visitor.call('POST', '/api/room/invitation', {}, await askedIn())
  const { json } = await visitor.call('GET', '/api/room')
  return { visitor, id: (json.people as { id: string; you: boolean }[]).find((p) => p.you)!.id }
}

beforeAll(async () => {
  app = (await startApp({ GRUMBO_DEMO: '0' })).running
  mine = await newOwner(app.address)
  await mine.call('POST', '/api/dogs', dog)
  host = await newGroomer(app.address)
  const { id, code } = await share('stretch')
  kept = id
  await host.call('POST', '/api/room/dogs', { code })
})
afterAll(() => app?.stop())

describe('colleagues', () => {
  const seen = async (who: Visitor) => (await who.call('GET', `/api/room/dogs/${kept}`)).json
  it('see the room’s dogs under their own names, and the owner sees who saw it; one who is sent away sees none', async () => {
    const { visitor, id } = await colleague()
    const names = async () =>
      (
        (await mine.call('GET', `/api/dogs/${dog.id}/notes`)).json.shares as {
          id: string
          seen: { name: string }[]
        }[]
      )
        .find((s) => s.id === kept)!
        .seen.map((s) => s.name)
    const before = await names()
    expect((await visitor.call('POST', `/api/room/dogs/${kept}/read`, {})).status).toBe(200)
    expect(await names()).toHaveLength(before.length + 1)
    const { json: me } = await visitor.call('GET', '/api/room')
    expect([me.host, (me.people as unknown[]).length > 1, me.invitations]).toEqual([false, true, []])
    expect((await seen(visitor)).profile).toBeTruthy()
    expect((await host.call('DELETE', `/api/room/colleagues/${id}`)).status).toBe(200)
    expect((await visitor.call('GET', `/api/room/dogs/${kept}`)).status).toBe(404)
    expect((await visitor.call('GET', '/api/room')).json as { host: boolean; dogs: unknown[] }).toMatchObject(
      { host: true, dogs: [] },
    )
    expect((await visitor.call('DELETE', `/api/room/colleagues/${id}`)).status).toBe(404)
  })
  it('what one writes is by their own name; what they keep is the room’s, and stays when they leave', async () => {
    const { visitor, id } = await colleague()
    const fresh = await share('stretch')
    expect((await visitor.call('POST', '/api/room/dogs', { code: fresh.code })).status).toBe(200)
    expect((await host.call('GET', `/api/room/dogs/${fresh.id}`)).status).toBe(200)
    const own = visit(daysAgo(1), 'wool-cross', 15)
    expect(
      (await visitor.call('POST', `/api/room/dogs/${fresh.id}/visits`, { visit: own, advice: [] })).status,
    ).toBe(200)
    const { entries } = (await mine.call('GET', `/api/dogs/${dog.id}`)).json as unknown as {
      entries: { id: string; what: { by?: string } }[]
    }
    const { json: me } = await visitor.call('GET', '/api/room')
    expect(entries.find((e) => e.id === own.id)!.what.by).toBe(me.name)
    expect((await visitor.call('DELETE', `/api/room/colleagues/${id}`)).status).toBe(200)
    expect((await host.call('GET', `/api/room/dogs/${fresh.id}`)).status).toBe(200)
  })
  it('an invitation serves once; nobody is asked into their own room, nor takes a room’s people along', async () => {
    const headers = await askedIn()
    expect((await host.call('POST', '/api/room/invitation', {}, headers)).status).toBe(409)
    const [one, two] = [await newGroomer(app.address), await newGroomer(app.address)]
    expect((await one.call('GET', '/api/room/invitation', undefined, headers)).json.name).toBe('Jo')
    expect((await one.call('POST', '/api/room/invitation', {}, headers)).status).toBe(200)
    expect((await two.call('POST', '/api/room/invitation', {}, headers)).status).toBe(404)
    expect((await two.call('GET', '/api/room/invitation', undefined, headers)).status).toBe(404)
    // The groomer has people: they cannot go to work in another's room.
    const { json } = await two.call('POST', '/api/room/invitations', { id: uuid(), name: 'Imke' })
    const asked = await host.call(
      'POST',
      '/api/room/invitation',
      {},
      { authorization: `Bearer ${String(json.token)}` },
    )
    expect(asked.status).toBe(409)
    // Asked for again, when the answer was lost, it is the same; withdrawn it opens nothing.
    const id = uuid()
    const [first, again] = [
      await two.call('POST', '/api/room/invitations', { id, name: 'Jo' }),
      await two.call('POST', '/api/room/invitations', { id, name: 'Jo' }),
    ]
    expect(again.json.token).toBe(first.json.token)
    await two.call('DELETE', `/api/room/invitations/${id}`)
    const gone = { authorization: `Bearer ${String(first.json.token)}` }
    expect((await one.call('GET', '/api/room/invitation', undefined, gone)).status).toBe(404)
  })
})
