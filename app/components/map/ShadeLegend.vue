<script setup lang="ts">
import { SHADE_IDS } from '#core/record/odds'
import { hair, seeded } from '#drawing/ink'

/** The states of a coat, from lying open to knotting, each a little patch of its hair. */
const props = defineProps<{
  /** Some of it nobody has met. */
  unmet?: boolean
}>()
const MANNERS = [
  { n: 9, w: 0.9, cross: 0 },
  { n: 18, w: 1.1, cross: 0 },
  { n: 32, w: 1.3, cross: 0 },
  { n: 46, w: 1.5, cross: 0.3 },
  { n: 62, w: 1.7, cross: 0.55 },
  { n: 18, w: 1.1, cross: 0 },
]
const swatches = MANNERS.map(({ n, w, cross }, i) => {
  const random = seeded(40 + i)
  let d = ''
  for (let k = 0; k < n; k++) {
    const a = random() * 6.283
    const r = Math.sqrt(random())
    const [x, y] = [26 + 19 * r * Math.cos(a), 15 + 9 * r * Math.sin(a)]
    const turn =
      0.45 + (random() - 0.5) * 0.3 + (random() < cross ? (random() < 0.5 ? -1 : 1) * (0.6 + random()) : 0)
    const [dx, dy] = [5.5 * Math.cos(turn), 5.5 * Math.sin(turn)]
    d += hair([x - dx, y - dy], [x + (random() - 0.5) * 1.5, y + (random() - 0.5) * 1.5], [x + dx, y + dy], w)
  }
  return d
})
const WORDS: Record<(typeof SHADE_IDS)[number], string> = {
  open: 'lies open',
  combed: 'combed',
  filling: 'filling',
  catching: 'catching',
  knotting: 'knotting',
  unmet: 'not met yet',
}
const shown = computed(() => SHADE_IDS.filter((id) => props.unmet || id !== 'unmet'))
</script>

<template>
  <ul class="flex flex-wrap gap-x-5 gap-y-1" aria-label="What the strokes mean">
    <li v-for="(id, i) in shown" :key="id" class="flex items-center gap-2 text-ink-2">
      <svg width="52" height="30" aria-hidden="true">
        <ellipse cx="26" cy="15" rx="24" ry="13" fill="var(--coat)" />
        <ellipse
          v-if="i === 3 || i === 4"
          cx="26"
          cy="15"
          rx="19"
          ry="10"
          fill="var(--tint)"
          :opacity="i === 4 ? 0.4 : 0.2"
        />
        <path :d="swatches[i]" fill="var(--ink)" :fill-opacity="id === 'unmet' ? 0.3 : 0.9" />
      </svg>
      {{ WORDS[id] }}
    </li>
  </ul>
</template>
