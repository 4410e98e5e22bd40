<script setup lang="ts">
import { useIntervalFn } from '@vueuse/core'
import { CARE_CAUTIONS } from '#core/care/cautions'
import type { CareCautionId } from '#core/care/cautions'
import type { StepFinding } from '#core/care/led/step'
import { capital, plural } from '~/words/numbers'

/** Care led a step at a time: the caution first, then the act, then how, then what is found. One hand, large targets. */
export interface RunStep {
  id: string
  act: string
  how: string
  cautions: readonly CareCautionId[]
  /** What is in hand. */
  tool?: string
  /** After so many minutes something is said, until it is seen to. */
  clock?: { minutes: number; says: string; off: string }
  /** Which foot or ear, where they are led one by one. */
  part?: string
  /** What may be found here: the usual answer goes on, the others lead elsewhere. */
  asks?: readonly StepFinding[]
  /** A band goes on or comes off here: where it comes off, nothing else can be pressed. */
  band?: 'on' | 'off'
  /** Come to by what was found: there is no other way on. */
  aside?: boolean
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
/** Steps that everybody comes by, as they are counted. */
const line = computed(() => props.steps.filter((s) => !s.aside))
const count = computed(() => props.steps.slice(0, props.at + 1).filter((s) => !s.aside).length)
const last = computed(() => count.value >= line.value.length)
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

/** Since when the step's clock runs; it stands while the tidy does. */
const since = ref(currentMs())
const now = ref(currentMs())
useIntervalFn(() => (now.value = currentMs()), 5000)
watch([key, () => props.paused], () => (since.value = now.value = currentMs()))
const due = computed(
  () => !!step.value.clock && !props.paused && now.value - since.value >= step.value.clock.minutes * 60_000,
)
const seen = () => (since.value = now.value = currentMs())
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
        <span class="small">{{ count }} of {{ line.length }}</span>
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
      <div v-if="due && step.clock" class="mt-3 border-y border-caution py-2" role="alert" data-clock>
        <p class="flex gap-2 font-semibold text-caution">
          <CautionMark class="shrink-0" />{{ capital(plural(step.clock.minutes, 'minute')) }} of it.
          {{ step.clock.says }}
        </p>
        <ActButton class="mt-1 min-h-14 w-full" @click="seen">{{ step.clock.off }}</ActButton>
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
            :data-leads="f.leads"
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
          <button
            v-if="step.part && !step.aside"
            data-choice
            class="min-h-14 font-semibold"
            @click="emit('refused')"
          >
            Would not have it
          </button>
          <button data-choice class="min-h-14 font-semibold text-vet" @click="emit('stop')">Stop here</button>
        </div>
        <p v-else class="small py-3">Nothing else can be pressed before it is.</p>
      </div>
    </template>
  </div>
</template>
