<script setup lang="ts">
import type { CoatId } from '#core/coat/coat-types'
import { hair, ribbon, seeded } from '#drawing/ink'
import type { Pt } from '#drawing/geometry'

/** A patch of a coat type's hair, drawn, so that it can be known by looking. */
const props = defineProps<{ coat: CoatId }>()
const [W, H] = [170, 58]

function strand(p: Pt, angle: number, length: number, bend: number, width: number) {
  const [c, s] = [Math.cos(angle), Math.sin(angle)]
  const mid: Pt = [p[0] + (c * length) / 2 - s * bend, p[1] + (s * length) / 2 + c * bend]
  return hair(p, mid, [p[0] + c * length, p[1] + s * length], width)
}
const d = computed(() => {
  const random = seeded(props.coat.length * 97 + props.coat.charCodeAt(0))
  let out = ''
  const put = (n: number, make: (x: number, y: number) => string) => {
    for (let i = 0; i < n; i++) out += make(4 + random() * (W - 16), 3 + random() * (H - 10))
  }
  switch (props.coat) {
    case 'wool':
      put(95, (x, y) => {
        const r = 3.2 + random() * 2
        const turn = random() * 6.283
        const curl = Array.from({ length: 14 }, (_, i): Pt => {
          const a = turn + i * 0.42
          const k = r * (1 - i / 24)
          return [x + k * Math.cos(a), y + k * Math.sin(a)]
        })
        return ribbon(curl, (t) => 0.4 + 1.1 * Math.sin(Math.PI * t))
      })
      break
    case 'wool-cross':
      put(70, (x, y) => strand([x, y], 0.35, 13, 3, 1.3) + strand([x + 12, y + 4.5], 0.5, 13, -3, 1.3))
      break
    case 'drop':
      for (let x = 4; x < W - 4; x += 2)
        out += strand(
          [x, 3 + random() * 10],
          1.57 + (random() - 0.5) * 0.06,
          34 + random() * 12,
          (random() - 0.5) * 3,
          1.1,
        )
      break
    case 'feathered':
      put(60, (x, y) => strand([x, (y * 0.42) | 0], 0.05, 6, 0, 0.8))
      for (let x = 4; x < W - 12; x += 3)
        out += strand([x, 25 + random() * 6], 1.1, 26 + random() * 8, (random() - 0.5) * 4, 1.3)
      break
    case 'wire':
      put(80, (x, y) => strand([x, y], (random() - 0.45) * 1.3, 12 + random() * 5, 0, 1.4))
      break
    case 'double-long':
      put(260, (x, y) => strand([x, y], random() * 6, 3, 0, 0.6))
      put(62, (x, y) => strand([x, y], 0.5 + (random() - 0.5) * 0.15, 30, (random() - 0.5) * 3, 1.5))
      break
    case 'double-short':
      put(320, (x, y) => strand([x, y], random() * 6, 2.6, 0, 0.6))
      put(110, (x, y) => strand([x, y], 0.3 + (random() - 0.5) * 0.3, 9, 0, 1.1))
      break
    case 'smooth':
      put(90, (x, y) => strand([x, y], 0.05, 6, 0, 0.9))
  }
  return out
})
</script>

<template>
  <svg :viewBox="`0 0 ${W} ${H}`" class="block w-full" aria-hidden="true">
    <path :d="d" fill="var(--ink)" fill-opacity=".88" />
  </svg>
</template>
