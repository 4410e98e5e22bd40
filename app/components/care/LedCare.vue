<script setup lang="ts">
import { useWakeLock } from '@vueuse/core'
import { find, leaveIt, nextStep, putOff, canPutOff, refuse, stepAt, stopRun } from '#core/care/led/run'
import type { Run } from '#core/care/led/run'
import type { StepFinding } from '#core/care/led/step'
import { FEEL_THE_BLADE_MINUTES } from '#core/care/led/before-cutting'
import { looking } from '#core/care/led/works'
import type { AskedStep } from '#core/care/led/works'
import { restMinutes } from '#core/coat/minutes'
import { regionOf } from '#core/coat/regions'
import { carePart } from '#core/record/care-parts'
import type { CarePartId, LookedAt } from '#core/record/care-parts'
import type { FactOf } from '#core/record/entries'
import { MEANS } from '#core/record/means'
import type { WorkId } from '#core/record/tidies'
import { sayDay } from '#core/record/say-day'
import { careOf, isTrim, workLabel } from '~/words/care'
import type { RunStep } from './StepRun.vue'
import type { KnotSettled } from '../knot/KnotQuestions.vue'

/** One tidy or look: made ready, led step by step with what is found and where that leads, and written down. */
const props = defineProps<{ work: WorkId }>()
const { file, today } = useDog()
const { inOrder, cuts, drawings, parts, toldVet } = useWork(() => props.work)
const { led, banded, begin, go, back, pause, resume, end, minutes } = useLedRun(() => props.work)
const { seenTo, see } = useSeenTo()
const record = useRecord()

const stage = ref<'ready' | 'before' | 'run' | 'log' | 'vet' | 'knot' | 'wash'>('ready')
watch(
  () => props.work,
  () => (stage.value = 'ready'),
)
const order = computed(() => inOrder(led.value?.parts ?? parts.value))
const at = computed(() => (led.value ? stepAt(order.value, led.value.run) : 0))
const inHand = computed(() => order.value[at.value])
watch(inHand, (s) => banded(!!s?.band), { immediate: true })
/** A blade that runs is felt; a place that is combed rests in time. */
function clockOf(s: AskedStep): Pick<RunStep, 'clock'> {
  if (s.cutsWith.some((m) => /clipper|trimmer|blade|grinder/.test(m) && m !== 'nail-clipper'))
    return {
      clock: {
        minutes: FEEL_THE_BLADE_MINUTES,
        says: 'Feel the blade on your wrist: hot, and it rests.',
        off: 'It is cool',
      },
    }
  const region = /comb$/.test(s.id) ? s.on.map((p) => carePart(p).cuts).find(Boolean) : undefined
  return region
    ? {
        clock: {
          minutes: restMinutes(regionOf(region)),
          says: 'Long enough on this skin: let it rest, or it burns.',
          off: 'Rested',
        },
      }
    : {}
}
const runSteps = computed<RunStep[]>(() =>
  order.value.map((s) => ({
    id: s.id,
    act: s.act,
    how: s.how,
    cautions: s.cautions,
    asks: s.asks,
    ...(s.aside ? { aside: true } : {}),
    ...(s.band ? { band: s.band } : {}),
    ...(s.part ? { part: carePart(s.part).label } : {}),
    ...(s.cutsWith.length ? { tool: s.cutsWith.map((m) => MEANS[m]).join(', or ') } : {}),
    ...clockOf(s),
  })),
)

