<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { signUpBody } from '#shared/api'

const router = useRouter()
const store = useMe()
const signUp = useSchemaForm(
  signUpBody.omit({ timeZone: true }),
  { name: '', email: '', password: '' },
  async (who) => {
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'
    await api('/api/account', { method: 'POST', body: { ...who, timeZone } })
    await store.load()
    await router.push('/setup')
  },
)
const { problem, busy } = signUp
useHead({ title: 'Start · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-title font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">First you, then the dog</h1>
    <p class="why mt-2">The diary is kept under your name, and only your household sees it.</p>
    <form class="mt-6 space-y-5" novalidate @submit.prevent="signUp.submit">
      <PersonFields :of="signUp" name-label="Your name, as the groomer knows you" />
      <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
      <ActButton kind="filled" type="submit" class="w-full text-lead" :disabled="busy"
        >On to the dog</ActButton
      >
    </form>
    <p class="small mt-6">
      {{ LAW }}
    </p>
    <p class="mt-2 flex flex-wrap gap-x-6">
      <ActButton to="/" kind="quiet">I have an account</ActButton>
      <ActButton to="/safe" kind="quiet">How it is kept safe</ActButton>
    </p>
  </main>
</template>
