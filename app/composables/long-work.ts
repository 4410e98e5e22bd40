import { stepAt } from '#core/care/led/run'
import type { AskedStep } from '#core/care/led/works'
import type { LongWorkId } from './led-run'

/** A long work from its gate to what is written of it; one that came to its end and was not written is asked after again. */
export function useLongWork<P extends string>(work: LongWorkId, order: () => readonly AskedStep<P>[]) {
  const runner = useLongRun<P>(work)
  const { led } = runner
  const stage = ref<'ready' | 'before' | 'run' | 'log'>(led.value?.run.ended ? 'log' : 'ready')
  /** Where one that was begun stands. */
  const resume = computed(() =>
    led.value && !led.value.run.ended && led.value.before.length
      ? { at: stepAt(order(), led.value.run) + 1, of: order().length }
      : null,
  )
  const stopped = computed(() => led.value?.run.ended === 'stopped')
  function start(of?: string) {
    runner.begin([], of)
    stage.value = 'run'
  }
  function goOn() {
    runner.resume()
    stage.value = 'run'
  }
  /** Stopped, and taken up again where it was. */
  function takeUp() {
    runner.back()
    stage.value = 'run'
  }
  function drop() {
    runner.end()
    stage.value = 'ready'
  }
  return { runner, led, stage, resume, stopped, start, goOn, takeUp, drop }
}
