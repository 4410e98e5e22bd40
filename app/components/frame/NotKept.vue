<script setup lang="ts">
/** The device has no room, or keeps nothing: what waits is safe only once it has gone up. */
const record = useRecord()
const waits = computed(() => record.waiting.filter((w) => !w.refused).length)
</script>

<template>
  <p
    v-if="record.notKept && waits"
    class="sticky top-0 z-20 flex items-start gap-2 border-b border-caution bg-paper px-4 py-2 font-semibold text-caution"
    role="alert"
  >
    <CautionMark class="shrink-0" />This device has no room to keep what you write. Stay on this page until it
    has gone up.
  </p>
</template>
