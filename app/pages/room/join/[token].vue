<script setup lang="ts">
import type { Colleague } from '#shared/answers'

/** An invitation into a colleague's room: whose it is, and the way in under one's own name. */
const headers = { authorization: `Bearer ${String(useRoute().params.token)}` }
const router = useRouter()
const asked = ref<Colleague | null>(null)
const state = ref<'loading' | 'ready' | 'gone' | 'no-signal'>('loading')
async function load() {
  try {
    asked.value = await ask('colleagueAnswer', '/api/room/invitation', { headers })
    state.value = 'ready'
  } catch (error) {
    state.value = error instanceof Refused ? 'gone' : 'no-signal'
  }
}
onMounted(load)
/** Nobody is signed in here yet: their own room first, then into this one. */
const door = ref(false)
const busy = ref(false)
const problem = ref('')
async function goIn() {
  busy.value = true
  problem.value = ''
  try {
    await api('/api/room/invitation', { method: 'POST', body: {}, headers })
    await router.push('/room')
  } catch (error) {
    if (error instanceof Refused && error.statusCode === 401) door.value = true
    else problem.value = inWords(error)
  }
  busy.value = false
}
function come() {
  door.value = false
  void goIn()
}
useHead({ title: 'A room · Grumbo', meta: [{ name: 'referrer', content: 'no-referrer' }] })
</script>

<template>
  <RoomDoor v-if="door" @in="come" />
  <main v-else class="mx-auto max-w-[440px] px-4 pt-24">
    <EmptyState v-if="state === 'gone'" title="This invitation opens nothing">
      <template #why>It was used, withdrawn, or has run out. Ask for another.</template>
      <ActButton to="/room" kind="filled" class="mt-6 w-full">To my room</ActButton>
    </EmptyState>
    <template v-else-if="asked">
      <h1>{{ asked.host }} asks {{ asked.name }} into {{ asked.room }}</h1>
      <p class="why mt-2">
        You see the room’s dogs and write under your own name, for as long as you work there. Dogs of your own
        wait in your own room.
      </p>
      <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
      <ActButton kind="filled" class="mt-5 w-full text-lead" :disabled="busy" @click="goIn"
        >Work there</ActButton
      >
      <p class="small mt-3">You are asked to sign in, or to open a room of your own, first.</p>
    </template>
    <template v-else>
      <p class="why" role="status">
        {{ state === 'no-signal' ? 'No signal: it shows when there is one.' : 'Reading the invitation' }}
      </p>
      <ActButton v-if="state === 'no-signal'" class="mt-4 w-full" @click="load">Try again</ActButton>
    </template>
  </main>
</template>
