<script setup lang="ts">
import type { CarePanel } from '#drawing/care/panel'
import { CARE_TONES, SIGN_COLOURS } from '~/words/care-tones'

/** The ink of a care drawing, the signs over it and their numbers; inside another drawing. */
const props = defineProps<{
  panel: CarePanel
  hatch: string
  dot: number
  /** The ink alone: what is asked on paper has its signs taken off. */
  bare?: boolean
}>()
const thin = computed(() => props.dot * 0.17)
</script>

<template>
  <g>
    <defs>
      <pattern
        :id="hatch"
        :width="dot * 0.62"
        :height="dot * 0.62"
        patternUnits="userSpaceOnUse"
        patternTransform="rotate(-45)"
      >
        <path :d="`M0 0H${dot}`" stroke="var(--caution)" :stroke-width="dot * 0.34" />
      </pattern>
    </defs>
    <path
      v-for="(k, i) in panel.inks"
      :key="i"
      :d="k.d"
      :fill="CARE_TONES[k.tone]"
      :fill-opacity="k.opacity"
    />
    <template v-if="!bare">
      <PlateHatch
        v-for="(d, i) in panel.dangers"
        :key="`d${i}`"
        :d="d.d"
        :hatch="hatch"
        :dot="dot"
        :data-danger="d.id"
      />
      <g v-for="(t, i) in panel.trims" :key="`t${i}`" fill="none">
        <path :d="t" stroke="var(--coat)" :stroke-width="thin * 2.6" stroke-opacity=".8" />
        <path
          :d="t"
          stroke="var(--due)"
          :stroke-width="thin * 1.5"
          :stroke-dasharray="`${dot * 0.9} ${dot * 0.6}`"
        />
      </g>
      <path
        v-for="(s, i) in panel.stops"
        :key="`s${i}`"
        :d="s"
        fill="none"
        stroke="var(--caution)"
        :stroke-width="thin * 1.4"
        stroke-linecap="round"
      />
      <path
        v-for="(a, i) in panel.arrows"
        :key="`a${i}`"
        :d="a"
        fill="none"
        stroke="var(--due)"
        :stroke-width="thin * 1.2"
        stroke-linecap="round"
        stroke-linejoin="round"
      />
      <template v-for="(k, n) in panel.keys" :key="k.words">
        <g v-for="(p, i) in k.at" :key="i">
          <path
            :d="`M${p.join(' ')}L${k.badges[i]!.join(' ')}`"
            :stroke="SIGN_COLOURS[k.kind]"
            :stroke-width="thin * 0.8"
          />
          <circle :cx="p[0]" :cy="p[1]" :r="dot * 0.16" :fill="SIGN_COLOURS[k.kind]" />
          <PlateBadge :at="k.badges[i]!" :dot="dot" :colour="SIGN_COLOURS[k.kind]">{{ n + 1 }}</PlateBadge>
        </g>
      </template>
    </template>
    <slot />
  </g>
</template>
