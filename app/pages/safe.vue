<script setup lang="ts">
import { KEPT_SAFE } from '~/words/kept-safe'

/** What keeps an account and a diary safe, for whoever asks before they trust it. */
useHead({ title: 'How it is kept safe · Grumbo' })
</script>

<template>
  <main class="mx-auto max-w-[880px] px-4 pt-5 pb-8 desk:px-10">
    <NuxtLink to="/" class="font-serif text-title font-medium">Grumbo</NuxtLink>
    <h1 class="mt-8">How it is kept safe</h1>
    <p class="why mt-2">What stands between your account, your dog’s diary and everybody else.</p>
    <section v-for="part in KEPT_SAFE" :key="part.of" :aria-label="part.of" class="mt-7">
      <h2 class="border-b border-ink pb-1">{{ part.of }}</h2>
      <dl>
        <div
          v-for="[what, how] in part.rows"
          :key="what"
          class="border-b border-rule py-2 desk:grid desk:grid-cols-[140px_1fr] desk:gap-4"
        >
          <dt class="why">{{ what }}</dt>
          <dd>{{ how }}</dd>
        </div>
      </dl>
    </section>
  </main>
</template>
