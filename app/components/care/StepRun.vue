<script setup lang="ts">
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { CareCautionId } from '#core/care/cautions'
import type { StepFinding } from '#core/care/tidies/asks'

/** Care led a step at a time: the caution first, then the act, then how, then what is found. One hand, large targets. */
export interface RunStep {
  id: string
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** What is in hand. */
  tool?: string
  /** Which foot or ear, where they are led one by one. */
  part?: string
  /** What may be found here: the usual answer goes on, the others lead elsewhere. */
  asks?: readonly StepFinding[]
}
const props = defineProps<{ title: string; steps: readonly RunStep[]; drawings?: string[] }>()
const at = defineModel<number>('at', { default: 0 })
const emit = defineEmits<{ done: []; stop: [at: string]; found: [StepFinding]; refused: [] }>()
const step = computed(() => props.steps[Math.min(at.value, props.steps.length - 1)]!)
const last = computed(() => at.value >= props.steps.length - 1)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const { ways } = useWays()
const { say } = useSpoken(computed(() => ways.value.spoken))
watch(
  at,
  () =>
    say(
      `${step.value.cautions.map((c) => CARE_CAUTIONS[c]).join(' ')} ${step.value.part ?? ''} ${step.value.act}.`,
    ),
  { immediate: true },
)
/** What is to be done about what was found, before the step is looked at again. */
const here = ref<StepFinding | null>(null)
watch(at, () => (here.value = null))
const others = computed(() => step.value.asks?.filter((f) => f.leads !== 'on') ?? [])
const usual = computed(() => step.value.asks?.find((f) => f.leads === 'on'))
const next = () => (last.value ? emit('done') : (at.value += 1))
function found(f: StepFinding) {
  if (f.leads === 'here') here.value = f
  else emit('found', f)
}
</script>

<template>
  <div ref="root" class="mx-auto flex min-h-[78dvh] max-w-[620px] flex-col" data-run>
    <div class="flex min-h-14 items-center justify-between gap-3 border-b border-rule">
      <p class="font-serif text-lead">{{ title }}</p>
      <p class="small">{{ Math.min(at, steps.length - 1) + 1 }} of {{ steps.length }}</p>
    </div>
    <ul v-if="step.cautions.length" class="mt-3 grid gap-1.5" data-cautions>
      <li v-for="c in step.cautions" :key="c" class="flex gap-2 font-semibold text-caution">
        <CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}
      </li>
    </ul>
    <p v-if="step.part" class="mt-4 -mb-3 font-semibold text-due" data-in-hand>{{ step.part }}</p>
    <h1 class="mt-4" aria-live="polite">{{ step.act }}</h1>
    <p class="why mt-2">{{ step.how }}</p>
    <p v-if="step.tool" class="mt-2"><b class="font-semibold">In hand:</b> {{ step.tool }}</p>
    <p v-if="here" class="mt-3 border-y border-ink py-2 font-semibold" role="status" data-here>
      {{ here.then }}
    </p>
    <CareDiagram v-if="drawings?.length" :names="drawings" class="mt-4" />
    <div class="flex-1" />
    <div class="sticky bottom-[60px] -mx-4 mt-3 bg-paper px-4 desk:static desk:mx-0 desk:px-0">
      <div v-if="others.length" class="mb-2 grid grid-cols-2 gap-2" role="group" aria-label="What is found">
        <ActButton
          v-for="f in others"
          :key="f.id"
          data-choice
          :data-found="f.id"
          class="!min-h-14 !px-2 last:odd:col-span-2"
          :class="f.leads === 'vet' ? '!text-vet' : ''"
          @click="found(f)"
        >
          <VetMark v-if="f.leads === 'vet'" class="shrink-0" />{{ f.says }}
        </ActButton>
      </div>
      <ActButton data-choice data-next kind="filled" class="min-h-16 w-full text-story" @click="next">
        {{ last ? 'Done' : usual && !here ? usual.says : 'Next' }}
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
        <button v-if="step.part" data-choice class="min-h-14 font-semibold" @click="emit('refused')">
          Would not have it
        </button>
        <button data-choice class="min-h-14 font-semibold text-vet" @click="emit('stop', step.id)">
          Stop here
        </button>
      </div>
    </div>
  </div>
</template>
