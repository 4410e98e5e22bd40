import { defineStore } from 'pinia'
import type { Me } from '#shared/answers'
import { forgetAll, keepMe, keptMe } from '~/offline/device'
import { dropDrafts } from '~/offline/drafts'

/** Who is signed in on this device, and their dogs. */
export const useMe = defineStore('me', () => {
  const me = ref<Me | null>(null)
  /** Why nobody is signed in, where there is more to say than that. */
  const why = ref('')

  /** From the server, or as last kept when there is no signal. Null when nobody is signed in. */
  async function load(): Promise<Me | null> {
    why.value = ''
    try {
      const answer = await ask('meAnswer', '/api/me')
      if ('nobody' in answer) {
        me.value = null
        if (answer.nobody === 'no-longer') why.value = answer.says
      } else {
        me.value = answer
        await keepMe(answer).catch(() => undefined)
      }
    } catch {
      // Neither a server that is away nor one that says to wait means that nobody is signed in.
      me.value = (await keptMe().catch(() => null)) ?? null
    }
    return me.value
  }

  /** Nothing of this household stays on the device. */
  async function forget() {
    await forgetAll().catch(() => undefined)
    dropDrafts()
    useRecord().close()
    me.value = null
  }
  async function signOut() {
    await api('/api/session', { method: 'DELETE' })
    await forget()
  }
  /** Whether somebody of this role may log what happens, and change the rest. */
  const mayLog = computed(() => me.value?.role !== 'viewer')
  const mayChange = computed(() => !me.value || me.value.role === 'owner')

  return { me, why, load, forget, signOut, mayLog, mayChange }
})
