<script setup lang="ts">
import { joinBody } from '#shared/api'
import type { Invitation } from '#shared/answers'

/** Taking up an invitation into a household. */
const headers = { authorization: `Bearer ${String(useRoute().params.token)}` }
const router = useRouter()
const store = useMe()
const invitation = ref<Invitation | null>(null)
const state = ref<'loading' | 'ready' | 'gone' | 'no-signal'>('loading')
async function load() {
  try {
    invitation.value = await ask('invitationAnswer', '/api/invitation', { headers })
    joining.form.setFieldValue('name', invitation.value.name)
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
const joining = useSchemaForm(
  joinBody,
  { name: '', email: '', password: '' },
  async (body) => {
    await api('/api/invitation', { method: 'POST', body, headers })
    const me = await store.load()
    const dog = me?.dogs[0]
    await router.replace(dog ? `/dogs/${dog.id}` : '/household')
  },
  'Press again in a moment.',
)
const { problem, busy } = joining
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
    <p class="font-serif text-title font-medium">Grumbo</p>
    <template v-if="invitation">
      <h1 class="mt-8">Join {{ invitation.household }}</h1>
      <p class="why mt-2">{{ MAY[invitation.role] }}</p>
      <form class="mt-6 space-y-4" novalidate @submit.prevent="joining.submit">
        <PersonFields :of="joining" name-label="Your name" />
        <NoticeLine v-if="problem">{{ problem }}</NoticeLine>
        <ActButton kind="filled" type="submit" class="w-full text-lead" :disabled="busy">Join</ActButton>
      </form>
    </template>
    <EmptyState v-else-if="state === 'gone'" class="mt-8" title="This invitation opens nothing">
      <template #why>It was used, withdrawn, or has run out. Ask for a new one.</template>
    </EmptyState>
    <template v-else>
      <p class="why mt-8" role="status">
        {{ state === 'no-signal' ? 'No signal: try again when there is one.' : 'Reading the invitation' }}
      </p>
      <ActButton v-if="state === 'no-signal'" class="mt-4 w-full" @click="load">Try again</ActButton>
    </template>
  </main>
</template>
