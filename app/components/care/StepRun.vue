<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { FEEL_THE_BLADE_MINUTES } from '#core/care/led/before-cutting'
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { CareCautionId } from '#core/care/cautions'
import type { StepFinding } from '#core/care/led/step'
import { plural } from '~/words/numbers'

/** Care led a step at a time: the caution first, then the act, then how, then what is found. One hand, large targets. */
export interface RunStep {
  id: string
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** What is in hand, and whether it heats as it runs. */
  tool?: string
  heats?: boolean
  /** Which foot or ear, where they are led one by one. */
  part?: string
  /** What may be found here: the usual answer goes on, the others lead elsewhere. */
  asks?: readonly StepFinding[]
  /** A band goes on or comes off here: where it comes off, nothing else can be pressed. */
  band?: 'on' | 'off'
}
const props = defineProps<{
  title: string
  steps: readonly RunStep[]
  at: number
  drawings?: string[]
  paused?: boolean
  canBack?: boolean
  canPutOff?: boolean
  /** What became of the part before, in words. */
  left?: string
}>()
const emit = defineEmits<{
  next: []
  back: []
  'put-off': []
  stop: []
  refused: []
  found: [StepFinding]
  pause: []
  resume: []
}>()
const step = computed(() => props.steps[Math.min(props.at, props.steps.length - 1)]!)
const last = computed(() => props.at >= props.steps.length - 1)
const root = ref<HTMLElement | null>(null)
useChoiceKeys(root)
const { ways } = useWays()
const { say } = useSpoken(computed(() => ways.value.spoken))
const key = computed(() => `${step.value.id} ${step.value.part ?? ''}`)
watch(
  key,
  () =>
    say(
      `${step.value.cautions.map((c) => CARE_CAUTIONS[c]).join(' ')} ${step.value.part ?? ''} ${step.value.act}.`,
    ),
  { immediate: true },
)
/** What is to be done about what was found, before the step is looked at again. */
const here = ref<StepFinding | null>(null)
watch(key, () => (here.value = null))
const usual = computed(() => step.value.asks?.[0])
const others = computed(() => step.value.asks?.slice(1) ?? [])
const bandOff = computed(() => step.value.band === 'off')
function found(f: StepFinding) {
  if (f.leads === 'here') here.value = f
  emit('found', f)
}
const next = () => (usual.value ? emit('found', usual.value) : emit('next'))

/** Minutes a running blade was not felt; it rests while the tidy does. */
const feltAt = ref(currentMs())
const now = ref(currentMs())
useIntervalFn(() => (now.value = currentMs()), 5000)
watch([() => step.value.heats, () => props.paused], () => (feltAt.value = now.value = currentMs()))
const hot = computed(
  () => !!step.value.heats && !props.paused && now.value - feltAt.value >= FEEL_THE_BLADE_MINUTES * 60_000,
)
const felt = () => (feltAt.value = now.value = currentMs())
</script>

<template>
  <div ref="root" class="mx-auto flex min-h-[78dvh] max-w-[620px] flex-col" data-run>
    <div class="flex min-h-14 items-center justify-between gap-3 border-b border-rule">
      <p class="font-serif text-lead">{{ title }}</p>
      <span class="flex items-center gap-4">
        <button
          v-if="!bandOff"
          class="min-h-11 font-semibold underline decoration-rule"
          data-pause
          @click="paused ? emit('resume') : emit('pause')"
        >
          {{ paused ? 'Go on' : 'Pause' }}
        </button>
        <span class="small">{{ Math.min(at, steps.length - 1) + 1 }} of {{ steps.length }}</span>
      </span>
    </div>
    <div v-if="paused && !bandOff" class="flex flex-1 flex-col" data-paused>
      <h1 class="mt-6">Paused</h1>
      <p class="why mt-2">A hand stays on the dog. The clock stands still.</p>
      <div class="flex-1" />
      <ActButton data-choice kind="filled" class="mb-4 min-h-16 w-full text-story" @click="emit('resume')"
        >Go on</ActButton
      >
    </div>
    <template v-else>
      <p v-if="left" class="border-b border-rule py-2 font-semibold" role="status" data-left>{{ left }}</p>
      <ul v-if="step.cautions.length" class="mt-3 grid gap-1.5" data-cautions>
        <li v-for="c in step.cautions" :key="c" class="flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{ CARE_CAUTIONS[c] }}
        </li>
      </ul>
      <p v-if="step.part" class="mt-4 -mb-3 font-semibold text-due" data-in-hand>{{ step.part }}</p>
      <h1 class="mt-4" aria-live="polite" :data-step-now="step.id">{{ step.act }}</h1>
      <p class="why mt-2">{{ step.how }}</p>
      <p v-if="step.tool" class="mt-2"><b class="font-semibold">In hand:</b> {{ step.tool }}</p>
      <p v-if="here" class="mt-3 border-y border-ink py-2 font-semibold" role="status" data-here>
        {{ here.then }}
      </p>
      <div v-if="hot" class="mt-3 border-y border-caution py-2" role="alert" data-hot>
        <p class="flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{ plural(FEEL_THE_BLADE_MINUTES, 'minute') }} of blade. Feel it on
          your wrist: hot, and it rests.
        </p>
        <ActButton class="mt-1 min-h-14 w-full" @click="felt">It is cool</ActButton>
      </div>
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
          {{ bandOff ? 'The band is off' : usual && !here ? usual.says : last ? 'Done' : 'Next' }}
        </ActButton>
        <div v-if="!bandOff" class="flex items-center justify-between gap-2">
          <button
            class="min-h-14 font-semibold"
            :disabled="!canBack"
            :class="canBack ? '' : 'invisible'"
            @click="emit('back')"
          >
            Back
          </button>
          <button
            v-if="canPutOff"
            data-choice
            data-later
            class="min-h-14 font-semibold"
            @click="emit('put-off')"
          >
            Later
          </button>
          <button v-if="step.part" data-choice class="min-h-14 font-semibold" @click="emit('refused')">
            Would not have it
          </button>
          <button data-choice class="min-h-14 font-semibold text-vet" @click="emit('stop')">Stop here</button>
        </div>
        <p v-else class="small py-3">Nothing else can be pressed before it is.</p>
      </div>
    </template>
  </div>
</template>
