<script setup lang="ts">
import { TRIM_IDS, WORK_IDS } from '#core/record/tidies'
import type { TrimId, WorkId } from '#core/record/tidies'

/** The tidies, by growth; one at a time beside its drawing, and what is looked at between. */
const { file } = useDog()
const { due } = useCare()
const route = useRoute()
const router = useRouter()
const desk = useDesk()
const compact = computed(() => !desk.value)
const asked = computed(() => {
  const at = String(route.query.at ?? '')
  return at === 'clip' ||
    (at === 'undercoat' && due.value.some((d) => d.care === 'undercoat')) ||
    (WORK_IDS as readonly string[]).includes(at)
    ? (at as WorkId | 'clip' | 'undercoat')
    : null
})
/** On a wide screen the first to run out stands open. */
const first = computed<TrimId>(
  () => (due.value.find((d) => (TRIM_IDS as readonly string[]).includes(d.care))?.care as TrimId) ?? 'paws',
)
const picked = computed(() => asked.value ?? (compact.value ? null : first.value))
const pick = (at: string) => router.push({ query: { at } })
useHead({ title: computed(() => `${file.value.profile.name}, tidies · Grumbo`) })
</script>

<template>
  <div class="pt-1 desk:grid desk:grid-cols-[300px_minmax(0,1fr)] desk:gap-10 desk:pt-4">
    <div v-if="!compact || !picked">
      <h1 v-if="compact" class="mb-3">Tidies</h1>
      <TidyList :picked="picked" @pick="pick" />
      <SupportingCare class="mt-6" />
    </div>
    <div v-if="picked">
      <NuxtLink
        v-if="compact"
        :to="`/dogs/${file.id}/tidies`"
        class="flex min-h-12 items-center gap-2 font-semibold"
        ><ChevronMark back />All tidies</NuxtLink
      >
      <ClipAtHome v-if="picked === 'clip'" />
      <LedUndercoat v-else-if="picked === 'undercoat'" />
      <LedCare v-else :key="picked" :work="picked" />
    </div>
  </div>
</template>
