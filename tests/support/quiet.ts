import { afterEach, expect } from 'vitest'
import { Page } from './page'

/**
 * Every screen a browser test opens is held to this: the browser has nothing to complain of. No console
 * error, no policy violation, no unhandled rejection, no refused call but those the test foresaw.
 */
afterEach(async () => {
  const heard = (await Promise.all([...Page.opened].map((page) => page.complaints()))).flat()
  for (const page of Page.opened) page.foreseen = []
  expect(heard.join('\n'), 'the browser complained').toBe('')
})
