import pg from 'pg'
import { entry } from '../../tests/support/dogs'
import { daysAgo, newDog, newOwner, startApp } from '../../tests/support/server'
import type { Running, Visitor } from '../../tests/support/server'
import { row } from './table'

const DEVICES = 12
const KILLS = 20
/** How long it lives between two kills, ms. */
const LIVES_MS = 700
const MOST_AT_ONCE = 4

interface Device {
  by: Visitor
  dog: string
  acknowledged: Set<string>
  sent: number
}

/** Many devices, a queue each, and a server killed again and again: what was acknowledged is there, once. */
export async function kill() {
  const { running: first, start, databaseUrl } = await startApp()
  let running: Running = first
  const devices: Device[] = []
  for (let n = 0; n < DEVICES; n++) {
    const by = await newOwner(running.address, `Owner ${n}`)
    const dog = newDog()
    await by.call('POST', '/api/dogs', dog)
    devices.push({ by, dog: dog.id, acknowledged: new Set(), sent: 0 })
  }
  let over = false
  const send = async (d: Device) => {
    for (let n = 0; !over; n++) {
      const batch = Array.from({ length: 1 + (n % MOST_AT_ONCE) }, (_, i) =>
        entry(daysAgo(i), { kind: 'check', region: 'beard', finding: 'glides' }),
      )
      // The same ones again and again, until they are named in an answer.
      for (let taken: string[] = []; !over && taken.length < batch.length;) {
        d.sent += 1
        try {
          const { status, json } = await d.by.call('POST', `/api/dogs/${d.dog}/entries`, { entries: batch })
          if (status !== 200) throw new Error(String(status))
          taken = json.taken as string[]
          for (const id of taken) d.acknowledged.add(id)
        } catch {
          await new Promise((again) => setTimeout(again, 40))
        }
      }
    }
  }
  const sending = devices.map(send)
  for (let n = 0; n < KILLS; n++) {
    await new Promise((lived) => setTimeout(lived, LIVES_MS))
    await running.stop('SIGKILL')
    running = await start()
  }
  over = true
  await Promise.all(sending)
  await running.stop()
  const client = new pg.Client({ connectionString: databaseUrl })
  await client.connect()
  let [lost, twice] = [0, 0]
  for (const { dog, acknowledged } of devices) {
    const { rows } = await client.query<{ id: string }>('select id from entries where dog_id = $1', [dog])
    const there = rows.map((r) => r.id)
    twice += there.length - new Set(there).size
    const known = new Set(there)
    lost += [...acknowledged].filter((id) => !known.has(id)).length
  }
  await client.end()
  const all = devices.reduce((sum, d) => sum + d.acknowledged.size, 0)
  row(
    `${KILLS} times kill −9, ${DEVICES} devices`,
    `${all} entries acknowledged, ${lost} lost, ${twice} there twice; ${devices.reduce((s, d) => s + d.sent, 0)} requests`,
  )
  if (lost || twice) throw new Error('Entries were lost or doubled.')
}
