import { defineStore } from 'pinia'
import { v7 as uuid } from 'uuid'
import type { Entry, Fact, FactOf } from '#core/record/entries'
import type { Profile } from '#core/record/profile'
import { latestEntry } from '#core/plan/standing'
import type { DogFile, EntriesAnswer } from '#shared/api'
import {
  allWaiting,
  dropWaiting,
  keepFile,
  keepPicture,
  keepWaiting,
  keptFile,
  picturesWaiting,
} from '~/offline/device'
import type { Picture, Waiting } from '~/offline/device'
import { bundle, verdictOn, waitMs } from '~/offline/verdict'
import type { TroubleKind } from '~/words/trouble'

/** Failures of the same entries after which they are sent in halves, to find the one that will not go (judgement). */
const TRIES_TOGETHER = 3
/** Looks at the server again when the page is looked at, at most so often, ms (judgement). */
const LOOK_AGAIN_MS = 20_000
/** One page of the device sends at a time. */
const SENDER = 'grumbo-sender'

/** How a dog's entries fare on their way up. Dogs do not wait for one another. */
interface Lane {
  tries: number
  notBefore: number
  /** How many go together. */
  most: number
}

/**
 * The record of the dog in view. Entries are made here with their own id, kept on the device first,
 * and go up when they can; sending one twice changes nothing.
 */
