/** Who is to say once more who they are, and what waits for it: a household's account, or a room's. */
interface Asked {
  of: 'me' | 'room'
  /** They did, or would not. */
  answer: (said: boolean) => void
}
export const saidAgain = shallowRef<Asked | null>(null)

/** Asks who they are once more, over whatever page is there. @returns whether they said */
export const askAgain = (path: string) =>
  new Promise<boolean>((answer) => {
    saidAgain.value = {
      of: path.startsWith('/api/room') ? 'room' : 'me',
      answer: (said) => {
        saidAgain.value = null
        answer(said)
      },
    }
  })
