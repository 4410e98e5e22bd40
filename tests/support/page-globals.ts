import 'fake-indexeddb/auto'
import * as vue from 'vue'
import { vi } from 'vitest'
import { currentInstant, currentMs } from '../../app/composables/clock'

/**
 * What a page finds without asking for it, for tests of its composables and stores alone: Vue's own parts, the
 * clock, and the day and time of it.
 */
export function pageGlobals(more: Record<string, unknown> = {}) {
  const { ref, shallowRef, computed, watch, reactive, toRaw, nextTick, effectScope } = vue
  const all = {
    ref,
    shallowRef,
    computed,
    watch,
    reactive,
    toRaw,
    nextTick,
    effectScope,
    onMounted: (act: () => unknown) => void act(),
    onBeforeUnmount: () => undefined,
    currentMs,
    currentInstant,
    localDay: () => '2026-05-20',
    localTime: () => '18:00',
    navigator: {},
    ...more,
  }
  for (const [name, value] of Object.entries(all)) vi.stubGlobal(name, value)
}
