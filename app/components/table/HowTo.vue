<script setup lang="ts">
/** The method, folded away under the act. Line combing as most groomers teach it. */
const STEPS = [
  'Walked and toileted first. A steady, raised, non-slip place; gear off; never left alone up there.',
  'Let the tool be sniffed, lay its back on the coat, then use it. Mist a long coat; do not brush it bone dry.',
  'Hold the coat up so that a line of skin shows. Brush the hair below the line, ends first, in light pats that lift off the skin. Move the line a finger’s width.',
  'Then the comb, wide end and fine end, to the skin. A place is done when the comb glides.',
  'No scissors at a knot: skin tents up into them. A mat is the groomer’s.',
  'Stop while it is still pleasant. A place refused is done another day.',
]
</script>

<template>
  <ol>
    <li v-for="(step, i) in STEPS" :key="i" class="grid grid-cols-[26px_1fr] border-t border-rule py-2">
      <span class="figure text-ink-2">{{ i + 1 }}</span>
      <span>{{ step }}</span>
    </li>
  </ol>
</template>
