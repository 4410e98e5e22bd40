/** The newest note of a thread, if the groomer wrote it; null when there is none or no signal. */
export async function lastWord(dogId: string) {
  try {
    const { notes } = await ask('threadAnswer', `/api/dogs/${dogId}/notes`)
    const last = notes.at(-1)
    return last?.author === 'groomer'
      ? { author: last.authorName, body: last.body, sent: dayOfInstant(last.sent) }
      : null
  } catch {
    return null
  }
}
