<script setup lang="ts">
import type { CareId } from '#core/record/tidies'
import { sayCareItem } from '~/words/care-list'
import { wholeMinutes } from '~/words/numbers'

/** What comes next on the day's list, once something of it is done; nothing where it is all done. */
const props = defineProps<{ after?: CareId; told?: boolean }>()
/** Told where to, for what has an end of its own to come to first, as the table has; else it is gone to. */
const emit = defineEmits<{ go: [to: string] }>()
const { file } = useDog()
const { left, begun } = useLedList()
const next = computed(() => left.value.find((c) => c.care !== props.after) ?? null)
const label = computed(
  () =>
    next.value && `Next: ${sayCareItem(next.value).toLowerCase()}, ${wholeMinutes(next.value.minutes)} min`,
)
const router = useRouter()
const go = () => {
  const to = careRoute(next.value!)
  if (props.told) emit('go', to)
  else void router.push(`/dogs/${file.value.id}${to}`)
}
</script>

<template>
  <ActButton v-if="next" kind="filled" class="w-full text-lead" data-next-up @click="go">{{
    label
  }}</ActButton>
  <p v-else-if="!told" class="flex flex-wrap items-baseline gap-x-4">
    <span v-if="begun" data-list-done>That was today’s list.</span>
    <ActButton :to="`/dogs/${file.id}`" kind="quiet">Back to today</ActButton>
  </p>
</template>
