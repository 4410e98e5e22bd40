import type { Room } from '#shared/answers'

/** The groomer's room: who is signed in, and the dogs; null when nobody is. */
export function useRoom() {
  const room = useState<Room | null>('room', () => null)
  const state = ref<'loading' | 'ready' | 'signed-out' | 'no-signal'>('loading')
  let again: ReturnType<typeof setTimeout> | undefined

  async function load() {
    clearTimeout(again)
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
      if (room.value.dogs.some((d) => d.stale)) again = setTimeout(() => void load(), 800)
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
    room.value = null
    state.value = 'signed-out'
  }
  onBeforeUnmount(() => clearTimeout(again))
  return { room, state, load, leave, takeCarried }
}
