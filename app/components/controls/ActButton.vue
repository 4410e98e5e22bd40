<script setup lang="ts">
/**
 * Something to press: filled for the one act that is due, plain beside it, quiet as underlined words.
 * A link where it leads to a page, a label or a summary where the browser has the part. In a form only
 * what says it submits does.
 */
const {
  kind = 'plain',
  tag = 'button',
  type = 'button',
} = defineProps<{
  kind?: 'filled' | 'plain' | 'quiet'
  to?: string | { path: string; query?: Record<string, string | number> }
  tag?: 'button' | 'a' | 'label' | 'summary'
  type?: 'button' | 'submit'
}>()
const CLASSES = { filled: 'act act-filled', plain: 'act act-plain', quiet: 'quiet' }
</script>

<template>
  <NuxtLink v-if="to" :to="to" :class="CLASSES[kind]"><slot /></NuxtLink>
  <component :is="tag" v-else :type="tag === 'button' ? type : undefined" :class="CLASSES[kind]"
    ><slot
  /></component>
</template>
