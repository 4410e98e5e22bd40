<script setup lang="ts">
import { LAW } from '#core/care/cautions'
import { LEAST_PASSWORD } from '#shared/limits'

const router = useRouter()
const store = useMe()
const form = reactive({ name: '', email: '', password: '' })
const problem = ref('')
const fields = ref<Record<string, string>>({})
const busy = ref(false)
async function signUp() {
  busy.value = true
  problem.value = ''
  fields.value = {}
  try {
    const timeZone = Intl.DateTimeFormat().resolvedOptions().timeZone || 'UTC'
    await api('/api/account', { method: 'POST', body: { ...form, timeZone } })
    await store.load()
    await router.push('/setup')
  } catch (error) {
    problem.value = inWords(error)
    if (error instanceof Refused) fields.value = error.fields
    busy.value = false
  }
}
useHead({ title: 'Start · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-[28px] font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">First you, then the dog</h1>
    <p class="why mt-2">The diary is kept under your name, and only your household sees it.</p>
    <form class="mt-6 space-y-5" @submit.prevent="signUp">
      <label class="block">
        <span class="small">Your name, as the groomer knows you</span>
        <input v-model="form.name" class="field" name="name" autocomplete="name" maxlength="40" required />
      </label>
      <label class="block">
        <span class="small">Email</span>
        <input v-model="form.email" class="field" type="email" name="email" autocomplete="email" required />
        <span v-if="fields.email" class="refusal text-[14px]">{{ fields.email }}</span>
      </label>
      <label class="block">
        <span class="small">Password, {{ LEAST_PASSWORD }} characters or more</span>
        <input
          v-model="form.password"
          class="field"
          type="password"
          name="password"
          autocomplete="new-password"
          :minlength="LEAST_PASSWORD"
          maxlength="200"
          required
        />
      </label>
      <p v-if="problem" class="refusal" role="alert">{{ problem }}</p>
      <button class="act act-filled w-full text-[17px]" :disabled="busy">On to the dog</button>
    </form>
    <p class="small mt-6">
      {{ LAW }}
    </p>
    <NuxtLink to="/" class="quiet mt-2">I have an account</NuxtLink>
  </main>
</template>
