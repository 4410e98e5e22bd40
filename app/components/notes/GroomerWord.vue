<script setup lang="ts">
import { sayDay } from '#core/record/say-day'

/** The groomer's last word, where it is the newest of the thread. */
defineProps<{ word: { author: string; body: string; sent: string }; today: string; to: string }>()
</script>

<template>
  <section aria-label="From the groomer">
    <p class="small flex justify-between gap-3">
      <span>From {{ word.author }}</span
      ><span>{{ sayDay(word.sent, today) }}</span>
    </p>
    <p class="why line-clamp-4 break-words text-ink">{{ word.body }}</p>
    <NuxtLink :to="to" class="quiet">Reply</NuxtLink>
  </section>
</template>
