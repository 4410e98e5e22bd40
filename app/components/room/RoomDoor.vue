<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { groomerBody, signInBody } from '#shared/api'

/** The way into a groomer's room: in, or open one. */
const emit = defineEmits<{ in: [] }>()
const demo = useRuntimeConfig().public.demo
const fresh = ref(false)
const emptyRoom = { name: '', room: '', email: '', password: '' }
const opening = useSchemaForm(groomerBody, emptyRoom, async (body) => {
  await api('/api/groomer/account', { method: 'POST', body })
  emit('in')
})
const going = useSchemaForm(signInBody, { email: '', password: '' }, async (body) => {
  await api('/api/groomer/session', { method: 'POST', body })
  emit('in')
})
const form = computed(() => (fresh.value ? opening : going))
/** A key says by itself whose it is: an owner's leads to their dog. */
const keyIn = (of: 'household' | 'room') => (of === 'room' ? emit('in') : navigateTo('/'))
const looking = ref(false)
const unseen = ref('')
async function lookRound() {
  looking.value = true
  unseen.value = ''
  try {
    await api('/api/groomer/demo', { method: 'POST', body: {} })
    emit('in')
  } catch (error) {
    unseen.value = inWords(error)
  }
  looking.value = false
}
const busy = computed(() => looking.value || form.value.busy.value)
const problem = computed(() => unseen.value || form.value.problem.value)
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-title font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">The groomer’s room</h1>
    <p class="why mt-2">
      Every dog shared with you: what you are about to find, how long to allow, and what to send home.
    </p>
    <ActButton v-if="demo" kind="filled" class="mt-5 w-full text-lead" :disabled="busy" @click="lookRound">
      Look round Imke’s room
    </ActButton>
    <form
      :key="String(fresh)"
      class="mt-6 space-y-4 border-t border-ink pt-3"
      novalidate
      @submit.prevent="form.submit"
    >
      <h2>{{ fresh ? 'Open a room' : 'Been here before' }}</h2>
      <PersonFields v-if="fresh" :of="opening" name-label="Your name, as owners know you">
        <SchemaField :of="opening" name="room" label="What your room is called" maxlength="60" />
      </PersonFields>
      <template v-else>
        <SchemaField :of="going" name="email" label="Email" type="email" autocomplete="email" />
        <SchemaField
          :of="going"
          name="password"
          label="Password"
          type="password"
          autocomplete="current-password"
          maxlength="200"
        />
      </template>
      <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
      <ActButton class="w-full text-lead" :kind="demo ? 'plain' : 'filled'" type="submit" :disabled="busy">
        {{ fresh ? 'Open the room' : 'Go in' }}
      </ActButton>
    </form>
    <ActButton kind="quiet" class="mt-2" @click="fresh = !fresh">
      {{ fresh ? 'I have a room' : 'I am new here: open a room' }}
    </ActButton>
    <ComeInByKey v-if="!fresh" class="mt-2" @in="keyIn" />
    <ActButton v-if="!fresh" to="/password?of=room" kind="quiet" class="mt-2 block"
      >I forgot the password</ActButton
    >
    <p class="small mt-4">{{ LAW }}</p>
  </main>
</template>
