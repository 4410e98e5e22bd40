import type { Ref } from 'vue'
import type { DogFile, EntriesAnswer } from '#shared/answers'
import type { TroubleKind } from '~/words/trouble'
import { dropWaiting, keepPicture, keepWaiting } from './device'
import type { Picture, Waiting } from './device'
import { forget, setRefused } from './off-the-list'
import { bundle, verdictOn, waitMs } from './verdict'

/** What the sender knows of the record, and does to it. */
export interface SenderPort {
  waiting: Ref<Waiting[]>
  pictures: Ref<Picture[]>
  trouble: Ref<TroubleKind | null>
  signedOut: Ref<boolean>
  whySignedOut: Ref<string>
  /** Why the session ended, where there is more to say than that it did. */
  whyOut: (error: unknown) => string
  pictureRefused: Ref<string>
  clockAheadMs: Ref<number>
  notKept: Ref<boolean>
  /** What has not gone up and was not refused, of all dogs or one. */
  toSend: (dogId?: string) => Waiting[]
  readWaiting: () => Promise<void>
  /** The dog in view. */
  file: Ref<DogFile | null>
  /** These have gone up. */
  took: (ids: readonly string[]) => void
  /** Keeps the dog in view as it is shown, if it is this one. */
  keepShown: (dogId: string) => Promise<void>
}
export interface Sender {
  send: () => Promise<number | null>
  /** What waited for a network need wait no longer. */
  signalIsBack: () => void
  /** Entries of a clock that was ahead are put where they belong. */
  setClockRight: () => Promise<void>
}

/** Failures of the same entries after which they are sent in halves, to find the one that will not go (judgement). */
const TRIES_TOGETHER = 3
/** Shortest rest between two rounds, and how long another page of the device is left to send, ms (judgement). */
const LEAST_REST_MS = 1_000
const OTHER_PAGE_MS = 2_000
/** A device's clock this near the server's is right, ms (judgement). */
const NEAR_ENOUGH_MS = 60 * 60_000
/** One page of the device sends at a time. */
const SENDER = 'grumbo-sender'

/** How a dog's entries fare on their way up. Dogs do not wait for one another. */
interface Lane {
  tries: number
  notBefore: number
  /** How many go together. */
  most: number
}

