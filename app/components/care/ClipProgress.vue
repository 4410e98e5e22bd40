<script setup lang="ts">
import { regionsClipped } from '#core/care/led/clip'
import type { ClipPartId } from '#core/care/led/clip'
import { buildOf } from '#drawing/build-of'

/** How far a clip has come, on the dog: what is still long is dark, what is clipped is pale. */
const props = defineProps<{ parts: readonly { id: ClipPartId; is: string }[] }>()
const { file } = useDog()
const LONG = 4
const states = computed(() =>
  Object.fromEntries(
    props.parts
      .filter((p) => p.is !== 'done')
      .flatMap((p) => regionsClipped(p.id).map((r) => [r as string, LONG])),
  ),
)
/** A side view knows its patches without their side. */
const of = (side: 'left' | 'right') =>
  Object.fromEntries(
    Object.entries(states.value).flatMap(([id, state]) =>
      id.endsWith('.left') || id.endsWith('.right')
        ? id.endsWith(side)
          ? [[id.replace(/\.\w+$/, ''), state]]
          : []
        : [[id, state]],
    ),
  )
const build = computed(() => buildOf(file.value.profile.coat))
const count = computed(() => props.parts.filter((p) => p.is === 'done').length)
</script>

<template>
  <figure>
    <div
      class="grid grid-cols-2 gap-3"
      role="img"
      :aria-label="`${count} of ${parts.length} parts clipped, from both sides.`"
    >
      <DogDrawing
        v-for="side in ['left', 'right'] as const"
        :key="side"
        :sheet="build"
        :states="of(side)"
        :mirrored="side === 'right'"
        :detail="1.9"
        class="max-h-[150px]"
      />
    </div>
    <figcaption class="small mt-1">
      {{ count }} of {{ parts.length }} parts clipped; dark is still long.
    </figcaption>
  </figure>
</template>
