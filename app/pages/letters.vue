<script setup lang="ts">
import { useEventListener } from '@vueuse/core'

/** From any letter: whoever reads an address says whether letters may come to it. */
const token = ref('')
/** The address stands in the link, so that it can be said before anything is pressed. */
const address = computed(() => {
  try {
    const bytes = atob((token.value.split('.')[0] ?? '').replace(/-/g, '+').replace(/_/g, '/'))
    return new TextDecoder().decode(Uint8Array.from(bytes, (c) => c.charCodeAt(0)))
  } catch {
    return ''
  }
})
const isAddress = computed(() => /^\S+@\S+$/.test(address.value))
const ready = ref(false)
/** Another letter's link may be opened where this page stands already. */
function read() {
  token.value = location.hash.slice(1)
  may.value = null
  problem.value = ''
  ready.value = true
}
onMounted(read)
useEventListener('hashchange', read)

const may = ref<boolean | null>(null)
const problem = ref('')
const busy = ref(false)
async function say(yes: boolean) {
  busy.value = true
  problem.value = ''
  try {
    await ask('addressAnswer', '/api/letters', { method: 'POST', body: { token: token.value, may: yes } })
    may.value = yes
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
  busy.value = false
}
useHead({ title: 'Letters · Grumbo', meta: [{ name: 'robots', content: 'noindex, nofollow' }] })
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-16 pb-8">
    <EmptyState v-if="ready && !isAddress" title="This link does not open anything">
      <template #why>It lost a letter on the way. Open it from the letter itself.</template>
    </EmptyState>
    <template v-else-if="ready">
      <h1>
        {{
          may === null
            ? 'May letters come here?'
            : may
              ? 'Letters may come'
              : 'No more letters come to this address'
        }}
      </h1>
      <p class="mt-3 font-semibold break-words">{{ address }}</p>
      <p class="why mt-2">
        {{
          may === false
            ? 'What still waited for it does not go. If you change your mind, this page stays here.'
            : 'Notes about a dog, and a reminder if one was asked for. Every letter has the way out at its end.'
        }}
      </p>
      <NoticeLine v-if="problem" class="mt-3">{{ problem }}</NoticeLine>
      <ActButton
        v-if="may !== true"
        class="mt-6 w-full text-lead"
        :kind="may === null ? 'filled' : 'plain'"
        :disabled="busy"
        @click="say(true)"
      >
        {{ may === null ? 'Yes, this address is mine' : 'Let them come again' }}
      </ActButton>
      <ActButton v-if="may !== false" class="mt-3 w-full" :disabled="busy" @click="say(false)">
        No letters to this address
      </ActButton>
      <ActButton v-if="may" to="/" kind="quiet" class="mt-4 inline-block">To Grumbo</ActButton>
    </template>
  </main>
</template>
