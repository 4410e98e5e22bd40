<script setup lang="ts">
import { useWindowVirtualizer } from '@tanstack/vue-virtual'
import { useResizeObserver, useTimeoutFn } from '@vueuse/core'
import type { RoomDog } from '#shared/answers'

/** The room's dogs, a line each. Each is a drawing: only those in view, and a few about them, are there. */
const { dogs } = defineProps<{ dogs: readonly RoomDog[]; today: string }>()
/** While somebody types, lines come and go: their dogs are drawn once it rests, ms after the last of it (judgement). */
const RESTS_MS = 200
const rests = ref(true)
const { start } = useTimeoutFn(() => (rests.value = true), RESTS_MS, { immediate: false })
watch(
  () => dogs,
  () => {
    rests.value = false
    start()
  },
)
const list = ref<HTMLElement | null>(null)
const desk = useDesk()
/** A line before it was measured, px. */
const USUAL = { desk: 116, phone: 260 }
/** Lines beyond what is in view, for a key's next stop. */
const BEYOND = 5
const top = ref(0)
onMounted(() => (top.value = list.value?.offsetTop ?? 0))
const lines = useWindowVirtualizer(
  computed(() => ({
    count: dogs.length,
    estimateSize: () => (desk.value ? USUAL.desk : USUAL.phone),
    overscan: BEYOND,
    scrollMargin: top.value,
    getItemKey: (i: number) => dogs[i]!.share,
  })),
)
/** What stands above grows and shrinks: a chart comes, a search is opened. */
useResizeObserver(
  () => document.body,
  () => (top.value = list.value?.offsetTop ?? 0),
)
const measure = (el: unknown) => el instanceof Element && lines.value.measureElement(el)
</script>

<template>
  <div ref="list" role="list" class="relative" :style="{ height: `${lines.getTotalSize()}px` }">
    <div
      v-for="line in lines.getVirtualItems()"
      :key="String(line.key)"
      :ref="measure"
      role="listitem"
      :aria-setsize="dogs.length"
      :aria-posinset="line.index + 1"
      :data-index="line.index"
      class="absolute inset-x-0 top-0"
      :style="{ transform: `translateY(${line.start - top}px)` }"
    >
      <RoomLine v-if="dogs[line.index]" :dog="dogs[line.index]!" :today="today" :rests="rests" />
    </div>
  </div>
</template>
