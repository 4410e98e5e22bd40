import { cacheNames } from 'workbox-core'
import { cleanupOutdatedCaches, matchPrecache, precacheAndRoute } from 'workbox-precaching'
import { registerRoute } from 'workbox-routing'
import { CacheFirst, NetworkOnly } from 'workbox-strategies'

/**
 * Keeps the program on the device, so that it opens with no signal. Everything that was built is kept
 * at once, and one empty page that draws itself from what the device knows. What is asked of the
 * server goes to the server: records wait in the device's own store, not here.
 */
declare const self: ServiceWorkerGlobalScope
/** Put in when it is built: every file, and what it was when it was built. */
declare const FILES: { url: string; revision: string | null }[]
/** Built files that are left out of it. */
declare const RARE: string[]
/** The page that draws itself. Any dog's would do: the server sends the same for all. */
declare const SHELL: string

/** How long a page may take before the kept one is shown, s (judgement). */
const PATIENCE = 4

/** Routes that the browser follows by itself; not every browser has them, and no list of types yet. */
interface RoutedInstall extends ExtendableEvent {
  addRoutes?(
    rules: { condition: { urlPattern: string }; source: 'fetch-event' | { cacheName: string } }[],
  ): Promise<void>
}
self.addEventListener('install', (event: RoutedInstall) => {
  void self.skipWaiting()
  // What is kept from the start the browser takes from there by itself, where it can: a page is some forty files, and
  // none is asked for here. Where it cannot, or knows other rules, each is, as without them.
  event
    .addRoutes?.([
      ...RARE.map((file) => ({ condition: { urlPattern: file }, source: 'fetch-event' as const })),
      { condition: { urlPattern: '/_nuxt/*' }, source: { cacheName: cacheNames.precache } },
    ])
    .catch(() => undefined)
})
/** What was not kept at once, but when it was first wanted. A new build has its own. */
const WANTED = 'wanted'
self.addEventListener('activate', (event) =>
  event.waitUntil(caches.delete(WANTED).then(() => self.clients.claim())),
)
cleanupOutdatedCaches()
precacheAndRoute(FILES)

// What was not kept at once, such as the charts, is kept when it was first wanted; its name changes with it.
registerRoute(
  ({ url }) => url.origin === self.location.origin && url.pathname.startsWith('/_nuxt/'),
  new CacheFirst({ cacheName: WANTED }),
)

const online = new NetworkOnly({ networkTimeoutSeconds: PATIENCE })
registerRoute(
  ({ request, url }) => request.mode === 'navigate' && /^\/($|dogs\/|setup$|household$)/.test(url.pathname),
  async (context) => {
    try {
      const response = await online.handle(context)
      if (response.status < 500) return response
    } catch {
      // No signal, or none worth the name.
    }
    return (await matchPrecache(SHELL)) ?? Response.error()
  },
)
