<script setup lang="ts">
definePageMeta({ middleware: 'signed-in' })
const store = useMe()
useHead({ title: 'Your account · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[1280px] px-4 pt-6 pb-8 desk:px-10">
    <div class="flex flex-wrap items-end justify-between gap-x-8 gap-y-2">
      <div class="min-w-0">
        <h1>Your account</h1>
        <p class="why mt-1 truncate">{{ store.me?.name }}, in {{ store.me?.household }}</p>
      </div>
      <ActButton to="/household" kind="quiet">Back to the household</ActButton>
    </div>
    <OwnAccount class="mt-7" of="me" :email="store.me?.email ?? ''">
      <template #all>{{
        store.me?.role === 'owner'
          ? 'The people here, letters, and of every dog its record, notes, who it was shared with, and photographs.'
          : 'What is kept of you. The dogs’ records are for an owner to save.'
      }}</template>
    </OwnAccount>
  </main>
</template>
