import { useLocalStorage } from '@vueuse/core'
import type { TrimId } from '#core/care/tidies/dangers'
import type { CarePartId } from '#core/record/care-parts'
import type { PartDone } from '#core/record/entries'

/** A tidy being led, kept on the device from step to step: it goes on where it was after the page was closed. */
export interface LedRun {
  dog: string
  day: string
  tidy: TrimId
  /** The step in hand, and the part; none at the beginning. */
  step: string
  part?: CarePartId
  /** When it was begun, ms. */
  began: number
  /** What became of each part so far. */
  did: Partial<Record<CarePartId, PartDone['did']>>
}
const KEPT = 'grumbo-led'
const NONE: LedRun = { dog: '', day: '', tidy: 'paws', step: '', began: 0, did: {} }

export function useLedRun(tidy: () => TrimId) {
  const { file, today } = useDog()
  const kept = useLocalStorage<LedRun>(KEPT, { ...NONE })
  /** The run of this tidy that was begun today and not ended. */
  const run = computed(() => {
    const k = kept.value
    return k.began && k.dog === file.value.id && k.day === today.value && k.tidy === tidy() ? k : null
  })
  const begin = () =>
    (kept.value = {
      dog: file.value.id,
      day: today.value,
      tidy: tidy(),
      step: '',
      began: currentMs(),
      did: {},
    })
  const end = () => (kept.value = { ...NONE })
  return { run, begin, end }
}
