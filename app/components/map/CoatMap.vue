<script setup lang="ts">
import { regionOf } from '#core/coat/regions'
import type { RegionId, Side } from '#core/coat/regions'
import type { BuildId } from '#drawing/builds'
import { BOXES } from '#drawing/boxes'
import type { SheetId } from '#drawing/boxes'
import type { Pt } from '#drawing/geometry'
import { regionOfPatch } from '#drawing/patch-region'
import type { Drawing } from '#drawing/plan'
import { placePlates } from './plates'
import type { Plate } from './plates'

/**
 * The coat map: four views of the dog, each place to be pressed, walked by arrow keys, and read out
 * with how it stands. Denser hair means a mat is nearer.
 */
const props = defineProps<{
  build: BuildId
  /** State to draw each region in, 0 to 4. */
  shades: Partial<Record<RegionId, number>>
  /** How a region stands, in words: "catching, 1 in 12". */
  say: (region: RegionId) => string
  plates?: Plate[]
  compact?: boolean
  pale?: boolean
}>()
const picked = defineModel<RegionId | null>('picked', { default: null })

const VIEWS = [
  { id: 'left', label: 'Left side', short: 'Left' },
  { id: 'right', label: 'Right side', short: 'Right' },
  { id: 'under', label: 'Underneath', short: 'Under' },
  { id: 'head', label: 'Head', short: 'Head' },
] as const
const view = ref<(typeof VIEWS)[number]['id']>('left')
const side = computed<Side>(() => (view.value === 'right' ? 'right' : 'left'))
const flat = computed(() => view.value === 'left' || view.value === 'right')
const sheet = computed<SheetId>(() =>
  view.value === 'under' || view.value === 'head' ? view.value : props.build,
)

const states = computed(() => {
  const out: Record<string, number> = {}
  for (const [id, shade] of Object.entries(props.shades)) {
    const { place, side: its } = regionOf(id as RegionId)
    if (!flat.value) out[id] = shade
    else if (!its || its === side.value) out[place] = shade
  }
  return out
})

interface Spot {
  id: RegionId
  d: string
  middle: Pt
  patches: Pt[][]
}
/** The regions of this view, each once, in the order of the map. */
function spotsOf(drawing: Drawing, box: readonly number[]): Spot[] {
  const mirror = (p: Pt): Pt => (view.value === 'right' ? [2 * box[0]! + box[2]! - p[0], p[1]] : p)
  const found = new Map<RegionId, { patches: Pt[][]; middle: Pt }>()
  for (const layer of drawing.layers) {
    if (!('part' in layer) || layer.part.far) continue
    for (const patch of layer.part.patches) {
      const id = regionOfPatch(patch.name, side.value)
      if (!id || props.shades[id] === undefined) continue
      const patches = [...(found.get(id)?.patches ?? []), patch.poly.map(mirror)]
      found.set(id, { patches, middle: mirror(patch.middle!) })
    }
  }
  return [...found].map(([id, { patches, middle }]) => ({
    id,
    patches,
    middle,
    d: patches.map((poly) => `M${poly.map((p) => `${p[0]} ${p[1]}`).join('L')}Z`).join(''),
  }))
}

const drawn = ref(false)
const drawAgain = shallowRef<(() => void) | null>(null)
const stop = ref<RegionId | null>(null)
const paths = ref<Record<string, SVGPathElement>>({})
const KEYS: Record<string, Pt> = {
  ArrowUp: [0, -1],
  ArrowDown: [0, 1],
  ArrowLeft: [-1, 0],
  ArrowRight: [1, 0],
}
/** Arrows go to the nearest place that way; Enter and Space pick it. */
function walk(event: KeyboardEvent, spots: Spot[], at: Spot) {
  if (event.key === 'Enter' || event.key === ' ') {
    event.preventDefault()
    picked.value = at.id
    return
  }
  const way = KEYS[event.key]
  if (!way) return
  event.preventDefault()
  const cost = (s: Spot) => {
    const [dx, dy] = [s.middle[0] - at.middle[0], s.middle[1] - at.middle[1]]
    const along = dx * way[0] + dy * way[1]
    return along > 4 ? along + 2.2 * Math.abs(dx * way[1] - dy * way[0]) : Infinity
  }
  const next = spots.filter((s) => s !== at && cost(s) < Infinity).sort((a, b) => cost(a) - cost(b))[0]
  if (!next) return
  stop.value = next.id
  void nextTick(() => paths.value[next.id]?.focus())
}

