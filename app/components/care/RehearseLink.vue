<script setup lang="ts">
import type { WorkId } from '#core/record/tidies'

/** To the same on paper, whenever it is wanted. */
const props = defineProps<{ work: WorkId }>()
const { file } = useDog()
const { kept } = useRehearsed(() => props.work)
</script>

<template>
  <ActButton
    v-if="isRehearsed(work)"
    :to="`/dogs/${file.id}/rehearse?of=${work}`"
    kind="quiet"
    class="mt-1"
    data-rehearse
    >{{ kept ? 'Rehearsed on paper; again' : 'Rehearse it on paper' }}</ActButton
  >
</template>
