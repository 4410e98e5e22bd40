<script setup lang="ts">
import type { RegionId } from '#core/coat/regions'

/** A place's story wherever it is tapped: as it stands today, looking to the next session. */
defineProps<{ region: RegionId }>()
const { file, today } = useDog()
const { chances, shades, plan } = useStanding(
  computed(() => minutesOn(file.value, today.value)),
  ref(null),
)
const combAtTable = useCombAtTable()
</script>

<template>
  <LazyPlaceStory
    :region="region"
    :chance="chances[region]"
    :shade="shades[region]"
    :until="plan.until"
    @comb="combAtTable([region])"
  />
</template>
