<script setup lang="ts">
const props = defineProps<{ error: { statusCode?: number } }>()
/** The number of the call, to ask after: a page the server drew has one. */
const number = useState('call-number', () => useRequestEvent()?.context.callNumber as string | undefined)
const missing = computed(() => props.error.statusCode === 404)
</script>

<template>
  <main class="mx-auto max-w-[440px] px-4 pt-24">
    <h1>{{ missing ? 'There is nothing here' : 'That went wrong on our side' }}</h1>
    <p class="why mt-3">
      {{
        missing
          ? 'The address is wrong, or the page has gone.'
          : 'What you had written down is safe. Try again in a moment.'
      }}
    </p>
    <p v-if="number" class="small mt-3">Its number is {{ number }}, should you ask after it.</p>
    <ActButton kind="filled" class="mt-8 w-full" @click="clearError({ redirect: '/' })">
      Back to the start
    </ActButton>
  </main>
</template>
