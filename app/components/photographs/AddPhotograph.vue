<script setup lang="ts">
import { PLACE_IDS, placeRow } from '#core/coat/regions'
import type { PlaceId } from '#core/coat/regions'
import { readPicture } from '~/offline/picture'

/** Puts a photograph, from a file or the camera, into the diary. */
const props = defineProps<{ place?: PlaceId; label?: string }>()
const emit = defineEmits<{ added: [] }>()
const { today } = useDog()
const record = useRecord()
const jpeg = shallowRef<Blob | null>(null)
const preview = ref('')
const where = ref<PlaceId | ''>('')
const says = ref('')
const problem = ref('')
const busy = ref(false)
const chooser = ref<HTMLInputElement | null>(null)

async function choose() {
  const file = chooser.value?.files?.[0]
  if (!file) return
  busy.value = true
  problem.value = ''
  try {
    jpeg.value = await readPicture(file)
    URL.revokeObjectURL(preview.value)
    preview.value = URL.createObjectURL(jpeg.value)
    where.value = props.place ?? where.value
  } catch (error) {
    problem.value = inWords(error)
  }
  busy.value = false
  if (chooser.value) chooser.value.value = ''
}
function leave() {
  URL.revokeObjectURL(preview.value)
  preview.value = ''
  jpeg.value = null
  says.value = ''
}
async function add() {
  if (!jpeg.value) return
  const words = says.value.trim()
  await record.addPicture(
    today.value,
    localTime(),
    { kind: 'photo', ...(where.value ? { place: where.value } : {}), ...(words ? { says: words } : {}) },
    jpeg.value,
  )
  leave()
  emit('added')
}
onBeforeUnmount(leave)
</script>

<template>
  <div>
    <ActButton
      v-if="!jpeg"
      tag="label"
      class="inline-flex !min-h-12 cursor-pointer items-center focus-within:outline-2 focus-within:outline-offset-2"
    >
      <input ref="chooser" type="file" name="photograph" accept="image/*" class="sr-only" @change="choose" />
      {{ busy ? 'Opening it' : (label ?? 'Add a photograph') }}
    </ActButton>
    <form v-else class="flex flex-wrap gap-4" aria-label="The photograph" @submit.prevent="add">
      <img :src="preview" alt="The picture as it will be kept" class="size-32 rounded object-cover" />
      <div class="min-w-56 flex-1">
        <div class="flex flex-wrap gap-x-5 gap-y-2">
          <PickOne
            v-model="where"
            label="Where"
            name="photo-place"
            :options="[
              { value: '', words: 'the whole dog' },
              ...PLACE_IDS.map((value) => ({ value, words: placeRow(value).plural.toLowerCase() })),
            ]"
          />
          <label class="min-w-40 flex-1">
            <span class="small block">What it shows, if you like</span>
            <input
              v-model="says"
              name="photo-says"
              maxlength="200"
              class="h-11 w-full border-b border-edge bg-transparent"
            />
          </label>
        </div>
        <div class="mt-2 flex flex-wrap gap-3">
          <ActButton kind="filled" type="submit" class="!min-h-12">Put it in the diary</ActButton>
          <ActButton class="!min-h-12" @click="leave">Leave it</ActButton>
        </div>
      </div>
    </form>
    <NoticeLine v-if="problem" class="mt-2">{{ problem }}</NoticeLine>
  </div>
</template>
