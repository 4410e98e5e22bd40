<script setup lang="ts">
import { sayDay } from '#core/record/say-day'

/** The groomer's last word, where it is the newest of the thread. */
defineProps<{ word: { author: string; body: string; sent: string }; today: string; to: string }>()
</script>

<template>
  <section aria-label="From the groomer">
    <p class="small -my-2 flex items-center justify-between gap-3">
      <span>From {{ word.author }}, {{ sayDay(word.sent, today) }}</span>
      <ActButton :to="to" kind="quiet" class="text-ink">Reply</ActButton>
    </p>
    <p class="why line-clamp-3 break-words text-ink">{{ word.body }}</p>
  </section>
</template>
