import { useLocalStorage } from '@vueuse/core'
import { BEGIN } from '#core/care/led/run'
import type { Run } from '#core/care/led/run'
import type { CarePartId } from '#core/record/care-parts'
import type { WorkId } from '#core/record/tidies'
import { LED_RUN } from './band-on'

/** A tidy being led, kept on the device from step to step: it goes on where it was after the page was closed. */
export interface KeptRun {
  dog: string
  day: string
  work: WorkId
  /** When it was begun, ms; and what of the time since it was paused. */
  began: number
  rested: number
  /** Since when it is paused, ms; 0 while it runs. */
  paused: number
  /** The parts that are to be done. */
  parts: CarePartId[]
  run: Run
  /** A band is on. */
  band?: true
  /** As it was before each press, the last one last. */
  before: Run[]
}
const MOST_BACK = 60
const NONE: KeptRun = {
  dog: '',
  day: '',
  work: 'paws',
  began: 0,
  rested: 0,
  paused: 0,
  parts: [],
  run: BEGIN,
  before: [],
}
/** Minutes since Start, for what a tidy takes here; a run left lying is no telling. */
const MOST_LED = 60

export function useLedRun(work: () => WorkId) {
  const { file, today } = useDog()
  const kept = useLocalStorage<KeptRun>(LED_RUN, { ...NONE }, { mergeDefaults: true })
  /** The run of this work that was begun today and not ended. */
  const led = computed(() => {
    const k = kept.value
    return k.began && k.dog === file.value.id && k.day === today.value && k.work === work() ? k : null
  })
  /** A run of this dog in which a band is on, of whatever day. */
  const band = computed(() => (kept.value.band && kept.value.dog === file.value.id ? kept.value : null))
  /** Said at each step: whether a band is on at it. */
  const banded = (on: boolean) => {
    if (!led.value || !!led.value.band === on) return
    const { band: _band, ...rest } = led.value
    kept.value = on ? { ...rest, band: true } : rest
  }
  const begin = (parts: readonly CarePartId[]) =>
    (kept.value = {
      ...NONE,
      dog: file.value.id,
      day: today.value,
      work: work(),
      began: currentMs(),
      parts: [...parts],
    })
  /** A press: what was before it can be come back to. */
  const go = (run: Run) => {
    if (led.value)
      kept.value = { ...led.value, run, before: [...led.value.before, led.value.run].slice(-MOST_BACK) }
  }
  const back = () => {
    const last = led.value?.before.at(-1)
    if (led.value && last) kept.value = { ...led.value, run: last, before: led.value.before.slice(0, -1) }
  }
  const pause = () => {
    if (led.value && !led.value.paused) kept.value = { ...led.value, paused: currentMs() }
  }
  const resume = () => {
    const k = led.value
    if (k?.paused) kept.value = { ...k, paused: 0, rested: k.rested + currentMs() - k.paused }
  }
  const end = () => (kept.value = { ...NONE })
  /** Minutes it was worked at so far, to the half; nothing where that tells nothing. */
  const minutes = (): number | undefined => {
    const k = led.value
    const took = k ? Math.round((currentMs() - k.began - k.rested) / 30_000) / 2 : 0
    return took >= 0.5 && took <= MOST_LED ? took : undefined
  }
  return { led, band, banded, begin, go, back, pause, resume, end, minutes }
}
