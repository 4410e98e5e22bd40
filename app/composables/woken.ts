declare global {
  /** Set by a page that waits for a hand, see server/plugins/first-look.ts. */
  var grumboWoken: (() => void) | undefined
}

/** The page stood without its program: what was pressed and written meanwhile is done. */
export const useWoken = () => onMounted(() => globalThis.grumboWoken?.())
