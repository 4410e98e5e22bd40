<script setup lang="ts">
import { v7 as uuid } from 'uuid'
import { LAW } from '#core/care/cautions'
import { sayDay } from '#core/record/say-day'
import { stretchStart } from '#core/record/stretch-start'
import { timeline } from '#core/record/timeline'
import type { Attached } from '#shared/api'
import { MOST_NOTE } from '#shared/limits'

/** The note as it goes to the groomer: words, and what goes along with them. */
const { s, draft } = defineProps<{
  s: ReturnType<typeof useSharing>
  draft: ReturnType<typeof useNoteDraft>
}>()
const emit = defineEmits<{ sent: [] }>()
const { file, today } = useDog()
const record = useRecord()
const { groomer } = s
const { body, before, after } = draft

/** What goes along: the map as it stands, and photographs of this stretch. */
const withMap = ref(true)
const { shades } = useStanding(
  computed(() => 0),
  ref(null),
)
const MOST_PHOTOS = 6
const photos = computed(() => {
  const from = stretchStart(file.value, today.value)
  return timeline(file.value.entries)
    .filter((f) => f.what.kind === 'photo' && f.day >= from && f.day <= today.value)
    .slice(-MOST_PHOTOS)
})
const along = ref<string[]>([])
/** Those that stand beside a line are shown there. */
const beside = computed(() => draft.lines.value.flatMap((l) => (l.struck ? [] : l.photos)))
const others = computed(() => photos.value.filter((p) => !beside.value.includes(p.id)))
const attached = computed((): Attached | undefined => {
  const map = withMap.value ? { map: { day: today.value, shades: shades.value } } : {}
  const photographs = along.value.length ? { photographs: along.value } : {}
  return withMap.value || along.value.length ? { ...map, ...photographs } : undefined
})

const sending = ref(false)
const problem = ref('')
const noteId = uuid()
async function send() {
  sending.value = true
  problem.value = ''
  try {
    const name = groomer.value.trim()
    if (!s.live.value.length && !name) throw new Error('Say whom it is for: the groomer’s name.')
    await record.send()
    await api(`${s.base.value}/notes`, {
      method: 'POST',
      body: { id: noteId, body: body.value, ...(attached.value ? { attached: attached.value } : {}) },
    })
    if (!s.live.value.length) await s.makeLink(name)
    draft.done()
    emit('sent')
    await s.load()
  } catch (error) {
    problem.value = inWords(error, 'The words are safe here.')
  }
  sending.value = false
}
</script>

<template>
  <form @submit.prevent="send">
    <FormField
      v-if="!s.live.value.length"
      v-model="groomer"
      class="mb-4"
      label="Groomer’s name"
      maxlength="40"
      autocomplete="off"
    />
    <label class="block">
      <span class="small">In your own words, first</span>
      <textarea
        v-model="before"
        :maxlength="MOST_NOTE"
        rows="2"
        name="note-before"
        class="w-full rounded border border-rule bg-coat p-3 font-serif text-lead leading-[1.45]"
      />
    </label>
    <p class="small mt-3 mb-1">From your diary. Press a line to strike it out.</p>
    <NoteFacts v-model:along="along" :draft="draft" />
    <label class="mt-3 block">
      <span class="small">And last</span>
      <textarea
        v-model="after"
        :maxlength="MOST_NOTE"
        rows="2"
        name="note-after"
        class="w-full rounded border border-rule bg-coat p-3 font-serif text-lead leading-[1.45]"
      />
    </label>
    <p class="flex justify-between">
      <ActButton v-if="draft.changed.value" kind="quiet" @click="draft.fromStart">
        Back to the draft</ActButton
      ><span v-else />
      <span v-if="body.length > MOST_NOTE * 0.9" class="small pt-2"
        >{{ MOST_NOTE - body.length }} letters left</span
      >
    </p>
    <details class="border-t border-rule">
      <ActButton kind="quiet" tag="summary" class="cursor-pointer"
        >As {{ s.to.value }} will read it</ActButton
      >
      <p
        class="mb-3 border-l-3 border-rule pl-3 [overflow-wrap:anywhere] whitespace-pre-line"
        data-note-preview
      >
        {{ body }}
      </p>
    </details>
    <fieldset class="border-t border-rule">
      <legend class="small float-left w-full pt-2">Goes along</legend>
      <label class="clear-left flex min-h-11 w-full items-center gap-2">
        <input v-model="withMap" type="checkbox" name="with-map" class="size-5 accent-ink" />the coat map as
        it stands today
      </label>
      <div v-if="others.length" class="flex flex-wrap gap-2">
        <label v-for="p in others" :key="p.id" class="flex flex-col items-center">
          <PhotoShown :dog-id="file.id" :photo="p.id" alt="Photograph" />
          <input
            v-model="along"
            type="checkbox"
            :value="p.id"
            class="size-5 accent-ink"
            :aria-label="`Photograph of ${sayDay(p.day, today)}`"
          />
        </label>
      </div>
    </fieldset>
    <NoticeLine v-if="problem || s.problem.value" class="mt-1" marked>{{
      problem || s.problem.value
    }}</NoticeLine>
    <ActButton
      kind="filled"
      type="submit"
      class="mt-3 w-full text-lead"
      :disabled="sending || !body.trim() || body.length > MOST_NOTE"
    >
      Send to {{ s.to.value }}
    </ActButton>
    <p class="small mt-3">{{ LAW }}</p>
  </form>
</template>