const plateList = (spots: Spot[], box: readonly [number, number, number, number]) =>
  placePlates(
    (props.plates ?? []).flatMap((plate) => {
      const spot = spots.find((s) => regionOf(s.id).place === plate.place)
      return spot ? [{ ...plate, middle: spot.middle }] : []
    }),
    box,
    flat.value ? side.value : null,
    props.compact ? 0.72 : 1,
    props.compact,
  )

/** Picking a place from a list shows the view that shows it best. */
watch(picked, (id) => {
  if (!id) return
  const region = regionOf(id)
  stop.value = id
  if (region.view !== 'side') view.value = region.view
  else if (region.side) view.value = region.side
  else if (!flat.value) view.value = 'left'
})
</script>

<template>
  <div class="relative">
    <div class="relative">
      <!-- Drawn by the server, until ours is there. -->
      <slot v-if="!drawn" name="standing" :box="BOXES[sheet].join(' ')" />
      <DogDrawing
        v-slot="{ drawing, box }"
        :sheet="sheet"
        :states="states"
        :mirrored="view === 'right'"
        :pale="pale"
        :class="flat ? 'max-h-[540px]' : compact ? 'max-h-[300px]' : 'max-h-[540px]'"
        @failed="(how) => (drawAgain = how)"
        @drawn="drawn = true"
      >
        <template v-for="(spots, only) in [spotsOf(drawing, box)]" :key="only">
          <g role="group" :aria-label="`Coat map, ${VIEWS.find((v) => v.id === view)!.label}`">
            <path
              v-for="(spot, i) in spots"
              :key="spot.id"
              :ref="(el) => (paths[spot.id] = el as SVGPathElement)"
              role="button"
              :data-region="spot.id"
              :aria-label="`${regionOf(spot.id).label}, ${say(spot.id)}`"
              :aria-pressed="picked === spot.id"
              :tabindex="(stop && spots.some((s) => s.id === stop) ? stop === spot.id : i === 0) ? 0 : -1"
              :d="spot.d"
              fill="transparent"
              class="spot"
              :class="{ picked: picked === spot.id }"
              @click="picked = spot.id"
              @focus="stop = spot.id"
              @keydown="walk($event, spots, spot)"
            />
          </g>
          <g
            v-for="p in plateList(spots, box)"
            :key="p.number"
            class="pointer-events-none"
            aria-hidden="true"
          >
            <path
              :d="`M${p.from[0]} ${p.from[1]}L${p.to[0] - (p.leftward ? -10 : 10)} ${p.to[1]}H${p.to[0]}`"
              fill="none"
              stroke="var(--ink)"
              stroke-width="1"
            />
            <circle
              :cx="p.from[0]"
              :cy="p.from[1]"
              r="4.5"
              fill="var(--due)"
              stroke="var(--coat)"
              stroke-width="1.5"
            />
            <text
              :x="p.to[0] + (p.leftward ? -7 : 7)"
              :y="p.to[1] + 8"
              :text-anchor="p.leftward ? 'end' : 'start'"
              class="plate"
              :class="{ compact }"
            >
              <template v-if="compact">{{ p.number }}</template>
              <template v-else-if="p.leftward"
                ><tspan class="name">{{ p.label }}</tspan> <tspan dx="5">{{ p.number }}</tspan></template
              >
              <template v-else
                ><tspan>{{ p.number }}</tspan> <tspan dx="5" class="name">{{ p.label }}</tspan></template
              >
            </text>
          </g>
        </template>
      </DogDrawing>
    </div>
    <NoticeLine v-if="drawAgain" class="flex min-h-11 flex-wrap items-center gap-x-4">
      The map could not be drawn. <ActButton kind="quiet" @click="drawAgain()">Try again</ActButton>
    </NoticeLine>
    <!-- After the dog: what it is built of weighs more than the rest of the map. -->
    <LazyMapViews
      v-model="view"
      :views="VIEWS.map((v) => ({ id: v.id, words: compact ? v.short : v.label }))"
      class="absolute top-0"
      :class="compact ? '-right-2' : 'left-0'"
    />
  </div>
</template>

<style scoped>
.spot:hover {
  fill: color-mix(in srgb, var(--due) 9%, transparent);
}
.spot:focus-visible,
.spot.picked {
  stroke: var(--due);
  stroke-width: 3.5;
  stroke-linejoin: round;
  outline: none;
}
.spot:focus-visible {
  stroke: var(--ink);
}
.plate {
  font: 500 24px var(--font-serif);
  font-variant-numeric: lining-nums;
  fill: var(--due);
  paint-order: stroke;
  stroke: var(--paper);
  stroke-width: 5px;
  stroke-linejoin: round;
}
.plate.compact {
  font-size: 40px;
}
.plate .name {
  font-size: 20px;
  font-style: italic;
  fill: var(--ink);
}
</style>
