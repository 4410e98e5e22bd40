<script setup lang="ts">
import { useEventListener } from '@vueuse/core'
import { forgottenBody, newPasswordBody } from '#shared/api'

/** A password that was forgotten: asked for by letter, and set by the letter's link. */
const route = useRoute()
const token = ref('')
const state = ref<'ask' | 'asked' | 'set' | 'over' | 'done'>('ask')
const of = ref<'household' | 'room'>(route.query.of === 'room' ? 'room' : 'household')
const authorization = computed(() => ({ authorization: `Bearer ${token.value}` }))
/** A letter's link may be opened where this page stands already. */
async function read() {
  token.value = location.hash.slice(1)
  state.value = token.value ? 'set' : 'ask'
  if (!token.value) return
  try {
    await api('/api/password', { headers: authorization.value })
  } catch (error) {
    if (error instanceof Refused) state.value = 'over'
  }
}
onMounted(read)
useEventListener('hashchange', read)
const asking = useSchemaForm(
  forgottenBody.pick({ email: true }),
  { email: '' },
  async ({ email }) => {
    await api('/api/password', { method: 'POST', body: { email, of: of.value } })
    state.value = 'asked'
  },
  'No letter went.',
)
const setting = useSchemaForm(
  newPasswordBody,
  { password: '' },
  async (body) => {
    const answer = await ask('passwordAnswer', '/api/password', {
      method: 'PUT',
      body,
      headers: authorization.value,
    })
    of.value = answer.of
    state.value = 'done'
  },
  'The old password stays.',
)
const SAYS = {
  ask: {
    title: 'A new password',
    why: 'We write to the address you signed up with. The letter opens the way to a new password, once, for an hour.',
  },
  asked: {
    title: 'Look into your mail',
    why: 'If that address has an account, a letter is on its way. It opens for an hour. Where none comes, it is another address, or too many were asked for today.',
  },
  set: {
    title: 'Set a new password',
    why: 'Wherever you are signed in ends with it, here too, and so does every passkey.',
  },
  over: { title: 'This link is over', why: 'It was used, or its hour is past. Ask for another.' },
  done: { title: 'It is set', why: 'Sign in with it.' },
} as const
useHead({ title: 'A new password · Grumbo', meta: [{ name: 'robots', content: 'noindex, nofollow' }] })
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-title font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">{{ SAYS[state].title }}</h1>
    <p class="why mt-2">{{ SAYS[state].why }}</p>
    <form v-if="state === 'ask'" class="mt-6 space-y-4" novalidate @submit.prevent="asking.submit">
      <SchemaField :of="asking" name="email" label="Email" type="email" autocomplete="email" />
      <ChoiceRow
        v-model="of"
        label="Of"
        :choices="[
          { value: 'household', words: 'my household' },
          { value: 'room', words: 'my groomer’s room' },
        ]"
      />
      <NoticeLine v-if="asking.problem.value">{{ asking.problem.value }}</NoticeLine>
      <ActButton kind="filled" type="submit" class="w-full text-lead" :disabled="asking.busy.value"
        >Send the letter</ActButton
      >
    </form>
    <form v-else-if="state === 'set'" class="mt-6 space-y-4" novalidate @submit.prevent="setting.submit">
      <NewPassword :of="setting" label="New password" />
      <NoticeLine v-if="setting.problem.value">{{ setting.problem.value }}</NoticeLine>
      <ActButton kind="filled" type="submit" class="w-full text-lead" :disabled="setting.busy.value"
        >Set it</ActButton
      >
    </form>
    <ActButton v-else-if="state === 'over'" kind="filled" class="mt-6 w-full" @click="state = 'ask'"
      >Ask for another</ActButton
    >
    <ActButton :to="of === 'room' ? '/room' : '/'" kind="quiet" class="mt-4 inline-block">{{
      state === 'done' ? 'Sign in' : 'Back to signing in'
    }}</ActButton>
  </main>
</template>
