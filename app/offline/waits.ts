import type { Entry } from '#core/record/entries'
import { allWaiting, dropWaiting, keepWaiting, picturesWaiting } from './device'
import type { Picture, Waiting } from './device'

/** What waits on this device to go up, of every dog, and what the server refused of it. */
export function useWaits() {
  const waiting = ref<Waiting[]>([])
  /** Why the server would not have a photograph. */
  const pictureRefused = ref('')
  /** Photographs that have not gone up. */
  const pictures = ref<Picture[]>([])

  /** The device would not keep what was written: it is safe only once it has gone up. */
  const notKept = ref(false)

  /** Being put on the device at this moment: not there yet, and not lost. */
  const keeping = new Set<string>()
  /** What waits on the device, of every dog. */
  async function readWaiting() {
    const inHand = waiting.value.filter((w) => notKept.value || keeping.has(w.id))
    const kept = await allWaiting().catch(() => {
      notKept.value = true
      return []
    })
    pictures.value = await picturesWaiting().catch(() => [])
    const known = new Set(kept.map((w) => w.id))
    waiting.value = [...kept, ...inHand.filter((w) => !known.has(w.id))]
  }

  /** Puts entries on the device, and to what waits. */
  async function wait(entries: Entry[], dogId: string) {
    const items = entries.map((entry): Waiting => ({ id: entry.id, dogId, entry }))
    waiting.value.push(...items)
    for (const { id } of items) keeping.add(id)
    await keepWaiting(items).then(
      () => undefined,
      () => (notKept.value = true),
    )
    for (const { id } of items) keeping.delete(id)
  }

  const toSend = (dogId?: string) => waiting.value.filter((w) => !w.refused && (!dogId || w.dogId === dogId))

  const lingers = useLingers(() => waiting.value.length + pictures.value.length > 0)

  /** What was refused for good, once it was seen. What only waits for a clock to be set right stays. */
  async function dismissRefused() {
    const ids = waiting.value.filter((w) => w.refused && !w.ahead).map((w) => w.id)
    waiting.value = waiting.value.filter((w) => !w.refused || w.ahead)
    await dropWaiting(ids).catch(() => undefined)
    pictureRefused.value = ''
  }

  return {
    waiting,
    pictures,
    notKept,
    pictureRefused,
    readWaiting,
    wait,
    toSend,
    lingers,
    dismissRefused,
  }
}