export const useRecord = defineStore('record', () => {
  const file = shallowRef<DogFile | null>(null)
  const waiting = ref<Waiting[]>([])
  const state = ref<'loading' | 'ready' | 'missing' | 'no-answer'>('loading')
  /** The device would not keep what was written: it is safe only once it has gone up. */
  const notKept = ref(false)
  /** Why the last attempt to send met no answer; null when one came. */
  const trouble = ref<TroubleKind | null>(null)
  /** By how much this device's clock is ahead of the server's, ms, once entries were refused for it. */
  const clockAheadMs = ref(0)
  /** The server says of the dog in view, which is kept here, that it is not there, or not ours. */
  const notThere = ref('')
  /** Signed out elsewhere: nothing goes up until somebody signs in. */
  const signedOut = ref(false)
  /** Somebody who may only look pressed what writes. */
  const onlyLooking = ref(false)
  /** Why the session ended, if the server said more than that it did. */
  const whySignedOut = ref('')
  /** Why the server would not have a photograph. */
  const pictureRefused = ref('')
  /** Photographs that have not gone up. */
  const pictures = ref<Picture[]>([])
  let sending = false
  let timer: ReturnType<typeof setTimeout> | undefined

  /** Taken out of the household is told; a session that merely ended has no more to say. */
  const whyOut = (error: unknown) =>
    error instanceof Refused && error.code === 'no-longer' ? error.message : ''

  const withWaiting = (kept: DogFile): DogFile => {
    const known = new Set(kept.entries.map((e) => e.id))
    const more = waiting.value
      .filter((w) => w.dogId === kept.id && !w.refused && !known.has(w.id))
      .map((w) => w.entry)
    return { ...kept, entries: [...kept.entries, ...more] }
  }

  /** What waits on the device, of every dog. */
  async function readWaiting() {
    const inHand = notKept.value ? waiting.value : []
    const kept = await allWaiting().catch(() => {
      notKept.value = true
      return []
    })
    pictures.value = await picturesWaiting().catch(() => [])
    const known = new Set(kept.map((w) => w.id))
    waiting.value = [...kept, ...inHand.filter((w) => !known.has(w.id))]
  }

  /** Another page of this device has written: its entries are shown here too. */
  async function reread() {
    await readWaiting()
    const at = file.value
    if (!at) return
    const known = new Set(at.entries.map((e) => e.id))
    const kept = await keptFile(at.id).catch(() => undefined)
    const more = kept?.entries.filter((e) => !known.has(e.id)) ?? []
    file.value = withWaiting({ ...at, entries: [...at.entries, ...more] })
  }

  /** Shows what the device has, then what the server has. */
  async function open(dogId: string) {
    if (file.value?.id !== dogId) {
      file.value = null
      state.value = 'loading'
    }
    await readWaiting()
    const kept = await keptFile(dogId).catch(() => undefined)
    if (kept && !file.value) {
      file.value = withWaiting(kept)
      state.value = 'ready'
    }
    try {
      const fresh = await api<DogFile>(`/api/dogs/${dogId}`)
      await keepFile(fresh).catch(() => undefined)
      signedOut.value = false
      file.value = withWaiting(fresh)
      state.value = 'ready'
      notThere.value = ''
      lookedAt = currentMs()
    } catch (error) {
      if (error instanceof Refused && error.statusCode === 401) {
        signedOut.value = true
        whySignedOut.value = whyOut(error)
      } else if (error instanceof Refused && file.value) notThere.value = error.message
      else if (error instanceof Refused) state.value = 'missing'
      else if (error instanceof NoAnswer) {
        trouble.value = error.kind
        if (!file.value) state.value = 'no-answer'
      }
    }
    void send()
  }

  /** Nothing of the dog in view stays: whoever saw it has signed out. */
  function close() {
    clearTimeout(timer)
    file.value = null
    waiting.value = []
    pictures.value = []
    state.value = 'loading'
    notThere.value = ''
    signedOut.value = false
  }

  /** Adds what happened. @returns the entries as made */
  async function add(
    facts: { day: string; time?: string; what: Fact | Entry['what'] }[],
    ids: string[] = [],
  ): Promise<Entry[]> {
    const at = file.value
    if (!at) throw new Error('No dog is open.')
    if (!useMe().mayLog) {
      // A plan made to look at is no fault of the viewer's.
      if (facts.some((f) => f.what.kind !== 'plan')) onlyLooking.value = true
      return []
    }
    // A plan from a clock that is ahead would be refused, made anew, and refused again.
    if (clockAheadMs.value && facts.every((f) => f.what.kind === 'plan')) return []
    const knows = latestEntry(at.entries)
    const inView = (what: Fact | Entry['what']) =>
      what.kind === 'correction' && knows ? { ...what, knows } : what
    const entries = facts.map(
      (f, i): Entry => ({ id: ids[i] ?? uuid(), ...f, what: inView(f.what) }) as Entry,
    )
    const items = entries.map((entry): Waiting => ({ id: entry.id, dogId: at.id, entry }))
    file.value = { ...at, entries: [...at.entries, ...entries] }
    waiting.value.push(...items)
    await keepWaiting(items).then(
      () => undefined,
      () => (notKept.value = true),
    )
    void send()
    return entries
  }

  /** Adds a photograph to the diary: its entry, and the picture, which goes up after it. */
  async function addPicture(day: string, time: string, what: FactOf<'photo'>, jpeg: Blob) {
    const at = file.value
    if (!at) throw new Error('No dog is open.')
    const id = uuid()
    const picture = { id, dogId: at.id, jpeg, sent: false }
    pictures.value = [...pictures.value, picture]
    if (!(await keepPicture(picture))) notKept.value = true
    return add([{ day, time, what }], [id])
  }

  /** Changes what is true of the dog day to day. @throws NoAnswer, Refused */
  async function changeProfile(profile: Profile) {
    const at = file.value
    if (!at) return
    await api(`/api/dogs/${at.id}`, { method: 'PUT', body: { profile } })
    file.value = { ...(file.value ?? at), profile }
    await keepFile(file.value).catch(() => undefined)
  }

  /** Takes an entry back. The earlier one stays on file. */
  const takeBack = (entry: Pick<Entry, 'id' | 'day'>) =>
    add([{ day: entry.day, what: { kind: 'correction', replaces: entry.id, by: null } }])

  const lanes = new Map<string, Lane>()
  const laneOf = (dogId: string): Lane => {
    let lane = lanes.get(dogId)
    if (!lane) lanes.set(dogId, (lane = { tries: 0, notBefore: 0, most: Infinity }))
    return lane
  }
  /** Photographs go up after their entries, in a lane of their own. */
  const PICTURES = 'pictures'
  const toSend = (dogId?: string) => waiting.value.filter((w) => !w.refused && (!dogId || w.dogId === dogId))
  const readyLane = () =>
    [...new Set(toSend().map((w) => w.dogId))].find((id) => laneOf(id).notBefore <= currentMs())

  /** Sends what waits, a dog at a time, until nothing can go just now. One page of the device does. */
  async function send() {
    if (sending || signedOut.value) return
    sending = true
    clearTimeout(timer)
    try {
      await alone(async () => {
        for (let dogId = readyLane(); dogId && !signedOut.value; dogId = readyLane()) await sendLane(dogId)
        while (
          !toSend().length &&
          pictures.value.length &&
          !signedOut.value &&
          laneOf(PICTURES).notBefore <= currentMs()
        )
          await sendPicture(pictures.value[0]!)
      })
    } finally {
      sending = false
    }
    if (signedOut.value) return
    const lanesLeft = [...toSend().map((w) => w.dogId), ...(pictures.value.length ? [PICTURES] : [])]
    if (!lanesLeft.length) return
    const next = Math.min(...lanesLeft.map((id) => laneOf(id).notBefore))
    timer = setTimeout(() => void send(), Math.max(1000, next - currentMs()))
  }

  /** Does it where no other page of this device is sending; what another page sent is then read again. */
  async function alone(work: () => Promise<void>) {
    if (!navigator.locks) return work()
    await navigator.locks.request(SENDER, { ifAvailable: true }, async (lock) => {
      if (!lock) {
        for (const w of toSend()) laneOf(w.dogId).notBefore = currentMs() + 2000
        return
      }
      await readWaiting()
      await work()
    })
    // The other page may have sent what waited here.
    if (!notKept.value) await readWaiting()
  }

  async function sendLane(dogId: string) {
    const lane = laneOf(dogId)
    const batch = bundle(toSend(dogId), lane.most)
    try {
      const { entriesAnswer } = await import('#shared/api')
      const answer = await api<EntriesAnswer>(
        `/api/dogs/${dogId}/entries`,
        { method: 'POST', body: { entries: batch.map((w) => w.entry) } },
        async () => entriesAnswer,
      )
      trouble.value = null
      signedOut.value = false
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
    waiting.value = waiting.value.filter((w) => !gone.includes(w.id))
    if (gone.length) await dropWaiting(gone).catch(() => undefined)
    for (const { id, code, says } of answer.refused) {
      const item = mine.get(id)
      if (!item) continue
      if (code === 'not-come-yet') clockAheadMs.value = currentMs() - Date.parse(answer.now)
      if (item.entry.what.kind === 'plan') await forget(item)
      else await setRefused({ ...item, ...(code === 'not-come-yet' ? { ahead: true as const } : {}) }, says)
    }
    if (file.value?.id === dogId) await keepFile(file.value).catch(() => undefined)
    if (!waiting.value.length) notKept.value = false
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
      signedOut.value = true
      whySignedOut.value = whyOut(error)
    } else if (verdict.do === 'never') {
      for (const w of batch) await setRefused(w, verdict.says)
    } else if (verdict.do === 'smaller') {
      if (batch.length === 1) await setRefused(batch[0]!, inWords(error))
      else lane.most = Math.ceil(batch.length / 2)
    } else {
      trouble.value = verdict.trouble
      later(lane, verdict.atLeastMs)
      // The network is the same for every dog; a server that fails may fail at one entry alone.
      if (verdict.trouble !== 'server-away')
        for (const other of lanes.values()) other.notBefore = Math.max(other.notBefore, lane.notBefore)
      else if (lane.tries >= TRIES_TOGETHER) {
        lane.tries = 1
        if (batch.length === 1) await setRefused(batch[0]!, 'The server failed at it, time and again.')
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
      pictures.value = pictures.value.filter((p) => p.id !== picture.id)
    }
    try {
      await api(`/api/dogs/${picture.dogId}/photographs/${picture.id}`, {
        method: 'PUT',
        body: picture.jpeg,
      })
      trouble.value = null
      Object.assign(lane, { tries: 0, notBefore: 0 })
      await done()
    } catch (error) {
      const verdict = verdictOn(error)
      if (verdict.do === 'sign-in') {
        signedOut.value = true
        whySignedOut.value = whyOut(error)
      } else if (verdict.do === 'later') {
        trouble.value = verdict.trouble
        later(lane, verdict.atLeastMs)
      } else {
        // It will never be taken: it stays on this device, and stands in nobody's way.
        pictureRefused.value = inWords(error)
        await done()
      }
    }
  }

  /** Off the device, and out of what is shown. */
  async function forget(item: Waiting) {
    waiting.value = waiting.value.filter((w) => w.id !== item.id)
    await dropWaiting([item.id]).catch(() => undefined)
    if (file.value)
      file.value = { ...file.value, entries: file.value.entries.filter((e) => e.id !== item.id) }
  }

  /** Entries of a clock that was ahead are put where they belong by the server's time, and go up. */
  async function setClockRight() {
    const off = clockAheadMs.value
    const ahead = waiting.value.filter((w) => w.ahead)
    const right = ahead.map(({ ahead: _a, refused: _r, ...w }): Waiting => {
      const at = new Date(new Date(`${w.entry.day}T${w.entry.time ?? '12:00'}`).getTime() - off)
      return {
        ...w,
        entry: { ...w.entry, day: localDay(at), ...(w.entry.time ? { time: localTime(at) } : {}) },
      }
    })
    const byId = new Map(right.map((w) => [w.id, w]))
    waiting.value = waiting.value.map((w) => byId.get(w.id) ?? w)
    await keepWaiting(right).catch(() => (notKept.value = true))
    if (file.value) file.value = withWaiting(file.value)
    void send()
  }

  async function setRefused(item: Waiting, why: string) {
    const refused = { ...item, refused: why }
    waiting.value = waiting.value.map((w) => (w.id === item.id ? refused : w))
    if (file.value)
      file.value = { ...file.value, entries: file.value.entries.filter((e) => e.id !== item.id) }
    await keepWaiting([refused]).catch(() => (notKept.value = true))
  }

  /** What was refused for good, once it was seen. What only waits for a clock to be set right stays. */
  async function dismissRefused() {
    const ids = waiting.value.filter((w) => w.refused && !w.ahead).map((w) => w.id)
    waiting.value = waiting.value.filter((w) => !w.refused || w.ahead)
    await dropWaiting(ids).catch(() => undefined)
    pictureRefused.value = ''
  }

  /** What another device did comes in when this page is looked at again, and when a signal comes back. */
  let lookedAt = 0
  async function look() {
    if (!file.value || document.visibilityState === 'hidden' || currentMs() - lookedAt < LOOK_AGAIN_MS) return
    await open(file.value.id)
  }
  if (import.meta.client) {
    window.addEventListener('online', () => {
      for (const lane of lanes.values()) lane.notBefore = 0
      lookedAt = 0
      void look().then(() => send())
    })
    window.addEventListener('focus', () => void look())
    document.addEventListener('visibilitychange', () => void look())
  }

  return {
    file,
    waiting,
    state,
    pictures,
    pictureRefused,
    notKept,
    trouble,
    clockAheadMs,
    setClockRight,
    notThere,
    signedOut,
    whySignedOut,
    onlyLooking,
    open,
    close,
    reread,
    readWaiting,
    add,
    addPicture,
    changeProfile,
    takeBack,
    send,
    dismissRefused,
  }
})
