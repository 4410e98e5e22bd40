import { deflateSync } from 'node:zlib'
import sharp from 'sharp'
import { v7 as uuid } from 'uuid'
import { afterAll, beforeAll, describe, expect, it } from 'vitest'
import { MOST_SIDE } from '../../shared/photographs'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, newDog, newOwner, startApp } from '../support/server'
import type { Running, Visitor } from '../support/server'

let running: Running
let owner: Visitor
const dog = newDog()
beforeAll(async () => {
  running = (await startApp()).running
  owner = await newOwner(running.address)
  await owner.call('POST', '/api/dogs', dog)
})
afterAll(() => running?.stop())

/** Puts a picture to a fresh entry. */
async function put(bytes: Buffer) {
  const photo = entry(daysAgo(1), { kind: 'photo', place: 'armpit', says: 'red here' })
  await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [photo] })
  const path = `/api/dogs/${dog.id}/photographs/${photo.id}`
  return { path, answer: await owner.call('PUT', path, bytes) }
}

describe('a photograph', () => {
  it('is written anew with nothing of the camera in it', async () => {
    const given = await aPicture(3000, 2000)
    expect((await sharp(given).metadata()).exif).toBeDefined()
    const { path, answer } = await put(given)
    expect(answer.status).toBe(200)
    const back = await owner.call('GET', path)
    expect(back.headers.get('content-type')).toBe('image/jpeg')
    const kept = await sharp(back.bytes).metadata()
    expect([kept.format, kept.width, kept.exif, kept.icc]).toEqual(['jpeg', MOST_SIDE, undefined, undefined])
    expect(back.bytes.includes('Invented camera')).toBe(false)
  })
  it('of 40 megapixels is taken', async () => {
    const { answer } = await put(await aPicture(8000, 5000))
    expect(answer.status).toBe(200)
  })
  it('is turned the way up it was taken', async () => {
    const lying = await sharp(await aPicture(60, 40))
      .withMetadata({ orientation: 6 })
      .toBuffer()
    const { path } = await put(lying)
    const { width, height } = await sharp((await owner.call('GET', path)).bytes).metadata()
    expect([width, height]).toEqual([40, 60])
  })
  it.each([
    ['words', () => Promise.resolve(Buffer.from('This is no picture at all.'))],
    ['half a picture', async () => (await aPicture(600, 600)).subarray(0, 900)],
    ['a drawing with script in it', () => Promise.resolve(Buffer.from(DRAWING))],
    ['nothing', () => Promise.resolve(Buffer.alloc(0))],
  ])('that is %s is refused in words', async (_name, make) => {
    const { path, answer } = await put(await make())
    expect(answer.status).toBe(415)
    expect(answer.json.message).toContain('not a picture')
    expect((await owner.call('GET', path)).status).toBe(404)
  })
  it('that is small to send and vast to open is refused before it is opened', async () => {
    const { answer } = await put(bomb(30_000, 30_000))
    expect([413, 415]).toContain(answer.status)
    expect(answer.json.message).toMatch(/too large|not a picture/)
  })
  it('belongs to an entry of the diary that says there is one', async () => {
    const none = await owner.call('PUT', `/api/dogs/${dog.id}/photographs/${uuid()}`, await aPicture())
    expect(none.status).toBe(409)
    const check = entry(daysAgo(1), { kind: 'check', region: 'beard', finding: 'glides' })
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, { entries: [check] })
    const other = await owner.call('PUT', `/api/dogs/${dog.id}/photographs/${check.id}`, await aPicture())
    expect(other.status).toBe(409)
  })
  it('sent twice stays the first', async () => {
    const { path } = await put(await aPicture(50, 50))
    expect((await owner.call('PUT', path, await aPicture(90, 90))).status).toBe(200)
    expect((await sharp((await owner.call('GET', path)).bytes).metadata()).width).toBe(50)
  })
})

const DRAWING = '<svg xmlns="http://www.w3.org/2000/svg" width="9" height="9"><script>alert(1)</script></svg>'

/** A PNG of one colour: a few kilobytes that open to gigabytes. */
function bomb(width: number, height: number): Buffer {
  const chunk = (type: string, data: Buffer) => {
    const body = Buffer.concat([Buffer.from(type), data])
    const out = Buffer.alloc(body.length + 8)
    out.writeUInt32BE(data.length, 0)
    body.copy(out, 4)
    out.writeUInt32BE(crc(body), body.length + 4)
    return out
  }
  const head = Buffer.alloc(13)
  head.writeUInt32BE(width, 0)
  head.writeUInt32BE(height, 4)
  head[8] = 1
  const row = Buffer.alloc(1 + Math.ceil(width / 8))
  return Buffer.concat([
    Buffer.from([0x89, 0x50, 0x4e, 0x47, 0x0d, 0x0a, 0x1a, 0x0a]),
    chunk('IHDR', head),
    chunk('IDAT', deflateSync(Buffer.alloc(row.length * height))),
    chunk('IEND', Buffer.alloc(0)),
  ])
}
function crc(bytes: Buffer): number {
  let c = 0xffffffff
  for (const b of bytes) {
    c ^= b
    for (let k = 0; k < 8; k++) c = c & 1 ? (c >>> 1) ^ 0xedb88320 : c >>> 1
  }
  return (c ^ 0xffffffff) >>> 0
}
