/** A note being written, kept on this device until it is sent. A browser that keeps nothing keeps none. */
const key = (dogId: string) => `draft:${dogId}`

export function keptDraft(dogId: string): string | null {
  try {
    return localStorage.getItem(key(dogId))
  } catch {
    return null
  }
}
/** @param text null to let it go */
export function keepDraft(dogId: string, text: string | null) {
  try {
    if (text === null) localStorage.removeItem(key(dogId))
    else localStorage.setItem(key(dogId), text)
  } catch {
    // It stands on the page until it is sent.
  }
}

/** Notes being written and answers of setup go with whoever signs out. */
export function dropDrafts() {
  try {
    for (const name of Object.keys(localStorage))
      if (name.startsWith(key('')) || name === 'setup') localStorage.removeItem(name)
  } catch {
    // A browser that keeps nothing has none.
  }
}
