<script setup lang="ts">
import { REHEARSED_IDS } from '#core/record/tidies'
import type { RehearsedId } from '#core/record/tidies'
import { workLabel } from '~/words/care'

/** On paper, before a blade: one kind at a time. */
const { file } = useDog()
const route = useRoute()
const work = computed<RehearsedId>(
  () => REHEARSED_IDS.find((id) => id === String(route.query.of ?? '')) ?? 'paws',
)
const { drawings } = useWork(() => work.value)
const panel = useCareDrawing(() => drawings.value[0]!)
useHead({ title: computed(() => `${file.value.profile.name}, on paper · Grumbo`) })
</script>

<template>
  <div>
    <div class="flex min-h-12 flex-wrap items-center gap-x-5">
      <NuxtLink
        :to="`/dogs/${file.id}/tidies?at=${work}`"
        class="flex min-h-12 items-center gap-2 font-semibold"
        ><ChevronMark back />{{ workLabel(work) }}</NuxtLink
      >
      <span class="flex-1" />
      <NuxtLink
        v-for="id in REHEARSED_IDS.filter((one) => one !== work)"
        :key="id"
        :to="`/dogs/${file.id}/rehearse?of=${id}`"
        class="hidden min-h-12 items-center text-side text-ink-2 underline decoration-rule desk:flex"
        >{{ workLabel(id) }}</NuxtLink
      >
    </div>
    <RehearseKind v-if="panel?.asks" :key="work" :work="work" :panel="panel" />
    <div v-else class="min-h-60" role="status"><p class="why">Drawing it</p></div>
  </div>
</template>