/** Carries what waits on the device to the server, and what became of it back. */
export function makeSender(port: SenderPort): Sender {
  const lanes = new Map<string, Lane>()
  const laneOf = (dogId: string): Lane => {
    let lane = lanes.get(dogId)
    if (!lane) lanes.set(dogId, (lane = { tries: 0, notBefore: 0, most: Infinity }))
    return lane
  }
  /** Photographs go up after their entries, in a lane of their own. */
  const PICTURES = 'pictures'
  const readyLane = () =>
    [...new Set(port.toSend().map((w) => w.dogId))].find((id) => laneOf(id).notBefore <= currentMs())

  let sending = false
  /**
   * Sends what waits, a dog at a time, until nothing can go just now. One page of the device does.
   * @returns when to come again, ms; null when there is nothing to come for
   */
  async function send(): Promise<number | null> {
    if (sending) return null
    sending = true
    try {
      await alone(async () => {
        for (let dogId = readyLane(); dogId && !port.signedOut.value; dogId = readyLane())
          await sendLane(dogId)
        while (
          !port.toSend().length &&
          port.pictures.value.length &&
          !port.signedOut.value &&
          laneOf(PICTURES).notBefore <= currentMs()
        )
          await sendPicture(port.pictures.value[0]!)
      })
    } finally {
      sending = false
    }
    if (port.signedOut.value) return null
    const left = [...port.toSend().map((w) => w.dogId), ...(port.pictures.value.length ? [PICTURES] : [])]
    if (!left.length) return null
    return Math.max(LEAST_REST_MS, Math.min(...left.map((id) => laneOf(id).notBefore)) - currentMs())
  }

  /** Does it where no other page of this device is sending; what another page sent is then read again. */
  async function alone(work: () => Promise<void>) {
    if (!navigator.locks) return work()
    await navigator.locks.request(SENDER, { ifAvailable: true }, async (lock) => {
      if (!lock) {
        for (const w of port.toSend()) laneOf(w.dogId).notBefore = currentMs() + OTHER_PAGE_MS
        return
      }
      await port.readWaiting()
      await work()
    })
    // The other page may have sent what waited here.
    if (!port.notKept.value) await port.readWaiting()
  }

  async function sendLane(dogId: string) {
    const lane = laneOf(dogId)
    const batch = bundle(port.toSend(dogId), lane.most)
    try {
      const answer = await ask('entriesAnswer', `/api/dogs/${dogId}/entries`, {
        method: 'POST',
        body: { entries: batch.map((w) => w.entry) },
      })
      port.trouble.value = null
      port.signedOut.value = false
      Object.assign(lane, { tries: 0, notBefore: 0, most: Infinity })
      await settle(batch, answer, dogId)
      // What the server did not name stays, and is sent again a little later.
      const named = new Set([...answer.taken, ...answer.refused.map((r) => r.id)])
      if (batch.some((w) => !named.has(w.id))) later(lane, null)
    } catch (error) {
      await fare(error, lane, batch, dogId)
    }
  }

  /** Entries leave the device only by their names. */
  async function settle(
    batch: Waiting[],
    answer: Pick<EntriesAnswer, 'taken' | 'refused' | 'now'>,
    dogId: string,
  ) {
    const mine = new Map(batch.map((w) => [w.id, w]))
    const gone = answer.taken.filter((id) => mine.has(id))
    port.waiting.value = port.waiting.value.filter((w) => !gone.includes(w.id))
    port.took(gone)
    if (gone.length) await dropWaiting(gone).catch(() => undefined)
    const off = currentMs() - Date.parse(answer.now)
    // A clock that was put right lets plans be written again.
    if (Math.abs(off) < NEAR_ENOUGH_MS) port.clockAheadMs.value = 0
    for (const { id, code, says } of answer.refused) {
      const item = mine.get(id)
      if (!item) continue
      // In the farthest east a clock that is a little ahead makes a day too early: that passes by itself.
      if (code === 'not-come-yet' && off < NEAR_ENOUGH_MS) {
        later(laneOf(dogId), off)
        continue
      }
      if (code === 'not-come-yet') port.clockAheadMs.value = off
      if (item.entry.what.kind === 'plan') await forget(port, item)
      else
        await setRefused(
          port,
          { ...item, ...(code === 'not-come-yet' ? { ahead: true as const } : {}) },
          says,
        )
    }
    await port.keepShown(dogId)
    if (!port.waiting.value.length) port.notKept.value = false
  }

  function later(lane: Lane, atLeastMs: number | null) {
    lane.tries += 1
    lane.notBefore = currentMs() + waitMs(lane.tries, atLeastMs, Math.random())
  }

  /** What becomes of a bundle whose call went wrong. */
  async function fare(error: unknown, lane: Lane, batch: Waiting[], dogId: string) {
    // None could be taken: each is named with its reason all the same.
    if (error instanceof Refused && error.refusal.refused?.length && error.refusal.now) {
      const { refused, now } = error.refusal
      return settle(batch, { taken: [], refused: refused!, now: now! }, dogId)
    }
    const verdict = verdictOn(error)
    if (verdict.do === 'sign-in') {
      port.signedOut.value = true
      port.whySignedOut.value = port.whyOut(error)
    } else if (verdict.do === 'never') {
      for (const w of batch) await setRefused(port, w, verdict.says)
    } else if (verdict.do === 'smaller') {
      if (batch.length === 1) await setRefused(port, batch[0]!, inWords(error))
      else lane.most = Math.ceil(batch.length / 2)
    } else {
      port.trouble.value = verdict.trouble
      later(lane, verdict.atLeastMs)
      // The network is the same for every dog; a server that fails may fail at one entry alone.
      if (verdict.trouble !== 'server-away')
        for (const other of lanes.values()) other.notBefore = Math.max(other.notBefore, lane.notBefore)
      else if (lane.tries >= TRIES_TOGETHER) {
        lane.tries = 1
        if (batch.length === 1) await setRefused(port, batch[0]!, 'The server failed at it, time and again.')
        else {
          lane.most = Math.ceil(batch.length / 2)
          lane.notBefore = 0
        }
      }
    }
  }

  /** Sends a photograph whose entry is up. */
  async function sendPicture(picture: Picture) {
    const lane = laneOf(PICTURES)
    const done = async () => {
      await keepPicture({ ...picture, sent: true })
      port.pictures.value = port.pictures.value.filter((p) => p.id !== picture.id)
    }
    try {
      await api(`/api/dogs/${picture.dogId}/photographs/${picture.id}`, {
        method: 'PUT',
        body: picture.jpeg,
      })
      port.trouble.value = null
      Object.assign(lane, { tries: 0, notBefore: 0 })
      await done()
    } catch (error) {
      const verdict = verdictOn(error)
      if (verdict.do === 'sign-in') {
        port.signedOut.value = true
        port.whySignedOut.value = port.whyOut(error)
      } else if (verdict.do === 'later') {
        port.trouble.value = verdict.trouble
        later(lane, verdict.atLeastMs)
      } else {
        // It will never be taken: it stays on this device, and stands in nobody's way.
        port.pictureRefused.value = inWords(error)
        await done()
      }
    }
  }

  /** By the server's time, the hour of the day as it was there. */
  async function setClockRight() {
    const off = port.clockAheadMs.value
    const right = port.waiting.value
      .filter((w) => w.ahead)
      .map(({ ahead: _a, refused: _r, ...w }): Waiting => {
        const at = new Date(new Date(`${w.entry.day}T${w.entry.time ?? '12:00'}`).getTime() - off)
        return {
          ...w,
          entry: { ...w.entry, day: localDay(at), ...(w.entry.time ? { time: localTime(at) } : {}) },
        }
      })
    const byId = new Map(right.map((w) => [w.id, w]))
    port.waiting.value = port.waiting.value.map((w) => byId.get(w.id) ?? w)
    await keepWaiting(right).catch(() => (port.notKept.value = true))
  }

  const signalIsBack = () => {
    for (const lane of lanes.values()) lane.notBefore = 0
  }
  return { send, setClockRight, signalIsBack }
}
