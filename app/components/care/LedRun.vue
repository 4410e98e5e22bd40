<script setup lang="ts" generic="P extends string">
import { useWakeLock } from '@vueuse/core'
import type { ComputedRef } from 'vue'
import {
  BEGIN,
  canPutOff,
  find,
  leaveIt,
  nextStep,
  putOff,
  refuse,
  stepAt,
  stopRun,
} from '#core/care/led/run'
import type { Run } from '#core/care/led/run'
import type { StepClock, StepFinding } from '#core/care/led/step'
import type { AskedStep } from '#core/care/led/works'
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import type { FactOf } from '#core/record/entries'
import { MEANS } from '#core/record/means'
import type { KeptRun } from '~/composables/led-run'
import type { RunStep } from './StepRun.vue'
import type { KnotSettled } from '../knot/KnotQuestions.vue'

/** A led work while it runs: its steps, and what is seen to outside them and come back from. */
const props = defineProps<{
  title: string
  order: readonly AskedStep<P>[]
  /** As it is kept on the device. */
  runner: {
    led: ComputedRef<Pick<KeptRun<P, string>, 'run' | 'paused' | 'before'> | null>
    go: (run: Run<P>) => void
    back: () => void
    pause: () => void
    resume: () => void
  }
  called: (part: P) => string
  drawings: (step: AskedStep<P>) => string[]
  clock?: (step: AskedStep<P>) => StepClock | undefined
  /** Where it leads to be washed first. */
  washAt?: string
}>()
const emit = defineEmits<{ ended: []; leave: [] }>()
const { file, today } = useDog()
const record = useRecord()
const led = computed(() => props.runner.led.value)
const run = computed(() => led.value?.run ?? (BEGIN as Run<P>))
const stage = ref<'run' | 'vet' | 'knot' | 'which' | 'spot' | 'wash'>('run')
const at = computed(() => stepAt(props.order, run.value))
const inHand = computed(() => props.order[at.value]!)
const steps = computed<RunStep[]>(() =>
  props.order.map((s) => {
    const clock = s.clock ?? props.clock?.(s)
    return {
      id: s.id,
      act: s.act,
      how: s.how,
      cautions: s.cautions,
      asks: s.asks,
      ...(s.aside ? { aside: true } : {}),
      ...(s.band ? { band: s.band } : {}),
      ...(s.part ? { part: props.called(s.part) } : {}),
      ...(s.cutsWith.length ? { tool: s.cutsWith.map((m) => MEANS[m]).join(', or ') } : {}),
      ...(clock ? { clock } : {}),
    }
  }),
)
const left = ref('')
const seen = ref<StepFinding | null>(null)
/** Where a knot was met, where more than one place is in hand. */
const knotAt = ref<RegionId | null>(null)
function to(next: Run<P>) {
  left.value = ''
  props.runner.go(next)
  if (next.ended) emit('ended')
}
function found(f: StepFinding) {
  seen.value = f
  const next = find(props.order, run.value, f)
  // The last of it may end at the vet’s page, which comes first.
  if (f.leads === 'vet') props.runner.go(next)
  else to(next)
  if (f.leads === 'knot') {
    const regions = inHand.value.regions ?? []
    knotAt.value = f.at ?? (regions.length === 1 ? regions[0]! : null)
    stage.value = knotAt.value ? 'knot' : 'which'
  } else if (f.leads === 'vet' || f.leads === 'wash' || f.leads === 'spot') stage.value = f.leads
  else if (f.leads === 'leave') left.value = f.then ?? ''
}
function knotIn(region: RegionId) {
  knotAt.value = region
  stage.value = 'knot'
}
/** A knot was seen to: it is written where it was found, and the work goes on. */
async function knotSettled({ comfort: bore, ...settled }: KnotSettled) {
  const what = { kind: 'check' as const, region: knotAt.value!, comfort: bore ?? 'easy', ...settled }
  await record.add([{ day: today.value, time: localTime(), what }])
  stage.value = 'run'
  if (settled.out < settled.count) {
    to(leaveIt(props.order, run.value))
    left.value = 'What was left in is left alone: that part waits.'
  }
}
/**
 * Seen on the skin: written in, nothing more is done there, and the rest of the dog goes on. Where the concern stops the
 * part in hand itself, it is left.
 */
