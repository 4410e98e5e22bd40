import { spawnSync } from 'node:child_process'
import { mkdtempSync, readdirSync, writeFileSync } from 'node:fs'
import { tmpdir } from 'node:os'
import { join } from 'node:path'
import pg from 'pg'
import { afterAll, describe, expect, it } from 'vitest'
import { entry } from '../support/dogs'
import { aPicture } from '../support/pictures'
import { daysAgo, newDog, newOwner, startApp } from '../support/server'
import type { Running } from '../support/server'

let running: Running | undefined
afterAll(() => running?.stop())

describe('backup', () => {
  it('keeps everything; after the tables are gone it all comes back', async () => {
    const app = await startApp()
    running = app.running
    const script = (name: string, ...args: string[]) =>
      spawnSync('node', [`scripts/${name}.mjs`, ...args], {
        encoding: 'utf8',
        env: { ...process.env, DATABASE_URL: app.databaseUrl },
      })
    const owner = await newOwner(running.address)
    const dog = newDog()
    await owner.call('POST', '/api/dogs', dog)
    const photo = entry(daysAgo(1), { kind: 'photo', place: 'beard' })
    await owner.call('POST', `/api/dogs/${dog.id}/entries`, {
      entries: [
        entry(daysAgo(2), { kind: 'check', region: 'beard', finding: 'snag', count: 2, out: 2 }),
        photo,
      ],
    })
    await owner.call('PUT', `/api/dogs/${dog.id}/photographs/${photo.id}`, await aPicture())
    const stateOf = async () => [
      (await owner.call('GET', '/api/me')).json,
      (await owner.call('GET', `/api/dogs/${dog.id}`)).json,
      (await owner.call('GET', `/api/dogs/${dog.id}/photographs/${photo.id}`)).bytes.toString('base64'),
    ]
    const before = await stateOf()
    const file = join(mkdtempSync(join(tmpdir(), 'grumbo-backup-')), 'kept.dump')
    const kept = script('backup', file)
    expect(kept.status, kept.stderr).toBe(0)

    const client = new pg.Client({ connectionString: app.databaseUrl })
    await client.connect()
    await client.query('drop schema public cascade; create schema public')
    await client.end()
    expect((await owner.call('GET', `/api/dogs/${dog.id}`)).status).toBeGreaterThanOrEqual(400)

    const back = script('restore', file)
    expect(back.status, back.stderr).toBe(0)
    expect(await stateOf()).toEqual(before)

    // On a schedule so many are kept, the newest; what else lies there is let be; the newest brings all back.
    const folder = mkdtempSync(join(tmpdir(), 'grumbo-backups-'))
    writeFileSync(join(folder, 'a-note.txt'), 'not ours')
    for (const old of ['2026-01-01-00-00-00', '2026-01-02-00-00-00', '2026-01-03-00-00-00'])
      writeFileSync(join(folder, `grumbo-${old}.dump`), 'old')
    process.env.GRUMBO_BACKUP_KEEP = '2'
    const round = script('backups', folder, '--once')
    expect(round.status, round.stderr).toBe(0)
    const there = readdirSync(folder).sort()
    expect(there).toEqual([
      'a-note.txt',
      'grumbo-2026-01-03-00-00-00.dump',
      expect.stringMatching(/^grumbo-\d{4}(-\d\d){5}\.dump$/),
    ])
    await owner.call('POST', `/api/dogs/${dog.id}/notes`, { id: photo.id, body: 'Written since.' })
    const again = script('restore', join(folder, there[2]!))
    expect(again.status, again.stderr).toBe(0)
    expect(await stateOf()).toEqual(before)
    expect((await owner.call('GET', `/api/dogs/${dog.id}/notes`)).json.notes).toEqual([])

    // What is no backup is refused in words, and changes nothing.
    const wrong = join(tmpdir(), `grumbo-no-backup-${process.pid}`)
    writeFileSync(wrong, 'not a backup')
    const refused = script('restore', wrong)
    expect(refused.status).toBe(1)
    expect(refused.stderr).toContain('is not a backup')
    expect(await stateOf()).toEqual(before)
    expect(script('restore').stderr).toContain('Say which backup')
  })
})
