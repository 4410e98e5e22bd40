<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { LEAST_PASSWORD } from '#shared/limits'

/** The way into a groomer's room: in, or open one. */
const emit = defineEmits<{ in: [] }>()
const demo = useRuntimeConfig().public.demo
const fresh = ref(false)
const form = reactive({ name: '', room: '', email: '', password: '' })
const problem = ref('')
const busy = ref(false)
async function enter(call: () => Promise<unknown>) {
  busy.value = true
  problem.value = ''
  try {
    await call()
    emit('in')
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
}
const { email, password } = toRefs(form)
const submit = () =>
  enter(() =>
    fresh.value
      ? api('/api/groomer/account', { method: 'POST', body: { ...form } })
      : api('/api/groomer/session', {
          method: 'POST',
          body: { email: email.value, password: password.value },
        }),
  )
const lookRound = () => enter(() => api('/api/groomer/demo', { method: 'POST', body: {} }))
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-[28px] font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">The groomer’s room</h1>
    <p class="why mt-2">
      Every dog shared with you: what you are about to find, how long to allow, and what to send home.
    </p>
    <button v-if="demo" class="act act-filled mt-5 w-full text-[17px]" :disabled="busy" @click="lookRound">
      Look round Imke’s room
    </button>
    <form class="mt-6 space-y-4 border-t border-ink pt-3" @submit.prevent="submit">
      <h2>{{ fresh ? 'Open a room' : 'Been here before' }}</h2>
      <template v-if="fresh">
        <label class="block">
          <span class="small">Your name, as owners know you</span>
          <input v-model="form.name" class="field" name="name" autocomplete="name" maxlength="40" required />
        </label>
        <label class="block">
          <span class="small">What your room is called</span>
          <input v-model="form.room" class="field" name="room" maxlength="60" required />
        </label>
      </template>
      <label class="block">
        <span class="small">email</span>
        <input v-model="form.email" class="field" type="email" name="email" autocomplete="email" required />
      </label>
      <label class="block">
        <span class="small">{{ fresh ? `password, ${LEAST_PASSWORD} characters or more` : 'password' }}</span>
        <input
          v-model="form.password"
          class="field"
          type="password"
          name="password"
          :autocomplete="fresh ? 'new-password' : 'current-password'"
          :minlength="fresh ? LEAST_PASSWORD : 1"
          maxlength="200"
          required
        />
      </label>
      <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
      <button class="act w-full text-[17px]" :class="demo ? 'act-plain' : 'act-filled'" :disabled="busy">
        {{ fresh ? 'Open the room' : 'Go in' }}
      </button>
    </form>
    <button class="quiet mt-2" @click="fresh = !fresh">
      {{ fresh ? 'I have a room' : 'I am new here: open a room' }}
    </button>
    <p class="small mt-4">{{ LAW }}</p>
  </main>
</template>
