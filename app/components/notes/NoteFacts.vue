<script setup lang="ts">
import { ChevronDownIcon, ChevronUpIcon } from '@heroicons/vue/24/outline'

/** What the note tells, a line each: pressed it is struck out, and pressed again it is back; it goes up or down. */
const { draft } = defineProps<{ draft: ReturnType<typeof useNoteDraft> }>()
/** Photographs that go along. */
const along = defineModel<string[]>('along', { required: true })
const { file } = useDog()
const { lines } = draft
const WAYS = [
  { by: -1, says: 'Up', icon: ChevronUpIcon },
  { by: 1, says: 'Down', icon: ChevronDownIcon },
] as const
/** A line that was moved keeps the hand. */
async function move(id: string, by: -1 | 1, event: MouseEvent) {
  const button = event.currentTarget as HTMLElement
  draft.move(id, by)
  await nextTick()
  button.focus()
}
</script>

<template>
  <ul class="border-t border-ink" aria-label="From the record" data-note-facts>
    <li
      v-for="(l, i) in lines"
      :key="l.id"
      class="flex flex-wrap items-center border-b border-rule"
      :data-fact="l.id"
    >
      <button
        type="button"
        class="min-h-12 min-w-0 flex-1 py-1.5 text-left font-serif text-lead leading-snug [overflow-wrap:anywhere]"
        :class="l.struck ? 'text-ink-3 line-through' : ''"
        :aria-pressed="!l.struck"
        @click="draft.strike(l.id)"
      >
        {{ l.says }}
      </button>
      <button
        v-for="way in WAYS"
        :key="way.says"
        type="button"
        class="flex h-12 w-9 shrink-0 items-center justify-center text-ink-2 disabled:opacity-30"
        :aria-label="`${way.says}: ${l.says}`"
        :disabled="!lines[i + way.by]"
        @click="move(l.id, way.by, $event)"
      >
        <component :is="way.icon" class="size-4" />
      </button>
      <label
        v-for="photo in l.struck ? [] : l.photos"
        :key="photo"
        class="mb-2 flex basis-full items-center gap-3"
      >
        <LazyPhotoShown :dog-id="file.id" :photo="photo" :alt="`Photograph: ${l.says}`" />
        <input
          v-model="along"
          type="checkbox"
          :value="photo"
          class="size-5 accent-ink"
          :aria-label="`Photograph goes along: ${l.says}`"
        />goes along
      </label>
    </li>
  </ul>
</template>
