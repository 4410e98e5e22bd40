import { defineStore } from 'pinia'
import { v7 as uuid } from 'uuid'
import type { Entry, Fact, FactOf } from '#core/record/entries'
import type { Profile } from '#core/record/profile'
import type { DogFile } from '#shared/api'
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

/** How long to wait before sending again what has not gone up, ms. */
const TRY_AGAIN = 4000
const MOST_AT_ONCE = 200
/** Answers to a photograph that trying again does not change. */
const PICTURE_REFUSED = [404, 409, 413, 415]

/**
 * The record of the dog in view. Entries are made here with their own id, kept on the device first,
 * and go up when they can; sending one twice changes nothing.
 */
export const useRecord = defineStore('record', () => {
  const file = shallowRef<DogFile | null>(null)
  const waiting = ref<Waiting[]>([])
  const state = ref<'loading' | 'ready' | 'missing' | 'no-signal'>('loading')
  /** The device would not keep what was written: it is safe only once it has gone up. */
  const notKept = ref(false)
  /** The last attempt to send found no signal. */
  const noSignal = ref(false)
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
    } catch (error) {
      if (error instanceof Refused && error.statusCode === 401) {
        signedOut.value = true
        whySignedOut.value = whyOut(error)
      } else if (error instanceof Refused) state.value = 'missing'
      else if (!file.value) state.value = 'no-signal'
    }
    void send()
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
    const entries = facts.map((f, i): Entry => ({ id: ids[i] ?? uuid(), ...f }) as Entry)
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

  /** Changes what is true of the dog day to day. @throws NoSignal, Refused */
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

  async function send() {
    if (sending) return
    const dogId = waiting.value.find((w) => !w.refused)?.dogId
    if (!dogId) return sendPictures()
    const batch = waiting.value.filter((w) => w.dogId === dogId && !w.refused).slice(0, MOST_AT_ONCE)
    sending = true
    clearTimeout(timer)
    try {
      await api(`/api/dogs/${dogId}/entries`, {
        method: 'POST',
        body: { entries: batch.map((w) => w.entry) },
      })
      noSignal.value = signedOut.value = false
      const gone = new Set(batch.map((w) => w.id))
      waiting.value = waiting.value.filter((w) => !gone.has(w.id))
      await dropWaiting([...gone]).catch(() => undefined)
      if (file.value?.id === dogId) await keepFile(file.value).catch(() => undefined)
      if (!waiting.value.length) notKept.value = false
      sending = false
      void send()
    } catch (error) {
      sending = false
      if (error instanceof Refused && error.statusCode === 422 && batch.length === 1) {
        await setRefused(batch[0]!, error.message)
        void send()
      } else if (error instanceof Refused && error.statusCode === 422) {
        await sendSingly(batch, dogId)
      } else {
        noSignal.value = error instanceof NoSignal
        signedOut.value = error instanceof Refused && error.statusCode === 401
        whySignedOut.value = whyOut(error)
        if (!signedOut.value) timer = setTimeout(() => void send(), TRY_AGAIN)
      }
    }
  }

  /** Sends the photographs whose entries are up, one at a time. */
  async function sendPictures() {
    const picture = pictures.value[0]
    if (!picture) return
    sending = true
    clearTimeout(timer)
    try {
      await api(`/api/dogs/${picture.dogId}/photographs/${picture.id}`, {
        method: 'PUT',
        body: picture.jpeg,
      })
      await keepPicture({ ...picture, sent: true })
      pictures.value = pictures.value.filter((p) => p.id !== picture.id)
    } catch (error) {
      noSignal.value = error instanceof NoSignal
      signedOut.value = error instanceof Refused && error.statusCode === 401
      if (error instanceof Refused && PICTURE_REFUSED.includes(error.statusCode)) {
        // It will never be taken: it stays on this device, and stands in nobody's way.
        pictureRefused.value = error.message
        await keepPicture({ ...picture, sent: true })
        pictures.value = pictures.value.filter((p) => p.id !== picture.id)
      } else {
        if (!signedOut.value) timer = setTimeout(() => void send(), TRY_AGAIN)
        return
      }
    } finally {
      sending = false
    }
    void send()
  }

  /** One of a batch was refused: each is sent by itself, so that the others still go up. */
  async function sendSingly(batch: Waiting[], dogId: string) {
    for (const w of batch) {
      try {
        await api(`/api/dogs/${dogId}/entries`, { method: 'POST', body: { entries: [w.entry] } })
        waiting.value = waiting.value.filter((x) => x.id !== w.id)
        await dropWaiting([w.id]).catch(() => undefined)
      } catch (error) {
        if (error instanceof Refused && error.statusCode === 422) await setRefused(w, error.message)
        else {
          timer = setTimeout(() => void send(), TRY_AGAIN)
          return
        }
      }
    }
  }

  async function setRefused(item: Waiting, why: string) {
    const refused = { ...item, refused: why }
    waiting.value = waiting.value.map((w) => (w.id === item.id ? refused : w))
    if (file.value)
      file.value = { ...file.value, entries: file.value.entries.filter((e) => e.id !== item.id) }
    await keepWaiting([refused]).catch(() => (notKept.value = true))
  }

  async function dismissRefused() {
    const ids = waiting.value.filter((w) => w.refused).map((w) => w.id)
    waiting.value = waiting.value.filter((w) => !w.refused)
    await dropWaiting(ids).catch(() => undefined)
    pictureRefused.value = ''
  }

  if (import.meta.client) window.addEventListener('online', () => void send())

  return {
    file,
    waiting,
    state,
    pictures,
    pictureRefused,
    notKept,
    noSignal,
    signedOut,
    whySignedOut,
    onlyLooking,
    open,
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