function start(of: readonly CarePartId[]) {
  begin(of)
  stage.value = cuts.value && !looking(props.work) && !seenTo() ? 'before' : 'run'
}
function allSeenTo() {
  see()
  stage.value = 'run'
}
/** Gone on with after the page was closed, or from where it was paused. */
function goOn() {
  resume()
  stage.value = 'run'
}
const left = ref('')
const seen = ref<StepFinding | null>(null)
function to(run: Run) {
  left.value = ''
  go(run)
  if (run.ended) stage.value = 'log'
}
const now = () => led.value!.run
function found(f: StepFinding) {
  seen.value = f
  to(find(order.value, now(), f))
  if (f.leads === 'knot') stage.value = 'knot'
  else if (f.leads === 'vet') stage.value = 'vet'
  else if (f.leads === 'wash') stage.value = 'wash'
  else if (f.leads === 'leave' && stage.value === 'run') left.value = f.then ?? ''
}
/** A knot was seen to: it is written where it was found, and the tidy goes on. */
async function knotSettled({ comfort: bore, ...settled }: KnotSettled) {
  const region = seen.value!.at!
  await record.add([
    {
      day: today.value,
      time: localTime(),
      what: { kind: 'check', region, comfort: bore ?? 'easy', ...settled },
    },
  ])
  stage.value = 'run'
  if (settled.out < settled.count) {
    to(leaveIt(order.value, now()))
    left.value = 'What was left in is not cut over: that part waits.'
  }
}
/** Back from the vet's page: the rest may go on, or it was the last; or it was not so at all. */
function afterVet(written: boolean) {
  if (!written) back()
  stage.value = now().ended ? 'log' : 'run'
}
const { written, write: writeIn, undo } = useWritten()
const { dueOf } = useCare()
async function write(what: FactOf<'tidy'>) {
  await writeIn(what)
  const care = careOf(props.work)
  const next = care ? dueOf(care) : null
  if (written.value)
    written.value.says = next ? `Next about ${sayDay(next.day, today.value)}.` : 'In the diary.'
  drop()
}
const isLook = (w: WorkId): w is WorkId & LookedAt => looking(w)
function drop() {
  end()
  stage.value = 'ready'
}
const paused = computed(() => !!led.value?.paused)
const wake = useWakeLock()
watch(stage, (s) => {
  if (!wake.isSupported.value) return
  void (s === 'run' ? wake.request('screen') : wake.release()).catch(() => undefined)
})
onBeforeUnmount(() => void wake.release().catch(() => undefined))
</script>

<template>
  <div v-if="stage === 'run' && led && inHand">
    <StepRun
      :title="workLabel(work)"
      :steps="runSteps"
      :at="at"
      :drawings="drawings.slice(0, 2)"
      :paused="paused"
      :can-back="led.before.length > 0"
      :can-put-off="canPutOff(order, led.run)"
      :left="left"
      @next="to(nextStep(order, led.run))"
      @back="((left = ''), back())"
      @put-off="to(putOff(order, led.run))"
      @stop="to(stopRun(order, led.run))"
      @refused="to(refuse(order, led.run))"
      @found="found"
      @pause="pause"
      @resume="resume"
    />
  </div>
  <BeforeCutting v-else-if="stage === 'before'" @begin="allSeenTo" @leave="drop" />
  <KnotQuestions
    v-else-if="stage === 'knot' && seen?.at"
    :region="seen.at"
    found="knot"
    class="-mx-4 min-h-[70dvh] desk:mx-auto desk:max-w-[620px]"
    @settled="knotSettled"
    @back="stage = 'run'"
  />
  <div v-else-if="stage === 'wash' && seen" class="max-w-[560px]" data-part-wash>
    <h1 class="pt-1 desk:pt-4">A part wash first</h1>
    <p class="why mt-2">{{ seen.then }} Sore, or the opening plugged: the vet today.</p>
    <ActButton :to="`/dogs/${file.id}/bath`" kind="filled" class="mt-5 w-full">To the bath</ActButton>
    <ActButton class="mt-3 w-full" @click="stage = 'run'">It is clean and dry now: go on</ActButton>
    <ActButton kind="quiet" class="mt-2" @click="stage = 'ready'">Leave it for today</ActButton>
  </div>
  <StopForVet
    v-else-if="stage === 'vet' && seen?.spot && seen.sign"
    :where="seen.spot"
    :seen="seen.says"
    :sign="seen.sign"
    :then="seen.then"
    @back="afterVet"
  />
  <LookLog
    v-else-if="stage === 'log' && led && isLook(work)"
    :work="work"
    :run="led.run"
    :parts="led.parts"
    :minutes="led.run.ended === 'done' ? minutes() : undefined"
    @write="write"
    @drop="drop"
  />
  <TidyLog
    v-else-if="stage === 'log' && led && isTrim(work)"
    :work="work"
    :run="led.run"
    :parts="led.parts.filter((p) => !toldVet.includes(p) || led!.run.did[p])"
    :minutes="led.run.ended === 'done' ? minutes() : undefined"
    @write="write"
    @drop="drop"
  />
  <TidyReady
    v-else
    :work="work"
    :resume="
      led && !led.run.ended && led.before.length
        ? { at: at + 1, of: runSteps.length, band: inHand?.band !== undefined }
        : null
    "
    :written="written"
    @start="start"
    @undo="undo"
    @go-on="goOn"
  />
</template>
