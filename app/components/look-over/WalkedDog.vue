<script setup lang="ts">
import { ROUND } from '#core/care/look/look-round'
import { SPOTS } from '#core/record/spots'
import { BOXES } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'
import type { Pt } from '#drawing/geometry'
import type { Drawing } from '#drawing/plan'

/**
 * The dog walked over from nose to tail: seven stops in order, the one in hand outlined where it
 * is looked at, those behind it inked. Numbers stand off the dog so that they hide nothing.
 */
const props = defineProps<{ build: BuildId; at: number; found: readonly number[] }>()

/** Spots with no patch of their own are looked at on these. */
const ON: Record<keyof typeof SPOTS, string> = {
  eyes: 'fringe',
  'ear-openings': 'ear',
  mouth: 'muzzle',
  pads: 'forefoot',
  nails: 'forefoot',
}
/** Each stop's leader: from the place that says it best to where its number stands, as shares of the box. */
const LEADERS: readonly { from: string; to: Pt }[] = [
  { from: 'muzzle', to: [0.02, 0.36] },
  { from: 'ear', to: [0.27, 0.02] },
  { from: 'collar-line', to: [0.1, 0.56] },
  { from: 'back', to: [0.52, 0.12] },
  { from: 'belly', to: [0.5, 0.84] },
  { from: 'foreleg', to: [0.17, 0.82] },
  { from: 'tail', to: [0.96, 0.46] },
]
const stops = (drawing: Drawing) => {
  const patches = drawing.layers.flatMap((l) => ('part' in l && !l.part.far ? l.part.patches : []))
  const [x, y, w, h] = BOXES[props.build]
  return ROUND.map((stop, i) => {
    const names = stop.where.map((s) => (s in SPOTS ? ON[s as keyof typeof SPOTS] : s))
    const mine = patches.filter((p) => names.includes(p.name))
    const outline = mine.map((p) => `M${p.poly.map((q) => `${q[0]} ${q[1]}`).join('L')}Z`).join('')
    const { from, to } = LEADERS[i]!
    const middle = (patches.find((p) => p.name === from) ?? mine[0] ?? patches[0])!.middle!
    const [sx, sy] = to
    const stands: Pt = [x + w * sx, y + h * sy]
    return { i, outline, middle, stands, label: stop.stop }
  })
}
const SIZE = 19
</script>

<template>
  <DogDrawing
    v-slot="{ drawing }"
    :sheet="build"
    :states="{}"
    role="img"
    :aria-label="
      at >= 0 && at < ROUND.length
        ? `The dog, from nose to tail. In hand: ${at + 1}, ${ROUND[at]!.stop}.`
        : 'The dog, and the seven stops from nose to tail.'
    "
  >
    <g v-for="(list, only) in [stops(drawing)]" :key="only">
      <path
        v-if="list[at]"
        :d="list[at]!.outline"
        fill="color-mix(in srgb, var(--due) 13%, transparent)"
        stroke="var(--due)"
        stroke-width="3.2"
        stroke-linejoin="round"
      />
      <g v-for="s in list" :key="s.i">
        <path
          :d="`M${s.middle[0]} ${s.middle[1]}L${s.stands[0]} ${s.stands[1]}`"
          :stroke="s.i === at ? 'var(--due)' : 'var(--edge)'"
          :stroke-width="s.i === at ? 2 : 1.2"
        />
        <circle
          :cx="s.middle[0]"
          :cy="s.middle[1]"
          :r="s.i === at ? 6 : 4"
          :fill="s.i === at ? 'var(--due)' : s.i < at ? 'var(--ink)' : 'var(--edge)'"
          stroke="var(--coat)"
          stroke-width="1.5"
        />
        <circle
          :cx="s.stands[0]"
          :cy="s.stands[1]"
          :r="SIZE"
          :fill="
            found.includes(s.i)
              ? 'var(--vet)'
              : s.i === at
                ? 'var(--due)'
                : s.i < at
                  ? 'var(--ink)'
                  : 'var(--paper)'
          "
          :stroke="found.includes(s.i) ? 'var(--vet)' : s.i <= at ? 'none' : 'var(--edge)'"
          stroke-width="2"
        />
        <text
          :x="s.stands[0]"
          :y="s.stands[1] + 8"
          text-anchor="middle"
          class="number"
          :fill="s.i <= at || found.includes(s.i) ? 'var(--paper)' : 'var(--ink-2)'"
        >
          {{ s.i + 1 }}
        </text>
      </g>
    </g>
  </DogDrawing>
</template>

<style scoped>
.number {
  font: 600 23px var(--font-serif);
  font-variant-numeric: lining-nums;
}
</style>
