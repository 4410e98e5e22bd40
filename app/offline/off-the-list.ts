import type { Ref } from 'vue'
import type { DogFile } from '#shared/answers'
import { dropWaiting, keepWaiting } from './device'
import type { Waiting } from './device'

interface Lists {
  file: Ref<DogFile | null>
  waiting: Ref<Waiting[]>
  notKept: Ref<boolean>
}
const notShown = ({ file }: Lists, { id }: Waiting) => {
  if (file.value) file.value = { ...file.value, entries: file.value.entries.filter((e) => e.id !== id) }
}

/** Off the device, and out of what is shown. */
export async function forget(lists: Lists, item: Waiting) {
  lists.waiting.value = lists.waiting.value.filter((w) => w.id !== item.id)
  await dropWaiting([item.id]).catch(() => undefined)
  notShown(lists, item)
}

/** Refused, and why: it waits to be seen, and is shown no more. */
export async function setRefused(lists: Lists, item: Waiting, why: string) {
  const refused = { ...item, refused: why }
  lists.waiting.value = lists.waiting.value.map((w) => (w.id === item.id ? refused : w))
  notShown(lists, item)
  await keepWaiting([refused]).catch(() => (lists.notKept.value = true))
}
