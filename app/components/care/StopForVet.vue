<script setup lang="ts">
import { sayWhere } from '#core/care/look/look-over'
import type { Spot } from '#core/record/spots'
import type { SignId } from '#core/record/signs'

/** Care ended by what was seen on the skin: nothing more is done there, and the vet is rung. */
const props = defineProps<{ where: Spot; seen: string; sign: SignId; then?: string | undefined }>()
const emit = defineEmits<{ back: [written: boolean] }>()
const { file } = useDog()
const { written, write, undo } = useWritten()
const writeIn = () => write({ kind: 'concern', where: props.where, seen: [props.sign] })
</script>

<template>
  <div class="max-w-[560px]" data-to-vet>
    <h1 class="flex items-start gap-3 pt-1 text-vet desk:pt-4">
      <VetMark class="mt-1 shrink-0" />Stop here and ring the vet
    </h1>
    <p class="why mt-2">
      {{ seen }}: nothing is picked, cut or put on it, and the rest of this tidy is left. What it is, the vet
      says. {{ then }}
    </p>
    <p v-if="written" class="mt-4 flex min-h-11 items-center gap-4" role="status">
      <span>{{ sayWhere(where) }}, written in. It leads Today until it is closed.</span>
      <ActButton kind="quiet" @click="undo">Undo</ActButton>
    </p>
    <ActButton v-else kind="filled" class="mt-5 w-full" @click="writeIn">Write it in</ActButton>
    <ActButton :to="`/dogs/${file.id}/look-over`" class="mt-3 w-full">What to read out to them</ActButton>
    <ActButton kind="quiet" class="mt-2" @click="emit('back', !!written)">{{
      written ? 'Back to the tidy: the rest may go on' : 'It was not so: back to the tidy'
    }}</ActButton>
  </div>
</template>
