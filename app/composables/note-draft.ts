import { standingAdvice } from '#core/care/note/advice'
import { draftNote } from '#core/care/note/note'
import { placeRow } from '#core/coat/regions'
import { keepDraft, keptDraft } from '~/offline/drafts'
import { askFrom, sayAsk } from '~/words/ask'

/** A note to the groomer as it is written: drafted from the record, the owner's once they change it, kept here until it is sent. */
export function useNoteDraft() {
  const { file, today } = useDog()
  const route = useRoute()
  const router = useRouter()
  const fromRecord = computed(() => draftNote(file.value, today.value))
  const body = ref('')

  /** Asked for on another page: an ask of what if, or about an instruction for home. */
  function asked(): string {
    const about = standingAdvice(file.value, today.value).find((a) => a.id === route.query.about)
    if (!about) return sayAsk(askFrom(route.query)) ?? ''
    const where = about.place ? ` of the ${placeRow(about.place).plural.toLowerCase()}` : ''
    return `You said${where}: “${about.says}” `
  }
  onMounted(async () => {
    body.value = keptDraft(file.value.id) ?? fromRecord.value
    const ask = asked()
    if (!ask) return
    if (!body.value.includes(ask)) body.value = `${body.value}\n${ask}`.trim()
    // Once is enough.
    await router.replace({ query: {} })
  })
  watch(body, (text) => keepDraft(file.value.id, text === fromRecord.value ? null : text))
  // What another device wrote comes in while this is open; what the owner changed stays as they put it.
  watch(fromRecord, (now, before) => {
    if (body.value === before) body.value = now
  })
  return {
    body,
    changed: computed(() => body.value !== fromRecord.value),
    /** As the record has it again. */
    fromStart: () => (body.value = fromRecord.value),
    /** It was sent: nothing of it is kept here. */
    done: () => keepDraft(file.value.id, null),
  }
}
