<script setup lang="ts">
const props = defineProps<{ error: { statusCode?: number } }>()
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
    <ActButton kind="filled" class="mt-8 w-full" @click="clearError({ redirect: '/' })">
      Back to the start
    </ActButton>
  </main>
</template>
