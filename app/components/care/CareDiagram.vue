<script setup lang="ts">
import { DOT } from '#drawing/care/panel'
import type { CareKey } from '#drawing/care/panel'
import { regionOf } from '#core/coat/regions'
import { showsOn } from '#drawing/care/which'
import { SIGN_COLOURS } from '~/words/care-tones'
import { sayMark } from '~/words/truths'

/**
 * Drawings of where hair comes off and where never a blade: one at a time, each with numbers, and the
 * words to the numbers beside it, in the order they are read aloud.
 */
const props = defineProps<{ names: string[]; mirrored?: boolean }>()
const shown = ref(0)
watch(
  () => props.names.join(),
  () => (shown.value = 0),
)
const panel = useCareDrawing(() => props.names[shown.value] ?? props.names[0]!)
/** What each drawing is called, before it is there. */
const CALLED: Record<string, string> = {
  face: 'Face',
  eye: 'The eye, close',
  foot: 'Foot',
  pads: 'Between two pads',
  ear: 'Ear',
  rear: 'Rear',
  underside: 'Underneath',
  teeth: 'Why no clipper',
  flank: 'From the side',
  nail: 'Nails',
  drying: 'The order',
  parting: 'A line of skin',
  rake: 'The lines',
  carding: 'Carding',
  clip: 'The passes',
}
const VIEWS: Record<string, string> = {
  'foot-below': 'From below',
  'foot-side': 'From the side',
  'foot-above': 'From above',
  'muzzle-side': 'Muzzle, side',
  'muzzle-front': 'Muzzle, front',
}
const called = (name: string) => VIEWS[name] ?? CALLED[name.split('-')[0]!] ?? name

/** Standing marks of this dog that show on it, by letters: numbers belong to the drawing. */
const { file } = useDog()
const marks = computed(() =>
  (file.value.profile.marks ?? [])
    .flatMap((m) => {
      const at = panel.value?.places?.[m.region] ?? panel.value?.places?.[regionOf(m.region).place]
      return at || showsOn(props.names[shown.value] ?? '', regionOf(m.region).place)
        ? [{ says: sayMark(m), at }]
        : []
    })
    .map((m, i) => ({ ...m, letter: String.fromCharCode(65 + i) })),
)
const hatch = useId()
const size = computed(() => (panel.value ? Math.max(panel.value.box[2], panel.value.box[3]) : 400))
const dot = computed(() => size.value * DOT)
/** What never comes to a hatched place. */
const never = computed(() => {
  const of = (props.names[shown.value] ?? '').split('-')[0]
  return of === 'drying' ? 'air' : of === 'rake' ? 'a rake' : 'a blade'
})
const SAYS: Record<CareKey['kind'], string> = { danger: 'Never here', trim: 'Trim', look: 'Look' }
const described = computed(() =>
  [
    ...(panel.value?.keys ?? []).map((k, i) => `${i + 1}. ${SAYS[k.kind]}: ${k.words}`),
    ...marks.value.map((m) => `${m.letter}. On ${file.value.profile.name}: ${m.says}.`),
  ].join(' '),
)
</script>

<template>
  <figure>
    <div v-if="names.length > 1" class="mb-2 flex flex-wrap gap-x-4" role="group" aria-label="Which drawing">
      <button
        v-for="(name, i) in names"
        :key="name"
        class="min-h-11 border-b-[2.5px] text-body"
        :class="i === shown ? 'border-due font-semibold' : 'border-transparent text-ink-2'"
        :aria-pressed="i === shown"
        @click="shown = i"
      >
        {{ called(name) }}
      </button>
    </div>
    <div v-if="panel" class="relative" data-diagram>
      <component
        :is="panel.over ? 'div' : 'svg'"
        v-bind="panel.over ? {} : { viewBox: panel.box.join(' ') }"
        class="mx-auto block max-h-[46vh] w-full"
        role="img"
        :aria-label="`${panel.title}. ${described}`"
      >
        <DogDrawing
          v-if="panel.over"
          :sheet="panel.over"
          :states="{}"
          :detail="1.6"
          :window="panel.box"
          whole
          class="!h-auto max-h-[46vh] !overflow-hidden"
        >
          <CareSigns :panel="panel" :hatch="hatch" :dot="dot">
            <PlateBadge
              v-for="m in marks.filter((one) => one.at)"
              :key="m.letter"
              :at="m.at!"
              :dot="dot"
              colour="var(--caution)"
              filled
              :data-mark-at="m.letter"
              >{{ m.letter }}</PlateBadge
            >
          </CareSigns>
        </DogDrawing>
        <CareSigns v-else :panel="panel" :hatch="hatch" :dot="dot" />
      </component>
    </div>
    <div v-else class="min-h-60" role="status"><p class="why">Drawing it</p></div>
    <figcaption v-if="panel" class="mt-3">
      <b class="block font-serif text-lead font-medium">{{ panel.title }}</b>
      <ol class="mt-1 border-t border-rule desk:columns-2 desk:gap-6" aria-hidden="true">
        <li
          v-for="(k, i) in panel.keys"
          :key="k.words"
          class="grid break-inside-avoid grid-cols-[26px_1fr] border-b border-rule py-1.5 text-body"
        >
          <b class="font-semibold" :style="{ color: SIGN_COLOURS[k.kind] }">{{ i + 1 }}</b>
          <span
            :class="k.kind === 'danger' ? 'font-semibold text-caution' : k.kind === 'trim' ? 'text-due' : ''"
            >{{ k.words }}</span
          >
        </li>
        <li
          v-for="m in marks"
          :key="m.letter"
          class="grid break-inside-avoid grid-cols-[26px_1fr] border-b border-rule py-1.5 text-body font-semibold text-caution"
          data-mark-row
        >
          <b>{{ m.letter }}</b><span>On {{ file.profile.name }}: {{ m.says }}. Cover it, or go round.</span>
        </li>
      </ol>
      <p class="small mt-1 flex flex-wrap gap-x-4" aria-hidden="true">
        <span v-if="panel.dangers.length"><span class="text-caution">hatched</span>: never {{ never }}</span
        ><span v-if="panel.trims.length"><span class="text-due">dashed</span>: trim here</span
        ><span v-if="panel.arrows.length"><span class="text-due">arrows</span>: the way</span>
      </p>
    </figcaption>
  </figure>
</template>
