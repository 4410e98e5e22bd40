<script setup lang="ts">
import { stepAt } from '#core/care/led/run'
import type { StepClock } from '#core/care/led/step'
import { FEEL_THE_BLADE } from '#core/care/led/before-cutting'
import { looking } from '#core/care/led/works'
import type { AskedStep } from '#core/care/led/works'
import { restMinutes } from '#core/coat/minutes'
import { regionOf } from '#core/coat/regions'
import { carePart } from '#core/record/care-parts'
import type { CarePartId } from '#core/record/care-parts'
import type { LookedAt } from '#core/record/look-outcomes'
import type { FactOf } from '#core/record/entries'
import { isTrim } from '#core/record/tidies'
import type { WorkId } from '#core/record/tidies'
import { sayDay } from '#core/record/say-day'
import { careOf, workLabel } from '~/words/care'

/** One tidy or look: made ready, led step by step with what is found and where that leads, and written down. */
const props = defineProps<{ work: WorkId }>()
const { today } = useDog()
const { inOrder, cuts, drawings, parts, toldVet } = useWork(() => props.work)
const runner = useLedRun(() => props.work)
const { led, banded, begin, resume, end, minutes } = runner
const { seenTo, see } = useSeenTo()
const stage = ref<'ready' | 'before' | 'run' | 'log'>('ready')
watch(
  () => props.work,
  () => (stage.value = 'ready'),
)
const order = computed(() => inOrder(led.value?.parts ?? parts.value))
const at = computed(() => (led.value ? stepAt(order.value, led.value.run) : 0))
const inHand = computed(() => order.value[at.value])
watch(inHand, (s) => banded(!!s?.band), { immediate: true })
/** A blade that runs is felt; a place that is combed rests in time. */
function clockOf(s: AskedStep): StepClock | undefined {
  if (s.cutsWith.some((m) => /clipper|trimmer|blade|grinder/.test(m) && m !== 'nail-clipper'))
    return FEEL_THE_BLADE
  const region = /comb$/.test(s.id) ? s.on.map((p) => carePart(p).cuts).find(Boolean) : undefined
  return region
    ? {
        minutes: restMinutes(regionOf(region)),
        says: 'Long enough on this skin: let it rest, or it burns.',
        off: 'Rested',
      }
    : undefined
}

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
</script>

<template>
  <LedRun
    v-if="stage === 'run' && led"
    :title="workLabel(work)"
    :order="order"
    :runner="runner"
    :called="(p) => carePart(p).label"
    :drawings="() => drawings.slice(0, 2)"
    :clock="clockOf"
    wash-at="rear"
    @ended="stage = 'log'"
    @leave="stage = 'ready'"
  />
  <BeforeCutting v-else-if="stage === 'before'" @begin="allSeenTo" @leave="drop" />
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
        ? { at: at + 1, of: order.length, band: inHand?.band !== undefined }
        : null
    "
    :written="written"
    @start="start"
    @undo="undo"
    @go-on="goOn"
  />
</template>
