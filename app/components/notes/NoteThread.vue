<script setup lang="ts">
import type { Thread } from '#shared/answers'

/** What was written to and fro, the latest first. */
defineProps<{ notes: Thread['notes'] }>()
const { file } = useDog()
const { sayWhen } = useInstants()
</script>

<template>
  <p v-if="!notes.length" class="why py-3">Nothing yet.</p>
  <ol v-else>
    <li
      v-for="n in [...notes].reverse()"
      :key="n.id"
      class="border-b border-rule py-3"
      :data-author="n.author"
    >
      <p class="small flex justify-between gap-3">
        <b class="font-semibold text-ink">{{ n.author === 'owner' ? 'You' : n.authorName }}</b>
        <span
          >{{ sayWhen(n.sent) }}{{ n.author === 'owner' ? (n.read ? ', read' : ', not read yet') : '' }}</span
        >
      </p>
      <p class="mt-1 break-words whitespace-pre-line" :class="n.author === 'groomer' ? 'why text-ink' : ''">
        {{ n.body }}
      </p>
      <NoteAttached :note="n" :coat="file.profile.coat">
        <template #photo="{ id }">
          <PhotoShown :dog-id="file.id" :photo="id" alt="Photograph" />
        </template>
      </NoteAttached>
    </li>
  </ol>
</template>
