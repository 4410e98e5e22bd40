import { mkdirSync, writeFileSync } from 'node:fs'
import { fileURLToPath } from 'node:url'
import tailwindcss from '@tailwindcss/vite'
import { writeServerThreads } from './scripts/server-threads'
import { writeServiceWorker } from './scripts/offline'

const here = (path: string) => fileURLToPath(new URL(path, import.meta.url))

export default defineNuxtConfig({
  compatibilityDate: '2026-11-01',
  modules: ['@pinia/nuxt', 'nuxt-security'],
  css: ['~/assets/app.css'],
  alias: { '#core': here('./core'), '#drawing': here('./drawing') },
  devtools: { enabled: false },
  runtimeConfig: { public: { demo: false, postRoom: '' } },
  telemetry: false,
  components: [{ path: '~/components', pathPrefix: false }],
  // A dog's pages open with no network, so the device draws them; the rest is drawn by the server.
  routeRules: {
    '/dogs/**': { ssr: false },
    '/setup': { ssr: false },
    '/household': { ssr: false },
    '/account': { ssr: false },
    '/room/**': { ssr: false },
    '/join/**': { ssr: false, headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' } },
    '/room/join/**': {
      ssr: false,
      headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' },
    },
    '/l/**': { headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' } },
    '/password': { headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' } },
    '/address': { headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' } },
    '/letters': { headers: { 'X-Robots-Tag': 'noindex, nofollow', 'Cache-Control': 'no-store' } },
    '/sw.js': { headers: { 'Cache-Control': 'no-cache' } },
    '/api/**': { headers: { 'Cache-Control': 'no-store' } },
  },
  app: {
    head: {
      htmlAttrs: { lang: 'en' },
      title: 'Grumbo',
      meta: [
        { name: 'viewport', content: 'width=device-width, initial-scale=1' },
        { name: 'color-scheme', content: 'light dark' },
        { name: 'description', content: 'What to comb today, for how long, and what to tell the groomer.' },
      ],
      link: [
        { rel: 'icon', type: 'image/svg+xml', href: '/mark.svg' },
        { rel: 'manifest', href: '/grumbo.webmanifest' },
      ],
    },
  },
  hooks: {
    // scripts/weigh.mjs reads which files a page loads.
    'build:manifest'(manifest) {
      mkdirSync(here('./.nuxt'), { recursive: true })
      writeFileSync(here('./.nuxt/weigh.json'), JSON.stringify(manifest))
    },
    'nitro:build:public-assets': (nitro) => writeServiceWorker(nitro.options.output.publicDir),
    'nitro:init'(nitro) {
      nitro.hooks.hook('compiled', async () => {
        if (!nitro.options.dev) await writeServerThreads(nitro.options.output.serverDir)
      })
    },
  },
  features: { inlineStyles: false },
  experimental: {
    appManifest: false,
    payloadExtraction: false,
    renderJsonPayloads: false,
    navigationRepaint: false,
    lazyHydration: false,
    checkOutdatedBuildInterval: false,
    writeEarlyHints: false,
  },
  // Components here, and those of the libraries used, are all of the composition kind.
  vite: {
    plugins: [tailwindcss()],
    vue: { features: { optionsAPI: false } },
    // Made by calls that do nothing else: what no page uses of them is left out.
    build: {
      rollupOptions: { treeshake: { manualPureFunctions: ['createUseAsyncData', 'createUseFetch'] } },
      // The names of all files would be in the first one. Links are fetched ahead, and the service worker keeps the rest.
      modulePreload: { resolveDependencies: (_, files) => files.filter((f) => f.endsWith('.css')) },
    },
  },
  nitro: {
    serverAssets: [{ baseName: 'migrations', dir: here('./server/db/migrations') }],
    compressPublicAssets: { gzip: true },
  },
  typescript: {
    strict: true,
    tsConfig: { compilerOptions: { noUncheckedIndexedAccess: true } },
  },
  security: {
    nonce: true,
    sri: true,
    rateLimiter: false,
    xssValidator: false,
    requestSizeLimiter: false,
    corsHandler: false,
    headers: {
      // Would keep the strokes' worker from loading, and nothing here needs it.
      crossOriginEmbedderPolicy: false,
      referrerPolicy: 'no-referrer',
      contentSecurityPolicy: {
        'base-uri': ["'none'"],
        'default-src': ["'self'"],
        'connect-src': ["'self'"],
        'font-src': ["'self'"],
        'form-action': ["'self'"],
        'frame-ancestors': ["'none'"],
        // A photograph is shown from the device's own copy.
        'img-src': ["'self'", 'data:', 'blob:'],
        'object-src': ["'none'"],
        'script-src': ["'self'", "'strict-dynamic'", "'nonce-{{nonce}}'"],
        'script-src-attr': ["'none'"],
        // The charts' library writes one style sheet of its own.
        'style-src': ["'self'", "'nonce-{{nonce}}'"],
        'style-src-attr': ["'unsafe-inline'"],
        'worker-src': ["'self'"],
        // The demo is served over plain http on loopback.
        'upgrade-insecure-requests': false,
      },
      strictTransportSecurity: false,
    },
  },
})
