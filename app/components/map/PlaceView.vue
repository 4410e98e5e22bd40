<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId } from '#core/coat/regions'
import { BOXES } from '#drawing/boxes'
import type { SheetId } from '#drawing/boxes'
import type { BuildId } from '#drawing/builds'
import { add, boundsOf, mul, rot, sub } from '#drawing/geometry'
import type { Pt } from '#drawing/geometry'
import { lieFrom } from '#drawing/lie'
import { regionOfPatch } from '#drawing/patch-region'

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

/** What the place is called on its sheet. */
const sheetName = computed(() => (flat.value ? region.value.place : props.region))

const WIDE = 1.22
const LEAST = 210
interface Seen {
  /** What is shown: the place in the middle, with enough round it to know where on the dog it is. */
  view: [number, number, number, number]
  d: string
  arrows: string[]
}
const drawing = useSheet(() => sheet.value)
const seen = computed<Seen | null>(() => {
  const box = BOXES[sheet.value]
  const mirror = (p: Pt): Pt => (mirrored.value ? [2 * box[0] + box[2] - p[0], p[1]] : p)
  for (const layer of drawing.value?.layers ?? []) {
    if (!('part' in layer) || layer.part.far) continue
    const patch = layer.part.patches.find(
      (x) => regionOfPatch(x.name, region.value.side ?? 'left') === props.region,
    )
    if (!patch) continue
    const [x0, y0, x1, y1] = boundsOf(patch.poly)
    const middle = patch.middle!
    const height = Math.max(LEAST, (y1 - y0) * 1.7, ((x1 - x0) * 1.7) / WIDE)
    const at = mirror(middle)
    return {
      view: [at[0] - (height * WIDE) / 2, at[1] - height / 2, height * WIDE, height],
      d: `M${patch.poly.map((p) => mirror(p).join(' ')).join('L')}Z`,
      arrows: arrowsAt(middle, lieFrom(layer.part.arrows, 0).at(middle), Math.min(60, height * 0.2)).map(
        (strokes) => strokes.map((line) => `M${line.map((p) => mirror(p).join(' ')).join('L')}`).join(''),
      ),
    }
  }
  return null
})

/** Two arrows along the lie, one each side of the place: shaft, then barb. */
function arrowsAt(middle: Pt, along: Pt, reach: number): Pt[][][] {
  return [-1, 1].map((s) => {
    const base: Pt = [
      middle[0] - along[1] * s * reach - along[0] * reach * 0.8,
      middle[1] + along[0] * s * reach - along[1] * reach * 0.8,
    ]
    const tip = add(base, mul(along, reach * 1.5))
    const barb = (turn: number) => sub(tip, mul(rot(along, turn), reach * 0.24))
    return [
      [base, tip],
      [barb(0.5), tip, barb(-0.5)],
    ]
  })
}
const stroke = computed(() => (seen.value ? seen.value.view[2] / 130 : 2))
</script>

<template>
  <div class="relative">
    <div class="faded h-full overflow-hidden">
      <DogDrawing
        :sheet="sheet"
        :states="states"
        :mirrored="mirrored"
        :window="seen?.view"
        class="!h-full !overflow-hidden"
      >
        <g v-if="seen" fill="none" stroke="var(--due)" stroke-linejoin="round" stroke-linecap="round">
          <path :d="seen.d" :stroke-width="stroke" />
          <path v-for="(a, i) in seen.arrows" :key="i" :d="a" :stroke-width="stroke * 0.8" />
        </g>
      </DogDrawing>
    </div>
    <DogDrawing
      :sheet="sheet"
      :states="{ [sheetName]: 4 }"
      :mirrored="mirrored"
      :detail="3.6"
      class="absolute right-2 bottom-0 !w-auto rounded bg-paper p-1"
      :class="flat ? '!h-[64px]' : '!h-[96px]'"
    />
  </div>
</template>

<style scoped>
.faded {
  mask-image: linear-gradient(transparent, #000 9%, #000 88%, transparent);
}
</style>
