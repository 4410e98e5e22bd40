<script setup lang="ts">
import { GRACE_DAYS } from '#shared/limits'

/** The end of something, asked for and taken back: it goes after a grace. */
const props = defineProps<{ title: string; base: string; at: string | null }>()
const emit = defineEmits<{ changed: [] }>()
const { sayDate } = useInstants()
const sure = ref(false)
const problem = ref('')
async function go(method: 'POST' | 'DELETE') {
  problem.value = ''
  try {
    await api(props.base, { method, ...(method === 'POST' ? { body: {} } : {}) })
    sure.value = false
    emit('changed')
  } catch (error) {
    problem.value = inWords(error, 'Nothing was changed.')
  }
}
</script>

<template>
  <section :aria-label="title" data-goes>
    <h2 class="border-b border-ink pb-1">{{ title }}</h2>
    <template v-if="at">
      <p class="mt-2 font-semibold text-caution" role="alert">It goes on {{ sayDate(at) }}.</p>
      <ActButton class="mt-2 w-full" @click="go('DELETE')">Keep it after all</ActButton>
    </template>
    <template v-else>
      <p class="why mt-2">
        <slot /> It goes {{ GRACE_DAYS }} days after you ask; until then it can be taken back.
      </p>
      <ActButton v-if="!sure" kind="quiet" @click="sure = true">{{ title }}</ActButton>
      <div v-else class="mt-2 flex gap-3">
        <ActButton class="flex-1" @click="sure = false">No, keep it</ActButton>
        <ActButton class="flex-1 !text-vet" @click="go('POST')">Yes, in {{ GRACE_DAYS }} days</ActButton>
      </div>
    </template>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
  </section>
</template>
