<script setup lang="ts">
import { BOXES } from '#drawing/boxes'
import type { SheetId } from '#drawing/boxes'
import { edgeOpacity, hairOpacity, isPaper, tintOpacity } from '#drawing/states'
import type { DrawnPart } from '~/workers/strokes.worker'

/**
 * The dog in ink. `states` says by patch name how densely each is drawn; `mirrored` turns a side view
 * to its other side. Small sizes want fewer, heavier strokes: give `detail`. What goes on top (places
 * to press, numbers, arrows) comes in the slot, in the drawing's own coordinates.
 */
const props = defineProps<{
  sheet: SheetId
  states: Record<string, number>
  mirrored?: boolean
  detail?: number
  /** Drawn pale: nothing is known of this dog yet. */
  pale?: boolean
  /** Part of the drawing to show, instead of all of it. */
  window?: [number, number, number, number]
  /** All of the window is shown, whatever room there is; else it fills the room. */
  whole?: boolean
}>()

const { drawing, parts, failed, again } = useDrawing(
  () => props.sheet,
  () => props.states,
  () => props.detail ?? 1,
)
/** Told where there is room for words; the places can be pressed without the hair. */
const emit = defineEmits<{ failed: [again: (() => void) | null]; drawn: [] }>()
watch(parts, (are) => are && emit('drawn'))
watch(failed, (is) => emit('failed', is ? again : null))
const box = computed(() => drawing.value?.box ?? BOXES[props.sheet])
const view = computed(() => (props.window ?? box.value).join(' '))
/** x of a mirrored view, about the middle of its box. */
const flip = computed(() => `matrix(-1 0 0 1 ${2 * box.value[0] + box.value[2]} 0)`)

const clip = useId()
const outlineOf = (edge: readonly (readonly number[])[]) =>
  `M${edge.map((p) => `${p[0]} ${p[1]}`).join('L')}Z`
const layers = computed(() => {
  let at = 0
  return (drawing.value?.layers ?? []).map((layer) => {
    if ('marks' in layer) return { marks: layer.marks }
    const drawn: DrawnPart | undefined = parts.value?.[at++]
    return { part: layer.part, edge: outlineOf(layer.part.edge), drawn }
  })
})
const TONES = {
  ink: 'var(--ink)',
  dark: 'var(--eye)',
  gloss: 'var(--gloss)',
  iris: 'var(--iris)',
  glint: 'var(--glint)',
  pad: 'var(--pad)',
}
</script>

<template>
  <svg
    :viewBox="view"
    :preserveAspectRatio="window && !whole ? 'xMidYMid slice' : undefined"
    class="block h-auto w-full overflow-visible"
    :class="{ 'opacity-50': pale }"
  >
    <g :transform="mirrored ? flip : undefined" aria-hidden="true">
      <template v-for="(layer, i) in layers" :key="i">
        <template v-if="layer.marks">
          <path
            v-for="(m, j) in layer.marks"
            :key="j"
            :d="m.d"
            :fill="TONES[m.tone]"
            :fill-opacity="m.opacity"
            :stroke="m.tone === 'dark' ? 'var(--ink)' : undefined"
            :stroke-width="m.tone === 'dark' ? 1.2 : undefined"
          />
        </template>
        <g v-else-if="layer.part" :opacity="layer.part.far ? 0.55 : undefined">
          <path
            :d="layer.edge"
            :fill="layer.part.far ? 'var(--far)' : 'var(--coat)'"
            :stroke="layer.part.halo ? `var(--${layer.part.halo})` : undefined"
            :stroke-width="layer.part.haloWidth"
            stroke-linejoin="round"
            paint-order="stroke"
          />
          <template v-if="layer.drawn">
            <clipPath v-if="layer.drawn.patches.some((p) => isPaper(p.state))" :id="`${clip}-${i}`">
              <path :d="layer.edge" />
            </clipPath>
            <template v-for="(p, n) in layer.drawn.patches" :key="p.name">
              <path
                v-if="isPaper(p.state)"
                :d="outlineOf(layer.part.patches[n]!.poly)"
                fill="var(--paper)"
                :clip-path="`url(#${clip}-${i})`"
              />
              <path v-if="p.tint" :d="p.tint" fill="var(--tint)" :fill-opacity="tintOpacity(p.state)" />
              <path :d="p.lie" fill="var(--ink)" :fill-opacity="hairOpacity(p.state)" />
              <path v-if="p.cross" :d="p.cross" fill="var(--ink)" fill-opacity=".9" />
            </template>
            <path
              v-for="edge in ['line', 'tufts'] as const"
              :key="edge"
              :d="layer.drawn[edge]"
              fill="var(--ink)"
              :fill-opacity="
                edgeOpacity(
                  layer.drawn.patches.map((p) => p.state),
                  0.92,
                )
              "
            />
          </template>
        </g>
      </template>
    </g>
    <slot v-if="drawing" :drawing="drawing" :box="box" />
  </svg>
</template>
