import { useTimeoutFn } from '@vueuse/core'
import { defineStore } from 'pinia'
import { v7 as uuid } from 'uuid'
import type { Entry, Fact, FactOf } from '#core/record/entries'
import type { Profile } from '#core/record/profile'
import { latestEntry } from '#core/plan/standing'
import type { DogFile } from '#shared/answers'
import { keepFile, keepPicture, keptFile } from '~/offline/device'
import { useWaits } from '~/offline/waits'
import type { Sender } from '~/offline/sender'
import { joined, withMore } from '~/offline/shown'
import type { TroubleKind } from '~/words/trouble'

/** When the sender could not be fetched it is asked for again, ms (judgement). */
const FETCH_AGAIN_MS = 4_000
/**
 * The record of the dog in view. Entries are made here with their own id, kept on the device first,
 * and go up when they can; sending one twice changes nothing.
 */
export const useRecord = defineStore('record', () => {
  const file = shallowRef<DogFile | null>(null)
  const state = ref<'loading' | 'ready' | 'missing' | 'no-answer'>('loading')
  /** Why the last attempt to send met no answer; null when one came. */
  const trouble = ref<TroubleKind | null>(null)
  /** By how much this device's clock is ahead of the server's, ms, once entries were refused for it. */
  const clockAheadMs = ref(0)
  const waits = useWaits()
  const { waiting, pictures, notKept, pictureRefused, readWaiting, toSend, wait } = waits
  /** The server says of the dog in view, which is kept here, that it is not there, or not ours. */
  const notThere = ref('')
  /** Signed out elsewhere: nothing goes up until somebody signs in. */
  const signedOut = ref(false)
  /** Somebody who may only look pressed what writes. */
  const onlyLooking = ref(false)
  /** Why the session ended, if the server said more than that it did. */
  const whySignedOut = ref('')
  /** Taken out of the household is told; a session that merely ended has no more to say. */
  const whyOut = (error: unknown) =>
    error instanceof Refused && error.code === 'no-longer' ? error.message : ''

  const withWaiting = (kept: DogFile) => withMore(kept, waiting.value)

  /** When entries went up, ms of this page: an answer asked for before that does not know of them. */
  const tookAt = new Map<string, number>()
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
    await askAfter(dogId, kept)
    void send()
    lookOut()
  }

  /** What the server has of a dog, or of what is new since this device asked last. */
  async function askAfter(dogId: string, kept?: DogFile) {
    try {
      const asked = performance.now()
      const had = file.value?.id === dogId ? file.value : kept
      const mark = had?.mark
      const answer = await ask('dogAnswer', `/api/dogs/${dogId}${mark ? `?since=${mark}` : ''}`)
      const told = new Set(answer.entries.map((e) => e.id))
      const since = (file.value?.id === dogId ? file.value : had)?.entries ?? []
      const fresh: DogFile = answer.since
        ? joined(since, answer)
        : {
            ...answer,
            entries: [
              ...answer.entries,
              ...since.filter((e) => !told.has(e.id) && (tookAt.get(e.id) ?? -1) >= asked),
            ],
          }
      signedOut.value = false
      trouble.value = null
      // Where nothing came since, what is shown stays the very same: nothing is worked out again.
      if (!file.value || !answer.since || answer.mark !== mark) {
        await keepGoneUp(fresh)
        file.value = withWaiting(fresh)
      }
      state.value = 'ready'
      notThere.value = ''
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
  }
  /** Keeps the dog in view on the device without what has not gone up: that is kept by itself. */
  async function keepGoneUp(at: DogFile) {
    const waits = new Set(waiting.value.map((w) => w.id))
    await keepFile({ ...at, entries: at.entries.filter((e) => !waits.has(e.id)) }).catch(() => undefined)
  }

  /** Nothing of the dog in view stays: whoever saw it has signed out. */
  function close() {
    notAgain()
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
    file.value = { ...at, entries: [...at.entries, ...entries] }
    await wait(entries, at.id)
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

  /** Tells of the dog anew; what has its day comes back as an entry of today. @throws NoAnswer, Refused */
  async function changeProfile(profile: Profile) {
    const at = file.value
    if (!at) return
    await api(`/api/dogs/${at.id}`, { method: 'PUT', body: { profile } })
    await askAfter(at.id)
  }

  /** Takes an entry back. The earlier one stays on file. */
  const takeBack = (entry: Pick<Entry, 'id' | 'day'>) =>
    add([{ day: entry.day, what: { kind: 'correction', replaces: entry.id, by: null } }])

  let sender: Promise<Sender> | undefined
  /** The sender is fetched when there is first something to send: with no signal nothing could go anyway. */
  async function send() {
    notAgain()
    if (signedOut.value || (!toSend().length && !pictures.value.length)) return
    try {
      sender ??= import('~/offline/sender').then(({ makeSender }) =>
        makeSender({
          waiting,
          pictures,
          trouble,
          signedOut,
          whySignedOut,
          whyOut,
          pictureRefused,
          clockAheadMs,
          notKept,
          toSend,
          readWaiting,
          file,
          took: (ids) => {
            for (const id of ids) tookAt.set(id, performance.now())
          },
          keepShown: async (dogId) => {
            if (file.value?.id === dogId) await keepGoneUp(file.value)
          },
        }),
      )
      const restMs = await (await sender).send()
      if (restMs !== null) sendAgainIn(restMs)
    } catch {
      // It could not be fetched.
      sender = undefined
      trouble.value = 'no-signal'
      sendAgainIn(FETCH_AGAIN_MS)
    }
  }
  const restFor = ref(0)
  const { start: rest, stop: notAgain } = useTimeoutFn(() => send(), restFor, { immediate: false })
  function sendAgainIn(ms: number) {
    restFor.value = ms
    rest()
  }
  const waitsToTell = computed(() => waits.lingers.value || trouble.value !== null)
  /** Whether there is anything to say of how what is written here stands. */
  const notices = computed(
    () =>
      (waitsToTell.value && waiting.value.length + pictures.value.length > 0) ||
      waiting.value.some((w) => w.refused) ||
      signedOut.value ||
      onlyLooking.value ||
      !!(notThere.value || pictureRefused.value),
  )
  /** Entries of a clock that was ahead are put where they belong, and go up. */
  async function setClockRight() {
    await (await sender)?.setClockRight()
    if (file.value) file.value = withWaiting(file.value)
    void send()
  }

  /** What another device did comes in: the lookout is fetched once there is something to look at. */
  let looksOut = false
  function lookOut() {
    if (looksOut || !import.meta.client) return
    looksOut = true
    void import('~/offline/lookout').then(
      ({ keepLooking }) =>
        keepLooking({
          trouble,
          ready: () => !!file.value && !signedOut.value && !notThere.value,
          atTable: () => location.pathname.endsWith('/table'),
          look: () => askAfter(file.value!.id),
          signalIsBack: () => {
            void sender?.then((s) => s.signalIsBack())
            void send()
          },
        }),
      () => (looksOut = false),
    )
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
    notices,
    waitsToTell,
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
    dismissRefused: waits.dismissRefused,
  }
})
