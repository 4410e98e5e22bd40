<script setup lang="ts">
import { keepPicture, keptPicture } from '~/offline/device'

/** A photograph of the diary, from this device if it has it, else fetched once and kept. */
const props = defineProps<{ dogId: string; photo: string; alt: string; large?: boolean }>()
const address = ref('')
const state = ref<'loading' | 'shown' | 'no-signal' | 'missing'>('loading')

async function load() {
  state.value = 'loading'
  try {
    let jpeg = (await keptPicture(props.photo).catch(() => undefined))?.jpeg
    if (!jpeg) {
      jpeg = await askForFile(`/api/dogs/${props.dogId}/photographs/${props.photo}`)
      await keepPicture({ id: props.photo, dogId: props.dogId, jpeg, sent: true })
    }
    URL.revokeObjectURL(address.value)
    address.value = URL.createObjectURL(jpeg)
    state.value = 'shown'
  } catch (error) {
    state.value = error instanceof NoAnswer ? 'no-signal' : 'missing'
  }
}
watch(() => props.photo, load, { immediate: true })
onBeforeUnmount(() => URL.revokeObjectURL(address.value))
const SAYS = {
  loading: '',
  'no-signal': 'Not on this device: it shows once there is signal.',
  missing: 'The picture has not gone up from the device it was taken on.',
}
</script>

<template>
  <img
    v-if="state === 'shown'"
    :src="address"
    :alt="alt"
    :class="large ? 'max-h-[70vh] max-w-full rounded' : 'size-20 rounded object-cover'"
  />
  <span
    v-else
    class="small flex items-center rounded border border-dashed border-edge p-1"
    :class="large ? 'min-h-40 max-w-80 p-4' : 'size-20 overflow-hidden text-fine leading-tight'"
    >{{ SAYS[state] }}</span
  >
</template>
