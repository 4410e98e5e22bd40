/**
 * What is being written, kept on this device until it is sent. A browser that keeps nothing keeps none. The owner's and a
 * room's are apart: each goes with whoever signs out.
 */
function draftsUnder(prefix: string) {
  const quietly = <T>(what: () => T): T | null => {
    try {
      return what()
    } catch {
      // It stands on the page until it is sent.
      return null
    }
  }
  const names = () => Object.keys(localStorage).filter((name) => name.startsWith(prefix))
  return {
    kept: (of: string): string | null => quietly(() => localStorage.getItem(prefix + of)),
    /** @param text null to let it go */
    keep: (of: string, text: string | null) =>
      quietly(() =>
        text === null ? localStorage.removeItem(prefix + of) : localStorage.setItem(prefix + of, text),
      ),
    /** Whether anything of this name waits here, of whichever dog. */
    any: (ending: string): boolean => quietly(() => names().some((name) => name.endsWith(ending))) ?? false,
    drop: () => quietly(() => names().forEach((name) => localStorage.removeItem(name))),
  }
}
/** Notes, wishes and visits of an owner, and the answers of setup. */
export const ownersDrafts = draftsUnder('draft:')
/** Visits of a room that are not entered yet, and the groomer's own calendar. */
export const roomDrafts = draftsUnder('room:')

export function dropDrafts() {
  ownersDrafts.drop()
  draftsUnder('setup').drop()
}
