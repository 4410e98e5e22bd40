<script setup lang="ts">
import { TROUBLE } from '~/words/trouble'

/** A dog that cannot be shown: there is none, or nothing of it was ever kept here. */
defineProps<{ dogId: string }>()
const record = useRecord()
</script>

<template>
  <EmptyState v-if="record.state === 'missing'" class="mx-auto max-w-md px-4 pt-24" title="No dog lives here">
    <template #why>The address is wrong, or this dog belongs to another household.</template>
    <ActButton to="/" kind="filled" class="mt-8 w-full">Back to the start</ActButton>
  </EmptyState>
  <EmptyState v-else class="mx-auto max-w-md px-4 pt-24" title="Nothing is kept here yet">
    <template #why>
      {{ record.trouble ? TROUBLE[record.trouble].says : '' }} Open this dog once with an answer from the
      server, and it opens without from then on.
    </template>
    <ActButton kind="filled" class="mt-8 w-full" @click="record.open(dogId)">Try again</ActButton>
  </EmptyState>
</template>
