import { useTimeoutFn } from '@vueuse/core'
import type { Room } from '#shared/answers'
import { roomDrafts } from '~/offline/drafts'

/** When forecasts still being worked out are asked for again, ms (judgement). */
const STALE_AGAIN_MS = 800

/** The groomer's room: who is signed in, and the dogs; null when nobody is. */
export function useRoom() {
  const room = useState<Room | null>('room', () => null)
  const state = ref<'loading' | 'ready' | 'signed-out' | 'no-signal'>('loading')
  const { start: again, stop: rest } = useTimeoutFn(() => load(), STALE_AGAIN_MS, { immediate: false })

  async function load() {
    rest()
    try {
      const answer = await ask('roomAnswer', '/api/room')
      if ('nobody' in answer) {
        room.value = null
        state.value = 'signed-out'
        return
      }
      room.value = answer
      state.value = 'ready'
      // Forecasts still being worked out come a moment later.
      if (room.value.dogs.some((d) => d.stale)) again()
    } catch {
      state.value = 'no-signal'
    }
  }
  /** Takes the dog whose link was opened on the way here. @returns its share */
  async function takeCarried(): Promise<string | null> {
    const token = carriedLink.take()
    if (!token) return null
    const { share } = await ask('keptAnswer', '/api/room/dogs', { method: 'POST', body: { token } })
    return share
  }
  async function leave() {
    await api('/api/groomer/session', { method: 'DELETE' })
    roomDrafts.drop()
    room.value = null
    state.value = 'signed-out'
  }
  return { room, state, load, leave, takeCarried }
}
