<script setup lang="ts">
/** A link that was just made, shown this once: to be given by hand, or as a code for a room. */
const { made } = defineProps<{ made: { link: string; code: string; mailed: string }; to: string }>()
const copied = ref(false)
async function copy() {
  await navigator.clipboard.writeText(made.link).then(
    () => (copied.value = true),
    () => (copied.value = false),
  )
}
</script>

<template>
  <div class="border-l-3 border-due pl-3">
    <p class="font-semibold">Give {{ to }} this link</p>
    <p class="small">
      It opens with no account and is shown this once. Anyone who has it can read and answer.
    </p>
    <p v-if="made.mailed" class="small" role="status" data-mailed>{{ made.mailed }}</p>
    <p class="mt-1 flex items-center gap-3">
      <LinkShown :link="made.link" class="flex-1" label="The link" data-link />
      <ActButton kind="quiet" @click="copy">{{ copied ? 'Copied' : 'Copy' }}</ActButton>
    </p>
    <p class="mt-2">
      Or, for a room of theirs, this code: <b class="figure text-story" data-code>{{ made.code }}</b>
      <span class="small block">It serves once and runs out in two weeks.</span>
    </p>
  </div>
</template>
