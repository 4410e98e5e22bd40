<script setup lang="ts">
import { isTool, stepsOf } from '#core/care/handling/ladders'
import type { HandledId } from '#core/care/handling/ladders'
import { regionOf, regionsOf } from '#core/coat/regions'
import { BOXES } from '#drawing/boxes'
import type { SheetId } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'
import { boundsOf } from '#drawing/geometry'
import type { Pt } from '#drawing/geometry'
import { HAND, TOOLS_DRAWN } from '#drawing/hand'
import { ladderStep } from '#drawing/ladder'
import { lieFrom } from '#drawing/lie'
import { regionOfPatch } from '#drawing/patch-region'

/**
 * Where the hand goes and how it lies, at a step of bringing a place or a tool along: near it, on it, round it, then
 * the tool, its noise, and strokes along the lie.
 */
const props = defineProps<{ place: Exclude<HandledId, 'table'>; step: number; build: BuildId }>()
const drawn = computed(() => ladderStep(props.place, props.step))
const region = computed(() => regionsOf(drawn.value.at)[0]!)
const sheet = computed<SheetId>(() => (region.value.view === 'side' ? props.build : region.value.view))
const drawing = useSheet(() => sheet.value)

const WIDE = 1.3
const LEAST = 430
const seen = computed(() => {
  for (const layer of drawing.value?.layers ?? []) {
    if (!('part' in layer) || layer.part.far) continue
    const patch = layer.part.patches.find(
      (x) => regionOfPatch(x.name, region.value.side ?? 'left') === region.value.id,
    )
    if (!patch) continue
    const [x0, y0, x1, y1] = boundsOf(patch.poly)
    const middle = drawn.value.on?.point ?? patch.middle!
    const close = Math.max(LEAST, (y1 - y0) * 1.9, ((x1 - x0) * 1.7) / WIDE)
    const along = drawn.value.on?.way ?? lieFrom(layer.part.arrows, 0).at(middle)
    const unit = close / 330
    // What is far off wants more paper, on the side it comes from.
    const far = Math.max(0, drawn.value.gap - 74)
    const height = close * (1 + far / 260)
    const about = [middle[0] - (along[0] * far * unit) / 2, middle[1] - (along[1] * far * unit) / 2] as const
    const [bx, by, bw, bh] = BOXES[sheet.value]
    // No more paper than there must be beside the dog.
    const within = (from: number, size: number, low: number, high: number) =>
      Math.max(low, Math.min(from, high - size))
    return {
      view: [
        within(about[0] - (height * WIDE) / 2, height * WIDE, bx - 40, bx + bw + 40),
        within(about[1] - height / 2, height, by - 30, by + bh + 14),
        height * WIDE,
        height,
      ] as [number, number, number, number],
      d: `M${patch.poly.map((p) => p.join(' ')).join('L')}Z`,
      middle,
      along,
      unit,
    }
  }
  return null
})
const STEP = computed(() => stepsOf(props.place)[props.step])
const tool = computed(() => (drawn.value.tool ? TOOLS_DRAWN[drawn.value.tool] : null))
const turn = computed(() =>
  seen.value ? (Math.atan2(seen.value.along[1], seen.value.along[0]) * 180) / Math.PI : 0,
)
const stroke = computed(() => (seen.value ? seen.value.view[2] / 190 : 2))
/** Strokes along the lie: one, several, or the whole place. */
const strokes = computed(() => {
  const s = seen.value
  if (!s || !drawn.value.strokes) return []
  const many = { 1: [0], 3: [-1, 0, 1], 5: [-2, -1, 0, 1, 2] }[drawn.value.strokes]
  const across: Pt = [-s.along[1], s.along[0]]
  return many.map((n) => {
    const at = (k: number): Pt => [
      s.middle[0] + across[0] * n * 26 * s.unit + s.along[0] * k * s.unit,
      s.middle[1] + across[1] * n * 26 * s.unit + s.along[1] * k * s.unit,
    ]
    const tip = at(58)
    const barb = (side: number) => {
      const b: Pt = [
        tip[0] - s.along[0] * 13 * s.unit + across[0] * side * 8 * s.unit,
        tip[1] - s.along[1] * 13 * s.unit + across[1] * side * 8 * s.unit,
      ]
      return b.join(' ')
    }
    return `M${at(-42).join(' ')}L${tip.join(' ')}M${barb(1)}L${tip.join(' ')}L${barb(-1)}`
  })
})
/** Something coming along the lie, so far off, in the hand's own units. */
const comes = (gap: number) =>
  seen.value
    ? `translate(${seen.value.middle[0] - seen.value.along[0] * (gap + 28) * seen.value.unit} ${seen.value.middle[1] - seen.value.along[1] * (gap + 28) * seen.value.unit}) rotate(${turn.value}) scale(${seen.value.unit * (region.value.tender || region.value.place.endsWith('foot') ? 0.8 : 1)})`
    : ''
