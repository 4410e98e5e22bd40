<script setup lang="ts">
import type { CareId } from '#core/record/tidies'
import { plural } from '~/words/numbers'

/** How often a kind of care comes: what coats like this want, what was seen, what is held; and the owner may set it. */
const props = defineProps<{ care: CareId }>()
const { dueOf, habits, changeHabits, problem } = useCare()
const interval = computed(() => dueOf(props.care)?.interval ?? null)
const days = (n: number) => Math.max(1, Math.round(n))
const says = computed(() => {
  const i = interval.value
  if (!i) return ''
  const seen = i.seen ? `seen ${days(i.seen.mean)}, ${plural(i.seen.times, 'time')}` : 'nothing seen yet'
  return `Coats like this ${days(i.prior)}; ${seen}; held ${days(i.now)}${i.set === null ? '' : ', as you set it'}`
})
const often = computed(() => {
  const n = days(interval.value?.now ?? 1)
  const own = interval.value?.set === null ? '' : ', as you set it'
  return `${n === 1 ? 'Every day' : `Every ${n} days`}${own}`
})
const open = ref(false)
const draft = ref(1)
function start() {
  draft.value = days(interval.value!.now)
  open.value = true
}
async function set(every: number | null) {
  const { [props.care]: _was, ...rest } = habits.value.every
  if (await changeHabits({ every: every === null ? rest : { ...rest, [props.care]: every } }))
    open.value = false
}
</script>

<template>
  <div v-if="interval" :data-every="care">
    <ActButton v-if="!open" kind="quiet" class="text-side" @click="start">{{ often }}</ActButton>
    <p v-else class="why text-side">{{ says }}.</p>
    <form v-if="open" class="flex flex-wrap items-center gap-x-4" @submit.prevent="set(draft)">
      <NumberStepper
        v-model="draft"
        class="min-w-64 flex-1"
        label="Every"
        fewer="A day less"
        more="A day more"
        unit="days"
        :least="1"
        :most="365"
      />
      <ActButton type="submit" class="!min-h-11">Keep it so</ActButton>
      <ActButton kind="quiet" @click="open = false">Leave it</ActButton>
      <ActButton v-if="interval.set !== null" kind="quiet" @click="set(null)">As learned</ActButton>
    </form>
    <NoticeLine v-if="problem && open">{{ problem }}</NoticeLine>
  </div>
</template>
