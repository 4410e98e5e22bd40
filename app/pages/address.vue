<script setup lang="ts">
import { useEventListener } from '@vueuse/core'

/** From a letter: whoever reads an address says that an account moves there. */
const token = ref('')
const ready = ref(false)
const moved = ref('')
const problem = ref('')
const busy = ref(false)
/** Another letter's link may be opened where this page stands already. */
function read() {
  token.value = location.hash.slice(1)
  moved.value = problem.value = ''
  ready.value = true
}
onMounted(read)
useEventListener('hashchange', read)
async function move() {
  busy.value = true
  problem.value = ''
  try {
    const { address } = await ask('addressAnswer', '/api/address', {
      method: 'POST',
      headers: { authorization: `Bearer ${token.value}` },
    })
    moved.value = address
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
  busy.value = false
}
useHead({ title: 'Another address · Grumbo', meta: [{ name: 'robots', content: 'noindex, nofollow' }] })
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-5 pb-8">
    <NuxtLink to="/" class="font-serif text-title font-medium">Grumbo</NuxtLink>
    <template v-if="ready">
      <EmptyState v-if="!token" title="This link does not open anything">
        <template #why>It lost a letter on the way. Open it from the letter itself.</template>
      </EmptyState>
      <template v-else-if="moved">
        <h1 class="mt-8">It moved here</h1>
        <p class="mt-3 font-semibold break-words">{{ moved }}</p>
        <p class="why mt-2">From now on you sign in with this address, and letters come to it.</p>
        <ActButton to="/" kind="quiet" class="mt-4 inline-block">To Grumbo</ActButton>
      </template>
      <template v-else>
        <h1 class="mt-8">Is this your address?</h1>
        <p class="why mt-2">Your account moves here, and letters come here. The old address is told.</p>
        <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
        <ActButton kind="filled" class="mt-6 w-full text-lead" :disabled="busy" @click="move"
          >This is my address</ActButton
        >
      </template>
    </template>
  </main>
</template>
