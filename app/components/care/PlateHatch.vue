<script setup lang="ts">
/** A danger place on a care drawing: the closed hatch that stands for no blade. */
defineProps<{ d: string; hatch: string; dot: number }>()
</script>

<template>
  <g>
    <path :d="d" fill="var(--paper)" fill-opacity=".6" fill-rule="evenodd" />
    <path
      :d="d"
      :fill="`url(#${hatch})`"
      fill-rule="evenodd"
      stroke="var(--caution)"
      :stroke-width="dot * 0.17"
      stroke-linejoin="round"
    />
  </g>
</template>
