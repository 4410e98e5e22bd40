import { getRequestURL, getResponseStatus } from 'h3'
import { mayBeSignedIn } from '../access/visitor'

/**
 * A stranger's first look: the page is drawn whole by the server, and its program comes when it is first
 * touched, not before: a slow telephone is not kept busy with what nobody asked of it yet. What is pressed or
 * written meanwhile is done when the program is there. Whoever may be signed in has it at once: they go on to
 * their dog.
 */
const WAKE = `(() => {
  const touches = ['pointerdown', 'pointermove', 'keydown', 'focusin', 'wheel', 'touchstart']
  const written = new Map()
  let pressed = null, asked = false
  // A mouse that lies still over a page that moves under it touches nothing.
  const still = (event) => event?.type === 'pointermove' && !event.movementX && !event.movementY
  const wake = (event) => {
    if (asked || still(event)) return
    asked = true
    for (const later of document.querySelectorAll('script[data-program]')) {
      const now = document.createElement('script')
      for (const { name, value } of later.attributes) if (name !== 'type' && name !== 'data-program') now.setAttribute(name, value)
      now.nonce = later.nonce
      now.type = 'module'
      later.replaceWith(now)
    }
  }
  const hold = (event) => {
    const at = event.type === 'submit' ? event.target : event.target.closest('button, [role=radio]')
    if (!at) return
    event.preventDefault()
    event.stopImmediatePropagation()
    pressed = [event.type, at]
    wake()
  }
  const note = ({ target }) => written.set(target, target.value)
  for (const touch of touches) addEventListener(touch, wake, { capture: true, passive: true })
  addEventListener('click', hold, true)
  addEventListener('submit', hold, true)
  addEventListener('input', note, true)
  // Photographs come with the program, and so do the days of whoever is not where the household is.
  const daysIn = document.querySelector('[data-days-in]')?.dataset.daysIn
  const elsewhere = daysIn && daysIn !== Intl.DateTimeFormat().resolvedOptions().timeZone
  if (elsewhere || document.querySelector('[data-wants-program]')) addEventListener('load', wake)
  window.grumboWoken = () => {
    for (const touch of touches) removeEventListener(touch, wake, true)
    removeEventListener('click', hold, true)
    removeEventListener('submit', hold, true)
    removeEventListener('input', note, true)
    for (const [field, value] of written) {
      field.value = value
      field.dispatchEvent(new Event('input', { bubbles: true }))
    }
    if (!pressed) return
    const [how, at] = pressed
    if (how === 'submit') at.requestSubmit()
    else at.click()
  }
})()`

/** It was fetched by whoever previews links, too: read is what somebody has before their eyes. */
const READ = `if (document.visibilityState === 'visible')
  fetch('/api/shared/read', {
    method: 'POST',
    headers: { 'content-type': 'application/json', authorization: 'Bearer ' + location.pathname.slice(3) },
    body: '{}',
  }).catch(() => {})`

/** Pages that stand without their program. */
const STANDS = /^\/(?:l\/[\w-]{20,60})?$/
const PROGRAM = /<script(?=[^>]*\bsrc="\/_nuxt\/)([^>]*?) type="module"/g
const FETCHED_BEFORE = /<link(?=[^>]*\brel="(?:modulepreload|prefetch)")(?=[^>]*\.js")[^>]*>/g

export default defineNitroPlugin((nitro) => {
  nitro.hooks.hook('render:html', (html, { event }) => {
    const { pathname } = getRequestURL(event)
    if (!STANDS.test(pathname) || mayBeSignedIn(event)) return
    const later = (part: string) =>
      part.replace(PROGRAM, '<script$1 type="text/plain" data-program').replace(FETCHED_BEFORE, '')
    html.head = html.head.map(later)
    html.bodyAppend = html.bodyAppend.map(later)
    html.bodyAppend.unshift(`<script>${WAKE}</script>`)
    if (pathname !== '/' && getResponseStatus(event) === 200) html.bodyAppend.push(`<script>${READ}</script>`)
  })
})