const how = computed(() => comes(drawn.value.gap + (drawn.value.overHand ? 58 : 0)))
const under = computed(() => (drawn.value.overHand ? comes(0) : ''))
/** Waves of a noise, ahead of the tool. */
const WAVES = 'M96-22q10 22 0 44M112-32q14 32 0 64M128-42q18 42 0 84'
/** Near is a hand's breadth off, and comes closer. */
const coming = computed(() => !tool.value && drawn.value.gap > 20)
const box = computed(() => BOXES[sheet.value])
</script>

<template>
  <figure>
    <div class="faded overflow-hidden" :style="{ aspectRatio: WIDE }">
      <DogDrawing
        :sheet="sheet"
        :states="{}"
        :detail="1.3"
        :window="seen?.view ?? [...box]"
        class="!h-full !overflow-hidden"
        role="img"
        :aria-label="
          isTool(place)
            ? drawn.on
              ? `${STEP}.`
              : `${STEP}, at the ${region.label.toLowerCase()}.`
            : `${regionOf(region.id).label}: ${STEP}. The hand comes ${region.hold}.`
        "
      >
        <g v-if="seen" stroke-linejoin="round" stroke-linecap="round">
          <circle
            v-if="drawn.on"
            :cx="seen.middle[0]"
            :cy="seen.middle[1]"
            :r="9 * seen.unit"
            fill="color-mix(in srgb, var(--due) 14%, transparent)"
            stroke="var(--due)"
            :stroke-width="stroke"
          />
          <path
            v-else
            :d="seen.d"
            fill="color-mix(in srgb, var(--due) 9%, transparent)"
            stroke="var(--due)"
            :stroke-width="stroke"
          />
          <path
            v-for="d in strokes"
            :key="d"
            :d="d"
            fill="none"
            stroke="var(--due)"
            :stroke-width="stroke * 1.3"
          />
          <g v-if="under" :transform="under">
            <path :d="HAND.cuff" fill="var(--well)" stroke="var(--ink)" stroke-width="2.2" />
            <path :d="HAND.shape" fill="var(--skin)" stroke="var(--ink)" stroke-width="2.4" />
            <path :d="HAND.lines" fill="none" stroke="var(--ink)" stroke-width="1.6" />
          </g>
          <g :transform="how" :opacity="strokes.length ? 0.92 : 1">
            <template v-if="tool">
              <path :d="tool.shape" fill="var(--coat)" stroke="var(--ink)" stroke-width="2.4" />
              <path :d="tool.lines" fill="none" stroke="var(--edge)" stroke-width="1.5" />
            </template>
            <g :transform="tool ? 'translate(-52 4)' : ''">
              <path :d="HAND.cuff" fill="var(--well)" stroke="var(--ink)" stroke-width="2.2" />
              <path :d="HAND.shape" fill="var(--skin)" stroke="var(--ink)" stroke-width="2.4" />
              <path :d="HAND.lines" fill="none" stroke="var(--ink)" stroke-width="1.6" />
            </g>
            <path v-if="drawn.sound" :d="WAVES" fill="none" stroke="var(--due)" stroke-width="3" />
            <path
              v-if="coming"
              d="M78-16q7 16 0 32M92-11q5 11 0 22"
              fill="none"
              stroke="var(--due)"
              stroke-width="2.6"
            />
          </g>
        </g>
      </DogDrawing>
    </div>
    <figcaption v-if="!isTool(place)" class="mt-2 flex flex-wrap gap-x-6 text-body">
      <span
        ><i class="why">hold</i>&ensp;<b class="font-semibold">{{ region.hold }}</b></span
      >
      <span
        ><i class="why">way</i>&ensp;<b class="font-semibold">{{ region.lie }}</b></span
      >
    </figcaption>
  </figure>
</template>

<style scoped>
.faded {
  mask-image: linear-gradient(transparent, #000 7%, #000 93%, transparent);
}
</style>
