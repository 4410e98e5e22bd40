<script setup lang="ts">
import { PauseIcon, PlayIcon } from '@heroicons/vue/24/outline'

/** Minutes at the table, what was found last and how much is to come, and the two ways to stop. */
const { t } = defineProps<{ t: ReturnType<typeof useTable> }>()
const emit = defineEmits<{ pause: [] }>()
const done = computed(() => t.found.value.length)
</script>

<template>
  <div class="flex h-[58px] items-center gap-3 px-4">
    <p class="whitespace-nowrap">
      <b class="figure text-story">{{ Math.floor(t.spent.value / 60000) }}</b> min
    </p>
    <div
      class="flex min-w-0 flex-1 items-center gap-1 overflow-hidden"
      role="img"
      :aria-label="`${done} of ${t.table.value?.regions.length ?? 0} places done`"
    >
      <span v-for="f in t.found.value.slice(-4)" :key="f.entryId" class="shrink-0 text-ink-3"
        ><FindingMark :finding="f.finding" :size="20"
      /></span>
      <span class="ml-1 size-[15px] shrink-0 rounded-full border-[3px] border-due" />
      <span
        v-for="n in Math.max(0, Math.min(7, t.queue.value.length - 1))"
        :key="n"
        class="ml-1 size-[8px] shrink-0 rounded-full border-2 border-edge"
      />
      <span v-if="t.queue.value.length > 8" class="small ml-1">+{{ t.queue.value.length - 8 }}</span>
    </div>
    <ActButton class="!min-h-11 !px-3 text-body" @click="t.end()">End here</ActButton>
    <button
      class="flex size-12 items-center justify-center"
      :aria-label="t.paused.value ? 'Go on' : 'Pause'"
      @click="emit('pause')"
    >
      <PlayIcon v-if="t.paused.value" class="size-7 stroke-2" aria-hidden="true" />
      <PauseIcon v-else class="size-7 stroke-2" aria-hidden="true" />
    </button>
  </div>
</template>
