<script setup lang="ts">
import { LEAST_PASSWORD } from '#shared/limits'
import type { Invitation } from '#shared/answers'

/** Taking up an invitation into a household. */
const headers = { authorization: `Bearer ${String(useRoute().params.token)}` }
const router = useRouter()
const store = useMe()
const invitation = ref<Invitation | null>(null)
const state = ref<'loading' | 'ready' | 'gone' | 'no-signal'>('loading')
const form = reactive({ name: '', email: '', password: '' })
async function load() {
  try {
    invitation.value = await ask('invitationAnswer', '/api/invitation', { headers })
    form.name = invitation.value.name
    state.value = 'ready'
  } catch (error) {
    state.value = error instanceof NoAnswer ? 'no-signal' : 'gone'
  }
}
onMounted(load)
const MAY = {
  owner: 'You may do everything the owner may.',
  helper: 'You may log what is done; the plan and the groomer are the owner’s.',
  viewer: 'You may look at everything and change nothing.',
}
const problem = ref('')
const busy = ref(false)
async function join() {
  busy.value = true
  problem.value = ''
  try {
    await api('/api/invitation', { method: 'POST', body: { ...form }, headers })
    const me = await store.load()
    const dog = me?.dogs[0]
    await router.replace(dog ? `/dogs/${dog.id}` : '/household')
  } catch (error) {
    problem.value = inWords(error, 'Press again in a moment.')
    busy.value = false
  }
}
useHead({
  title: 'An invitation · Grumbo',
  meta: [
    { name: 'robots', content: 'noindex, nofollow' },
    { name: 'referrer', content: 'no-referrer' },
  ],
})
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <p class="font-serif text-[28px] font-medium">Grumbo</p>
    <template v-if="invitation">
      <h1 class="mt-8">Join {{ invitation.household }}</h1>
      <p class="why mt-2">{{ MAY[invitation.role] }}</p>
      <form class="mt-6 space-y-4" @submit.prevent="join">
        <label class="block"
          ><span class="small">Your name</span
          ><input v-model="form.name" class="field" name="name" maxlength="40" autocomplete="name" required
        /></label>
        <label class="block"
          ><span class="small">Email</span
          ><input v-model="form.email" class="field" type="email" name="email" autocomplete="email" required
        /></label>
        <label class="block"
          ><span class="small">Password, {{ LEAST_PASSWORD }} characters or more</span
          ><input
            v-model="form.password"
            class="field"
            type="password"
            name="password"
            autocomplete="new-password"
            :minlength="LEAST_PASSWORD"
            maxlength="200"
            required
        /></label>
        <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
        <button class="act act-filled w-full text-[17px]" :disabled="busy">Join</button>
      </form>
    </template>
    <template v-else-if="state === 'gone'">
      <h1 class="mt-8">This invitation opens nothing</h1>
      <p class="why mt-2">It was used, withdrawn, or has run out. Ask for a new one.</p>
    </template>
    <template v-else>
      <p class="why mt-8" role="status">
        {{ state === 'no-signal' ? 'No signal: try again when there is one.' : 'Reading the invitation' }}
      </p>
      <button v-if="state === 'no-signal'" class="act act-plain mt-4 w-full" @click="load">Try again</button>
    </template>
  </main>
</template>
