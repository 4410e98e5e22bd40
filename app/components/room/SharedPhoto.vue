<script setup lang="ts">
/** A photograph of a shared dog, fetched with what opens it and kept nowhere. */
const props = defineProps<{ address: string; headers?: Record<string, string> | undefined; alt: string }>()
const shown = ref('')
const missing = ref(false)
onMounted(async () => {
  try {
    shown.value = URL.createObjectURL(await askForFile(props.address, props.headers))
  } catch {
    missing.value = true
  }
})
onBeforeUnmount(() => URL.revokeObjectURL(shown.value))
</script>

<template>
  <a v-if="shown" :href="shown" target="_blank" rel="noopener"
    ><img :src="shown" :alt="alt" class="size-24 rounded object-cover"
  /></a>
  <span v-else class="small flex size-24 items-center rounded border border-dashed border-edge p-1">{{
    missing ? 'It has not gone up yet.' : ''
  }}</span>
</template>