async function spotSeen(what: FactOf<'concern'>) {
  const [order, here] = [props.order, inHand.value]
  await record.add([{ day: today.value, time: localTime(), what }])
  stage.value = 'run'
  await nextTick()
  if (!props.order.some((s) => s.id === here.id && s.part === here.part)) to(leaveIt(order, run.value))
  left.value = 'Written in, to tell the vet: nothing more is done there. The rest may go on.'
}
/** Back from the vet’s page: the rest may go on, or it was the last; or it was not so at all. */
function afterVet(written: boolean) {
  if (!written) props.runner.back()
  stage.value = 'run'
  if (written && run.value.ended) emit('ended')
}
const wake = useWakeLock()
onMounted(() => wake.isSupported.value && void wake.request('screen').catch(() => undefined))
onBeforeUnmount(() => void wake.release().catch(() => undefined))
</script>

<template>
  <StepRun
    v-if="stage === 'run' && !run.ended && inHand"
    :title="title"
    :steps="steps"
    :at="at"
    :drawings="drawings(inHand)"
    :paused="!!led?.paused"
    :can-back="!!led?.before.length"
    :can-put-off="canPutOff(order, run)"
    :left="left"
    @next="to(nextStep(order, run))"
    @back="((left = ''), runner.back())"
    @put-off="to(putOff(order, run))"
    @stop="to(stopRun(order, run))"
    @refused="to(refuse(order, run))"
    @found="found"
    @pause="runner.pause"
    @resume="runner.resume"
  />
  <div v-else-if="stage === 'which'" class="max-w-[560px]" data-knot-where>
    <button class="flex min-h-14 items-center gap-2 font-semibold" @click="stage = 'run'">
      <ChevronMark back />Back
    </button>
    <h1>Where did it stop?</h1>
    <div class="mt-3 grid gap-2">
      <ActButton v-for="r in inHand.regions" :key="r" class="w-full" :data-at="r" @click="knotIn(r)">{{
        regionOf(r).label
      }}</ActButton>
    </div>
  </div>
  <KnotQuestions
    v-else-if="stage === 'knot' && knotAt"
    :region="knotAt"
    found="knot"
    class="-mx-4 min-h-[70dvh] desk:mx-auto desk:max-w-[620px]"
    @settled="knotSettled"
    @back="stage = 'run'"
  />
  <SeenForm
    v-else-if="stage === 'spot'"
    class="max-w-[560px]"
    :where="[...new Set((inHand.regions ?? []).map((r) => regionOf(r).place))]"
    @write="spotSeen"
    @back="stage = 'run'"
  />
  <div v-else-if="stage === 'wash' && seen" class="max-w-[560px]" data-part-wash>
    <h1 class="pt-1 desk:pt-4">A part wash first</h1>
    <p class="why mt-2">{{ seen.then }} Sore, or the opening plugged: the vet today.</p>
    <ActButton
      :to="`/dogs/${file.id}/bath${washAt ? `?part=${washAt}` : ''}`"
      kind="filled"
      class="mt-5 w-full"
      >To the bath</ActButton
    >
    <ActButton class="mt-3 w-full" @click="stage = 'run'">It is clean and dry now: go on</ActButton>
    <ActButton kind="quiet" class="mt-2" @click="emit('leave')">Leave it for today</ActButton>
  </div>
  <StopForVet
    v-else-if="stage === 'vet' && seen?.spot && seen.sign"
    :where="seen.spot"
    :seen="seen.says"
    :sign="seen.sign"
    :then="seen.then"
    @back="afterVet"
  />
</template>
