<script setup lang="ts">
import type { WorkId } from '#core/record/tidies'

/** Before the first cut of a kind: on paper first, or put off in words. */
const props = defineProps<{ work: WorkId }>()
const { file } = useDog()
const { write } = useRehearsed(() => props.work)
const putting = ref(false)
const says = ref('')
const WHY = ['I have done this before', 'Another day']
</script>

<template>
  <section class="mt-3 border-y border-due py-3" aria-label="On paper first" data-rehearse-first>
    <h2>On paper first</h2>
    <p class="why mt-1">
      Before your first cut here. Two minutes: where may it not go, which way does the hair lie, where does
      your finger go?
    </p>
    <ActButton :to="`/dogs/${file.id}/rehearse?of=${work}`" kind="filled" class="mt-2 w-full text-lead"
      >Rehearse it on paper</ActButton
    >
    <ActButton v-if="!putting" kind="quiet" class="mt-1" data-put-off @click="putting = true"
      >Not now</ActButton
    >
    <form v-else class="mt-2" @submit.prevent="write('later', says.trim())">
      <div class="flex flex-wrap gap-1.5">
        <button
          v-for="w in WHY"
          :key="w"
          type="button"
          class="min-h-11 rounded border border-edge px-3 font-semibold"
          @click="write('later', w)"
        >
          {{ w }}
        </button>
      </div>
      <div class="mt-2 flex items-end gap-3">
        <label class="min-w-0 flex-1"
          ><span class="small block">Or in your words: why not now?</span>
          <input
            v-model="says"
            name="put-off"
            maxlength="200"
            class="h-11 w-full border-b border-edge bg-transparent"
        /></label>
        <ActButton type="submit" class="!min-h-11" :disabled="!says.trim()">Put it off</ActButton>
      </div>
    </form>
  </section>
</template>
