<script setup lang="ts">
/** In by a passkey, where the device can hold one. */
const emit = defineEmits<{ in: ['household' | 'room'] }>()
const may = useMayHaveKeys()
const problem = ref('')
const busy = ref(false)
async function come() {
  busy.value = true
  problem.value = ''
  try {
    const { comeInByKey } = await import('~/composables/device-key')
    emit('in', await comeInByKey())
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
}
</script>

<template>
  <div v-if="may">
    <ActButton kind="quiet" :disabled="busy" @click="come">Sign in with a passkey</ActButton>
    <NoticeLine v-if="problem" class="mt-1">{{ problem }}</NoticeLine>
  </div>
</template>
