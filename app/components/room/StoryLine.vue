<script setup lang="ts">
import { namePlaces } from '#core/care/note/note'
import { sayDay } from '#core/record/say-day'
import type { SharedView } from '~/words/shared-view'
import { capital } from '~/words/numbers'

/** What was found at a place, numbered as on the map. */
type Story = SharedView['stories'][number]
const { story, today } = defineProps<{ story: Story; today: string }>()
const ENDED = { out: 'came out', left: 'left for you', refused: 'then refused' } as const
const tell = ({ finding, day, ended }: Story) =>
  finding === 'refused'
    ? `not allowed, last ${sayDay(day, today)}`
    : `${finding} ${sayDay(day, today)}, ${ENDED[ended]}`
</script>

<template>
  <li class="grid grid-cols-[26px_40px_1fr_auto] items-center border-b border-rule py-2">
    <span class="figure text-story text-due">{{ story.number }}</span>
    <FindingMark :finding="story.finding" :size="28" />
    <span
      ><b class="font-semibold">{{ capital(namePlaces(story, { one: '', pair: 'both ' })) }}</b
      ><br /><i class="why text-body">{{ tell(story) }}</i></span
    >
    <span>{{ story.mm }} mm</span>
  </li>
</template>
