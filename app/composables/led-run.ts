import { useLocalStorage } from '@vueuse/core'
import { BEGIN } from '#core/care/led/run'
import type { Run } from '#core/care/led/run'
import type { CarePartId } from '#core/record/care-parts'
import type { WorkId } from '#core/record/tidies'
import { LED_RUN } from './band-on'

/** A work being led, kept on the device from step to step: it goes on where it was after the page was closed. */
export interface KeptRun<P extends string, W extends string> {
  dog: string
  day: string
  work: W
  /** What of it, where a work is of one thing or another: all of a bath, or a part. */
  of?: string
  /** When it was begun, ms; and what of the time since it was paused. */
  began: number
  rested: number
  /** Since when it is paused, ms; 0 while it runs. */
  paused: number
  /** The parts that are to be done. */
  parts: P[]
  run: Run<P>
  /** A band is on. */
  band?: true
  /** As it was before each press, the last one last. */
  before: Run<P>[]
  /** When a step was first come to, ms of work since Start. */
  reached: Record<string, number>
}
const MOST_BACK = 60
/** Minutes since Start, for what a tidy takes here; a run left lying is no telling. */
const MOST_LED = 60
/** The long works, each kept by itself: a part wash is begun in the middle of a tidy. */
export type LongWorkId = 'bath' | 'undercoat' | 'clip'
const MOST_LONG = 300

const none = <P extends string, W extends string>(work: W): KeptRun<P, W> => ({
  dog: '',
  day: '',
  work,
  began: 0,
  rested: 0,
  paused: 0,
  parts: [],
  run: BEGIN as Run<P>,
  before: [],
  reached: {},
})

function useRun<P extends string, W extends string>(key: string, work: () => W, most: number) {
  const { file, today } = useDog()
  const kept = useLocalStorage<KeptRun<P, W>>(key, none<P, W>(work()), { mergeDefaults: true })
  /** The run of this work that was begun today and not ended. */
  const led = computed(() => {
    const k = kept.value as KeptRun<P, W>
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
  const begin = (parts: readonly P[], of?: string) =>
    (kept.value = {
      ...none<P, W>(work()),
      ...(of ? { of } : {}),
      dog: file.value.id,
      day: today.value,
      began: currentMs(),
      parts: [...parts],
    })
  const worked = (k: KeptRun<P, W>) => currentMs() - k.began - k.rested
  /** A press: what was before it can be come back to. */
  const go = (run: Run<P>) => {
    const k = led.value
    if (!k) return
    kept.value = {
      ...k,
      run,
      before: [...k.before, k.run].slice(-MOST_BACK),
      reached: { [run.step]: worked(k), ...k.reached },
    }
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
  const end = () => (kept.value = none<P, W>(work()))
  /** Minutes worked at since Start, or since a step was first come to, to the half; nothing where that tells nothing. */
  const minutes = (since?: string): number | undefined => {
    const k = led.value
    const from = since ? k?.reached[since] : 0
    const took = k && from !== undefined ? Math.round((worked(k) - from) / 30_000) / 2 : 0
    return took >= 0.5 && took <= most ? took : undefined
  }
  return { led, band, banded, begin, go, back, pause, resume, end, minutes }
}
export const useLedRun = (work: () => WorkId) => useRun<CarePartId, WorkId>(LED_RUN, work, MOST_LED)
export const useLongRun = <P extends string>(work: LongWorkId) =>
  useRun<P, LongWorkId>(`${LED_RUN}-${work}`, () => work, MOST_LONG)
