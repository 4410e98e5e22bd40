<script setup lang="ts">
import type { WishLine } from '#core/record/wish-lines'
import { whereKey, whereLabel } from '#core/record/wishes'

/** The lengths of a wish hung to one scale; where the groomer would leave less, a line in rust, and pale what goes. */
const props = defineProps<{
  lines: readonly WishLine[]
  /** The groomer's own length, mm, by line. */
  rather: ReadonlyMap<string, number>
}>()
const [TOP, WIDTH, ROOM] = [24, 500, 150]
const shown = computed(() => props.lines.filter((l) => l.mm !== undefined).slice(0, 6))
const most = computed(() =>
  Math.max(20, ...shown.value.flatMap((l) => [l.mm!, props.rather.get(whereKey(l)) ?? 0])),
)
const each = computed(() => WIDTH / Math.max(1, shown.value.length))
const y = (mm: number) => TOP + (mm / most.value) * ROOM
const cols = computed(() =>
  shown.value.map((l, i) => {
    const x = i * each.value + 4
    const to = props.rather.get(whereKey(l))
    const strands = (from: number, upTo: number) =>
      Array.from({ length: 11 }, (_, k) => {
        const at = x + 3 + k * 4.4
        const end = upTo - ((k * 13) % 7) * 0.02 * (upTo - TOP)
        if (end <= from) return ''
        return `M${at.toFixed(1)} ${from.toFixed(1)}q${((k % 3) - 1) * 1.6} ${((end - from) / 2).toFixed(1)} 0 ${(end - from).toFixed(1)}`
      }).join('')
    const kept = to === undefined ? l.mm! : Math.min(to, l.mm!)
    return {
      key: whereKey(l),
      x,
      label: whereLabel(l).split(' and ')[0]!,
      mm: l.mm!,
      to,
      keeps: strands(TOP, y(kept)),
      goes: to !== undefined && to < l.mm! ? strands(y(to), y(l.mm!)) : '',
      cut: to === undefined ? null : y(to),
    }
  }),
)
const ticks = computed(() => {
  const by = most.value > 80 ? 50 : most.value > 40 ? 20 : 10
  return Array.from({ length: Math.floor(most.value / by) }, (_, i) => (i + 1) * by)
})
</script>

<template>
  <figure v-if="cols.length">
    <figcaption class="flex items-baseline justify-between gap-4">
      <h2>The lengths, to one scale</h2>
      <span v-if="rather.size" class="small">rust is the groomer’s; pale goes</span>
    </figcaption>
    <svg :viewBox="`0 -22 540 ${TOP + ROOM + 32}`" class="mt-1 w-full" fill="none" aria-hidden="true">
      <path :d="`M0 ${TOP}h${WIDTH}`" stroke="var(--ink)" stroke-width="1.500" />
      <g v-for="c in cols" :key="c.key">
        <text :x="c.x" y="12" font-size="15" fill="var(--ink)">
          <tspan font-weight="600">{{ c.label }}</tspan>
        </text>
        <text :x="c.x" y="-6" font-size="14" fill="var(--ink-2)">
          {{ c.mm }}
          <tspan v-if="c.to !== undefined" dx="5" font-weight="600" fill="var(--due)">{{ c.to }}</tspan>
        </text>
        <path :d="c.goes" stroke="var(--edge)" stroke-width="1" opacity="0.700" />
        <path :d="c.keeps" stroke="var(--ink)" stroke-width="1.700" stroke-linecap="round" />
        <path v-if="c.cut !== null" :d="`M${c.x - 2} ${c.cut}h54`" stroke="var(--due)" stroke-width="2.500" />
      </g>
      <g v-for="t in ticks" :key="t">
        <path :d="`M${WIDTH} ${y(t)}h8`" stroke="var(--ink)" />
        <text :x="WIDTH + 11" :y="y(t) + 4" font-size="12" fill="var(--ink-2)">{{ t }}</text>
      </g>
    </svg>
  </figure>
</template>
