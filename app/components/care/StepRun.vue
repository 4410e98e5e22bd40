<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { CareCautionId } from '#core/care/cautions'

/** Care led a step at a time: the caution first, then the act, then how. One hand, large targets. */
export interface RunStep {
  id: string
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** What is in hand. */
  tool?: string
  /** What is seen here that ends it with the vet. */
  vetIf?: string
}
const props = defineProps<{ title: string; steps: readonly RunStep[]; drawings?: string[] }>()
const emit = defineEmits<{ done: []; stop: [at: string]; vet: [seen: string] }>()
const at = ref(0)
const step = computed(() => props.steps[at.value]!)
const last = computed(() => at.value === props.steps.length - 1)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const { ways } = useWays()
const { say } = useSpoken(computed(() => ways.value.spoken))
watch(at, () => say(`${step.value.cautions.map((c) => CARE_CAUTIONS[c]).join(' ')} ${step.value.act}.`), {
  immediate: true,
})
const next = () => (last.value ? emit('done') : (at.value += 1))
</script>

<template>
  <div ref="root" class="mx-auto flex min-h-[78dvh] max-w-[620px] flex-col" data-run>
    <div class="flex min-h-14 items-center justify-between gap-3 border-b border-rule">
      <p class="font-serif text-lead">{{ title }}</p>
      <p class="small">{{ at + 1 }} of {{ steps.length }}</p>
    </div>
    <ul v-if="step.cautions.length" class="mt-3 grid gap-1.5" data-cautions>
      <li v-for="c in step.cautions" :key="c" class="flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}
      </li>
    </ul>
    <h1 class="mt-4" aria-live="polite">{{ step.act }}</h1>
    <p class="why mt-2">{{ step.how }}</p>
    <p v-if="step.tool" class="mt-2"><b class="font-semibold">In hand:</b> {{ step.tool }}</p>
    <CareDiagram v-if="drawings?.length" :names="drawings" class="mt-4" />
    <div class="flex-1" />
    <div class="sticky bottom-[60px] -mx-4 mt-3 bg-paper px-4 desk:static desk:mx-0 desk:px-0">
      <ActButton data-choice kind="filled" class="min-h-16 w-full text-story" @click="next">
        {{ last ? 'Done' : 'Next' }}
      </ActButton>
      <ActButton v-if="step.vetIf" data-choice class="mt-2 w-full !text-vet" @click="emit('vet', step.vetIf)">
        <VetMark class="shrink-0" />{{ step.vetIf }}: stop
      </ActButton>
      <div class="flex items-center justify-between">
        <button
          class="min-h-14 font-semibold"
          :disabled="!at"
          :class="at ? '' : 'invisible'"
          @click="at -= 1"
        >
          Back
        </button>
        <button data-choice class="min-h-14 font-semibold text-vet" @click="emit('stop', step.id)">
          Stop here
        </button>
      </div>
    </div>
  </div>
</template>
