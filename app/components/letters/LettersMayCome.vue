<script setup lang="ts">
import type { LettersMay } from '#shared/answers'
import { LETTERS, POSTED } from '~/words/letters'

/** Whether letters come to one's own address, where they do not, and the way to change that. */
const props = defineProps<{ letters: LettersMay; again: string }>()
const said = ref('')
const busy = ref(false)
async function sendAgain() {
  busy.value = true
  try {
    const { posted } = await ask('postedAnswer', props.again, { method: 'POST', body: {} })
    said.value = posted === 'posted' ? 'It is on its way.' : POSTED[posted]
  } catch (error) {
    said.value = inWords(error)
  }
  busy.value = false
}
</script>

<template>
  <div v-if="LETTERS[letters]" class="border-b border-rule py-2" data-letters>
    <p class="why">{{ LETTERS[letters]?.says }}</p>
    <p v-if="said" class="small" role="status">{{ said }}</p>
    <ActButton v-else-if="LETTERS[letters]?.ask" kind="quiet" :disabled="busy" @click="sendAgain">
      {{ LETTERS[letters]?.ask }}
    </ActButton>
  </div>
</template>
