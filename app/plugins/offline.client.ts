/** From the first visit on, the program stands on the device. */
export default defineNuxtPlugin(() => {
  if (import.meta.dev || !('serviceWorker' in navigator)) return
  onNuxtReady(() => void navigator.serviceWorker.register('/sw.js').catch(() => undefined))
})
