<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { BOXES } from '#drawing/boxes'
import type { SheetId } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'
import { boundsOf } from '#drawing/geometry'
import type { Pt } from '#drawing/geometry'
import { lieFrom } from '#drawing/lie'
import { regionOfPatch } from '#drawing/patch-region'
import type { Drawing } from '#drawing/plan'
import { middleOf } from '#drawing/strokes'

/** One place of the coat seen close, outlined, with arrows along the lie: which way to brush. */
const props = defineProps<{ region: RegionId; build: BuildId; shades: Partial<Record<RegionId, number>> }>()

const region = computed(() => regionOf(props.region))
const sheet = computed<SheetId>(() => (region.value.view === 'side' ? props.build : region.value.view))
const flat = computed(() => region.value.view === 'side')
const mirrored = computed(() => flat.value && region.value.side === 'right')
const states = computed(() => {
  const out: Record<string, number> = {}
  for (const [id, shade] of Object.entries(props.shades)) {
    const { place, side } = regionOf(id as RegionId)
    if (!flat.value) out[id] = shade
    else if (!side || side === (region.value.side ?? 'left')) out[place] = shade
  }
  return out
})

const WIDE = 1.22
const LEAST = 210
/** What is shown: the place in the middle, with enough round it to know where on the dog it is. */
const view = ref<[number, number, number, number]>()
interface Seen {
  d: string
  arrows: string[]
}
function seen(drawing: Drawing): Seen | null {
  const box = BOXES[sheet.value]
  const mirror = (p: Pt): Pt => (mirrored.value ? [2 * box[0] + box[2] - p[0], p[1]] : p)
  for (const layer of drawing.layers) {
    if (!('part' in layer) || layer.part.far) continue
    const patch = layer.part.patches.find((x) => regionOfPatch(x.name, region.value.side ?? 'left') === props.region)
    if (!patch) continue
    const lie = lieFrom(layer.part.arrows, 0)
    const [x0, y0, x1, y1] = boundsOf(patch.poly)
    const middle = middleOf(patch.poly)
    const height = Math.max(LEAST, (y1 - y0) * 1.7, ((x1 - x0) * 1.7) / WIDE)
    const at = mirror(middle)
    view.value = [at[0] - (height * WIDE) / 2, at[1] - height / 2, height * WIDE, height]
    const across = lie.at(middle)
    const reach = Math.min(60, height * 0.2)
    const arrows = [-1, 1].map((s) => {
      const base: Pt = [
        middle[0] - across[1] * s * reach - across[0] * reach * 0.8,
        middle[1] + across[0] * s * reach - across[1] * reach * 0.8,
      ]
      const tip: Pt = [base[0] + across[0] * reach * 1.5, base[1] + across[1] * reach * 1.5]
      const barb = (turn: number): Pt => [
        tip[0] - (across[0] * Math.cos(turn) - across[1] * Math.sin(turn)) * reach * 0.24,
        tip[1] - (across[1] * Math.cos(turn) + across[0] * Math.sin(turn)) * reach * 0.24,
      ]
      const [b, t, l, r] = [base, tip, barb(0.5), barb(-0.5)].map(mirror) as [Pt, Pt, Pt, Pt]
      return `M${b.join(' ')}L${t.join(' ')}M${l.join(' ')}L${t.join(' ')}L${r.join(' ')}`
    })
    return { d: `M${patch.poly.map((p) => mirror(p).join(' ')).join('L')}Z`, arrows }
  }
  return null
}
const stroke = computed(() => (view.value ? view.value[2] / 130 : 2))
</script>

<template>
  <div class="overflow-hidden">
    <DogDrawing v-slot="{ drawing }" :sheet="sheet" :states="states" :mirrored="mirrored" :window="view" :style="{ aspectRatio: WIDE }" class="!overflow-hidden">
      <template v-for="s in [seen(drawing)]" :key="region.id">
        <g v-if="s" fill="none" stroke="var(--due)" stroke-linejoin="round" stroke-linecap="round">
          <path :d="s.d" :stroke-width="stroke" />
          <path v-for="(a, i) in s.arrows" :key="i" :d="a" :stroke-width="stroke * 0.8" />
        </g>
      </template>
    </DogDrawing>
  </div>
</template>
