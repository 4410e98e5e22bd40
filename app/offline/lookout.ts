import { useEventListener, useTimeoutFn } from '@vueuse/core'
import type { Ref } from 'vue'
import type { TroubleKind } from '~/words/trouble'
import { waitMs } from './verdict'

/** How often it is asked what other devices did, while somebody looks, and while two may be at one table, ms (judgement). */
const NOW_AND_THEN_MS = 20_000
const AT_TABLE_MS = 5_000
/** Not twice within so long, ms, however often the page is looked away from and back at (judgement). */
const AT_MOST_MS = 3_000

/** What the lookout knows of the record. */
export interface LookoutPort {
  trouble: Ref<TroubleKind | null>
  /** A dog is in view, it is ours, and somebody is signed in. */
  ready: () => boolean
  atTable: () => boolean
  look: () => Promise<void>
  signalIsBack: () => void
}

/**
 * Takes in what other devices did: now and then while the page is in view, when it is looked at again, and
 * when a signal comes back. Only what is new comes over the wire.
 */
export function keepLooking(port: LookoutPort) {
  let lookedAt = currentMs()
  let inVain = 0
  const rest = () => {
    const usual = port.atTable() ? AT_TABLE_MS : NOW_AND_THEN_MS
    // Devices do not all come at once, and not often to a server that is not well.
    return inVain ? Math.max(usual, waitMs(inVain, null, Math.random())) : usual * (0.8 + 0.4 * Math.random())
  }
  const { start: lookLater, stop: lookNoMore } = useTimeoutFn(() => look(), rest, { immediate: false })
  async function look() {
    lookNoMore()
    if (port.ready() && document.visibilityState !== 'hidden') {
      lookedAt = currentMs()
      await port.look()
      inVain = port.trouble.value ? inVain + 1 : 0
    }
    lookLater()
  }
  const again = () => {
    if (document.visibilityState !== 'hidden' && Math.abs(currentMs() - lookedAt) >= AT_MOST_MS) void look()
  }
  useEventListener('focus', again)
  useEventListener(document, 'visibilitychange', again)
  useEventListener('online', () => {
    inVain = 0
    port.signalIsBack()
    void look()
  })
  lookLater()
}
